import type { Millimetres } from '../../units/quantity';
import { median } from './signal';
import type { LiveStretch, Sighting, TraceReading } from './read-trace';

/** Something upright in the wall, joined from all heights it was seen at. */
export interface FoundPiece {
	kind: 'stud' | 'pipe';
	/** Centre at the floor, and how far out of plumb, to the right, mm a metre. */
	x: Millimetres;
	lean: number;
	width: Millimetres;
	/** Two studs side by side, by their width. */
	plies: 1 | 2;
	/** Chance that it is what it is called, 0 to 1. */
	confidence: number;
	/** Standard error of the centre. */
	error: Millimetres;
	marks: { x: Millimetres; y: Millimetres }[];
	/** Seen by one edge alone, at an end of the wall. */
	only: Sighting['only'];
}

/** Upright stretch with mains in it. */
export interface FoundLive {
	left: Millimetres;
	right: Millimetres;
	low: Millimetres;
	high: Millimetres;
}

/** No stud leans more than this, mm a metre. */
const MOST_LEAN = 25;
/** Sightings of one piece lie this near to its line, mm. */
const NEAR = 14;
/** Width of two studs side by side, mm. */
const DOUBLE = [60, 105] as const;
/** Behind cladding nobody sees better than this. */
const LEAST_ERROR: Millimetres = 0.5;

interface Line {
	x: number;
	lean: number;
}
const at = (l: Line, y: number) => l.x + (l.lean * y) / 1000;

/** A straight line through centres, by least squares with their errors; plumb where there is one height. */
function lineThrough(seen: readonly Sighting[]): Line {
	const w = seen.map((s) => 1 / Math.max(LEAST_ERROR, s.error) ** 2);
	const all = w.reduce((a, b) => a + b, 0);
	const my = seen.reduce((sum, s, i) => sum + (w[i] as number) * s.y, 0) / all;
	const mx = seen.reduce((sum, s, i) => sum + (w[i] as number) * s.centre, 0) / all;
	const yy = seen.reduce((sum, s, i) => sum + (w[i] as number) * (s.y - my) ** 2, 0);
	const xy = seen.reduce((sum, s, i) => sum + (w[i] as number) * (s.y - my) * (s.centre - mx), 0);
	const slope = yy > 1 ? Math.max(-MOST_LEAN / 1000, Math.min(MOST_LEAN / 1000, xy / yy)) : 0;
	return { x: mx - slope * my, lean: slope * 1000 };
}

/** Sightings of the same kind that lie on one line with this one, at most one a height. */
function alongside(first: Sighting, rest: readonly Sighting[]): Sighting[] {
	let picked = [first];
	for (let turn = 0; turn < 3; turn++) {
		const line = lineThrough(picked);
		const single = picked.length < 2;
		const by = new Map<number, Sighting>([[first.y, first]]);
		for (const s of rest) {
			if (s.kind !== first.kind || s === first) continue;
			const off = Math.abs(s.centre - at(line, s.y));
			if (off > NEAR + (single ? (MOST_LEAN * Math.abs(s.y - first.y)) / 1000 : 0)) continue;
			const there = by.get(s.y);
			if (!there || (there !== first && off < Math.abs(there.centre - at(line, s.y)))) by.set(s.y, s);
		}
		picked = [...by.values()];
	}
	return picked;
}

/** More heights and a clearer sight make it surer; one height, or one edge, never does. */
function sureness(seen: readonly Sighting[], heights: number, only: boolean): number {
	const share = seen.length / heights;
	const clear = 1 - Math.exp(-median(seen.map((s) => s.clear)) / 8);
	const sure = share * clear * (1 - 0.5 / seen.length);
	return Math.round(100 * Math.min(0.99, only ? 0.8 * sure : sure)) / 100;
}

function pieceOf(seen: readonly Sighting[], heights: number): FoundPiece {
	const line = lineThrough(seen);
	const off = seen.map((s) => s.centre - at(line, s.y));
	const scatter =
		seen.length > 2
			? Math.sqrt(off.reduce((sum, d) => sum + d * d, 0) / (seen.length - 2) / seen.length)
			: Math.max(...seen.map((s) => s.error));
	const whole = seen.filter((s) => !s.only);
	const width = median((whole.length > 0 ? whole : seen).map((s) => s.right - s.left));
	const only = whole.length === 0 ? (seen[0] as Sighting).only : null;
	const kind = (seen[0] as Sighting).kind === 'pipe' ? 'pipe' : 'stud';
	return {
		kind,
		...line,
		width: Math.round(width * 10) / 10,
		plies: kind === 'stud' && width >= DOUBLE[0] && width <= DOUBLE[1] ? 2 : 1,
		confidence: sureness(seen, heights, only !== null),
		error: Math.round(10 * Math.max(LEAST_ERROR, scatter, only ? 4 : 0)) / 10,
		marks: [...seen].sort((a, b) => a.y - b.y).map((s) => ({ x: Math.round(s.centre * 10) / 10, y: s.y })),
		only
	};
}

/** Of all heights swept, a piece is seen at least at this share: plaster and glue are seen at one. */
const LEAST_SHARE = 0.5;

/**
 * Joins what was seen at several heights into upright pieces: a leaning stud becomes a line.
 * @returns left to right
 */
export function joinHeights(readings: readonly TraceReading[]): FoundPiece[] {
	const heights = new Set(readings.map((r) => r.y)).size;
	let left = readings.flatMap((r) => r.sightings).sort((a, b) => b.clear - a.clear);
	const found: FoundPiece[] = [];
	for (let first = left[0]; first; first = left[0]) {
		const seen = alongside(first, left);
		left = left.filter((s) => !seen.includes(s));
		if (seen.length >= LEAST_SHARE * heights) found.push(pieceOf(seen, heights));
	}
	return found.sort((a, b) => a.x - b.x);
}

/** Joins live stretches of neighbouring heights that lie over each other. */
export function joinLive(readings: readonly TraceReading[]): FoundLive[] {
	const found: FoundLive[] = [];
	for (const s of readings.flatMap((r) => r.live).sort((a: LiveStretch, b: LiveStretch) => a.y - b.y)) {
		const same = found.find((f) => f.left < s.right + 40 && f.right > s.left - 40);
		if (same)
			Object.assign(same, {
				left: Math.min(same.left, s.left),
				right: Math.max(same.right, s.right),
				low: Math.min(same.low, s.y),
				high: Math.max(same.high, s.y)
			});
		else found.push({ left: s.left, right: s.right, low: s.y, high: s.y });
	}
	return found;
}
