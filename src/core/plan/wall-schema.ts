import { SCREWS } from '../materials/screws';
import { WOODS } from '../materials/woods';
import { exact, flag, identifier, list, oneOf, text, unionOf, whole, within } from '../form/fields';

/** Greatest numbers of things in one survey: beyond any wall, and a bound on what a request can cost. */
export const SURVEY_LIMITS = {
	studs: 200,
	obstructions: 200,
	ledges: 20,
	blocking: 100,
	zones: 50,
	pilots: 500,
	layers: 5,
	marks: 40
} as const;
/** A wall is a wall, not a street. */
export const WALL_LIMITS = { minWidth: 200, maxWidth: 30_000, minHeight: 300, maxHeight: 6_000 } as const;

export const place = () => within(0, WALL_LIMITS.maxWidth);
const height = () => within(0, WALL_LIMITS.maxHeight);
const species = () => oneOf(WOODS.map((w) => w.id));
const how = () =>
	oneOf(['guess', 'tape', 'meter', 'scanner', 'pilot', 'screw-line', 'pitch', 'drawing', 'photo'] as const);
const box = {
	x: place(),
	y: height(),
	width: within(10, WALL_LIMITS.maxWidth),
	height: within(10, WALL_LIMITS.maxHeight)
};
/** Out into the room. */
const out = () => within(0, 20_000);

const layer = exact({ kind: oneOf(['drywall', 'panel'] as const), thickness: within(0, 60) });
const claddingSchema = exact({
	kind: oneOf(['none', 'drywall', 'panel'] as const),
	thickness: within(0, 60),
	under: list(layer, SURVEY_LIMITS.layers).optional()
});

export const studSchema = exact({
	id: identifier(),
	x: place(),
	width: within(19, 200),
	depth: within(19, 400),
	species: species(),
	lean: within(-100, 100, 'mm a metre').optional(),
	plies: oneOf([2] as const).optional(),
	added: flag().optional(),
	found: exact({
		how: how(),
		confidence: within(0, 1, '').optional(),
		error: within(0, 1000).optional(),
		marks: list(exact({ x: place(), y: height() }), SURVEY_LIMITS.marks).optional()
	}).optional()
});

const motion = unionOf(
	{
		swing: {
			hinge: oneOf(['left', 'right', 'both'] as const),
			angle: within(0, 180, 'degrees'),
			into: oneOf(['room', 'away'] as const)
		},
		overhead: { rise: within(0, 3000), travel: out() },
		'car-doors': {
			nose: oneOf(['left', 'right'] as const),
			hinge: within(0, 10_000),
			leaf: within(300, 2500),
			doors: oneOf([1, 2] as const),
			angle: within(10, 90, 'degrees')
		},
		'clear-above': { height: within(0, WALL_LIMITS.maxHeight) }
	},
	{ optional: true, nullable: true }
);

export const obstructionSchema = exact({
	id: identifier(),
	kind: oneOf([
		'window',
		'door',
		'outlet',
		'switch',
		'service-panel',
		'other',
		'pipe',
		'cable',
		'overhead-door',
		'rail',
		'opener',
		'radiator',
		'light',
		'car',
		'stairs',
		'bench',
		'machine'
	] as const),
	name: text(60),
	...box,
	near: out().optional(),
	out: out().optional(),
	hidden: flag().optional(),
	motion,
	traced: flag().optional(),
	cord: within(100, 20_000).optional(),
	how: how().optional()
});

export const ledgeSchema = exact({
	id: identifier(),
	name: text(60),
	x: place().optional(),
	width: within(10, WALL_LIMITS.maxWidth).optional(),
	y: height(),
	height: within(5, WALL_LIMITS.maxHeight),
	out: within(1, 600)
});
export const blockingSchema = exact({
	id: identifier(),
	...box,
	depth: within(19, 400),
	species: species(),
	fixing: exact({ size: oneOf(SCREWS.map((s) => s.size)), length: within(10, 200), count: whole(1, 40) }).optional()
});
export const zoneSchema = exact({ id: identifier(), name: text(60), ...box, most: out() });
export const pilotSchema = exact({
	id: identifier(),
	x: place(),
	y: height(),
	hit: oneOf(['wood', 'nothing'] as const)
});

const corner = exact({ kind: oneOf(['wall', 'open', 'outside'] as const), taken: place(), note: text(120) });
const fixings = { first: place(), pitch: within(100, 3000) };

/** The wall as surveyed. */
export const wallSchema = exact({
	width: within(WALL_LIMITS.minWidth, WALL_LIMITS.maxWidth),
	height: within(WALL_LIMITS.minHeight, WALL_LIMITS.maxHeight),
	cladding: claddingSchema,
	studs: list(studSchema, SURVEY_LIMITS.studs),
	obstructions: list(obstructionSchema, SURVEY_LIMITS.obstructions),
	wet: flag().optional(),
	surface: oneOf(['wall', 'cart-side', 'bench-end', 'cabinet', 'door'] as const).optional(),
	base: height().optional(),
	shape: exact({
		right: within(WALL_LIMITS.minHeight, WALL_LIMITS.maxHeight),
		peak: exact({ x: place(), height: within(WALL_LIMITS.minHeight, WALL_LIMITS.maxHeight) })
			.nullable()
			.optional()
			.test('there', 'is missing', (v) => v !== undefined),
		floorRise: within(-2000, 2000)
	}).optional(),
	build: unionOf(
		{
			framed: {},
			plank: { thickness: within(9, 200), species: species(), ...fixings },
			masonry: {
				material: oneOf(['brick', 'block', 'concrete'] as const),
				thickness: within(40, 1000),
				...fixings,
				plug: exact({
					diameter: within(4, 20),
					length: within(15, 200),
					load: within(0.1, 1000, 'kg')
						.nullable()
						.optional()
						.test('there', 'is missing', (v) => v !== undefined)
				})
			}
		},
		{ optional: true }
	),
	ledges: list(ledgeSchema, SURVEY_LIMITS.ledges).optional(),
	blocking: list(blockingSchema, SURVEY_LIMITS.blocking).optional(),
	zones: list(zoneSchema, SURVEY_LIMITS.zones).optional(),
	pilots: list(pilotSchema, SURVEY_LIMITS.pilots).optional(),
	corners: exact({ left: corner, right: corner }).optional(),
	front: exact({ depth: out(), walkway: out(), headHeight: height() }).optional(),
	far: exact({
		kind: oneOf(['room', 'stair', 'outdoors', 'neighbour', 'same'] as const),
		access: flag(),
		note: text(120)
	}).optional(),
	ceiling: exact({
		kind: oneOf(['joists', 'trusses', 'slab'] as const),
		direction: oneOf(['across', 'along'] as const),
		first: place(),
		pitch: within(100, 3000),
		width: within(10, 400),
		depth: within(10, 800),
		height: height(),
		species: species()
	}).optional(),
	levels: exact({
		line: height().optional(),
		diagonals: exact({ up: within(10, 40_000).optional(), down: within(10, 40_000).optional() }).optional()
	}).optional(),
	photo: exact({
		id: identifier(),
		...box,
		x: within(-WALL_LIMITS.maxWidth, WALL_LIMITS.maxWidth),
		y: within(-WALL_LIMITS.maxHeight, WALL_LIMITS.maxHeight),
		opacity: within(0, 1, '')
	}).optional(),
	how: exact(
		Object.fromEntries(
			(['width', 'height', 'shape', 'cladding', 'build', 'front', 'far', 'ceiling', 'corners'] as const).map((fact) => [
				fact,
				how().optional()
			])
		)
	).optional()
});
