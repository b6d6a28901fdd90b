import type { Kilograms, Millimetres } from '../units/quantity';

/** What reaches down no further than this hangs over heads. */
export const OVERHEAD: Millimetres = 1900;

/** A planned test: the working load first, then more, a bag at a time. */
export interface ProofLoad {
	working: Kilograms;
	factor: 1.8 | 2;
	target: Kilograms;
	/** Total on it after each step. */
	steps: { total: Kilograms; bags: number }[];
	minutes: number;
	overhead: boolean;
	/** Named places to watch. */
	watch: string[];
}

const WATCH = [
	'the hook line: does the hook ride up or turn?',
	'the lip of every hole: is it crushed or split?',
	'the screw heads in the row: do they draw in?',
	'the joints: do glue lines open?'
];

/** So many times what it carries: more where it hangs over heads. @example proofFactor(2100) // 2 */
export const proofFactor = (foot: Millimetres): 1.8 | 2 => (foot >= OVERHEAD ? 2 : 1.8);

/**
 * Plans a proof load. Common practice: the working load first, then 2 times for what hangs over heads and 1.8 times
 * else, a bag at a time, ten minutes, nobody beneath. It finds gross errors; it may lower a rating, never raise one.
 * @param working mass of what it is to carry
 * @param o foot: lowest point of the rack above the floor; bag: mass of one bag
 * @throws RangeError when there is nothing to carry or a bag weighs nothing
 * @example proofLoad(20, { foot: 1200, bag: 5 }).target // 36
 */
export function proofLoad(working: Kilograms, o: { foot: Millimetres; bag: Kilograms }): ProofLoad {
	if (!(working > 0) || !(o.bag > 0))
		throw new RangeError('A proof load needs a working load and bags that weigh something');
	const factor = proofFactor(o.foot);
	const overhead = factor === 2;
	const target = working * factor;
	const most = 200;
	const bag = Math.max(o.bag, target / most);
	let bags = Math.ceil(working / bag);
	const steps = [{ total: working, bags }];
	for (let total = working; total < target; steps.push({ total, bags })) {
		bags++;
		// The last bag is a part of one where it must be.
		total = Math.min(target, Math.max(total, bags * bag));
	}
	return { working, factor, target, steps, minutes: 10, overhead, watch: WATCH };
}
