import type { DeckHold } from '../../../carriers/hold';
import { type DeckFrame } from '../../../mechanics/statics/deck-frame';
import type { RackPlaced } from '../../../places/rack/place';
import { newtons, phrase } from '../../../units/phrase';
import { weightOf, type Newtons } from '../../../units/quantity';
import { type SumLine } from '../../../verdict/check';

/** The deck with what stands on it, as statics see it; distances out are from the face on the wall. */
export function deckFrameOf(p: RackPlaced, hold: DeckHold): DeckFrame {
	const seats = p.built.seats.filter((s) => s.carrier === p.holder.carriers[0]?.id);
	const load = seats[0]?.load;
	const depth = load?.depth ?? 0;
	const seen = new Set<string>();
	const places = seats.flatMap((s) => {
		const key = `${s.at[0]} ${s.at[2]}`;
		if (seen.has(key)) return [];
		seen.add(key);
		return [{ x: s.at[0], z: s.at[2] + depth / 2 }];
	});
	return {
		width: hold.width,
		hangLine: hold.hangLine,
		hangers: hold.hangers.at,
		own: { weight: weightOf(p.built.self.mass), z: p.built.self.at[2] },
		stacks: {
			places,
			weight: weightOf(load?.mass ?? 0),
			high: hold.layers,
			count: seats.reduce((n, s) => n + s.things.length, 0)
		}
	};
}

/** How what a hanger, a stud, a joist has comes about. */
export const placing = (label: string, d: DeckFrame, result: Newtons, how: string): SumLine => ({
	label,
	sum: phrase(
		`{o} of wood and ${d.stacks.count} bins of {b} where they weigh most on it: ${how}, each bin by its place`,
		{ o: newtons(d.own.weight), b: newtons(d.stacks.weight) }
	),
	result: newtons(result)
});
