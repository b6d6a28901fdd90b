import { stock, type StockId } from '../materials/stocks';
import { boardOnSupports } from '../members/beam';
import { cantileverOf } from '../members/cantilever';
import { facing } from '../solid/frame';
import { plain, rectangle } from '../solid/outline';
import type { Feature } from '../solid/part';
import type { Millimetres } from '../units/quantity';
import type { CarriedBy, Host, Member } from './carrier';
import { plateOn, type Opening, type Plate, type PlateScrews, type Support } from './plate';

export interface PlainPlateInput {
	/** 'shelf', 'dock board'. */
	name: string;
	width: Millimetres;
	depth: Millimetres;
	stock: StockId;
	support: Support;
	screws: PlateScrews;
	host: Host;
	/** Room that one thing takes along it. */
	wide: Millimetres;
	features?: readonly Feature[];
	openings?: readonly Opening[];
}

/** A whole plate with what it bends. */
export interface PlainPlate extends Omit<Plate, 'bracketShares' | 'members'> {
	/** Its joint first. */
	members: Member[];
	/** What carries anything on it. */
	carriedBy: readonly CarriedBy[];
}

/**
 * A plate of full width whose top is at 0, and its bending: along, over what is below it; out from the back where
 * nothing is.
 * @example plainPlate({ name: 'shelf', width: 600, depth: 180, ... }).carriedBy
 */
export function plainPlate(i: PlainPlateInput): PlainPlate {
	const plate = plateOn({
		id: i.name.replaceAll(' ', '-'),
		name: i.name,
		x: 0,
		top: 0,
		width: i.width,
		depth: i.depth,
		stock: i.stock,
		grain: 'along',
		outline: plain(rectangle(i.width, i.depth)),
		...(i.features ? { features: i.features } : {}),
		...(i.openings ? { openings: i.openings } : {}),
		support: i.support,
		screws: i.screws,
		host: i.host
	});
	const data =
		plate.supportsAt.length > 1
			? boardOnSupports({
					name: i.name,
					stock: i.stock,
					depth: i.depth,
					supports: plate.supportsAt,
					length: i.width,
					bearing: stock(i.stock).thickness,
					wide: i.wide
				})
			: cantileverOf({ wide: i.wide, name: `${i.name} at the face`, width: i.width, stock: i.stock, grain: 'across' });
	const { bracketShares, members, ...rest } = plate;
	return {
		...rest,
		members: [...members, { data, instances: [facing('front', [0, 0, 0])], own: true }],
		carriedBy: [
			{ member: 0, instance: 0, share: 1 },
			{ member: members.length, instance: 0, share: 1 },
			...bracketShares(0)
		]
	};
}
