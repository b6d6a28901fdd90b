import { describe, expect, it } from 'vitest';
import type { Carrier, Obstruction, Plan } from '$core/plan/types';
import { kg, planOf, SCREWS, THING } from '../../support/carrier-plan';
import { g, t } from '../../support/rack-by-hand';
import { asked } from '../../support/small-wall';

/** A ledge above an outlet with cheeks beside its plug, worked with a pencil; 3/4 ply throughout. */
describe('an outlet guard', () => {
	const params = {
		width: 220,
		depth: 110,
		stock: 'ply-3/4',
		places: 1,
		lip: null,
		cheeks: { height: 200, out: 100 },
		cord: { hole: 45, plug: 40, length: 500 },
		support: { kind: 'none' },
		screws: SCREWS
	};
	const guard = (over: object = {}, load: object = {}): Carrier => ({
		id: 'c1',
		kind: 'outlet-guard',
		at: { on: 'back', x: 90, y: 40 },
		params: { ...params, ...over },
		loads: [{ ...THING, mass: 0.5, width: 90, height: 120, depth: 60, count: 1, ...load }]
	});
	/** The back hangs with its top at the row's: its foot, and so the ledge, is told. */
	const bare = asked(planOf(240, [guard()]));
	const { placed } = bare.all.holders.get('h')!;
	const ledge = placed.foot + 40;
	const middle = placed.left + 90 + 110;
	const outlet = (over: Partial<Obstruction> = {}): Obstruction => ({
		id: 'o',
		kind: 'outlet',
		name: 'bench outlet',
		x: middle - 40,
		y: ledge - t - 150,
		width: 80,
		height: 110,
		...over
	});
	const over = (plan: Plan, o?: Obstruction): Plan => ({ ...plan, wall: { ...plan.wall, obstructions: o ? [o] : [] } });
	const told = (plan: Plan) =>
		asked(plan)
			.all.warnings.filter((w) => w.subject.kind === 'holder')
			.map((w) => w.message.text)
			.join('; ');

	it('weighs a ledge less its hole, and two cheeks', () => {
		const wood = kg(t * (220 * 110 - Math.PI * 22.5 ** 2 + 2 * 100 * 200));
		expect(placed.built.carriers[0]!.own.mass).toBeCloseTo(wood, 6);
	});

	it('turns at its joint by what stands there and by its own wood', () => {
		// The thing at the ledge's far end; a ledge half its depth out, its hole 8 + 22.5, cheeks 50.
		const own = kg(t * (220 * 110 * 55 - Math.PI * 22.5 ** 2 * 30.5 + 2 * 100 * 200 * 50));
		const M = g * (0.5 * (110 - 30) + own);
		expect(bare.line('holder:h:ledge-joint:c1', 'turns it')).toBeCloseTo(M, 1);
	});

	it('over an outlet: nothing is in its way, its plug is reached from below, its cord reaches', () => {
		expect(told(over(planOf(240, [guard()]), outlet()))).not.toMatch(/outlet|plug|cord|covers|cheeks/i);
	});

	it.each([
		['with no outlet on the wall', undefined, /no outlet on this wall/],
		['beside one', outlet({ x: middle + 200 }), /No outlet is between its cheeks/],
		['with a cheek on it', outlet({ x: middle - 95 }), /No outlet is between its cheeks/],
		['with one that comes out under the cheeks', outlet({ y: ledge - t - 230 }), /No outlet is between its cheeks/],
		['with one behind its ledge', outlet({ y: ledge - t - 60 }), /Stands over|room of the plug/]
	])('%s says so', (_, o, words) => expect(told(over(planOf(240, [guard()]), o))).toMatch(words));

	it('whose cord is short says how far the outlet is, led square', () => {
		const short = guard({ cord: { hole: 45, plug: 40, length: 90 } });
		expect(told(over(planOf(240, [short]), outlet()))).toMatch(/does not reach/);
	});

	it.each([
		[{ cord: { hole: 38, plug: 40, length: 500 } }, /A plug of {p} does not go through/],
		[{ cord: { hole: 100, plug: 90, length: 500 } }, /runs out of the ledge/],
		[{ width: 95 }, /clear between the cheeks/],
		[{ cheeks: { height: 200, out: 60 } }, /what stands before it breaks it off/]
	])('says what is wrong with %j', (wrong, words) => {
		expect(told(planOf(240, [guard()]))).not.toMatch(words);
		expect(told(planOf(240, [guard(wrong)]))).toMatch(words);
	});

	it('another holder before its plug is still told: it keeps its own room alone', () => {
		const plan = over(planOf(240, [guard()]), outlet());
		const [guarding] = plan.holders;
		const other = { ...guarding!, id: 'k', name: 'Board', back: { ...guarding!.back!, height: 420 }, carriers: [] };
		const said = asked({ ...plan, holders: [...plan.holders, other] }).all.warnings.filter(
			(w) => w.subject.kind === 'holder' && w.subject.id === 'k'
		);
		expect(said.map((w) => w.message.text)).toContain('Stands over {name}');
	});
});
