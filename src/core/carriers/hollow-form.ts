import { lengthField, type ValuesOf } from '../form/field';
import { stock } from '../materials/stocks';
import { rodOf } from '../members/rod';
import { fail, ok } from '../result';
import { facing, upright } from '../solid/frame';
import { circle, plain } from '../solid/outline';
import type { Feature, Part } from '../solid/part';
import { ROOM } from '../things/grips/room';
import { mm, phrase } from '../units/phrase';
import { inch, type Millimetres } from '../units/quantity';
import { defineCarrier, type BuiltCarrier, type CarrierContext, type Fitted, type Found, type Wanted } from './carrier';
import { findings } from './findings';
import { backFor, spareFor } from './fitting';
import { loadOf } from './load-of';
import { boardField } from './plate';
import { aboutMiddle, spacingPitch, spacingPositions, spacingSum } from './spacing';
import { mirroredSpread, spreadField } from './spread';
import { mustGoIn } from './suits';

const fields = {
	width: lengthField('Spread over', 20, 30_000, [500, inch(20)]),
	spacing: spreadField(2),
	across: lengthField('Form across', 20, 500, [130, inch(5)], {
		hint: 'A round of board, a little narrower than the hollow'
	}),
	stock: boardField('Form of'),
	out: lengthField('Its front out from the face', 20, 600, [110, inch(4.25)]),
	pin: lengthField('Pin', 8, 60, [25, inch(1)], { hint: 'A dowel from the back into the form' }),
	depth: lengthField('Pin in the back', 5, 60, [18, inch(0.75)])
};
type Params = ValuesOf<typeof fields>;

/** Wood left over the end of the pin in the form. */
const LEFT: Millimetres = 4;
/** Between the rim of what hangs there and the face. */
const AIR: Millimetres = ROOM.clear;

const boardOf = (p: Params): Millimetres => stock(p.stock).thickness;
const socketOf = (p: Params): Millimetres => Math.max(1, boardOf(p) - LEFT);

function warningsOf(p: Params, c: CarrierContext, xs: readonly Millimetres[]): Found[] {
	const { found, say } = findings();
	const [left, low] = c.host.at;
	const edge = Math.min(left + Math.min(...xs), c.host.width - left - Math.max(...xs), low, c.host.height - low);
	if (edge < p.pin / 2)
		say('stop', 'spacing', phrase('A pin runs out of the face: its centre is {e} from the edge', { e: mm(edge) }));
	if (p.out <= boardOf(p) + 5)
		say(
			'stop',
			'out',
			phrase('A form {t} thick that stands {o} out leaves nothing of its pin', { t: mm(boardOf(p)), o: mm(p.out) })
		);
	if (p.pin > p.across / 2)
		say(
			'stop',
			'pin',
			phrase('A pin of {p} in a form of {f} across leaves too little round it', { p: mm(p.pin), f: mm(p.across) })
		);
	const pitch = spacingPitch(p.width, p.spacing);
	if (p.spacing.count > 1 && pitch < p.across)
		say(
			'stop',
			'spacing',
			phrase('Forms {w} across, {p} apart, run into each other', { w: mm(p.across), p: mm(pitch) })
		);
	const [load] = c.loads;
	if (load && load.count > 1 && p.spacing.count > 1 && load.width > pitch)
		say('mind', 'spacing', phrase('What hangs is {w} wide, the forms {p} apart', { w: mm(load.width), p: mm(pitch) }));
	return found;
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const xs = spacingPositions(p.width, p.spacing);
	const depth = Math.min(p.depth, stock(c.host.stock).thickness);
	const t = boardOf(p);
	const bore = (x: Millimetres): Feature => ({
		kind: 'bore',
		at: [x, 0],
		from: 'front',
		diameter: p.pin,
		depth,
		through: depth >= stock(c.host.stock).thickness,
		tilt: 0,
		toward: [0, 1]
	});
	const pin: Part = {
		id: 'pin',
		name: 'pin',
		material: { kind: 'dowel', diameter: p.pin },
		outline: plain(circle(0, 0, p.pin)),
		thickness: Math.max(1, p.out - t) + depth + socketOf(p),
		grain: 'none',
		features: [],
		stands: xs.map((x) => upright([x, 0, -depth]))
	};
	const form: Part = {
		id: 'form',
		name: 'form',
		material: { kind: 'board', stock: p.stock },
		outline: plain(circle(0, 0, p.across)),
		thickness: t,
		grain: 'x',
		features: [
			{
				kind: 'bore',
				at: [0, 0],
				from: 'back',
				diameter: p.pin,
				depth: socketOf(p),
				through: false,
				tilt: 0,
				toward: [0, 1]
			}
		],
		stands: xs.map((x) => upright([x, 0, Math.max(1, p.out - t)]))
	};
	const rod = rodOf({
		name: 'pin',
		diameter: p.pin,
		embedded: depth,
		tilt: 0,
		board: c.host.stock,
		share: 'one on each',
		projection: p.out
	});
	const [load] = c.loads;
	return {
		parts: [pin, form],
		host: xs.map(bore),
		joints: [],
		seats: xs.map((x, instance) => ({
			group: 0,
			at: [x, 0, AIR] as const,
			axis: [0, 0, 1] as const,
			length: 0,
			takes: 1,
			kept: true,
			stance: { above: Math.min(load?.height ?? 0, p.across / 2 + AIR) },
			carriedBy: [{ member: 0, instance, share: 1 }]
		})),
		members: [
			{
				data: rod,
				instances: xs.map((x) => facing('front', [x, 0, 0])),
				own: 1 / xs.length,
				grab: { x: 0, z: p.out }
			}
		],
		faces: [],
		retention: [
			{
				forward: { open: 'a pull takes it off, as it is meant to: deeper in its hollow holds better' },
				sideways: { by: 'the form' },
				up: { open: 'it lifts off, as it is meant to' },
				back: { by: 'the face' }
			}
		],
		taken: {
			left: Math.min(...xs) - p.across / 2,
			right: Math.max(...xs) + p.across / 2,
			low: -p.across / 2,
			high: p.across / 2
		},
		warnings: warningsOf(p, c, xs)
	};
}

/** A form for something hollow: the inside decides how wide and how far out. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	if (w.thing.grip !== 'form') return fail('it has no hollow that goes over a form');
	const { inside, insideDepth } = w.thing.dims;
	if (inside === undefined || insideDepth === undefined)
		return fail('the width or the depth of its hollow is not known');
	const known = loadOf(w.thing, w.count);
	if (!known.ok) return known;
	const start = hollowForm.start(w.unit) as Params;
	const across = inside - 2 * ROOM.clear;
	if (across < 20) return fail('its hollow is too narrow for a form');
	const out = insideDepth + AIR;
	if (out <= boardOf(start) + 5) return fail('its hollow is shallower than a form is thick: a hook or a peg');
	const pitch = known.value.width + ROOM.fingers;
	const most = Math.max(1, Math.floor(w.widest / pitch));
	const n = Math.min(most, Math.max(1, w.count) + spareFor(w.count));
	const width = Math.max(160, n * pitch);
	const height = backFor(AIR + known.value.depth, 240);
	return ok({
		params: {
			...start,
			width,
			across,
			out,
			pin: Math.min(start.pin, across / 3),
			spacing: aboutMiddle(width, n, pitch)
		},
		sums: [
			{
				label: 'form across',
				sum: phrase('inside {i} - 2 × {c}', { i: mm(inside), c: mm(ROOM.clear) }),
				value: across
			},
			{ label: 'its front out', sum: phrase('deep {d} + {a}', { d: mm(insideDepth), a: mm(AIR) }), value: out },
			{ label: 'apart', sum: phrase('wide {w} + {f}', { w: mm(known.value.width), f: mm(ROOM.fingers) }), value: pitch }
		],
		back: { width, height },
		y: Math.round(height * 0.45),
		load: { ...known.value, count: Math.min(w.count, n) },
		seats: n
	});
}

export const hollowForm = defineCarrier({
	kind: 'hollow-form',
	title: 'Form',
	about: 'A round of board on a pin: masks, helmets and ear defenders hang over it and keep their shape.',
	fields,
	grips: ['form'],
	on: ['front'],
	groups: () => ['over the forms'],
	effort: (p) => 3 * p.spacing.count,
	build,
	describe: (p) =>
		phrase(`${p.spacing.count} ${p.spacing.count === 1 ? 'form' : 'forms'}, {a@tape} across`, { a: mm(p.across) }),
	fit,
	suits: (p, { dims }) => [
		...(dims.inside === undefined ? [] : mustGoIn('form', p.across, dims.inside, 'hollow')),
		...mustGoIn('hollow’s depth', dims.insideDepth, p.out, 'room before the face')
	],
	withSeats: (p, seats) => ({ ...p, spacing: { ...p.spacing, count: Math.max(1, seats) } }),
	changes: (p) => [
		{
			text: phrase('A pin {d@tape} thick', { d: mm(Math.min(60, p.pin * 1.25)) }),
			params: { ...p, pin: Math.min(60, p.pin * 1.25) },
			effort: 'another part' as const
		}
	],
	mirrored: mirroredSpread,
	watch: ['the pins: do they droop in their holes?'],
	sums: (p) => [
		spacingSum(p.width, p.spacing),
		phrase('pin {l}: {d} in the back, {s} in the form', {
			l: mm(Math.max(1, p.out - boardOf(p)) + p.depth + socketOf(p)),
			d: mm(p.depth),
			s: mm(socketOf(p))
		})
	]
});
