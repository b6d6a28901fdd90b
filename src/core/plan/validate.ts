import { MOST_PROBLEMS, problemsOf } from '../form/problems';
import { fail, ok, type Problem, type Result } from '../result';
import { stock } from '../materials/stocks';
import { rowProfile } from './profile';
import { lowestTop, tallest } from '../survey/outline';
import { studAt } from '../survey/supports';
import { carrierKind } from '../kinds/registry';
import { refersTo } from '../mounts/registry';
import { carrierProblems } from './carrier-problems';
import { LISTS, listPath, type ListName, type Lists } from './lists';
import { LIMITS } from './limits';
import { planSchema } from './schema';
import type { Plan, Stud, Wall } from './types';

function doubled(things: readonly { id: string }[], list: string): Problem[] {
	const seen = new Set<string>();
	const found: Problem[] = [];
	things.forEach(({ id }, i) => {
		if (seen.has(id)) found.push({ path: `${list}[${i}].id`, message: `"${id}" stands twice` });
		seen.add(id);
	});
	return found;
}

/** Least height of a cleat's wall side: less leaves no wood around a screw, mm. */
const LEAST_BACK = 15;

/** Studs side by side are measured no better than this, mm. */
const STUD_LAP = 5;

type Say = (field: string, message: string) => void;

function onWall({ wall }: Plan, b: { x: number; y: number; width: number; height: number }, say: Say): void {
	if (b.x + b.width > wall.width) say('width', 'reaches beyond the wall');
	if (b.y + b.height > tallest(wall)) say('height', 'reaches above the wall');
}

/** What the fields of the wall itself cannot say. */
function wallProblems({ shape, width, build }: Wall): Problem[] {
	const found: Problem[] = [];
	if (shape?.peak && (shape.peak.x <= 0 || shape.peak.x >= width))
		found.push({ path: 'wall.shape.peak.x', message: 'must lie between the ends of the wall' });
	if (build && build.kind !== 'framed' && build.first > width)
		found.push({ path: 'wall.build.first', message: `is beyond the wall, which is ${width} mm wide` });
	return found;
}

/** What a schema of fields cannot say of one thing: that it must fit the wall, and what it refers to be there. */
const FITS: { [K in ListName]: (plan: Plan, thing: Lists[K], say: Say) => void } = {
	studs({ wall }, s, say) {
		if (s.x > wall.width) say('x', `is beyond the wall, which is ${wall.width} mm wide`);
		const lap = (o: Stud, y: number) => Math.abs(studAt(o, y) - studAt(s, y)) < (o.width + s.width) / 2 - STUD_LAP;
		const other = wall.studs.find((o) => o.id !== s.id && (lap(o, 0) || lap(o, wall.height)));
		if (other) say('x', `stands in the same place as the stud at ${Math.round(other.x)} mm`);
	},
	obstructions({ wall }, o, say) {
		// What stands off the wall may be longer than it.
		if ((o.near ?? 0) > 0) {
			if (o.x > wall.width) say('x', 'is beyond the wall');
		} else {
			if (o.x + o.width > wall.width) say('width', 'reaches beyond the wall');
			else if (o.y + o.height > lowestTop(wall, o.x, o.x + o.width)) say('height', 'reaches above the wall');
		}
		if (o.out !== undefined && o.out < (o.near ?? 0)) say('out', 'must be more than its room to the wall');
	},
	ledges({ wall }, l, say) {
		if (l.y + l.height > tallest(wall)) say('height', 'reaches above the wall');
		if ((l.x ?? 0) + (l.width ?? 0) > wall.width) say('width', 'reaches beyond the wall');
	},
	blocking: onWall,
	zones: onWall,
	pilots({ wall }, p, say) {
		if (p.x > wall.width) say('x', 'is beyond the wall');
		if (p.y > tallest(wall)) say('y', 'is above the wall');
	},
	rows({ wall, cutting }, r, say) {
		if (r.right <= r.left) say('right', 'must be to the right of the left end');
		if (r.right > wall.width) say('right', `is beyond the wall, which is ${wall.width} mm wide`);
		const top = lowestTop(wall, r.left, r.right);
		if (r.y >= top) say('y', `is above the wall, which is ${Math.round(top)} mm high there`);
		const board = stock(r.stock);
		if (r.blank > board.width) say('blank', `${board.title} is only ${board.width} mm wide`);
		if (rowProfile(r, cutting.kerf).back < LEAST_BACK)
			say('blank', `leaves less than ${LEAST_BACK} mm on the wall side after the rip`);
		const { front } = rowProfile(r, cutting.kerf);
		if (r.backer && r.backer.below + front > r.backer.height)
			say('backer.height', `must be at least ${Math.ceil(r.backer.below + front)} mm: the cleat stands on it`);
		r.joints.forEach((x, k) => {
			if (x <= r.left || x >= r.right) say(`joints[${k}]`, 'must lie between the ends of the row');
		});
	},
	holders({ wall, rows }, h, say) {
		const on = refersTo(h);
		if (on !== null && !rows.some((r) => r.id === on)) say('mount.row', `there is no row "${on}"`);
		if (h.back && h.back.width > wall.width)
			say('back.width', `the holder is wider than the wall, which is ${wall.width} mm wide`);
		for (const { path, message } of carrierProblems(h)) say(path, message);
	}
};

function fits(plan: Plan, list: ListName, thing: unknown, path: string): Problem[] {
	const found: Problem[] = [];
	FITS[list](plan, thing as never, (field, message) => found.push({ path: `${path}.${field}`, message }));
	return found;
}

/** Things and parts of all holders together: each holder may have many, but not all of them. */
function tooMany({ holders }: Plan): Problem[] {
	let n = 0;
	for (const { carriers } of holders)
		for (const { kind, params, loads } of carriers)
			n += carrierKind(kind).effort(params) + loads.reduce((sum, l) => sum + l.count, 0);
	return n > LIMITS.things
		? [
				{
					path: 'holders',
					message: `have ${n} things and places for them in all; at most ${LIMITS.things} can be taken`
				}
			]
		: [];
}

/**
 * What the fields of a plan cannot say by themselves: references, order, and things that must fit the wall.
 * @param changed the one thing that has changed and in which fields, where only that has; the rest was right before
 */
export function crossProblems(
	plan: Plan,
	changed?: { list: ListName; at: number; fields: readonly string[] }
): Problem[] {
	if (changed) {
		const { list, at } = changed;
		return [
			...fits(plan, list, LISTS[list].of(plan)[at], `${listPath(list)}[${at}]`),
			...(changed.fields.includes('carriers') ? tooMany(plan) : [])
		];
	}
	const lists = (Object.keys(LISTS) as ListName[]).map((list) => ({
		list,
		path: listPath(list),
		things: LISTS[list].of(plan)
	}));
	return [
		...wallProblems(plan.wall),
		...lists.flatMap(({ list, path, things }) => things.flatMap((t, i) => fits(plan, list, t, `${path}[${i}]`))),
		...lists.flatMap(({ path, things }) => doubled(things, path)),
		...tooMany(plan)
	].slice(0, MOST_PROBLEMS);
}

/**
 * Takes any value and gives a plan, or every problem with the path of its field (`rows[2].y`).
 * @example validatePlan({}).ok // false
 */
export function validatePlan(value: unknown): Result<Plan, Problem[]> {
	const problems = problemsOf(planSchema, value);
	if (problems.length > 0) return fail(problems);
	const plan = value as Plan;
	const crossed = crossProblems(plan);
	return crossed.length > 0 ? fail(crossed) : ok(plan);
}
