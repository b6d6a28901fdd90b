import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Schema } from 'yup';
import { slipwayWall, oarStoreWall } from '../demo/slipway';
import { slipwayShop } from '../demo/slipway-shop';
import { LIMITS } from '../plan/limits';
import { planSchema } from '../plan/schema';
import { ITEM_SCHEMAS, settingsSchema } from '../shop/schema';
import { SHOP_LISTS } from '../shop/types';
import { inputSchema, startInputs } from '../sums/inputs';
import { SUMS } from '../sums/registry';
import { exact, flag, identifier, list, oneOf, text, unionOf, whole, within } from './yup';
import { fitsOf } from './fits';
import { hostile, MOST_VALUES, tooMuch } from './outside';
import { problemsOf } from './problems';
import { cutText } from './whole-text';

/** Yup itself is the judge: the fast answer must be its answer. */
const yupTakes = (schema: Schema, value: unknown) => schema.isValidSync(value, { strict: true });
const yupSays = (schema: Schema, value: unknown): { path: string; message: string }[] => {
	try {
		schema.validateSync(value, { strict: true, abortEarly: false });
		return [];
	} catch (error) {
		const { inner, path, message } = error as {
			inner: { path?: string; message: string }[];
			path?: string;
			message: string;
		};
		return (inner.length > 0 ? inner : [{ path, message }]).map((e) => ({ path: e.path ?? '', message: e.message }));
	}
};

const ODD = fc.constantFrom<unknown>(
	null,
	undefined,
	'',
	'x',
	'a name',
	'half \ud83e',
	0,
	-1,
	1.5,
	1e9,
	Number.NaN,
	Number.POSITIVE_INFINITY,
	true,
	[],
	[1],
	{},
	{ kind: 'nonsense' },
	{ kind: 5 },
	{ x: 1 }
);

/** A value of ours with one place in it made odd: put otherwise, taken away, or something put beside it. */
function spoilt(value: unknown): fc.Arbitrary<unknown> {
	const places: (string | number)[][] = [];
	const walk = (v: unknown, at: (string | number)[]) => {
		if (at.length > 0) places.push(at);
		if (typeof v === 'object' && v !== null)
			for (const key of Object.keys(v)) walk((v as never)[key], [...at, Array.isArray(v) ? Number(key) : key]);
	};
	walk(value, []);
	return fc.tuple(fc.constantFrom(...places), ODD, fc.constantFrom('put', 'take', 'beside')).map(([at, odd, how]) => {
		const copy = structuredClone(value) as Record<string | number, unknown>;
		const holder = at.slice(0, -1).reduce<Record<string | number, unknown>>((v, key) => v[key] as never, copy);
		const last = at.at(-1) as string | number;
		if (how === 'put') holder[last] = odd;
		else if (how === 'take' && !Array.isArray(holder)) delete holder[last];
		else if (!Array.isArray(holder)) holder[`${last}x`] = odd;
		return copy;
	});
}

const shop = slipwayShop();
const CASES: [string, Schema, unknown][] = [
	['a wall', planSchema as unknown as Schema, slipwayWall()],
	['a wall of brick', planSchema as unknown as Schema, oarStoreWall()],
	['settings', settingsSchema as unknown as Schema, shop.settings],
	...SHOP_LISTS.map((l): [string, Schema, unknown] => [`an item of ${l}`, ITEM_SCHEMAS[l], shop[l][0]]),
	...SUMS.map((s): [string, Schema, unknown] => [
		`inputs of ${s.name}`,
		inputSchema(s.fields) as unknown as Schema,
		startInputs(s.fields, 'mm')
	])
];

describe('a schema says yes or no as Yup does', () => {
	it.each(CASES)('of %s', (_, schema, value) => {
		expect(fitsOf(schema)(value)).toBe(true);
		fc.assert(
			fc.property(spoilt(value), (odd) => {
				expect(fitsOf(schema)(odd)).toBe(yupTakes(schema, odd));
			}),
			{ numRuns: 150 }
		);
	});
	it.each(CASES)('and why, of %s', (_, schema, value) => {
		fc.assert(
			fc.property(spoilt(value), (odd) => {
				const key = (p: { path: string; message: string }) => `${p.path}: ${p.message}`;
				const [ours, theirs] = [problemsOf(schema, odd), yupSays(schema, odd)];
				expect(theirs.map(key)).toEqual(expect.arrayContaining(ours.map(key)));
				// What Yup says besides is asked of a whole that has a part which is wrong.
				const besides = theirs.filter((t) => !ours.some((o) => key(o) === key(t)));
				for (const b of besides)
					expect(
						ours.some((o) => o.path.startsWith(b.path) && o.path !== b.path),
						key(b)
					).toBe(true);
			}),
			{ numRuns: 100 }
		);
	});
	it('of anything at all', () => {
		const schema = exact({
			id: identifier(),
			name: text(5, true),
			of: list(exact({ n: whole(0, 3), on: flag().optional() }), 2),
			kind: unionOf({ peg: { d: within(1, 2) }, none: {} }, { optional: true, nullable: true }),
			one: oneOf(['a', 2] as const)
		}) as unknown as Schema;
		fc.assert(
			fc.property(fc.anything(), (v) => {
				expect(fitsOf(schema)(v)).toBe(yupTakes(schema, v));
			})
		);
	});
});

describe('what is wrong with a large value', () => {
	const entry = exact({ a: within(0, 1), b: within(0, 1), c: text(3) });
	it('with too long a list is its length, before anything in it', () => {
		const looked: number[] = [];
		const watched = list(
			within(0, 1, '').test('watched', 'x', (v) => (looked.push(v as number), true)),
			3
		);
		expect(problemsOf(exact({ l: watched }), { l: Array.from({ length: 1000 }, () => 0) })).toEqual([
			{ path: 'l', message: 'must have at most 3 entries' }
		]);
		// The yes or no may look as far as the list goes at most once.
		expect(looked.length).toBe(0);
	});
	it('ends with the fiftieth problem', () =>
		expect(
			problemsOf(
				list(entry, 5000),
				Array.from({ length: 5000 }, () => ({}))
			)
		).toHaveLength(50));
	it('names unknown fields, and no more than a few of them', () => {
		const many = Object.fromEntries(Array.from({ length: 1000 }, (_, i) => [`x${i}`.repeat(20), i]));
		const [found] = problemsOf(exact({}), many);
		expect(found?.message.length).toBeLessThan(300);
		expect(found?.message).toMatch(/and 995 more$/);
	});
});

describe('what comes from outside', () => {
	const path = (v: unknown) => hostile(v)?.path;
	it('may not be named like what every object answers to', () => {
		for (const name of [
			'toString',
			'valueOf',
			'constructor',
			'__proto__',
			'hasOwnProperty',
			'prototype',
			'toJSON',
			'then',
			'__defineGetter__'
		])
			expect(path(JSON.parse(`{"a":[{},{"${name}":1}]}`)), name).toBe(`a[1].${name}`);
	});
	it('may not be too deep, nor have too many values', () => {
		expect(hostile(JSON.parse(`${'['.repeat(5000)}${']'.repeat(5000)}`))?.message).toMatch(/nested/);
		expect(hostile({ rows: new Array(4_000_000).fill(0) })).toMatchObject({
			path: 'rows',
			message: expect.stringMatching(/more values/) as string
		});
		expect(hostile({ a: [[[{ b: 1 }]]] })).toBeNull();
	});
	it('is counted before it is taken apart: exactly its values', () => {
		const counted = (v: unknown): number =>
			typeof v !== 'object' || v === null ? 1 : 1 + Object.values(v).reduce<number>((n, one) => n + counted(one), 0);
		fc.assert(
			fc.property(fc.jsonValue({ maxDepth: 8 }), (v) => {
				const text = JSON.stringify(v);
				const within = counted(v) - 1;
				for (const form of [text, JSON.stringify(v, null, '\t'), new TextEncoder().encode(text)]) {
					expect(tooMuch(form, within)).toBeNull();
					if (within > 0) expect(tooMuch(form, within - 1)?.message).toMatch(/more values/);
				}
			})
		);
	});
	it('takes the fullest wall', () => {
		const plan = slipwayWall();
		const [holder] = plan.holders;
		const full = JSON.stringify({ ...plan, holders: Array.from({ length: LIMITS.holders }, () => holder) });
		expect(tooMuch(full, MOST_VALUES.plan)).toBeNull();
	});
	it('may have no half of a character, in a text nor in a name', () => {
		expect(hostile({ a: ['ok', 'half \ud83e'] })).toMatchObject({
			path: 'a[1]',
			message: expect.stringMatching(/half a character/) as string
		});
		expect(path({ ['\udeb5']: 1 })).toBe('?');
		expect(hostile({ a: 'Gouge 🪵' })).toBeNull();
	});
	it('is right where it is right, of any shape', () =>
		fc.assert(
			fc.property(fc.jsonValue({ maxDepth: 5 }), (v) => /is not a name/.test(hostile(v)?.message ?? 'is not a name'))
		));
});

describe('a text that is cut', () => {
	it('is never cut within a character', () => {
		expect(cutText('Gouge 🪵', 7)).toBe('Gouge ');
		expect(cutText('Gouge 🪵', 8)).toBe('Gouge 🪵');
		fc.assert(
			fc.property(fc.string({ unit: 'binary' }), fc.nat(20), (s, max) => {
				const cut = cutText(s, max);
				expect(cut.length).toBeLessThanOrEqual(max);
				expect(s.startsWith(cut)).toBe(true);
				expect(cut.isWellFormed()).toBe(true);
				expect(cut.length).toBeGreaterThanOrEqual(Math.min(max, s.length) - 1);
			})
		);
	});
});
