import { describe, expect, it } from 'vitest';
import { slipwayShop } from '../demo/slipway-shop';
import { THING_COLUMNS } from '../things/columns';
import type { Thing } from '../things/types';
import { cellOf, withCell, type CellNumber, type Column } from './column';
import { bareUnits, readCell, type Bare } from './read-cell';
import { PLAIN_VIEW, viewOf } from './view';
import { writeCell } from './write-cell';

const column = (key: string) => THING_COLUMNS.find((c) => c.key === key) as Column;
const read = (text: string, key: string, bare: Partial<Bare> = {}, unit: 'mm' | 'inch' = 'mm') => {
	const got = readCell(text, column(key), { ...bareUnits(unit), ...bare }, unit);
	return got.ok ? got.value : got.error;
};

describe('a cell', () => {
	it.each([
		['3 7/16"', 'width', {}, 87.3125],
		['3 7/16', 'width', { length: 'inch' as const }, 87.3125],
		['12,5', 'width', { length: 'cm' as const }, 125],
		['1.2', 'width', { length: 'm' as const }, 1200],
		['2', 'width', { length: 'ft' as const }, 609.6],
		['40 mm', 'width', { length: 'inch' as const }, 40],
		['0,7', 'mass', {}, 0.7],
		['800', 'mass', { mass: 'g' as const }, 0.8],
		['12', 'mass', { mass: 'oz' as const }, 0.3401942775],
		['3 1/2 lb', 'mass', {}, 1.587573295],
		['-', 'mass', {}, null],
		['n/a', 'grip', {}, null],
		['Shank', 'grip', {}, 'hole'],
		['round hole', 'grip', {}, 'hole'],
		['every day', 'use', {}, 'daily'],
		['x', 'charger', {}, true],
		['', 'charger', {}, false],
		['6 x', 'count', {}, 6],
		['bar', 'grip', {}, 'slot']
	])('%j in %s is read', (text, key, bare, want) => {
		const got = read(text, key, bare);
		if (typeof want === 'number') expect(got).toBeCloseTo(want, 9);
		else expect(got).toBe(want);
	});

	it.each([
		['3 7/16', 'width', /Is "3 7\/16" inches\?/],
		['wide', 'width', /Not understood/],
		['0.2', 'width', /at least 1 mm/],
		['9 m', 'width', /at most 6000 mm/],
		['two', 'count', /Not a number/],
		['1-2', 'count', /Not a number/],
		['-4', 'count', /at least 1/],
		['−4', 'count', /at least 1/],
		['2.5', 'count', /whole number/],
		['0', 'count', /at least 1/],
		['sideways', 'grip', /is none of: slot, fork/],
		['maybe', 'charger', /neither yes nor no/],
		['', 'name', /must not be empty/i],
		['n'.repeat(61), 'name', /at most 60/]
	])('%j in %s is refused, and says why', (text, key, why) => {
		expect(read(text, key)).toMatch(why);
	});

	it('at its bound comes back as that, however it was rounded, and past it is refused', () => {
		const wheel = THING_COLUMNS.find((c) => c.key === 'dims.wheel')! as Column<CellNumber>;
		for (const unit of ['mm', 'inch'] as const)
			for (const bound of [wheel.min, wheel.max]) {
				const back = readCell(writeCell(bound, wheel, unit), wheel, bareUnits(unit), unit);
				expect(back).toEqual({ ok: true, value: bound });
			}
		expect(readCell('3.937', wheel, bareUnits('inch'), 'inch')).toEqual({ ok: true, value: wheel.min });
		expect(readCell('3.9', wheel, bareUnits('inch'), 'inch').ok).toBe(false);
	});

	it('reads back what it wrote, of everything the demo shop has', () => {
		for (const unit of ['mm', 'inch'] as const) {
			for (const thing of slipwayShop().things) {
				for (const c of THING_COLUMNS) {
					const value = cellOf(thing, c);
					if (value === null) continue;
					const back = readCell(writeCell(value, c, unit), c, bareUnits(unit), unit);
					expect(back.ok, `${c.key} ${value}`).toBe(true);
					// As fine as the tape shows: 1/32 in, a hundredth of a pound.
					if (back.ok && typeof value === 'number')
						expect(Math.abs((back.value as number) - value)).toBeLessThanOrEqual(c.kind === 'length' ? 0.4 : 0.006);
					else if (back.ok) expect(back.value).toBe(value);
				}
			}
		}
	});

	it('is changed without changing the item, and one of a bag is left out when it is emptied', () => {
		const [thing] = slipwayShop().things as [Thing];
		const next = withCell(thing, { key: 'dims.bar' }, 12);
		expect([cellOf(thing, { key: 'dims.bar' }), cellOf(next, { key: 'dims.bar' })]).toEqual([10, 12]);
		expect(withCell(next, { key: 'dims.bar' }, null).dims).toEqual({ head: 45 });
	});
});

describe('a view', () => {
	const { things } = slipwayShop();
	const names = (view: Partial<typeof PLAIN_VIEW>) =>
		viewOf(things, THING_COLUMNS, { ...PLAIN_VIEW, ...view }).map((l) =>
			l.kind === 'item' ? l.item.name : `# ${String(l.value)} ${l.count}`
		);

	it('finds words anywhere, all of them, in any order', () => {
		expect(names({ words: 'clamp spar' })).toEqual(['Spar clamp', 'Long bar clamp']);
		expect(names({ words: 'over a form' })).toEqual(['Respirator', 'Face visor']);
		expect(names({ words: 'nowhere' })).toEqual([]);
	});

	it('sorts by numbers, with nothing last either way', () => {
		const up = names({ sort: [{ key: 'mass', down: false }] });
		const down = names({ sort: [{ key: 'mass', down: true }] });
		expect(down[0]).toBe('Bench grinder');
		expect([up.at(-1), down.at(-1)]).toEqual(['Rivet sets', 'Rivet sets']);
	});

	it('sorts by several, choices in their own order, and leaves equals as they stood', () => {
		const sorted = viewOf(things, THING_COLUMNS, {
			...PLAIN_VIEW,
			sort: [
				{ key: 'use', down: false },
				{ key: 'count', down: true }
			]
		}).flatMap((l) => (l.kind === 'item' ? [l.item] : []));
		const order = ['daily', 'weekly', 'monthly', 'seldom', null];
		sorted.slice(1).forEach((t, i) => {
			const before = sorted[i] as Thing;
			expect(order.indexOf(before.use)).toBeLessThanOrEqual(order.indexOf(t.use));
			if (before.use !== t.use) return;
			expect(before.count).toBeGreaterThanOrEqual(t.count);
			if (before.count === t.count) expect(things.indexOf(before)).toBeLessThan(things.indexOf(t));
		});
	});

	it('groups under headings with their count', () => {
		const lines = names({ group: 'group', only: { where: 'paint corner' } });
		expect(lines).toEqual([
			'# brushes 2',
			'Lining brush',
			'Laying-off brush',
			'# finishes 5',
			'Tin of varnish',
			'Resin bottle',
			'Spray bottle',
			'Bottle of paint',
			'Cartridge of bedding compound',
			'# safety 2',
			'Respirator',
			'Face visor',
			'# tape and twine 1',
			'Roll of masking tape'
		]);
	});

	it('filters by what is worked out, and by what is empty', () => {
		expect(names({ only: { mass: null } })).toEqual(['Rivet sets']);
		const placed = viewOf(
			things,
			THING_COLUMNS,
			{ ...PLAIN_VIEW, only: { placed: 3 } },
			{ computed: { placed: (t) => (t.id === 'oar' ? 3 : 0) } }
		);
		expect(placed.map((l) => l.kind === 'item' && l.item.id)).toEqual(['oar']);
	});
});
