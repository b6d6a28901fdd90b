import { ValidationError, type Schema } from 'yup';
import { fail, ok, type Problem, type Result } from '../result';
import { stock } from '../materials/stocks';
import { planSchema } from './schema';
import type { Plan } from './types';

/** Problems reported at once: enough to mend a file, not a flood. */
const MOST_PROBLEMS = 50;

/** Checks a value against one part of the schema. Paths are relative to that part. */
export function problemsOf(schema: Schema, value: unknown): Problem[] {
	try {
		schema.validateSync(value, { abortEarly: false, strict: true });
		return [];
	} catch (error) {
		if (!(error instanceof ValidationError)) throw error;
		const all = error.inner.length > 0 ? error.inner : [error];
		return all.slice(0, MOST_PROBLEMS).map((e) => ({ path: e.path ?? '', message: e.message }));
	}
}

function doubled(ids: readonly string[], at: (i: number) => string): Problem[] {
	const seen = new Set<string>();
	return ids.flatMap((id, i) => {
		if (seen.has(id)) return [{ path: at(i), message: `"${id}" stands twice` }];
		seen.add(id);
		return [];
	});
}

/** What a schema of fields cannot say: references, order, and things that must fit the wall. Quick enough for every command. */
export function crossProblems(plan: Plan): Problem[] {
	const { wall, rows, holders } = plan;
	const found: Problem[] = [];
	const say = (path: string, message: string) => found.push({ path, message });
	wall.studs.forEach((s, i) => {
		if (s.x > wall.width) say(`wall.studs[${i}].x`, `is beyond the wall, which is ${wall.width} mm wide`);
	});
	wall.obstructions.forEach((o, i) => {
		if (o.x + o.width > wall.width) say(`wall.obstructions[${i}].width`, 'reaches beyond the wall');
		if (o.y + o.height > wall.height) say(`wall.obstructions[${i}].height`, 'reaches above the wall');
	});
	rows.forEach((r, i) => {
		if (r.right <= r.left) say(`rows[${i}].right`, 'must be to the right of the left end');
		if (r.right > wall.width) say(`rows[${i}].right`, `is beyond the wall, which is ${wall.width} mm wide`);
		if (r.y >= wall.height) say(`rows[${i}].y`, `is above the wall, which is ${wall.height} mm high`);
		const board = stock(r.stock);
		if (r.blank > board.width) say(`rows[${i}].blank`, `${board.title} is only ${board.width} mm wide`);
		const half = (r.blank - plan.cutting.kerf / Math.cos((r.bevel * Math.PI) / 180)) / 2 - (board.thickness * Math.tan((r.bevel * Math.PI) / 180)) / 2;
		if (half < 15) say(`rows[${i}].blank`, 'leaves less than 15 mm on the wall side after the rip');
		r.joints.forEach((x, k) => {
			if (x <= r.left || x >= r.right) say(`rows[${i}].joints[${k}]`, 'must lie between the ends of the row');
		});
	});
	const known = new Set(rows.map((r) => r.id));
	holders.forEach((h, i) => {
		if (!known.has(h.mount.row)) say(`holders[${i}].mount.row`, `there is no row "${h.mount.row}"`);
		if (h.params.face.width > wall.width) say(`holders[${i}].params.face.width`, `the holder is wider than the wall, which is ${wall.width} mm wide`);
	});
	return [
		...found,
		...doubled(wall.studs.map((s) => s.id), (i) => `wall.studs[${i}].id`),
		...doubled(wall.obstructions.map((o) => o.id), (i) => `wall.obstructions[${i}].id`),
		...doubled(rows.map((r) => r.id), (i) => `rows[${i}].id`),
		...doubled(holders.map((h) => h.id), (i) => `holders[${i}].id`)
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
