import type { Millimetres, NewtonMillimetres, Newtons } from '../../units/quantity';

/** A load spread evenly from `from` to `to`; a point load has `from === to`. Positive acts against the supports. */
export interface LineLoad {
	from: Millimetres;
	to: Millimetres;
	total: Newtons;
}

export interface BeamReactions {
	/** In the order of the supports; negative means the support is lifted. */
	reactions: Newtons[];
	/** What each would take if the beam were cut through at every support: the lever rule. */
	lever: Newtons[];
	/** Over each support; hogging is negative. */
	supportMoments: NewtonMillimetres[];
}

export interface BeamExtremes {
	/** Greatest bending moment, whatever its sign, and where. */
	moment: { value: NewtonMillimetres; at: Millimetres };
	/** Greatest shear, whatever its sign, and where. */
	shear: { value: Newtons; at: Millimetres };
}

const at4 = (L: number, a: number) => (L * L * a * a) / 2 - a ** 4 / 4;

/** Three-moment load terms of one span and its simply supported reactions. */
function spanTerms(load: LineLoad, x0: number, L: number) {
	const c = Math.max(load.from, x0) - x0;
	const d = Math.min(load.to, x0 + L) - x0;
	if (load.from === load.to) {
		const b = L - c;
		return {
			fromLeft: (load.total * c * (L * L - c * c)) / L,
			fromRight: (load.total * b * (L * L - b * b)) / L,
			left: (load.total * b) / L,
			right: (load.total * c) / L
		};
	}
	const w = load.total / (load.to - load.from);
	const part = w * (d - c);
	const right = (part * (c + d)) / 2 / L;
	return {
		fromLeft: (w / L) * (at4(L, d) - at4(L, c)),
		fromRight: (w / L) * (at4(L, L - c) - at4(L, L - d)),
		left: part - right,
		right
	};
}

/** Part of a load left of x0 (or right of it) and its moment about x0. */
function overhang(load: LineLoad, x0: number, side: 'left' | 'right'): { force: number; moment: number } {
	const inside = side === 'left' ? load.from < x0 : load.to > x0;
	if (!inside) return { force: 0, moment: 0 };
	if (load.from === load.to) return { force: load.total, moment: load.total * Math.abs(x0 - load.from) };
	const c = side === 'left' ? load.from : Math.max(load.from, x0);
	const d = side === 'left' ? Math.min(load.to, x0) : load.to;
	const force = (load.total / (load.to - load.from)) * (d - c);
	return { force, moment: force * Math.abs(x0 - (c + d) / 2) };
}

/** Solves a symmetric tridiagonal system; `diag` and `rhs` are consumed. */
function solveTridiagonal(diag: number[], off: number[], rhs: number[]): number[] {
	for (let i = 1; i < diag.length; i++) {
		const f = (off[i - 1] as number) / (diag[i - 1] as number);
		diag[i] = (diag[i] as number) - f * (off[i - 1] as number);
		rhs[i] = (rhs[i] as number) - f * (rhs[i - 1] as number);
	}
	for (let i = diag.length - 1; i >= 0; i--) {
		const next = i + 1 < diag.length ? (off[i] as number) * (rhs[i + 1] as number) : 0;
		rhs[i] = ((rhs[i] as number) - next) / (diag[i] as number);
	}
	return rhs;
}

/** Greatest moment and shear of a beam whose reactions are known: walks it from its left end, exact. */
function beamExtremes(
	supports: readonly Millimetres[],
	reactions: readonly Newtons[],
	loads: readonly LineLoad[]
): BeamExtremes {
	const events = supports.map((x, i) => ({ x, jump: reactions[i] as number, w: 0 }));
	for (const l of loads) {
		if (l.from === l.to) events.push({ x: l.from, jump: -l.total, w: 0 });
		else {
			const w = l.total / (l.to - l.from);
			events.push({ x: l.from, jump: 0, w }, { x: l.to, jump: 0, w: -w });
		}
	}
	events.sort((a, b) => a.x - b.x);
	let [x, V, M, w] = [events[0]?.x ?? 0, 0, 0, 0];
	const moment = { value: 0, at: x };
	const shear = { value: 0, at: x };
	const seen = (value: number, at: number) => {
		if (Math.abs(value) > moment.value) Object.assign(moment, { value: Math.abs(value), at });
	};
	const sheared = () => {
		if (Math.abs(V) > shear.value) Object.assign(shear, { value: Math.abs(V), at: x });
	};
	for (const e of events) {
		const dx = e.x - x;
		if (dx > 0) {
			const turn = w === 0 ? -1 : V / w;
			if (turn > 0 && turn < dx) seen(M + (V * turn) / 2, x + turn);
			M += V * dx - (w * dx * dx) / 2;
			V -= w * dx;
			x = e.x;
		}
		sheared();
		V += e.jump;
		w += e.w;
		sheared();
		seen(M, x);
	}
	return { moment, shear };
}

/**
 * Reactions of a beam of one section over any number of level supports, with overhanging ends.
 * Method: Clapeyron's three-moment equations, exact for point loads and even line loads.
 * @param supports ascending positions, at least two
 * @param loads anywhere on the beam
 * @throws RangeError with fewer than two supports or supports out of order
 * @example beamReactions([0, 1000, 2000], [{ from: 500, to: 500, total: 1 }, { from: 1500, to: 1500, total: 1
 * }]).reactions // [0.3125, 1.375, 0.3125]
 */
export function beamReactions(supports: readonly Millimetres[], loads: readonly LineLoad[]): BeamReactions {
	const n = supports.length;
	if (n < 2) throw new RangeError('A beam needs two supports');
	const spans = supports.slice(1).map((x, i) => x - (supports[i] as number));
	if (spans.some((L) => !(L > 0))) throw new RangeError('Supports must ascend');
	const first = supports[0] as number;
	const last = supports[n - 1] as number;

	const fromLeft = new Array<number>(n - 1).fill(0);
	const fromRight = new Array<number>(n - 1).fill(0);
	const lever = new Array<number>(n).fill(0);
	const supportMoments = new Array<number>(n).fill(0);
	const add = (to: number[], i: number, value: number) => (to[i] = (to[i] as number) + value);
	for (const load of loads) {
		const left = overhang(load, first, 'left');
		const right = overhang(load, last, 'right');
		add(lever, 0, left.force);
		add(supportMoments, 0, -left.moment);
		add(lever, n - 1, right.force);
		add(supportMoments, n - 1, -right.moment);
		for (let k = 0; k < n - 1; k++) {
			const x0 = supports[k] as number;
			const L = spans[k] as number;
			const touches =
				load.from === load.to
					? load.from >= x0 && (load.from < x0 + L || (k === n - 2 && load.from === last))
					: load.to > x0 && load.from < x0 + L;
			if (!touches) continue;
			const t = spanTerms(load, x0, L);
			add(fromLeft, k, t.fromLeft);
			add(fromRight, k, t.fromRight);
			add(lever, k, t.left);
			add(lever, k + 1, t.right);
		}
	}
	if (n > 2) {
		const diag: number[] = [];
		const off: number[] = [];
		const rhs: number[] = [];
		for (let i = 1; i < n - 1; i++) {
			const [La, Lb] = [spans[i - 1] as number, spans[i] as number];
			diag.push(2 * (La + Lb));
			off.push(Lb);
			let r = -(fromLeft[i - 1] as number) - (fromRight[i] as number);
			if (i === 1) r -= (supportMoments[0] as number) * La;
			if (i === n - 2) r -= (supportMoments[n - 1] as number) * Lb;
			rhs.push(r);
		}
		solveTridiagonal(diag, off, rhs).forEach((m, i) => (supportMoments[i + 1] = m));
	}
	const reactions = [...lever];
	for (let k = 0; k < n - 1; k++) {
		const change = ((supportMoments[k + 1] as number) - (supportMoments[k] as number)) / (spans[k] as number);
		add(reactions, k, change);
		add(reactions, k + 1, -change);
	}
	return { reactions, lever, supportMoments };
}

/**
 * Reactions, greatest moment and greatest shear of such a beam.
 * @throws RangeError with fewer than two supports or supports out of order
 * @example continuousBeam([0, 3], [{ from: 1, to: 1, total: 9 }]).moment // { value: 6, at: 1 }
 */
export function continuousBeam(
	supports: readonly Millimetres[],
	loads: readonly LineLoad[]
): BeamReactions & BeamExtremes {
	const found = beamReactions(supports, loads);
	return { ...found, ...beamExtremes(supports, found.reactions, loads) };
}
