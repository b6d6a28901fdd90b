import { describe, expect, it } from 'vitest';
import type { Carrier } from '$core/plan/types';
import { kg, planOf, SCREWS, THING } from '../../support/carrier-plan';
import { g, t } from '../../support/rack-by-hand';
import { asked } from '../../support/small-wall';

/** A mirror in two grooved strips, worked with a pencil. */
describe('a panel between two strips', () => {
	const params = {
		width: 400,
		high: 250,
		thick: 6,
		depth: 50,
		stock: 'ply-3/4',
		behind: 8,
		lower: 5,
		upper: 11,
		over: 8,
		play: 1.2,
		support: { kind: 'none' },
		screws: SCREWS
	};
	const carrier = (over: object = {}, load: object = {}): Carrier => ({
		id: 'c1',
		kind: 'plain-panel',
		at: { on: 'back', x: 0, y: 40 },
		params: { ...params, ...over },
		loads: [{ ...THING, mass: 3, width: 400, height: 250, depth: 6, count: 1, ...load }]
	});
	const p = asked(planOf(420, [carrier()]));
	const { built } = p.all.holders.get('h')!.placed;
	const strip = (deep: number) => kg(400 * 50 * t - 400 * 7.2 * deep);

	it('weighs two strips, each less its groove', () => {
		expect(built.carriers[0]!.own.mass).toBeCloseTo(strip(5) + strip(11), 6);
	});
	it('stands on the floor of the lower groove, out by the groove, its play and half of it', () => {
		const [seat] = built.seats;
		expect(seat!.things[0]!.at[2] - built.front).toBeCloseTo(8 + 0.6 + 3, 6);
		expect(seat!.at[1]).toBeCloseTo(40 - 5, 6);
		// The strips are 250 - 8 apart: the upper one's underside stands there.
		const upper = built.parts.find((part) => part.name === 'upper strip')!;
		expect(upper.stands[0]!.at[1]).toBeCloseTo(40 + 242 + t, 6);
	});
	it('turns the lower strip about its lower edge by its weight, and the strips’ own', () => {
		const id = 'holder:h:lower strip-joint:c1';
		// A strip's middle is 25 out, its groove's 11.6; the wood of both counts: nothing of it is ever off.
		const turns = kg(400 * (2 * 50 * t * 25 - 7.2 * 16 * 11.6));
		expect(p.line(id, 'turns it')).toBeCloseTo(g * (3 * 11.6 + turns), 1);
	});
	const said = (over: object, load: object = {}) =>
		asked(planOf(420, [carrier(over, load)]))
			.all.warnings.map((w) => `${w.level}: ${w.message.text}`)
			.join('\n');
	it.each([
		[{}, { height: 260 }, /stop: It is {h} high, the strips are for {p}/],
		[{}, { depth: 8 }, /stop: It is {d} thick, the groove {g} wide/],
		[{ over: 12 }, {}, /stop: A panel {o} higher than its opening cannot be lifted in/],
		[{ over: 4 }, {}, /stop: .* falls out/],
		[{ depth: 25, behind: 15 }, {}, /stop: Only {b} of the strips is before the groove/],
		[{ play: 0.3 }, {}, /stop: A panel binds/]
	])('says what is wrong with %j %j', (over, load, words) => {
		expect(said({})).not.toMatch(words);
		expect(said(over, load)).toMatch(words);
	});
});
