import { describe, expect, it } from 'vitest';
import { startInputs, type Inputs } from '$core/sums/inputs';
import { sumByName } from '$core/sums/registry';
import { answerVerdict, headroom, type Sum } from '$core/sums/sum';
import { localPulls } from '$core/mechanics/statics/upright';
import { sayPhrase } from '$core/units/phrase';
import { KG_PER_POUND, MM_PER_INCH, N_PER_POUND } from '$core/units/quantity';

// Every answer below is worked by hand in inches and pounds from the published equation or from statics, with none of
// Kammer's code.
const inch = (n: number) => n * MM_PER_INCH;
const lb = (n: number) => n * KG_PER_POUND;
const sum = (name: string) => sumByName(name) as Sum;
const answer = (name: string, inputs: Inputs) =>
	sum(name).answer({ ...startInputs(sum(name).fields, 'inch'), ...inputs });
const step = (name: string, title: string, inputs: Inputs) =>
	answer(name, inputs).steps.find((s) => s.title === title)!;
const pounds = (name: string, title: string, inputs: Inputs, which: 'demand' | 'capacity') =>
	(step(name, title, inputs).load?.[which].value ?? Number.NaN) / N_PER_POUND;

describe('a screw', () => {
	// 2850 x 0.42^2 x 0.19 = 95.5 lb/in; 3 - 3/4 - 1/2 = 1 3/4 in, thread at most 2 in; x 0.9 = 150.4; head 110.4 x 0.9 =
	// 99.4: the smaller.
	it('pulled straight out is held by its head', () => {
		expect(
			pounds(
				'screw',
				'screw',
				{ screw: '#10', length: inch(3), through: inch(0.75), gap: inch(0.5), angle: 90, load: lb(40) },
				'capacity'
			)
		).toBeCloseTo(99.4, 1);
	});
	// TR12 at a gap of 1/2 in: 51.8 lb for 1 1/4 in of main; a longer main only helps in modes that do not govern: 51.8 x
	// 0.9 = 46.6.
	it('pushed straight across over plasterboard holds 46.6 lb', () => {
		expect(
			pounds(
				'screw',
				'screw',
				{
					screw: '#10',
					length: inch(3),
					through: inch(0.75),
					throughWood: 'spf',
					gap: inch(0.5),
					angle: 0,
					load: lb(40)
				},
				'capacity'
			)
		).toBeCloseTo(46.6, 1);
	});
	it('in wood nobody named cannot be judged, nor in MDF', () => {
		for (const wood of ['unknown', 'mdf', 'particleboard'])
			expect(answer('screw', { intoWood: wood }).steps.map((s) => s.verdict)).toEqual(['cannot-be-judged']);
	});
	// Common practice: about 80 lb a screw; it never decides.
	it('has the trade rule beside it, with the reasons they differ', () => {
		const rule = step('screw', 'trade rule', { screw: '#6', load: lb(60), angle: 90 });
		expect(rule).toMatchObject({ basis: 'trade-rule', verdict: 'holds', margin: expect.closeTo(80 / 60, 6) });
		expect(rule.notes.map((n) => sayPhrase(n, 'inch')).join(' ')).toMatch(
			/does not count 1\/2" of cladding.*pulls the screw out.*G is 0.42/
		);
		expect(answerVerdict(answer('screw', { screw: '#6', load: lb(90), angle: 90 }))?.step.title).toBe('screw');
	});
	it('says when it stands too near an end or an edge', () => {
		const said = (i: Inputs) =>
			answer('screw', i)
				.notes.map((n) => sayPhrase(n, 'inch'))
				.join('\n');
		expect(said({ screw: '#10', end: inch(0.5) })).toMatch(/Too near the end: 1\/2", and 15\/16" are needed/);
		expect(said({ screw: '#10', edge: inch(0.25) })).toMatch(/Too near the edge/);
		expect(said({ screw: '#10', end: inch(2), edge: inch(1) })).not.toMatch(/Too near/);
	});
});

describe('a shelf', () => {
	// 5 w L^4 / 384 E I at L 24: w 45/24 = 1.875 lb/in, E 6960 MPa = 1.00946e6 psi, I 12 x 0.71875^3 / 12 = 0.37131;
	// 0.02161 in, x 1.8 = 0.0389.
	it('sags by the formula, and more in the long run', () => {
		expect((step('shelf', 'sag', { load: lb(45) }).load?.demand.value ?? 0) / 25.4).toBeCloseTo(0.0389, 4);
		expect((step('shelf', 'sag', { load: lb(45), lasting: false }).load?.demand.value ?? 0) / 25.4).toBeCloseTo(
			0.0216,
			4
		);
	});
	// 0.02 in a foot, common practice: 0.04 in over 24.
	it('may sag 0.02 in a foot, or its span over 240', () => {
		expect((step('shelf', 'sag', {}).load?.capacity.value ?? 0) / 25.4).toBeCloseTo(0.04, 6);
		expect((step('shelf', 'sag', { limit: 'work' }).load?.capacity.value ?? 0) / 25.4).toBeCloseTo(0.1, 6);
	});
	it('stops holding where it sags more than a work shelf may, for a load that only grows', () => {
		const most = headroom(sum('shelf'), startInputs(sum('shelf').fields, 'inch'));
		expect(most?.first.title).toBe('sag');
		// 24 / 240 is 0.1 in: 45 x 0.1 / 0.0389.
		expect((most?.most.value ?? 0) / KG_PER_POUND).toBeCloseTo(115.7, 0);
		// Between the two it is close, by a number of its own: 90 lb sag 0.0778, 0.04 / 0.0778 and 0.1 / 0.0778.
		const sag = step('shelf', 'sag', { load: lb(90) });
		expect(sag).toMatchObject({
			verdict: 'close',
			margin: expect.closeTo(0.514, 2),
			second: { by: 'what a work shelf may sag', margin: expect.closeTo(1.285, 2) }
		});
	});
});

describe('a rod', () => {
	// 50 lb spread over 14.375: 12.9 of 18.0 ksi (computed independently twice); 17.96 / 12.90 = 1.39.
	it('of 3/4 conduit bends with a margin of 1.39', () =>
		expect(
			step('rod', 'rod', { load: lb(50), projection: inch(14.375), embedded: inch(2.625), hole: inch(1) }).margin
		).toBeCloseTo(1.39, 2));
	// Along the grain of SPF: 11200 x 0.42 / 4 = 1176 psi against 422.
	it('presses its lip with a margin of 2.79 in an upright', () =>
		expect(
			step('rod', 'lip of the hole', { load: lb(50), projection: inch(14.375), embedded: inch(2.625), hole: inch(1) })
				.margin
		).toBeCloseTo(1176 / 422, 1));
	// Across the grain 425 psi: 1.007.
	it('and hardly holds in a rail', () =>
		expect(
			step('rod', 'lip of the hole', {
				load: lb(50),
				projection: inch(14.375),
				embedded: inch(2.625),
				hole: inch(1),
				member: 'rail'
			}).margin
		).toBeCloseTo(425 / 422, 2));
	// Friction 0.3 over 1.5 keeps things on a slope of 11.1 degrees: with 1 degree bored, up to 12.1.
	it('whose tip points down is told, and what friction does about it', () => {
		const tilt = step('rod', 'tilt', { tilt: 1 });
		expect(tilt.margin).toBeLessThan(1);
		const lost = tilt.load?.demand.value as number;
		expect(tilt.second).toMatchObject({
			by: 'friction',
			margin: expect.closeTo((Math.PI / 180 + Math.atan(0.3) / 1.5) / lost, 9)
		});
		expect(tilt.verdict).toBe('close');
		expect(step('rod', 'tilt', { tilt: 0, hole: inch(1.5) }).verdict).toBe('does-not-hold');
	});
});

describe('a seat', () => {
	// W 30 at 6 in, 6.625 in down, 45 degrees: shape 1.104, margin 0.74, friction / 1.5 = 1.37: close. At 30 degrees,
	// 6.783: 0.653, does not hold. Computed independently twice.
	const seat = (bevel: string, drop: number) =>
		step('seat', 'seat', { bevel, drop: inch(drop), self: 0, selfOut: 0, load: lb(30), out: inch(6) });
	it('is kept by friction alone at 45 degrees and not at 30', () => {
		expect(seat('45', 6.625)).toMatchObject({
			margin: expect.closeTo(1.104 / 1.5, 3),
			verdict: 'close',
			second: { by: 'friction', margin: expect.closeTo(1.37, 2) }
		});
		expect(seat('30', 6.783)).toMatchObject({
			margin: expect.closeTo(0.653 / 1.5, 3),
			verdict: 'does-not-hold',
			second: { margin: expect.closeTo(0.8, 2) }
		});
	});
	it('on a square ledge holds nothing in', () =>
		expect(step('seat', 'seat', { bevel: '0' })).toMatchObject({ margin: 0, verdict: 'does-not-hold' }));
	// H / tan b - W with H = 30 x 6 / 6.625 = 27.17: less than 30, so the strip takes nothing; with 3 in of drop H is 60
	// and the strip takes 30.
	it('with a lock strip gives it the uplift, and asks what that holds', () => {
		const locked = (drop: number) =>
			step('seat', 'seat, locked', { lock: true, drop: inch(drop), self: 0, selfOut: 0, load: lb(30), out: inch(6) });
		expect(locked(6.625)).toMatchObject({ margin: expect.closeTo(1.104, 3), verdict: 'close' });
		expect(locked(3).verdict).toBe('cannot-be-judged');
		expect(sayPhrase(locked(3).reason, 'inch')).toMatch(/takes 30(\.0)? lb upward/);
	});
});

describe('marks and rips', () => {
	const marks = (i: Inputs) => answer('spacing', i).marks[0]?.positions.map((x) => Number((x / 25.4).toFixed(3)));
	// Common practice: 14 3/4 in, six pegs: 2.107 each; first at 2, then every 3; ten slots over 11.
	it('are those of practice', () => {
		expect(marks({ width: inch(14.75), count: 6 })).toEqual([2.107, 4.214, 6.321, 8.429, 10.536, 12.643]);
		expect(marks({ way: 'pitch', width: inch(20), count: 4, inset: inch(2), pitch: inch(3) })).toEqual([2, 5, 8, 11]);
	});
	// (24 - 4 x 15/32) / 5 = 4.425.
	it('of dividers are clear, not centre to centre', () =>
		expect(
			(answer('dividers', { width: inch(24), count: 4, thickness: inch(15 / 32) }).lines[0]?.result.value ?? 0) / 25.4
		).toBeCloseTo(4.425, 6));
	// Common practice: halves of 5 1/2 with a 1/8 kerf give 2 11/16 square; at 45 degrees the blade takes 0.1768: (5.5 -
	// 0.1768) / 2 = 2.6616.
	it('of a rip lose the kerf on the slope', () =>
		expect((answer('rip', { blank: inch(5.5), kerf: inch(0.125) }).lines[1]?.result.value ?? 0) / 25.4).toBeCloseTo(
			2.6616,
			4
		));
});

describe('a lift', () => {
	// NIOSH: at the end H 15 V 70 D 40: 20.6 lb; 20.6 lb there is an index of 1.
	it('of 20.6 lb to 70 in at 15 in has an index of 1', () => {
		const lift = step('lifting', 'lifting', {
			load: lb(20.6),
			fromOut: inch(10),
			fromHeight: inch(30),
			toOut: inch(15),
			toHeight: inch(70),
			twist: 0,
			coupling: 'good'
		});
		expect(lift.margin).toBeCloseTo(1, 2);
	});
	it('above 70 in is out of all limits', () =>
		expect(step('lifting', 'lifting', { toHeight: inch(72) })).toMatchObject({ margin: 0, verdict: 'does-not-hold' }));
});

describe('a rack upright', () => {
	// Four arms of 60 lb at 7 + 3.5 in: 630 lb in each; two between 34 and 64 in: 2 x 630 / 30 = 42.0 lb on the lag at
	// 64. 240 lb over four lags: 60 across. With the wall in the way it pulls harder: the beam's figure counts.
	it('pulls its lags by the couples between them', () => {
		const lag = step('upright', 'lag', {
			load: lb(60),
			reach: inch(7),
			lags: [4, 34, 64, 92].map(inch),
			arms: [20, 38, 56, 74].map(inch)
		});
		expect(
			Math.max(
				...localPulls(
					[4, 34, 64, 92],
					[20, 38, 56, 74].map((at) => ({ at, couple: 630 })),
					0
				)
			)
		).toBeCloseTo(42.0, 1);
		const beam = (lag.lines.find((l) => l.label === 'as a beam')?.result.value ?? 0) / N_PER_POUND;
		expect(beam).toBeGreaterThan(42);
		expect((lag.load?.demand.value ?? 0) / N_PER_POUND).toBeCloseTo(Math.hypot(beam, 60), 3);
	});
	// Common practice: 6 in lags through 3 1/2 in and 1/2 in leave 2 in; less the tip of a 1/4 lag 1 27/32 in: over 4 D,
	// 1 in.
	it('of a 2x4 with 1/4 x 6 lags has 2 in in the stud', () => {
		const lag = step('upright', 'lag', { lag: '1/4', lagLength: inch(6) });
		expect((lag.lines.find((l) => l.label === 'in the stud')?.result.value ?? 0) / 25.4).toBeCloseTo(2 - 5 / 32, 6);
	});
});

describe('a leaf', () => {
	// 30 lb at 12 in from the hinge, hinge 1 3/4 out: at 90 degrees 30 x 13.75 = 412.5; the top screws 20 in up: 20.6 lb.
	// At 180 the load stands 12 - 2 = 10 in left of the first stud: 30 x (16 + 10) / 16 = 48.75 on it.
	it('is swept to its worst angle', () => {
		const screws = (stop: number) =>
			step('leaf', 'screws of the leaf', {
				load: lb(30),
				reach: inch(12),
				hingeOut: inch(1.75),
				hinge: inch(2),
				studs: inch(16),
				height: inch(20),
				stop,
				perStud: 3
			});
		expect((screws(90).lines.find((l) => l.label === 'top screw')?.result.value ?? 0) / N_PER_POUND).toBeCloseTo(
			20.6,
			1
		);
		const past = screws(180);
		expect(past.margin).toBeLessThan(screws(90).margin as number);
		expect((past.lines.find((l) => l.label === 'first stud')?.result.value ?? 0) / N_PER_POUND).toBeGreaterThan(30);
	});
});

describe('a deck', () => {
	// 250 lb at 15 of 30 in: 125 each way; of four hangers the inner ones take 1.1 spans of three: 45.83. 1/4 or 3/8 lag:
	// 234.8 lb/in x (1.5 - 7/32) x 0.9 = 270.7 lb. Worst with the second gone: spans of 2/3 and 1/3 under an even load;
	// by three moments M = -(8/27 + 1/27) / 8 = -1/24 over the one between, which takes 1/2 + (1/24) x (3/2 + 3) = 0.6875
	// of all.
	const deck = { load: lb(250), centre: inch(15), hangLine: inch(30), hangers: 4 };
	it('shares its load, and hangs on its lags by their thread', () => {
		expect(pounds('deck', 'hanger lag', deck, 'demand')).toBeCloseTo(45.83, 2);
		expect(pounds('deck', 'hanger lag', deck, 'capacity')).toBeCloseTo(270.7, 0);
		expect(pounds('deck', 'one hanger lost', deck, 'demand')).toBeCloseTo(125 * 0.6875, 2);
	});
	// The inner ones of four joists 45.83 lb at 30 of 144 in: 45.83 x 30 x 114 / 144 = 1088.5 lb in; 20 psf on 16 in over
	// 144 in: 20/144 x 16 x 144^2 / 8 = 5760, half of it free: 2880.
	it('bends its joists within half of what they were made for', () => {
		const joists = step('deck', 'joists', {
			...deck,
			ceiling: 'limited',
			share: 0.5,
			joists: 4,
			at: inch(30),
			span: inch(144),
			spacing: inch(16)
		});
		expect((joists.load?.demand.value ?? 0) / N_PER_POUND / 25.4).toBeCloseTo(1088.5, 1);
		expect((joists.load?.capacity.value ?? 0) / N_PER_POUND / 25.4).toBeCloseTo(2880, -1);
	});
	it('under trusses or joists nobody knows cannot be judged, and on one hanger falls', () => {
		for (const ceiling of ['truss', 'unknown'])
			expect(step('deck', 'joists', { ...deck, ceiling }).verdict).toBe('cannot-be-judged');
		expect(step('deck', 'one hanger lost', { ...deck, hangers: 1 }).verdict).toBe('does-not-hold');
	});
	// Strap 1 x 1/8 with a 3/8 hole: 0.625 x 0.125 = 0.0781 in2; 45.83 / 0.0781 = 586.7 psi.
	it('hangs on what a hole leaves of its strap', () =>
		expect(
			(step('deck', 'strap', { ...deck, strap: 'strap-1', strapHole: inch(0.375) }).load?.demand.value ?? 0) /
				0.00689475729
		).toBeCloseTo(586.7, 0));
});

describe('hooks and plugs', () => {
	// 40 lb at 1 3/4 in on 5/16 wire: 23.4 of 21.6 ksi: 0.92. Computed independently twice.
	it('a hook of 5/16 wire bends open under 40 lb', () =>
		expect(step('bicycle-hook', 'hook', { load: lb(40), throat: inch(1.75), diameter: inch(0.3125) })).toMatchObject({
			margin: expect.closeTo(21.56 / 23.36, 2),
			verdict: 'does-not-hold'
		}));
	it('is not judged without its maker', () => {
		expect(step('bicycle-hook', "maker's load", { maker: null }).verdict).toBe('cannot-be-judged');
		expect(step('bicycle-hook', "maker's load", { load: lb(20), maker: lb(50) })).toMatchObject({
			margin: expect.closeTo(2.5, 6),
			verdict: 'holds'
		});
	});
	// 40 lb at 5 in, 8 in up, two of four plugs on top: 12.5 lb out, 10 across: 16.0.
	it('a plug must hold its share of both, by its maker', () => {
		const plug = (maker: number | null) =>
			step('plug', 'plug', { load: lb(40), out: inch(5), height: inch(8), count: 4, maker });
		expect(plug(lb(32)).margin).toBeCloseTo(32 / 16.008, 3);
		expect(plug(null).verdict).toBe('cannot-be-judged');
		expect(step('plug', 'plug', { wall: 'plaster', maker: lb(100) }).verdict).toBe('cannot-be-judged');
	});
});
