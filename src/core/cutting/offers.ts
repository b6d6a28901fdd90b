import type { Board } from '../lumber/board';
import { ownId, readOwn } from '../materials/own-stock';
import { asThick, sameWood } from '../materials/same-wood';
import { stock, STOCKS, type StockId } from '../materials/stocks';
import type { Cutting } from '../plan/types';
import type { Price } from '../prices/price';
import { NO_PRICES, offered, type Buying, type Offered, type Ware } from '../prices/ware';
import type { Millimetres } from '../units/quantity';
import { boughtLength } from './bought-length';

/** Something pieces can be cut from: to be bought, or in the shop already. */
export interface Offer {
	title: string;
	/** What can be used of it: its ends and edges are trimmed off. */
	length: Millimetres;
	width: Millimetres;
	/** How much is trimmed off each end and each edge. */
	trim: { ends: Millimetres; edges: Millimetres };
	/** How many there are; Infinity for what is bought. */
	count: number;
	/** The line of the stock-take it is; null for what is bought. */
	owned: { id: string; where: string; offcut: boolean } | null;
	/** What is bought; of what is owned, the stock it stands in for. */
	stock: StockId | null;
	/** As a store would name it; null for what is owned. */
	ware: Ware | null;
	/** The line of the price list that sells it; what one costs at least, where that is known. */
	price: Price | null;
	each: number | null;
	/** All lines that sell it: in small packs one may cost more, and few of them less. */
	lines: readonly Offered[];
}

/** What there is to cut from: lines of the shop's lumber and sheets, and what can be bought at which price. */
export interface Supply {
	boards: readonly Board[];
	buying: Buying;
}

export const NO_SUPPLY: Supply = { boards: [], buying: NO_PRICES };

/** An offer as it is bought: its trimmed edges on it. @example soldSize(offer).width // 1220 */
export const soldSize = ({ length, width, trim }: Offer): { length: Millimetres; width: Millimetres } => ({
	length: length + 2 * trim.ends,
	width: width + 2 * trim.edges
});

/**
 * Is this line of the shop of the same wood and thickness? A wood of a strength class only where the line says that
 * class: what nobody has graded may be weaker.
 * @example matchesStock(offcut, 'ply-18')
 */
export function matchesStock(line: Board, id: StockId): boolean {
	const own = readOwn(id);
	if (own) {
		const of = ownId({ ...line, shortest: Math.max(1, line.shortest) });
		return asThick(line.thickness, id) && of !== null && readOwn(of)?.of === own.of;
	}
	const said = line.quality.trim().toUpperCase();
	return sameWood(line, id, (quality) => said === quality.toUpperCase());
}

const NONE = { ends: 0, edges: 0 };

/** What is trimmed off a board or sheet as sold: boards at their ends only. */
function trimOf(id: StockId, { trim }: Cutting): Offer['trim'] {
	if (!trim) return NONE;
	return stock(id).kind === 'ply' ? trim : { ...trim, edges: 0 };
}

type Sized = Pick<Offer, 'title' | 'length' | 'width' | 'stock'>;
type Sold = Pick<Offer, 'price' | 'each' | 'lines'>;

const NOT_SOLD: Sold = { price: null, each: null, lines: [] };

/** An offer to be bought in this size, or in none once it is trimmed. */
function toBuy(of: Sized, trim: Offer['trim'], ware: Ware, sold: Sold): Offer {
	const { length, width } = of;
	return {
		...of,
		length: length - 2 * trim.ends,
		width: width - 2 * trim.edges,
		trim,
		count: Infinity,
		owned: null,
		ware,
		...sold
	};
}

/** Lines of the shop that a stock can be cut from. */
function ownedOf(id: StockId, cutting: Cutting, boards: readonly Board[]): Offer[] {
	return boards.flatMap((b): Offer[] => {
		if (!matchesStock(b, id) || b.count < 1) return [];
		const { id: line, where, offcut } = b;
		const trim = offcut ? NONE : trimOf(id, cutting);
		const size = { length: b.shortest - 2 * trim.ends, width: b.width - 2 * trim.edges };
		const owned = { id: line, where, offcut };
		const { title } = stock(id);
		const count = Math.floor(b.count);
		return [{ title, ...size, trim, count, owned, stock: id, ware: null, ...NOT_SOLD }];
	});
}

/** A size that is sold, with its cheapest line; one without a price only where none has one. */
function sizesSold(lines: readonly Offered[]): (Sold & Offered)[] {
	const sizes = new Map<string, Offered[]>();
	for (const line of lines) {
		const key = `${line.price.length} ${line.price.width}`;
		sizes.set(key, [...(sizes.get(key) ?? []), line]);
	}
	return [...sizes.values()].map((same) => {
		const [first] = [...same].sort((a, b) => (a.each ?? Infinity) - (b.each ?? Infinity)) as [Offered];
		return { ...first, lines: same };
	});
}

/** Widths of a board that are called the same, mm. */
const SAME_WIDTH = 1.5;

/** What a board of this wood is called in another width; a sheet is called the same in any. */
function titleOf(id: StockId, width: Millimetres): string {
	const of = stock(id);
	if (of.kind === 'ply' || Math.abs(of.width - width) <= SAME_WIDTH) return of.title;
	const other = STOCKS.find((s) => sectionsOf(s.id) === sectionsOf(id) && Math.abs(s.width - width) <= SAME_WIDTH);
	return other?.title ?? `${of.title}, in another width`;
}

/**
 * What a stock's pieces can be cut from: lines of the shop of its wood and thickness, what the price list sells of it
 * in any width and length, and else its usual size. A board that a plan names as the shop's own cannot be bought.
 * @example offersOf('ply-18', plan.cutting, supply).filter((o) => o.owned)
 */
export function offersOf(id: StockId, cutting: Cutting, { boards, buying }: Supply): Offer[] {
	const owned = ownedOf(id, cutting, boards);
	if (readOwn(id)) return owned;
	const { title, kind, width } = stock(id);
	const usual = { title, width, length: boughtLength(cutting, id), stock: id };
	const ware = { sold: 'wood', stock: id, width, length: usual.length } as const;
	const trim = trimOf(id, cutting);
	const listed = sizesSold(offered(ware, buying)).map((sold) => {
		const size = { length: sold.price.length as number, width: sold.price.width as number };
		const named = { ...usual, title: titleOf(id, size.width), ...size };
		return toBuy(named, trim, { ...ware, ...size }, sold);
	});
	// A sheet in whatever size it is sold; a board of this very width, or nobody has asked what it costs.
	const sold = listed.some((o) => kind === 'ply' || Math.abs(o.width - width) <= SAME_WIDTH);
	return [...owned, ...listed, ...(sold ? [] : [usualOffer(id, cutting)])];
}

/** A stock as it usually comes, without a price. */
export function usualOffer(id: StockId, cutting: Cutting): Offer {
	const { title, width } = stock(id);
	const length = boughtLength(cutting, id);
	const ware = { sold: 'wood', stock: id, width, length } as const;
	return toBuy({ title, width, length, stock: id }, trimOf(id, cutting), ware, NOT_SOLD);
}

/** Rods, straps or dowels to be bought: of every length that the price list has, else as they usually come. */
export function barOffers(
	title: string,
	width: Millimetres,
	usual: Millimetres,
	wareOf: (length: Millimetres) => Ware,
	buying: Buying
): Offer[] {
	const listed = sizesSold(offered(wareOf(usual), buying)).map((sold) => {
		const length = sold.price.length as number;
		return toBuy({ title, length, width, stock: null }, NONE, wareOf(length), sold);
	});
	if (listed.length > 0) return listed;
	return [toBuy({ title, length: usual, width, stock: null }, NONE, wareOf(usual), NOT_SOLD)];
}

/** Boards of one wood and thickness, whatever their width: a narrow piece may be ripped from a wide one. */
export function sectionsOf(id: StockId): string {
	const { kind, species, thickness } = stock(id);
	if (kind === 'ply' || readOwn(id)) return id;
	return `${species} ${thickness.toFixed(2)}`;
}
