import fc from 'fast-check';
import { rackOf, withRack } from '../../../tests/support/peg-rack';
import { describe, expect, it } from 'vitest';
import { rowProfile } from '../plan/profile';
import { seatHandling } from '../handling/seat-handling';
import { collectPieces } from '../cutting/pieces';
import { screwsWanted } from '../cutting/screws';
import { applyCommand, type Command } from '../plan/commands';
import type { Holder, Plan, Row } from '../plan/types';
import { adviceFor } from './advice';
import { byRow, byStud } from './by-place';
import { capacityOf } from './capacity';
import type { PlanChecks } from './check-plan';
import { standingMargin, stepOf, type Check, type Step } from '../verdict/check';
import { EFFORTS } from '../verdict/effort';
import { failsAt, finish } from '../verdict/fails-at';
import { ratio, phrase } from '../units/phrase';
import { base, doing, find, fresh, holder, rack, warned } from '../../../tests/support/demo-wall';
import { holderWeights } from '../places/in-place';
import type { Placed } from '../places/row/place';

const row = (id: string, change: Partial<Row>): Command => ({ kind: 'change', list: 'rows', id, change });
const said = (c: PlanChecks, id: string) => warned(c, id).join('\n');
const SCREWS_AT_850 = 'fixing:r2:s3:850:screws';

describe('a second hook on the next row', () => {
	// h1 hangs on r2 at 1850, r3 is at 1440: its face must come down past that.
	const face = { stock: 'ply-18', width: 1000, height: 545 } as const;
	const pegs = { ...rackOf(base.holders[0] as Holder).pegs, height: 335 };
	const hung = doing(base, rack('h1', { secondHook: true, spacer: false, face, pegs }));

	it('bears on that row', () => {
		const placed = fresh(hung).holders.get('h1')?.placed as Placed;
		const below = hung.rows.find((r) => r.id === 'r3') as Row;
		expect(placed.bearing).toEqual({ kind: 'second-hook', y: below.y + rowProfile(below, 3.2).front, taken: false });
	});

	it('puts all of the holder on either row', () => {
		const [alone, both] = [
			fresh(doing(hung, rack('h1', { secondHook: false, face, pegs, spacer: false }))),
			fresh(hung)
		];
		const weight = (c: PlanChecks, id: string) => byRow(hung, c).find((r) => r.id === id)?.load as number;
		const placed = both.holders.get('h1')?.placed as Placed;
		const { total } = holderWeights(placed.built);
		expect(weight(both, 'r3') - weight(alone, 'r3')).toBeCloseTo(total, 6);
		expect(weight(both, 'r2')).toBeGreaterThanOrEqual(total);
		expect(both.holders.get('h1')?.path.some((c) => c.id.startsWith('fixing:r3:'))).toBe(true);
		expect(alone.holders.get('h1')?.path.some((c) => c.id.startsWith('fixing:r3:'))).toBe(false);
	});

	it('takes the bearing there from others, and is a stop without a row', () => {
		expect(said(fresh(doing(base, rack('h4', { secondHook: true }))), 'h4')).toMatch(
			/stop: No row below for its second hook/
		);
	});

	it('is a piece and screws of its own', () => {
		const hooks = (p: Plan) => collectPieces(p).filter((x) => x.owner.id === 'h1' && /hook/.test(x.name)).length;
		const screws = (p: Plan) => screwsWanted(p).reduce((n, s) => n + s.hooks, 0);
		expect([hooks(base), hooks(hung)]).toEqual([1, 2]);
		expect(screws(hung) - screws(base)).toBe(10);
	});
});

describe('against rolling', () => {
	const pull = (c: PlanChecks) =>
		find(c, SCREWS_AT_850).lines.find((l) => l.label === 'top screw pull')?.result.value as number;

	it('a twist block eases the screws, and its joint is judged', () => {
		const blocked = fresh(doing(base, row('r2', { twistBlock: { height: 70, width: 90 } })));
		expect(pull(blocked)).toBeLessThan(pull(fresh(base)));
		const joint = find(blocked, 'fixing:r2:s3:850:block');
		expect(joint.margin).toBeGreaterThan(0);
		expect(
			fresh(doing(base, row('r2', { twistBlock: { height: 70, width: 20 } }))).checks.find((c) => c.id === joint.id)
				?.margin
		).toBeLessThan(joint.margin as number);
		expect(blocked.holders.get('h1')?.path).toContain(joint);
	});

	it('on bare studs the cleat turns about its very edge, on drywall a little higher', () => {
		const bare = fresh({ ...base, wall: { ...base.wall, cladding: { kind: 'none', thickness: 0 } } });
		expect(pull(bare)).toBeLessThan(pull(fresh(base)));
	});

	it('a backer sheet is two steps, and both are judged', () => {
		const backer = {
			stock: 'ply-12',
			height: 260,
			below: 80,
			behind: { size: '#8', length: 28, pitch: 150 },
			perStud: 3
		} as const;
		const sheet = fresh(doing(base, row('r2', { backer })));
		const cleat = sheet.checks.find(
			(c) => c.title === 'cleat to its sheet' && c.subject.kind === 'row' && c.subject.id === 'r2'
		) as Check;
		// 28 mm through 12 mm of sheet leaves 16 mm in the cleat: less than 6 diameters of a #8, 25 mm: it counts for
		// nothing, and is close at best by what is in.
		expect(cleat).toMatchObject({ margin: 0, second: { by: 'what is in' } });
		// The last screw stands 40 mm from the cleat's end, 37.5 at a pitch of 75: it takes (p + e)² / 2p of hook, the
		// others p.
		const closer = fresh(doing(base, row('r2', { backer: { ...backer, behind: { ...backer.behind, pitch: 75 } } })));
		expect((find(closer, cleat.id).second?.margin as number) / (cleat.second?.margin as number)).toBeCloseTo(
			150 / (112.5 ** 2 / 150),
			6
		);
		expect(find(sheet, SCREWS_AT_850).lines.map((l) => l.label)).toContain('sheet bears');
		expect(pull(sheet)).toBeLessThan(pull(fresh(base)));
	});

	it('a sheet too low for its cleat is refused beside its field', () => {
		const applied = applyCommand(
			base,
			row('r2', {
				backer: { stock: 'ply-12', height: 100, below: 80, behind: { size: '#8', length: 28, pitch: 150 }, perStud: 3 }
			})
		);
		expect(applied.ok ? [] : applied.error.map((p) => p.path)).toEqual(['rows[1].backer.height']);
	});
});

describe('wet, grabbed, unknown', () => {
	it('a damp wall keeps 0.7 of its screws', () => {
		const [dry, wet] = [
			find(fresh(base), SCREWS_AT_850),
			find(fresh(doing(base, { kind: 'set-wall', wet: true })), SCREWS_AT_850)
		];
		const holds = (c: Check) => c.lines.find((l) => l.label === 'holds across')?.result.value as number;
		expect(holds(wet) / holds(dry)).toBeCloseTo(0.7, 9);
	});

	it('a grab is told beside the verdict and never decides it', () => {
		const c = fresh(base);
		const grabs = c.checks.filter((x) => x.basis === 'grab');
		expect(grabs.some((x) => x.verdict === 'does-not-hold')).toBe(true);
		for (const j of [...c.holders.values(), ...c.rows.values()])
			expect(j.check?.basis ?? 'published').toBe('published');
		// Paddles hang above 7 ft: nobody reaches them to hang on.
		expect(grabs.some((x) => x.subject.kind === 'holder' && x.subject.id === 'h3')).toBe(false);
	});

	it('pegs that droop are close by friction at best, however light the load on the rest', () => {
		const level = fresh(doing(base, rack('h4', { pegs: { ...rackOf(base.holders[3] as Holder).pegs, tilt: 0 } })));
		expect(find(level, 'holder:h4:tilt:c1')).toMatchObject({ verdict: 'close', margin: 0, second: { by: 'friction' } });
	});
});

describe('how much more', () => {
	it('is the load at which the first check stops holding', () => {
		for (const id of ['h1', 'h2', 'h4', 'h5']) {
			const found = finish(capacityOf(base, { kind: 'holder', id }));
			if (!found) throw new Error(`nothing limits ${id}`);
			const times = found.most.value / found.now.value;
			const with_ = (f: number) => {
				const h = base.holders.find((x) => x.id === id) as Holder;
				return fresh({
					...base,
					holders: base.holders.map((x) =>
						x === h ? withRack(h, { load: { ...rackOf(h).load, mass: rackOf(h).load.mass * f } }) : x
					)
				}).holders.get(id);
			};
			expect(with_(times * 0.999)?.verdict, id).not.toBe('does-not-hold');
			expect(with_(times * 1.001)?.verdict, id).toBe('does-not-hold');
			expect(with_(times * 1.001)?.check?.id).toBe(found.first.id);
		}
	});
	it('is asked of rows too, with all that hangs on them', () => {
		const found = finish(capacityOf(base, { kind: 'row', id: 'r2' }));
		expect(found?.now.value).toBeCloseTo(6 * 3 * 1.1 + 5 * 0.35, 9);
		expect(found?.most.value).toBeGreaterThan(found?.now.value as number);
	});
	it('is nothing to say of what cannot be judged, carries nothing, or fails empty', () => {
		const unknown = {
			...base,
			wall: { ...base.wall, studs: base.wall.studs.map((s) => ({ ...s, species: 'unknown' as const })) }
		};
		expect(finish(capacityOf(unknown, { kind: 'holder', id: 'h1' }))).toBeNull();
		expect(
			finish(
				capacityOf(doing(base, rack('h4', { load: { ...rackOf(base.holders[3] as Holder).load, mass: 0 } })), {
					kind: 'holder',
					id: 'h4'
				})
			)
		).toBeNull();
		expect(finish(capacityOf(base, { kind: 'holder', id: 'h6' }))).toBeNull();
	});

	const step = (margin: number): Step =>
		stepOf({ title: 's', reason: phrase('s'), source: '', demand: ratio(1), capacity: ratio(margin), lines: () => [] });
	it('is found for any margin that falls like a / (b + c f)', () => {
		const some = fc.double({ min: 0.01, max: 100, noNaN: true });
		fc.assert(
			fc.property(some, fc.double({ min: 0, max: 0.9, noNaN: true }), some, (c, b, kink) => {
				// What is used is b + c f, with a second step that takes over at the kink.
				const used = (f: number) => Math.max(b + c * f, f > kink ? 2 * (b + c * f) : 0);
				const found = finish(failsAt((f) => [step(1 / used(f))]));
				if ((1 - b) / c > 999 || kink < 1e-3) return;
				const atKink = b + c * kink;
				const later = (2 * atKink < 1 ? 0.5 - b : 1 - b) / c;
				const want = atKink >= 0.5 && atKink < 1 ? kink : later;
				if (want > 0) expect((found?.factor ?? Number.NaN) / want).toBeCloseTo(1, 3);
			})
		);
	});
});

describe('advice', () => {
	it('puts what holds first, and there the least work first', () => {
		for (const id of ['h1', 'h3', 'h5', 'h6']) {
			const advice = finish(adviceFor(base, { kind: 'holder', id }));
			expect(advice.length, id).toBeGreaterThan(0);
			const holding = advice.filter((a) => a.after.verdict === 'holds');
			expect(advice.slice(0, holding.length)).toEqual(holding);
			holding
				.slice(1)
				.forEach((a, i) =>
					expect(EFFORTS.indexOf(a.effort)).toBeGreaterThanOrEqual(EFFORTS.indexOf((holding[i] as typeof a).effort))
				);
		}
	});
	it('is given for rows, and brings what it promises', () => {
		const advice = finish(adviceFor(base, { kind: 'row', id: 'r5' }));
		expect(advice.length).toBeGreaterThan(0);
		for (const a of advice)
			expect(fresh(doing(base, a.command)).rows.get('r5')?.check?.margin).toBeCloseTo(a.after.margin as number, 9);
	});
	it('offers to count unknown studs as the softest', () => {
		const unknown = {
			...base,
			wall: { ...base.wall, studs: base.wall.studs.map((s) => ({ ...s, species: 'unknown' as const })) }
		};
		expect(finish(adviceFor(unknown, { kind: 'holder', id: 'h4' })).map((a) => a.text.text)).toContain(
			'Count unknown studs as the softest, G 0.36'
		);
	});
});

describe('by stud and by row', () => {
	const c = fresh(base);
	it('every newton that hangs is on the studs', () => {
		const hung = [...c.holders.values()].reduce((sum, { placed }) => sum + holderWeights(placed.built).total, 0);
		const studs = byStud(base, c).reduce((sum, s) => sum + s.load, 0);
		// The cleats' own weight is there as well, and what eases a stud is not counted off.
		expect(studs).toBeGreaterThan(hung);
		expect(studs).toBeLessThan(hung * 1.6);
	});
	it('each has the margin of its worst check, and would carry that many times its load', () => {
		for (const p of [...byStud(base, c), ...byRow(base, c)]) {
			if (p.capacity === null || p.margin === null) continue;
			expect(p.capacity).toBeCloseTo(p.load * p.margin, 9);
			expect(standingMargin(p.check as Check)).toBe(p.margin);
		}
		expect(byStud(base, c).find((s) => s.at === 3290)).toMatchObject({ verdict: 'does-not-hold', capacity: 0 });
	});
	it('moving a holder towards one stud never lowers the margin of the other', () => {
		const between = doing(base, { kind: 'remove', list: 'holders', id: 'h2' });
		const margin = (x: number, id: string) =>
			find(
				fresh(
					doing(between, {
						kind: 'change',
						list: 'holders',
						id: 'h1',
						change: { mount: { ...holder('h1', between).mount, row: 'r2', x } }
					})
				),
				id
			).margin as number;
		// Studs at 430 and 850, a rack 180 wide between them, moved right: the left one gains.
		const narrow = doing(
			between,
			rack(
				'h1',
				{
					face: { stock: 'ply-18', width: 180, height: 300 },
					pegs: { ...rackOf(base.holders[0] as Holder).pegs, spacing: { kind: 'equal-gaps', count: 1 } }
				},
				between
			)
		);
		const at = (x: number, id: string) =>
			find(
				fresh(
					doing(narrow, {
						kind: 'change',
						list: 'holders',
						id: 'h1',
						change: { mount: { ...holder('h1', narrow).mount, row: 'r2', x } }
					})
				),
				id
			).margin as number;
		fc.assert(
			fc.property(fc.integer({ min: 430, max: 660 }), fc.integer({ min: 1, max: 10 }), (x, dx) => {
				expect(at(x + dx, 'fixing:r2:s2:430:screws')).toBeGreaterThanOrEqual(
					at(x, 'fixing:r2:s2:430:screws') * (1 - 1e-9)
				);
			}),
			{ numRuns: 20 }
		);
		expect(margin(20, 'fixing:r2:s7:2465:screws')).toBeGreaterThan(margin(1400, 'fixing:r2:s7:2465:screws'));
	});
});

describe('handling and the service panel', () => {
	const tall = doing(base, { kind: 'set-stature', stature: 1750 });
	it('say what is out of reach only when somebody reaches', () => {
		expect(said(fresh(base), 'h5')).not.toMatch(/reach/);
		expect(said(fresh(tall), 'h5')).toMatch(/mind: Its seats, .* are out of flat-footed reach: step/);
		expect(said(fresh(doing(tall, { kind: 'set-stature', stature: undefined })), 'h5')).not.toMatch(/reach/);
	});
	it('say what is too heavy for its height, and where it would not be', () => {
		const heavy = doing(
			base,
			rack('h1', { load: { ...rackOf(base.holders[0] as Holder).load, mass: 14, perSeat: 1 } })
		);
		const h = seatHandling(fresh(heavy).holders.get('h1')?.placed as Placed, undefined);
		expect(h).toMatchObject({ mass: 14, band: null });
		expect(said(fresh(heavy), 'h1')).toMatch(/mind: Lifting spar clamp/);
		expect(said(fresh(base), 'h1')).not.toMatch(/Lifting/);
	});
	it('refuse a holder in the working space of a service panel', () => {
		const panel = doing(base, {
			kind: 'add',
			list: 'obstructions',
			item: { id: 'p1', kind: 'service-panel', name: 'board', x: 300, y: 1200, width: 300, height: 400 }
		});
		expect(said(fresh(panel), 'h1')).toMatch(/stop: Stands in the working space of board/);
		expect(said(fresh(panel), 'r2')).toMatch(/mind: The row runs through the working space of board/);
	});
});
