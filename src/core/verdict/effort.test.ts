import { describe, expect, it } from 'vitest';
import type { Verdict } from './check';
import { byRemedy, EFFORTS, type Effort } from './effort';

const remedy = (effort: Effort, verdict: Verdict, margin: number) => ({ effort, after: { verdict, margin } });
const order = (...of: ReturnType<typeof remedy>[]) => [...of].sort(byRemedy);

describe('remedies', () => {
	it('that hold come before those that do not, whatever their work', () => {
		const [much, little] = [remedy('another part', 'holds', 1.3), remedy('nothing to buy', 'close', 1.2)];
		expect(order(little, much)).toEqual([much, little]);
		expect(order(much, little)).toEqual([much, little]);
	});
	it('that hold come least work first, not largest margin first', () => {
		const all = EFFORTS.map((e, i) => remedy(e, 'holds', 2 + i));
		expect(order(...[...all].reverse())).toEqual(all);
	});
	it('that do not hold come largest margin first, whatever their work', () => {
		const [better, cheaper] = [remedy('another part', 'close', 1.2), remedy('nothing to buy', 'close', 1.05)];
		expect(order(cheaper, better)).toEqual([better, cheaper]);
		expect(order(better, cheaper)).toEqual([better, cheaper]);
	});
	it('of the same work come larger margin first', () => {
		const [more, less] = [remedy('screws', 'holds', 3), remedy('screws', 'holds', 1.5)];
		expect(order(less, more)).toEqual([more, less]);
	});
});
