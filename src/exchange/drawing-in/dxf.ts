import Dxf, { type IArcEntity, type ICircleEntity, type IDxf, type IEntity, type IInsertEntity, type ILineEntity, type ILwpolylineEntity, type IPolylineEntity } from 'dxf-parser';
import { fail, ok, type Result } from '$core/result';
import type { Point } from '$core/survey/outline';
import { joinLines } from './join-lines';
import { arc, DRAWN_LIMITS, type Drawn, type DrawnShape } from './shape';

/** Millimetres to a drawing unit, by the number in $INSUNITS. Source: the DXF reference, header section, from memory. */
const UNITS: Record<number, number> = { 1: 25.4, 2: 304.8, 4: 1, 5: 10, 6: 1000, 14: 100 };

type Move = (p: Point) => Point;
const stay: Move = (p) => p;

/** Where a block's inside comes to lie: scaled, turned, moved. */
function placed(e: IInsertEntity, outer: Move): Move {
	const turn = ((e.rotation ?? 0) * Math.PI) / 180;
	const [sx, sy] = [e.xScale ?? 1, e.yScale ?? 1];
	return (p) => {
		const [x, y] = [p.x * sx, p.y * sy];
		return outer({ x: e.position.x + x * Math.cos(turn) - y * Math.sin(turn), y: e.position.y + x * Math.sin(turn) + y * Math.cos(turn) });
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
	const middle = { x: (a.x + b.x) / 2 - (rise * (b.y - a.y)) / chord, y: (a.y + b.y) / 2 + (rise * (b.x - a.x)) / chord };
	const from = Math.atan2(a.y - middle.y, a.x - middle.x);
	return arc(middle, Math.abs(radius), from, from + angle).slice(0, -1);
}

function polyline(e: ILwpolylineEntity | IPolylineEntity): Point[] {
	const v = e.vertices as (Point & { bulge?: number })[];
	return v.flatMap((p, i) => {
		const next = v[i + 1] ?? (e.shape ? v[0] : undefined);
		return next ? side(p, next) : [p];
	});
}

class Reader {
	readonly shapes: DrawnShape[] = [];
	readonly skipped: Record<string, number> = {};
	#points = 0;

	constructor(readonly file: IDxf) {}

	/** Goes through entities, and into blocks. False when there are too many. */
	read(entities: readonly IEntity[], move: Move, depth: number): boolean {
		return entities.every((e) => this.#one(e, move, depth));
	}

	#put(e: IEntity, points: Point[], closed: boolean, move: Move): boolean {
		this.#points += points.length;
		if (points.every((p) => Number.isFinite(p.x) && Number.isFinite(p.y)) && points.length > 1) this.shapes.push({ name: e.layer ?? '', points: points.map(({ x, y }) => move({ x, y })), closed });
		return this.shapes.length <= DRAWN_LIMITS.shapes && this.#points <= DRAWN_LIMITS.points;
	}

	#one(e: IEntity, move: Move, depth: number): boolean {
		switch (e.type) {
			case 'LINE':
				return this.#put(e, (e as ILineEntity).vertices, false, move);
			case 'LWPOLYLINE':
			case 'POLYLINE':
				return this.#put(e, polyline(e as ILwpolylineEntity), (e as ILwpolylineEntity).shape, move);
			case 'CIRCLE': {
				const { center, radius } = e as ICircleEntity;
				return this.#put(e, arc(center, radius, 0, 2 * Math.PI).slice(0, -1), true, move);
			}
			case 'ARC': {
				const { center, radius, startAngle, endAngle } = e as IArcEntity;
				return this.#put(e, arc(center, radius, startAngle, endAngle < startAngle ? endAngle + 2 * Math.PI : endAngle), false, move);
			}
			case 'INSERT': {
				const block = this.file.blocks?.[(e as IInsertEntity).name];
				if (!block?.entities || depth >= 8) return true;
				return this.read(block.entities, placed(e as IInsertEntity, move), depth + 1);
			}
			default:
				this.skipped[e.type] = (this.skipped[e.type] ?? 0) + 1;
				return true;
		}
	}
}

/**
 * Reads a drawing in DXF: lines, polylines with their arcs, circles, and blocks of them.
 * @example readDxf('nonsense').ok // false
 */
export function readDxf(text: string): Result<Drawn> {
	if (text.length > DRAWN_LIMITS.bytes) return fail('The drawing is larger than 20 MB: no survey is');
	if (!/^\s*0\s*\r?\n\s*SECTION/m.test(text.slice(0, 4000))) return fail('This is not a DXF drawing: it does not begin with a section');
	let file: IDxf | null;
	try {
		file = new Dxf().parseSync(text);
	} catch (error) {
		return fail(`The drawing breaks off or is damaged: ${error instanceof Error ? error.message.slice(0, 120) : 'it cannot be read'}`);
	}
	if (!file?.entities?.length) return fail('The drawing holds no lines or shapes');
	const reader = new Reader(file);
	if (!reader.read(file.entities, stay, 0)) return fail(`The drawing holds more than ${DRAWN_LIMITS.shapes} shapes: draw the wall alone`);
	const unit = UNITS[Number(file.header?.$INSUNITS)] ?? null;
	return ok({ shapes: joinLines(reader.shapes), unit, skipped: reader.skipped });
}
