import Ajv from 'ajv/dist/2020';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { jsonSchemaOf } from '$exchange/plan-json-schema';
import { LOAD, PLAN } from '$core/plan/plan-fields';
import {
	angleField,
	choiceField,
	flagField,
	groupField,
	idField,
	lengthField,
	lengthsField,
	listField,
	massField,
	named,
	orAbsent,
	orNothing,
	orNull,
	textField,
	variantsField,
	wholeField,
	type Field,
	type Fields
} from '$core/form/field';
import { fitsOf } from '$core/form/fits';
import { schemaOf, shapeOf } from '$core/form/schema-of';
import { startOf, startsOf } from '$core/form/start-of';

/** Of every kind, one that has its start and one that has none. */
const KINDS: Fields = {
	span: lengthField('Span', 50, 4000, [800, 812.8]),
	depth: lengthField('Depth', 10, 200),
	load: massField('Load', 0, 500, [20, 45]),
	tilt: angleField('Tilt', -10, 30),
	count: wholeField('Count', 1, 9),
	name: textField('Name', 8),
	id: idField(),
	grain: choiceField('Grain', named('across', 'along'), 'along'),
	ply: choiceField('Plies', named(1, 2)),
	glued: flagField('Glued', true),
	supports: lengthsField('Supports', { min: 0, max: 100, least: 2, most: 3 }, [
		[0, 60],
		[0, 61]
	]),
	pair: groupField('Pair', { bar: lengthField('Bar', 1, 50), slack: orNull(lengthField('Slack', 0, 5)) }),
	spread: variantsField('Spread', { even: {}, pitch: { pitch: lengthField('Then every', 5, 80) } }),
	layers: listField('Layers', groupField('Layer', { thick: lengthField('Thickness', 0, 60) }), 2)
};
const takes = (field: Field, value: unknown) => shapeOf({ it: field }).isValidSync({ it: value }, { strict: true });

describe('fields', () => {
	it('start as they say, in either unit, else with the least of their kind', () => {
		const start = startsOf(KINDS, 'inch');
		expect(start.span).toBe(812.8);
		expect(startOf(KINDS.load as Field, 'inch')).toBeCloseTo(45 * 0.45359237, 9);
		expect(start).toMatchObject({ depth: 10, tilt: 0, count: 1, name: '', grain: 'along', ply: 1, glued: true });
		expect(start).toMatchObject({
			supports: [0, 61],
			pair: { bar: 1, slack: null },
			spread: { kind: 'even' },
			layers: []
		});
	});

	it('start anew each time: nobody writes into another’s list', () => {
		const once = startsOf(KINDS, 'mm');
		(once.supports as number[]).push(99);
		expect(startsOf(KINDS, 'mm').supports).toEqual([0, 60]);
	});

	it('may be missing as they say, and no other way', () => {
		const bare = lengthField('Cord', 10, 200);
		const taken = (f: Field) => [50, null, undefined].map((v) => takes(f, v));
		expect(taken(bare)).toEqual([true, false, false]);
		expect(taken(orNull(bare))).toEqual([true, true, false]);
		expect(taken(orAbsent(bare))).toEqual([true, false, true]);
		expect(taken(orNothing(bare))).toEqual([true, true, true]);
		const swing = variantsField('Moves', { swing: { by: angleField('By', 0, 180) } });
		const moved = (f: Field) => [{ kind: 'swing', by: 90 }, null, undefined].map((v) => takes(f, v));
		expect(moved(swing)).toEqual([true, false, false]);
		expect(moved(orAbsent(swing))).toEqual([true, false, true]);
		expect(moved(orNothing(swing))).toEqual([true, true, true]);
		expect([null, 'along', 'x'].map((v) => takes(orNull(choiceField('Grain', named('along'))), v))).toEqual([
			true,
			true,
			false
		]);
	});

	it('hold what is in them to its own bounds, and know nothing else', () => {
		const { spread, layers, pair, supports } = KINDS as Record<string, Field>;
		expect(takes(spread as Field, { kind: 'pitch', pitch: 4 })).toBe(false);
		expect(takes(spread as Field, { kind: 'even', pitch: 20 })).toBe(false);
		expect(takes(layers as Field, [{ thick: 1 }, { thick: 2 }, { thick: 3 }])).toBe(false);
		expect(takes(layers as Field, [{ thick: 61 }])).toBe(false);
		expect(takes(pair as Field, { bar: 20, slack: null, odd: 1 })).toBe(false);
		expect([[0, 1], [1, 0], [0], [0, 1, 2, 3]].map((v) => takes(supports as Field, v))).toEqual([
			true,
			false,
			false,
			false
		]);
	});

	it('say the same to Yup, to the fast answer and as JSON Schema (Ajv)', () => {
		const ajv = new Ajv({ strict: false });
		const odd = fc.constantFrom<unknown>(null, undefined, '', 'along', -1, 0, 1.5, 60, 1e9, true, [], [0, 60], {});
		const nested = fc.constantFrom<unknown>(
			{ kind: 'even' },
			{ kind: 'pitch', pitch: 6 },
			{ kind: 'pitch' },
			{ bar: 3, slack: null },
			{ bar: 3 },
			[{ thick: 3 }],
			[{}]
		);
		for (const [name, field] of Object.entries(KINDS)) {
			for (const asked of [field, orAbsent(field), ...(field.kind === 'variants' ? [] : [orNull(field)])]) {
				const shape = shapeOf({ it: asked });
				const byJson = ajv.compile(jsonSchemaOf(shape));
				fc.assert(
					fc.property(fc.oneof(odd, nested), (value) => {
						const sent = value === undefined ? {} : { it: value };
						const yup = shape.isValidSync(sent, { strict: true });
						expect(fitsOf(shape)(sent), name).toBe(yup);
						// Order and the greatest length of a list of lengths are no matter of JSON Schema.
						if (asked.kind !== 'lengths') expect(byJson(sent), name).toBe(yup);
					}),
					{ numRuns: 60 }
				);
			}
		}
	});

	it('tell their label, unit and hint to whoever reads the JSON Schema', () => {
		const told = jsonSchemaOf(shapeOf({ load: groupField('What hangs', LOAD) })) as never as {
			properties: { load: { title: string; properties: Record<string, unknown> } };
		};
		expect(told.properties.load.title).toBe('What hangs');
		expect(told.properties.load.properties.width).toMatchObject({
			title: 'Width of one',
			description: 'mm',
			maximum: 5000
		});
	});

	it('of the document have a name each, and bounds that leave room', () => {
		const walk = (f: Field, at: string): void => {
			expect(f.label, at).not.toBe('');
			if ('min' in f) expect(f.max, at).toBeGreaterThan(f.min);
			if (f.kind === 'group') for (const [n, x] of Object.entries(f.fields)) walk(x, `${at}.${n}`);
			if (f.kind === 'list') walk(f.of as Field, `${at}[]`);
			if (f.kind === 'variants')
				for (const [k, shape] of Object.entries(f.shapes))
					for (const [n, x] of Object.entries(shape)) walk(x, `${at}.${k}.${n}`);
			expect(schemaOf(f)).toBeDefined();
		};
		walk(groupField('Plan', PLAN as Fields), 'plan');
	});
});
