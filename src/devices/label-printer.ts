/** What the simulated label printer says while it works. */
export type PrinterEvent =
	| { kind: 'printed'; label: number; of: number; left: number }
	| { kind: 'stopped'; why: string; printed: number; of: number }
	| { kind: 'done'; printed: number };

/** Labels on a fresh roll. */
export const ROLL = 40;

/**
 * Prints so many labels, one after another, on a roll with so many left. No paper is moved: the screen shows what it
 * would have printed.
 * @example [...printing(2, 40)].at(-1) // { kind: 'done', printed: 2 }
 */
export function* printing(labels: number, roll: number): Generator<PrinterEvent> {
	for (let i = 0; i < labels; i++) {
		if (i >= roll) {
			yield { kind: 'stopped', why: 'The roll is empty: put in a new one and go on', printed: i, of: labels };
			return;
		}
		yield { kind: 'printed', label: i, of: labels, left: roll - i - 1 };
	}
	yield { kind: 'done', printed: labels };
}
