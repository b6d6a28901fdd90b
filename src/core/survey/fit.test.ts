import { describe, expect, it } from 'vitest';
import { slipwayWall } from '../demo/slipway';
import { rowEnds, widestClear } from '../arrange/first-place';
import { checkPlan } from '../checks/check-plan';
import { applyCommand, type Command } from '../plan/commands';
import type { Obstruction, Plan, Stud, Wall } from '../plan/types';
import { sayPhrase } from '../units/phrase';

const base = slipwayWall();
const withWall = (change: Partial<Wall>, plan = base): Plan => ({ ...plan, wall: { ...plan.wall, ...change } });
const withThing = (o: Partial<Obstruction> & Pick<Obstruction, 'kind'>): Plan =>
	withWall({
		obstructions: [
			...base.wall.obstructions,
			{ id: 'new', name: `the ${o.kind}`, x: 2200, y: 0, width: 800, height: 2000, ...o }
		]
	});
const warned = (plan: Plan, id: string) =>
	checkPlan(structuredClone(plan))
		.warnings.filter((w) => 'id' in w.subject && w.subject.id === id)
		.map((w) => `${w.level}: ${sayPhrase(w.message, 'mm')}`)
		.join('\n');
const refusals = (plan: Plan, c: Command) => {
	const applied = applyCommand(plan, c);
	return applied.ok ? [] : applied.error.map((p) => `${p.path} ${p.message}`);
};
const change = (id: string, to: object): Command => ({ kind: 'change', list: 'rows', id, change: to });

describe('a row', () => {
	const plan = withWall({
		obstructions: [{ id: 'd', kind: 'door', name: 'side door', x: 4200, y: 0, width: 800, height: 2000 }]
	});

	it('refuses to cross a door: its end, its height, a new one', () => {
		expect(refusals(plan, change('r5', { right: 4500 }))).toEqual([
			'rows[4].right would run over side door: end it at 4200 mm'
		]);
		expect(refusals(plan, change('r5', { right: 4200 }))).toEqual([]);
		expect(refusals(plan, change('r4', { y: 1900 }))).toEqual([
			'rows[3].y would run over side door: lay it above or below'
		]);
		const row = { ...(base.rows[4] as (typeof base.rows)[number]), id: 'n', left: 4100, right: 5100, y: 900 };
		expect(refusals(plan, { kind: 'add', list: 'rows', item: row }).join()).toMatch(/would run over side door/);
	});

	it('that was there before the door came stays, with a warning, and can be moved off it', () => {
		const crossed = withThing({ kind: 'door' });
		expect(warned(crossed, 'r3')).toMatch(/stop: The row runs over the door/);
		expect(refusals(crossed, change('r3', { bevel: 30 }))).toEqual([]);
		expect(refusals(crossed, change('r3', { right: 2100, joints: [1660] }))).toEqual([]);
	});

	it('keeps out of a swing that lies against the wall', () => {
		const opened = withThing({
			kind: 'door',
			x: 4400,
			width: 700,
			motion: { kind: 'swing', hinge: 'left', angle: 180, into: 'room' }
		});
		expect(warned(opened, 'r5')).toMatch(/stop: the door would hit the row as it moves/);
	});

	it('passes behind what stands off the wall, and over what is hidden in it, but for its screws', () => {
		expect(warned(withThing({ kind: 'light', near: 700, out: 900, y: 1400, height: 200 }), 'r3')).not.toMatch(
			/the light/
		);
		const hidden = withThing({ kind: 'cable', x: 2040, width: 20, height: 2600, hidden: true });
		expect(warned(hidden, 'r3')).toMatch(/stop: The screw at 2050 mm would go into the cable in the wall/);
		expect(warned(hidden, 'r3')).not.toMatch(/runs over/);
	});

	it('has no screw above an outlet whose cables nobody traced', () => {
		const near = (traced?: boolean) =>
			withThing({ kind: 'outlet', x: 820, y: 600, width: 90, height: 120, ...(traced ? { traced } : {}) });
		expect(warned(near(), 'r3')).toMatch(
			/stop: The screw at 850 mm goes in where cables of the outlet may run: trace them/
		);
		expect(warned(near(true), 'r3')).not.toMatch(/the outlet/);
	});

	it('has no screw just above or below a pipe that lies in the wall', () => {
		// The screws of r3 go in 2.5 diameters of a #10 under the top of its wall side, 53.7 high: at 1481.7.
		const pipe = (y: number) =>
			warned(withThing({ kind: 'pipe', x: 0, y, width: 3000, height: 22, hidden: true }), 'r3');
		expect(pipe(1440)).toMatch(/stop: The screw at 850 mm would go into the pipe in the wall/);
		expect(pipe(1500)).toMatch(/would go into the pipe/);
		expect(pipe(1510)).not.toMatch(/the pipe/);
		expect(pipe(1430)).not.toMatch(/the pipe/);
	});

	it('says which of its studs nobody proved, and stops at one that may be none', () => {
		const found = (at: Record<string, Stud['found']>) =>
			withWall({ studs: base.wall.studs.map((s) => ({ ...s, found: at[s.id] ?? { how: 'pilot' } })) });
		expect(warned(found({}), 'r3')).not.toMatch(/proved|no stud/);
		expect(warned(found({ s3: { how: 'pitch' } }), 'r3')).toMatch(
			/^mind: The stud at 850 mm is not proved: drill a pilot hole before its screw$/m
		);
		expect(warned(found({ s3: { how: 'pitch' }, s4: { how: 'scanner', confidence: 0.9, error: 3 } }), 'r3')).toMatch(
			/^mind: 2 of its studs are not proved: drill a pilot hole at each before its screw$/m
		);
		const weak = warned(found({ s3: { how: 'scanner', confidence: 0.5, error: 3 }, s4: { how: 'guess' } }), 'r3');
		expect(weak).toMatch(/^stop: There may be no stud at 850 mm: drill a pilot hole before its screw$/m);
		expect(weak).toMatch(/^mind: The stud at 1245 mm is not proved/m);
		// Another row does not reach that stud.
		expect(warned(found({ s3: { how: 'pitch' } }), 'r5')).not.toMatch(/proved/);
	});

	it('minds a screw whose stud is not known to within its edge distance', () => {
		// Half of 45 mm less 12 mm leaves 10.5 mm.
		const known = (error: number) =>
			withWall({
				studs: base.wall.studs.map((s) =>
					s.id === 's3' ? { ...s, found: { how: 'scanner', confidence: 0.9, error } } : s
				)
			});
		expect(warned(known(10), 'r3')).not.toMatch(/nearer/);
		expect(warned(known(11), 'r3')).toMatch(
			/mind: The screw at 850 mm may come nearer than 12 mm to an edge of its stud: the centre is known to 11 mm only/
		);
	});

	it('half on a ledge wants packing', () =>
		expect(warned(withWall({ ledges: [{ id: 'l', name: 'rail', y: 1460, height: 300, out: 20 }] }), 'r3')).toMatch(
			/stop: The row lies partly on rail, 20 mm proud: pack the rest out by 20 mm/
		));
	it('stops short of a corner that is taken', () =>
		expect(
			warned(
				withWall({
					corners: { left: { kind: 'wall', taken: 300, note: '' }, right: { kind: 'open', taken: 0, note: '' } }
				}),
				'r1'
			)
		).toMatch(/mind: The row begins in the 300 mm/));
	it('under a slope is above the wall where that is lower', () => {
		const lean = withWall({ shape: { right: 2200, peak: null, floorRise: 0 } });
		expect(warned(lean, 'r4')).toMatch(/stop: The row reaches above the wall/);
	});
	it('on a floor that rises reaches below it', () =>
		expect(warned(withWall({ shape: { right: 2600, peak: null, floorRise: 1000 } }), 'r5')).toMatch(
			/stop: The row reaches below the floor/
		));
	it('says what its screws would come out into', () => {
		const long = withWall(
			{ far: { kind: 'stair', access: false, note: '' } },
			{ ...base, rows: base.rows.map((r) => ({ ...r, screws: { ...r.screws, length: 160 } })) }
		);
		expect(warned(long, 'r1')).toMatch(/come out behind the stud at 44 mm, which is 95 mm deep, into the stair behind/);
	});

	it('begins clear of what stands and moves, and runs behind what does not', () => {
		expect(widestClear(plan, 900, 80)).toEqual({ left: 0, right: 4200 });
		const swing = withWall({
			obstructions: [
				{
					id: 'd',
					kind: 'door',
					name: '',
					x: 2000,
					y: 0,
					width: 800,
					height: 2000,
					motion: { kind: 'swing', hinge: 'left', angle: 180, into: 'room' }
				}
			]
		});
		expect(widestClear(swing, 900, 80)).toEqual({ left: 2800, right: 5200 });
		expect(rowEnds(swing, 900, 80).left).toBeGreaterThanOrEqual(2800);
	});
});

describe('a holder', () => {
	it('stands out no further than the walkway leaves', () => {
		const narrow = withWall({ front: { depth: 1000, walkway: 900, headHeight: 2000 } });
		expect(warned(narrow, 'h1')).toMatch(
			/stop: Stands out 19[\d.]+ mm; 1000 mm before the wall - 900 mm of walkway = 100 mm/
		);
	});
	it('and what hangs on it keep out of a swing', () => {
		const plan = withThing({
			kind: 'door',
			x: 4000,
			width: 350,
			height: 2000,
			motion: { kind: 'swing', hinge: 'right', angle: 180, into: 'room' }
		});
		expect(warned(plan, 'h5')).toMatch(/stop: the door would hit what hangs on it as it moves/);
	});
	it('on a cart wants a lock strip', () =>
		expect(warned(withWall({ surface: 'cart-side' }), 'h1')).toMatch(/mind: This surface moves: a bump unhooks it/));
	it('over a bench is further to reach', () => {
		const tall = { ...withThing({ kind: 'bench', x: 250, width: 1000, height: 900, out: 700 }), stature: 1600 };
		expect(warned(tall, 'h1')).toMatch(/behind what stands before the wall, are out of flat-footed reach/);
		expect(warned({ ...base, stature: 1600 }, 'h1')).not.toMatch(/out of flat-footed reach/);
	});
	it('with its foot on a ledge bears there', () =>
		expect(warned(withWall({ ledges: [{ id: 'l', name: 'base', y: 1600, height: 120, out: 12 }] }), 'h1')).toMatch(
			/mind: Behind its foot the wall stands 12 mm further out/
		));
	it('cannot pass a ledge deeper than its cleat', () =>
		expect(warned(withWall({ ledges: [{ id: 'l', name: 'beam', y: 1700, height: 100, out: 60 }] }), 'h1')).toMatch(
			/stop: beam stands 60 mm proud, more than the cleat/
		));
});

describe('walls that are not framed', () => {
	const masonry = (load: number | null) =>
		withWall({
			build: {
				kind: 'masonry',
				material: 'brick',
				thickness: 215,
				first: 100,
				pitch: 400,
				plug: { diameter: 8, length: 50, load }
			},
			cladding: { kind: 'none', thickness: 0 }
		});
	it("of masonry are not judged without the plug maker's load", () => {
		const checks = checkPlan(structuredClone(masonry(null)));
		expect(checks.rows.get('r2')?.verdict).toBe('cannot-be-judged');
		expect(sayPhrase(checks.rows.get('r2')?.check?.reason ?? { text: '', values: {} }, 'mm')).toMatch(
			/the plug maker's load at \d+ mm is not known/
		);
	});
	it('are judged by it: twice the load, twice the margin', () => {
		const margin = (load: number) =>
			checkPlan(structuredClone(masonry(load))).checks.find(
				(c) => c.title === 'plug' && c.subject.kind === 'fixing' && c.subject.of.id === 'r2'
			)?.margin ?? 0;
		expect(margin(60)).toBeCloseTo(2 * margin(30), 9);
	});
	it('want screws that reach the end of the plug', () => {
		const short = { ...masonry(40), rows: base.rows.map((r) => ({ ...r, screws: { ...r.screws, length: 60 } })) };
		expect(warned(short, 'r2')).toMatch(/stop: Screws of 60 mm enter the wall by 42 mm: the plug is 50 mm long/);
	});
	it('of boards hold in their thickness alone', () => {
		const thin = withWall({
			build: { kind: 'plank', thickness: 20, species: 'spf', first: 100, pitch: 400 },
			cladding: { kind: 'none', thickness: 0 }
		});
		expect(warned(thin, 'r2')).toMatch(/stop: Screws of 80 mm come out behind a board/);
		expect(checkPlan(structuredClone(thin)).studs.size).toBe(0);
		expect(checkPlan(structuredClone(thin)).rows.get('r2')).toMatchObject({
			verdict: 'cannot-be-built',
			check: { verdict: 'does-not-hold' }
		});
	});
	it('with blocking carry a row where no stud stands', () => {
		const gap = withWall({
			studs: base.wall.studs.filter((s) => s.x !== 2860),
			blocking: [{ id: 'b1', x: 2700, y: 700, width: 300, height: 140, depth: 95, species: 'c24' }]
		});
		const fixed = checkPlan(structuredClone(gap)).checks.filter(
			(c) => c.subject.kind === 'fixing' && c.subject.of.id === 'r5' && c.subject.stud === 'b1'
		);
		expect(fixed.map((c) => c.title)).toContain('screws');
	});
});
