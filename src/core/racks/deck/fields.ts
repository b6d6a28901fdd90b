import { screwChoice, lagChoice } from '../driven-fields';
import { choiceField, groupField, lengthField, lengthsField, wholeField, type ValuesOf } from '../../form/field';
import { type Load } from '../../carriers/carrier';
import { boardField } from '../../carriers/plate';
import { STRAPS } from '../../materials/steel';
import { stock } from '../../materials/stocks';
import { inch, type Millimetres } from '../../units/quantity';

const along = (label: string, least: number, start: readonly [number[], number[]], hint?: string) =>
	lengthsField(label, { min: -1500, max: 7500, least, most: 24 }, start, hint ? { hint } : {});

export const deckFields = {
	width: lengthField('Along the wall', 300, 6000, [1600, inch(63)]),
	depth: lengthField('Out from the wall', 200, 1500, [790, inch(31)]),
	frame: boardField('Frame, on edge', ['44x94', '2x4']),
	sheet: boardField('Deck'),
	apart: lengthField('Members, apart at most', 150, 1000, [400, inch(16)]),
	joint: groupField('Screws of each joint', {
		size: screwChoice('#10'),
		length: lengthField('Length', 40, 160, [100, inch(3.5)], { hint: 'Through the rail into the end of a member' }),
		count: wholeField('How many', 1, 4, 2)
	}),
	layers: wholeField('Bins on each other', 1, 6, 1),
	lip: lengthField('Lip along the front', 0, 200, [20, inch(0.75)]),
	ledger: groupField('Ledger on the wall', {
		lag: lagChoice('Lag', ['8 mm', '3/8']),
		length: lengthField('Length', 40, 300, [120, inch(4.5)]),
		at: along('Its lags, from the left', 1, [
			[200, 600, 1000, 1400],
			[inch(7.5), inch(23.5), inch(39.5), inch(55.5)]
		])
	}),
	hangers: groupField('Hangers', {
		at: along('From the left', 1, [
			[100, 800, 1500],
			[inch(4), inch(31.5), inch(59)]
		]),
		strap: choiceField(
			'Strap',
			STRAPS.map((s) => ({ value: s.id, name: s.title })),
			['strap-30', 'strap-1']
		),
		hole: lengthField('Hole in it', 3, 25, [9, inch(0.375)]),
		bolt: lengthField('Bolt into the deck', 4, 20, [8, inch(0.3125)]),
		lag: lagChoice('Lag into the spreader', ['8 mm', '3/8']),
		into: lengthField('Its length in the wood', 10, 140, [38, inch(1.5)])
	}),
	spreader: groupField('Spreader under the joists', {
		stock: boardField('Of, lying flat', ['44x94', '2x4']),
		beyond: lengthField('Past the deck, at each end', 0, 1200, [0, 0]),
		lag: lagChoice('Lag', ['8 mm', '3/8']),
		length: lengthField('Length', 60, 300, [130, inch(5)]),
		at: along('Its lags, from the left end of the deck', 1, [
			[200, 600, 1000, 1400],
			[inch(7.5), inch(23.5), inch(39.5), inch(55.5)]
		]),
		each: wholeField('At each place', 1, 4, 2),
		board: lengthField('Ceiling board between', 0, 60, [0, 0])
	})
};
export type DeckParams = ValuesOf<typeof deckFields>;

/** Bins side by side and one before another at most: what is smaller than that is no bin. */
export const MOST = { columns: 20, rows: 6 } as const;

/** The frame's section, and its members by their middles along it. */
export function frameOf(p: DeckParams) {
	const { thickness: t, width: high } = stock(p.frame);
	const n = Math.max(1, Math.ceil((p.width - t) / p.apart));
	return {
		t,
		high,
		members: Array.from({ length: n + 1 }, (_, i) => t / 2 + (i * (p.width - t)) / n),
		top: high + stock(p.sheet).thickness
	};
}

/** Bins side by side, and one before another. */
export function gridOf(p: DeckParams, load: Load | undefined) {
	const [wide, deep] = [load?.width ?? p.width, load?.depth ?? p.depth];
	const fits = (room: Millimetres, size: Millimetres, most: number) =>
		Math.min(most, Math.max(1, Math.floor(room / size)));
	const [columns, rows] = [fits(p.width, wide, MOST.columns), fits(p.depth, deep, MOST.rows)];
	const [px, pz] = [p.width / columns, p.depth / rows];
	return { columns, rows, px, pz, wide, deep };
}
