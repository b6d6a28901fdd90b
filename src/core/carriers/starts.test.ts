import { describe, expect, it } from 'vitest';
import type { Fields } from '../form/field';
import { holderFor } from '../holders/holder-for';
import { offersFor } from '../holders/offers';
import { screwDiameter } from '../materials/screws';
import { stock } from '../materials/stocks';
import { DIMS, type DimName } from '../things/grips/dims';
import { newThing } from '../things/new-thing';
import type { Thing } from '../things/types';
import { FITTING } from '../../../tests/support/fitting-things';
import { sayPhrase } from '../units/phrase';
import { CARRIERS } from './registry';
import { carrierKind } from '../kinds/registry';
import { plateOn, type PlateInput } from './plate';
import { boundsOf, plain, rectangle } from '../solid/outline';
import { buildHolder } from '../holders/build';
import { HELD } from '../../../tests/support/in-place';
import { endScrew } from './sides';

/** Starts of lengths in either kind of shop, by the path of their field. */
function starts(fields: Fields, path = ''): { path: string; mm: number; inch: number }[] {
	return Object.entries(fields).flatMap(([name, f]) => {
		const here = `${path}/${name}`;
		if (f.kind === 'group') return starts(f.fields, here);
		if (f.kind === 'variants') return Object.entries(f.shapes).flatMap(([k, of]) => starts(of, `${here}:${k}`));
		if (f.kind !== 'length' || !f.start) return [];
		return [{ path: here, mm: f.start.mm as number, inch: f.start.inch as number }];
	});
}

describe('every kind', () => {
	it.each(CARRIERS.map((c) => c.kind))('%s starts about as large in inches as in millimetres', (kind) => {
		for (const { path, mm, inch } of starts(carrierKind(kind).fields))
			if (mm === 0) expect(inch, path).toBe(0);
			else expect(Math.abs(inch - mm) / Math.max(inch, mm), `${path}: ${mm}, ${inch}`).toBeLessThan(0.35);
	});

	it('says what to watch under a proof load', () => {
		for (const { kind, watch } of CARRIERS) expect(watch.length, kind).toBeGreaterThan(0);
	});

	it('refuses a thing of a grip that it is not for, however much of it is measured', () => {
		const dims = Object.fromEntries(Object.keys(DIMS).map((n, i) => [n, 20 + 5 * i])) as Record<DimName, number>;
		const boards: Thing = { ...newThing('b', 'Boards'), mass: 2, width: 60, height: 90, depth: 40, grip: 'arms', dims };
		const { offers } = offersFor({ thing: boards, count: 2, widest: 900, unit: 'mm' }, [], undefined, 3.2);
		expect(offers.map((o) => o.kind)).toEqual([]);
	});

	it('with nothing to hang on yet is offered on a usual row', () => {
		const asked = (unit: 'mm' | 'inch') =>
			offersFor({ thing: FITTING['flat-shelf']!, count: 2, widest: 900, unit }, [], undefined, 3.2).offers[0]!.built;
		for (const [unit, id] of [
			['mm', 'ply-18'],
			['inch', 'ply-3/4']
		] as const) {
			const hook = asked(unit).parts.find((p) => p.material.kind === 'cleat')!;
			expect(hook.material).toMatchObject({ stock: id, blank: 130, bevel: 45 });
		}
	});
});

describe('what is made for a thing', () => {
	it('is of a sheet where no board is so high', () => {
		const tall = { ...FITTING['lean-tubes']!, height: 420 };
		const of = (unit: 'mm' | 'inch') => {
			const made = holderFor('lean-tubes', { thing: tall, count: 2, widest: 900, unit }, 'h');
			if (!made.ok) throw new Error(made.error);
			return made.value.holder.back;
		};
		expect(of('mm')).toMatchObject({ stock: 'ply-18' });
		expect(of('inch')).toMatchObject({ stock: 'ply-3/4' });
		expect(stock(of('mm').stock).width).toBeGreaterThan(of('mm').height);
	});

	it('has a gusset for every so much of a long ledge', () => {
		const wide = { ...FITTING['lip-ledge']!, width: 180 };
		const count = (n: number) => {
			const made = holderFor('lip-ledge', { thing: wide, count: n, widest: 2000, unit: 'mm' }, 'h');
			if (!made.ok) throw new Error(made.error);
			const { params } = made.value.holder.carriers[0]!;
			return [(params.support as { count: number }).count, Math.ceil((params.width as number) / 400)];
		};
		expect(count(1)[0]).toBe(2);
		const [has, asks] = count(8);
		expect(asks).toBeGreaterThan(2);
		expect(has).toBe(asks);
	});
});

describe('screws of parts', () => {
	// NDS 2018 12.1: under six diameters in the main member nothing counts.
	it('go six diameters into the end of what stands between two sides, through a side of any thickness', () => {
		const six = 6 * screwDiameter('#8');
		expect(endScrew('2x4').length).toBeCloseTo(38.1 + six, 6);
		expect(endScrew('ply-18').length).toBe(50);
		expect(endScrew('ply-18').length - 18).toBeGreaterThan(six);
	});

	it('never stand where something goes through: gussets of a hole shelf are moved off its holes', () => {
		for (const count of [5, 9, 14, 23]) {
			const made = holderFor('hole-shelf', { thing: FITTING['hole-shelf']!, count, widest: 1200, unit: 'mm' }, 'h');
			if (!made.ok) throw new Error(made.error);
			const { back, carriers } = made.value.holder;
			const { parts } = buildHolder(back, carriers, HELD);
			const shelf = parts.find((p) => p.name === 'shelf')!;
			const holes = shelf.outline.holes.map(boundsOf);
			for (const g of parts.filter((p) => p.name === 'gusset').flatMap((p) => p.stands.map((f) => f.at[0])))
				for (const h of holes) expect(g <= h.left + 1e-6 || g - 18 >= h.right - 1e-6, `${g} ${h.left}`).toBe(true);
		}
	});

	it('that do not reach, or come out behind, are a stop', () => {
		const shelf = (length: number, pockets: boolean): PlateInput => ({
			id: 'shelf',
			name: 'shelf',
			x: 0,
			top: 0,
			width: 300,
			depth: 100,
			stock: 'ply-18',
			grain: 'along',
			outline: plain(rectangle(300, 100)),
			support: { kind: 'none' },
			screws: { size: '#8', length, count: 3, glued: false, ...(pockets ? { pockets } : {}) },
			host: { stock: 'ply-18', at: [0, 0] }
		});
		const said = (length: number, pockets = false) =>
			plateOn(shelf(length, pockets)).warnings.map((w) => `${w.level}: ${sayPhrase(w.message, 'mm')}`);
		expect(said(18)).toEqual(['stop: Screws of 18 mm do not reach through the 18 mm they stand on']);
		expect(said(19)).toEqual([]);
		expect(said(15, true)).toEqual([expect.stringMatching(/^stop: Pocket screws of 15 mm do not come out of a board/)]);
		expect(said(32, true)).toEqual([]);
		expect(said(50, true)).toEqual([expect.stringMatching(/^stop: Pocket screws of 50 mm enter .* come out behind/)]);
	});
});
