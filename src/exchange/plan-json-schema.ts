import type { Schema } from 'yup';
import { planSchema } from '$core/plan/schema';

/** The parts of yup's description that matter here. */
interface Described {
	type: string;
	nullable?: boolean;
	optional?: boolean;
	oneOf?: unknown[];
	tests?: { name?: string; params?: Record<string, unknown> }[];
	fields?: Record<string, Described>;
	innerType?: Described;
	/** What its field is called, its unit and hint; the shapes, of one of several. */
	meta?: {
		label?: string;
		unit?: string;
		hint?: string;
		shapes?: Schema[];
		optional?: boolean;
		nullable?: boolean;
	};
}

export type JsonSchema = Record<string, unknown>;

const param = (d: Described, test: string, name: string) => d.tests?.find((t) => t.name === test)?.params?.[name];

function put(into: JsonSchema, key: string, value: unknown): void {
	if (value !== undefined && value !== null) into[key] = value;
}

/** Optional, and no test asks that it be there all the same. */
const mayBeAbsent = (d: Described) =>
	(d.optional === true && !d.tests?.some((t) => t.name === 'there')) || d.meta?.optional === true;

function bare(d: Described): JsonSchema {
	switch (d.type) {
		case 'object': {
			const fields = d.fields ?? {};
			return {
				type: 'object',
				properties: Object.fromEntries(Object.entries(fields).map(([name, field]) => [name, convert(field)])),
				required: Object.keys(fields).filter((name) => !mayBeAbsent(fields[name] as Described)),
				additionalProperties: false
			};
		}
		case 'array': {
			const schema: JsonSchema = { type: 'array', items: d.innerType ? convert(d.innerType) : {} };
			put(schema, 'minItems', param(d, 'min', 'min'));
			put(schema, 'maxItems', param(d, 'max', 'max'));
			return schema;
		}
		case 'number': {
			const schema: JsonSchema = { type: d.tests?.some((t) => t.name === 'integer') ? 'integer' : 'number' };
			put(schema, 'minimum', param(d, 'min', 'min'));
			put(schema, 'maximum', param(d, 'max', 'max'));
			return schema;
		}
		case 'string': {
			const schema: JsonSchema = { type: 'string' };
			put(schema, 'maxLength', param(d, 'max', 'max'));
			const regex = param(d, 'matches', 'regex');
			if (regex instanceof RegExp) schema.pattern = regex.source;
			return schema;
		}
		case 'boolean':
			return { type: 'boolean' };
		case 'lazy':
			return {
				oneOf: [...(d.meta?.shapes ?? []).map((s) => jsonSchemaOf(s)), ...(d.meta?.nullable ? [{ type: 'null' }] : [])]
			};
		default:
			return { enum: (d.oneOf ?? []).filter((v) => v !== null) };
	}
}

/** A Yup schema as JSON Schema. @example jsonSchemaOf(planSchema) */
export const jsonSchemaOf = (schema: Pick<Schema, 'describe'>): JsonSchema => convert(schema.describe() as Described);

function convert(d: Described): JsonSchema {
	const schema: JsonSchema = {};
	put(schema, 'title', d.meta?.label);
	put(schema, 'description', [d.meta?.unit, d.meta?.hint].filter(Boolean).join('. ') || undefined);
	return Object.assign(schema, d.nullable ? { oneOf: [bare(d), { type: 'null' }] } : bare(d));
}

/**
 * The plan's JSON Schema (draft 2020-12), made from the same Yup schema that validates it. References between parts,
 * such as a holder's row, are checked on reading and described in docs/plan-format.md.
 */
export function planJsonSchema(): JsonSchema {
	return {
		$schema: 'https://json-schema.org/draft/2020-12/schema',
		title: 'Kammer plan, version 1',
		description:
			'Lengths in mm; x from the left end of the wall, y up from the floor; masses in kg; angles in degrees.',
		...jsonSchemaOf(planSchema)
	};
}
