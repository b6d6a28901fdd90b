import { parseString, type DxfEntity, type DxfFile } from 'dxf';
import { fail, ok, type Result } from '$core/result';
import type { Point } from '$core/survey/outline';
import { joinLines } from './join-lines';
import { arc, DRAWN_LIMITS, type Drawn, type DrawnShape } from './shape';

/**
 * Millimetres to a drawing unit, by the number in $INSUNITS. Source: the DXF reference, header section, from memory.
 */
const UNITS: Record<number, number> = { 1: 25.4, 2: 304.8, 4: 1, 5: 10, 6: 1000, 14: 100 };

type Move = (p: Point) => Point;
const stay: Move = (p) => p;

/** Blocks within blocks deeper than this are left out: one that holds itself would never end. */
const MOST_NESTED = 8;

/** Where a block's inside comes to lie: from its base point, scaled, turned, moved. */
function placed(e: DxfEntity, base: Point, outer: Move): Move {
	const turn = ((e.rotation ?? 0) * Math.PI) / 180;
	const [sx, sy] = [e.scaleX ?? 1, e.scaleY ?? 1];
	return (p) => {
		const [x, y] = [(p.x - base.x) * sx, (p.y - base.y) * sy];
		return outer({
			x: (e.x ?? 0) + x * Math.cos(turn) - y * Math.sin(turn),
			y: (e.y ?? 0) + x * Math.sin(turn) + y * Math.cos(turn)
		});
	};
}

/** A side of a polyline that bulges is an arc: its bulge is the tangent of a quarter of its angle. */
function side(a: Point & { bulge?: number }, b: Point): Point[] {
	const bulge = a.bulge ?? 0;
	if (Math.abs(bulge) < 1e-9) return [a];
	const angle = 4 * Math.atan(bulge);
	const chord = Math.hypot(b.x - a.x, b.y - a.y);
	const radius = chord / (2 * Math.sin(angle / 2));
	const rise = radius * Math.cos(angle / 2);
	const middle = {
		x: (a.x + b.x) / 2 - (rise * (b.y - a.y)) / chord,
		y: (a.y + b.y) / 2 + (rise * (b.x - a.x)) / chord
	};
	const from = Math.atan2(a.y - middle.y, a.x - middle.x);
	return arc(middle, Math.abs(radius), from, from + angle).slice(0, -1);
}

function polyline({ vertices = [], closed }: DxfEntity): Point[] {
	return vertices.flatMap((p, i) => {
		const next = vertices[i + 1] ?? (closed ? vertices[0] : undefined);
		return next ? side(p, next) : [p];
	});
}

/** Points of an entity, and whether they close; null for kinds that are left out. */
function outline(e: DxfEntity): { points: Point[]; closed: boolean } | null {
	const at = { x: e.x ?? Number.NaN, y: e.y ?? Number.NaN };
	switch (e.type) {
		case 'LINE':
			return e.start && e.end ? { points: [e.start, e.end], closed: false } : { points: [], closed: false };
		case 'LWPOLYLINE':
		case 'POLYLINE':
			return { points: polyline(e), closed: e.closed === true };
		case 'CIRCLE':
			return { points: arc(at, e.r ?? Number.NaN, 0, 2 * Math.PI).slice(0, -1), closed: true };
		case 'ARC': {
			const [from, to] = [e.startAngle ?? 0, e.endAngle ?? 0];
			return { points: arc(at, e.r ?? Number.NaN, from, to < from ? to + 2 * Math.PI : to), closed: false };
		}
		default:
			return null;
	}
}

class Reader {
	readonly shapes: DrawnShape[] = [];
	readonly skipped: Record<string, number> = {};
	#points = 0;
	/** Of entities, blocks counted as often as they are put in: empty ones within each other would never make a shape. */
	#seen = 0;
	#blocks: ReadonlyMap<string, DxfFile['blocks'][number]>;

	constructor(file: DxfFile) {
		this.#blocks = new Map((file.blocks ?? []).map((b) => [b.name, b]));
	}

	/** Goes through entities, and into blocks. False when there are too many. */
	read(entities: readonly DxfEntity[], move: Move, depth: number): boolean {
		return entities.every((e) => this.#one(e, move, depth));
	}

	#one(e: DxfEntity, move: Move, depth: number): boolean {
		if (++this.#seen > DRAWN_LIMITS.points) return false;
		if (e.type === 'INSERT') {
			const block = this.#blocks.get(e.block ?? '');
			if (!block?.entities || depth >= MOST_NESTED) return true;
			return this.read(block.entities, placed(e, { x: block.x ?? 0, y: block.y ?? 0 }, move), depth + 1);
		}
		const found = outline(e);
		if (!found) this.skipped[e.type] = (this.skipped[e.type] ?? 0) + 1;
		else {
			this.#points += found.points.length;
			if (found.points.length > 1 && found.points.every((p) => Number.isFinite(p.x) && Number.isFinite(p.y)))
				this.shapes.push({
					name: e.layer ?? '',
					points: found.points.map(({ x, y }) => move({ x, y })),
					closed: found.closed
				});
		}
		return this.shapes.length <= DRAWN_LIMITS.shapes && this.#points <= DRAWN_LIMITS.points;
	}
}

/**
 * Reads a drawing in DXF: lines, polylines with their arcs, circles, and blocks of them.
 * @example readDxf('nonsense').ok // false
 */
export function readDxf(text: string): Result<Drawn> {
	if (text.length > DRAWN_LIMITS.bytes) return fail('The drawing is larger than 20 MB: no survey is');
	if (!/^\s*0\s*\r?\n\s*SECTION/m.test(text.slice(0, 4000)))
		return fail('This is not a DXF drawing: it does not begin with a section');
	if (!/\n\s*EOF\s*$/.test(text.slice(-400))) return fail('The drawing breaks off before its end');
	let file: DxfFile;
	try {
		file = parseString(text);
	} catch (error) {
		return fail(
			`The drawing breaks off or is damaged: ${error instanceof Error ? error.message.slice(0, 120) : 'it cannot be read'}`
		);
	}
	if (!file.entities?.length) return fail('The drawing holds no lines or shapes');
	const reader = new Reader(file);
	if (!reader.read(file.entities, stay, 0))
		return fail(`The drawing holds more than ${DRAWN_LIMITS.shapes} shapes: draw the wall alone`);
	const unit = UNITS[Number(file.header?.insUnits)] ?? null;
	return ok({ shapes: joinLines(reader.shapes), unit, skipped: reader.skipped });
}
