import { onEdge } from '../solid/frame';
import { plain, rectangle } from '../solid/outline';
import type { Feature, Part } from '../solid/part';
import { weigh } from '../solid/weigh';
import type { Kilograms, Millimetres } from '../units/quantity';
import type { Between, BetweenInput } from './between';
import { boardOf, clearOf, floorAt, heightOf, sideOf, type Cabinet, type Level } from './cabinet-figures';
import type { CarrierContext } from './carrier';
import type { DoorsMade } from './opening';

/** Dividers of one level, glued between its floor and what is above. */
export function dividersOf(p: Cabinet, level: Level, i: number, inside: Millimetres): Part[] {
	if (level.bays < 2) return [];
	const step = clearOf(p, level) + boardOf(p);
	return [
		{
			id: `divider-${i + 1}`,
			name: 'divider',
			material: { kind: 'board', stock: p.stock },
			outline: plain(rectangle(inside, level.high)),
			thickness: boardOf(p),
			pinned: true,
			grain: 'y',
			features: [],
			// On edge a board stands to the left of its place.
			stands: Array.from({ length: level.bays - 1 }, (_, n) => onEdge([sideOf(p) + (n + 1) * step, floorAt(p, i), 0]))
		}
	];
}

function nameOf(i: number, last: number): string {
	if (i === 0) return 'bottom';
	return i === last ? 'top' : 'shelf';
}
const shelfEnds = (p: Cabinet): BetweenInput['screws'] =>
	p.shelves.kind === 'screws' ? p.shelves.count : { housed: Math.min(p.shelves.deep, sideOf(p)) };

/** Every board that lies between the sides: the bottom, the shelves above it, the top. */
export function lyingIn(p: Cabinet, c: CarrierContext, doors: DoorsMade, inside: Millimetres): BetweenInput[] {
	const n = p.levels.length;
	const grooved: Record<string, Feature[]> = doors.grooves;
	return Array.from({ length: n + 1 }, (_, i): BetweenInput => {
		const outer = i === 0 || i === n;
		return {
			id: `${nameOf(i, n)}-${i}`,
			name: nameOf(i, n),
			stock: p.stock,
			side: p.sides.stock,
			width: p.width,
			depth: outer ? p.depth : inside,
			top: i === n ? heightOf(p) : floorAt(p, i),
			screws: outer ? p.ends : shelfEnds(p),
			wide: (c.loads[p.own ? i : 0] ?? c.loads[0])?.width ?? 0,
			// Where its grooves are it is not counted to bend.
			...(outer && doors.takes > 0 ? { bends: Math.max(1, p.depth - doors.takes) } : {}),
			features: grooved[nameOf(i, n)] ?? [],
			first: 1 + 2 * i
		};
	});
}

/**
 * What of all the wood a board between the sides carries: its own, that of the dividers on it, and doors that stand on
 * it.
 * @param slid how much of those doors one end takes when all are slid to it
 */
export function sharedWood(
	board: Between,
	dividers: readonly Part[],
	doors: { parts: readonly Part[]; slid: number },
	whole: Kilograms
): Between {
	const own = weigh([board.part, ...dividers]).mass / whole;
	const onIt = weigh(doors.parts).mass / whole;
	const [beam, end] = board.members;
	return {
		...board,
		members: [
			{ ...beam, own: own + onIt },
			{ ...end, own: own / 2 + onIt * doors.slid }
		]
	};
}
