import { groupField, lengthField } from '../form/field';
import { screwDiameter, type ScrewSize } from '../materials/screws';
import { stock, type StockId } from '../materials/stocks';
import { jointOf } from '../members/joint';
import { facing } from '../solid/frame';
import { mm, phrase } from '../units/phrase';
import { inch, type Millimetres } from '../units/quantity';
import type { Found, Member, ScrewJoint } from './carrier';
import { SCREW_SIZE } from './plate';

/** Screws that hold a block from behind, through the back into it. */
export const BLOCK_SCREWS = groupField('Screws into each block', {
	size: SCREW_SIZE,
	length: lengthField('Length', 10, 200, [50, inch(2)])
});
interface BlockScrews {
	size: ScrewSize;
	length: Millimetres;
}

/** Wood beside a screw to the hole next to it, at least. */
const BESIDE: Millimetres = 3;
/** Nearer to the end of a block than this a screw splits it. */
const END: Millimetres = 12;

/**
 * Where the screws of a block stand along it: in the middle between any two holes, and between the outer ones and its
 * ends, wherever there is room.
 * @param holes their middles along the block, ascending, and how wide each is
 * @example screwsBetween([{ x: 38, wide: 10 }, { x: 116, wide: 10 }], 154, '#8') // [19, 77, 135]
 */
export function screwsBetween(
	holes: readonly { x: Millimetres; wide: Millimetres }[],
	length: Millimetres,
	size: ScrewSize
): Millimetres[] {
	const free = BESIDE + screwDiameter(size) / 2;
	const edges = [
		{ from: END - free, to: END - free },
		...holes.map(({ x, wide }) => ({ from: x - wide / 2, to: x + wide / 2 })),
		{ from: length - END + free, to: length - END + free }
	];
	return edges.slice(1).flatMap((next, i) => {
		const before = edges[i] as { to: Millimetres };
		return next.from - before.to >= 2 * free ? [(before.to + next.from) / 2] : [];
	});
}

export interface BlockInput {
	name: string;
	stock: StockId;
	host: StockId;
	/** Along the back, and out from it. */
	length: Millimetres;
	out: Millimetres;
	/** Left ends and feet, in the carrier's frame. */
	places: readonly { x: Millimetres; y: Millimetres }[];
	screwsAt: readonly Millimetres[];
	/** Screws above its foot. */
	up: Millimetres;
	screws: BlockScrews;
}

/** Blocks alike on a back, each screwed to it at one height: their joint, and what is wrong with it. */
export function screwedBlocks(i: BlockInput): { joint: ScrewJoint; member: Member; warnings: Found[] } {
	const back = stock(i.host).thickness;
	const { length: long, size } = i.screws;
	const warnings: Found[] = [];
	const stop = (message: Found['message']) => warnings.push({ level: 'stop', field: 'screws', message });
	// Drawn in its middle where there is no room for it: it cannot be made so.
	const screwsAt = i.screwsAt.length > 0 ? i.screwsAt : [i.length / 2];
	if (i.screwsAt.length === 0) stop(phrase(`No room for a screw between the holes of a ${i.name}`));
	if (long <= back)
		stop(phrase('Screws of {l} do not reach through the {t} they stand on', { l: mm(long), t: mm(back) }));
	else if (long - back >= i.out)
		stop(
			phrase(`Screws of {l} come out in front of a ${i.name} of {o} on a back of {t}`, {
				l: mm(long),
				o: mm(i.out),
				t: mm(back)
			})
		);
	return {
		joint: {
			name: `${i.name}, through the back`,
			size,
			length: long,
			glued: true,
			places: i.places.flatMap(({ x, y }) => screwsAt.map((s): [number, number, number] => [x + s, y + i.up, -back]))
		},
		member: {
			data: jointOf({
				name: i.name,
				heights: screwsAt.map(() => i.up),
				along: screwsAt,
				width: i.length,
				size,
				length: long,
				head: i.host,
				main: i.stock,
				into: 'edge',
				about: 'its lower edge',
				alone: true
			}),
			instances: i.places.map(({ x, y }) => facing('front', [x, y, 0])),
			own: 1 / Math.max(1, i.places.length),
			grab: { x: i.length / 2, z: i.out }
		},
		warnings
	};
}
