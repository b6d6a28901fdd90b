import { screwChoice } from './driven-fields';
import { groupField, lengthField, orNull, wholeField, type ValuesOf } from '../form/field';
import {
	defineCarrier,
	type BuiltCarrier,
	type CarrierContext,
	type Fitted,
	type Found,
	type Seat,
	type Wanted
} from '../carriers/carrier';
import { findings } from '../carriers/findings';
import { loadOf } from '../carriers/load-of';
import { boardField } from '../carriers/plate';
import { stock } from '../materials/stocks';
import { fail, ok } from '../result';
import { flat, onEdge, upright } from '../solid/frame';
import { plain, rectangle } from '../solid/outline';
import type { Part } from '../solid/part';
import { count, mm, phrase } from '../units/phrase';
import { inch } from '../units/quantity';

const driven = (length: readonly [number, number], most: number) => ({
	size: screwChoice('#8'),
	length: lengthField('Length', 20, 200, length),
	count: wholeField('How many', 1, most, 4)
});

const fields = {
	bays: wholeField('Bays beside each other', 1, 4, 1, { hint: 'One for each quality' }),
	width: lengthField('Along the wall, one bay', 200, 3200, [2480, inch(97.5)]),
	foot: lengthField('Foot out from the wall', 0, 600, [120, inch(4.75)], { hint: 'Of the innermost sheet: it leans' }),
	deep: lengthField('Room for the stack', 10, 600, [120, inch(4.75)]),
	base: boardField('Base off the floor'),
	posts: groupField('Posts between the bays', {
		stock: boardField('Of', ['44x94', '2x4']),
		high: lengthField('High', 100, 2400, [700, inch(28)])
	}),
	kerb: orNull(
		groupField('Kerb before the feet, screwed from below', {
			stock: boardField('Of', ['18x44', '1x2']),
			...driven([50, inch(2)], 20)
		})
	),
	bar: orNull(
		groupField('Bar across', {
			up: lengthField('Up from the floor', 50, 2300, [600, inch(24)]),
			stock: boardField('Of', ['18x69', '1x3']),
			...driven([50, inch(2)], 4)
		})
	)
};
type Params = ValuesOf<typeof fields>;

function sizesOf(p: Params) {
	const post = stock(p.posts.stock).thickness;
	return {
		post,
		base: stock(p.base).thickness,
		pitch: p.width + post,
		wide: p.bays * p.width + (p.bays + 1) * post,
		out: p.foot + p.deep
	};
}

function warningsOf(p: Params, { loads }: CarrierContext): Found[] {
	const { found, say } = findings();
	if (p.bar && p.bar.up > p.posts.high)
		say('stop', 'bar', phrase('A bar at {u} is over its posts, {h} high', { u: mm(p.bar.up), h: mm(p.posts.high) }));
	loads.forEach((load, i) => {
		if (load.count === 0) return;
		const field = `loads.${i}`;
		if (load.width > p.width)
			say(
				'stop',
				field,
				phrase('A sheet {w} long does not go into a bay of {b}', { w: mm(load.width), b: mm(p.width) })
			);
		if (load.count * load.depth > p.deep)
			say(
				'stop',
				field,
				phrase('{n} sheets are {d} thick, the room is {r}', {
					n: count(load.count),
					d: mm(load.count * load.depth),
					r: mm(p.deep)
				})
			);
		if (p.foot + p.deep >= load.height)
			say(
				'stop',
				field,
				phrase('A sheet {h} high does not lean with its foot {f} out', { h: mm(load.height), f: mm(p.foot) })
			);
		if (p.bar && p.bar.up > load.height)
			say('mind', field, phrase('A bar at {u} is over sheets of {h}', { u: mm(p.bar.up), h: mm(load.height) }));
	});
	if (p.foot === 0 && !p.bar)
		say('stop', 'foot', phrase('Sheets that stand upright fall: their foot out from the wall, or a bar across'));
	return found;
}

function partsOf(p: Params): Part[] {
	const { post, base, pitch, wide, out } = sizesOf(p);
	const board = (id: string, name: string, of: Params['base']) =>
		({ id, name, material: { kind: 'board', stock: of }, features: [] }) as const;
	const bays = Array.from({ length: p.bays }, (_, i) => post + i * pitch);
	const [kerb, bar] = [p.kerb, p.bar];
	return [
		{
			...board('base', 'base', p.base),
			// Its kerb stands on it.
			outline: plain(rectangle(wide, out + (kerb ? stock(kerb.stock).thickness : 0))),
			thickness: base,
			grain: 'x',
			stands: [flat([0, base, 0])]
		},
		{
			...board('post', 'post', p.posts.stock),
			outline: plain(rectangle(out, p.posts.high)),
			thickness: post,
			grain: 'y',
			stands: Array.from({ length: p.bays + 1 }, (_, i) => onEdge([i * pitch + post, base, 0]))
		},
		...(kerb
			? [
					{
						...board('kerb', 'kerb', kerb.stock),
						outline: plain(rectangle(p.width, stock(kerb.stock).width)),
						thickness: stock(kerb.stock).thickness,
						grain: 'x' as const,
						stands: bays.map((x) => upright([x, base, out]))
					}
				]
			: []),
		...(bar
			? [
					{
						...board('bar', 'bar', bar.stock),
						outline: plain(rectangle(p.width + 2 * post, stock(bar.stock).width)),
						thickness: stock(bar.stock).thickness,
						grain: 'x' as const,
						stands: bays.map((x) => upright([x - post, base + bar.up, out]))
					}
				]
			: [])
	];
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const { post, base, pitch, wide, out } = sizesOf(p);
	const screwed = (of: NonNullable<Params['kerb']> | NonNullable<Params['bar']>) => ({
		screw: of.size,
		length: of.length,
		count: of.count,
		stock: of.stock
	});
	return {
		parts: partsOf(p),
		host: [],
		joints: [],
		seats: Array.from({ length: p.bays }, (_, group): Seat => {
			const load = c.loads[group];
			return {
				group,
				at: [post + group * pitch + p.width / 2, base, p.foot],
				axis: [0, 0, 1],
				length: p.deep,
				takes: Math.max(1, Math.floor(p.deep / (load?.depth ?? p.deep))),
				kept: true,
				stance: 'stands',
				carriedBy: []
			};
		}),
		members: [],
		faces: [],
		retention: Array.from({ length: p.bays }, () => ({
			forward: p.bar ? { by: 'the bar' } : { open: 'they lean, and no more' },
			sideways: { by: 'the posts' },
			up: { open: 'they lift out, as they are meant to' },
			back: { by: 'the wall' }
		})),
		taken: { left: 0, right: wide, low: 0, high: base + p.posts.high },
		warnings: warningsOf(p, c),
		hold: {
			kind: 'floor',
			leans: {
				foot: p.foot,
				base: p.base,
				posts: p.posts.stock,
				rise: p.kerb ? stock(p.kerb.stock).width : 0,
				kerb: p.kerb && screwed(p.kerb),
				bar: p.bar && { ...screwed(p.bar), up: p.bar.up }
			},
			top: base + p.posts.high,
			out,
			screws: null
		}
	};
}

/** For sheets on edge: as long as they are, with room for all of them. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	if (w.thing.grip !== 'edge') return fail('it is no sheet that stands on edge');
	const load = loadOf(w.thing, w.count);
	if (!load.ok) return load;
	const { width, height, depth } = load.value;
	const start = sheetBay.start(w.unit) as Params;
	const room = Math.max(start.deep, depth * w.count + 20);
	if (width + 20 > fields.width.max || room > fields.deep.max) return fail('they are too long, or too many, for a bay');
	const high = Math.max(fields.posts.fields.high.min, Math.min(start.posts.high, height * 0.6));
	const made = {
		...start,
		width: width + 20,
		deep: room,
		posts: { ...start.posts, high },
		bar: { ...(start.bar ?? NO_BAR(w)), up: Math.max(50, high * 0.8) }
	};
	return ok({
		params: made,
		sums: [{ label: 'room', sum: phrase('{t} × {n} and a finger', { t: mm(depth), n: count(w.count) }), value: room }],
		back: { width: sizesOf(made).wide, height: high },
		y: 0,
		load: { ...load.value, count: w.count },
		seats: Math.floor(room / depth)
	});
}

export const sheetBay = defineCarrier({
	kind: 'sheet-bay',
	title: 'Sheet bay',
	about: 'Sheets on edge on the floor, leaning on the wall, with a kerb before their feet and a bar across.',
	fields,
	grips: ['edge'],
	on: [],
	held: ['own'],
	groups: (p) => Array.from({ length: p.bays }, (_, i) => (p.bays === 1 ? 'in it' : `in bay ${i + 1} from the left`)),
	effort: (p) => p.bays * 6,
	build,
	describe: (p) =>
		phrase(p.bays === 1 ? 'one bay of {w@tape}' : '{n} bays of {w@tape}', { n: count(p.bays), w: mm(p.width) }),
	fit,
	changes: (p) => [
		...(p.bar
			? []
			: [
					{
						text: phrase('A bar across'),
						params: { ...p, bar: { ...NO_BAR({ unit: 'mm' }), up: Math.max(50, p.posts.high * 0.8) } },
						effort: 'a piece of wood' as const
					}
				]),
		{
			text: phrase('Foot {f} out', { f: mm(Math.min(600, Math.round(p.foot * 1.5 + 20))) }),
			params: { ...p, foot: Math.min(600, Math.round(p.foot * 1.5 + 20)) },
			effort: 'nothing to buy' as const
		}
	],
	mirrored: (p, loads) => ({ params: p, loads: [...loads].reverse() }),
	watch: ['the feet: do they slide?', 'the bar at its ends']
});

/** A bar as it starts. */
const NO_BAR = ({ unit }: Pick<Wanted, 'unit'>): NonNullable<Params['bar']> => ({
	up: unit === 'mm' ? 600 : inch(24),
	stock: unit === 'mm' ? '18x69' : '1x3',
	size: '#8',
	length: unit === 'mm' ? 50 : inch(2),
	count: 4
});
