import type { CellValue, Column } from '../table/column';
import { stateOf } from '../shop/tally';
import { unmeasured } from './measured';
import type { Thing } from './types';

/** Figures of things that are worked out: shown in the table beside those that are kept. */
export const THING_COMPUTED: readonly Column[] = [
	{ key: 'total', label: 'All of them', kind: 'mass', min: 0, max: 1e7, hint: 'Count times the weight of one' },
	{ key: 'placed', label: 'Hanging', kind: 'number', min: 0, max: 1e7, hint: 'On walls planned here' },
	{
		key: 'measured',
		label: 'Measured',
		kind: 'choice',
		choices: [
			{ value: 'missing', name: 'something missing' },
			{ value: 'typical', name: 'typical only' },
			{ value: 'measured', name: 'measured' }
		]
	}
];

/** Is something missing, only typical, or everything measured? */
function measuredWord(thing: Thing): 'missing' | 'typical' | 'measured' {
	const { missing, typical } = unmeasured(thing);
	if (missing.length > 0) return 'missing';
	return typical.length > 0 ? 'typical' : 'measured';
}

/** How each is worked out; what stands in the state column counts what hangs on a wall before what was said. */
export function thingComputed(placed: ReadonlyMap<string, number>): Record<string, (t: Thing) => CellValue> {
	return {
		total: (t) => (t.mass === null ? null : t.count * t.mass),
		placed: (t) => placed.get(t.id) ?? 0,
		measured: (t) => measuredWord(t),
		state: (t) => stateOf(t, placed.get(t.id) ?? 0)
	};
}
