import { formatLength } from './format-length';
import { formatQuantity, type Quantity } from './format-quantity';
import type { LengthUnit } from './parse-length';

/**
 * Words with quantities in them, kept apart so that they can be said in inches or millimetres: `{name}` stands for a
 * value.
 */
export interface Phrase {
	text: string;
	values: Record<string, Quantity | string>;
}

/** A phrase from its text and values. @example phrase('screw at {x}', { x: mm(830) }) */
export function phrase(text: string, values: Record<string, Quantity | string> = {}): Phrase {
	return { text, values };
}

export const mm = (value: number): Quantity => ({ value, dim: 'length' });
/** A sag, a dent, a play: finer than a tape shows. */
export const fine = (value: number): Quantity => ({ value, dim: 'fine-length' });
export const newtons = (value: number): Quantity => ({ value, dim: 'force' });
export const ratio = (value: number): Quantity => ({ value, dim: 'ratio' });
export const count = (value: number): Quantity => ({ value, dim: 'count' });
export const stress = (value: number): Quantity => ({ value, dim: 'stress' });
export const moment = (value: number): Quantity => ({ value, dim: 'moment' });
export const angle = (degrees: number): Quantity => ({ value: (degrees * Math.PI) / 180, dim: 'angle' });
export const perLength = (value: number): Quantity => ({ value, dim: 'force-per-length' });
export const hours = (value: number): Quantity => ({ value, dim: 'hours' });
export const mass = (value: number): Quantity => ({ value, dim: 'mass' });

/**
 * Says a phrase in the user's unit. `{name}` writes the quantity; `{name@tape}` rounds a length to the tape, as for a
 * place on the wall. A quantity with its unit that stands under a power is put in brackets: (18 mm)², which is not 18
 * mm².
 * @example sayPhrase(phrase('stud {x@tape}', { x: mm(830.4) }), 'mm') // 'stud 830 mm'
 */
export function sayPhrase(p: Phrase, unit: LengthUnit): string {
	return p.text.replace(/\{(\w+)(@tape)?\}([²³]|\^\d)?/g, (all, name: string, tape?: string, power = '') => {
		const value = p.values[name];
		if (value === undefined) return all;
		if (typeof value === 'string') return value + power;
		const said = tape && value.dim === 'length' ? formatLength(value.value, unit) : formatQuantity(value, unit);
		return power && !/^[\d.]+$/.test(said) ? `(${said})${power}` : said + power;
	});
}
