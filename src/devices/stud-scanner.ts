import type { Pilot } from '$core/plan/types';
import type { Trace } from '$core/survey/scan/trace';
import type { HiddenPiece, HiddenWall } from './hidden-wall';
import { seeded } from '$core/seeded';
import { gauss } from './noise';

/** Noise of the stand-in, as a share of what a stud shows, where nobody says otherwise. */
export const DEFAULT_NOISE = 0.06;
/** Spread of the window it sees through, mm. */
const SEES = 9;
/** Mains are felt from farther off. */
const FEELS = 28;
const DRIFT = 0.12;

const centre = (p: HiddenPiece, y: number) => p.x + (p.lean * y) / 1000;

/**
 * Share of the instrument's window that something covers. Logistic, not the core's error function: the world is not
 * made of the model it is read with.
 */
function covers(x: number, middle: number, width: number, spread: number): number {
	const edge = (e: number) => 1 / (1 + Math.exp((-1.702 * (x - e)) / spread));
	return edge(middle - width / 2) - edge(middle + width / 2);
}

/**
 * One sweep of the simulated scanner along a wall at a height. There is no real one behind it, and the screen says so.
 * @param samples along the whole width
 * @param noise as a share of what a stud shows
 * @param seed the same seed gives the same sweep
 * @example sweep(inventWall(1, 5000, 2500), 1200, { samples: 2000, noise: 0.06, seed: 1 }).density.length // 2000
 */
export function sweep(
	wall: HiddenWall,
	y: number,
	{ samples, noise, seed }: { samples: number; noise: number; seed: number }
): Trace {
	const next = seeded(seed);
	const step = wall.width / (samples - 1);
	const waves = Array.from({ length: 3 }, (_, i) => ({
		length: (900 + next() * 1500) * (i + 1),
		phase: next() * 2 * Math.PI,
		height: (DRIFT * next()) / (i + 1)
	}));
	const here = wall.pieces.filter((p) => y >= p.low && y <= p.high);
	// Plasterboard screws go into studs here and there, and are metal.
	const screws = here.filter((p) => p.kind === 'stud' && next() < 0.25).map((p) => centre(p, y) + (next() - 0.5) * 20);
	const round = (v: number) => Math.round(v * 1000) / 1000;
	const density: number[] = [];
	const metal: number[] = [];
	const mains: number[] = [];
	for (let i = 0; i < samples; i++) {
		const x = i * step - wall.lag;
		let d = 0.3 + waves.reduce((sum, w) => sum + w.height * Math.sin((2 * Math.PI * x) / w.length + w.phase), 0);
		let m = 0;
		let live = 0;
		for (const p of here) {
			if (Math.abs(x - centre(p, y)) > 300) continue;
			d += p.shows * covers(x, centre(p, y), p.width, SEES);
			if (p.kind === 'pipe') m += covers(x, centre(p, y), p.width + 8, SEES);
			if (p.kind === 'cable') live += Math.exp(-0.5 * ((x - centre(p, y)) / FEELS) ** 2);
		}
		for (const s of screws) m += 0.6 * Math.exp(-0.5 * ((x - s) / 5) ** 2);
		density.push(round(d + gauss(next) * noise));
		metal.push(round(Math.max(0, m + gauss(next) * noise * 0.5)));
		mains.push(round(Math.max(0, live + gauss(next) * noise * 0.5)));
	}
	return { y, from: 0, step, density, metal, mains };
}

/** Drills a small hole into the invented wall: wood, or nothing. @example drill(wall, 812, 1200) // 'wood' */
export function drill(wall: HiddenWall, x: number, y: number): Pilot['hit'] {
	return wall.pieces.some(
		(p) => p.kind === 'stud' && y >= p.low && y <= p.high && Math.abs(x - centre(p, y)) <= p.width / 2
	)
		? 'wood'
		: 'nothing';
}
