import { groupField, idField, textField } from '../form/field';
import { shapeOf } from '../form/schema-of';
import { unhang } from '../kinds/hang';
import { startStrips } from '../holders/empty-holder';
import { hangs } from '../plan/held';
import { BACK, HOLDER, STRIPS } from '../plan/plan-fields';
import type { Back, Backed, Carrier, HungHolder, Strips } from '../plan/types';
import type { LengthUnit } from '../units/parse-length';

/** A holder kept to be made again: a back with carriers and the strips behind it. It hangs nowhere. */
export interface Pattern {
	id: string;
	name: string;
	note: string;
	back: Back;
	strips: Strips;
	carriers: Carrier[];
}

export const PATTERN = {
	id: idField(),
	name: textField('Name', 60, { needed: true }),
	note: textField('Note', 500),
	back: groupField('Back', BACK),
	strips: groupField('Strips', STRIPS),
	carriers: HOLDER.carriers
};

/** The schema of one. */
export const patternSchema = shapeOf(PATTERN);

/**
 * A holder as a pattern: what it carries is no longer said to be a thing of some stock-take, and where it hangs is left
 * out. What is screwed to a wall gets the usual strips.
 * @example patternOf(holder, 'p1', 'Clamp rack', 'mm').strips.spacer
 */
export function patternOf(holder: Backed, id: string, name: string, unit: LengthUnit): Pattern {
	return {
		id,
		name,
		note: holder.note ?? '',
		back: holder.back,
		strips: hangs(holder) ? holder.mount.strips : startStrips(unit),
		carriers: holder.carriers.map((c) => ({ ...c, loads: c.loads.map(unhang) }))
	};
}

/** A holder made of a pattern, hung nowhere yet. @example holderOf(pattern, 'h9').back.width */
export const holderOf = ({ name, note, back, strips, carriers }: Pattern, id: string): HungHolder => ({
	id,
	name,
	...(note ? { note } : {}),
	mount: { kind: 'row', row: '', x: 0, strips },
	back,
	carriers
});
