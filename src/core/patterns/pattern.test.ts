import { describe, expect, it } from 'vitest';
import { FITTING } from '../../../tests/support/fitting-things';
import { CARRIERS } from '../carriers/registry';
import { carrierKind } from '../kinds/registry';
import { holderFor } from '../holders/holder-for';
import { usualRow } from '../holders/offers';
import type { Thing } from '../things/types';
import { firstSet } from './first-set';
import { patternForThing } from './for-thing';
import { holderOf, patternOf } from './pattern';
import { patternFile, patternProblems, readPatterns } from './read';
import { stopsOf } from './stops';

const row = usualRow('mm');
const ids = () => {
	let n = 0;
	return () => `n${++n}`;
};

function patternFor(kind: string) {
	const made = holderFor(kind, { thing: FITTING[kind]!, count: 4, widest: 1200, unit: 'mm' }, 'h');
	if (!made.ok) throw new Error(made.error);
	return patternOf(made.value.holder, 'p', `For ${kind}`, 'mm');
}

/** The same kind of thing, larger by a tenth in all that is measured. */
const larger = (t: Thing): Thing => ({
	...t,
	width: t.width! * 1.1,
	height: t.height! * 1.1,
	depth: t.depth! * 1.1,
	dims: Object.fromEntries(Object.entries(t.dims).map(([k, v]) => [k, typeof v === 'number' ? v * 1.1 : v]))
});

describe('the first set', () => {
	it.each(['mm', 'inch'] as const)('can be built as it stands, in %s, and is told apart by name', (unit) => {
		const set = firstSet(unit);
		expect(set).toHaveLength(10);
		expect(new Set(set.map((p) => p.carriers[0]!.kind)).size).toBeGreaterThan(8);
		for (const p of set) {
			expect(patternProblems(p), p.name).toEqual([]);
			expect(stopsOf(holderOf(p, 'h'), usualRow(unit)), p.name).toEqual([]);
		}
	});
});

describe.each(CARRIERS.map((c) => c.kind))('a pattern with %s', (kind) => {
	const pattern = patternFor(kind);
	it('says no thing of any stock-take', () => {
		expect(JSON.stringify(pattern)).not.toContain('"thing"');
		expect(pattern.carriers[0]!.loads[0]!.count).toBeGreaterThan(0);
	});
	it('made for another thing has that one’s figures, on the pattern’s own boards', () => {
		const thing = larger(FITTING[kind]!);
		// Every board of it is birch, wherever a board is chosen.
		const inBirch = (v: unknown): unknown => {
			if (Array.isArray(v)) return v.map(inBirch);
			if (typeof v !== 'object' || v === null) return v === 'ply-18' ? 'birch-ply-18' : v;
			return Object.fromEntries(Object.entries(v).map(([k, x]) => [k, inBirch(x)]));
		};
		const birch = inBirch(pattern) as typeof pattern;
		const asked = { thing, count: 3, widest: 1200, unit: 'mm' } as const;
		const made = patternForThing(birch, asked, row, 'h2');
		if (!made.ok) throw new Error(`${kind}: ${made.error}`);
		const { holder } = made.value;
		expect(holder.back.stock).toBe('birch-ply-18');
		expect(carrierKind(kind).suits?.(holder.carriers[0]!.params, thing) ?? []).toEqual([]);
		expect(stopsOf(holder, row)).toEqual([]);
		expect(holder.carriers[0]!.loads[0]).toMatchObject({ thing: thing.id, mass: thing.mass });
		expect(JSON.stringify(holder.carriers[0]!.params)).not.toContain('"ply-18"');
	});
	it('goes through a file and comes back as it was', () => {
		const read = readPatterns(patternFile([pattern]), ids());
		if (!read.ok) throw new Error(JSON.stringify(read.error));
		expect(read.value).toEqual([{ ...pattern, id: 'n1' }]);
	});
});

it('a thing that it cannot carry is refused with what its carrier says', () => {
	const made = patternForThing(
		patternFor('pegs'),
		{ thing: FITTING.pigeonholes!, count: 3, widest: 900, unit: 'mm' },
		row,
		'h'
	);
	expect(made).toMatchObject({ ok: false });
});

describe('files that are not right', () => {
	const good = patternFor('pegs');
	it.each([
		['not json', '', /not JSON/],
		['{}', 'format', /kammer-patterns/],
		['{"format":"kammer-patterns","version":2,"patterns":[]}', 'version', /version 2/],
		[patternFile([{ ...good, name: '' }]), 'patterns[0].name', /.+/],
		[
			patternFile([{ ...good, carriers: [{ ...good.carriers[0]!, at: { on: 'c9:left', x: 0, y: 0 } }] }]),
			'patterns[0].carriers[0].at.on',
			/nothing|no "c9:left"/
		],
		['{"__proto__":{}}', '', /.+/]
	])('are refused: %.30s', (text, path, words) => {
		const read = readPatterns(text, ids());
		expect(read.ok).toBe(false);
		if (read.ok) return;
		if (path) expect(read.error.map((p) => p.path)).toContain(path);
		expect(read.error[0]!.message).toMatch(words);
	});
});
