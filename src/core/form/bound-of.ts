import type { NumberField } from './field';

/** The nearest value that a field takes. @example boundOf(lengthField('Span', 50, 4000), 20) // 50 */
export const boundOf = ({ min, max }: Pick<NumberField, 'min' | 'max'>, value: number): number =>
	Math.min(max, Math.max(min, value));
