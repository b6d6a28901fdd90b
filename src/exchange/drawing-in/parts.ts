import { nth } from '$core/nth';
import { cutText } from '$core/form/whole-text';
import type { Obstruction, ObstructionKind, Stud, Wall } from '$core/plan/types';
import { fail, ok, type Result } from '$core/result';
import type { Point } from '$core/survey/outline';
import type { Drawn, DrawnShape } from './shape';

/** What a shape of a drawing stands for. */
export type Meaning = ObstructionKind | 'wall' | 'stud' | 'nothing';

/** A shape of a drawing, on the wall: mm from its lower left corner. */
export interface DrawnPart {
	what: Meaning;
	name: string;
	points: Point[];
	closed: boolean;
	box: { x: number; y: number; width: number; height: number };
}

const boxOf = (points: readonly Point[]) => {
	const [xs, ys] = [points.map((p) => p.x), points.map((p) => p.y)];
	const [x, y] = [xs.reduce((a, b) => Math.min(a, b)), ys.reduce((a, b) => Math.min(a, b))];
	return { x, y, width: xs.reduce((a, b) => Math.max(a, b)) - x, height: ys.reduce((a, b) => Math.max(a, b)) - y };
};

/** Area of a closed shape, by the shoelace rule. */
const area = ({ points }: DrawnShape) =>
	Math.abs(
		points.reduce((sum, p, i) => {
			const q = nth(points, (i + 1) % points.length);
			return sum + p.x * q.y - q.x * p.y;
		}, 0)
	) / 2;

const NAMES: readonly [RegExp, Meaning][] = [
	[/stud|framing/i, 'stud'],
	[/window/i, 'window'],
	[/overhead|garage/i, 'overhead-door'],
	[/door/i, 'door'],
	[/outlet|socket|receptacle/i, 'outlet'],
	[/switch/i, 'switch'],
	[/panel|breaker|fuse/i, 'service-panel'],
	[/pipe/i, 'pipe'],
	[/cable|wire/i, 'cable'],
	[/radiator|heater/i, 'radiator'],
	[/light|lamp/i, 'light'],
	[/stair/i, 'stairs'],
	[/bench/i, 'bench'],
	[/machine|saw|lathe/i, 'machine'],
	[/car\b/i, 'car'],
	[/rail/i, 'rail']
];

/** What a shape most likely is: by the name of its layer, else by its form. */
function meaning(shape: DrawnShape, box: DrawnPart['box'], wall: { height: number }): Meaning {
	const named = NAMES.find(([words]) => words.test(shape.name))?.[1];
	if (named) return named;
	const upright = box.height > 0.7 * wall.height && box.width <= 120;
	if (upright) return 'stud';
	return shape.closed && box.width >= 10 && box.height >= 10 ? 'other' : 'nothing';
}

/**
 * The parts of a drawing, in mm: its largest closed shape is the wall, what lies on it is guessed from names and forms.
 * Nothing is taken yet.
 * @param unit millimetres to a unit of the drawing
 * @example partsOf(drawn, 1).value.filter((p) => p.what === 'stud').length
 */
export function partsOf(drawn: Drawn, unit: number): Result<DrawnPart[]> {
	const wall = drawn.shapes.filter((s) => s.closed).sort((a, b) => area(b) - area(a))[0];
	if (!wall) return fail('No closed shape: the outline of the wall must be one, such as a rectangle');
	const from = boxOf(wall.points);
	const whole = { width: from.width * unit, height: from.height * unit };
	if (whole.width < 200 || whole.width > 30_000 || whole.height < 300 || whole.height > 6000) {
		return fail(
			`The outline would be ${Math.round(whole.width)} x ${Math.round(whole.height)} mm: no wall is. Set the unit of the drawing right`
		);
	}
	return ok(
		drawn.shapes.map((s) => {
			const points = s.points.map((p) => ({ x: (p.x - from.x) * unit, y: (p.y - from.y) * unit }));
			const box = boxOf(points);
			return {
				what: s === wall ? 'wall' : meaning(s, box, whole),
				name: cutText(s.name, 60),
				points,
				closed: s.closed,
				box
			};
		})
	);
}

/** Where a closed shape is cut by an upright line: lowest and highest. */
function cutAt(points: readonly Point[], x: number): { low: number; high: number } {
	const ys = points.flatMap((a, i) => {
		const b = nth(points, (i + 1) % points.length);
		return (a.x - x) * (b.x - x) <= 0 && a.x !== b.x ? [a.y + ((b.y - a.y) * (x - a.x)) / (b.x - a.x)] : [];
	});
	return { low: Math.min(...ys), high: Math.max(...ys) };
}

const round = (v: number) => Math.round(v * 10) / 10;

/** Width, heights at both ends, top of a gable and slope of the floor, from the outline. */
function outlineFacts({ points, box }: DrawnPart): Pick<Wall, 'width' | 'height' | 'shape'> {
	const nudge = box.width * 1e-4;
	const [left, right] = [cutAt(points, nudge), cutAt(points, box.width - nudge)];
	const top = points.filter((p) => p.x > nudge && p.x < box.width - nudge).sort((a, b) => b.y - a.y)[0];
	const line = top ? left.high + ((right.high - left.high) * top.x) / box.width : 0;
	const peak = top && top.y > line + 5 ? { x: round(top.x), height: round(top.y - left.low) } : null;
	const height = round(left.high - left.low);
	const shape = { right: round(right.high - left.low), peak, floorRise: round(right.low - left.low) };
	const plain = !peak && Math.abs(shape.right - height) < 0.5 && Math.abs(shape.floorRise) < 0.5;
	return { width: round(box.width), height, ...(plain ? {} : { shape }) };
}

/**
 * A survey with the outline, studs and obstructions of a drawing in place of what it had; the rest stays.
 * @param parts as guessed, or as somebody set them right
 * @param like depth and species that a drawing does not say
 */
export function surveyFromParts(
	wall: Wall,
	parts: readonly DrawnPart[],
	like: Pick<Stud, 'depth' | 'species'>,
	newId: () => string
): Result<Wall> {
	const outline = parts.find((p) => p.what === 'wall');
	if (!outline) return fail('Say which shape is the wall');
	const { shape: _, ...rest } = wall;
	const facts = outlineFacts(outline);
	const inside = (p: DrawnPart) =>
		p !== outline && p.box.x >= -1 && p.box.x + p.box.width <= facts.width + 1 && p.box.y >= -1;
	const studs = parts
		.filter((p) => p.what === 'stud' && inside(p))
		.map((p): Stud => ({
			id: newId(),
			x: round(p.box.x + p.box.width / 2),
			width: p.box.width >= 19 ? Math.min(200, round(p.box.width)) : 38,
			...like,
			found: { how: 'drawing' }
		}));
	const obstructions = parts.flatMap((p): Obstruction[] => {
		if (p.what === 'wall' || p.what === 'stud' || p.what === 'nothing' || !inside(p)) return [];
		const x = Math.max(0, round(p.box.x));
		const y = Math.max(0, round(p.box.y));
		return [
			{
				id: newId(),
				kind: p.what,
				name: p.name,
				x,
				y,
				width: Math.max(10, Math.min(facts.width - x, round(p.box.width))),
				height: Math.max(10, round(p.box.height)),
				how: 'drawing'
			}
		];
	});
	return ok({
		...rest,
		...facts,
		studs,
		obstructions,
		how: { ...wall.how, width: 'drawing', height: 'drawing', ...(facts.shape ? { shape: 'drawing' as const } : {}) }
	});
}
