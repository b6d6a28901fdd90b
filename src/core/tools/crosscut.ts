import type { Millimetres } from '../units/quantity';
import { best, nameOf, word, type Answer, type Word } from './can';
import { phrase } from '../units/phrase';
import type { Tool } from './tool';

/** Wider than this nobody pushes across a table saw: our own judgement, mm. */
const MOST_ON_SLED = 600;

/**
 * Can a board be cut to length? On a saw with a stop; with a saw that is moved along a straight edge; or by hand.
 * @param width of the board, mm
 * @example canCrosscut({ width: 94, thickness: 44 }, tools).can
 */
export function canCrosscut(
	{ width, thickness }: { width: Millimetres; thickness: Millimetres },
	tools: readonly Tool[]
): Answer {
	const of = (...kinds: string[]) => tools.filter((t) => kinds.includes(t.kind));
	const deep = { key: 'depth', need: thickness, what: 'depth' };
	const stopped = of('mitre-saw', 'mitre-box').map((t) =>
		word(t, [{ key: 'crosscut', need: width, what: 'widest crosscut' }, deep])
	);
	const sled = width <= MOST_ON_SLED ? of('table-saw').map((t) => word(t, [deep])) : [];
	const moved = of('circular-saw', 'jigsaw').map((t) => word(t, [deep]));
	const byHand = of('hand-saw').map((t): Word => ({ tool: t, fits: true, why: phrase('{t}', { t: nameOf(t) }) }));
	return best([...stopped, ...sled, ...moved, ...byHand], 'nothing to cut to length with');
}
