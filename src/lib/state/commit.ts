import type { Command } from '$core/plan/commands';
import type { Problem } from '$core/result';
import { phrase, sayPhrase } from '$core/units/phrase';
import type { LengthUnit } from '$core/units/parse-length';

/** Millimetres inside a message, such as "must be at least 200 mm". */
const IN_MM = /(-?\d+(?:\.\d+)?) mm/g;

/** Says a problem in the user's unit; messages from the schema are in mm. */
export function sayProblem(problem: Problem, unit: LengthUnit): string {
	const text = unit === 'mm' ? problem.message : problem.message.replace(IN_MM, (_, n: string) => sayPhrase(phrase('{x}', { x: { value: Number(n), dim: 'length' } }), unit));
	return text.charAt(0).toUpperCase() + text.slice(1);
}

/** Does a command from a field and gives what is wrong, for that field. */
export function fieldCommit(open: { do: (c: Command, merge?: string) => Problem[] }, command: Command, unit: LengthUnit): string | undefined {
	const [first] = open.do(command);
	return first && sayProblem(first, unit);
}
