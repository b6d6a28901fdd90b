import type { Built, BuiltCarrierAt } from '../holders/built';
import { screwsIntoBack } from '../holders/screws-meet';
import type { UprightLoad } from '../mechanics/statics/upright-back';
import { remembering } from '../remembering';
import { weightOf, type Millimetres } from '../units/quantity';
import { holderWeights } from './in-place';

/** Over which height of the back a carrier on it pulls and pushes; null where it is bored in, not screwed on. */
function pulledOver(root: BuiltCarrierAt, front: Millimetres): Pick<UprightLoad, 'low' | 'top'> | null {
	const ys = screwsIntoBack(root, front).map(([, y]) => y);
	if (ys.length === 0) return null;
	// By its lowest screws: the shorter the lever, the harder both ends bend the back.
	return { low: root.taken.low, top: Math.max(root.taken.low + 1, Math.min(...ys)) };
}

/**
 * What bends the back of a holder up its height: every thing and all its wood, each by what holds it to the back.
 * @example backPulls(placed.built).filter((p) => !p.always).length // as many as things
 */
export const backPulls = remembering((built: Built): UprightLoad[] => {
	const roots = new Map(built.carriers.map((c) => [c.id, c]));
	const over = new Map(built.carriers.map((c) => [c.id, pulledOver(roots.get(c.root) ?? c, built.front)]));
	const things = built.seats.flatMap((s) =>
		s.things.map((t): UprightLoad => {
			const at = over.get(s.carrier) ?? { low: s.at[1], top: s.at[1] };
			return { weight: weightOf(t.mass), x: t.at[0], z: t.at[2], ...at };
		})
	);
	const own = built.carriers.map(({ id, taken, own: { mass, at } }): UprightLoad => ({
		weight: weightOf(mass),
		x: at[0],
		half: (taken.right - taken.left) / 2,
		z: at[2],
		...(over.get(id) ?? { low: at[1], top: at[1] }),
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
