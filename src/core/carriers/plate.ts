import {
	choiceField,
	flagField,
	groupField,
	lengthField,
	massField,
	orAbsent,
	orNull,
	variantsField,
	wholeField,
	type ValueOf
} from '../form/field';
import { SCREWS, type ScrewSize } from '../materials/screws';
import { OWN_PATTERN } from '../materials/own-stock';
import { STOCKS, stock, type StockId } from '../materials/stocks';
import { jointOf } from '../members/joint';
import { entersBy, leftUnder, POCKET, usualPocket } from '../members/pocket';
import { ratedOf } from '../members/rated';
import { facing, flat, onEdge } from '../solid/frame';
import { plain, polygon, rectangle, type Outline } from '../solid/outline';
import type { Feature, Part } from '../solid/part';
import { mm, phrase } from '../units/phrase';
import { GRAVITY, inch, type Millimetres } from '../units/quantity';
import type { CarriedBy, Found, Host, Member, OfferedFace, ScrewJoint } from './carrier';
import { spacingPositions } from './spacing';

/** A board to choose: one of the usual, or one of the shop's own. */
export const boardField = (label: string, start: readonly [mm: StockId, inch: StockId] = ['ply-18', 'ply-3/4']) =>
	choiceField(
		label,
		STOCKS.map(({ id: value, title: name }) => ({ value, name })),
		start,
		{ also: { list: 'own-stock', pattern: OWN_PATTERN, name: (id) => stock(id as StockId).title } }
	);

const under = {
	count: wholeField('How many', 1, 40, 2),
	height: lengthField('Height', 15, 800, [60, inch(2.5)]),
	out: lengthField('Out from the back', 15, 800, [60, inch(2.5)])
};

/** What keeps a plate from turning down: pieces below it that press on the back. */
export const SUPPORT = variantsField('Below it', {
	blocks: under,
	gussets: under,
	brackets: { ...under, rated: orNull(massField('One carries, by its maker', 0, 500)) },
	none: {}
});
export type Support = ValueOf<typeof SUPPORT>;

/** A screw to choose. */
export const SCREW_SIZE = choiceField(
	'Screw',
	SCREWS.map(({ size: value, title: name }) => ({ value, name })),
	'#8'
);

/** Screws that hold a plate: through the back into its edge, or from pockets in it into the back. */
export const PLATE_SCREWS = groupField('Screws into the back', {
	size: SCREW_SIZE,
	length: lengthField('Length', 10, 200, [50, inch(2)]),
	count: wholeField('How many', 1, 60, 4),
	glued: flagField('Glued as well', true),
	pockets: orAbsent(flagField('From pockets in its underside', false))
});
export interface PlateScrews {
	size: ScrewSize;
	length: Millimetres;
	count: number;
	glued: boolean;
	/** Not through the back: from pockets in the plate itself, into the face of the back. */
	pockets?: boolean;
}

export interface PlateInput {
	id: string;
	/** 'shelf', 'fork'. */
	name: string;
	/** Left end, top, in the carrier's frame. */
	x: Millimetres;
	top: Millimetres;
	width: Millimetres;
	depth: Millimetres;
	stock: StockId;
	/** The board's grain: along the plate, or turned so that it runs out from the back. */
	grain: 'along' | 'out';
	outline: Outline;
	features?: readonly Feature[];
	support: Support;
	screws: PlateScrews;
	/** What it is screwed to. */
	host: Pick<Host, 'stock' | 'uprights' | 'at'>;
	/** Where something goes through it, or hangs below it: nothing may stand there. */
	openings?: readonly Opening[];
}

/** Room below a plate that is taken: along it in the carrier's frame, and from so far out from the face. */
export interface Opening {
	from: Millimetres;
	to: Millimetres;
	near: Millimetres;
}

/** A plate on a back with what is below it. */
export interface Plate {
	parts: Part[];
	joints: ScrewJoint[];
	members: Member[];
	faces: OfferedFace[];
	/** Lowest point of plate and supports, in the carrier's frame. */
	low: Millimetres;
	/** Where the pieces below it stand, along it. */
	supportsAt: readonly Millimetres[];
	/** What bought brackets below it carry of anything on it: even shares; none where there are none. */
	bracketShares(first: number): CarriedBy[];
	warnings: Found[];
}

/** Pieces stand at least so far from the ends. */
const END: Millimetres = 30;

/** Further along a plate than this a block or gusset does not keep it from turning: a judgement. */
const FAR: Millimetres = 400;

/** The greatest distance along a plate from the nearest piece below it. */
function farthest(i: PlateInput, at: readonly Millimetres[]): Millimetres {
	const [first, last] = [at[0], at.at(-1)];
	if (first === undefined || last === undefined) return 0;
	const gaps = at.slice(1).map((x, k) => (x - (at[k] as Millimetres)) / 2);
	return Math.max(first - i.x, i.x + i.width - last, ...gaps);
}

const endMargin = (width: Millimetres) => Math.min(END, width / 4);

/**
 * Middles of the battens behind a plate, along it: it is screwed there, and what is below it presses there. Null for a
 * closed back, and where no batten is.
 */
function uprightsUnder({ host, x, width }: PlateInput): readonly Millimetres[] | null {
	const margin = endMargin(width) / 2;
	const here = (host.uprights ?? []).map((u) => u - host.at[0] - x).filter((u) => u >= margin && u <= width - margin);
	return here.length > 0 ? here : null;
}

/** A bracket is so wide; blocks and gussets are as thick as the plate. */
const BRACKET: Millimetres = 20;
const supportThick = ({ support, stock: id }: PlateInput): Millimetres =>
	support.kind === 'brackets' ? BRACKET : stock(id).thickness;

/** How far a piece whose middle is there would stand into an opening; 0 where it is free of all. */
function intoOpening(i: PlateInput, x: Millimetres): Millimetres {
	const out = i.support.kind === 'none' ? 0 : i.support.out;
	const half = supportThick(i) / 2;
	return (i.openings ?? []).reduce(
		(most, o) => (out <= o.near ? most : Math.max(most, Math.min(x + half, o.to) - Math.max(x - half, o.from))),
		0
	);
}

/** Nothing and a little more: two that touch do not stand in each other. */
const TOUCHES: Millimetres = 0.01;

/** The nearest place along a plate where a piece below it is in nothing's way; where it was if there is none. */
function freeOf(i: PlateInput, x: Millimetres): Millimetres {
	if (intoOpening(i, x) <= TOUCHES) return x;
	const half = supportThick(i) / 2;
	const free = (i.openings ?? [])
		.flatMap((o) => [o.from - half, o.to + half])
		.filter((at) => at >= i.x + half && at <= i.x + i.width - half && intoOpening(i, at) <= TOUCHES)
		.sort((a, b) => Math.abs(a - x) - Math.abs(b - x));
	return free[0] ?? x;
}

/** Pieces below a plate, spread evenly and moved aside where something goes through; no two in one place. */
function supportsFree(i: PlateInput, spread: readonly Millimetres[]): Millimetres[] {
	const found: Millimetres[] = [];
	for (const x of spread.map((at) => freeOf(i, at)))
		if (found.every((f) => Math.abs(f - x) >= supportThick(i))) found.push(x);
	return found;
}

/** What is below it in the way of what goes through it. */
function inTheWay(i: PlateInput, at: readonly Millimetres[]): Found[] {
	const worst = Math.max(0, ...at.map((x) => intoOpening(i, x)));
	if (worst <= TOUCHES) return [];
	return [
		{
			level: 'stop',
			field: 'support',
			message: phrase(
				`What is below the ${i.name} stands {b} into what goes through it or hangs there: fewer, or less far out`,
				{
					b: mm(worst)
				}
			)
		}
	];
}

/** What stands below: rectangles, triangles, or something bought. */
function supportPart(i: PlateInput, at: readonly Millimetres[]): Part[] {
	const { support: s } = i;
	if (s.kind === 'none') return [];
	const { thickness } = stock(i.stock);
	const foot = i.top - thickness - s.height;
	if (s.kind === 'brackets')
		return [
			{
				id: `${i.id}-bracket`,
				name: 'bracket',
				material: {
					kind: 'bought',
					// Their own screws are bought with them, and are theirs to judge: no joint of ours lists them.
					name: 'bracket with its screws',
					mass: null,
					rated: s.rated === null ? null : s.rated * GRAVITY
				},
				outline: plain(
					polygon([
						[0, 0],
						[4, 0],
						[4, s.height - 4],
						[s.out, s.height - 4],
						[s.out, s.height],
						[0, s.height]
					])
				),
				thickness: BRACKET,
				grain: 'none',
				features: [],
				stands: at.map((x) => onEdge([x + BRACKET / 2, foot, 0]))
			}
		];
	const outline =
		s.kind === 'blocks'
			? rectangle(s.out, s.height)
			: polygon([
					[0, 0],
					[s.out, s.height],
					[0, s.height]
				]);
	return [
		{
			id: `${i.id}-${s.kind === 'blocks' ? 'block' : 'gusset'}`,
			name: s.kind === 'blocks' ? 'block' : 'gusset',
			material: { kind: 'board', stock: i.stock },
			outline: plain(outline),
			thickness,
			pinned: true,
			grain: 'y',
			features: [],
			stands: at.map((x) => onEdge([x + thickness / 2, foot, 0]))
		}
	];
}

/** Pockets in the underside of a plate, for the work they take: their wood is a few grams. */
function pocketsAt({ stock: id }: PlateInput, xs: readonly Millimetres[]): Feature[] {
	const { thickness } = stock(id);
	const out = leftUnder(thickness) * Math.cos((POCKET.angle * Math.PI) / 180);
	return xs.map((x) => ({
		kind: 'bore',
		at: [x, out],
		from: 'front',
		diameter: POCKET.diameter,
		depth: thickness,
		through: false,
		tilt: 90 - POCKET.angle,
		toward: [0, 1],
		drawn: true
	}));
}

/** Screws that are too short, or come out of the other side. */
function screwWarnings({ screws, stock: id, host }: PlateInput): Found[] {
	const [board, back] = [stock(id).thickness, stock(host.stock).thickness];
	const values = { l: mm(screws.length), t: mm(back) };
	const stop = (message: Found['message']): Found[] => [{ level: 'stop', field: 'screws', message }];
	if (!screws.pockets)
		return screws.length - back <= 0
			? stop(phrase('Screws of {l} do not reach through the {t} they stand on', values))
			: [];
	const enters = entersBy(screws.length, board);
	const usual = { ...values, b: mm(board), u: mm(usualPocket(board, back)), e: mm(enters) };
	if (enters <= 0) return stop(phrase('Pocket screws of {l} do not come out of a board of {b}: {u} is usual', usual));
	if (enters > back - 1)
		return stop(
			phrase('Pocket screws of {l} enter {e}: they come out behind the {t} they go into; {u} is usual', usual)
		);
	return [];
}

/**
 * A plate that stands out from a back, screwed to it from behind or from pockets, with blocks, gussets or brackets
 * below.
 * @returns its parts, its joint (the first of its members), and the faces that it offers
 * @example plateOn({ ...shelf, support: { kind: 'none' } }).members.length // 1
 */
export function plateOn(i: PlateInput): Plate {
	const board = stock(i.stock);
	const { support: s, screws } = i;
	const below = s.kind === 'none' ? 0 : s.height;
	const count = s.kind === 'none' ? 0 : s.count;
	const uprights = uprightsUnder(i);
	const spread = (n: number) =>
		uprights ?? spacingPositions(i.width, { kind: 'end-margins', count: n, margin: endMargin(i.width) });
	const evenly = count === 0 ? [] : spread(count).map((x) => i.x + x);
	// Behind battens they stand where those are.
	const supportsAt = uprights ? evenly : supportsFree(i, evenly);
	const screwsAt = spread(screws.count);
	const far = farthest(i, supportsAt) > FAR;
	// It turns about its own lower edge, or the foot of what is below it where that is near enough everywhere.
	const height = board.thickness / 2 + (far ? 0 : below);
	const data = jointOf({
		name: i.name,
		heights: screwsAt.map(() => height),
		along: screwsAt,
		width: i.width,
		size: screws.size,
		length: screws.length,
		head: i.host.stock,
		main: i.stock,
		into: i.grain === 'along' ? 'edge' : 'end',
		about: s.kind === 'none' || far ? 'its lower edge' : `the foot of its ${s.kind}`,
		alone: s.kind === 'none' || far,
		...(screws.pockets ? { pockets: true as const } : {})
	});
	const plate: Part = {
		id: i.id,
		name: i.name,
		material: { kind: 'board', stock: i.stock },
		outline: i.outline,
		thickness: board.thickness,
		grain: i.grain === 'along' ? 'x' : 'y',
		features: [...(i.features ?? []), ...(screws.pockets ? pocketsAt(i, screwsAt) : [])],
		stands: [flat([i.x, i.top, 0])]
	};
	const members: Member[] = [
		{ data, instances: [facing('front', [i.x, i.top, 0])], own: true, grab: { x: i.width / 2, z: i.depth } }
	];
	if (s.kind === 'brackets') {
		const rated = ratedOf({
			name: 'bracket',
			rated: s.rated === null ? null : s.rated * GRAVITY
		});
		members.push({ data: rated, instances: supportsAt.map((x) => facing('front', [x, i.top, 0])) });
	}
	const warnings = [...screwWarnings(i), ...inTheWay(i, supportsAt)];
	if (s.kind !== 'none' && far)
		warnings.push({
			level: 'mind',
			field: 'support',
			message: phrase(
				`Some of the ${i.name} is more than {f} from what is below it, which is counted for nothing: put in more`,
				{ f: mm(FAR) }
			)
		});
	if (s.kind !== 'none' && s.out > i.depth + 0.01)
		warnings.push({
			level: 'mind',
			field: 'support',
			message: phrase(`What is below the ${i.name} stands out {o}, further than it: {d}`, {
				o: mm(s.out),
				d: mm(i.depth)
			})
		});
	return {
		parts: [plate, ...supportPart(i, supportsAt)],
		joints: [
			{
				name: screws.pockets ? `${i.name}, from its pockets` : `${i.name}, through the back`,
				size: screws.size,
				length: screws.length,
				glued: screws.glued,
				places: screwsAt.map((x) => [
					i.x + x,
					i.top - board.thickness / 2,
					screws.pockets ? 0 : -stock(i.host.stock).thickness
				])
			}
		],
		members,
		faces: [],
		low: i.top - board.thickness - below,
		supportsAt,
		bracketShares: (first) =>
			s.kind === 'brackets'
				? supportsAt.map((_, k) => ({ member: first + 1, instance: k, share: 1 / supportsAt.length }))
				: [],
		warnings
	};
}

/** Faces of a plate that others may stand on: its top, its underside, its front edge. */
export function plateFaces(
	i: Pick<PlateInput, 'x' | 'top' | 'width' | 'depth' | 'stock'>,
	carriedBy: readonly CarriedBy[]
): OfferedFace[] {
	const { thickness } = stock(i.stock);
	const common = { width: i.width, stock: i.stock, carriedBy };
	return [
		{ ...common, name: 'top', face: 'top', at: [i.x, i.top, i.depth], height: i.depth },
		{ ...common, name: 'underside', face: 'underside', at: [i.x, i.top - thickness, 0], height: i.depth },
		{ ...common, name: 'front', face: 'front', at: [i.x, i.top - thickness, i.depth], height: thickness }
	];
}
