import { segmentsOn } from '../cleats/segments';
import { builtOf } from '../places/any-place';
import { stock, type StockId } from '../materials/stocks';
import { cutOf, type CutPart } from '../solid/cut-part';
import type { Plan } from '../plan/types';
import type { Degrees, Millimetres } from '../units/quantity';

/** What a piece is cut from, and how wide. */
export type Form =
	/** Out of a board or sheet; its length runs with the grain unless it may turn. */
	| { kind: 'flat'; stock: StockId; width: Millimetres; turn: boolean }
	/** One of two that a blank is ripped into at a slant. */
	| { kind: 'cleat'; stock: StockId; blank: Millimetres; bevel: Degrees }
	| { kind: 'dowel'; diameter: Millimetres }
	| { kind: 'rod'; rod: string }
	| { kind: 'strap'; strap: string };

/** One piece to cut, and what it is for. */
export interface Piece {
	id: string;
	name: string;
	/** The row or holder it belongs to. */
	owner: { kind: 'row' | 'holder'; id: string; name: string };
	length: Millimetres;
	form: Form;
}

/** Pressed boards have no grain; ply and OSB are stronger along theirs, and are counted so. */
function mayTurn(id: StockId): boolean {
	const { panel } = stock(id);
	return panel === 'mdf' || panel === 'particleboard' || panel === 'hardboard';
}

function formOf(part: CutPart): Form {
	switch (part.kind) {
		case 'cleat':
			return { kind: 'cleat', stock: part.stock, blank: part.blank, bevel: part.bevel };
		case 'board':
			return { kind: 'flat', stock: part.stock, width: part.width, turn: mayTurn(part.stock) };
		case 'dowel':
			return { kind: 'dowel', diameter: part.diameter };
		case 'rod':
			return { kind: 'rod', rod: part.rod };
		case 'strap':
			return { kind: 'strap', strap: part.strap };
	}
}

/** Parts to cut for the rows: cleats, what is behind them, and blocks against turning. */
function* rowParts({ rows, wall, cutting }: Plan): Generator<{ part: CutPart; owner: Piece['owner'] }> {
	for (const row of rows) {
		const owner = { kind: 'row', id: row.id, name: row.name } as const;
		for (const [i, s, all] of segmentsOn(row, wall, cutting.kerf).map((s, i, all) => [i, s, all] as const)) {
			const length = s.to - s.from;
			const name = all.length > 1 ? `cleat ${i + 1} of ${all.length}` : 'cleat';
			yield {
				part: { kind: 'cleat', name, stock: row.stock, blank: row.blank, bevel: row.bevel, length, count: 1 },
				owner
			};
			if (row.backer) {
				const { stock: of, height: width } = row.backer;
				yield { part: { kind: 'board', name: `backer ${i + 1}`, stock: of, width, length, count: 1 }, owner };
			} else if (row.twistBlock) {
				const { height: width, width: across } = row.twistBlock;
				const count = s.fixings.length;
				const name = `twist block ${i + 1}`;
				yield { part: { kind: 'board', name, stock: row.stock, width, length: across, count }, owner };
			}
		}
	}
}

function* holderParts(plan: Plan): Generator<{ part: CutPart; owner: Piece['owner'] }> {
	for (const holder of plan.holders) {
		for (const made of builtOf(plan, holder)?.parts ?? []) {
			const part = cutOf(made);
			if (part) yield { part, owner: { kind: 'holder', id: holder.id, name: holder.name } };
		}
	}
}

/**
 * Every piece a plan needs: cleats of the rows and what is behind them, and parts of the holders. Ids stay the same
 * while what they are for does.
 * @example collectPieces(plan).filter((p) => p.owner.id === 'r1')
 */
export function collectPieces(plan: Plan): Piece[] {
	/** How many of a name an owner has so far: two shelves of one holder are two pieces. */
	const named = new Map<string, number>();
	const pieces: Piece[] = [];
	for (const parts of [rowParts(plan), holderParts(plan)]) {
		for (const { part, owner } of parts) {
			const form = formOf(part);
			const name = `${owner.id}-${part.name.replaceAll(' ', '-')}`;
			for (let i = 0; i < part.count; i++) {
				const n = (named.get(name) ?? 0) + 1;
				named.set(name, n);
				pieces.push({ id: `${name}-${n}`, name: part.name, owner, length: part.length, form });
			}
		}
	}
	return pieces;
}
