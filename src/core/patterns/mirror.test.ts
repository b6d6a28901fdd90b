import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyValues } from '../../../tests/support/any-fields';
import { heldBy } from '../../../tests/support/in-place';
import { FITTING } from '../../../tests/support/fitting-things';
import { roomIn } from '../kinds/room';
import { CARRIERS } from '../carriers/registry';
import { carrierKind } from '../kinds/registry';
import { buildHolder } from '../holders/build';
import { emptyHolder } from '../holders/empty-holder';
import { holderFor } from '../holders/holder-for';
import { roomBoxes } from '../holders/room-boxes';
import type { Backed, HungHolder } from '../plan/types';
import { mirrorHolder } from './mirror';

const build = (h: Backed) => buildHolder(h.back, h.carriers, heldBy(h));
/** Off the halves that figures stand on, so that both ways round alike. */
const round = (x: number) => Math.round((x + 0.0137) * 10) / 10 + 0;

/** Boxes of all parts and things, and every screw and seat, seen from one end; or from the other, as in a mirror. */
function seen(h: Backed, mirrored: boolean): string[] {
	const built = build(h);
	const { width } = h.back;
	const x = (a: number, b: number) => (mirrored ? [round(width - b), round(width - a)] : [round(a), round(b)]);
	const fixed = { ...built, parts: built.parts.filter((p) => !MOVED.test(p.name) || p.name.startsWith('hole')) };
	const boxes = roomBoxes(fixed).map(({ box }) =>
		[...x(...(box.x as [number, number])), ...box.y.map(round), ...box.z.map(round)].join(' ')
	);
	const places = built.carriers.flatMap((c) => c.joints.flatMap((j) => j.places));
	const seats = built.seats.map((s) => `${s.load?.name ?? ''} ${x(s.at[0], s.at[0])[0]} ${round(s.at[1])}`);
	return [...boxes, ...places.map((p) => `screw ${x(p[0], p[0])[0]} ${round(p[1])} ${round(p[2])}`), ...seats].sort();
}

/** Leaning tubes and holes by size, begin on the left in a mirror too; pegs that step down to nothing are no plan. */
const staysSo = (p: { lean?: unknown; step?: unknown; holes?: unknown }) =>
	Number(p.lean ?? 0) > 0 ||
	Math.abs(Number(p.step ?? 0)) > 15 ||
	(p.holes as { kind?: string } | undefined)?.kind === 'by-size';

/** What is below a plate is moved aside to the nearest place where it is in nothing's way, of two the left one. */
const MOVED = /gusset|block|bracket/;

const on = (kind: string, params: Record<string, unknown>): HungHolder => {
	const bare = emptyHolder('h', '', 'mm');
	const room = roomIn({ kind, params });
	const groups = carrierKind(kind).groups(params);
	const loads = groups.map((name, i) => ({
		name: `${name} ${i}`,
		mass: 1,
		width: 30 + i,
		height: 50,
		depth: 20,
		count: room[i] ?? 0
	}));
	return {
		...bare,
		back: { ...bare.back, width: 700, height: 400 },
		carriers: [{ id: 'c1', kind, at: { on: 'back', x: 37, y: 90 }, params, loads }]
	};
};

describe.each(CARRIERS.map((c) => c.kind))('%s in a mirror', (kind) => {
	it('is where a mirror shows it, whatever its figures', () => {
		const start = carrierKind(kind).start('mm');
		const fields = Object.keys(carrierKind(kind).fields);
		let tried = 0;
		fc.assert(
			fc.property(
				anyValues(carrierKind(kind).fields),
				fc.subarray(fields, { minLength: 1, maxLength: 2 }),
				(any, some) => {
					const params = { ...start, ...Object.fromEntries(some.map((name) => [name, any[name]])) };
					if (carrierKind(kind).effort(params) > 150) return;
					const h = on(kind, params);
					// What hangs there need not fit: it is drawn, and seen in the mirror, all the same.
					const bare = { ...h, carriers: h.carriers.map((c) => ({ ...c, loads: [] })) };
					if (staysSo(params) || build(bare).warnings.some((w) => w.level === 'stop')) return;
					tried++;
					const [a, b] = [seen(mirrorHolder(h), false), seen(h, true)];
					const odd = [a.filter((x) => !b.includes(x)).slice(0, 3), b.filter((x) => !a.includes(x)).slice(0, 3)];
					expect(odd, kind).toEqual([[], []]);
				}
			),
			{ numRuns: 150, seed: 5 }
		);
		expect(tried, 'of 150 that could be built').toBeGreaterThan(5);
	});
	it('is itself again in two', () => {
		const made = holderFor(kind, { thing: FITTING[kind]!, count: 5, widest: 1200, unit: 'mm' }, 'h');
		if (!made.ok) throw new Error(made.error);
		const { holder } = made.value;
		expect(seen(mirrorHolder(mirrorHolder(holder)), false)).toEqual(seen(holder, false));
	});
});
