import { array, boolean, lazy, object, type ObjectSchema, type Schema } from 'yup';
import { CLEAT_STOCKS, STOCKS } from '../materials/stocks';
import { SCREWS } from '../materials/screws';
import { WOODS } from '../materials/woods';
import { identifier, oneOf, text, whole, within } from './fields';

/** Greatest numbers of things in one plan: beyond any wall, and a bound on what a request can cost. */
export const LIMITS = { studs: 200, obstructions: 200, rows: 100, holders: 5000, joints: 100, seats: 200, things: 20_000 } as const;
/** A wall is a wall, not a street. */
export const WALL_LIMITS = { minWidth: 200, maxWidth: 30_000, minHeight: 300, maxHeight: 6_000 } as const;

const place = () => within(0, WALL_LIMITS.maxWidth);
const flag = () => boolean().strict().typeError('must be true or false').required('is missing');
const exact = <T extends Record<string, Schema>>(shape: T) =>
	object(shape).strict().typeError('must be an object').required('is missing').noUnknown(({ unknown }: { unknown: string }) => `has fields that mean nothing here: ${unknown}`);
const list = <T extends Schema>(of: T, max: number) =>
	array(of).strict().typeError('must be a list').required('is missing').max(max, `must have at most ${max} entries`);

const screwChoice = {
	size: oneOf(SCREWS.map((s) => s.size)),
	length: within(10, 200)
};

export const claddingSchema = exact({ kind: oneOf(['none', 'drywall', 'panel'] as const), thickness: within(0, 60) });

export const studSchema = exact({
	id: identifier(),
	x: place(),
	width: within(19, 200),
	depth: within(19, 400),
	species: oneOf(WOODS.map((w) => w.id))
});

export const obstructionSchema = exact({
	id: identifier(),
	kind: oneOf(['window', 'door', 'outlet', 'switch', 'service-panel', 'other'] as const),
	name: text(60),
	x: place(),
	y: within(0, WALL_LIMITS.maxHeight),
	width: within(10, WALL_LIMITS.maxWidth),
	height: within(10, WALL_LIMITS.maxHeight)
});

export const rowSchema = exact({
	id: identifier(),
	name: text(60),
	y: within(0, WALL_LIMITS.maxHeight),
	left: place(),
	right: place(),
	stock: oneOf(CLEAT_STOCKS),
	bevel: oneOf([45, 30] as const),
	blank: within(40, 400),
	screws: exact({ ...screwChoice, perStud: oneOf([1, 2] as const) }),
	joints: list(place(), LIMITS.joints),
	twistBlock: exact({ height: within(10, 400), width: within(20, 600) }).nullable().optional(),
	backer: exact({
		stock: oneOf(STOCKS.filter((s) => s.kind === 'ply').map((s) => s.id)),
		height: within(60, 1220),
		below: within(0, 1200),
		behind: exact({ ...screwChoice, pitch: within(20, 1000) }),
		perStud: whole(2, 12)
	}).nullable().optional()
});

const spacingShapes = {
	'equal-gaps': exact({ kind: oneOf(['equal-gaps'] as const), count: whole(1, LIMITS.seats) }),
	pitch: exact({ kind: oneOf(['pitch'] as const), count: whole(1, LIMITS.seats), inset: within(0, 10_000), pitch: within(1, 10_000) }),
	'end-margins': exact({ kind: oneOf(['end-margins'] as const), count: whole(1, LIMITS.seats), margin: within(0, 10_000) })
};
/** The three shapes of `spacing`, for the published JSON Schema. */
export const SPACING_SCHEMAS = Object.values(spacingShapes);
const spacingSchema = lazy((value: unknown) => {
	const kind = (value as { kind?: unknown } | null | undefined)?.kind;
	return typeof kind === 'string' && Object.hasOwn(spacingShapes, kind)
		? (spacingShapes[kind as keyof typeof spacingShapes] as Schema)
		: exact({ kind: oneOf(Object.keys(spacingShapes)) });
});

export const pegRackSchema = exact({
	face: exact({ stock: oneOf(STOCKS.map((s) => s.id)), width: within(40, WALL_LIMITS.maxWidth), height: within(30, 1_300) }),
	hook: exact({ screws: exact({ ...screwChoice, count: whole(1, 60) }), from: oneOf(['back', 'front'] as const), glued: flag() }),
	spacer: flag(),
	lockStrip: flag(),
	secondHook: flag().optional(),
	pegs: exact({
		diameter: within(5, 60),
		projection: within(10, 800),
		depth: within(5, 60),
		tilt: within(0, 30, 'degrees'),
		height: within(0, 1_300),
		spacing: spacingSchema as unknown as Schema,
		pair: exact({ bar: within(1, 500), slack: within(0, 50) }).nullable().optional().test('there', 'is missing', (v) => v !== undefined)
	}),
	load: exact({
		name: text(60),
		thing: identifier().optional(),
		mass: within(0, 200, 'kg'),
		perSeat: whole(1, 100),
		thickness: within(1, 1_000),
		width: within(1, 5_000),
		height: within(1, 5_000)
	})
});

export const holderSchema = exact({
	id: identifier(),
	name: text(60),
	family: oneOf(['peg-rack'] as const),
	params: pegRackSchema,
	mount: exact({ kind: oneOf(['row'] as const), row: identifier(), x: within(-WALL_LIMITS.maxWidth, WALL_LIMITS.maxWidth) })
});

export const cuttingSchema = exact({
	kerf: within(0, 10),
	lengths: list(exact({ stock: oneOf([...STOCKS.map((s) => s.id), 'dowel' as const]), length: within(200, 12_000) }), 20)
});

export const wallSchema = exact({
	width: within(WALL_LIMITS.minWidth, WALL_LIMITS.maxWidth),
	height: within(WALL_LIMITS.minHeight, WALL_LIMITS.maxHeight),
	cladding: claddingSchema,
	studs: list(studSchema, LIMITS.studs),
	obstructions: list(obstructionSchema, LIMITS.obstructions),
	wet: flag().optional()
});

/** The whole document, version 1. */
export const planSchema: ObjectSchema<Record<string, unknown>> = exact({
	format: oneOf(['kammer-plan'] as const),
	version: oneOf([1] as const),
	name: text(120, true),
	wall: wallSchema,
	rows: list(rowSchema, LIMITS.rows),
	holders: list(holderSchema, LIMITS.holders),
	cutting: cuttingSchema,
	stature: within(1000, 2300).optional()
}) as unknown as ObjectSchema<Record<string, unknown>>;
