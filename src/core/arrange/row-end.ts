import { standsAcross } from '../plan/row-refusals';
import type { Plan, Row } from '../plan/types';
import { nameOf } from '../survey/names';
import { phrase, type Phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';

/**
 * Where an end of a row that is drawn out must stop: before the first thing it would run over, but does not already.
 * @param to where the end is drawn to
 * @returns null where nothing is in its way
 * @example rowEndLimit(plan, row, 'right', 4500) // { at: 4300, why: 'stops at side door' }
 */
export function rowEndLimit(
	plan: Plan,
	row: Row,
	part: 'left' | 'right',
	to: Millimetres
): { at: Millimetres; why: Phrase } | null {
	const known = new Set(standsAcross(plan, row).map((o) => o.id));
	const met = standsAcross(plan, { ...row, [part]: to }).filter((o) => !known.has(o.id));
	const edges = met.map((o) => ({ at: part === 'right' ? o.x : o.x + o.width, o }));
	const [first] = edges.sort((a, b) => (part === 'right' ? a.at - b.at : b.at - a.at));
	return first ? { at: first.at, why: phrase('stops at {name}', { name: nameOf(first.o) }) } : null;
}
