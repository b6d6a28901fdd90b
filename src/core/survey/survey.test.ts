import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { slipwayWall } from '../demo/slipway';
import { emptyWall } from '../plan/empty-wall';
import type { Plan, Stud, Wall } from '../plan/types';
import { sayPhrase } from '../units/phrase';
import { cordReaches } from './cord-reach';
import { newBlocking } from './new-blocking';
import { claddingDepth } from './cladding-depth';
import { newObstruction, OBSTRUCTION_KINDS } from './new-obstruction';
import { floorAt, lowestTop, outlineOf, reshaped, tallest, topAt } from './outline';
import { packingFor, surfaceAt } from './packing';
import { planView } from './plan-view';
import { mostProjection } from './projection';
import { quadFrom } from './quad';
import { openPoints } from './record';
import { barredAt, noGo, safeAt, safeStrips } from './safe-zones';
import { levelLine, outOfSquare } from './square';
import { studFromMarks } from './stud-from-marks';
import { studAt, supportsAt } from './supports';
import { pitchOf } from './scan/pitch';
import { takeScan } from './scan/take-scan';
import { applyCommand } from '../plan/commands';

const wall = (more: Partial<Wall> = {}): Wall => ({ ...emptyWall('W').wall, width: 4000, height: 2400, ...more });
const stud = (x: number, more: Partial<Stud> = {}): Stud => ({
	id: `s${x}`,
	x,
	width: 38,
	depth: 89,
	species: 'spf',
	...more
});

describe('the outline', () => {
	const gable = wall({ shape: { right: 2000, peak: { x: 1000, height: 3000 }, floorRise: 80 } });
	it('of a gable rises to its top and falls again', () => {
		expect([0, 500, 1000, 2500, 4000].map((x) => topAt(gable, x))).toEqual([2400, 2700, 3000, 2500, 2000]);
		expect(tallest(gable)).toBe(3000);
	});
	it('is lowest over a stretch at one of its ends', () => {
		expect(lowestTop(gable, 500, 2500)).toBe(2500);
		expect(lowestTop(gable, 0, 4000)).toBe(2000);
	});
	it('has a floor that rises evenly', () => {
		expect([0, 1000, 4000].map((x) => floorAt(gable, x))).toEqual([0, 20, 80]);
		expect(outlineOf(gable).at(-1)).toEqual({ x: 4000, y: 80 });
	});
	it('of a plain wall is its four corners', () =>
		expect(outlineOf(wall())).toEqual([
			{ x: 0, y: 0 },
			{ x: 0, y: 2400 },
			{ x: 4000, y: 2400 },
			{ x: 4000, y: 0 }
		]));
	it('needs a shape only while it is no plain rectangle', () => {
		const lower = reshaped(wall(), { right: 2300 });
		expect(lower).toEqual({ right: 2300, peak: null, floorRise: 0 });
		const sloping = wall({ shape: lower });
		expect(reshaped(sloping, { floorRise: 20 })).toEqual({ right: 2300, peak: null, floorRise: 20 });
		expect(reshaped(sloping, { right: 2400 })).toBeUndefined();
		expect(reshaped(wall(), { peak: { x: 2000, height: 2900 } })).toEqual({
			right: 2400,
			peak: { x: 2000, height: 2900 },
			floorRise: 0
		});
		expect(reshaped(gable, { peak: null, right: 2400, floorRise: 0 })).toBeUndefined();
	});
});

describe('what a screw goes into', () => {
	it('is a leaning stud where it stands at that height', () => {
		const w = wall({ studs: [stud(800, { lean: 10 }), stud(1200)] });
		expect(supportsAt(w, 0).map((s) => s.x)).toEqual([800, 1200]);
		expect(supportsAt(w, 2000).map((s) => s.x)).toEqual([820, 1200]);
		expect(studAt(stud(800, { lean: -5 }), 1000)).toBe(795);
	});
	it('is the left of two studs nailed together, never the joint between them', () => {
		const [one] = supportsAt(wall({ studs: [stud(800, { width: 76, plies: 2 })] }), 1000);
		expect(one).toMatchObject({ x: 781, width: 38 });
	});
	it('is blocking within its height, and not above it', () => {
		const w = wall({
			studs: [stud(400), stud(1200)],
			blocking: [{ id: 'b', x: 500, y: 1000, width: 600, height: 140, depth: 89, species: 'spf' }]
		});
		expect(supportsAt(w, 1070).map((s) => [s.x, s.member])).toEqual([
			[400, undefined],
			[1200, undefined],
			[800, 'blocking']
		]);
		expect(supportsAt(w, 1200)).toHaveLength(2);
	});
	it('is anywhere at a pitch on boards and masonry', () => {
		const w = wall({ build: { kind: 'plank', thickness: 25, species: 'spf', first: 200, pitch: 600 } });
		expect(supportsAt(w, 500).map((s) => s.x)).toEqual([200, 800, 1400, 2000, 2600, 3200, 3800]);
		expect(supportsAt(w, 500)[0]).toMatchObject({ depth: 25, member: 'plank' });
	});
	it('is the same list for the same wall and height', () => {
		const w = wall({ studs: [stud(800, { lean: 10 })] });
		expect(supportsAt(w, 1500)).toBe(supportsAt(w, 1500));
	});
	it('lies behind all layers of cladding', () => {
		expect(claddingDepth({ kind: 'drywall', thickness: 12.5, under: [{ kind: 'panel', thickness: 18 }] })).toBe(30.5);
		expect(claddingDepth({ kind: 'none', thickness: 12 })).toBe(0);
	});
});

describe('a stud from marks', () => {
	it('by two centres leans', () =>
		expect(
			studFromMarks(
				[
					{ x: 800, y: 500 },
					{ x: 806, y: 2000 }
				],
				'centre',
				38
			)
		).toEqual({ x: 798, lean: 4 }));
	it('by an edge lies half its width off (common practice)', () => {
		expect(studFromMarks([{ x: 800, y: 500 }], 'left', 38)).toEqual({ x: 819, lean: 0 });
		expect(studFromMarks([{ x: 800, y: 500 }], 'right', 38)).toEqual({ x: 781, lean: 0 });
	});
	it('by any marks on a line is that line', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 100, max: 3000 }),
				fc.double({ min: -20, max: 20, noNaN: true }),
				fc.uniqueArray(fc.integer({ min: 0, max: 2400 }), { minLength: 2, maxLength: 6 }),
				(x, lean, ys) => {
					const marks = ys.map((y) => ({ x: x + (lean * y) / 1000, y }));
					const got = studFromMarks(marks as never, 'centre', 38);
					expect(got.x).toBeCloseTo(x, 6);
					expect(got.lean).toBeCloseTo(lean, 6);
				}
			)
		);
	});
});

describe('levels', () => {
	it('a 3-4-5 wall with equal diagonals is square', () => {
		const s = outOfSquare({ width: 4000, left: 3000, right: 3000, up: 5000, down: 5000 });
		expect(s.ok && [s.value.leftLean, s.value.rightLean].map((v) => Math.abs(Math.round(v * 1e6)))).toEqual([0, 0]);
	});
	it('a leaning parallelogram leans by what Pythagoras says', () => {
		// Ends 3000 long, tops 120 to the right: height √(3000² - 120²) = 2997.6; up = √(4120² + 2997.6²), down = √(3880² +
		// 2997.6²).
		const h = Math.sqrt(3000 ** 2 - 120 ** 2);
		const s = outOfSquare({ width: 4000, left: 3000, right: 3000, up: Math.hypot(4120, h), down: Math.hypot(3880, h) });
		expect(s.ok && s.value.leftLean).toBeCloseTo(120, 6);
		expect(s.ok && s.value.rightLean).toBeCloseTo(120, 6);
	});
	it('diagonals that no wall has are refused', () =>
		expect(outOfSquare({ width: 4000, left: 3000, right: 3000, up: 9000, down: 5000 })).toMatchObject({
			ok: false,
			error: expect.stringContaining('lower left')
		}));
	it('a level line meets a floor that rises under it', () => {
		expect(levelLine(40, { width: 4000, rise: 80 })).toEqual({ left: 40, right: -40, meets: 2000 });
		expect(levelLine(1000, { width: 4000, rise: 80 })).toEqual({ left: 1000, right: 920, meets: null });
		expect(levelLine(1000, { width: 4000, rise: 0 }).meets).toBeNull();
	});
	it('four corners come from four sides and a diagonal', () => {
		const q = quadFrom({ bottom: 400, right: 300, top: 400, left: 300, diagonal: 500 }, { x: 10, y: 20 });
		expect(q.ok && q.value.map((p) => [Math.round(p.x), Math.round(p.y)])).toEqual([
			[10, 20],
			[410, 20],
			[410, 320],
			[10, 320]
		]);
		expect(quadFrom({ bottom: 400, right: 300, top: 400, left: 300, diagonal: 900 }, { x: 0, y: 0 }).ok).toBe(false);
	});
});

describe('how far out things may stand', () => {
	const w = wall({
		front: { depth: 1500, walkway: 900, headHeight: 2000 },
		zones: [{ id: 'z', name: 'by the door', x: 0, y: 0, width: 500, height: 2000, most: 250 }]
	});
	it('is what the walkway leaves, below head height', () => {
		const p = mostProjection(w, { left: 1000, right: 1200, low: 1000, high: 1300 });
		expect(p?.most).toBe(600);
		expect(sayPhrase(p?.why ?? { text: '', values: {} }, 'mm')).toBe(
			'1500 mm before the wall - 900 mm of walkway = 600 mm'
		);
		expect(mostProjection(w, { left: 1000, right: 1200, low: 2100, high: 2300 })).toBeNull();
	});
	it('is less where a zone says so', () =>
		expect(mostProjection(w, { left: 400, right: 700, low: 1000, high: 1300 })?.most).toBe(250));
});

describe('a ledge', () => {
	const w = { width: 4000, ledges: [{ id: 'l', name: 'top plate', y: 2310, height: 90, out: 38.1 }] };
	const board = (low: number, high: number, left = 0, right = 100) => ({ left, right, low, high });
	const pier = { width: 4000, ledges: [{ id: 'p', name: 'pier', x: 1500, width: 300, y: 0, height: 2400, out: 110 }] };
	it('of 1 1/2 in needs as much packing behind an upright (common practice)', () =>
		expect(packingFor(w, board(0, 2400))?.thickness).toBe(38.1));
	it('needs none behind a board that lies on it, or beside it', () => {
		expect(packingFor(w, board(2310, 2400))).toBeNull();
		expect(packingFor(w, board(1000, 2000))).toBeNull();
	});
	it('brings the surface out', () => expect([1000, 2350].map((y) => surfaceAt(w, y, 0, 900))).toEqual([0, 38.1]));
	it('may be a pier: what crosses it needs packing, what stands beside it none', () => {
		expect(packingFor(pier, board(1000, 1100, 200, 3000))?.thickness).toBe(110);
		expect(packingFor(pier, board(1000, 1100, 200, 1400))).toBeNull();
		expect(packingFor(pier, board(1000, 1100, 1550, 1750))).toBeNull();
		expect(surfaceAt(pier, 1000, 0, 1400)).toBe(0);
	});
});

describe('where a screw may go', () => {
	const outlet = { id: 'o', kind: 'outlet' as const, name: 'outlet', x: 1150, y: 1000, width: 90, height: 120 };
	const w = wall({ studs: [stud(400), stud(1200), stud(1600)], obstructions: [outlet] });
	it('is in the stud, 12 mm off its faces', () => expect(safeAt(w, 1500)[0]).toMatchObject({ from: 393, to: 407 }));
	it('is less where the centre is uncertain', () => {
		const scanned = wall({ studs: [stud(400, { found: { how: 'scanner', error: 3 } })] });
		expect(safeAt(scanned, 1500)[0]).toMatchObject({ from: 396, to: 404 });
	});
	it('is nowhere above or below an outlet until its cables are traced', () => {
		expect(safeAt(w, 300).map((s) => s.support.x)).toEqual([400, 1600]);
		expect(barredAt(w, 1200, 2200)?.kind).toBe('may-run');
		expect(safeAt(wall({ studs: w.studs, obstructions: [{ ...outlet, traced: true }] }), 300)).toHaveLength(3);
	});
	it('is not near a cable that was found, traced or not', () => {
		const found = wall({
			studs: w.studs,
			obstructions: [
				{ id: 'c', kind: 'cable', name: '', x: 1585, y: 0, width: 20, height: 2400, hidden: true, traced: true }
			]
		});
		expect(noGo(found)).toMatchObject([{ left: 1560, right: 1630, kind: 'found' }]);
		expect(safeAt(found, 900).map((s) => s.support.x)).toEqual([400, 1200]);
	});
	it('is not beside what was found in the wall, on any side of it', () => {
		const pipe = wall({
			studs: [stud(400)],
			obstructions: [{ id: 'p', kind: 'pipe', name: '', x: 0, y: 800, width: 4000, height: 22, hidden: true }]
		});
		expect([774, 776, 811, 846, 848].map((y) => safeAt(pipe, y).length)).toEqual([1, 0, 0, 0, 1]);
	});
	it('is not above a box hidden in the wall while its cables are not traced', () => {
		const box = (traced?: boolean) =>
			wall({
				studs: [stud(400)],
				obstructions: [
					{
						id: 'b',
						kind: 'outlet',
						name: '',
						x: 380,
						y: 300,
						width: 70,
						height: 70,
						hidden: true,
						...(traced ? { traced } : {})
					}
				]
			});
		expect([335, 1500].map((y) => safeAt(box(), y).length)).toEqual([0, 0]);
		expect([335, 1500].map((y) => safeAt(box(true), y).length)).toEqual([0, 1]);
	});
	it('is not in a door or a window', () => {
		const open = wall({
			studs: [stud(400), stud(1200)],
			obstructions: [{ id: 'd', kind: 'door', name: '', x: 1000, y: 0, width: 800, height: 2000 }]
		});
		expect(safeAt(open, 1500).map((s) => s.support.x)).toEqual([400]);
		expect(safeAt(open, 2100)).toHaveLength(2);
	});
	it('is drawn as strips that say the same', () => {
		for (const s of safeStrips(w))
			expect(safeAt(w, (s.low + s.high) / 2).some((p) => Math.abs(p.from - s.left) < 0.3)).toBe(true);
		expect(safeStrips(w).length).toBeGreaterThanOrEqual(2);
	});
	it('lies always in a stud and never in a no-go stretch, whatever the wall', () => {
		const studs = fc
			.uniqueArray(fc.integer({ min: 50, max: 3950 }), { maxLength: 8 })
			.map((xs) => xs.map((x) => stud(x, { lean: (x % 21) - 10 })));
		const things = fc.array(
			fc.record({
				x: fc.integer({ min: 0, max: 3800 }),
				kind: fc.constantFrom('outlet' as const, 'cable' as const, 'window' as const)
			}),
			{ maxLength: 4 }
		);
		fc.assert(
			fc.property(studs, things, fc.integer({ min: 10, max: 2390 }), (s, t, y) => {
				const any = wall({
					studs: s,
					obstructions: t.map((o, i) => ({ id: `o${i}`, name: '', y: 900, width: 90, height: 120, ...o }))
				});
				for (const p of safeAt(any, y)) {
					expect(p.to).toBeGreaterThanOrEqual(p.from);
					expect(p.from).toBeGreaterThanOrEqual(p.support.x - p.support.width / 2 + 11);
					expect(barredAt(any, (p.from + p.to) / 2, y)).toBeNull();
				}
			})
		);
	});
});

describe('the pitch of studs', () => {
	it('is none for an irregular wall', () => expect(pitchOf([0, 300, 900, 1390, 1830])).toBeNull());
	it('names what is missing', () =>
		expect(pitchOf([0, 400, 800, 1600])?.breaks).toEqual([{ from: 800, to: 1600, kind: 'missing', missing: 1 }]));
	it('needs three studs at least', () => expect(pitchOf([0, 400])).toBeNull());
});

describe('the record', () => {
	const says = (plan: Plan) => openPoints(plan).map((p) => `${p.level}: ${sayPhrase(p.about, 'mm')}`);
	it('of an empty wall asks for everything', () =>
		expect(says(emptyWall('New'))).toEqual([
			'stop: No studs yet: nothing to screw to',
			'mind: Width not measured yet',
			'mind: Height not measured yet',
			'mind: Cladding not measured yet'
		]));
	it('of the demo wall asks for its cables', () =>
		expect(says(slipwayWall()).join()).toMatch(/Cables of bench outlet are not traced/));
	it('does not take a pitch for a proof, nor a weak sighting for a stud', () => {
		const plan = {
			...emptyWall('W'),
			wall: wall({
				studs: [stud(400, { found: { how: 'pitch' } }), stud(800, { found: { how: 'scanner', confidence: 0.4 } })]
			})
		};
		expect(says(plan)).toEqual(
			expect.arrayContaining([
				'mind: 2 studs are not proved by a pilot hole',
				'stop: The stud at 800 mm is not sure: drill a pilot hole'
			])
		);
	});
});

describe('new obstructions', () => {
	it.each(OBSTRUCTION_KINDS)('a %s fits any wall and is taken', (kind) => {
		for (const w of [
			wall(),
			wall({ width: 600, height: 900 }),
			wall({ shape: { right: 600, peak: null, floorRise: 0 } })
		]) {
			const item = newObstruction(kind, w, 'n');
			const applied = applyCommand({ ...emptyWall('W'), wall: w }, { kind: 'add', list: 'obstructions', item });
			expect(applied.ok ? '' : JSON.stringify(applied.error)).toBe('');
			for (const s of planView(item, w).shapes) expect(JSON.stringify(s)).not.toMatch(/null|NaN/);
		}
	});
});

describe('an outlet', () => {
	const outlet = { x: 955, y: 940, width: 90, height: 120, cord: 500 };
	it('reaches as far as its cord, from its middle at (1000, 1000)', () => {
		// 300 to the side and 400 up: 500, as in a 3-4-5.
		expect(cordReaches(outlet, { left: 1300, right: 1900, foot: 1400, top: 1600 })).toBe(true);
		expect(cordReaches(outlet, { left: 1301, right: 1900, foot: 1400, top: 1600 })).toBe(false);
		expect(cordReaches(outlet, { left: 500, right: 1500, foot: 900, top: 1100 })).toBe(true);
		expect(cordReaches({ ...outlet, cord: undefined }, { left: 1000, right: 1000, foot: 1000, top: 1000 })).toBe(false);
	});
});

describe('new blocking', () => {
	it('fills the first wide bay, of the same timber', () => {
		const plan = {
			...emptyWall('W'),
			wall: wall({ studs: [stud(100), stud(200), stud(600, { depth: 140 }), stud(1000)] })
		};
		expect(newBlocking(plan, 'b')).toMatchObject({ x: 219, width: 362, depth: 89, species: 'spf' });
	});
	it('is taken on any wall', () => {
		for (const w of [wall(), wall({ height: 300, width: 400 }), wall({ studs: [stud(300)] }), slipwayWall().wall]) {
			const applied = applyCommand(
				{ ...emptyWall('W'), wall: w },
				{ kind: 'add', list: 'blocking', item: newBlocking({ wall: w, rows: [] }, 'b') }
			);
			expect(applied.ok ? '' : JSON.stringify(applied.error)).toBe('');
		}
	});
});

describe('taking a scan', () => {
	let n = 0;
	const newId = () => `n${n++}`;
	const piece = (x: number, more = {}) => ({
		kind: 'stud' as const,
		x,
		lean: 0.1,
		width: 37.6,
		plies: 1 as const,
		confidence: 0.87,
		error: 3,
		marks: [{ x, y: 900 }],
		only: null,
		proof: 'none' as const,
		...more
	});
	it('keeps what was put in, replaces what was found before, and hides pipes and cables in the wall', () => {
		const w = wall({ studs: [stud(500), stud(2000, { added: true })] });
		const taken = takeScan(
			w,
			[piece(420), piece(822, { plies: 2, width: 76 }), piece(2005), piece(1500, { kind: 'pipe', width: 22 })],
			[{ left: 3000, right: 3060, low: 400, high: 1900 }],
			{ depth: 95, species: 'c24' },
			newId
		);
		expect(taken.studs.map((s) => [s.x, s.plies, s.added])).toEqual([
			[420, undefined, undefined],
			[822, 2, undefined],
			[2000, undefined, true]
		]);
		expect(taken.studs[0]).toMatchObject({
			width: 38,
			depth: 95,
			species: 'c24',
			found: { how: 'scanner', confidence: 0.87, error: 3 }
		});
		expect(taken.obstructions.map((o) => [o.kind, o.hidden, o.x, o.height])).toEqual([
			['pipe', true, 1489, 2400],
			['cable', true, 3000, 2400]
		]);
	});
	it('puts in a pipe once, however often it is swept', () => {
		const once = takeScan(wall(), [piece(1500, { kind: 'pipe', width: 22 })], [], { depth: 95, species: 'c24' }, newId);
		expect(
			takeScan(once, [piece(1503, { kind: 'pipe', width: 22 })], [], { depth: 95, species: 'c24' }, newId).obstructions
		).toHaveLength(1);
	});
	it('makes a wall that is taken, also at its very ends', () => {
		const w = wall();
		const taken = takeScan(
			w,
			[piece(-3, { only: 'right' }), piece(4002), piece(800)],
			[{ left: -20, right: 15, low: 0, high: 2000 }],
			{ depth: 95, species: 'c24' },
			newId
		);
		const applied = applyCommand({ ...emptyWall('W'), wall: w }, { kind: 'set-survey', wall: taken });
		expect(applied.ok ? '' : JSON.stringify(applied.error)).toBe('');
	});
});
