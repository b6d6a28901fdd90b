import type { Carrier, HungHolder } from '../plan/types';
import { withStrips } from '../plan/held';
import type { Kilograms, Millimetres } from '../units/quantity';
import { hookScrewsFor } from './holder-for';

/** Between two carriers on one back. */
const GAP: Millimetres = 12;
/** A holder for several things is no wider: it is made, lifted and hung by one pair of hands. */
const WIDEST: Millimetres = 800;
/** Nor carries more. */
const HEAVIEST: Kilograms = 12;

const massOn = ({ carriers }: HungHolder): Kilograms =>
	carriers.reduce((sum, c) => sum + c.loads.reduce((m, l) => m + (l.mass ?? 0) * l.count, 0), 0);

/** May these be one? Alike in what carries, in board and strips, and not too much of it. */
function goTogether(a: HungHolder, b: HungHolder, widest: Millimetres): boolean {
	const kinds = new Set([...a.carriers, ...b.carriers].map((c) => c.kind));
	return (
		kinds.size === 1 &&
		a.back.width + GAP + b.back.width <= Math.min(widest, WIDEST) &&
		massOn(a) + massOn(b) <= HEAVIEST
	);
}

/** Carriers keep their distance from the hook at the top of their back, and stand beside what is there already. */
const moved = (carriers: readonly Carrier[], x: Millimetres, y: Millimetres, first: number): Carrier[] =>
	carriers.map((c, i) => ({ ...c, id: `c${first + i}`, at: { ...c.at, x: c.at.x + x, y: c.at.y + y } }));

/** Two holders on one back: side by side, as high as the higher of both. */
function joined(a: HungHolder, b: HungHolder): HungHolder {
	const height = Math.max(a.back.height, b.back.height);
	const width = a.back.width + GAP + b.back.width;
	const higher = a.back.height >= b.back.height ? a.back : b.back;
	const { hook } = a.mount.strips;
	return {
		...a,
		name: `${a.name}, ${b.name}`,
		mount: withStrips(a, { hook: { ...hook, screws: { ...hook.screws, count: hookScrewsFor(width) } } }),
		back: { ...higher, width, height },
		carriers: [
			...moved(a.carriers, 0, height - a.back.height, 1),
			...moved(b.carriers, a.back.width + GAP, height - b.back.height, 1 + a.carriers.length)
		]
	};
}

/**
 * Holders just made for several things, those alike on one back: like with like, one board and one hook to make.
 * @param widest that a holder may be
 * @returns as few as go together, each with which of the given it is of
 * @example together([forChisels, forGouges], 900).length // 1
 */
export function together(
	holders: readonly HungHolder[],
	widest: Millimetres
): { holder: HungHolder; of: readonly number[] }[] {
	const found: { holder: HungHolder; of: number[] }[] = [];
	holders.forEach((holder, i) => {
		const mate = found.find((f) => goTogether(f.holder, holder, widest));
		if (mate) {
			mate.holder = joined(mate.holder, holder);
			mate.of.push(i);
		} else found.push({ holder, of: [i] });
	});
	return found;
}
