import { seeded } from '$core/seeded';
import { gauss } from './noise';

/** Something behind the cladding of an invented wall, which nobody is shown. */
export interface HiddenPiece {
	kind: 'stud' | 'pipe' | 'cable' | 'glue';
	/** Centre at the floor, and how it leans, mm a metre. */
	x: number;
	lean: number;
	width: number;
	low: number;
	high: number;
	/** How strongly it shows, 1 for the usual stud. */
	shows: number;
}

/** The truth behind a wall. */
export interface HiddenWall {
	width: number;
	height: number;
	pieces: HiddenPiece[];
	/** The instrument shows everything so far to one side: a hand's lag. */
	lag: number;
}

const PITCHES = [400, 406.4, 600, 610];

/** Is this stretch free of everything else, with room about it? */
const free = (pieces: readonly HiddenPiece[], x: number, width: number, room: number) =>
	pieces.every((p) => p.kind === 'glue' || Math.abs(p.x - x) > (p.width + width) / 2 + room);

/**
 * A wall as old ones are: a pitch that breaks, a doubled stud, studs out of plumb, a pipe, a cable, dabs of glue. The
 * same seed gives the same wall.
 * @example inventWall(1, 5000, 2500).pieces.filter((p) => p.kind === 'stud').length
 */
export function inventWall(seed: number, width: number, height: number): HiddenWall {
	const next = seeded(seed);
	const pick = <T>(of: readonly T[]) => of[Math.floor(next() * of.length)] as T;
	const pitch = pick(PITCHES);
	const thick = pick([38, 45]);
	const pieces: HiddenPiece[] = [];
	const stud = (x: number, w: number) =>
		pieces.push({
			kind: 'stud',
			x,
			lean: 0,
			width: w,
			low: 0,
			high: height,
			shows: 1 + 0.12 * Math.max(-1.5, Math.min(1.5, gauss(next)))
		});
	const breaksAt = next() < 0.35 ? 1 + Math.floor(next() * (width / pitch - 2)) : -1;
	const missing = next() < 0.12 ? 1 + Math.floor(next() * (width / pitch - 2)) : -1;
	let shift = 60 + next() * (pitch - 120);
	stud(thick / 2, thick);
	for (let i = 0; ; i++) {
		if (i === breaksAt) shift += (next() < 0.5 ? -1 : 1) * (60 + next() * 90);
		const x = shift + i * pitch + gauss(next) * 5;
		if (x > width - 70) break;
		if (i === missing || !free(pieces, x, thick, 40)) continue;
		stud(x, next() < 0.06 ? 2 * thick : thick);
	}
	if (free(pieces, width - thick / 2, thick, 20)) stud(width - thick / 2, thick);
	for (const p of pieces) if (p.x > 100 && p.x < width - 100) p.lean = next() < 0.1 ? gauss(next) * 8 : gauss(next) * 2;
	const put = (kind: HiddenPiece['kind'], chance: number, w: number, shows: number, low: number) => {
		if (next() > chance) return;
		for (let tries = 0; tries < 20; tries++) {
			const x = 120 + next() * (width - 240);
			if (!free(pieces, x, w, 70)) continue;
			pieces.push({ kind, x, lean: 0, width: w, low, high: height, shows });
			return;
		}
	};
	put('pipe', 0.4, 22, 1.1, 0);
	put('cable', 0.6, 10, 0.18, 0);
	for (let i = 0; i < 3; i++) {
		const low = next() * height;
		if (next() < 0.4)
			pieces.push({
				kind: 'glue',
				x: next() * width,
				lean: 0,
				width: 50 + next() * 80,
				low,
				high: low + 200,
				shows: 0.2
			});
	}
	return { width, height, pieces, lag: Math.max(-3, Math.min(3, gauss(next) * 1.2)) };
}

/**
 * A hidden wall whose studs are known, as where one is surveyed already.
 * @example wallWithStuds(5200, 2600, [{ x: 40, width: 45, lean: 0 }], 1)
 */
export function wallWithStuds(
	width: number,
	height: number,
	studs: readonly { x: number; width: number; lean: number }[],
	seed: number
): HiddenWall {
	const next = seeded(seed);
	return {
		width,
		height,
		lag: gauss(next),
		pieces: studs.map((s) => ({
			kind: 'stud',
			...s,
			low: 0,
			high: height,
			shows: 1 + 0.1 * Math.max(-1.5, Math.min(1.5, gauss(next)))
		}))
	};
}
