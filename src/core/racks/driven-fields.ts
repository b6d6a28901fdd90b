import { choiceField } from '../form/field';
import { LAGS, type LagSize } from '../materials/lags';
import { SCREWS, type ScrewSize } from '../materials/screws';
import type { Millimetres } from '../units/quantity';
import { ascending } from './boards-on';

/** A screw to choose. @example screwChoice('#10') */
export const screwChoice = (start: ScrewSize) =>
	choiceField(
		'Screw',
		SCREWS.map(({ size: value, title: name }) => ({ value, name })),
		start
	);

/** A lag to choose. @example lagChoice('Lag', ['8 mm', '1/4']) */
export const lagChoice = (label: string, start: readonly [mm: LagSize, inch: LagSize]) =>
	choiceField(
		label,
		LAGS.map((l) => ({ value: l.size, name: l.title })),
		start
	);

/** Do any two of some places stand nearer to each other than this? @example nearer([0, 30, 40], 20) // true */
export const nearer = (xs: readonly Millimetres[], by: Millimetres): boolean =>
	ascending(xs).some((x, i, all) => i > 0 && x - (all[i - 1] as number) < by);
