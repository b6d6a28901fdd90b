import type { Board } from '../lumber/board';
import { boardMaterial, ownId, readOwn } from '../materials/own-stock';
import { stock, type StockId } from '../materials/stocks';
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
const SAME_THICKNESS = 0.3;

/**
 * Is this line of the shop of the same wood and thickness? A wood of a strength class only where the line says that
 * class: what nobody has graded may be weaker.
 * @example matchesStock(offcut, 'ply-18')
 */
export function matchesStock(line: Board, id: StockId): boolean {
	if (Math.abs(line.thickness - stock(id).thickness) > SAME_THICKNESS) return false;
	const own = readOwn(id);
	if (own) {
		const of = ownId({ ...line, shortest: Math.max(1, line.shortest) });
		return of !== null && readOwn(of)?.of === own.of;
	}
	const { species, panel } = stock(id);
	const { material, quality } = boardMaterial(panel ?? species);
	return line.material === material && (quality === '' || line.quality.trim().toUpperCase() === quality.toUpperCase());
}

/**
 * What a stock's pieces can be cut from: lines of the shop of its wood and thickness, and what is bought of it. A board
 * that a plan names as the shop's own cannot be bought.
 * @param boards what the shop has
 * @example offersOf('ply-18', plan.cutting, shop.boards).filter((o) => o.owned)
 */
export function offersOf(id: StockId, cutting: Cutting, boards: readonly Board[]): Offer[] {
	const owned = boards.flatMap((b): Offer[] => {
		if (!matchesStock(b, id) || b.count < 1) return [];
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
