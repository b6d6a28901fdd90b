import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import { adviceFor } from '$core/checks/advice';
import { capacityOf } from '$core/checks/capacity';
import { finish } from '$core/verdict/fails-at';
import { Outlook } from './outlook.svelte';

/** Idle moments, given one by one. */
let idle: (() => void)[] = [];
const moment = () => idle.shift()?.();
const allMoments = () => {
	let n = 0;
	while (idle.length > 0) {
		moment();
		n++;
	}
	return n;
};

beforeEach(() => {
	idle = [];
	vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
	vi.stubGlobal('window', { requestIdleCallback: true });
	vi.stubGlobal('requestIdleCallback', (work: () => void) => idle.push(work));
	vi.stubGlobal('cancelIdleCallback', () => (idle = []));
});
afterEach(() => {
	vi.unstubAllGlobals();
	vi.useRealTimers();
});
/** As long as a press is waited for. */
const quiet = () => vi.advanceTimersByTime(250);

const plan = slipwayWall();
const h1 = { kind: 'holder', id: 'h1' } as const;

describe('the outlook of what is picked', () => {
	it('comes in idle moments, and is what the core says', () => {
		const outlook = new Outlook();
		outlook.ask(plan, h1);
		expect(outlook).toMatchObject({ working: true, capacity: null, advice: [] });
		quiet();
		allMoments();
		expect(outlook.working).toBe(false);
		expect(outlook.capacity).toEqual(finish(capacityOf(plan, h1)));
		expect(outlook.advice.map((a) => a.text.text)).toEqual(finish(adviceFor(plan, h1)).map((a) => a.text.text));
	});

	it('drops the last question for the next', () => {
		const outlook = new Outlook();
		outlook.ask(plan, h1);
		quiet();
		moment();
		outlook.ask(plan, { kind: 'row', id: 'r3' });
		quiet();
		allMoments();
		expect(outlook.capacity).toEqual(finish(capacityOf(plan, { kind: 'row', id: 'r3' })));
	});

	it('asks nothing when nothing is picked, and stops when told', () => {
		const outlook = new Outlook();
		outlook.ask(plan, null);
		expect([outlook.working, idle.length]).toEqual([false, 0]);
		outlook.ask(plan, h1);
		outlook.end();
		expect([outlook.working, idle.length]).toEqual([false, 0]);
	});

	it('tries nothing for a press that becomes a drag', () => {
		const outlook = new Outlook();
		outlook.ask(plan, h1);
		vi.advanceTimersByTime(240);
		expect(idle).toHaveLength(0);
		outlook.ask(plan, null);
		quiet();
		expect(idle).toHaveLength(0);
	});
});
