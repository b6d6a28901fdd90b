import { screwedAt } from '$core/places/fixed/new-mount';
import { withStrips } from '$core/plan/held';
import { backOf, hung } from '../support/peg-rack';
import { Ajv2020 } from 'ajv/dist/2020';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import type { Plan } from '$core/plan/types';
import { planSchema } from '$core/plan/schema';
import { problemsOf } from '$core/form/problems';
import { planJsonSchema } from '$exchange/plan-json-schema';

const validate = new Ajv2020({ strict: true, allowUnionTypes: true }).compile(planJsonSchema());

/** A plan with everything in it that may also be left out. */
function everything(): Plan {
	const plan = slipwayWall();
	return {
		...plan,
		stature: 1750,
		wall: {
			...plan.wall,
			wet: true,
			surface: 'cart-side',
			base: 100,
			cladding: { kind: 'drywall', thickness: 12.5, under: [{ kind: 'panel', thickness: 18 }] },
			studs: plan.wall.studs.map((s, i) =>
				i === 0
					? {
							...s,
							lean: 1.5,
							plies: 2,
							added: true,
							found: { how: 'scanner', confidence: 0.9, error: 2, marks: [{ x: 1, y: 2 }] }
						}
					: s
			),
			obstructions: [
				...plan.wall.obstructions,
				{
					id: 'p',
					kind: 'service-panel',
					name: 'panel',
					x: 0,
					y: 1200,
					width: 300,
					height: 400,
					out: 100,
					motion: { kind: 'swing', hinge: 'left', angle: 90, into: 'room' },
					traced: true,
					how: 'tape'
				},
				{
					id: 'c',
					kind: 'car',
					name: 'car',
					x: 0,
					y: 0,
					width: 300,
					height: 400,
					near: 900,
					out: 2700,
					motion: { kind: 'car-doors', nose: 'left', hinge: 1500, leaf: 1100, doors: 2, angle: 60 }
				},
				{
					id: 'g',
					kind: 'overhead-door',
					name: 'roller door',
					x: 0,
					y: 0,
					width: 300,
					height: 400,
					motion: { kind: 'overhead', rise: 300, travel: 2000 },
					cord: 2000,
					hidden: false
				},
				{
					id: 't',
					kind: 'stairs',
					name: 'stairs',
					x: 0,
					y: 0,
					width: 300,
					height: 400,
					motion: { kind: 'clear-above', height: 2000 }
				},
				{ id: 'n', kind: 'other', name: '', x: 0, y: 0, width: 300, height: 400, motion: null }
			],
			shape: { right: 2500, peak: { x: 2000, height: 3000 }, floorRise: 20 },
			build: {
				kind: 'masonry',
				material: 'brick',
				thickness: 102,
				first: 100,
				pitch: 400,
				plug: { diameter: 8, length: 50, load: 20 }
			},
			ledges: [{ id: 'l', name: 'plate', x: 0, width: 500, y: 2300, height: 90, out: 38 }],
			blocking: [{ id: 'b', x: 0, y: 0, width: 300, height: 140, depth: 89, species: 'spf' }],
			zones: [{ id: 'z', name: 'zone', x: 0, y: 0, width: 300, height: 300, most: 200 }],
			pilots: [{ id: 'h', x: 1, y: 2, hit: 'wood' }],
			corners: { left: { kind: 'wall', taken: 10, note: '' }, right: { kind: 'open', taken: 0, note: '' } },
			front: { depth: 1500, walkway: 900, headHeight: 2000 },
			far: { kind: 'stair', access: false, note: '' },
			ceiling: {
				kind: 'joists',
				direction: 'across',
				first: 200,
				pitch: 400,
				width: 45,
				depth: 195,
				height: 2600,
				species: 'c24'
			},
			levels: { line: 1000, diagonals: { up: 5800, down: 5810 } },
			photo: { id: 'abc', x: 0, y: 0, width: 5200, height: 2600, opacity: 0.5 },
			how: { width: 'tape', height: 'meter' }
		},
		rows: plan.rows.map((r, i) => ({
			...r,
			twistBlock: i % 2 ? { height: 70, width: 90 } : null,
			backer:
				i % 2
					? null
					: { stock: 'ply-12', height: 260, below: 80, behind: { size: '#8', length: 28, pitch: 150 }, perStud: 3 }
		})),
		holders: plan.holders.map((h, i) => ({
			...h,
			mount: i % 2 ? withStrips(hung(h), { secondHook: true }) : screwedAt(plan.wall, { x: 0, y: 900 }, backOf(h), 'mm')
		}))
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
		for (const plan of [slipwayWall(), everything()])
			expect(validate(plan), JSON.stringify(validate.errors)).toBe(true);
	});

	it('agrees with what Kammer takes, wherever a document is spoiled', () => {
		const value = fc.oneof(
			fc.constantFrom<unknown>(
				null,
				true,
				'',
				'r1',
				'a b',
				'ply-18',
				'#10',
				'pitch',
				'row',
				'pegs',
				'swing',
				'masonry',
				'tape',
				0,
				-1,
				1,
				2,
				30,
				45,
				1.5,
				1e9,
				[],
				{},
				[1],
				{ kind: 'pitch', count: 2 },
				{ kind: 'framed' },
				{ kind: 'plank', thickness: 20 },
				{ kind: 'clear-above', height: 1 }
			),
			fc.double({ noNaN: true, noDefaultInfinity: true, min: -1e4, max: 1e4 }),
			fc.string({ maxLength: 200 })
		);
		const put = fc.oneof(
			{ weight: 6, arbitrary: value.map((v) => ({ value: v })) },
			{ weight: 1, arbitrary: fc.constant('left out' as const) }
		);
		fc.assert(
			fc.property(fc.constantFrom(...places(everything())), put, (path, what) => {
				const document = spoiled(path, what);
				const ours = problemsOf(planSchema, document);
				// An empty name that only looks filled is the one thing the schema's pattern cannot tell from a name.
				fc.pre(!ours.some((p) => p.path === 'name'));
				expect(
					validate(document),
					`${path.join('.')} ${JSON.stringify(what)}: ${JSON.stringify(ours)} against ${JSON.stringify(validate.errors)}`
				).toBe(ours.length === 0);
			}),
			{ numRuns: 4000 }
		);
	});
});
