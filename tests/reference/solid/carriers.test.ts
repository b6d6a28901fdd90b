import { heldBy } from '../../support/in-place';
import { afterAll, describe, expect, it } from 'vitest';
import { CARRIERS } from '$core/carriers/registry';
import { carrierKind } from '$core/kinds/registry';
import { newRack } from '$core/arrange/first-rack';
import { buildHolder } from '$core/holders/build';
import { buildRack } from '$core/holders/build-rack';
import { RACKS } from '$core/racks/registry';
import type { Built } from '$core/holders/built';
import { emptyHolder } from '$core/holders/empty-holder';
import { holderFor } from '$core/holders/holder-for';
import { newCarrier } from '$core/holders/new-carrier';
import type { Backed } from '$core/plan/types';
import { envelope } from '$core/solid/envelope';
import type { Part } from '$core/solid/part';
import { volumeOf, weigh } from '$core/solid/weigh';
import { FITTING } from '../../support/fitting-things';
import { centreOf, placed, solidOf } from '../../support/manifold';

/** Every carrier as it starts, and as it is made for a thing, against a general library of solids. */
const built = (h: Pick<Backed, 'back' | 'carriers' | 'mount'>) => buildHolder(h.back, h.carriers, heldBy(h));

function started(kind: string): Built {
	const bare = emptyHolder('h', '', 'mm');
	const tall = { ...bare, back: { ...bare.back, height: 400 } };
	return built({ ...tall, carriers: [newCarrier(tall, kind, 'mm')] });
}
function fitted(kind: string): Built {
	const made = holderFor(kind, { thing: FITTING[kind]!, count: 7, widest: 1200, unit: 'mm' }, 'h');
	if (!made.ok) throw new Error(`${kind}: ${made.error}`);
	return built(made.value.holder);
}
/** A shelf on two battens that are screwed to the wall. */
function onBattens(kind: string): Built {
	const bare = emptyHolder('h', '', 'mm');
	const back = { ...bare.back, height: 400, made: { kind: 'battens', width: 70, at: [60, 300, 540] } as const };
	const tall = { ...bare, back: { ...back, made: { ...back.made, at: [...back.made.at] } } };
	return buildHolder(tall.back, [newCarrier(tall, kind, 'mm')], {
		kind: 'fixed',
		screws: { size: '#10', length: 80 },
		places: [60, 300, 540].flatMap((x) => [60, 340].map((y) => ({ x, y })))
	});
}
/** A thick back with its hook let in, and a lock strip under that. */
function recessed(kind: string): Built {
	const bare = emptyHolder('h', '', 'mm');
	const strips = { ...bare.mount.strips, recessed: true, lockStrip: 'loose' as const };
	const thick = {
		...bare,
		back: { ...bare.back, stock: '2x12' as const, height: 285 },
		mount: { ...bare.mount, strips }
	};
	const carrier = newCarrier(thick, kind, 'mm');
	return built({ ...thick, carriers: [{ ...carrier, at: { ...carrier.at, y: 60 } }] });
}
/** A rack as it starts, in either unit; what only stands on something has no solids. */
const rackIn = (unit: 'mm' | 'inch') => (kind: string) => buildRack(newRack(kind, 'h', '', unit).carriers, 0);
const racks = RACKS.filter(({ kind }) => rackIn('mm')(kind).parts.length > 0);

const cases = [
	...racks.flatMap(({ kind }) => [
		[kind, 'as it starts', rackIn('mm')] as const,
		[kind, 'as it starts in inches', rackIn('inch')] as const
	]),
	['flat-shelf', 'on battens', onBattens] as const,
	['pegs', 'on a back whose hook is let in', recessed] as const,
	...CARRIERS.flatMap(({ kind }) => [
		[kind, 'as it starts', started] as const,
		[kind, 'made for a thing', fitted] as const
	])
];

type Solid = ReturnType<typeof solidOf>;
/** Do their boxes meet? Else they have nothing in common, and there is nothing to intersect. */
const near = (a: Solid, b: Solid) => {
	const [p, q] = [a.boundingBox(), b.boundingBox()];
	return p.min.every((low, i) => low < q.max[i]! && q.min[i]! < p.max[i]!);
};

describe.each(cases)('%s %s', (kind, _, make) => {
	const holder = make(kind);
	/** Made once, and let go of after. */
	let made: Map<Part, Solid> | undefined;
	const one = (part: Part) => (made ??= new Map(holder.parts.map((p) => [p, solidOf(p)]))).get(part)!;
	const solids = (part: Part) => placed(part, one(part));
	afterAll(() => (made = undefined));

	it('weighs and balances as its solids do', () => {
		for (const part of holder.parts) {
			const ours = volumeOf(part);
			const theirs = centreOf(one(part));
			expect(ours.volume / theirs.volume, part.name).toBeCloseTo(1, 3);
			for (const i of [0, 1, 2] as const) expect(ours.at[i], part.name).toBeCloseTo(theirs.at[i], 0);
		}
		const whole = weigh(holder.parts);
		expect(whole).toEqual(holder.self);
	});

	it('stands where its solids stand', () => {
		const box = envelope(holder.parts);
		const all = holder.parts.flatMap(solids).map((s) => s.boundingBox());
		(['x', 'y', 'z'] as const).forEach((axis, i) => {
			expect(box[axis][0]).toBeCloseTo(Math.min(...all.map((b) => b.min[i]!)), 0);
			expect(box[axis][1]).toBeCloseTo(Math.max(...all.map((b) => b.max[i]!)), 0);
		});
	});

	it('has no two parts in one place', () => {
		// A lag is in the wood of its upright, which no bore is drawn for.
		const wood = holder.parts.filter((p) => p.material.kind !== 'driven');
		const all = wood.flatMap((part) => solids(part).map((solid) => ({ part, solid })));
		all.forEach((a, i) => {
			for (const b of all.slice(i + 1)) {
				if (!near(a.solid, b.solid)) continue;
				const both = a.solid.intersect(b.solid).volume();
				expect(both, `${a.part.name} and ${b.part.name}`).toBeLessThan(60);
			}
		});
	});

	it('starts without a stop', () => {
		expect(holder.warnings.filter((w) => w.level === 'stop')).toEqual([]);
	});

	it('has every seat carried all the way, its shares whole', () => {
		expect(holder.seats.length).toBeGreaterThan(0);
		for (const s of holder.seats)
			for (const c of s.carriedBy) {
				expect(holder.members[c.member]?.instances[c.instance], `${kind} ${c.member} ${c.instance}`).toBeDefined();
				expect(c.share).toBeGreaterThanOrEqual(0);
				expect(c.share).toBeLessThanOrEqual(1 + 1e-9);
			}
	});

	it('says for every group what keeps it in each direction', () => {
		const [carrier] = holder.carriers;
		// A group may have no seats yet: docks on top of a board that has them below.
		for (const s of holder.seats) expect(carrier!.retention[s.group], `${kind} ${s.group}`).toBeDefined();
		for (const r of carrier!.retention) expect(Object.keys(r).sort()).toEqual(['back', 'forward', 'sideways', 'up']);
	});
});

it('every kind has its own name, and its fields start within their bounds', () => {
	expect(new Set(CARRIERS.map((c) => c.kind)).size).toBe(CARRIERS.length);
	for (const c of CARRIERS) expect(carrierKind(c.kind)).toBe(c);
});
