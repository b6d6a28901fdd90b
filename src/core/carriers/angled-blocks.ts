import { angleField, lengthField, wholeField, type ValuesOf } from '../form/field';
import { stock } from '../materials/stocks';
import { fail, ok } from '../result';
import { onEdge } from '../solid/frame';
import { plain, polygon, type Outline } from '../solid/outline';
import type { Part } from '../solid/part';
import { ROOM } from '../things/grips/room';
import { angle, count, mm, phrase } from '../units/phrase';
import { inch, radians, type Millimetres } from '../units/quantity';
import { BLOCK_SCREWS, screwedBlocks, screwsBetween } from './blocks';
import { defineCarrier, type BuiltCarrier, type CarrierContext, type Fitted, type Found, type Wanted } from './carrier';
import { IN_ITS_HOLE } from './keeps';
import { findings } from './findings';
import { backFor, spareFor } from './fitting';
import { loadOf } from './load-of';
import { boardField } from './plate';
import { aboutMiddle, spacingPitch, spacingPositions, spacingSum } from './spacing';
import { mirroredSpread, spreadField } from './spread';
import { mustGoIn } from './suits';

const fields = {
	length: lengthField('Blocks long', 30, 2000, [160, inch(6.5)]),
	stock: boardField('Ripped from', ['44x94', '2x4']),
	wide: lengthField('Board, squared, so wide', 30, 300, [90, inch(3.5)], { hint: 'Two halves come of it' }),
	rip: angleField('Saw tilt', 5, 50, 35),
	kerf: lengthField('Kerf', 0, 6, [3, inch(1 / 8)], { hint: 'The halves lose it between them' }),
	blocks: wholeField('Blocks, one over the other', 1, 20, 2),
	gap: lengthField('Between blocks', 0, 600, [58, inch(2.25)], { hint: 'A spare block is a good spacer' }),
	spacing: spreadField(2),
	hole: lengthField('Hole', 1, 60, [8.5, inch(3 / 8)], { hint: 'Shank and a hair' }),
	deep: lengthField('Hole deep', 3, 150, [25, inch(1)], { hint: 'Square to the slope, to the end of its wall' }),
	screws: BLOCK_SCREWS
};
type Params = ValuesOf<typeof fields>;

/** Less wood than this beside a hole breaks out. */
const LEAST_WOOD: Millimetres = 4;
/** A bit's point goes deeper than the wall of its hole. */
const POINT: Millimetres = 3;

/** How the section of one half comes about: out from the back, up its back, up its front, along its slope. */
function section(p: Params) {
	const out = stock(p.stock).thickness;
	const tan = Math.tan(radians(p.rip));
	// Along the width of the board a cut at a slant takes more than the kerf.
	const middle = (p.wide - p.kerf / Math.cos(radians(p.rip))) / 2;
	const back = middle + (out / 2) * tan;
	const front = middle - (out / 2) * tan;
	return { out, middle, back, front: Math.max(1, front), slope: out / Math.cos(radians(p.rip)), ripped: front > 1 };
}

function outline(p: Params): Outline {
	const s = section(p);
	return plain(
		polygon([
			[0, 0],
			[s.out, 0],
			[s.out, s.front],
			[0, s.back]
		])
	);
}
/** Of the outline: the slope, from its front up to the back. */
const SLOPE = 2;

/** Wood below a hole that stands square in the middle of the slope, to where it would come out. */
function roomFor(p: Params): Millimetres {
	const s = section(p);
	const b = radians(p.rip);
	return Math.min(s.out / 2 / Math.sin(b), s.middle / Math.cos(b));
}

const feet = (p: Params): Millimetres[] => Array.from({ length: p.blocks }, (_, i) => i * (section(p).back + p.gap));

function warningsOf(p: Params, c: CarrierContext, xs: readonly Millimetres[]): Found[] {
	const { found, say } = findings();
	const s = section(p);
	if (!s.ripped)
		say(
			'stop',
			'rip',
			phrase('Ripped at {a}, {w} of board leaves nothing at the front: less tilt, or wider', {
				a: angle(p.rip),
				w: mm(p.wide)
			})
		);
	if (p.wide > stock(p.stock).width + 0.01)
		say(
			'mind',
			'wide',
			phrase('A board so wide is glued up: {w}, sold {s} wide', { w: mm(p.wide), s: mm(stock(p.stock).width) })
		);
	const room = roomFor(p);
	if (p.deep + POINT > room)
		say(
			'stop',
			'deep',
			phrase('A hole of {d} and its point come out of the block: {r} is there', { d: mm(p.deep), r: mm(room) })
		);
	const beside = (s.slope - p.hole) / 2;
	if (beside < LEAST_WOOD)
		say('stop', 'hole', phrase('Holes leave {w} to the edge of the slope', { w: mm(Math.max(0, beside)) }));
	const pitch = spacingPitch(p.length, p.spacing);
	if (p.spacing.count > 1 && pitch - p.hole < LEAST_WOOD)
		say(
			'stop',
			'spacing',
			phrase('Holes of {h}, {d} apart, leave {w} of wood between them', {
				h: mm(p.hole),
				d: mm(pitch),
				w: mm(Math.max(0, pitch - p.hole))
			})
		);
	const ends = Math.min(...xs, p.length - Math.max(...xs)) - p.hole / 2;
	if (ends < LEAST_WOOD)
		say('stop', 'length', phrase('A hole leaves {w} to the end of its block', { w: mm(Math.max(0, ends)) }));
	const [load] = c.loads;
	if (!load || load.count === 0) return found;
	if (p.spacing.count > 1 && load.width > pitch)
		say(
			'mind',
			'spacing',
			phrase('What stands there is {w} wide, the holes {p} apart', { w: mm(load.width), p: mm(pitch) })
		);
	// Over the slope it leans out; straight up it needs about its height to come out.
	if (p.blocks > 1 && load.height - p.deep > p.gap)
		say(
			'mind',
			'gap',
			phrase('{h} stands above its hole, and {g} is between the blocks: it leans out past the next', {
				h: mm(load.height - p.deep),
				g: mm(p.gap)
			})
		);
	return found;
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const s = section(p);
	const xs = spacingPositions(p.length, p.spacing);
	const feetAt = feet(p);
	const lean = radians(p.rip);
	const block: Part = {
		id: 'block',
		name: 'angled block',
		material: { kind: 'strip', stock: p.stock, width: s.back, bevel: p.rip },
		outline: outline(p),
		thickness: p.length,
		grain: 'none',
		features: xs.map((x) => ({
			kind: 'bore',
			// The prism runs to the left from its right end.
			at: [s.slope / 2, p.length - x],
			from: { edge: SLOPE },
			diameter: p.hole,
			depth: p.deep,
			through: false,
			tilt: 0,
			toward: [1, 0]
		})),
		stands: feetAt.map((y) => onEdge([p.length, y, 0]))
	};
	const held = screwedBlocks({
		name: 'angled block',
		stock: p.stock,
		host: c.host.stock,
		length: p.length,
		out: s.out,
		up: s.back / 2,
		places: feetAt.map((y) => ({ x: 0, y })),
		screwsAt: screwsBetween(
			xs.map((x) => ({ x, wide: p.hole })),
			p.length,
			p.screws.size
		),
		screws: p.screws
	});
	const [load] = c.loads;
	const over = Math.max(0, (load?.height ?? 0) - p.deep);
	// It leans out with its hole: its middle stands so far before the middle of the slope.
	const middle = s.out / 2 + Math.max(0, (load?.height ?? 0) / 2 - p.deep) * Math.sin(lean);
	return {
		parts: [block],
		host: [],
		joints: [held.joint],
		seats: feetAt.flatMap((y, instance) =>
			xs.map((x) => ({
				group: 0,
				at: [x, y + s.middle, middle - (load?.depth ?? 0) / 2] as const,
				axis: [0, 0, 1] as const,
				length: 0,
				takes: 1,
				kept: true,
				stance: { above: over },
				carriedBy: [{ member: 0, instance, share: 1 }]
			}))
		),
		members: [held.member],
		faces: [],
		retention: [IN_ITS_HOLE],
		taken: { left: 0, right: p.length, low: 0, high: (feetAt.at(-1) ?? 0) + s.back },
		warnings: [...warningsOf(p, c, xs), ...held.warnings]
	};
}

/** Rows of blocks: as many as a hand finds its way in. */
const MOST_BLOCKS = 6;
/** Holes stand so deep in their block for what stands in them, within what it has. */
const DEEP = 0.4;

/** Blocks for bits whose head is wider than their shank: they lean out, so that what they cut is seen. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	if (w.thing.grip !== 'bit') return fail('it has no shank to stand in a blind hole');
	const { shank, head } = w.thing.dims;
	if (shank === undefined || head === undefined) return fail('its shank or its widest part is not known');
	const known = loadOf(w.thing, w.count);
	if (!known.ok) return known;
	const start = angledBlocks.start(w.unit) as Params;
	const hole = shank + ROOM.bit;
	const pitch = Math.max(head, known.value.width) + ROOM.bits;
	const wanted = Math.max(1, w.count) + spareFor(w.count);
	const most = Math.max(1, Math.floor(w.widest / pitch));
	const across = Math.min(most, Math.max(2, Math.ceil(wanted / MOST_BLOCKS)), wanted);
	const blocks = Math.min(20, Math.ceil(wanted / across));
	const length = Math.max(80, across * pitch + 2 * LEAST_WOOD);
	const deep = Math.min(Math.floor(roomFor(start) - POINT), Math.max(10, Math.round(known.value.height * DEEP)));
	const gap = Math.max(10, Math.ceil(known.value.height - deep));
	const params: Params = { ...start, length, blocks, gap, hole, deep, spacing: aboutMiddle(length, across, pitch) };
	const s = section(params);
	if ((s.slope - hole) / 2 < LEAST_WOOD) return fail('its shank is thicker than a slope of this board has room for');
	const tall = (feet(params).at(-1) ?? 0) + s.back;
	const seats = across * blocks;
	return ok({
		params,
		sums: [
			{ label: 'hole', sum: phrase('shank {s} + {a}', { s: mm(shank), a: mm(ROOM.bit) }), value: hole },
			{
				label: 'apart',
				sum: phrase('head {h} + {f}', { h: mm(Math.max(head, known.value.width)), f: mm(ROOM.bits) }),
				value: pitch
			},
			{
				label: 'between blocks',
				sum: phrase('{h} high less {d} in its hole', { h: mm(known.value.height), d: mm(deep) }),
				value: gap
			}
		],
		back: { width: length, height: backFor(s.out, tall + 100) },
		y: 10,
		load: { ...known.value, count: Math.min(w.count, seats) },
		seats,
		apt: head > shank * SHOWS
	});
}
/** So much wider than its shank a head is worth seeing. */
const SHOWS = 1.3;

export const angledBlocks = defineCarrier({
	kind: 'angled-blocks',
	title: 'Angled blocks',
	about: 'Halves of a board ripped at a slant, with holes square to the slope: bits lean out, and are seen.',
	fields,
	grips: ['bit'],
	on: ['front'],
	through: true,
	groups: () => ['in the holes'],
	effort: (p) => p.blocks * (p.spacing.count + 2),
	build,
	describe: (p) => {
		const n = p.blocks * p.spacing.count;
		return phrase(`${n} ${n === 1 ? 'hole' : 'holes'} of {h@tape} in ${p.blocks} angled`, { h: mm(p.hole) });
	},
	fit,
	suits: (p, { dims }) => mustGoIn('shank', dims.shank, p.hole, 'hole'),
	withSeats: (p, seats) => ({ ...p, blocks: Math.min(20, Math.max(1, Math.ceil(seats / p.spacing.count))) }),
	mirrored: (p, loads) => {
		const { params } = mirroredSpread({ width: p.length, spacing: p.spacing }, loads);
		return { params: { ...p, spacing: params.spacing }, loads };
	},
	watch: ['the blocks: do they turn about their screws?'],
	sums: (p) => {
		const s = section(p);
		return [
			phrase('half of it: ({w} - {k} / cos {a}) / 2 is {m} in its middle', {
				w: mm(p.wide),
				k: mm(p.kerf),
				a: angle(p.rip),
				m: mm(s.middle)
			}),
			phrase('its back {b}, its front {f}: {m} ± {o} / 2 × tan {a}', {
				b: mm(s.back),
				f: mm(s.front),
				m: mm(s.middle),
				o: mm(s.out),
				a: angle(p.rip)
			}),
			spacingSum(p.length, p.spacing),
			phrase('{n} blocks, {p} from foot to foot', { n: count(p.blocks), p: mm(s.back + p.gap) })
		];
	}
});
