import { nth } from '../../nth';
import type { Megapascals, Millimetres, Newtons } from '../../units/quantity';
import { addTo, banded, solveBanded, type Banded } from './banded';
import type { Turn } from './upright';

/** An upright on a wall that crushes a little, held by lags that draw a little. Heights above its foot. */
export interface SoftUpright {
	length: Millimetres;
	/** E I of it, N mm2. */
	bending: number;
	/** Push of the wall on a mm of it for every mm that it sinks in, N/mm2. */
	wall: Megapascals;
	/** Pull of a lag for every mm that it draws, N/mm. */
	lag: number;
	/** Heights, ascending. */
	lags: readonly Millimetres[];
}

/** Pieces that an upright is cut into, at most so long. */
const PIECE: Millimetres = 25;
/** Rounds after which what touches is as near as it comes: it settles in a few. */
const ROUNDS = 60;
/** What keeps a bar that nothing touches from being without an answer, as a share of its own stiffness. */
const HELD = 1e-9;

/** Heights of the ends of its pieces: every lag and every couple is one of them. */
function cut({ length, lags }: SoftUpright, turns: readonly Turn[]): Millimetres[] {
	const marks = [...new Set([0, ...lags, ...turns.map((t) => t.at), length])]
		.filter((y) => y >= 0 && y <= length)
		.sort((a, b) => a - b);
	return marks.flatMap((y, i) => {
		const next = marks[i + 1];
		if (next === undefined) return [y];
		const n = Math.ceil((next - y) / PIECE);
		return Array.from({ length: n }, (_, k) => y + (k * (next - y)) / n);
	});
}

/** An upright cut into pieces: what bends it, and where its springs are. */
interface Pieces {
	at: readonly Millimetres[];
	/** Stiffness of the timber alone. */
	timber: Banded;
	/** Of the wall behind each place, and of the lag that is there. */
	walls: readonly number[];
	lags: readonly number[];
}

/** The timber in beam elements: out and turn at each place. */
function piecesOf(u: SoftUpright, turns: readonly Turn[]): Pieces {
	const at = cut(u, turns);
	const timber = banded(2 * at.length, 3);
	for (let i = 0; i + 1 < at.length; i++) {
		const e = nth(at, i + 1) - nth(at, i);
		const c = u.bending / e ** 3;
		const [along, turned, half] = [12 * c, 6 * e * c, 2 * e * e * c];
		addTo(timber, 2 * i, 2 * i, along);
		addTo(timber, 2 * i, 2 * i + 1, turned);
		addTo(timber, 2 * i, 2 * i + 2, -along);
		addTo(timber, 2 * i, 2 * i + 3, turned);
		addTo(timber, 2 * i + 1, 2 * i + 1, 2 * half);
		addTo(timber, 2 * i + 1, 2 * i + 2, -turned);
		addTo(timber, 2 * i + 1, 2 * i + 3, half);
		addTo(timber, 2 * i + 2, 2 * i + 2, along);
		addTo(timber, 2 * i + 2, 2 * i + 3, -turned);
		addTo(timber, 2 * i + 3, 2 * i + 3, 2 * half);
	}
	const held = (HELD * u.bending) / u.length ** 3;
	at.forEach((_, i) => addTo(timber, 2 * i, 2 * i, held));
	const lags = new Set(u.lags);
	return {
		at,
		timber,
		walls: at.map((y, i) => (u.wall * ((at[i + 1] ?? y) - (at[i - 1] ?? y))) / 2),
		lags: at.map((y) => (lags.has(y) ? u.lag : 0))
	};
}

/** Where the upright is off the wall, outward, with these stretches of wall taking part, and the lags elsewhere. */
function movedOut({ at, timber, walls, lags }: Pieces, on: readonly boolean[], couples: readonly number[]): number[] {
	const A = { ...timber, rows: timber.rows.map((r) => r.slice()) };
	for (let i = 0; i < at.length; i++) addTo(A, 2 * i, 2 * i, nth(on[i] ? walls : lags, i));
	const x = solveBanded(A, couples);
	return at.map((_, i) => nth(x, 2 * i));
}

/**
 * Pull on each lag of an upright that bends, on a wall that gives where it is pressed and nowhere holds, by lags that
 * draw and never push. What touches and what pulls is found by turns until it stays: at every place the wall pushes
 * where the upright sinks in, and a lag pulls where it stands off.
 * Statics: beam elements on one-sided springs. Where wall and lags are stiff, the lever of a lag is as short as an
 * upright can bend; where they are soft it grows. With both rigid there would be no end to the pull.
 * @returns one for each lag, never less than nothing
 * @example softPulls({ length: 2438, bending: 2.1e10, wall: 170, lag: 8000, lags }, [{ at: 2286, couple: 60400 }])
 */
export function softPulls(u: SoftUpright, turns: readonly Turn[]): Newtons[] {
	const pieces = piecesOf(u, turns);
	const { at } = pieces;
	const couples = new Array<number>(2 * at.length).fill(0);
	for (const t of turns) {
		const i = at.indexOf(t.at);
		if (i >= 0) couples[2 * i + 1] = nth(couples, 2 * i + 1) + t.couple;
	}
	let on = at.map(() => true);
	let out = movedOut(pieces, on, couples);
	for (let round = 0; round < ROUNDS; round++) {
		const next = out.map((w) => w < 0);
		if (next.every((v, i) => v === on[i])) break;
		on = next;
		out = movedOut(pieces, on, couples);
	}
	return u.lags.map((y) => u.lag * Math.max(0, nth(out, at.indexOf(y))));
}

/**
 * What a couple of 1 by itself at each place pulls every lag with. Nothing on a wall that only pushes is preloaded: a
 * couple twice as great pulls twice as much, so these do for any load.
 * @example pullsOfOne(upright, [2286])[0]?.length // as many as it has lags
 */
export const pullsOfOne = (u: SoftUpright, places: readonly Millimetres[]): Newtons[][] =>
	places.map((at) => softPulls(u, [{ at, couple: 1 }]));

/**
 * The worst on each lag where any arm may be empty: what each by itself pulls, added up, or all together if that is
 * more.
 * @param ones what a couple of 1 at the place of each turn pulls, where somebody has it already
 * @example worstSoftPulls(upright, turns).length // as many as it has lags
 */
export function worstSoftPulls(
	u: SoftUpright,
	turns: readonly Turn[],
	ones: readonly (readonly Newtons[])[] = pullsOfOne(
		u,
		turns.map((t) => t.at)
	)
): Newtons[] {
	const each = turns.map((t, i) => nth(ones, i).map((p) => p * t.couple));
	const all = softPulls(u, turns);
	return u.lags.map((_, k) =>
		Math.max(
			nth(all, k),
			each.reduce((sum, pulls) => sum + nth(pulls, k), 0)
		)
	);
}

/**
 * How hard a timber is to crush across its grain, by a mm of its length: a thirtieth of E along it, EN 338's own rule.
 * What is behind it is taken as rigid, which shortens the lever and so asks more of the lag.
 * @example crushing(11000, 45, 95) // 174 N/mm2
 */
export const crushing = (E: Megapascals, thickness: Millimetres, depth: Millimetres): Megapascals =>
	((E / 30) * thickness) / depth;

/**
 * What a lag or screw draws by in wood, N/mm: 160 (rho / 420)^0.85 d^0.9 l^0.6, of the coming EN 1995, from memory.
 * @param density of the wood, kg/m3
 * @param d of the thread
 * @param l of it in the wood
 * @example drawing(420, 6.35, 50) // 8840
 */
export const drawing = (density: number, d: Millimetres, l: Millimetres): number =>
	160 * (density / 420) ** 0.85 * d ** 0.9 * Math.max(0, l) ** 0.6;
