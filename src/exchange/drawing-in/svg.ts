import { SaxesParser } from 'saxes';
import svgpath from 'svgpath';
import { fail, ok, type Result } from '$core/result';
import type { Point } from '$core/survey/outline';
import { joinLines } from './join-lines';
import { DRAWN_LIMITS, type Drawn, type DrawnShape } from './shape';

/** Millimetres to a unit of length. Source: CSS Values and Units Module Level 3, absolute lengths, from memory. */
const LENGTHS: Record<string, number> = { mm: 1, cm: 10, in: 25.4, pt: 25.4 / 72, pc: 25.4 / 6, px: 25.4 / 96 };
/** Steps that a curve is drawn in. */
const STEPS = 12;

type Attributes = Record<string, string>;
const number = (a: Attributes, name: string) => Number.parseFloat(a[name] ?? '0') || 0;

/** The same shape as a path, so that one way of moving and flattening serves all. */
function asPath(tag: string, a: Attributes): string | null {
	const n = (name: string) => number(a, name);
	switch (tag) {
		case 'path':
			return a.d ?? null;
		case 'rect':
			return `M${n('x')} ${n('y')}h${n('width')}v${n('height')}h${-n('width')}z`;
		case 'line':
			return `M${n('x1')} ${n('y1')}L${n('x2')} ${n('y2')}`;
		case 'polyline':
		case 'polygon':
			return a.points?.trim() ? `M${a.points.trim()}${tag === 'polygon' ? 'z' : ''}` : null;
		case 'circle':
		case 'ellipse': {
			const [rx, ry] = tag === 'circle' ? [n('r'), n('r')] : [n('rx'), n('ry')];
			return `M${n('cx') - rx} ${n('cy')}a${rx} ${ry} 0 1 0 ${2 * rx} 0a${rx} ${ry} 0 1 0 ${-2 * rx} 0z`;
		}
		default:
			return null;
	}
}

const mix = (a: Point, b: Point, t: number): Point => ({ x: a.x + (b.x - a.x) * t, y: a.y + (b.y - a.y) * t });

/** A point on a curve between two ends with its control points, by halving (de Casteljau). */
function onCurve(points: readonly Point[], t: number): Point {
	return points.length === 1
		? (points[0] as Point)
		: onCurve(
				points.slice(1).map((p, i) => mix(points[i] as Point, p, t)),
				t
			);
}

/** Path data as runs of points, moved by everything around it. */
function flatten(d: string, transforms: readonly string[]): { points: Point[]; closed: boolean }[] {
	const runs: { points: Point[]; closed: boolean }[] = [];
	let path = svgpath(d);
	// The innermost first.
	for (const t of [...transforms].reverse()) path = path.transform(t);
	path
		.abs()
		.unshort()
		.unarc()
		.iterate((segment, _i, x, y) => {
			const [command, ...rest] = segment as unknown as [string, ...number[]];
			const to = (i: number): Point => ({ x: rest[i] as number, y: rest[i + 1] as number });
			let run = runs.at(-1);
			const curve = (...points: Point[]) =>
				run?.points.push(...Array.from({ length: STEPS }, (_, i) => onCurve([{ x, y }, ...points], (i + 1) / STEPS)));
			switch (command) {
				case 'M':
					run = { points: [to(0)], closed: false };
					runs.push(run);
					return;
				case 'L':
					run?.points.push(to(0));
					return;
				case 'H':
					run?.points.push({ x: rest[0] as number, y });
					return;
				case 'V':
					run?.points.push({ x, y: rest[0] as number });
					return;
				case 'C':
					return void curve(to(0), to(2), to(4));
				case 'Q':
					return void curve(to(0), to(2));
				case 'Z':
					if (run) run.closed = true;
			}
		});
	return runs.filter((r) => r.points.length > 1 && r.points.every((p) => Number.isFinite(p.x) && Number.isFinite(p.y)));
}

/** Millimetres to a unit of the drawing: its width in real lengths over that of its view box. */
function unitOf(a: Attributes): number | null {
	const width = /^\s*([\d.]+)\s*(mm|cm|in|pt|pc|px)?\s*$/.exec(a.width ?? '');
	const box = (a.viewBox ?? '').split(/[\s,]+/).map(Number);
	if (!width?.[2] || width[2] === 'px') return null;
	const mm = Number(width[1]) * (LENGTHS[width[2]] as number);
	return box[2] && box[2] > 0 ? mm / box[2] : mm / Number(width[1]);
}

const nameIn = (a: Attributes) =>
	Object.entries(a).find(([k]) => k === 'label' || k.endsWith(':label'))?.[1] ?? a.id ?? a.class ?? '';

/**
 * Reads a drawing in SVG: rectangles, lines, polygons, rounds and paths, with the transforms around them. Its y runs
 * down; what comes back runs up.
 * @example readSvg('<svg><rect width="100" height="50"/></svg>').ok // true
 */
export function readSvg(text: string): Result<Drawn> {
	if (text.length > DRAWN_LIMITS.bytes) return fail('The drawing is larger than 20 MB: no survey is');
	const shapes: DrawnShape[] = [];
	const skipped: Record<string, number> = {};
	const stack: { transform: string | undefined; name: string; hidden: boolean }[] = [];
	let unit: number | null = null;
	let problem = '';
	let points = 0;
	const parser = new SaxesParser();
	parser.on('error', (error) => {
		problem ||= `The drawing breaks off or is damaged: ${error.message.slice(0, 120)}`;
	});
	parser.on('opentag', ({ name, attributes }) => {
		const tag = name.replace(/^svg:/, '');
		const a = attributes as Attributes;
		if (stack.length === 0) {
			if (tag !== 'svg') problem ||= 'This is not an SVG drawing';
			unit = unitOf(a);
		}
		const above = stack.at(-1);
		const hidden =
			above?.hidden === true ||
			['defs', 'symbol', 'clipPath', 'mask', 'pattern', 'marker'].includes(tag) ||
			/display\s*:\s*none/.test(a.style ?? '') ||
			a.display === 'none';
		stack.push({ transform: a.transform, name: nameIn(a), hidden });
		if (stack.length > DRAWN_LIMITS.depth) problem ||= 'The drawing is nested too deep';
		if (problem || hidden) return;
		if (['text', 'image', 'use'].includes(tag)) skipped[tag] = (skipped[tag] ?? 0) + 1;
		const path = asPath(tag, a);
		if (!path) return;
		const named = [...stack].reverse().find((s) => s.name)?.name ?? '';
		for (const run of flatten(
			path,
			stack.flatMap((s) => s.transform ?? [])
		)) {
			points += run.points.length;
			shapes.push({ name: named, ...run });
		}
		if (shapes.length > DRAWN_LIMITS.shapes || points > DRAWN_LIMITS.points)
			problem ||= `The drawing holds more than ${DRAWN_LIMITS.shapes} shapes: draw the wall alone`;
	});
	parser.on('closetag', () => void stack.pop());
	try {
		parser.write(text).close();
	} catch (error) {
		problem ||= error instanceof Error ? error.message.slice(0, 120) : 'The drawing cannot be read';
	}
	if (problem) return fail(problem);
	if (shapes.length === 0) return fail('The drawing holds no lines or shapes');
	return ok({
		shapes: joinLines(shapes.map((s) => ({ ...s, points: s.points.map((p) => ({ x: p.x, y: -p.y })) }))),
		unit,
		skipped
	});
}
