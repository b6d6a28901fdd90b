import type { SpeciesId } from '../../materials/woods';
import type { Obstruction, Stud, Wall } from '../../plan/types';
import { tallest, topAt } from '../outline';
import type { Millimetres } from '../../units/quantity';
import type { FoundLive } from './join-heights';
import type { ProvedPiece } from './retrain';

/** What a scan cannot tell of studs. */
export interface Unseen {
	depth: Millimetres;
	species: SpeciesId;
}

/** Room about a live stretch: it is felt from farther off than it runs. */
const least = (size: number) => Math.max(10, size);

function studOf(p: ProvedPiece, id: string, { depth, species }: Unseen, width: Millimetres): Stud {
	return {
		id,
		x: Math.max(0, Math.min(width, Math.round(p.x * 10) / 10)),
		width: Math.round(p.width),
		depth,
		species,
		...(Math.abs(p.lean) >= 0.3 ? { lean: Math.round(p.lean * 10) / 10 } : {}),
		...(p.plies === 2 ? { plies: 2 as const } : {}),
		found: {
			how: p.proof === 'wood' ? 'pilot' : 'scanner',
			confidence: p.confidence,
			error: p.error,
			marks: p.marks.filter((m) => m.x >= 0 && m.x <= width)
		}
	};
}

/**
 * A wall with the studs of a scan in place of those it had, but for what was added to it, and with pipes and live
 * stretches as things hidden in it. A stretch that is already known is not put in twice.
 * @param pieces to take
 * @param newId gives ids
 */
export function takeScan(
	wall: Wall,
	pieces: readonly ProvedPiece[],
	live: readonly FoundLive[],
	unseen: Unseen,
	newId: () => string
): Wall {
	const top = tallest(wall);
	const added = wall.studs.filter((s) => s.added);
	const studs = pieces
		.filter((p) => p.kind === 'stud')
		.map((p) => studOf(p, newId(), unseen, wall.width))
		.filter((s) => added.every((a) => Math.abs(a.x - s.x) >= (a.width + s.width) / 2));
	const within = (x: number, width: number, y: number, high: number) => {
		const from = Math.max(0, x);
		const to = Math.min(wall.width, Math.max(from + 10, x + width));
		const most = Math.min(topAt(wall, from), topAt(wall, to), high);
		return { x: from, width: least(to - from), y: Math.min(y, most - 10), height: least(most - y) };
	};
	const known = (x: number, kind: Obstruction['kind']) =>
		wall.obstructions.some((o) => o.hidden && o.kind === kind && x > o.x - 20 && x < o.x + o.width + 20);
	const hidden = [
		...pieces
			.filter((p) => p.kind === 'pipe')
			.map((p): Obstruction => ({
				id: newId(),
				kind: 'pipe',
				name: 'pipe in the wall',
				hidden: true,
				how: 'scanner',
				...within(
					p.x + Math.min(0, (p.lean * top) / 1000) - p.width / 2,
					p.width + (Math.abs(p.lean) * top) / 1000,
					0,
					top
				)
			})),
		// Between and beyond the heights swept nobody looked: a cable is taken to run on, up and down.
		...live.map((l): Obstruction => ({
			id: newId(),
			kind: 'cable',
			name: 'live cable',
			hidden: true,
			how: 'scanner',
			...within(l.left, l.right - l.left, 0, top)
		}))
	].filter((o) => !known(o.x + o.width / 2, o.kind));
	return {
		...wall,
		studs: [...added, ...studs].sort((a, b) => a.x - b.x),
		obstructions: [...wall.obstructions, ...hidden]
	};
}
