import { stock } from '../materials/stocks';
import type { Operation } from '../tools/can';
import type { Millimetres } from '../units/quantity';
import { edgeLength } from './edge';
import { boundsOf } from './outline';
import type { Part } from './part';

/** Something to do to a part, and how often: twins are done together. */
export interface PartOperation {
	part: string;
	operation: Operation;
	times: number;
}

/** How far a hole is from the nearest edge of its board. */
function fromEdge(part: Part, { at: [x, y], from }: Extract<Part['features'][number], { kind: 'bore' }>): Millimetres {
	if (typeof from === 'object') {
		const ends = Math.min(x, edgeLength(part.outline, from.edge) - x);
		return Math.max(0, Math.min(ends, y, part.thickness - y));
	}
	const b = boundsOf(part.outline.outer);
	return Math.max(0, Math.min(x - b.left, b.right - x, y - b.low, b.high - y));
}

/**
 * What a part takes to make, from its shape and what is made in it: ripped to width, its slots and holes cut, glued up
 * where it is wider than its board is sold.
 * @example operationsOf(face).map((o) => o.operation.kind) // ['rip', 'hole']
 */
export function operationsOf(part: Part): PartOperation[] {
	const { material, outline, thickness, features, name } = part;
	const found: PartOperation[] = [];
	const take = (operation: Operation, times = part.stands.length) => found.push({ part: name, operation, times });
	if (material.kind === 'board') {
		const b = boundsOf(outline.outer);
		const [across, along] =
			part.grain === 'y' ? [b.right - b.left, b.high - b.low] : [b.high - b.low, b.right - b.left];
		const board = stock(material.stock);
		if (across > board.width + 0.01) take({ kind: 'glue-up', width: across });
		else if (across < board.width - 0.01) take({ kind: 'rip', width: across, thickness, length: along });
	}
	if (material.kind === 'cleat') {
		// Its outline is its cross-section: the rip runs along all of its thickness.
		take({
			kind: 'rip',
			width: material.blank / 2,
			thickness: stock(material.stock).thickness,
			length: thickness,
			tilt: material.bevel
		});
	}
	if (material.kind === 'strip') {
		const { thickness: thick } = stock(material.stock);
		take({ kind: 'rip', width: material.width, thickness: thick, length: thickness, tilt: material.bevel });
	}
	const alike = new Map<string, PartOperation>();
	for (const f of features) {
		const operation = operationOf(f, part);
		if (!operation) continue;
		const key = JSON.stringify({ ...operation, fromEdge: 0 });
		const before = alike.get(key);
		if (before) before.times += part.stands.length;
		else alike.set(key, { part: name, operation, times: part.stands.length });
	}
	return [...found, ...alike.values()];
}

function operationOf(f: Part['features'][number], part: Part): Operation | null {
	switch (f.kind) {
		case 'bore':
			return {
				kind: 'hole',
				diameter: f.diameter,
				depth: f.depth,
				...(f.tilt > 0 ? { tilt: f.tilt } : {}),
				fromEdge: fromEdge(part, f)
			};
		case 'slot':
			return { kind: 'slot', depth: f.depth };
		case 'pocket':
			return { kind: 'slot', depth: f.depth };
	}
}
