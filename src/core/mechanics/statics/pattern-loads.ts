import type { Millimetres, NewtonMillimetres, Newtons } from '../../units/quantity';
import { beamReactions, type BeamReactions, type LineLoad } from './continuous-beam';

/** A beam's worst figures with any of its loads taken off. */
export interface WorstPattern {
	/** At every support: pressed down, and lifted, by whatever adds to it; neither eased by what does not. */
	down: Newtons[];
	lift: Newtons[];
	/** Greatest bending and where; and of what may be taken off alone. */
	moment: { value: NewtonMillimetres; at: Millimetres };
	removable: NewtonMillimetres;
	shear: Newtons;
}

/** How one load bends a beam whose support moments are known. */
function bending(supports: readonly Millimetres[], load: LineLoad, found: BeamReactions) {
	const w = load.to > load.from ? load.total / (load.to - load.from) : 0;
	/**
	 * Of the load to the left of x: its force, and its moment about x. A point at x itself counts as left where `after`.
	 */
	const left = (x: Millimetres, after: boolean): [Newtons, NewtonMillimetres] => {
		if (w === 0)
			return load.from < x || (after && load.from === x) ? [load.total, load.total * (x - load.from)] : [0, 0];
		const to = Math.min(load.to, x);
		if (to <= load.from) return [0, 0];
		const force = w * (to - load.from);
		return [force, force * (x - (load.from + to) / 2)];
	};
	const moment = (x: Millimetres): NewtonMillimetres => {
		let M = -left(x, true)[1];
		for (let i = 0; i < supports.length && (supports[i] as number) < x; i++)
			M += (found.reactions[i] as number) * (x - (supports[i] as number));
		return M;
	};
	/** Just left and just right of a support. */
	const shears = (k: number): [Newtons, Newtons] => {
		const x = supports[k] as number;
		let before = 0;
		for (let i = 0; i < k; i++) before += found.reactions[i] as number;
		return [before - left(x, false)[0], before + (found.reactions[k] as number) - left(x, true)[0]];
	};
	return { moment, shears };
}

const middleOf = (l: LineLoad) => (l.from + l.to) / 2;

/** Places where bending may be greatest: over supports, in the middle of spans, under the middle of every load. */
function sections(supports: readonly Millimetres[], loads: readonly LineLoad[]): Millimetres[] {
	const all = new Set(supports);
	supports.slice(1).forEach((x, i) => all.add((x + (supports[i] as number)) / 2));
	for (const l of loads) all.add(middleOf(l));
	return [...all];
}

/**
 * The worst that any part of the loads does to a beam over several supports: two studs close together are lifted by
 * what hangs past them, a span bends more with the next one empty. Each figure counts only what adds to it.
 * @param always cannot be taken off: the beam's own weight
 * @param removable may be, one by one
 * @param reactionsOf of one of them alone; kept by the caller where it can be
 * @throws RangeError with fewer than two supports or supports out of order
 * @example worstPattern([0, 3], { from: 1, to: 1, total: 9 }, []).down // [6, 3]
 */
export function worstPattern(
	supports: readonly Millimetres[],
	always: LineLoad,
	removable: readonly LineLoad[],
	reactionsOf: (load: LineLoad) => BeamReactions = (load) => beamReactions(supports, [load])
): WorstPattern {
	const own = beamReactions(supports, [always]);
	const self = bending(supports, always, own);
	const each = removable.map((load) => {
		const found = reactionsOf(load);
		return { found, ...bending(supports, load, found) };
	});
	const down = supports.map((_, i) => own.reactions[i] as number);
	const lift = supports.map((_, i) => -(own.reactions[i] as number));
	for (const { found } of each) {
		found.reactions.forEach((r, i) => {
			if (r > 0) down[i] = (down[i] as number) + r;
			else lift[i] = (lift[i] as number) - r;
		});
	}
	const moment = { value: 0, at: supports[0] as number };
	let alone = 0;
	for (const x of sections(supports, [always, ...removable])) {
		let [sag, hog] = [0, 0];
		for (const e of each) {
			const M = e.moment(x);
			if (M > 0) sag += M;
			else hog -= M;
		}
		const M = self.moment(x);
		const most = Math.max(sag + M, hog - M);
		if (most > moment.value) Object.assign(moment, { value: most, at: x });
		alone = Math.max(alone, sag, hog);
	}
	let shear = 0;
	supports.forEach((_, k) => {
		const base = self.shears(k);
		const sums = [0, 0, 0, 0];
		for (const e of each) {
			e.shears(k).forEach((V, side) => {
				const at = 2 * side + (V > 0 ? 0 : 1);
				sums[at] = (sums[at] as number) + Math.abs(V);
			});
		}
		const [a = 0, b = 0, c = 0, d = 0] = sums;
		shear = Math.max(shear, a + base[0], b - base[0], c + base[1], d - base[1]);
	});
	return {
		down: down.map((r) => Math.max(0, r)),
		lift: lift.map((r) => Math.max(0, r)),
		moment,
		removable: alone,
		shear
	};
}
