import { jsonText } from '../form/json-text';
import { MOST_VALUES } from '../form/outside';
import { problemsOf } from '../form/problems';
import { exact, list, oneOf } from '../form/yup';
import { onBackProblems } from '../plan/carrier-problems';
import { fail, ok, type Problem, type Result } from '../result';
import { patternSchema, type Pattern } from './pattern';

/** Most patterns in one shop, and in one file. */
export const MOST_PATTERNS = 500;

/** Patterns as they are exchanged, version 1. */
interface PatternFile {
	format: 'kammer-patterns';
	version: 1;
	patterns: Pattern[];
}
const fileSchema = exact({
	format: oneOf(['kammer-patterns'] as const),
	version: oneOf([1] as const),
	patterns: list(patternSchema, MOST_PATTERNS)
});

/** What is wrong with a pattern, by field; nothing where it is right. */
export function patternProblems(value: unknown): Problem[] {
	const found = problemsOf(patternSchema, value);
	return found.length > 0 ? found : onBackProblems(value as Pattern);
}

/** Patterns as the text of a file. @example patternFile(shop.patterns) */
export const patternFile = (patterns: readonly Pattern[]): string =>
	`${JSON.stringify({ format: 'kammer-patterns', version: 1, patterns }, null, '\t')}\n`;

/**
 * Reads patterns from the text of a file, or every problem with the path of its field. Each gets an id of its own.
 * @example readPatterns('{}', newId).ok // false
 */
export function readPatterns(text: string, newId: () => string): Result<Pattern[], Problem[]> {
	const read = jsonText(text, MOST_VALUES.plan, 'set of patterns');
	if (!read.ok) return read;
	const { value } = read;
	const { format, version } = (typeof value === 'object' && value !== null ? value : {}) as Partial<PatternFile>;
	if (format !== 'kammer-patterns')
		return fail([{ path: 'format', message: 'These are no Kammer patterns: format must be "kammer-patterns"' }]);
	if (typeof version === 'number' && version > 1)
		return fail([{ path: 'version', message: `These patterns are version ${version}; this Kammer reads version 1` }]);
	const problems = problemsOf(fileSchema, value);
	if (problems.length > 0) return fail(problems);
	const { patterns } = value as PatternFile;
	const crossed = patterns.flatMap((p, i) =>
		onBackProblems(p).map(({ path, message }) => ({ path: `patterns[${i}].${path}`, message }))
	);
	return crossed.length > 0 ? fail(crossed) : ok(patterns.map((p) => ({ ...p, id: newId() })));
}
