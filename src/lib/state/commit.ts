import type { Command } from '$core/plan/commands';
import type { Problem } from '$core/result';
import { capital } from '$core/words';
import { formatQuantity } from '$core/units/format-quantity';
import type { LengthUnit } from '$core/units/parse-length';

/** Figures inside a message, such as "must be at least 200 mm". */
const FIGURE = /(-?\d+(?:\.\d+)?) (mm|kg)\b/g;

/** Says a problem in the user's unit; messages from the schema are in mm and kg. */
export function sayProblem(problem: Problem, unit: LengthUnit): string {
	const text =
		unit === 'mm'
			? problem.message
			: problem.message.replace(FIGURE, (_, n: string, of: string) =>
					formatQuantity({ value: Number(n), dim: of === 'mm' ? 'length' : 'mass' }, unit)
				);
	return capital(text);
}

/** Does a command from a field and gives what is wrong, for that field. */
export function fieldCommit(
	open: { do: (c: Command, merge?: string) => Problem[] },
	command: Command,
	unit: LengthUnit
): string | undefined {
	const [first] = open.do(command);
	return first && sayProblem(first, unit);
}
