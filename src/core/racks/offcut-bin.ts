import { screwChoice } from './driven-fields';
import { groupField, lengthField, orNull, wholeField, type ValuesOf } from '../form/field';
import { defineCarrier, type BuiltCarrier, type CarrierContext, type Found, type Seat } from '../carriers/carrier';
import { findings } from '../carriers/findings';
import { boardField } from '../carriers/plate';
import { stock } from '../materials/stocks';
import { flat, onEdge, upright } from '../solid/frame';
import { plain, polygon, rectangle } from '../solid/outline';
import type { Part } from '../solid/part';
import { count, mm, phrase } from '../units/phrase';
import { inch } from '../units/quantity';

const fields = {
	width: lengthField('Width', 100, 2400, [800, inch(32)]),
	depth: lengthField('Depth', 80, 900, [350, inch(14)]),
	bays: wholeField('Bays', 1, 8, 3, { hint: 'The longest pieces on the left' }),
	back: lengthField('Back, high', 100, 2000, [700, inch(28)]),
	front: lengthField('Front, high', 50, 2000, [350, inch(14)]),
	stock: boardField('Boards'),
	screws: orNull(
		groupField('Screwed to the wall', {
			size: screwChoice('#10'),
			length: lengthField('Length', 20, 200, [70, inch(2.75)])
		})
	)
};
type Params = ValuesOf<typeof fields>;

/** Of its screws under the top of the back, and in from its ends. */
const INSET = 40;
/** A bay takes as many pieces as there are room for, and no more than this. */
const MOST = 60;

function baysOf(p: Params) {
	const t = stock(p.stock).thickness;
	const clear = (p.width - (p.bays + 1) * t) / p.bays;
	return { t, clear, pitch: clear + t };
}

function warningsOf(p: Params, { loads }: CarrierContext): Found[] {
	const { found, say } = findings();
	const { clear } = baysOf(p);
	if (clear < 30)
		say('stop', 'bays', phrase('Bays of {c} take nothing: fewer, or wider', { c: mm(Math.max(0, clear)) }));
	if (p.front > p.back) say('mind', 'front', phrase('Its front is higher than its back: nothing comes out over it'));
	loads.forEach((load, i) => {
		if (load.count === 0) return;
		if (load.height < p.front)
			say(
				'mind',
				`loads.${i}`,
				phrase('Pieces of {h} are lost behind a front of {f}', { h: mm(load.height), f: mm(p.front) })
			);
		if (load.height > 2.5 * p.back)
			say(
				'mind',
				`loads.${i}`,
				phrase('Pieces of {h} fall over a back of {b}: a strap, or a higher one', { h: mm(load.height), b: mm(p.back) })
			);
	});
	return found;
}

function partsOf(p: Params): Part[] {
	const { t, pitch } = baysOf(p);
	const board = (id: string, name: string) =>
		({ id, name, material: { kind: 'board', stock: p.stock }, features: [], thickness: t }) as const;
	return [
		{
			...board('bottom', 'bottom'),
			outline: plain(rectangle(p.width, p.depth)),
			grain: 'x',
			stands: [flat([0, t, 0])]
		},
		{
			...board('back', 'back'),
			outline: plain(rectangle(p.width, p.back)),
			grain: 'x',
			stands: [upright([0, t, 0])]
		},
		{
			...board('front', 'front'),
			outline: plain(rectangle(p.width, p.front)),
			grain: 'x',
			stands: [upright([0, t, p.depth - t])]
		},
		{
			...board('side', 'side'),
			outline: plain(
				polygon([
					[0, 0],
					[p.depth - 2 * t, 0],
					[p.depth - 2 * t, p.front],
					[0, p.back]
				])
			),
			grain: 'y',
			stands: Array.from({ length: p.bays + 1 }, (_, i) => onEdge([i * pitch + t, t, t]))
		}
	];
}

function build(p: Params, c: CarrierContext): BuiltCarrier {
	const { t, clear, pitch } = baysOf(p);
	return {
		parts: partsOf(p),
		host: [],
		joints: [],
		seats: Array.from({ length: p.bays }, (_, group): Seat => {
			const load = c.loads[group];
			const across = Math.max(1, Math.floor(Math.max(0, clear) / (load?.width ?? Math.max(1, clear))));
			const deep = Math.max(1, Math.floor((p.depth - 2 * t) / (load?.depth ?? p.depth)));
			return {
				group,
				at: [t + group * pitch + clear / 2, t, t],
				axis: [0, 0, 1],
				length: p.depth - 2 * t,
				takes: Math.min(MOST, across * deep),
				kept: true,
				stance: 'stands',
				carriedBy: []
			};
		}),
		members: [],
		faces: [],
		retention: Array.from({ length: p.bays }, () => ({
			forward: { by: 'the front' },
			sideways: { by: 'the sides' },
			up: { open: 'they lift out, as they are meant to' },
			back: { by: 'the back' }
		})),
		taken: { left: 0, right: p.width, low: 0, high: t + Math.max(p.back, p.front) },
		warnings: warningsOf(p, c),
		hold: {
			kind: 'floor',
			leans: null,
			top: t + Math.max(p.back, p.front),
			out: p.depth,
			screws: p.screws && {
				screw: p.screws.size,
				length: p.screws.length,
				stock: p.stock,
				at: [
					[INSET, t + p.back - INSET],
					[p.width - INSET, t + p.back - INSET]
				]
			}
		}
	};
}

export const offcutBin = defineCarrier({
	kind: 'offcut-bin',
	title: 'Offcut bin',
	about: 'A box on the floor with bays by length: offcuts stand upright in it.',
	fields,
	grips: [],
	on: [],
	held: ['own'],
	groups: (p) => Array.from({ length: p.bays }, (_, i) => `in bay ${i + 1} from the left`),
	effort: (p) => p.bays * (MOST + 2),
	build,
	describe: (p) => phrase('{w@tape} by {d@tape}, {n} bays', { w: mm(p.width), d: mm(p.depth), n: count(p.bays) }),
	changes: (p) => [
		{
			text: phrase('{d} deep', { d: mm(Math.min(900, p.depth + 100)) }),
			params: { ...p, depth: Math.min(900, p.depth + 100) },
			effort: 'a piece of wood' as const
		}
	],
	mirrored: (p, loads) => ({ params: p, loads: [...loads].reverse() }),
	watch: ['its screws in the wall', 'the bottom at its ends']
});
