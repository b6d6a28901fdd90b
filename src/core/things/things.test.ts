import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isValidItem } from '../shop/valid';
import { nameKey, ownedLike } from './alike';
import type { Decision } from './grips/grip';
import { DIMS } from './grips/dims';
import { GRIP_KINDS, gripOf } from './grips/registry';
import { unmeasured } from './measured';
import { readLine } from './read-line';
import { findKind, singular, typicalThing } from './typical/find';
import { KINDS } from './typical/kinds';

const line = (text: string, unit: 'mm' | 'inch' = 'inch') => readLine(text, unit, 't1');

describe('a typed line', () => {
	it('is read as a batch of clamps, on either tape', () => {
		for (const unit of ['mm', 'inch'] as const) {
			const { thing, kind, faults } = line('6 bar clamps 24in 3.5lb bar 1/4', unit);
			expect(faults).toEqual([]);
			expect(kind).toBe('bar clamp');
			expect(thing).toMatchObject({
				name: 'Bar clamp 24"',
				group: 'clamps',
				count: 6,
				grip: 'slot',
				mass: 3.5 * 0.45359237
			});
			expect(thing.dims.bar).toBeCloseTo(6.35, 9);
			// What was not said is typical; what was said is not.
			expect(thing.typical).toEqual(['width', 'height', 'depth', 'dims.head']);
		}
	});

	it.each([
		[
			'3 tins of varnish 110x130x110mm 1.2 kg #finishes @"paint corner" weekly',
			{
				name: 'Tin of varnish',
				count: 3,
				group: 'finishes',
				where: 'paint corner',
				use: 'weekly',
				width: 110,
				height: 130,
				depth: 110,
				mass: 1.2
			}
		],
		['mallet', { name: 'Mallet', count: 1, grip: 'rails' }],
		['2 1/2 lb hammer', { name: 'Hammer', count: 1, mass: 2.5 * 0.45359237 }],
		['2 levels 4 ft', { name: 'Level 48"', count: 2, width: 1219 }],
		['respirator covered carried off', { cover: true, carried: true }],
		['5 rolls of tape', { name: 'Roll of tape', count: 5, group: 'rolls' }],
		['30 odd things 300 x 20 mm', { name: 'Odd thing', count: 30, width: 300, height: 20, grip: null }],
		['no. 5 jack plane', { name: 'No. 5 jack plane', count: 1 }],
		['pry bar 600 mm', { name: 'Pry bar', height: 600 }],
		['funnel neck 1"', { name: 'Funnel', grip: 'fork' }]
	])('%s', (text, want) => {
		const { thing, faults } = line(text);
		expect(faults).toEqual([]);
		expect(thing).toMatchObject(want);
	});

	it.each([
		['4 foo 24', /24: of what\?/],
		['6', /Give it a name|of what/],
		['0 mallets', /one at least/],
		['clamp bar: 40 in', /Bar 40 in: Must be at most/],
		['mallet 900 kg', /Weight 900 kg: Must be at most/]
	])('%s is not taken, and says why', (text, why) => {
		expect(line(text).faults.join('; ')).toMatch(why);
	});

	it('never makes a thing that the shop would refuse, whatever is typed', () => {
		const words = fc.constantFrom(
			'6',
			'24in',
			'bar',
			'clamp',
			'3.5lb',
			'1/4',
			'x',
			'#a',
			'@b',
			'½',
			'-',
			'"',
			"5'",
			'kg',
			'of',
			'neck',
			'1,200',
			'no.',
			'7',
			'9999999',
			'12x30',
			'daily'
		);
		fc.assert(
			fc.property(fc.array(words, { maxLength: 9 }), (all) => {
				const { thing, faults } = line(all.join(' '));
				expect(faults.length > 0 || isValidItem('things', thing), JSON.stringify([all, thing])).toBe(true);
			}),
			{ numRuns: 500 }
		);
	});
});

describe('generic kinds', () => {
	it('have sizes that the shop takes, each marked typical, at every usual length', () => {
		for (const kind of KINDS) {
			for (const length of kind.lengths ?? [null]) {
				const thing = typicalThing('t', kind, length);
				expect(isValidItem('things', thing), kind.name).toBe(true);
				expect(unmeasured(thing).missing, kind.name).toEqual(thing.charger ? ['cord', 'plugWidth', 'plugHeight'] : []);
				// Everything the wall needs is there, and nothing of it is called measured.
				expect(unmeasured(thing).typical.length, kind.name).toBeGreaterThanOrEqual(
					4 + (thing.grip ? gripOf(thing.grip).needs.length : 0)
				);
			}
		}
	});

	it('weigh more the longer they are', () => {
		for (const kind of KINDS.filter((k) => k.lengths)) {
			const [a, b] = [500, 1000].map((l) => kind.size(l).mass) as [number, number];
			expect(b, kind.name).toBeGreaterThan(a);
		}
	});

	it.each([
		['Bar clamps', 'bar clamp'],
		['G-cramp', 'screw clamp'],
		['old bicycle', 'bicycle'],
		['spray bottles', 'spray bottle'],
		['bottle', 'glue bottle'],
		['teapot', undefined],
		['barometer', undefined]
	])('%s is a %s', (name, kind) => {
		expect(findKind(name)?.name).toBe(kind);
	});

	it('are one of several', () => {
		expect(['boxes', 'brushes', 'batteries', 'chisels', 'glass', 'pliers', 'bus'].map(singular)).toEqual([
			'box',
			'brush',
			'battery',
			'chisel',
			'glass',
			'pliers',
			'bus'
		]);
	});
});

describe('what is owned already', () => {
	const owned = [
		{ name: 'Masking tape', count: 5 },
		{ name: 'Glue, wood', count: 2 }
	];
	it.each([
		['masking tapes', 5],
		['Tape, masking', 5],
		['wood glue', 2],
		['tape', undefined],
		['', undefined]
	])('%j', (name, count) => {
		expect(ownedLike(owned, name)?.count).toBe(count);
	});
	it('is the same under any order and number of words', () =>
		expect(nameKey('Clamps, bar')).toBe(nameKey('bar clamp')));
});

describe('grips', () => {
	const value = (d: Decision[], label: RegExp) => {
		const found = d.find((x) => label.test(x.label));
		return found && 'value' in found ? found.value : undefined;
	};

	it('each draw what to measure, a letter for each need, with and without figures', () => {
		for (const kind of GRIP_KINDS) {
			const grip = gripOf(kind);
			for (const dims of [{}, Object.fromEntries(grip.needs.map((n, i) => [n, 40 + 25 * i]))]) {
				const { shapes } = grip.draw(dims);
				const measures = shapes.flatMap((s) => (s.kind === 'measure' ? [s.label.text.charAt(0)] : [])).sort();
				expect(measures, kind).toEqual(grip.needs.map((_, i) => String.fromCharCode(65 + i)));
				for (const s of shapes) expect(JSON.stringify(s), kind).not.toContain('null');
			}
		}
	});

	it('say nothing of what is not measured', () => {
		for (const kind of GRIP_KINDS) expect(gripOf(kind).figures({}), kind).toEqual([]);
	});

	it('follow the rules of the trade', () => {
		// The hole follows the shank, the pitch the head.
		expect(value(gripOf('hole').figures({ shank: 20, head: 34 }), /^hole$/)).toBeGreaterThan(20);
		expect(value(gripOf('hole').figures({ shank: 20, head: 34 }), /apart/)).toBeGreaterThan(34);
		// Two rails: thickest handle < gap < narrowest head.
		const gap = value(gripOf('rails').figures({ handle: 32, narrowHead: 100 }), /gap between/) as number;
		expect(gap > 32 && gap < 100).toBe(true);
		// A board rests on two arms wherever it is laid: between them, and beyond each.
		const apart = value(gripOf('arms').figures({ shortest: 900 }), /arms apart/) as number;
		expect(apart).toBeLessThan(900);
		expect(900 - apart).toBeGreaterThan(0);
	});

	// Common practice: a seat centre 3 in from the face for a half depth of 2 3/4 in leaves a quarter inch behind, and so
	// do we, nearly.
	it('keep a tool off the wall as common practice does', () => {
		const out = value(gripOf('fork').figures({ halfDepth: 2.75 * 25.4 }), /seat centre/) as number;
		expect(Math.abs(out - 3 * 25.4)).toBeLessThan(1);
	});

	it.each([
		['slot', { bar: 40, head: 30 }],
		['rails', { handle: 50, narrowHead: 50 }],
		['fork', { neck: 60, seat: 60 }],
		['arms', { shortest: 150 }],
		['arms', { shortest: 900, longest: 800 }]
	] as const)('%s that cannot be say so: %j', (kind, dims) => {
		expect(
			gripOf(kind)
				.figures(dims)
				.some((d) => 'fault' in d)
		).toBe(true);
	});
	it('takes boards that are all of one length', () =>
		expect(
			gripOf('arms')
				.figures({ shortest: 900, longest: 900 })
				.some((d) => 'fault' in d)
		).toBe(false));

	it('name dimensions that are columns', () => {
		for (const kind of GRIP_KINDS) for (const need of gripOf(kind).needs) expect(DIMS[need].key).toBe(`dims.${need}`);
	});
});

describe('lines as people paste them', () => {
	it('are refused unread past 400 characters, whatever is in them', () => {
		for (const long of ['1'.repeat(1_000_000), '1 x '.repeat(100_000), `${'a'.repeat(401)}`, '1/'.repeat(500_000)]) {
			const [fault] = readLine(long, 'mm', 't').faults;
			expect(fault).toMatch(/400 characters at most/);
		}
		expect(readLine('a'.repeat(400), 'mm', 't').faults).toEqual([]);
	});

	it('that are cut to a name keep whole characters', () =>
		expect(readLine(`${'a'.repeat(59)}🪵`, 'mm', 't').thing.name).toBe(`A${'a'.repeat(58)}`));

	const read = (text: string, unit: 'mm' | 'inch' = 'mm') => readLine(text, unit, 't');
	it('from a table have their count wherever it stands', () => {
		expect(read('bar clamp 600mm\t6\t1.6 kg').thing).toMatchObject({ count: 6, mass: 1.6 });
		expect(read('bar clamp 600mm\t6\t1.6 kg').faults).toEqual([]);
	});
	it('with a range of lengths, or a bare number at their end, are asked about', () => {
		expect(read('battens 8-10 ft').faults.join()).toMatch(/8-10: which of the two/);
		expect(read('6 bar clamps 24in 3-7/16 lb', 'inch').faults.join()).not.toMatch(/which of the two/);
		expect(read('3 chisels 12').faults.join()).toMatch(/12: of what/);
	});
	it('have pounds and ounces', () =>
		expect(read('1 mallet 3 lb 4 oz', 'inch').thing.mass).toBeCloseTo(3.25 * 0.45359237, 9));
	it('are given typical weights that a person would say, in their own unit', () => {
		for (const kind of KINDS) {
			const kg = typicalThing('t', kind, null, 'mm').mass as number;
			const lb = (typicalThing('t', kind, null, 'inch').mass as number) / 0.45359237;
			for (const [said, name] of [
				[kg, 'kg'],
				[lb, 'lb']
			] as const) {
				if (said >= 1)
					expect(Math.abs(said * 4 - Math.round(said * 4)), `${kind.name} ${said} ${name}`).toBeLessThan(1e-9);
				if (said >= 3)
					expect(Math.abs(said * 2 - Math.round(said * 2)), `${kind.name} ${said} ${name}`).toBeLessThan(1e-9);
			}
		}
	});
});
