import { stock, type StockId } from '../materials/stocks';
import { boardOnSupports } from '../members/beam';
import { housedEndOf } from '../members/housed-end';
import type { MemberData } from '../members/member';
import { facing, flat, onEdge } from '../solid/frame';
import { plain, polygon, rectangle, type Outline } from '../solid/outline';
import type { Feature, Part } from '../solid/part';
import type { Vec2 } from '../solid/vector';
import { radians, type Degrees, type Millimetres } from '../units/quantity';
import type { CarriedBy, Member, ScrewJoint } from './carrier';
import { endJoint, endScrew } from './sides';

export interface BetweenInput {
	id: string;
	/** 'shelf', 'bottom'. */
	name: string;
	stock: StockId;
	/** The sides it stands between: the first of the carrier's members. */
	side: StockId;
	/** Over both sides. */
	width: Millimetres;
	depth: Millimetres;
	/** Where not all of that runs through from end to end: as deep as it bends. */
	bends?: Millimetres;
	/** Its upper side, in the carrier's frame; of one that slopes, where that meets the face. */
	top: Millimetres;
	/** How it rises toward the front; falls, where it is less than 0. Its back edge is bevelled alike. */
	slope?: Degrees;
	/** Screws in each end; or how deep its ends are housed in the sides, glued. */
	screws: number | { housed: Millimetres };
	/** Room that one thing takes along it. */
	wide: Millimetres;
	/** Place of its beam in the carrier's list of members; its ends follow. */
	first: number;
	/** How much of the carrier's own weight counts on it: all, unless several share it. */
	own?: number;
	outline?: Outline;
	features?: readonly Feature[];
}

/** A board between two sides. */
export interface Between {
	part: Part;
	/** None where it is housed. */
	joints: ScrewJoint[];
	/** Its bending, and its screws through the sides. */
	members: [Member, Member];
	/** What carries something on it of which so much comes to the left side, and so much to the right. */
	carriedBy(left: number, right: number): CarriedBy[];
	/** Clear between the sides. */
	span: Millimetres;
}

/** Clear between two sides; never nothing, so that what is too narrow can still be drawn with its warning. */
export const clearBetween = (width: Millimetres, side: StockId): Millimetres =>
	Math.max(1, width - 2 * stock(side).thickness);

/** How deep its ends are housed. */
const housedOf = ({ screws }: BetweenInput): Millimetres => (typeof screws === 'number' ? 0 : screws.housed);

/** Of whom every face is square. */
function lying(i: BetweenInput, span: Millimetres): Part {
	const housed = housedOf(i);
	return {
		id: i.id,
		name: i.name,
		material: { kind: 'board', stock: i.stock },
		outline: i.outline ?? plain(rectangle(span + 2 * housed, i.depth)),
		thickness: stock(i.stock).thickness,
		...(housed > 0 ? { pinned: true as const } : {}),
		grain: 'x',
		features: i.features ?? [],
		stands: [flat([stock(i.side).thickness - housed, i.top, 0])]
	};
}

/** The housing of a board between sides, in the inner face of either: out from the face, and up. */
export function housingOf(i: BetweenInput): Extract<Feature, { kind: 'pocket' }> {
	const t = stock(i.stock).thickness;
	const path = polygon([
		[0, i.top - t],
		[i.depth, i.top - t],
		[i.depth, i.top],
		[0, i.top]
	]);
	return { kind: 'pocket', name: 'housing', path, from: 'back', depth: housedOf(i) };
}

/** Its screws through the sides. */
function screwed(i: BetweenInput, screws: number): ScrewJoint {
	const board = stock(i.stock).thickness;
	const slope = radians(i.slope ?? 0);
	return {
		name: `${i.name}, through the sides`,
		...endScrew(i.side),
		glued: true,
		places: [0, i.width].flatMap((x) =>
			Array.from({ length: screws }, (_, n): [number, number, number] => {
				const out = (i.depth * (n + 1)) / (screws + 1);
				return [x, i.top - board / 2 / Math.cos(slope) + out * Math.sin(slope), out * Math.cos(slope)];
			})
		)
	};
}

/** What holds its ends. */
function endOf(i: BetweenInput): MemberData {
	const { name, stock: id, side, screws, depth } = i;
	if (typeof screws !== 'number') return housedEndOf({ name, stock: id, side, deep: screws.housed, long: depth });
	return endJoint({ name: `${name} end`, stock: id, side, screws, high: stock(id).thickness });
}

/** The edge of a sloping board's section that is its upper side, from its front back to the face. */
export const UPPER_SIDE = 2;

/** Its section stands in the outline, out from the face and up: a back edge that lies flat on that. */
function sloping(i: BetweenInput, span: Millimetres): Part {
	const t = stock(i.stock).thickness;
	const [sin, cos] = [Math.sin(radians(i.slope ?? 0)), Math.cos(radians(i.slope ?? 0))];
	const front: Vec2 = [i.depth * cos, i.depth * sin];
	return {
		id: i.id,
		name: i.name,
		material: { kind: 'strip', stock: i.stock, width: i.depth, bevel: Math.abs(i.slope ?? 0) },
		outline: plain(polygon([[0, 0], front, [front[0] - t * sin, front[1] + t * cos], [0, t / cos]])),
		thickness: span,
		grain: 'none',
		features: i.features ?? [],
		stands: [onEdge([i.width - stock(i.side).thickness, i.top - t / cos, 0])]
	};
}

/**
 * A board that lies between two sides, screwed through them into its ends, or housed in them.
 * @example boardBetween({ id: 'shelf', name: 'shelf', stock: 'ply-18', side: 'ply-18', ... }).span // 364 of 400
 */
export function boardBetween(i: BetweenInput): Between {
	const t = stock(i.side).thickness;
	const span = clearBetween(i.width, i.side);
	const own = i.own ?? 1;
	const beam = boardOnSupports({
		name: i.name,
		stock: i.stock,
		depth: i.bends ?? i.depth,
		supports: [0, span],
		length: span,
		bearing: t,
		wide: i.wide
	});
	const end = endOf(i);
	return {
		part: (i.slope ?? 0) === 0 ? lying(i, span) : sloping(i, span),
		joints: typeof i.screws === 'number' ? [screwed(i, i.screws)] : [],
		members: [
			{ data: beam, instances: [facing('front', [t, i.top, 0])], own },
			// Its own weight lies on both ends alike.
			{ data: end, instances: [t, i.width - t].map((x) => facing('front', [x, i.top, 0])), own: own / 2 }
		],
		carriedBy: (left, right) => [
			{ member: i.first, instance: 0, share: 1 },
			...[0, i.first + 1].flatMap((member) => [
				{ member, instance: 0, share: left },
				{ member, instance: 1, share: right }
			])
		],
		span
	};
}

/**
 * Boards alike, one over the other: one part in several places, cut and listed together.
 * @example alike([lower, upper]).stands.length // 2
 */
export function alike([first, ...rest]: readonly Between[]): Part[] {
	if (!first) return [];
	return [{ ...first.part, stands: [first, ...rest].flatMap((b) => b.part.stands) }];
}
