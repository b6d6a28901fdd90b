import { onBase } from './load-of';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { HELD } from '../../../tests/support/in-place';
import { buildHolder } from '../holders/build';
import { holderFor } from '../holders/holder-for';
import { firstOf, offersFor } from '../holders/offers';
import { newThing } from '../things/new-thing';
import type { Carrier } from '../plan/types';
import type { Thing } from '../things/types';
import { FITTING } from '../../../tests/support/fitting-things';
import { CARRIERS } from './registry';
import { carrierKind } from '../kinds/registry';
import { roomIn } from '../kinds/room';
import { spacingPitch, type Spacing } from './spacing';

const figures = (kind: string, thing: Thing, count = 4, unit: 'mm' | 'inch' = 'mm') => {
	const made = holderFor(kind, { thing, count, widest: 1200, unit }, 'h');
	if (!made.ok) throw new Error(made.error);
	return { ...made.value, params: made.value.holder.carriers[0]!.params as never as Record<string, number> };
};
const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true, noDefaultInfinity: true });
/** The same without what charges: as older plans have them, without a word of it. */
const newCarriers = (all: readonly Carrier[]) =>
	all.map((c) => ({ ...c, params: Object.fromEntries(Object.entries(c.params).filter(([k]) => k !== 'cords')) }));
const spread = (p: Record<string, unknown>) => p.spacing as Spacing;

describe('made to measure: what shall go in does, what shall not fall through does not', () => {
	it('slots take the bar and hold the head, and heads pass each other', () => {
		fc.assert(
			fc.property(mm(2, 40), mm(1, 80), fc.integer({ min: 1, max: 40 }), (bar, more, count) => {
				const head = bar + 2 + more;
				const thing = { ...FITTING['slotted-shelf']!, dims: { bar, head } };
				const { params, holder } = figures('slotted-shelf', thing, count);
				expect(params.slot).toBeGreaterThan(bar);
				expect(params.slot).toBeLessThan(head);
				expect(spacingPitch(params.width!, spread(params))).toBeGreaterThan(head);
				expect(holder.back.width).toBeLessThanOrEqual(1200 + 1e-6);
			}),
			{ seed: 13 }
		);
	});

	it('holes take the shank and hold the head', () => {
		fc.assert(
			fc.property(mm(3, 60), mm(1, 60), fc.integer({ min: 1, max: 40 }), (shank, more, count) => {
				const head = shank + 2 + more;
				const thing = { ...FITTING['hole-shelf']!, width: head, dims: { shank, head } };
				const { params } = figures('hole-shelf', thing, count);
				expect(params.hole).toBeGreaterThan(shank);
				expect(params.hole).toBeLessThan(head);
				expect(spacingPitch(params.width!, spread(params))).toBeGreaterThan(head);
			}),
			{ seed: 13 }
		);
	});

	it('a fork lets the neck in and keeps what sits in the seat', () => {
		fc.assert(
			fc.property(mm(10, 80), mm(3, 60), mm(20, 120), (neck, more, halfDepth) => {
				const collar = neck + 2 + more;
				const thing = { ...FITTING['neck-fork']!, dims: { neck, seat: collar, halfDepth } };
				const { params } = figures('neck-fork', thing);
				expect(params.throat).toBeGreaterThan(neck);
				expect(params.throat).toBeLessThan(collar);
				expect(params.seat).toBeGreaterThan(collar);
				expect(params.out).toBeGreaterThan(halfDepth);
			}),
			{ seed: 13 }
		);
	});

	it('a rod goes through the bore, and the roll clears the face', () => {
		fc.assert(
			fc.property(mm(13, 80), mm(5, 100), mm(10, 80), (bore, more, roll) => {
				const across = bore + more;
				const thing = { ...FITTING['side-rod']!, dims: { bore, across, roll } };
				const { params } = figures('side-rod', thing);
				expect(params.diameter).toBeLessThan(bore);
				expect(params.out).toBeGreaterThan(across / 2);
			}),
			{ seed: 13 }
		);
	});

	it('rails take the handle, hold the narrowest head, and the widest clears the face', () => {
		fc.assert(
			fc.property(mm(8, 60), mm(3, 60), mm(1, 120), fc.integer({ min: 1, max: 30 }), (handle, more, wider, count) => {
				const narrowHead = handle + 2 + more;
				const head = narrowHead + wider;
				const thing = { ...FITTING['two-rails']!, width: head, depth: 60, dims: { handle, narrowHead, head } };
				const { params, holder } = figures('two-rails', thing, count);
				expect(params.gap).toBeGreaterThan(handle);
				expect(params.gap).toBeLessThan(narrowHead);
				const rail = 18;
				expect(params.behind! + rail + params.gap! / 2).toBeGreaterThan(head / 2);
				// What lies across the gap takes its other side along the rails.
				expect(params.width! / params.places!).toBeGreaterThan(Math.min(60, head));
				expect(holder.back.width).toBeLessThanOrEqual(1200 + 1e-6);
			}),
			{ seed: 13 }
		);
	});

	it('a pigeonhole takes the body, its neighbours pass, and what lies there does not tip out', () => {
		fc.assert(
			fc.property(mm(10, 150), mm(1, 5), fc.integer({ min: 1, max: 40 }), (body, times, count) => {
				const height = body * times;
				const thing = { ...FITTING.pigeonholes!, width: body, depth: body, height, dims: { shank: body } };
				const { params, holder } = figures('pigeonholes', thing, count);
				expect(params.hole).toBeGreaterThan(body);
				expect((params.width! - 36) / params.columns!).toBeGreaterThan(params.hole! + 4 - 1e-9);
				expect(params.rowPitch! - 18).toBeGreaterThanOrEqual(params.hole! + params.lip!);
				expect(params.depth! + 18).toBeGreaterThan(height / 2);
				expect(holder.back.width).toBeLessThanOrEqual(1200 + 1e-6);
			}),
			{ seed: 13 }
		);
	});

	it('a bay is wider than what stands in it, the bottom as deep, and its plug goes through', () => {
		fc.assert(
			fc.property(mm(10, 300), mm(20, 300), mm(10, 60), fc.integer({ min: 1, max: 30 }), (wide, deep, plug, count) => {
				const dims = { baseWidth: wide, baseDepth: deep };
				const thing = {
					...FITTING['divided-bays']!,
					width: wide,
					depth: deep,
					dims,
					plugWidth: plug,
					plugHeight: plug / 2
				};
				const { params, holder } = figures('divided-bays', thing, count);
				const n = (params.bays as never as { count: number }).count;
				expect((params.width! - 36 - (n - 1) * 18) / n).toBeGreaterThan(wide);
				expect(params.depth).toBeGreaterThan(deep);
				expect((params.cords as never as { hole: number }).hole).toBeGreaterThan(Math.hypot(plug, plug / 2));
				expect(holder.back.width).toBeLessThanOrEqual(1200 + 1e-6);
			}),
			{ seed: 13 }
		);
	});

	it.each(['drilled-block', 'angled-blocks'])('%s takes the shank, closely, and heads pass each other', (kind) => {
		fc.assert(
			fc.property(mm(3, 25), mm(0, 20), mm(30, 120), fc.integer({ min: 1, max: 40 }), (shank, more, height, count) => {
				const head = shank + more;
				const thing = { ...FITTING[kind]!, width: head, depth: head, height, dims: { shank, head } };
				const { params, holder } = figures(kind, thing, count);
				const { spacing, diameter } = (params.holes as never as { spacing: Spacing; diameter: number }) ?? {};
				const hole = diameter ?? params.hole!;
				expect(hole).toBeGreaterThan(shank);
				expect(hole - shank).toBeLessThan(1);
				const along = (params.width ?? params.length)!;
				const spaced = spacing ?? spread(params);
				if (spaced.count > 1) expect(spacingPitch(along, spaced)).toBeGreaterThan(head);
				expect(holder.back.width).toBeLessThanOrEqual(1200 + 1e-6);
			}),
			{ seed: 13 }
		);
	});

	it('a roll on a slope rests on it, clear of the next shelf, and its shelf is as deep as that', () => {
		fc.assert(
			fc.property(mm(30, 300), mm(10, 100), fc.integer({ min: 1, max: 40 }), (across, roll, count) => {
				const thing = {
					...FITTING['sloping-shelf']!,
					dims: { across, roll },
					width: roll,
					height: across,
					depth: across
				};
				const { params, holder } = figures('sloping-shelf', thing, count);
				const cos = Math.cos((params.slope! * Math.PI) / 180);
				// A circle that touches the face and the slope: as far along that as the tangent from their corner.
				const corner = (90 - params.slope!) / 2;
				const tangent = across / 2 / Math.tan((corner * Math.PI) / 180);
				expect(params.deep).toBeGreaterThan(tangent);
				expect(params.pitch! - 18 / cos).toBeGreaterThan(tangent + across / 2);
				expect((params.width! - 36) / params.places!).toBeGreaterThan(roll - 1e-9);
				expect(holder.back.width).toBeLessThanOrEqual(1200 + 1e-6);
			}),
			{ seed: 13 }
		);
	});

	it('a tube takes the thickest part, or several of them, and the middle of what stands there is in it', () => {
		fc.assert(
			fc.property(mm(3, 80), mm(60, 500), fc.integer({ min: 1, max: 40 }), (shank, height, count) => {
				const thing = { ...FITTING['lean-tubes']!, width: shank, depth: shank, height, dims: { shank } };
				const { params, holder } = figures('lean-tubes', thing, count);
				expect(params.inside).toBeGreaterThan(shank);
				// Circles in a circle: never more than their areas say, by far.
				expect(params.each! * shank ** 2).toBeLessThanOrEqual(Math.max(shank ** 2, params.inside! ** 2 / 2));
				const front = params.long! - ((params.inside! + 6) / 2) * Math.tan((params.mouth! * Math.PI) / 180);
				expect(front).toBeGreaterThan(height / 2);
				expect(holder.back.width).toBeLessThanOrEqual(1200 + 1e-6);
			}),
			{ seed: 13 }
		);
	});

	it('a form goes into the hollow, and the rim of that clears the face', () => {
		fc.assert(
			fc.property(mm(40, 300), mm(30, 200), fc.integer({ min: 1, max: 8 }), (inside, insideDepth, count) => {
				const thing = { ...FITTING['hollow-form']!, width: inside + 40, dims: { inside, insideDepth } };
				const { params } = figures('hollow-form', thing, count);
				expect(params.across).toBeLessThan(inside);
				expect(params.out).toBeGreaterThan(insideDepth);
				expect(params.pin).toBeLessThanOrEqual(params.across! / 3);
			}),
			{ seed: 13 }
		);
	});

	it('a box takes what lies in it, and one that is carried leaves room for a hand', () => {
		fc.assert(
			fc.property(mm(20, 250), mm(20, 250), mm(20, 250), fc.boolean(), (wide, deep, height, carried) => {
				const dims = { baseWidth: wide, baseDepth: deep };
				const thing = { ...FITTING['open-box']!, width: wide, depth: deep, height, carried, dims };
				const { params } = figures('open-box', thing, 3);
				expect((params.width! - 36) / params.places!).toBeGreaterThan(wide);
				expect(params.depth).toBeGreaterThan(deep);
				const handle = params.handle as never as { diameter: number; below: number } | null;
				expect(handle !== null).toBe(carried);
				const { height: tall } = params.sides as never as { height: number };
				if (handle) expect(tall - handle.below - handle.diameter / 2 - 18 - height).toBeGreaterThan(30);
			}),
			{ seed: 13 }
		);
	});

	it('runners let the body through and hold the rims, and bins pass each other', () => {
		fc.assert(
			fc.property(mm(60, 400), mm(6, 30), mm(40, 300), fc.integer({ min: 1, max: 9 }), (body, rims, height, count) => {
				const dims = { underRim: body, rim: body + 2 * rims, baseDepth: 250 };
				const thing = { ...FITTING['bin-runners']!, width: body + 2 * rims, height, dims };
				const made = holderFor('bin-runners', { thing, count, widest: 1200, unit: 'mm' }, 'h');
				if (!made.ok) {
					expect(made.error).toMatch(/rims are too narrow/);
					expect(2 * rims).toBeLessThan(4 + 8);
					return;
				}
				const params = made.value.holder.carriers[0]!.params as never as Record<string, number>;
				expect(params.gap).toBeGreaterThan(body);
				expect(params.gap).toBeLessThan(body + 2 * rims);
				expect(params.gap! + 2 * 44).toBeGreaterThan(body + 2 * rims);
				expect(params.pitch).toBeGreaterThan(height);
			}),
			{ seed: 13 }
		);
	});

	it('lids hang apart, and a hand gets round each jar', () => {
		fc.assert(
			fc.property(mm(20, 150), mm(0, 30), fc.integer({ min: 1, max: 20 }), (lid, more, count) => {
				const thing = { ...FITTING['jar-lids']!, width: lid + more, depth: lid + more, dims: { lid } };
				const { params, holder } = figures('jar-lids', thing, count);
				expect(params.width! / params.count!).toBeGreaterThan(lid + more + 10);
				expect(params.depth).toBeGreaterThan(lid + more);
				expect(holder.back.width).toBeLessThanOrEqual(1200 + 1e-6);
			}),
			{ seed: 13 }
		);
	});

	it('a hook takes the tube that rests in it', () => {
		fc.assert(
			fc.property(mm(5, 200), fc.integer({ min: 1, max: 20 }), (tube, count) => {
				const { params } = figures('bought-hooks', { ...FITTING['bought-hooks']!, dims: { tube, wheel: 300 } }, count);
				expect(params.opening).toBeGreaterThan(tube);
				if (spread(params).count > 1) expect(spacingPitch(params.width!, spread(params))).toBeGreaterThan(300);
			}),
			{ seed: 13 }
		);
	});

	it('a peg goes through the hole', () => {
		fc.assert(
			fc.property(mm(11, 60), (hole) => {
				const thing = { ...FITTING.pegs!, dims: { hole, thickness: 40 } };
				expect(figures('pegs', thing).params.diameter).toBeLessThan(hole);
			}),
			{ seed: 13 }
		);
	});

	it.each(['flat-shelf', 'lip-ledge', 'tool-dock', 'divided-bays'])(
		'%s of what charges has a hole for its plug, clear of the hook',
		(kind) => {
			fc.assert(
				fc.property(mm(15, 70), mm(15, 70), fc.integer({ min: 1, max: 4 }), (plugWidth, plugHeight, count) => {
					const thing = { ...FITTING[kind]!, charger: true, cord: 1500, plugWidth, plugHeight };
					const made = holderFor(kind, { thing, count, widest: 1200, unit: 'mm' }, 'h');
					if (!made.ok) throw new Error(made.error);
					const { back, carriers, mount } = made.value.holder;
					const built = buildHolder(back, carriers, { ...HELD, strips: mount.strips });
					expect(built.warnings.filter((w) => w.level === 'stop')).toEqual([]);
					expect(built.cords.length).toBeGreaterThan(0);
					expect(built.cords.every((c) => c.length === 1500)).toBe(true);
					for (const h of built.holes) expect(h.diameter).toBeGreaterThan(Math.hypot(plugWidth, plugHeight));
					expect(buildHolder(back, newCarriers(carriers), HELD).cords).toEqual([]);
				}),
				{ seed: 13, numRuns: 30 }
			);
		}
	);

	it('a shelf lets what is long lie along the wall, and says so of another one too', () => {
		const plane = { ...FITTING['flat-shelf']!, width: 70, depth: 560, dims: { baseWidth: 70, baseDepth: 560 } };
		const { params, holder } = figures('flat-shelf', plane, 2);
		expect(params.depth).toBeLessThan(100);
		expect(params.width! / params.places!).toBeGreaterThan(560);
		expect(holder.carriers[0]!.loads[0]).toMatchObject({ width: 560, depth: 70 });
		expect(carrierKind('flat-shelf').suits!(params, plane)).toEqual([]);
		const square = { ...plane, dims: { baseWidth: 300, baseDepth: 560 } };
		expect(carrierKind('flat-shelf').suits!(params, square)).toHaveLength(1);
	});

	it('shelves and ledges are as deep as what stands on them', () => {
		for (const kind of ['flat-shelf', 'lip-ledge']) {
			const thing = FITTING[kind]!;
			expect(figures(kind, thing).params.depth).toBeGreaterThan(thing.depth!);
		}
	});
});

describe('every kind that is made to measure', () => {
	it.each(CARRIERS.map((c) => c.kind))('%s starts without a stop in either unit, and seats what it says', (kind) => {
		for (const unit of ['mm', 'inch'] as const) {
			const { offers } = offersFor({ thing: FITTING[kind]!, count: 5, widest: 1200, unit }, [], undefined, 3.2);
			const offer = offers.find((o) => o.kind === kind)!;
			expect(offer.built.warnings.filter((w) => w.level === 'stop')).toEqual([]);
			const carrier = offer.made.holder.carriers[0]!;
			expect(roomIn(carrier)[0]).toBe(offer.made.fitted.seats);
			expect(carrier.loads[0]!.count + offer.made.over).toBe(5);
			const { withSeats } = carrierKind(kind);
			if (!withSeats) expect(offer.made.fitted.seats).toBe(1);
			else expect(roomIn({ kind, params: withSeats(carrier.params, 9) })[0]).toBeGreaterThanOrEqual(9);
		}
	});

	it('says what keeps the things of each of its groups', () => {
		for (const { kind, start, groups, build } of CARRIERS) {
			const params = start('mm');
			const host = { face: 'front', width: 3000, height: 2000, stock: 'ply-18', at: [0, 900] } as const;
			expect(build(params, { host, loads: [] }).retention.length, kind).toBe(groups(params).length);
		}
	});

	it('is offered first for the grip it is meant for', () => {
		for (const { kind, grips } of CARRIERS) {
			const { offers } = offersFor({ thing: FITTING[kind]!, count: 3, widest: 1200, unit: 'mm' }, [], undefined, 3.2);
			// One that is meant for no grip stands among the others.
			if (grips.length > 0) expect(offers[0]?.kind).toBe(kind);
			else expect(offers.map((o) => o.kind)).toContain(kind);
		}
	});

	it('that is meant for a grip says why it cannot carry a thing of it that nobody measured', () => {
		const bare = { ...newThing('x', 'Saw'), grip: 'slot' as const };
		const asked = offersFor({ thing: bare, count: 1, widest: 900, unit: 'mm' }, [], undefined, 3.2);
		expect(firstOf(asked, bare)).toMatchObject({ ok: false, error: expect.stringMatching(/thickness of its bar/) });
		const odd = { ...bare, grip: 'arms' as const };
		const none = offersFor({ thing: odd, count: 1, widest: 900, unit: 'mm' }, [], undefined, 3.2);
		expect(firstOf(none, odd)).toEqual({ ok: false, error: 'nothing carries it yet' });
	});

	it('says why it cannot carry what it cannot', () => {
		const { offers, refusals } = offersFor(
			{ thing: { ...newThing('x', 'Mystery'), grip: 'arms' }, count: 1, widest: 1200, unit: 'mm' },
			[],
			undefined,
			3.2
		);
		expect(offers).toEqual([]);
		expect(refusals.map((r) => r.kind).sort()).toEqual(CARRIERS.map((c) => c.kind).sort());
		for (const r of refusals) expect(r.why).not.toBe('');
	});

	it('refuses a head that falls through, by its measures', () => {
		const thin = { ...FITTING['slotted-shelf']!, dims: { bar: 20, head: 21 } };
		expect(holderFor('slotted-shelf', { thing: thin, count: 1, widest: 900, unit: 'mm' }, 'h')).toMatchObject({
			ok: false,
			error: expect.stringMatching(/falls through/)
		});
	});
});

describe('how high a thing stands on its base', () => {
	const plane = { width: 74, height: 560, depth: 150 };
	it('is the measure that its base leaves over', () => {
		expect(onBase(plane, { baseWidth: 74, baseDepth: 560 })).toEqual({ wide: 74, deep: 560, high: 150 });
		expect(onBase({ width: 105, height: 75, depth: 165 }, { baseWidth: 105, baseDepth: 165 }).high).toBe(75);
		expect(onBase({ width: 110, height: 110, depth: 110 }, { baseWidth: 110, baseDepth: 110 }).high).toBe(110);
	});
	it('is its height where its base is none of its measures, or nobody measured it', () => {
		expect(onBase(plane, { baseWidth: 50, baseDepth: 90 }).high).toBe(560);
		expect(onBase(plane, {}).high).toBe(560);
	});
});
