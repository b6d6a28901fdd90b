import { describe, expect, it } from 'vitest';
import { FITTING } from '../../../tests/support/fitting-things';
import { smallWall } from '../../../tests/support/small-wall';
import { holderFor } from '../holders/holder-for';
import type { StockId } from '../materials/stocks';
import type { Plan } from '../plan/types';
import { screwedAt } from '../places/fixed/new-mount';
import { sayPhrase } from '../units/phrase';
import { checkPlan } from './check-plan';

/** A shelf on a back, either of another board. */
function plan(back: StockId, shelf: StockId, fixed = false): Plan {
	const made = holderFor('flat-shelf', { thing: FITTING['flat-shelf']!, count: 2, widest: 500, unit: 'mm' }, 'h');
	if (!made.ok) throw new Error(made.error);
	const start = smallWall();
	const { holder } = made.value;
	const [c] = holder.carriers;
	const carriers = [{ ...c!, params: { ...c!.params, stock: shelf } }];
	const board = { ...holder.back, stock: back };
	const mount = fixed ? screwedAt(start.wall, { x: 60, y: 900 }, board, 'mm') : { ...holder.mount, row: 'r', x: 150 };
	return { ...start, rows: fixed ? [] : start.rows, holders: [{ ...holder, back: board, carriers, mount }] };
}
const judged = (p: Plan) => checkPlan(p).holders.get('h')!;
const unjudged = (p: Plan) =>
	judged(p)
		.path.filter((c) => c.verdict === 'cannot-be-judged')
		.map((c) => `${c.title}: ${sayPhrase(c.reason, 'mm')}`);

describe('screws in a board that no table gives a value for', () => {
	it('are not judged: those of a shelf of MDF', () => {
		const p = plan('ply-18', 'mdf-18');
		expect(unjudged(p)).toEqual(['shelf: its screws: shelf: no value is published for screws in 18 mm MDF']);
		expect(judged(p).verdict).toBe('cannot-be-judged');
	});
	it('are not judged: those of a hook, and of what stands on its back', () => {
		const said = unjudged(plan('melamine-16', 'ply-18')).join('\n');
		expect(said).toMatch(/hook: hook: no value is published for screws in 16 mm melamine board/);
		expect(said).toMatch(/shelf: no value is published/);
	});
	it('are not judged: those of a back into the wall', () => {
		expect(unjudged(plan('hardboard-6', 'ply-18', true)).join('\n')).toMatch(
			/screws: no value is published for screws through 6 mm hardboard/
		);
	});
	it('leave what does bend judged as ever, and ply as it was', () => {
		expect(unjudged(plan('ply-18', 'ply-18'))).toEqual([]);
		expect(unjudged(plan('ply-18', 'own:red-oak:19x140x900'))).toEqual([]);
	});
});
