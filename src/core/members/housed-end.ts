import { stock, type StockId } from '../materials/stocks';
import { mm, newtons, phrase, stress } from '../units/phrase';
import type { Millimetres, Newtons } from '../units/quantity';
import { defineMember, type MemberLoad, type MemberStep } from './member';

/**
 * The end of a board that lies in a housing of its side: it bears on the floor of that, over a strip as wide as the
 * housing is deep. Glue counts for nothing.
 */
export interface HousedEndData {
	kind: 'housed-end';
	/** 'shelf'. */
	name: string;
	stock: StockId;
	side: StockId;
	/** Of the housing, into the side. */
	deep: Millimetres;
	/** Along the housing, out from the back. */
	long: Millimetres;
}

/** Its data. */
export const housedEndOf = (data: Omit<HousedEndData, 'kind'>): HousedEndData => ({ kind: 'housed-end', ...data });

const sum = (loads: readonly MemberLoad[]): Newtons => loads.reduce((all, l) => all + l.weight, 0);

/**
 * How long a stretch of the housing takes it, and how much more its worst end does than the middle: all of it counted
 * where whatever is furthest from the middle of the housing stands. Within its middle third all of it bears, past that
 * only three times what is left to the end.
 */
function bearing(d: HousedEndData, loads: readonly MemberLoad[]) {
	const off = Math.max(0, ...loads.map((l) => Math.abs(l.z - d.long / 2)));
	const e = Math.min(off, d.long / 2 - 1);
	if (e <= d.long / 6) return { e, length: d.long, peak: 1 + (6 * e) / d.long };
	return { e, length: 3 * (d.long / 2 - e), peak: 2 };
}

/** The most that presses on a millimetre of it. */
function pressed(d: HousedEndData, loads: readonly MemberLoad[]) {
	const { e, length, peak } = bearing(d, loads);
	const W = sum(loads);
	return { W, e, length, peak, p: (W * peak) / (length * d.deep) };
}

export const housedEndMember = defineMember<HousedEndData>({
	kind: 'housed-end',
	measure: (d, loads) => (loads.length === 0 ? 0 : pressed(d, loads).p),
	steps(d, loads): MemberStep[] {
		const { W, e, length, peak, p } = pressed(d, loads);
		if (W === 0) return [];
		const softer = [stock(d.stock), stock(d.side)].reduce((a, b) => (b.FcPerp < a.FcPerp ? b : a));
		return [
			{
				key: `${d.name} end-housed`,
				title: `${d.name}: its ends in their housings`,
				source: `NDS 2018 Fc⊥; ${softer.source}`,
				reason: phrase(`the ${d.name} crushes the floor of its housing`),
				demand: stress(p),
				capacity: stress(softer.FcPerp),
				lines: () => [
					{ label: 'on one end', sum: phrase('things pushed to it, and its own wood'), result: newtons(W) },
					{
						label: 'off its middle',
						sum: phrase('the furthest from {m}, the middle of the housing', { m: mm(d.long / 2) }),
						result: mm(e)
					},
					{
						label: 'presses',
						sum: phrase('{f} × {W} / ({l} × {d}): more at one end of it than in the middle', {
							f: { value: peak, dim: 'ratio' },
							W: newtons(W),
							l: mm(length),
							d: mm(d.deep)
						}),
						result: stress(p)
					},
					{ label: 'allowed', sum: phrase('the softer of both boards'), result: stress(softer.FcPerp) }
				]
			}
		];
	}
});
