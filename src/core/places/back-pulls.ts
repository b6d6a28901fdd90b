import type { Built, BuiltCarrierAt } from '../holders/built';
import { screwsIntoBack } from '../holders/screws-meet';
import type { UprightLoad } from '../mechanics/statics/upright-back';
import { remembering } from '../remembering';
import { weightOf, type Millimetres } from '../units/quantity';
import { holderWeights } from './in-place';

/** Where a carrier is screwed or bolted to the back, and over which height of it it pulls and pushes. */
interface Screwed extends Pick<UprightLoad, 'low' | 'top'> {
	/** Along the back, ascending. */
	xs: readonly Millimetres[];
}

/** How a carrier on the back is screwed to it; null where it is bored in. */
function screwedOn(root: BuiltCarrierAt, front: Millimetres): Screwed | null {
	const screws = [...screwsIntoBack(root, front), ...root.bolts];
	const ys = screws.map(([, y]) => y);
	if (ys.length === 0) return null;
	const xs = [...new Set(screws.map(([x]) => x))].sort((a, b) => a - b);
	if (root.bolts.length > 0) return { xs, low: Math.min(...ys), top: Math.max(...ys) };
	// By its lowest screws: the shorter the lever, the harder both ends bend the back.
	return { xs, low: root.taken.low, top: Math.max(root.taken.low + 1, Math.min(...ys)) };
}

/** A weight goes to the screws on either side of it, by the lever rule; past them all to the last. */
function atScrews(load: Omit<UprightLoad, 'low' | 'top'>, { xs, low, top }: Screwed): UprightLoad[] {
	const after = xs.findIndex((x) => x >= load.x);
	const [a, b] = after < 0 ? [xs.at(-1), undefined] : [xs[after], xs[after - 1]];
	if (a === undefined) return [{ ...load, low, top }];
	if (b === undefined) return [{ ...load, x: a, low, top }];
	const share = (load.x - b) / (a - b);
	return [
		{ ...load, x: a, weight: load.weight * share, low, top },
		{ ...load, x: b, weight: load.weight * (1 - share), low, top }
	].filter((l) => l.weight > 0);
}

/**
 * What bends the back of a holder up its height: every thing and all its wood, each by what holds it to the back.
 * @example backPulls(placed.built).some((p) => p.always) // true: its own wood
 */
export const backPulls = remembering((built: Built): UprightLoad[] => {
	const roots = new Map(built.carriers.map((c) => [c.id, c]));
	const over = new Map(built.carriers.map((c) => [c.id, screwedOn(roots.get(c.root) ?? c, built.front)]));
	const things = built.seats.flatMap((s) =>
		s.things.flatMap((t): UprightLoad[] => {
			const load = { weight: weightOf(t.mass), x: t.at[0], z: t.at[2] };
			const screwed = over.get(s.carrier);
			return screwed ? atScrews(load, screwed) : [{ ...load, low: s.at[1], top: s.at[1] }];
		})
	);
	const own = built.carriers.map(({ id, taken, own: { mass, at } }): UprightLoad => ({
		weight: weightOf(mass),
		x: at[0],
		half: (taken.right - taken.left) / 2,
		z: at[2],
		low: over.get(id)?.low ?? at[1],
		top: over.get(id)?.top ?? at[1],
		always: true
	}));
	const { self } = holderWeights(built);
	const rest = self.weight - own.reduce((sum, o) => sum + o.weight, 0);
	const turn = (of: 'x' | 'z', all: number) => all - own.reduce((sum, o) => sum + o.weight * o[of], 0);
	const height = built.self.at[1];
	const board: UprightLoad = {
		weight: rest,
		x: turn('x', self.weight * self.x) / rest,
		half: built.face.width / 2,
		z: turn('z', self.weight * self.standOff) / rest,
		low: height,
		top: height,
		always: true
	};
	return [...things, ...own.filter((o) => o.weight > 0), ...(rest > 1e-9 ? [board] : [])];
});
