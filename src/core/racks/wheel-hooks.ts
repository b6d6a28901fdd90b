import { lengthField, lengthsField, massField, orNull, type ValuesOf } from '../form/field';
import {
	defineCarrier,
	type BuiltCarrier,
	type CarrierContext,
	type Fitted,
	type Found,
	type Wanted
} from '../carriers/carrier';
import { findings } from '../carriers/findings';
import { loadOf } from '../carriers/load-of';
import { lastOf, nth } from '../nth';
import { fail, ok } from '../result';
import { onEdge } from '../solid/frame';
import { plain, polygon, type Outline } from '../solid/outline';
import { ROOM } from '../things/grips/room';
import { count, mm, phrase } from '../units/phrase';
import { GRAVITY, inch, type Millimetres } from '../units/quantity';

const fields = {
	at: lengthsField('Hooks, from the left', { min: 10, max: 12_000, least: 1, most: 20 }, [
		[20, 420],
		[inch(0.75), inch(16.75)]
	]),
	step: lengthField('Every other one lower by', 0, 800, [300, inch(12)], {
		hint: 'So that handlebars pass over each other'
	}),
	wire: lengthField('Wire, diameter', 4, 20, [10, inch(3 / 8)]),
	opening: lengthField('Opening', 10, 150, [65, inch(2.5)], { hint: 'Wider than the tyre' }),
	out: lengthField('Wheel hangs out from the wall', 10, 200, [60, inch(2.25)], { hint: 'To the middle of the tyre' }),
	thread: lengthField('Thread in the wood', 10, 150, [50, inch(2)]),
	rated: orNull(
		massField("Maker's load, of one", 0.1, 200, undefined, {
			hint: 'On the packet. Left empty, the hooks cannot be judged'
		})
	)
};
type Params = ValuesOf<typeof fields>;

/** A hook takes so much of the wall about its shank, for the drawing. */
const SIDE: Millimetres = 20;
/** Handlebars beside each other pass where they hang so much higher or lower. */
const PASSES: Millimetres = 250;
/** Beside each other bicycles are lifted in between with pedals turned: so much of their width. */
const OVERLAP = 0.45;

const sorted = (xs: readonly Millimetres[]): Millimetres[] => [...xs].sort((a, b) => a - b);
/** Each hook in the rack's frame: the first high, the next low. */
const places = (p: Params): [Millimetres, Millimetres][] =>
	sorted(p.at).map((x, i) => [x, SIDE / 2 + (i % 2 === 0 && p.at.length > 1 ? p.step : 0)]);

function warningsOf(p: Params, { loads }: CarrierContext): Found[] {
	const { found, say } = findings();
	const [load] = loads;
	const xs = sorted(p.at);
	if (!load || load.count === 0 || xs.length < 2) return found;
	const apart = Math.min(...xs.slice(1).map((x, i) => x - nth(xs, i)));
	const at = { a: mm(apart), w: mm(load.width) };
	if (apart < OVERLAP * load.width)
		say('stop', 'at', phrase('Hooks {a} apart: what hangs is {w} wide, and pedals stand in the next one', at));
	else if (apart < load.width && p.step < PASSES)
		say(
			'mind',
			'step',
			phrase('Handlebars of {w} meet, {a} apart: every other hook lower by {n} or more', { ...at, n: mm(PASSES) })
		);
	return found;
}

/** Its side: the shank out of the wall, and the tip that keeps the tyre on it. */
function outline({ wire, out, opening }: Params): Outline {
	const far = out + opening / 2 + wire;
	const tip = wire + opening / 2;
	return plain(
		polygon([
			[0, 0],
			[far, 0],
			[far, tip],
			[far - wire, tip],
			[far - wire, wire],
			[0, wire]
		])
	);
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const at = places(p);
	const rated = p.rated === null ? null : p.rated * GRAVITY;
	const length = p.out + p.thread;
	return {
		parts: [
			{
				id: 'hook',
				name: 'bicycle hook',
				material: { kind: 'bought', name: 'bicycle hook', mass: null, rated },
				outline: outline(p),
				thickness: p.wire,
				grain: 'none',
				features: [],
				stands: at.map(([x, y]) => onEdge([x + p.wire / 2, y - p.wire / 2, 0]))
			}
		],
		host: [],
		joints: [],
		seats: at.map(([x, y]) => ({
			group: 0,
			at: [x, y, p.out] as const,
			axis: [0, 0, 1] as const,
			length: 0,
			takes: 1,
			kept: true,
			stance: 'hangs' as const,
			carriedBy: []
		})),
		members: [],
		faces: [],
		retention: [
			{
				forward: { by: 'the tip of the hook' },
				sideways: { by: 'the hook' },
				up: { open: 'it lifts off, as it is meant to' },
				back: { by: 'the wall: its lower wheel leans there' }
			}
		],
		taken: {
			left: Math.max(0, nth(at, 0)[0] - SIDE / 2),
			right: lastOf(at)[0] + SIDE / 2,
			low: 0,
			high: Math.max(...at.map(([, y]) => y)) + SIDE / 2
		},
		warnings: warningsOf(p, c),
		hold: { kind: 'hooks', at, wire: p.wire, length, out: p.out, rated: p.rated }
	};
}

/** For what hangs by a wheel or a tube: an opening over that, hooks as far apart as alternating heights allow. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	const { grip, dims } = w.thing;
	if (grip !== 'hook') return fail('it does not hang by a wheel or a tube');
	if (dims.tube === undefined) return fail('the tube or tyre that rests in the hook is not known');
	const load = loadOf(w.thing, w.count);
	if (!load.ok) return load;
	const start = wheelHooks.start(w.unit) as Params;
	const opening = Math.max(start.opening, dims.tube + 2 * ROOM.clear);
	if (opening > fields.opening.max) return fail('its tube is too thick for a hook');
	const apart = Math.ceil(Math.max(150, load.value.width * 0.6));
	const n = Math.max(1, Math.min(w.count, fields.at.most, 1 + Math.floor((w.widest - SIDE) / apart)));
	const out = Math.max(start.out, dims.tube / 2 + 20);
	return ok({
		params: { ...start, opening, out, at: Array.from({ length: n }, (_, i) => SIDE / 2 + i * apart) },
		sums: [
			{ label: 'opening', sum: phrase('{t} + 2 × {c}', { t: mm(dims.tube), c: mm(ROOM.clear) }), value: opening },
			{ label: 'apart', sum: phrase('wide {w} × 0.6: handlebars pass', { w: mm(load.value.width) }), value: apart }
		],
		back: { width: (n - 1) * apart + SIDE, height: SIDE + start.step },
		y: 0,
		load: { ...load.value, count: Math.min(w.count, n) },
		seats: n
	});
}

export const wheelHooks = defineCarrier({
	kind: 'wheel-hooks',
	title: 'Bicycle hooks',
	about: 'Bought screw hooks in the studs, by a wheel or a tube, every other one lower so that handlebars pass.',
	fields,
	grips: ['hook'],
	on: [],
	held: ['own'],
	mark: (p) => ({ name: 'First hook', at: nth(places(p), 0) }),
	onStuds: (p, studs) => {
		const xs = sorted(p.at);
		const apart = xs.length > 1 ? Math.min(...xs.slice(1).map((x, i) => x - nth(xs, i))) : 0;
		const first = nth(xs, 0);
		const taken: Millimetres[] = [];
		for (const s of studs)
			if (taken.length < xs.length && (taken.length === 0 || s - lastOf(taken) >= apart * 0.95)) taken.push(s);
		return { ...p, at: taken.map((s) => first + s) };
	},
	groups: () => ['on the hooks'],
	effort: (p) => 2 * p.at.length,
	cross: (p) => {
		const xs = sorted(p.at);
		return xs.slice(1).some((x, i) => x - nth(xs, i) < SIDE) ? [{ path: 'at', message: 'two hang in one place' }] : [];
	},
	build,
	describe: (p) =>
		phrase(`{n} ${p.at.length === 1 ? 'hook' : 'hooks'} of {d} wire, opening {o@tape}`, {
			n: count(p.at.length),
			d: mm(p.wire),
			o: mm(p.opening)
		}),
	fit,
	suits: (p, { dims }) =>
		dims.tube !== undefined && dims.tube > p.opening
			? [phrase('its tyre or tube of {t} does not go into an opening of {o}', { t: mm(dims.tube), o: mm(p.opening) })]
			: [],
	changes: (p) =>
		[10, 12, 14]
			.filter((d) => d > p.wire + 0.4)
			.map((d) => ({
				text: phrase('Hooks of {d} wire', { d: mm(d) }),
				params: { ...p, wire: d },
				effort: 'another part' as const
			})),
	mirrored: (p, loads) => {
		const xs = sorted(p.at);
		const wide = nth(xs, 0) + lastOf(xs);
		return { params: { ...p, at: xs.map((x) => wide - x).reverse() }, loads };
	},
	watch: ['each hook: does it open?', 'its thread: does it draw?']
});
