import { segmentsOn } from '../cleats/segments';
import { builtOf } from '../places/any-place';
import { boughtLength } from './bought-length';
import { rod } from '../materials/rods';
import { DOWEL, stock, type StockId } from '../materials/stocks';
import { cutOf, type CutPart } from '../solid/cut-part';
import type { Plan } from '../plan/types';
import { mm, phrase, type Phrase } from '../units/phrase';
import type { Degrees, Millimetres } from '../units/quantity';

/** One piece to cut, and what it is for. */
export interface Piece {
	id: string;
	name: string;
	/** The row or holder it belongs to. */
	owner: { kind: 'row' | 'holder'; id: string; name: string };
	length: Millimetres;
}

/** Pieces that come from the same kind of bought board. */
export interface PieceGroup {
	key: string;
	title: Phrase;
	kind: 'cleat' | 'board' | 'dowel' | 'rod';
	/** What its bought length may be said for; null of rods, which come as they are sold. */
	stock: StockId | 'dowel' | null;
	boardLength: Millimetres;
	/** Pieces side by side in one board: two for cleats, ripped before they are cut to length. */
	lanes: 1 | 2;
	/** Width of the strip to rip from a sheet first; null for boards bought in their width. */
	strip: Millimetres | null;
	bevel: Degrees | null;
	/** Its pieces are wider than the board or sheet: they cannot be cut from it. */
	tooWide: boolean;
	pieces: Piece[];
}

function groupOf(part: CutPart, cutting: Plan['cutting']): Omit<PieceGroup, 'pieces'> {
	switch (part.kind) {
		case 'cleat': {
			const s = stock(part.stock);
			return {
				key: `cleat ${part.stock} ${part.blank} ${part.bevel}`,
				title: phrase(`${s.title}, {w} wide, ripped in two at {b}°`, { w: mm(part.blank), b: String(part.bevel) }),
				kind: 'cleat',
				stock: part.stock,
				boardLength: boughtLength(cutting, part.stock),
				lanes: 2,
				strip: s.kind === 'ply' ? part.blank : null,
				bevel: part.bevel,
				tooWide: part.blank > s.width
			};
		}
		case 'board': {
			const s = stock(part.stock);
			const ply = s.kind === 'ply';
			const tooWide = part.width > s.width + 0.01;
			return {
				key: ply || tooWide ? `board ${part.stock} ${part.width}` : `board ${part.stock}`,
				title: ply || tooWide ? phrase(`${s.title}, {w} wide`, { w: mm(part.width) }) : phrase(s.title),
				kind: 'board',
				stock: part.stock,
				boardLength: boughtLength(cutting, part.stock),
				lanes: 1,
				strip: ply ? part.width : null,
				bevel: null,
				tooWide
			};
		}
		case 'rod': {
			const bar = rod(part.rod);
			return {
				key: `rod ${part.rod}`,
				title: phrase(bar.title),
				kind: 'rod',
				stock: null,
				boardLength: bar.length,
				lanes: 1,
				strip: null,
				bevel: null,
				tooWide: false
			};
		}
		case 'dowel':
			return {
				key: `dowel ${part.diameter}`,
				title: phrase(`${DOWEL.title}, {d} across`, { d: mm(part.diameter) }),
				kind: 'dowel',
				stock: 'dowel',
				boardLength: boughtLength(cutting, 'dowel'),
				lanes: 1,
				strip: null,
				bevel: null,
				tooWide: false
			};
	}
}

/**
 * Every piece a plan needs, by the kind of board it comes from: cleats of the rows, and parts of the holders.
 * @example collectPieces(plan)[0].pieces.length
 */
export function collectPieces(plan: Plan): PieceGroup[] {
	const groups = new Map<string, PieceGroup>();
	/** How many of a name an owner has so far: two shelves of one holder are two pieces. */
	const named = new Map<string, number>();
	const take = (part: CutPart, owner: Piece['owner']) => {
		const group = groupOf(part, plan.cutting);
		const into = groups.get(group.key) ?? { ...group, pieces: [] };
		groups.set(group.key, into);
		for (let i = 0; i < part.count; i++) {
			const name = `${owner.id}-${part.name.replaceAll(' ', '-')}`;
			const n = (named.get(name) ?? 0) + 1;
			named.set(name, n);
			into.pieces.push({
				id: `${name}-${n}`,
				name: part.name,
				owner,
				length: part.length
			});
		}
	};
	for (const row of plan.rows) {
		const owner = { kind: 'row', id: row.id, name: row.name } as const;
		segmentsOn(row, plan.wall, plan.cutting.kerf).forEach((s, i, all) => {
			const name = all.length > 1 ? `cleat ${i + 1} of ${all.length}` : 'cleat';
			take(
				{ kind: 'cleat', name, stock: row.stock, blank: row.blank, bevel: row.bevel, length: s.to - s.from, count: 1 },
				owner
			);
			if (row.backer)
				take(
					{
						kind: 'board',
						name: `backer ${i + 1}`,
						stock: row.backer.stock,
						width: row.backer.height,
						length: s.to - s.from,
						count: 1
					},
					owner
				);
			else if (row.twistBlock)
				take(
					{
						kind: 'board',
						name: `twist block ${i + 1}`,
						stock: row.stock,
						width: row.twistBlock.height,
						length: row.twistBlock.width,
						count: s.fixings.length
					},
					owner
				);
		});
	}
	for (const holder of plan.holders) {
		for (const part of builtOf(plan, holder)?.parts ?? []) {
			const cut = cutOf(part);
			if (cut) take(cut, { kind: 'holder', id: holder.id, name: holder.name });
		}
	}
	return [...groups.values()];
}
