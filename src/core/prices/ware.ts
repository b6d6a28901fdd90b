import { rod } from '../materials/rods';
import { sameWood } from '../materials/same-wood';
import { screwDiameter, type ScrewSize } from '../materials/screws';
import { strapOf } from '../materials/steel';
import { stock, type StockId } from '../materials/stocks';
import { boardMaterial } from '../materials/own-stock';
import type { Millimetres } from '../units/quantity';
import { eachOf, newPrice, rodMaterial, type Price } from './price';

/** Something a plan wants bought, as a store would name it. */
export type Ware =
	/** A board or sheet of this wood and thickness, in any width and length there is. */
	| { sold: 'wood'; stock: StockId; width: Millimetres; length: Millimetres }
	| { sold: 'dowel'; diameter: Millimetres; length: Millimetres }
	| { sold: 'rod'; rod: string }
	| { sold: 'strap'; strap: string }
	| { sold: 'screw'; size: ScrewSize; length: Millimetres }
	| { sold: 'plug'; diameter: Millimetres; length: Millimetres }
	| { sold: 'glue' | 'finish' }
	/** Bought whole: by its name, and how long it is where that is said. */
	| { sold: 'part'; name: string; length: Millimetres | null };

const near = (a: Millimetres | null, b: Millimetres, by: Millimetres) => a !== null && Math.abs(a - b) <= by;
const alike = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

/** A strength class that a line's name says, as "C16" in "Spruce C16, planed". */
const says = (name: string) => (quality: string) => name.toUpperCase().includes(quality.toUpperCase());

/**
 * Does this line of the price list sell what is wanted? Of wood, rods and straps, in whatever length.
 * @example sells(price, { sold: 'screw', size: '#8', length: 31.75 })
 */
export function sells(price: Price, ware: Ware): boolean {
	switch (ware.sold) {
		case 'wood': {
			const { material, thickness, name, width, length } = price;
			const form = stock(ware.stock).kind === 'ply' ? 'sheet' : 'board';
			if (price.sold !== form || material === null) return false;
			if (thickness === null || width === null || length === null) return false;
			return sameWood({ material, thickness }, ware.stock, says(name));
		}
		case 'rod': {
			const { material, outer, wall } = rod(ware.rod);
			if (price.sold !== 'rod' || price.material !== rodMaterial(material) || price.length === null) return false;
			return near(price.width, outer, 0.3) && Math.abs((price.thickness ?? 0) - wall) <= 0.3;
		}
		case 'strap': {
			const { width, thickness } = strapOf(ware.strap);
			if (price.sold !== 'strap' || price.length === null) return false;
			return near(price.width, width, 0.3) && near(price.thickness, thickness, 0.3);
		}
		case 'dowel':
			return price.sold === 'dowel' && near(price.width, ware.diameter, 0.3) && price.length !== null;
		case 'screw':
			return (
				price.sold === 'screw' &&
				near(price.width, screwDiameter(ware.size), 0.15) &&
				near(price.length, ware.length, 1)
			);
		case 'plug':
			return price.sold === 'plug' && near(price.width, ware.diameter, 0.3) && near(price.length, ware.length, 1);
		case 'glue':
		case 'finish':
			return price.sold === ware.sold;
		case 'part':
			if (price.sold !== 'part' || !alike(price.name, ware.name)) return false;
			return price.length === null || ware.length === null || near(price.length, ware.length, 1);
	}
}

/** Figures of a ware as a line of the price list has them. */
function asLine(ware: Ware): Partial<Price> {
	switch (ware.sold) {
		case 'wood': {
			const { kind, panel, species, thickness } = stock(ware.stock);
			const { material, quality } = boardMaterial(panel ?? species);
			const { width, length } = ware;
			return { sold: kind === 'ply' ? 'sheet' : 'board', material, name: quality, thickness, width, length };
		}
		case 'rod': {
			const { material, outer, wall, length } = rod(ware.rod);
			return { sold: 'rod', material: rodMaterial(material), width: outer, thickness: wall > 0 ? wall : null, length };
		}
		case 'strap': {
			const { width, thickness, length } = strapOf(ware.strap);
			return { sold: 'strap', material: rodMaterial('steel'), thickness, width, length };
		}
		case 'dowel':
		case 'plug':
			return { sold: ware.sold, width: ware.diameter, length: ware.length };
		case 'screw':
			return { sold: 'screw', width: screwDiameter(ware.size), length: ware.length };
		case 'part':
			return { sold: 'part', name: ware.name, length: ware.length };
		default:
			return { sold: ware.sold };
	}
}

/**
 * A line of the price list that sells just this; its price is still to be asked.
 * @example priceFor({ sold: 'glue' }, 'p1').price // null
 */
export function priceFor(ware: Ware, id: string): Price {
	const line = asLine(ware);
	return { ...newPrice(id, line.sold ?? 'part'), material: null, ...line };
}

/** How a list of prices is read: what is put on those without tax, and where one buys. */
export interface Buying {
	prices: readonly Price[];
	/** %, put on prices that have no tax in them. */
	tax: number;
	/** Only this store; empty for any. */
	store: string;
	/** What money is called here. */
	currency: string;
}

/** A shop without a price list. */
export const NO_PRICES: Buying = { prices: [], tax: 0, store: '', currency: '' };

/** A line that sells what is wanted, and what one piece (or litre) of it costs; null where that is not known. */
export interface Offered {
	price: Price;
	each: number | null;
}

/** All lines that sell a ware where one buys. @example offered({ sold: 'glue' }, buying)[0]?.each */
export function offered(ware: Ware, { prices, tax, store }: Buying): Offered[] {
	return prices
		.filter((p) => (store === '' || alike(p.store, store)) && sells(p, ware))
		.map((price) => ({ price, each: eachOf(price, tax) }));
}
