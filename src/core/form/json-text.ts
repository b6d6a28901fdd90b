import { fail, ok, type Problem, type Result } from '../result';
import { hostile, MOST_BYTES, tooMuch } from './outside';

/**
 * Takes the text of a file apart: refused where it is too large, too deep, breaks off, is not JSON, or has names that
 * every object answers to.
 * @param values the most that it may have
 * @param what no such file is so large: 'plan', 'stock-take'
 * @example jsonText('{"format":', 100, 'plan').ok // false: it breaks off
 */
export function jsonText(text: string, values: number, what: string): Result<unknown, Problem[]> {
	const whole = (message: string) => fail([{ path: '', message }]);
	if (text.length > MOST_BYTES) return whole(`The file is larger than ${MOST_BYTES / 1024 / 1024} MB: no ${what} is`);
	const much = tooMuch(text, values);
	if (much) return fail([much]);
	let value: unknown;
	try {
		value = JSON.parse(text.replace(/^\ufeff/, ''));
	} catch (error) {
		const why = error instanceof Error ? error.message : '';
		return whole(
			/end of JSON|unterminated/i.test(why)
				? 'The file breaks off before its end'
				: `The file is not JSON: ${why.slice(0, 120)}`
		);
	}
	const bad = hostile(value);
	return bad ? fail([bad]) : ok(value);
}
