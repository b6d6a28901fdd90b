import { groupField, lengthField, wholeField } from '../form/field';
import { screwDiameter, type ScrewSize } from '../materials/screws';
import { stock, type StockId } from '../materials/stocks';
import { jointOf } from '../members/joint';
import { facing, onEdge } from '../solid/frame';
import { plain, rectangle, type Outline } from '../solid/outline';
import type { Feature, Part, Side } from '../solid/part';
import { inch, type Millimetres } from '../units/quantity';
import type { CarriedBy, Member, OfferedFace, ScrewJoint } from './carrier';
import { boardField } from './plate';
import { spacingPositions } from './spacing';

/** Two boards on edge that stand out from a back, with something between them. */
export const SIDES = {
	stock: boardField('Board'),
	height: lengthField('Height', 30, 1300, [120, inch(5)]),
	screws: wholeField('Screws in each, through the back', 2, 12, 2),
	length: lengthField('Their length', 10, 200, [50, inch(2)])
};
export const sidesField = groupField('Sides', SIDES);

export interface SidesInput {
	/** Over both. */
	width: Millimetres;
	depth: Millimetres;
	height: Millimetres;
	stock: StockId;
	screws: number;
	length: Millimetres;
	host: StockId;
	outline?: Outline;
	features?: readonly Feature[];
	/** Made in their inner faces, which makes a left one and a right one. */
	inside?: readonly Pocket[];
	/** Out to where somebody may hang on them: an open door. Their front, unless said. */
	pulledAt?: Millimetres;
}
type Pocket = Extract<Feature, { kind: 'pocket' }>;

const SIZE: ScrewSize = '#8';
/** The lowest and the highest screw stand so far from the ends of a side. */
const END: Millimetres = 25;

function boardsOf(i: SidesInput): Part[] {
	const { thickness } = stock(i.stock);
	const [left, right] = [onEdge([thickness, 0, 0]), onEdge([i.width, 0, 0])];
	const one = {
		material: { kind: 'board', stock: i.stock },
		outline: i.outline ?? plain(rectangle(i.depth, i.height)),
		thickness,
		grain: 'y'
	} as const;
	const features = i.features ?? [];
	if (!i.inside?.length) return [{ ...one, id: 'side', name: 'side', features, stands: [left, right] }];
	// On edge a board's thickness runs to the left: the inner face of the left one is its back.
	const made = (from: Side) => [...features, ...(i.inside ?? []).map((f) => ({ ...f, from }))];
	return [
		{ ...one, id: 'left-side', name: 'left side', features: made('back'), stands: [left] },
		{ ...one, id: 'right-side', name: 'right side', features: made('front'), stands: [right] }
	];
}

/**
 * Both sides with their screws through the back; the first member is their joint, of which there are two alike.
 * Their feet stand at 0.
 */
export function sidesOn(i: SidesInput): { parts: Part[]; joints: ScrewJoint[]; member: Member; at: [number, number] } {
	const { thickness } = stock(i.stock);
	const heights = spacingPositions(i.height, {
		kind: 'end-margins',
		count: i.screws,
		margin: Math.min(END, i.height / 4)
	});
	const data = jointOf({
		name: 'side',
		heights,
		along: null,
		width: thickness,
		size: SIZE,
		length: i.length,
		head: i.host,
		main: i.stock,
		// Its grain runs up the back: the screws stand in its long edge.
		into: 'edge',
		about: 'its foot',
		alone: false,
		apart: i.width - thickness
	});
	const at: [number, number] = [thickness / 2, i.width - thickness / 2];
	return {
		parts: boardsOf(i),
		joints: [
			{
				name: 'sides, through the back',
				size: SIZE,
				length: i.length,
				glued: true,
				places: at.flatMap((x) => heights.map((y): [number, number, number] => [x, y, -stock(i.host).thickness]))
			}
		],
		member: {
			data,
			instances: at.map((x) => facing('front', [x, 0, 0])),
			own: true,
			grab: { x: 0, z: i.pulledAt ?? i.depth }
		},
		at
	};
}

/** Less of a screw than so many diameters in the end of a board counts for nothing: NDS 2018 12.1. */
const DIAMETERS_IN = 6;

/** Screws through a side into the end of what stands between both: long enough to count there. */
export const endScrew = (side: StockId): { size: ScrewSize; length: Millimetres } => {
	const { thickness } = stock(side);
	return { size: SIZE, length: Math.max(DIAMETERS_IN * screwDiameter(SIZE) + thickness, 50) };
};

/**
 * What stands between two sides by screws through them into each of its ends: they take weight across, and nothing
 * turns them out.
 * @param screws at each end
 * @param high of the end, in whose middle they count
 */
export const endJoint = (i: { name: string; stock: StockId; side: StockId; screws: number; high: Millimetres }) =>
	jointOf({
		name: i.name,
		heights: Array.from({ length: i.screws }, () => i.high / 2),
		along: null,
		width: stock(i.side).thickness,
		...endScrew(i.side),
		head: i.side,
		main: i.stock,
		into: 'end',
		about: 'its ends',
		alone: false,
		held: true
	});

/** The outside of either side, for others to stand on; the sides are the first of the carrier's members. */
export const sideFaces = (
	width: Millimetres,
	depth: Millimetres,
	{ height, stock: id }: Pick<SidesInput, 'height' | 'stock'>
): OfferedFace[] =>
	(['left', 'right'] as const).map((face, instance) => ({
		name: face,
		face,
		at: face === 'left' ? [0, 0, 0] : [width, 0, depth],
		width: depth,
		height,
		stock: id,
		carriedBy: [{ member: 0, instance, share: 1 }]
	}));

/** Either of two sides must carry so much of a thing: all of what may be pushed to it. */
export const onBoth = (member: number, share = 1): CarriedBy[] => [
	{ member, instance: 0, share },
	{ member, instance: 1, share }
];

/**
 * Share of a side in the nth thing of several alike that may stand anywhere between two sides: all pushed to that side,
 * one beside the other, by the lever rule.
 * @param wide room that one takes
 * @example pushedShare(0, 100, 400) // 0.875
 */
export const pushedShare = (n: number, wide: Millimetres, span: Millimetres): number =>
	Math.min(1, Math.max(0, 1 - ((n + 0.5) * wide) / span));
