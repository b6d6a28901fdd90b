import { choiceField, groupField, lengthField, massField, orNull, wholeField, type ValuesOf } from '../form/field';
import { stock } from '../materials/stocks';
import { faceScrewsOf } from '../members/face-screws';
import { ratedOf } from '../members/rated';
import { fail, ok } from '../result';
import { facing, onEdge } from '../solid/frame';
import { plain, polygon, type Outline } from '../solid/outline';
import type { Part } from '../solid/part';
import { ROOM } from '../things/grips/room';
import { mm, phrase } from '../units/phrase';
import { GRAVITY, inch, type Millimetres } from '../units/quantity';
import {
	defineCarrier,
	type BuiltCarrier,
	type CarrierContext,
	type Fitted,
	type Found,
	type Retention,
	type Wanted
} from './carrier';
import { findings } from './findings';
import { backFor, spareFor } from './fitting';
import { loadOf } from './load-of';
import { SCREW_SIZE } from './plate';
import { aboutMiddle, spacingPitch, spacingPositions, spacingSum } from './spacing';
import { mirroredSpread, spreadField } from './spread';
import { mustGoIn } from './suits';

const SORTS = ['hook', 'clip', 'strap', 'pin', 'magnet'] as const;
type Sort = (typeof SORTS)[number];

const fields = {
	sort: choiceField(
		'Of what sort',
		SORTS.map((value) => ({ value, name: value })),
		'hook'
	),
	width: lengthField('Spread over', 20, 30_000, [500, inch(20)]),
	spacing: spreadField(4),
	opening: lengthField('Opening', 2, 400, [50, inch(2)], { hint: 'Clear inside it, for what hangs there' }),
	rated: orNull(massField('One carries, by its maker', 0, 500)),
	plate: groupField('Its plate', {
		height: lengthField('Height', 10, 600, [80, inch(3.25)]),
		thickness: lengthField('Thickness', 0.5, 12, [3, inch(1 / 8)]),
		size: SCREW_SIZE,
		length: lengthField('Length', 6, 200, [20, inch(0.75)]),
		count: wholeField('Screws in each', 1, 12, 2)
	})
};
type Params = ValuesOf<typeof fields>;

/** What one is called: a back has a hook of its own. */
const nameOf = (sort: Sort): string => (sort === 'hook' ? 'bought hook' : sort);

/** How wide a plate is drawn, and how thick what stands out from it. */
const WIDE: Millimetres = 22;
const WIRE: Millimetres = 8;
/** A plate's screws stand so far from its ends. */
const END: Millimetres = 10;

/** What keeps a thing on each sort: bought ones differ, so no more than the sort itself says. */
const KEEPS: Record<Sort, Retention> = {
	hook: {
		forward: { by: 'its tip' },
		sideways: { by: 'the hook' },
		up: { open: 'it lifts off, as it is meant to' },
		back: { by: 'the face' }
	},
	clip: {
		forward: { open: 'a pull takes it out, as it is meant to' },
		sideways: { by: 'the clip' },
		up: { open: 'it slides in a clip that is worn: a stop below, or two clips' },
		back: { by: 'the face' }
	},
	strap: {
		forward: { by: 'the strap' },
		sideways: { by: 'the strap' },
		up: { by: 'the strap' },
		back: { by: 'the face' }
	},
	pin: {
		forward: { open: 'a knock can walk it off: a pin that is tilted up' },
		sideways: { by: 'the pin' },
		up: { open: 'it lifts off, as it is meant to' },
		back: { by: 'the face' }
	},
	magnet: {
		forward: { open: 'a knock takes it off: a ledge below' },
		sideways: { open: 'a knock slides it: a ledge with ends below' },
		up: { open: 'it comes off, as it is meant to' },
		back: { by: 'the face' }
	}
};

/** What lies flat on its plate lies nowhere else; in an opening a thing counts at its far end. */
const flatOn = ({ sort }: Params): boolean => sort === 'magnet' || sort === 'strap';

/** Its side: a plate, and what stands out from it near its foot, with a tip where it is a hook. */
function outline(p: Params): Outline {
	const { height, thickness } = p.plate;
	const far = thickness + p.opening + WIRE;
	if (flatOn(p))
		return plain(
			polygon([
				[0, 0],
				[thickness, 0],
				[thickness, height],
				[0, height]
			])
		);
	const tip = p.sort === 'hook' ? Math.min(height, WIRE + p.opening / 2) : WIRE;
	return plain(
		polygon([
			[0, 0],
			[far, 0],
			[far, tip],
			...(tip > WIRE
				? ([
						[far - WIRE, tip],
						[far - WIRE, WIRE]
					] as const)
				: []),
			[thickness, WIRE],
			[thickness, height],
			[0, height]
		])
	);
}

/** Heights of a plate's screws above its lower edge. */
function screwsUp({ plate: { height, count } }: Params): Millimetres[] {
	const end = Math.min(END, height / 4);
	return spacingPositions(height, { kind: 'end-margins', count, margin: end });
}

function warningsOf(p: Params, c: CarrierContext): Found[] {
	const { found, say } = findings();
	const back = stock(c.host.stock).thickness;
	const { length, thickness, height } = p.plate;
	if (height <= WIRE + 1)
		say('stop', 'plate', phrase('A plate {h} high leaves no room for its screws', { h: mm(height) }));
	if (length <= thickness)
		say(
			'stop',
			'plate',
			phrase('Screws of {l} do not reach through a plate of {t}', { l: mm(length), t: mm(thickness) })
		);
	if (length > thickness + back - 1)
		say(
			'stop',
			'plate',
			phrase('Screws of {l} come out behind: {t} of plate and {b} of back', {
				l: mm(length),
				t: mm(thickness),
				b: mm(back)
			})
		);
	const pitch = spacingPitch(p.width, p.spacing);
	const [load] = c.loads;
	if (p.spacing.count > 1 && pitch < WIDE)
		say('stop', 'spacing', phrase('Plates {w} wide, {p} apart, run into each other', { w: mm(WIDE), p: mm(pitch) }));
	else if (load && load.count > 1 && p.spacing.count > 1 && load.width > pitch)
		say(
			'mind',
			'spacing',
			phrase('What hangs is {w} wide, but they are {p} apart', { w: mm(load.width), p: mm(pitch) })
		);
	return found;
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const xs = spacingPositions(p.width, p.spacing);
	const { plate, sort } = p;
	const rated = p.rated === null ? null : p.rated * GRAVITY;
	const part: Part = {
		id: sort,
		name: nameOf(sort),
		material: { kind: 'bought', name: nameOf(sort), mass: null, rated },
		outline: outline(p),
		thickness: WIDE,
		grain: 'none',
		features: [],
		stands: xs.map((x) => onEdge([x + WIDE / 2, 0, 0]))
	};
	const heights = screwsUp(p);
	const screws = faceScrewsOf({
		name: nameOf(sort),
		heights,
		size: plate.size,
		length: plate.length,
		plate: plate.thickness,
		main: c.host.stock
	});
	const roots = xs.map((x) => facing('front', [x, 0, 0]));
	const grab = { x: 0, z: plate.thickness + (flatOn(p) ? 0 : p.opening) };
	return {
		parts: [part],
		host: [],
		joints: [
			{
				name: `${nameOf(sort)}, onto the face`,
				size: plate.size,
				length: plate.length,
				glued: false,
				places: xs.flatMap((x) => heights.map((y): [number, number, number] => [x, y, 0]))
			}
		],
		seats: xs.map((x, i) => ({
			group: 0,
			at: [x, WIRE, plate.thickness] as const,
			axis: [0, 0, 1] as const,
			length: flatOn(p) ? 0 : p.opening,
			takes: 1,
			kept: flatOn(p),
			stance: 'hangs' as const,
			carriedBy: [
				{ member: 0, instance: i, share: 1 },
				{ member: 1, instance: i, share: 1 }
			]
		})),
		members: [
			{ data: ratedOf({ name: nameOf(sort), rated }), instances: roots, grab },
			{ data: screws, instances: roots, grab }
		],
		faces: [],
		retention: [KEEPS[sort]],
		taken: { left: Math.min(...xs) - WIDE / 2, right: Math.max(...xs) + WIDE / 2, low: 0, high: plate.height },
		warnings: warningsOf(p, c)
	};
}

/** Between neighbours. */
const AIR: Millimetres = 25;

/** A hook for a tube, a tyre or a ring: what rests in it decides its opening. Its maker's load is asked for. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	const { grip, dims } = w.thing;
	if (grip !== null && grip !== 'hook' && grip !== 'peg') return fail('it has no ring, tube or loop for a hook');
	if (grip === 'hook' && dims.tube === undefined) return fail('the tube or tyre that rests in the hook is not known');
	const load = loadOf(w.thing, w.count);
	if (!load.ok) return load;
	const start = boughtHooks.start(w.unit) as Params;
	const opening =
		grip === 'hook' && dims.tube !== undefined ? dims.tube + 2 * ROOM.clear : Math.max(12, load.value.depth);
	const pitch = Math.max(WIDE + AIR, load.value.width + AIR);
	const most = Math.max(1, Math.floor(w.widest / pitch));
	const seats = Math.min(most, w.count + spareFor(w.count));
	const width = Math.max(120, seats * pitch);
	const params: Params = {
		...start,
		width,
		opening,
		spacing: aboutMiddle(width, seats, pitch)
	};
	const height = backFor(params.plate.thickness + opening, 220);
	return ok({
		params,
		sums: [
			{
				label: 'opening',
				sum:
					grip === 'hook' && dims.tube !== undefined
						? phrase('{t} + 2 × {c}', { t: mm(dims.tube), c: mm(ROOM.clear) })
						: phrase('as deep as it is, {d}', { d: mm(opening) }),
				value: opening
			},
			{ label: 'apart', sum: phrase('wide {w} + {a}', { w: mm(load.value.width), a: mm(AIR) }), value: pitch }
		],
		back: { width, height },
		y: Math.round(height * 0.3),
		load: { ...load.value, count: Math.min(w.count, seats) },
		seats
	});
}

export const boughtHooks = defineCarrier({
	kind: 'bought-hooks',
	title: 'Hooks',
	about: 'Bought hooks, clips, straps, pins or magnets on the face: each by what its maker says it carries.',
	fields,
	grips: ['hook'],
	on: ['front'],
	groups: () => ['on the hooks'],
	effort: (p) => 2 * p.spacing.count,
	build,
	describe: (p) =>
		phrase(`${p.spacing.count} ${p.sort}${p.spacing.count === 1 ? '' : 's'}, opening {o@tape}`, { o: mm(p.opening) }),
	fit,
	suits: (p, { dims, grip }) => (grip === 'hook' ? mustGoIn('tube or tyre', dims.tube, p.opening, 'opening') : []),
	withSeats: (p, seats) => ({ ...p, spacing: { ...p.spacing, count: Math.max(1, seats) } }),
	changes: (p) => [
		{
			text: phrase('Another screw in each'),
			params: { ...p, plate: { ...p.plate, count: Math.min(12, p.plate.count + 1) } },
			effort: 'screws' as const
		},
		{
			text: phrase('Plates {h@tape} high', { h: mm(Math.round(p.plate.height * 1.5)) }),
			params: { ...p, plate: { ...p.plate, height: Math.round(p.plate.height * 1.5) } },
			effort: 'another part' as const
		}
	],
	mirrored: mirroredSpread,
	watch: ['the screws of each: do they draw?', 'the bend of each: does it open?'],
	sums: (p) => [spacingSum(p.width, p.spacing)]
});
