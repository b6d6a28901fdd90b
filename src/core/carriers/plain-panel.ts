import { lengthField, type ValuesOf } from '../form/field';
import { stock } from '../materials/stocks';
import { fail, ok } from '../result';
import { plain, rectangle } from '../solid/outline';
import type { Feature } from '../solid/part';
import { ROOM } from '../things/grips/room';
import { fine, mm, phrase } from '../units/phrase';
import { inch, type Millimetres } from '../units/quantity';
import { defineCarrier, type BuiltCarrier, type CarrierContext, type Fitted, type Found, type Wanted } from './carrier';
import { backFor, screwsAlong } from './fitting';
import { grooveFaults } from './groove-faults';
import { tippingRoom } from './lift-in';
import { loadOf } from './load-of';
import { plainPlate } from './plain-plate';
import { boardField, PLATE_SCREWS, plateOn, SUPPORT } from './plate';
import { mustGoIn } from './suits';

const fields = {
	width: lengthField('Strips long', 60, 3000, [500, inch(20)]),
	high: lengthField('Panel high', 40, 1200, [250, inch(10)]),
	thick: lengthField('Panel thick', 1, 60, [6, inch(0.25)], { hint: 'A mirror, a sign, felt, a board of hooks' }),
	depth: lengthField('Strips out', 25, 150, [50, inch(2)], { hint: 'Their screws end in them' }),
	stock: boardField('Strips'),
	behind: lengthField('Groove from the face', 3, 100, [8, inch(5 / 16)]),
	lower: lengthField('Lower groove deep', 2, 30, [5, inch(3 / 16)]),
	upper: lengthField('Upper groove deep', 3, 40, [11, inch(7 / 16)], {
		hint: 'Deeper than the lower: it is lifted in, then lowered'
	}),
	over: lengthField('Panel higher than the opening by', 0, 60, [8, inch(5 / 16)]),
	play: lengthField('Grooves wider than it by', 0.2, 10, [1.2, inch(3 / 64)]),
	support: SUPPORT,
	screws: PLATE_SCREWS
};
type Params = ValuesOf<typeof fields>;

const boardOf = (p: Params): Millimetres => stock(p.stock).thickness;
const grooveOf = (p: Params): Millimetres => p.thick + p.play;
/** Clear between both strips. */
const openingOf = (p: Params): Millimetres => Math.max(1, p.high - p.over);
const beforeOf = (p: Params): Millimetres => p.depth - p.behind - grooveOf(p);
const tipped = (p: Params) => ({ opening: openingOf(p), height: p.high, thickness: p.thick, before: beforeOf(p) });

const groove = (p: Params, from: 'front' | 'back', depth: Millimetres): Feature[] => [
	{ kind: 'pocket', name: 'groove', path: rectangle(p.width, grooveOf(p), 0, p.behind), from, depth }
];

function warningsOf(p: Params, c: CarrierContext): Found[] {
	const found = grooveFaults({ ...p, ...tipped(p), board: boardOf(p), groove: grooveOf(p), field: 'over' });
	const say = (level: Found['level'], field: string, message: Found['message']) =>
		found.push({ level, field, message });
	if (beforeOf(p) < 5)
		say('stop', 'depth', phrase('Only {b} of the strips is before the groove: 5 mm at least', { b: mm(beforeOf(p)) }));
	const [load] = c.loads;
	if (!load || load.count === 0) return found;
	if (load.depth > grooveOf(p))
		say('stop', 'thick', phrase('It is {d} thick, the groove {g} wide', { d: mm(load.depth), g: fine(grooveOf(p)) }));
	if (Math.abs(load.height - p.high) > 0.5)
		say('stop', 'high', phrase('It is {h} high, the strips are for {p}', { h: mm(load.height), p: mm(p.high) }));
	if (load.width > p.width)
		say('mind', 'width', phrase('It is {w} wide, its strips {s}', { w: mm(load.width), s: mm(p.width) }));
	return found;
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const lower = plainPlate({
		name: 'lower strip',
		width: p.width,
		depth: p.depth,
		stock: p.stock,
		support: p.support,
		screws: p.screws,
		host: c.host,
		wide: c.loads[0]?.width ?? 0,
		features: groove(p, 'back', p.lower)
	});
	const top = openingOf(p) + boardOf(p);
	const upper = plateOn({
		id: 'upper-strip',
		name: 'upper strip',
		x: 0,
		top,
		width: p.width,
		depth: p.depth,
		stock: p.stock,
		grain: 'along',
		outline: plain(rectangle(p.width, p.depth)),
		features: groove(p, 'front', p.upper),
		support: { kind: 'none' },
		screws: p.screws,
		host: c.host
	});
	return {
		parts: [...lower.parts, ...upper.parts],
		host: [],
		joints: [...lower.joints, ...upper.joints],
		seats: [
			{
				group: 0,
				at: [p.width / 2, -p.lower, p.behind + p.play / 2],
				axis: [0, 0, 1],
				length: p.thick,
				takes: 1,
				kept: true,
				stance: 'stands',
				carriedBy: lower.carriedBy
			}
		],
		members: [...lower.members, ...upper.members],
		faces: [],
		retention: [
			{
				forward: { by: 'both grooves' },
				sideways: { open: 'it can slide out at an end: a pin in the groove' },
				up: { by: 'the upper groove, until it is lifted out' },
				back: { by: 'both grooves' }
			}
		],
		taken: { left: 0, right: p.width, low: lower.low, high: top },
		warnings: [...warningsOf(p, c), ...lower.warnings, ...upper.warnings]
	};
}

/** Two grooved strips as long as the panel, as far apart as lets it be lifted in. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	if (w.thing.grip !== 'panel') return fail('it is no flat panel to stand between two grooved strips');
	const known = loadOf(w.thing, 1);
	if (!known.ok) return known;
	const { width: wide, height: high, depth: thick } = known.value;
	if (wide > w.widest) return fail('it is wider than there is room for');
	const start = plainPanel.start(w.unit) as Params;
	if (high + 2 * boardOf(start) + 120 > 1300) return fail('it is higher than any back');
	const params: Params = {
		...start,
		width: Math.max(60, wide),
		high,
		thick,
		depth: Math.max(start.depth, start.behind + thick + 20),
		support: { kind: 'none' },
		screws: { ...start.screws, count: screwsAlong(wide, 3) }
	};
	// To the next tenth.
	const play = Math.max(start.play, Math.ceil((tippingRoom(tipped(params)) - thick) * 10 + 0.1) / 10);
	const opening = openingOf(params);
	return ok({
		params: { ...params, play },
		sums: [
			{ label: 'between the strips', sum: phrase('{h} - {o}', { h: mm(high), o: mm(start.over) }), value: opening },
			{ label: 'groove', sum: phrase('thick {t} + {p}', { t: mm(thick), p: fine(play) }), value: thick + play }
		],
		back: {
			width: params.width,
			height: Math.min(1300, backFor(params.depth, opening + 2 * boardOf(start) + 100 + ROOM.clear))
		},
		y: boardOf(start) + ROOM.clear,
		load: { ...known.value, count: 1 },
		seats: 1
	});
}

export const plainPanel = defineCarrier({
	kind: 'plain-panel',
	title: 'Panel in two strips',
	about:
		'A mirror, a sign, felt, a board of hooks of another system: it stands in one grooved strip and behind another.',
	fields,
	grips: ['panel'],
	on: ['front'],
	through: true,
	groups: () => ['between the strips: weigh it with all that hangs on it'],
	effort: () => 6,
	build,
	describe: (p) => phrase('panel of {w@tape} × {h@tape} in two strips', { w: mm(p.width), h: mm(p.high) }),
	fit,
	suits: (p, thing) => [
		...mustGoIn('thickness', thing.dims.thickness ?? thing.depth, grooveOf(p), 'groove'),
		...mustGoIn('width', thing.width, p.width, 'strips')
	],
	watch: ['the lower strip: does it come off the back?'],
	sums: (p) => [
		phrase('between the strips: {h} - {o} is {s}: more than {l} and less than {u} of it is in the grooves', {
			h: mm(p.high),
			o: mm(p.over),
			s: mm(openingOf(p)),
			l: mm(p.lower),
			u: mm(p.upper)
		}),
		phrase('grooves: {t} + {p} is {g} wide, {b} from the face', {
			t: mm(p.thick),
			p: fine(p.play),
			g: fine(grooveOf(p)),
			b: mm(p.behind)
		})
	]
});
