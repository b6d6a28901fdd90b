import { rowBoxes } from '../cleats/row-box';
import type { Problem } from '../result';
import { inTheWay } from '../survey/in-the-way';
import { nameOf } from '../survey/names';
import type { Command } from './commands';
import type { Obstruction, Plan, Row } from './types';

/** What stands against the wall where a row runs. @example standsAcross(plan, row).map(nameOf) */
export function standsAcross(plan: Plan, row: Row): Obstruction[] {
	const met = rowBoxes(row, plan.cutting.kerf).flatMap((box) => inTheWay(plan.wall, box));
	return [...new Set(met.flatMap((w) => (w.how === 'stands' ? [w.obstruction] : [])))];
}

const WAY_OUT = {
	y: () => 'lay it above or below',
	right: (o: Obstruction) => `end it at ${Math.floor(o.x)} mm`,
	left: (o: Obstruction) => `begin it at ${Math.ceil(o.x + o.width)} mm`
};

/** Which field of a row to set right: the end that went over it, or the height. */
function field(before: Row | undefined, row: Row, o: Obstruction): 'left' | 'right' | 'y' {
	if (before && before.right <= o.x) return 'right';
	if (before && before.left >= o.x + o.width) return 'left';
	if (before && before.y !== row.y) return 'y';
	return o.x + o.width / 2 > (row.left + row.right) / 2 ? 'right' : 'left';
}

/**
 * A row is not laid, moved or lengthened over what stands against the wall: no cleat goes through a door. One that was
 * there before the door came stays, with a warning.
 */
export function rowRefusals(before: Plan, after: Plan, command: Command): Problem[] {
	if ((command.kind !== 'add' && command.kind !== 'change') || command.list !== 'rows') return [];
	const id = command.kind === 'add' ? command.item.id : command.id;
	const at = after.rows.findIndex((r) => r.id === id);
	const row = after.rows[at];
	if (!row || !(row.right > row.left)) return [];
	const was = before.rows.find((r) => r.id === id);
	const known = new Set(was ? standsAcross(before, was).map((o) => o.id) : []);
	return standsAcross(after, row)
		.filter((o) => !known.has(o.id))
		.map((o) => {
			const side = field(was, row, o);
			return { path: `rows[${at}].${side}`, message: `would run over ${nameOf(o)}: ${WAY_OUT[side](o)}` };
		});
}
