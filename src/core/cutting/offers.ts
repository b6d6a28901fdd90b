import type { Board } from '../lumber/board';
import { ownId, readOwn } from '../materials/own-stock';
import { stock, STOCKS, type StockId } from '../materials/stocks';
import type { Cutting } from '../plan/types';
import type { Millimetres } from '../units/quantity';
import { boughtLength } from './bought-length';

/** Something pieces can be cut from: to be bought, or in the shop already. */
export interface Offer {
	title: string;
	length: Millimetres;
	width: Millimetres;
	/** How many there are; Infinity for what is bought. */
	count: number;
	/** The line of the stock-take it is; null for what is bought. */
	owned: { id: string; where: string; offcut: boolean } | null;
	/** What is bought; of what is owned, the stock it stands in for. */
	stock: StockId | null;
}

/** Thicknesses this near are the same board: wood moves, and sheets come in a real and a called size. */
const SAME_THICKNESS = 0.6;

/** What stands for the wood of a stock in the shop's list, by the ids that its boards would have. */
function woodOf(id: StockId): string {
	const own = readOwn(id);
	if (own) return own.of;
	const { species, panel } = stock(id);
	return panel ?? species;
}

/** Is this line of the shop of the same wood and thickness? */
function sameWood(line: Board, id: StockId): boolean {
	const of = ownId({ ...line, shortest: Math.max(1, line.shortest) });
	if (of === null || Math.abs(line.thickness - stock(id).thickness) > SAME_THICKNESS) return false;
	return readOwn(of)?.of === woodOf(id);
}

/**
 * What a stock's pieces can be cut from: lines of the shop of its wood and thickness, and what is bought of it. A board
 * that a plan names as the shop's own cannot be bought.
 * @param boards what the shop has
 * @example offersOf('ply-18', plan.cutting, shop.boards).filter((o) => o.owned)
 */
export function offersOf(id: StockId, cutting: Cutting, boards: readonly Board[]): Offer[] {
	const owned = boards.flatMap((b): Offer[] => {
		if (!sameWood(b, id) || b.count < 1) return [];
		const title = stock(id).title;
		const { id: line, where, offcut, width, shortest: length } = b;
		return [{ title, length, width, count: Math.floor(b.count), owned: { id: line, where, offcut }, stock: id }];
	});
	if (readOwn(id)) return owned;
	const { title, width } = stock(id);
	return [...owned, { title, length: boughtLength(cutting, id), width, count: Infinity, owned: null, stock: id }];
}

/** Boards of one wood and thickness, whatever their width: a narrow piece may be ripped from a wide one. */
export function sectionsOf(id: StockId): string {
	const { kind, species, thickness } = stock(id);
	if (kind === 'ply' || readOwn(id)) return id;
	return `${species} ${thickness.toFixed(2)}`;
}

/** Is there such a stock? A document may name one of a later Kammer. */
export const isStock = (id: string): boolean => STOCKS.some((s) => s.id === id) || readOwn(id) !== null;
