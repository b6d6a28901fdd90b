import { WOODS } from '../materials/woods';
import {
	angleField as angle,
	choiceField as choice,
	flagField as flag,
	groupField as group,
	idField as id,
	lengthField as length,
	listField as list,
	massField as mass,
	named,
	numberField as number,
	orAbsent,
	orNothing,
	orNull,
	textField as text,
	variantsField as variants,
	wholeField as whole
} from '../form/field';
import { SURVEY_LIMITS, WALL_LIMITS } from './limits';
import { screwFields } from './screw-fields';
import type { WallFact } from './wall';

/** A place along the wall. */
export const place = (label: string) => length(label, 0, WALL_LIMITS.maxWidth);
const height = (label: string) => length(label, 0, WALL_LIMITS.maxHeight);
const species = choice(
	'Species',
	WOODS.map(({ id: value, title: name }) => ({ value, name }))
);
const how = orAbsent(
	choice(
		'How it was found',
		named('guess', 'tape', 'meter', 'scanner', 'pilot', 'screw-line', 'pitch', 'drawing', 'photo')
	)
);
const box = {
	x: place('Left end'),
	y: height('Lower edge'),
	width: length('Width', 10, WALL_LIMITS.maxWidth),
	height: length('Height', 10, WALL_LIMITS.maxHeight)
};
/** Out into the room. */
const out = (label: string) => length(label, 0, 20_000);
const layer = group('Layer', {
	kind: choice('Kind', named('drywall', 'panel')),
	thickness: length('Thickness', 0, 60)
});
const cladding = group('Cladding', {
	kind: choice('Kind', named('none', 'drywall', 'panel')),
	thickness: length('Thickness', 0, 60),
	under: orAbsent(list('Layers under it', layer, SURVEY_LIMITS.layers))
});

export const STUD = {
	id: id(),
	x: place('Centre'),
	width: length('Width', 19, 200),
	depth: length('Depth', 19, 400),
	species,
	lean: orAbsent(number('Lean', -100, 100, undefined, { unit: 'mm a metre' })),
	plies: orAbsent(choice('Plies', named(2))),
	added: orAbsent(flag('Added')),
	found: orAbsent(
		group('How it was found', {
			how: { ...how, missing: undefined },
			confidence: orAbsent(number('Sure by', 0, 1)),
			error: orAbsent(length('Uncertain by', 0, 1000)),
			marks: orAbsent(list('Marks', group('Mark', { x: place('Along'), y: height('Up') }), SURVEY_LIMITS.marks))
		})
	)
};

const motion = variants('How it moves', {
	swing: {
		hinge: choice('Hinge', named('left', 'right', 'both')),
		angle: angle('Opens by', 0, 180),
		into: choice('Into', named('room', 'away'))
	},
	overhead: { rise: length('Rises by', 0, 3000), travel: out('Travels') },
	'car-doors': {
		nose: choice('Nose', named('left', 'right')),
		hinge: length('Hinge from the nose', 0, 10_000),
		leaf: length('Leaf', 300, 2500),
		doors: choice('Doors a side', named(1, 2)),
		angle: angle('Opens by', 10, 90)
	},
	'clear-above': { height: height('Clear above it') }
});

export const OBSTRUCTION = {
	id: id(),
	kind: choice(
		'Kind',
		named(
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
		)
	),
	name: text('Name', 60),
	...box,
	near: orAbsent(out('Stands off the wall by')),
	out: orAbsent(out('Reaches out to')),
	hidden: orAbsent(flag('Hidden')),
	motion: orNothing(motion),
	traced: orAbsent(flag('Traced')),
	cord: orAbsent(length('Cord', 100, 20_000)),
	how
};

export const LEDGE = {
	id: id(),
	name: text('Name', 60),
	x: orAbsent(place('Left end')),
	width: orAbsent(length('Width', 10, WALL_LIMITS.maxWidth)),
	y: height('Lower edge'),
	height: length('Height', 5, WALL_LIMITS.maxHeight),
	out: length('Stands out by', 1, 600)
};
export const BLOCKING = {
	id: id(),
	...box,
	depth: length('Depth', 19, 400),
	species,
	fixing: orAbsent(group('Its own screws', { ...screwFields, count: whole('At each end', 1, 40) }))
};
export const ZONE = { id: id(), name: text('Name', 60), ...box, most: out('Nothing stands out more than') };
export const PILOT = {
	id: id(),
	x: place('Along'),
	y: height('Up'),
	hit: choice('It met', named('wood', 'nothing'))
};

const corner = (label: string) =>
	group(label, {
		kind: choice('Kind', named('wall', 'open', 'outside')),
		taken: place('Taken up'),
		note: text('Note', 120)
	});
const fixings = { first: place('First'), pitch: length('Then every', 100, 3000) };
const tall = (label: string) => length(label, WALL_LIMITS.minHeight, WALL_LIMITS.maxHeight);
const FACTS = ['width', 'height', 'shape', 'cladding', 'build', 'front', 'far', 'ceiling', 'corners'] as const;

/** The wall as surveyed. */
export const WALL = {
	width: length('Width', WALL_LIMITS.minWidth, WALL_LIMITS.maxWidth),
	height: tall('Height'),
	cladding,
	studs: list('Studs', group('Stud', STUD), SURVEY_LIMITS.studs),
	obstructions: list('In the way', group('Obstruction', OBSTRUCTION), SURVEY_LIMITS.obstructions),
	wet: orAbsent(flag('Wet')),
	quake: orAbsent(number('Earthquake, S_DS', 0.05, 3)),
	surface: orAbsent(choice('Surface', named('wall', 'cart-side', 'bench-end', 'cabinet', 'door'))),
	base: orAbsent(height('Its foot above the floor')),
	shape: orAbsent(
		group('Outline', {
			right: tall('Height at the right end'),
			peak: orNull(group('Peak', { x: place('Along'), height: tall('Height') })),
			floorRise: length('Floor rises by', -2000, 2000)
		})
	),
	build: orAbsent(
		variants('Build', {
			framed: {},
			plank: { thickness: length('Thickness', 9, 200), species, ...fixings },
			masonry: {
				material: choice('Material', named('brick', 'block', 'concrete')),
				thickness: length('Thickness', 40, 1000),
				...fixings,
				plug: group('Plug', {
					diameter: length('Hole', 4, 20),
					length: length('Length', 15, 200),
					load: orNull(mass('Maker’s load', 0.1, 1000))
				})
			}
		})
	),
	ledges: orAbsent(list('Ledges', group('Ledge', LEDGE), SURVEY_LIMITS.ledges)),
	blocking: orAbsent(list('Blocking', group('Block', BLOCKING), SURVEY_LIMITS.blocking)),
	zones: orAbsent(list('Zones', group('Zone', ZONE), SURVEY_LIMITS.zones)),
	pilots: orAbsent(list('Pilot holes', group('Pilot hole', PILOT), SURVEY_LIMITS.pilots)),
	corners: orAbsent(group('Corners', { left: corner('Left'), right: corner('Right') })),
	front: orAbsent(
		group('Before it', { depth: out('Depth'), walkway: out('Walkway'), headHeight: height('Head height') })
	),
	far: orAbsent(
		group('Behind it', {
			kind: choice('Kind', named('room', 'stair', 'outdoors', 'neighbour', 'same')),
			access: flag('Within reach'),
			note: text('Note', 120)
		})
	),
	ceiling: orAbsent(
		group('Ceiling', {
			kind: choice('Kind', named('joists', 'trusses', 'slab')),
			direction: choice('They run', named('across', 'along')),
			first: place('First'),
			pitch: length('Then every', 100, 3000),
			width: length('Width', 10, 400),
			depth: length('Depth', 10, 800),
			height: height('Height'),
			species,
			span: orAbsent(length('Span', 300, 12_000)),
			attic: orAbsent(choice('Made for', named('none', 'limited'))),
			free: orAbsent(number('Free of it', 0, 1))
		})
	),
	levels: orAbsent(
		group('Levels', {
			line: orAbsent(height('Reference line')),
			diagonals: orAbsent(
				group('Diagonals', {
					up: orAbsent(length('Up from the lower left', 10, 40_000)),
					down: orAbsent(length('Down from the upper left', 10, 40_000))
				})
			)
		})
	),
	photo: orAbsent(
		group('Photograph', {
			id: id(),
			...box,
			x: length('Left end', -WALL_LIMITS.maxWidth, WALL_LIMITS.maxWidth),
			y: length('Lower edge', -WALL_LIMITS.maxHeight, WALL_LIMITS.maxHeight),
			opacity: number('Opacity', 0, 1)
		})
	),
	how: orAbsent(
		group('How it was found', Object.fromEntries(FACTS.map((fact) => [fact, how])) as Record<WallFact, typeof how>)
	)
};
