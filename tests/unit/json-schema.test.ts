import { Ajv2020 } from 'ajv/dist/2020';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import type { Plan } from '$core/plan/types';
import { planSchema } from '$core/plan/schema';
import { problemsOf } from '$core/plan/validate';
import { planJsonSchema } from '$exchange/plan-json-schema';

const validate = new Ajv2020({ strict: true, allowUnionTypes: true }).compile(planJsonSchema());

/** A plan with everything in it that may also be left out. */
function everything(): Plan {
	const plan = slipwayWall();
	return {
		...plan,
		stature: 1750,
		wall: { ...plan.wall, wet: true, obstructions: [...plan.wall.obstructions, { id: 'p', kind: 'service-panel', name: 'panel', x: 0, y: 1200, width: 300, height: 400 }] },
		rows: plan.rows.map((r, i) => ({ ...r, twistBlock: i % 2 ? { height: 70, width: 90 } : null, backer: i % 2 ? null : { stock: 'ply-12', height: 260, below: 80, behind: { size: '#8', length: 28, pitch: 150 }, perStud: 3 } })),
		holders: plan.holders.map((h) => ({ ...h, params: { ...h.params, secondHook: true } }))
	};
}

/** Every place in a document, as a list of keys. */
function places(value: unknown, at: string[] = []): string[][] {
	if (typeof value !== 'object' || value === null) return [at];
	return [at, ...Object.entries(value).flatMap(([key, inner]) => places(inner, [...at, key]))];
}

/** The document with one place set to something else, or left out. */
function spoiled(path: string[], put: { value: unknown } | 'left out'): unknown {
	const copy = everything() as unknown as Record<string, unknown>;
	let at = copy;
	for (const key of path.slice(0, -1)) at = at[key] as Record<string, unknown>;
	const last = path.at(-1);
	if (last === undefined) return put === 'left out' ? undefined : put.value;
	if (put !== 'left out') at[last] = put.value;
	else if (Array.isArray(at)) at.splice(Number(last), 1);
	else delete at[last];
	return copy;
}

describe('the published JSON Schema, read by a validator of its own (Ajv)', () => {
	it('takes the demo wall, bare and with everything', () => {
		for (const plan of [slipwayWall(), everything()]) expect(validate(plan), JSON.stringify(validate.errors)).toBe(true);
	});

	it('agrees with what Kammer takes, wherever a document is spoiled', () => {
		const value = fc.oneof(
			fc.constantFrom<unknown>(null, true, '', 'r1', 'a b', 'ply-18', '#10', 'pitch', 'row', 'peg-rack', 0, -1, 1, 2, 30, 45, 1.5, 1e9, [], {}, [1], { kind: 'pitch', count: 2 }),
			fc.double({ noNaN: true, noDefaultInfinity: true, min: -1e4, max: 1e4 }),
			fc.string({ maxLength: 200 })
		);
		const put = fc.oneof({ weight: 6, arbitrary: value.map((v) => ({ value: v })) }, { weight: 1, arbitrary: fc.constant('left out' as const) });
		fc.assert(
			fc.property(fc.constantFrom(...places(everything())), put, (path, what) => {
				const document = spoiled(path, what);
				const ours = problemsOf(planSchema, document);
				// An empty name that only looks filled is the one thing the schema's pattern cannot tell from a name.
				fc.pre(!ours.some((p) => p.path === 'name'));
				expect(validate(document), `${path.join('.')} ${JSON.stringify(what)}: ${JSON.stringify(ours)} against ${JSON.stringify(validate.errors)}`).toBe(ours.length === 0);
			}),
			{ numRuns: 3000 }
		);
	});
});
