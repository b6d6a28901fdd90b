import { describe, expect, it } from 'vitest';
import { newRack } from '$core/arrange/first-rack';
import type { Load, Plan, Rack, Stud, Wall } from '$core/plan/types';
import { asked, smallWall } from '../../support/small-wall';

/**
 * Arms halved into uprights of 36 x 65 spruce, worked with a pencil. Statics; NDS 2018 for the wood, from memory; the
 * rack and how deep its screws stand in the wall are common practice.
 */
const g = 9.80665;
const SPF = 455e-9;
const studs: Stud[] = [0, 1].map((i) => ({ id: `s${i}`, x: 200 + 600 * i, width: 45, depth: 120, species: 'spf' }));
const boards = (of: Partial<Load> = {}): Load => ({
	name: 'board',
	mass: 8,
	width: 1000,
	height: 20,
	depth: 150,
	count: 2,
	...of
});
const PARAMS = {
	stock: 'own:spf:36x65x2400',
	turned: 'out',
	height: 1500,
	at: [40, 640],
	levels: [1200],
	out: 300,
	stop: 30,
	gusset: { stock: 'ply-9', size: 80 },
	layers: 1,
	lag: '8 mm',
	lagLength: 130,
	lags: [100, 700, 1400]
};
function rackOf(params: Record<string, unknown> = {}, load = boards()): Rack {
	const bare = newRack('halved-rack', 'x', 'Boards', 'mm');
	const [c] = bare.carriers;
	return {
		...bare,
		mount: { kind: 'own', x: 160, y: 100 },
		carriers: [{ ...c!, params: { ...PARAMS, ...params }, loads: [load] }]
	};
}
const planOf = (rack: Rack, wall: Partial<Wall> = {}): Plan => ({
	...smallWall({ wall: { width: 1200, height: 2400, studs, cladding: { kind: 'none', thickness: 0 }, ...wall } }),
	rows: [],
	holders: [rack]
});
const plugs = (length: number): Partial<Wall> => ({
	studs: [],
	build: {
		kind: 'masonry',
		material: 'brick',
		thickness: 200,
		first: 200,
		pitch: 600,
		plug: { diameter: 10, length, load: 60 }
	}
});

describe('arms halved into uprights', () => {
	const { check, line, all } = asked(planOf(rackOf()));
	// A metre on arms 600 apart may lie a tenth of itself off their middle: 400 of 600 to one side.
	const share = (300 + 100) / 600;
	// Two side by side, 150 wide each, the last at the tip: 75 and 225 out from the upright.
	const V = 16 * g * share;
	const M = V * 150;

	it('bends each at the face, half of its thickness left: 18 x 65', () =>
		expect(check('holder:x:arm:c1').load!.demand.value).toBeCloseTo((6 * M) / (18 * 65 ** 2), 6));

	it('presses it into its notch as a stiff bar, 65 deep, 18 thick', () => {
		expect(check('holder:x:notch:c1').load!.demand.value).toBeCloseTo((4 * V * 65 + 6 * M) / 65 ** 2 / 18, 6);
		// 425 psi across the grain of SPF.
		expect(check('holder:x:notch:c1').load!.capacity.value).toBeCloseTo(425 * 0.006894757, 3);
	});

	it('turns the upright by its load, its own wood and its arm’s, and that on three lags', () => {
		const arm = 36 * 65 * 365 * SPF * g;
		const own = 36 * 65 * 1500 * SPF * g;
		const KEY = 'fixing:x:s0:200:lags';
		expect(line(KEY, 'arms turn it')).toBeCloseTo(V * (65 + 150) + arm * (65 + (300 - 65) / 2) + (own * 65) / 2, 0);
		expect(line(KEY, 'across each')).toBeCloseTo((V + arm + own) / 3, 3);
		expect(all.given('s0')).toBeCloseTo(V + arm + own, 2);
		expect(check(KEY).verdict).toBe('holds');
	});

	it('bends the upright at the notch, where half of it is left', () => {
		const arm = 36 * 65 * 365 * SPF * g;
		const couple = V * (65 + 150) + arm * (65 + (300 - 65) / 2);
		expect(check('holder:x:upright-1').load!.demand.value).toBeCloseTo((6 * couple) / (18 * 65 ** 2), 3);
	});

	it('takes the wood of its halvings out: each of the two loses half', () => {
		const { parts } = all.holders.get('x')!.placed.built;
		const pockets = parts.flatMap((p) => p.features.map((f) => (f.kind === 'pocket' ? f.depth * p.stands.length : 0)));
		expect(pockets.reduce((a, b) => a + b, 0)).toBeCloseTo(18 * 4, 9);
	});
});

describe('how deep its screws stand in a wall', () => {
	const told = (params: Record<string, unknown>, wall: Partial<Wall> = {}) =>
		asked(planOf(rackOf(params), wall)).all.warnings.find((w) => w.message.text.startsWith('Screws of'))?.message
			.values;

	it('80 long: 44 where the 36 is crossed, 15 where the 65 is', () => {
		expect(told({ lagLength: 80, turned: 'flat' }, plugs(50))).toMatchObject({ in: { value: 44 } });
		expect(told({ lagLength: 80, turned: 'out' }, plugs(50))).toMatchObject({ in: { value: 15 } });
		expect(told({ lagLength: 130, turned: 'out' }, plugs(50))).toBeUndefined();
	});

	it('in plugs it is judged by the maker’s load, and not without it', () => {
		const verdict = (load: number | null) => {
			const wall = plugs(50);
			const build = wall.build as Extract<NonNullable<Wall['build']>, { kind: 'masonry' }>;
			return asked(
				planOf(rackOf({ lagLength: 130 }), { ...wall, build: { ...build, plug: { ...build.plug, load } } })
			).all.holders.get('x')?.verdict;
		};
		expect(verdict(60)).toBe('holds');
		expect(verdict(null)).toBe('cannot-be-judged');
	});
});

describe('what does not go', () => {
	const told = (params: Record<string, unknown>, load = boards()) =>
		asked(planOf(rackOf(params, load)))
			.all.warnings.map((w) => `${w.level}: ${w.message.text}`)
			.join('; ');
	it.each([
		[{ lags: [100, 1180, 1400] }, {}, /stop: The lag at {l@tape} meets the arm/],
		[{ levels: [1490] }, {}, /mind: The notch at {y@tape} leaves/],
		[{ levels: [1600] }, {}, /stop: An arm at {y@tape} is past the end/],
		[{ stop: 10 }, {}, /mind: A stop of {s} is lower than one board/],
		[{}, { width: 500 }, /stop: Boards of {l} rest on one arm alone/],
		[{}, { depth: 320 }, /stop: Boards {d} wide do not lie on arms/]
	])('%j %j is told', (params, load, words) => {
		expect(told({})).not.toMatch(words);
		expect(told(params, boards(load))).toMatch(words);
	});
});
