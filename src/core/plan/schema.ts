import type { ObjectSchema } from 'yup';
import { CLEAT_STOCKS, STOCKS } from '../materials/stocks';
import { SCREWS } from '../materials/screws';
import { exact, flag, identifier, list, oneOf, text, unionOf, whole, within } from '../form/fields';
import { place, SURVEY_LIMITS, WALL_LIMITS, wallSchema } from './wall-schema';

export { wallSchema, WALL_LIMITS };

/** Greatest numbers of things in one plan: beyond any wall, and a bound on what a request can cost. */
export const LIMITS = { ...SURVEY_LIMITS, rows: 100, holders: 5000, joints: 100, seats: 200, things: 20_000 } as const;
const screwChoice = {
	size: oneOf(SCREWS.map((s) => s.size)),
	length: within(10, 200)
};

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
	twistBlock: exact({ height: within(10, 400), width: within(20, 600) })
		.nullable()
		.optional(),
	backer: exact({
		stock: oneOf(STOCKS.filter((s) => s.kind === 'ply').map((s) => s.id)),
		height: within(60, 1220),
		below: within(0, 1200),
		behind: exact({ ...screwChoice, pitch: within(20, 1000) }),
		perStud: whole(2, 12)
	})
		.nullable()
		.optional()
});

const spacingSchema = unionOf({
	'equal-gaps': { count: whole(1, LIMITS.seats) },
	pitch: { count: whole(1, LIMITS.seats), inset: within(0, 10_000), pitch: within(1, 10_000) },
	'end-margins': { count: whole(1, LIMITS.seats), margin: within(0, 10_000) }
});

export const pegRackSchema = exact({
	face: exact({
		stock: oneOf(STOCKS.map((s) => s.id)),
		width: within(40, WALL_LIMITS.maxWidth),
		height: within(30, 1_300)
	}),
	hook: exact({
		screws: exact({ ...screwChoice, count: whole(1, 60) }),
		from: oneOf(['back', 'front'] as const),
		glued: flag()
	}),
	spacer: flag(),
	lockStrip: flag(),
	secondHook: flag().optional(),
	pegs: exact({
		diameter: within(5, 60),
		projection: within(10, 800),
		depth: within(5, 60),
		tilt: within(0, 30, 'degrees'),
		height: within(0, 1_300),
		spacing: spacingSchema,
		pair: exact({ bar: within(1, 500), slack: within(0, 50) })
			.nullable()
			.optional()
			.test('there', 'is missing', (v) => v !== undefined)
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
	mount: exact({
		kind: oneOf(['row'] as const),
		row: identifier(),
		x: within(-WALL_LIMITS.maxWidth, WALL_LIMITS.maxWidth)
	})
});

export const cuttingSchema = exact({
	kerf: within(0, 10),
	lengths: list(
		exact({ stock: oneOf([...STOCKS.map((s) => s.id), 'dowel' as const]), length: within(200, 12_000) }),
		20
	)
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
