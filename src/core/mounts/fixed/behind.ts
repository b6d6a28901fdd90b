import type { Found } from '../../carriers/carrier';
import { screw, screwDiameter } from '../../materials/screws';
import { spacingMinimums } from '../../mechanics/fasteners/spacing-minimums';
import type { Back, FixedMount } from '../../plan/types';
import { mm, phrase } from '../../units/phrase';
import type { Millimetres } from '../../units/quantity';
import type { Behind, HeldByScrews, Hole } from '../held';

type Place = FixedMount['places'][number];

/** Why a screw's place on the back itself will not do. */
export type PlaceFault =
	{ kind: 'edge' | 'end' | 'neighbour'; has: Millimetres; needs: Millimetres } | { kind: 'hole' | 'between' };

/** A screw and a hole nearer than this meet. */
const CLEAR: Millimetres = 2;

/** Too near to an end or an edge of the board it is in; between battens it is in none. */
function fromEnds(
	{ width, height, made }: Pick<Back, 'width' | 'height' | 'made'>,
	{ x, y }: Place,
	size: FixedMount['screws']['size']
): PlaceFault | undefined {
	const upright = made.kind === 'battens';
	// The weight goes along the grain of a batten, and across that of a board.
	const least = spacingMinimums(screw(size), { acrossGrain: !upright, drilled: true });
	const batten = upright ? made.at.find((at) => Math.abs(x - at) <= made.width / 2) : undefined;
	if (upright && batten === undefined) return { kind: 'between' };
	const aside = batten === undefined || !upright ? Math.min(x, width - x) : made.width / 2 - Math.abs(x - batten);
	const [end, edge] = upright ? [Math.min(y, height - y), aside] : [aside, Math.min(y, height - y)];
	if (end < least.end - 0.01) return { kind: 'end', has: end, needs: least.end };
	return edge < least.edge - 0.01 ? { kind: 'edge', has: edge, needs: least.edge } : undefined;
}

/**
 * Each screw's place on its back: far enough from ends and edges, from the other screws before it, and clear of what is
 * bored there.
 * @returns one for each place; undefined where nothing is wrong
 * @example placeFaults(back, { screws, places: [{ x: 300, y: 2 }] }, [])[0]?.kind // 'edge'
 */
export function placeFaults(
	back: Pick<Back, 'width' | 'height' | 'made'>,
	{ screws, places }: Pick<FixedMount, 'screws' | 'places'>,
	holes: readonly Hole[]
): (PlaceFault | undefined)[] {
	const least = spacingMinimums(screw(screws.size), { acrossGrain: true, drilled: true });
	const D = screwDiameter(screws.size);
	const near = (has: Millimetres, needs: Millimetres) => has < needs - 0.01;
	/** Those beside each other lie across the load, those over each other along it. */
	const meets = (a: Place, b: Place) => near(Math.abs(a.x - b.x), least.across) && near(Math.abs(a.y - b.y), least.end);
	return places.map((p, i) => {
		const off = fromEnds(back, p, screws.size);
		if (off) return off;
		const other = places.slice(0, i).find((o) => meets(p, o));
		if (other)
			return {
				kind: 'neighbour',
				has: Math.hypot(p.x - other.x, p.y - other.y),
				needs: Math.min(least.across, least.end)
			};
		if (holes.some((h) => Math.hypot(p.x - h.x, p.y - h.y) < (D + h.diameter) / 2 + CLEAR)) return { kind: 'hole' };
		return undefined;
	});
}

/** A fault in words. */
export function placeWords(f: PlaceFault): Found['message'] {
	if (!('has' in f)) return phrase(f.kind === 'hole' ? 'meets a hole in the back' : 'stands between the battens');
	const values = { has: mm(Math.max(0, f.has)), needs: mm(f.needs) };
	switch (f.kind) {
		case 'end':
			return phrase('{has} from the end of the back, at least {needs}', values);
		case 'edge':
			return phrase('{has} from the edge of the back, at least {needs}', values);
		case 'neighbour':
			return phrase('{has} from the next screw, at least {needs}', values);
	}
}

/** What a back has behind it that is screwed to the wall: nothing. It lies flat. */
export function fixedBehind(back: Back, held: HeldByScrews): Behind {
	return {
		rear: 0,
		parts: [],
		features: [],
		hook: { from: 0, to: 0 },
		hookScrews: [],
		inBack: { name: 'a screw into the wall', size: held.screws.size, places: held.places },
		warnings: (holes) => {
			const faults = placeFaults(back, held, holes).filter((f) => f !== undefined);
			if (held.places.length === 0)
				return [{ level: 'stop', field: 'places', message: phrase('No screw holds it: put some in') }];
			const { made } = back;
			const loose =
				made.kind === 'battens'
					? made.at.filter((x) => !held.places.some((p) => Math.abs(p.x - x) <= made.width / 2))
					: [];
			return [
				...loose.map((x): Found => ({
					level: 'stop',
					field: 'places',
					message: phrase('The batten at {x@tape} has no screw', { x: mm(x) })
				})),
				...faults.map((f): Found => ({
					level: 'mind',
					field: 'places',
					message: phrase(`A screw counts for nothing: ${placeWords(f).text}`, placeWords(f).values)
				}))
			];
		}
	};
}

/** Screws into the wall for a back: two at each of some places along it, near its top and its foot. */
export function twoAt(
	back: Pick<Back, 'height' | 'made'>,
	xs: readonly Millimetres[],
	size: FixedMount['screws']['size']
): Place[] {
	const upright = back.made.kind === 'battens';
	const { end } = spacingMinimums(screw(size), { acrossGrain: !upright, drilled: true });
	const inset = Math.min(back.height / 4, Math.max(25, Math.ceil(end) + 1));
	return xs.flatMap((x) => [
		{ x, y: inset },
		{ x, y: back.height - inset }
	]);
}
