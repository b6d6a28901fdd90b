import { describe, expect, it } from 'vitest';
import { slipwayWall } from '../demo/slipway';
import { emptyHolder } from '../holders/empty-holder';
import { withStrips } from '../plan/held';
import type { Row } from '../plan/types';
import { suitHook } from './suit-hook';

const [row] = slipwayWall().rows as [Row];
const thick: Row = { ...row, stock: '44x94', bevel: 30, blank: 94 };
const lengthOn = (on: Row, length: number) => {
	const bare = emptyHolder('h', '', 'mm');
	const { hook } = bare.mount.strips;
	const h = { ...bare, mount: withStrips(bare, { hook: { ...hook, screws: { ...hook.screws, length } } }) };
	return suitHook(h, on, 3.2).mount.strips.hook.screws.length;
};

describe('hook screws of something new', () => {
	it('stay where they suit: 32 through 18 and into 18', () => expect(lengthOn(row, 32)).toBe(32));
	it('grow where they do not reach: 44 and 18 less 3, to the step they are sold in', () =>
		expect(lengthOn(thick, 32)).toBe(55));
	it('shrink where they would poke out', () => expect(lengthOn(row, 40)).toBe(30));
	it('in inches come in quarters', () => expect(lengthOn(thick, 31.75)).toBeCloseTo(2.25 * 25.4, 6));
});
