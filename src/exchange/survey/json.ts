import { VERSION } from '$core/plan/migrate';
import { cutText } from '$core/form/whole-text';
import { hostile, MOST_BYTES } from '$core/form/outside';
import type { Plan, Wall } from '$core/plan/types';
import { problemsOf } from '$core/form/problems';
import { wallSchema } from '$core/plan/schema';
import { fail, ok, type Problem, type Result } from '$core/result';

/** A survey by itself: the wall without what hangs on it. */
export interface SurveyFile {
	format: 'kammer-survey';
	version: 1;
	name: string;
	wall: Wall;
}

/** The survey of a plan as a file. @example surveyJson(plan).includes('"kammer-survey"') // true */
export function surveyJson({ name, wall }: Pick<Plan, 'name' | 'wall'>): string {
	return JSON.stringify({ format: 'kammer-survey', version: 1, name, wall } satisfies SurveyFile, null, '\t');
}

/**
 * Reads a survey from the text of a file. The wall of a whole plan is taken as well.
 * @returns problems with the paths of their fields; whether rows and holders fit the new wall is for the command that
 * takes it
 * @example readSurvey('{}').ok // false
 */
export function readSurvey(text: string): Result<SurveyFile, Problem[]> {
	const wrong = (message: string, path = '') => fail([{ path, message }]);
	if (text.length > MOST_BYTES) return wrong(`The file is larger than ${MOST_BYTES / 1024 / 1024} MB: no survey is`);
	let value: unknown;
	try {
		value = JSON.parse(text.replace(/^\ufeff/, ''));
	} catch {
		return wrong('The file is not JSON, or breaks off before its end');
	}
	const bad = hostile(value);
	if (bad) return fail([bad]);
	const { format, version, name, wall } = (typeof value === 'object' && value !== null ? value : {}) as {
		format?: unknown;
		version?: unknown;
		name?: unknown;
		wall?: unknown;
	};
	if (format !== 'kammer-survey' && format !== 'kammer-plan')
		return wrong('This is not a Kammer survey: format must be "kammer-survey"', 'format');
	// The wall of a plan is the same in all its versions so far.
	const latest = format === 'kammer-plan' ? VERSION : 1;
	if (typeof version !== 'number' || version < 1 || version > latest)
		return wrong(`This survey is version ${String(version)}; this Kammer reads up to version ${latest}`, 'version');
	const problems = problemsOf(wallSchema, wall).map((p) => ({
		path: p.path ? `wall.${p.path}` : 'wall',
		message: p.message
	}));
	return problems.length > 0
		? fail(problems)
		: ok({
				format: 'kammer-survey',
				version: 1,
				name: typeof name === 'string' ? cutText(name, 120) : '',
				wall: wall as Wall
			});
}
