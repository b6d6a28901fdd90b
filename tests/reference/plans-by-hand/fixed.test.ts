import { describe, expect, it } from 'vitest';
import { screwedAt } from '$core/places/fixed/new-mount';
import type { FixedHolder, Plan, Wall } from '$core/plan/types';
import { sayPhrase } from '$core/units/phrase';
import { BORE, crush, g, PEGS, THING } from '../../support/rack-by-hand';
import { bodyOf, rackOf } from '../../support/peg-rack';
import { asked, smallWall } from '../../support/small-wall';

/**
 * Boards screwed straight to the wall, worked with a pencil: one peg 250 from the left with two things of 1.5 kg, 40
 * and 80 out on it. Statics alone; drywall crushes under the foot, common practice.
 */
const SCREWS = { size: '#10' as const, length: 76.2 };
const rack = rackOf(smallWall().holders[0]!);

function board(width: number, x: number, places: { x: number; y: number }[], wall: Partial<Wall> = {}): Plan {
	const holder: FixedHolder = {
		id: 'h',
		name: 'Board',
		mount: { kind: 'fixed', x, y: 1200, screws: SCREWS, places },
		...bodyOf({
			...rack,
			face: { stock: '1x8', width, height: 180 },
			pegs: { ...PEGS, spacing: { kind: 'pitch', count: 1, inset: 250, pitch: 0 } },
			load: THING
		})
	};
	return { ...smallWall({ wall }), rows: [], holders: [holder] };
}
/**
 * Each weight with its place along the back and out from the wall: the board with its peg as one, at its centre; the
 * things at the far end of the peg, one behind the other, 40 thick each.
 */
function weights(width: number) {
	const parts = [
		{ w: (width * 180 * 19.05 * 455 * g) / 1e9, x: width / 2, out: 19.05 / 2 },
		{ w: (-BORE * 19.05 * 455 * g) / 1e9, x: 250, out: 19.05 / 2 },
		{ w: (BORE * 119.05 * 690 * g) / 1e9, x: 250, out: 119.05 / 2 }
	];
	const w = parts.reduce((s, p) => s + p.w, 0);
	const mean = (of: 'x' | 'out') => parts.reduce((s, p) => s + p.w * p[of], 0) / w;
	return [{ w, x: mean('x'), out: mean('out') }, ...[40, 80].map((z) => ({ w: 1.5 * g, x: 250, out: 19.05 + z }))];
}
/** A wall of brick, plugs at 100 and every 400, with what one carries by its maker. */
const brick = (load: number | null): Partial<Wall> => ({
	studs: [],
	cladding: { kind: 'none', thickness: 0 },
	build: {
		kind: 'masonry',
		material: 'brick',
		thickness: 200,
		first: 100,
		pitch: 400,
		plug: { diameter: 8, length: 50, load }
	}
});
const two = [30, 150].flatMap((y) => [
	{ x: 50, y },
	{ x: 850, y }
]);

describe('a board screwed to two studs', () => {
	const { line, check, all } = asked(board(900, 50, two));
	const sum = (of: (w: { w: number; x: number; out: number }) => number) => weights(900).reduce((s, w) => s + of(w), 0);
	const nearLeft = (x: number) => (850 - x) / 800;
	const V = sum(({ w, x }) => w * nearLeft(x));
	const M = sum(({ w, x, out }) => w * out * nearLeft(x));
	const [low, high] = [30 - crush, 150 - crush];

	it('gives each its share of the weight by the lever rule', () => {
		expect(line('fixing:h:s0', 'weight')).toBeCloseTo(
			sum(({ w }) => w),
			6
		);
		expect(line('fixing:h:s0', 'V: taken here')).toBeCloseTo(V, 6);
		expect(line('fixing:h:s1', 'V: taken here')).toBeCloseTo(
			sum(({ w, x }) => w * (1 - nearLeft(x))),
			6
		);
		expect(line('fixing:h:s0', 'across each')).toBeCloseTo(V / 2, 6);
	});

	it('pulls its top screws out by its roll about its foot', () => {
		expect(line('fixing:h:s0', 'M: roll here')).toBeCloseTo(M, 6);
		expect(line('fixing:h:s0', 'pull on the worst')).toBeCloseTo((M * high) / (low ** 2 + high ** 2), 6);
	});

	it('bends between them by what pulls its top', () => {
		// The peg's load between the two, the board's own spread about its middle counted there: M = R a at each.
		const R = sum(({ w, x, out }) => w * out * nearLeft(x));
		const at250 = (R * 200) / high;
		const S = (90 * 19.05 ** 2) / 6;
		const asWorked = check('holder:h:back').load?.demand.value ?? 0;
		expect(asWorked).toBeGreaterThanOrEqual((at250 / S) * (1 - 1e-6));
		expect(asWorked).toBeLessThan((at250 / S) * 1.02);
	});

	it('asks the studs for what it gives them', () => {
		expect(all.given('s0') + all.given('s1')).toBeCloseTo(
			sum(({ w }) => w),
			6
		);
		expect(all.studs.get('s0')?.verdict).toBe('holds');
		expect(check('fixing:h:s0').verdict).toBe('holds');
	});
});

describe('a board screwed to one stud', () => {
	const one = [30, 150].map((y) => ({ x: 50, y }));
	const { line, all } = asked(board(300, 50, one));
	it('turns about it: the couple of its screws sideways', () => {
		const C = weights(300).reduce((s, { w, x }) => s + w * (x - 50), 0);
		const W = weights(300).reduce((s, { w }) => s + w, 0);
		expect(line('fixing:h:s0', 'C: turns it')).toBeCloseTo(C, 6);
		expect(line('fixing:h:s0', 'sideways')).toBeCloseTo((C * 60) / (60 ** 2 + 60 ** 2), 6);
		expect(line('fixing:h:s0', 'across each')).toBeCloseTo(Math.hypot(W / 2, C / 120), 6);
	});
	it('says so, and how wide it must be for two', () => {
		const said = all.warnings.map((w) => sayPhrase(w.message, 'mm')).join('\n');
		expect(said).toMatch(/catches one stud, at 100 mm, and turns about it: the next is at 900 mm, so at least 880 mm/);
	});
	it('says nothing of a next one where the wall has no other', () => {
		const { all: alone } = asked(board(300, 50, one, { studs: smallWall().wall.studs.slice(0, 1) }));
		expect(alone.warnings.map((w) => sayPhrase(w.message, 'mm')).join('\n')).not.toMatch(/catches/);
	});
	it('by one screw does not hold: nothing keeps it from turning', () => {
		expect(asked(board(300, 50, [one[1]!])).all.holders.get('h')?.verdict).toBe('does-not-hold');
	});
});

describe('a board that nothing holds', () => {
	it('misses every stud: cannot be built, and says where the nearest is', () => {
		const { all } = asked(board(300, 300, [{ x: 50, y: 90 }]));
		expect(all.holders.get('h')).toMatchObject({ verdict: 'cannot-be-built', check: { margin: 0 } });
		expect(all.warnings.map((w) => sayPhrase(w.message, 'mm')).join()).toMatch(
			/catches no stud: the nearest is at 100/
		);
	});
	it('cannot be judged on a wall that nobody surveyed', () => {
		expect(asked(board(300, 300, [{ x: 50, y: 90 }], { studs: [] })).all.holders.get('h')?.verdict).toBe(
			'cannot-be-judged'
		);
	});
	it('cannot be judged on plugs whose load nobody read, and is by the maker’s', () => {
		expect(asked(board(900, 50, two, brick(null))).all.holders.get('h')?.verdict).toBe('cannot-be-judged');
		const read = asked(board(900, 50, two, brick(25)));
		const T = read.line('fixing:h:at-100', 'pull on the worst');
		const across = read.line('fixing:h:at-100', 'across each');
		expect(read.check('fixing:h:at-100').margin).toBeCloseTo((25 * g) / Math.hypot(T, across), 6);
	});
});

describe('a board on a wall that takes screws anywhere', () => {
	const columns = (places: { x: number; y: number }[]) => {
		const { placed } = asked(board(900, 50, places, brick(25))).all.holders.get('h')!;
		return 'columns' in placed ? placed.columns.map((c) => [Math.round(c.x), c.heights.length]) : [];
	};
	it('is held at as many places along as its screws stand apart: within 40 they are one', () => {
		expect(columns(two)).toEqual([
			[100, 2],
			[900, 2]
		]);
		expect(
			columns([
				{ x: 50, y: 30 },
				{ x: 89, y: 150 },
				{ x: 850, y: 90 }
			])
		).toHaveLength(2);
		expect(
			columns([
				{ x: 50, y: 30 },
				{ x: 91, y: 150 },
				{ x: 850, y: 90 }
			])
		).toHaveLength(3);
	});
});

describe('a board that stands on the floor', () => {
	it('is judged as if the floor were not there, and says so', () => {
		const low = (y: number) => {
			const plan = board(900, 50, two);
			const [h] = plan.holders as FixedHolder[];
			return asked({ ...plan, holders: [{ ...h!, mount: { ...h!.mount, y } }] });
		};
		const said = (y: number) =>
			low(y)
				.all.warnings.map((w) => w.message.text)
				.join('\n');
		expect(said(0)).toMatch(/stands on the floor, which is counted for nothing/);
		expect(said(1.9)).toMatch(/stands on the floor/);
		expect(said(3)).not.toMatch(/stands on the floor/);
		expect(low(0).check('fixing:h:s0').margin).toBeCloseTo(low(600).check('fixing:h:s0').margin!, 9);
	});
});

describe('a screw that', () => {
	const faults = (places: { x: number; y: number }[], wall: Partial<Wall> = {}) => {
		const placed = asked(board(900, 50, [...two, ...places], wall)).all.holders.get('h')!.placed;
		const last = 'screws' in placed ? placed.screws.at(-1)?.fault : undefined;
		return last ? sayPhrase(last, 'mm') : '';
	};
	it.each([
		['stands at the edge of the back', { x: 50, y: 5 }, /5 mm from the edge of the back, at least 12.1 mm/],
		['stands at its end', { x: 10, y: 90 }, /10 mm from the end of the back/],
		['meets the peg', { x: 250, y: 60 }, /meets a hole in the back/],
		['stands over another', { x: 50, y: 40 }, /10 mm from the next screw/],
		['misses the studs', { x: 450, y: 90 }, /misses every stud/],
		['stands at a stud’s side', { x: 65, y: 90 }, /4.1 mm from a side of what it enters/]
	])('%s counts for nothing and says why', (_, place, why) => expect(faults([place])).toMatch(why));

	it('is in a block that a leaning stud passes counts for nothing there: one place, one support', () => {
		// 400 a metre: 1215 up the stud stands at 70, 1365 up at 130, at 100 in the mean; the block's screw is at 100.
		const leans = { id: 's0', x: 70 - 486, lean: 400, width: 38.1, depth: 88.9, species: 'spf' as const };
		const block = { id: 'b', x: 80, y: 1185, width: 60, height: 60, depth: 88.9, species: 'spf' as const };
		const other = smallWall().wall.studs[1]!;
		const places = [
			{ x: 40, y: 15 },
			{ x: 100, y: 165 },
			{ x: 70, y: 15 },
			{ x: 870, y: 90 }
		];
		const { all } = asked(board(900, 30, places, { studs: [leans, other], blocking: [block] }));
		const { placed } = all.holders.get('h')!;
		if (!('columns' in placed)) throw new Error('it hangs on a row');
		expect(placed.columns.map((c) => [c.support.id, Math.round(c.x)])).toEqual([
			['s0', 100],
			['s1', 900]
		]);
		expect(sayPhrase(placed.screws[2]!.fault!, 'mm')).toMatch(/beside another that holds the back at the same place/);
	});

	it('goes into a cable’s way is a stop', () => {
		const outlet = { id: 'o', kind: 'outlet' as const, name: '', x: 60, y: 300, width: 80, height: 100 };
		const plan = board(900, 50, two, { obstructions: [outlet] });
		expect(asked(plan).all.holders.get('h')?.verdict).toBe('cannot-be-built');
	});
});

describe('the usual screws', () => {
	it('are two at every stud behind a back', () => {
		const wall = smallWall().wall;
		const mount = screwedAt(
			wall,
			{ x: 50, y: 1200 },
			{ stock: 'ply-3/4', width: 900, height: 180, made: { kind: 'board' } },
			'mm'
		);
		expect(mount.places.map((p) => p.x)).toEqual([50, 50, 850, 850]);
	});
});
