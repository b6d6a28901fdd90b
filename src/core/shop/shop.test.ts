import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { slipwayWall } from '../demo/slipway';
import { slipwayShop } from '../demo/slipway-shop';
import { problemsOf } from '../form/problems';
import { newThing } from '../things/new-thing';
import type { Thing } from '../things/types';
import { applyChanges, changesBetween, checkChanges, inverse, type Change } from './changes';
import { bringIn, duplicatesOf, joinShops } from './duplicates';
import { emptyShopHistory, redoStep, rememberStep, undoStep } from './history';
import { mergeShops } from './merge';
import { placedCounts, thingsOn } from './places';
import { readShop, readShopText } from './read';
import { ITEM_SCHEMAS } from './schema';
import { stateOf, tallyByGroup, totalOf } from './tally';
import { SHOP_LISTS, type Shop } from './types';
import { isValidItem, itemProblems } from './valid';

const shop = slipwayShop();
const thing = (id: string, more: Partial<Thing> = {}): Thing => ({ ...newThing(id, id), ...more });
const add = (t: Thing): Change => ({ list: 'things', id: t.id, before: null, after: t });
const set = (s: Shop, id: string, more: Partial<Thing>): Shop => {
	const before = s.things.find((t) => t.id === id)!;
	return applyChanges(s, [{ list: 'things', id, before, after: { ...before, ...more } }]);
};
const byId = (s: Shop) =>
	Object.fromEntries(SHOP_LISTS.map((l) => [l, Object.fromEntries((s[l] as { id: string }[]).map((i) => [i.id, i]))]));

describe('the demo shop', () => {
	it('is one that is taken', () =>
		expect(readShop(JSON.parse(JSON.stringify(shop)))).toEqual({ ok: true, value: shop }));

	it('has every thing that hangs on the demo wall, as heavy and as large as it hangs there', () => {
		const places = thingsOn(slipwayWall());
		expect(placedCounts(places).get('spar-clamp')).toBe(18);
		for (const h of slipwayWall().holders) {
			const load = h.carriers[0]!.loads[0]!;
			expect(
				shop.things.find((t) => t.id === load.thing),
				h.name
			).toMatchObject({ mass: load.mass, width: load.width, height: load.height });
		}
	});
});

describe('changes', () => {
	it('add, change and delete, and leave the given shop alone', () => {
		const before = structuredClone(shop);
		const oar = shop.things.find((t) => t.id === 'oar')!;
		const next = applyChanges(shop, [
			add(thing('new')),
			{ list: 'things', id: 'oar', before: oar, after: { ...oar, count: 9 } },
			{ list: 'boards', id: 'b1', before: shop.boards[0]!, after: null }
		]);
		expect(shop).toEqual(before);
		expect(next.things.at(-1)?.id).toBe('new');
		expect(next.things.indexOf(next.things.find((t) => t.id === 'oar')!)).toBe(shop.things.indexOf(oar));
		expect(next.boards.map((b) => b.id)).not.toContain('b1');
		expect(next.consumables).toBe(shop.consumables);
	});

	it('are refused with the field that is wrong, and nothing is changed', () => {
		const got = checkChanges(shop, [add(thing('new', { mass: -1 }))]);
		expect(got).toEqual({ ok: false, error: [{ path: 'things[new].mass', message: 'must be at least 0.0005 kg' }] });
		expect(
			checkChanges(shop, [
				{ list: 'settings', id: 'settings', before: shop.settings, after: { ...shop.settings, name: ' ' } }
			])
		).toMatchObject({ ok: false });
	});

	it('are found between any two shops, and bring one to the other and back', () => {
		const pick = fc.array(
			fc.record({
				at: fc.nat(shop.things.length - 1),
				what: fc.constantFrom('delete', 'count', 'add'),
				n: fc.integer({ min: 1, max: 50 })
			}),
			{ maxLength: 8 }
		);
		fc.assert(
			fc.property(pick, (steps) => {
				let now = shop;
				steps.forEach((s, i) => {
					const t = now.things[s.at % now.things.length]!;
					if (s.what === 'add') now = applyChanges(now, [add(thing(`n${i}`))]);
					else
						now = applyChanges(now, [
							{ list: 'things', id: t.id, before: t, after: s.what === 'delete' ? null : { ...t, count: s.n } }
						]);
				});
				const changes = changesBetween(shop, now);
				expect(byId(applyChanges(shop, changes))).toEqual(byId(now));
				const back = applyChanges(now, inverse(changes));
				expect(byId(back)).toEqual(byId(shop));
				// What was there before is there again, in the same order.
				expect(back.things.map((t) => t.id)).toEqual(shop.things.map((t) => t.id));
			}),
			{ numRuns: 60 }
		);
	});
});

describe('history', () => {
	it('goes back and forth, and holds when somebody else has added meanwhile', () => {
		const oar = shop.things.find((t) => t.id === 'oar')!;
		const change: Change = { list: 'things', id: 'oar', before: oar, after: { ...oar, count: 9 } };
		const history = rememberStep(emptyShopHistory(), { label: 'change count', changes: [change] });
		const after = applyChanges(applyChanges(shop, [change]), [add(thing('theirs'))]);
		const back = undoStep(after, history)!;
		expect(back.shop.things.find((t) => t.id === 'oar')?.count).toBe(6);
		expect(back.shop.things.at(-1)?.id).toBe('theirs');
		expect(redoStep(back.shop, back.history)?.shop.things.find((t) => t.id === 'oar')?.count).toBe(9);
		expect(undoStep(shop, emptyShopHistory())).toBeNull();
	});

	it('forgets what was undone once something else is done', () => {
		const step = (label: string) => ({ label, changes: [add(thing(label))] });
		const history = undoStep(shop, [step('a'), step('b')].reduce(rememberStep, emptyShopHistory()))!.history;
		expect(rememberStep(history, step('c'))).toMatchObject({ past: [{ label: 'a' }, { label: 'c' }], future: [] });
	});
});

describe('two versions', () => {
	let n = 0;
	const merge = (mine: Shop, theirs: Shop) =>
		mergeShops(shop, mine, JSON.parse(JSON.stringify(theirs)) as Shop, () => `copy${n++}`);
	const names = (s: Shop, id: string) =>
		s.things.filter((t) => t.id === id || t.id.startsWith('copy')).map((t) => [t.name, t.count]);

	it('are one where each changed something else', () => {
		const { shop: both, twice } = merge(set(shop, 'oar', { count: 9 }), set(shop, 'paddle', { count: 3 }));
		expect(twice).toEqual([]);
		expect(both.things.find((t) => t.id === 'oar')?.count).toBe(9);
		expect(both.things.find((t) => t.id === 'paddle')?.count).toBe(3);
	});

	it('keep both where both changed the same, mine under its name', () => {
		const { shop: both, twice } = merge(set(shop, 'oar', { count: 9 }), set(shop, 'oar', { count: 4 }));
		expect(twice).toEqual(['Oar']);
		expect(names(both, 'oar')).toEqual([
			['Oar', 9],
			['Oar (other version)', 4]
		]);
	});

	it('keep one where both did the same', () =>
		expect(merge(set(shop, 'oar', { count: 9 }), set(shop, 'oar', { count: 9 })).twice).toEqual([]));

	it('keep what one changed and the other deleted', () => {
		const gone = applyChanges(shop, [
			{ list: 'things', id: 'oar', before: shop.things.find((t) => t.id === 'oar')!, after: null }
		]);
		for (const [mine, theirs] of [
			[gone, set(shop, 'oar', { count: 4 })],
			[set(shop, 'oar', { count: 4 }), gone]
		] as const)
			expect(merge(mine, theirs).shop.things.find((t) => t.id === 'oar')?.count).toBe(4);
		expect(merge(gone, shop).shop.things.find((t) => t.id === 'oar')).toBeUndefined();
	});
});

describe('an item', () => {
	it('is right by the fast look exactly when it is by its schema', () => {
		const junk = fc.oneof(
			fc.constant(null),
			fc.integer({ min: -5, max: 100_000 }),
			fc.double(),
			fc.string({ maxLength: 90 }),
			fc.boolean(),
			fc.constant([]),
			fc.constant({}),
			fc.constantFrom('slot', 'daily', 'ply', 'to-place', 'bar', 'table-saw')
		);
		for (const list of SHOP_LISTS) {
			const items = shop[list] as object[];
			fc.assert(
				fc.property(
					fc.nat(items.length - 1),
					fc.nat(60),
					junk,
					fc.constantFrom('set', 'drop', 'extra', 'bag'),
					(at, k, value, how) => {
						const item = structuredClone(items[at]) as Record<string, unknown>;
						const keys = Object.keys(item);
						const key = keys[k % keys.length] as string;
						if (how === 'drop') delete item[key];
						else if (how === 'extra') item.extra = value;
						else if (how === 'bag' && 'dims' in item)
							(item.dims as Record<string, unknown>)[k % 2 ? 'bar' : 'nothing'] = value;
						else if (how === 'bag' && 'limits' in item)
							(item.limits as Record<string, unknown>)[k % 2 ? 'depth' : 'sizes'] = value;
						else item[key] = value;
						const said = problemsOf(ITEM_SCHEMAS[list], item);
						expect(isValidItem(list, item), JSON.stringify([list, key, value, how, said])).toBe(said.length === 0);
					}
				),
				{ numRuns: 1500 }
			);
		}
	});

	it('that is wrong says why', () => {
		expect(itemProblems('boards', { ...shop.boards[0], shortest: 5000, longest: 4000 })[0]?.message).toMatch(
			/shortest must not be longer/
		);
		expect(itemProblems('things', { ...shop.things[0], typical: ['nonsense'] })[0]).toMatchObject({
			path: 'typical[0]'
		});
		expect(itemProblems('things', 7)).not.toEqual([]);
	});
});

describe('a file of all of it', () => {
	it.each([
		['not json {', /not JSON/],
		['{"format":"kammer-plan"}', /not a Kammer stock-take/],
		['{"format":"kammer-shop","version":2}', /version 2/],
		['{"format":"kammer-shop","version":1,"__proto__":{}}', /name a document may use|missing/],
		[JSON.stringify({ ...shop, things: [shop.things[0], shop.things[0]] }), /stands twice/],
		[JSON.stringify({ ...shop, things: [{ ...shop.things[0], mass: 'heavy' }] }), /must be a number/]
	])('%.40s is refused, and says why', (text, why) => {
		const got = readShopText(text);
		expect(got.ok ? '' : got.error.map((p) => `${p.path} ${p.message}`).join('; ')).toMatch(why);
	});
	it('comes back as it went out', () =>
		expect(readShopText(`\ufeff${JSON.stringify(shop)}`)).toEqual({ ok: true, value: shop }));
});

describe('bringing in', () => {
	const oars = [
		thing('x1', { name: 'Oars', group: 'oars and paddles', count: 2 }),
		thing('x2', { name: 'oar', group: 'Oars and paddles', count: 1 }),
		thing('x3', { name: 'Boathook' })
	];
	it('finds what is there already, here or further up in the file', () => {
		expect(duplicatesOf(shop.things, oars).map((t) => t.id)).toEqual(['x1', 'x2']);
		expect(duplicatesOf([], [oars[0]!, oars[1]!]).map((t) => t.id)).toEqual(['x2']);
	});
	it('adds to the count on request, and else lets both stand', () => {
		const merged = applyChanges(shop, bringIn('things', shop.things, oars, true));
		expect(merged.things.find((t) => t.id === 'oar')?.count).toBe(9);
		expect(merged.things).toHaveLength(shop.things.length + 1);
		expect(applyChanges(shop, bringIn('things', shop.things, oars, false)).things).toHaveLength(shop.things.length + 3);
	});
});

describe('a whole other shop', () => {
	it('comes in besides: what is new is added, what has the same id is taken as it is there', () => {
		const other = {
			...shop,
			settings: { ...shop.settings, name: 'Theirs' },
			things: [thing('oar', { count: 99 }), thing('new')],
			boards: []
		};
		const both = joinShops(shop, other);
		expect(both.things).toHaveLength(shop.things.length + 1);
		expect(both.things.find((t) => t.id === 'oar')?.count).toBe(99);
		expect([both.boards, both.settings]).toEqual([shop.boards, shop.settings]);
	});
});

describe('what it comes to', () => {
	it('is told by group: count, weight, and what hangs of both', () => {
		const things = [
			thing('a', { group: 'g', count: 4, mass: 2 }),
			thing('b', { group: 'g', count: 3, mass: null }),
			thing('c', { group: 'h', count: 1, mass: 50, state: 'on-wall' }),
			thing('d', { group: 'g', count: 9, mass: 9, state: 'not-to-keep' })
		];
		const groups = tallyByGroup(things, new Map([['a', 3]]));
		expect(groups.map((g) => g.group)).toEqual(['h', 'g']);
		expect(groups[1]).toMatchObject({ count: 7, mass: 8, placedCount: 3, placedMass: 6, unweighed: 3, lines: 2 });
		expect(totalOf(groups)).toMatchObject({ count: 8, mass: 58, placedCount: 4, placedMass: 56, unweighed: 3 });
	});
	it('counts what hangs before what was said', () => {
		expect(stateOf(thing('a', { count: 4 }), 4)).toBe('on-wall');
		expect(stateOf(thing('a', { count: 4 }), 3)).toBe('to-place');
		expect(stateOf(thing('a', { state: 'not-to-keep' }), 9)).toBe('not-to-keep');
	});
});
