import { describe, expect, it } from 'vitest';
import { slipwayWall } from '../demo/slipway';
import { emptyWall } from '../plan/empty-wall';
import { applyCommand, commandLabel, type Command } from './commands';
import { emptyHistory, redo, remember, undo } from './history';
import { LISTS, listPath, type ListName, type Lists } from './lists';
import type { Plan } from './types';

const did = (plan: Plan, command: Command) => {
	const applied = applyCommand(plan, command);
	if (!applied.ok) throw new Error(JSON.stringify(applied.error));
	return applied.value;
};
const wrong = (plan: Plan, command: Command) => {
	const applied = applyCommand(plan, command);
	return applied.ok ? [] : applied.error.map((p) => `${p.path} ${p.message}`);
};
const plan = emptyWall('W');

const ITEMS: { [K in Exclude<ListName, 'rows' | 'holders'>]: Lists[K] } = {
	studs: { id: 'a', x: 400, width: 38, depth: 89, species: 'spf' },
	obstructions: { id: 'a', kind: 'door', name: 'door', x: 400, y: 0, width: 800, height: 2000 },
	ledges: { id: 'a', name: 'plate', y: 2300, height: 90, out: 38 },
	blocking: { id: 'a', x: 400, y: 900, width: 360, height: 140, depth: 89, species: 'spf' },
	zones: { id: 'a', name: 'by the door', x: 0, y: 0, width: 900, height: 2000, most: 300 },
	pilots: { id: 'a', x: 400, y: 900, hit: 'wood' }
};

describe.each(Object.keys(ITEMS) as (keyof typeof ITEMS)[])('%s', (list) => {
	const add = { kind: 'add', list, item: ITEMS[list] } as Command;

	it('are added, changed, deleted, and all of it undone and done again', () => {
		let history = emptyHistory();
		let now = plan;
		const change = list === 'studs' ? { x: 30 } : { y: 10 };
		const steps = [
			add,
			{ kind: 'change', list, id: 'a', change } as Command,
			{ kind: 'remove', list, id: 'a' } as Command
		];
		const seen: Plan[] = [now];
		for (const step of steps) {
			const applied = did(now, step);
			history = remember(history, applied);
			now = applied.plan;
			seen.push(now);
		}
		for (const before of seen.slice(0, -1).reverse()) {
			const back = undo(now, history);
			if (!back) throw new Error('nothing to undo');
			({ plan: now, history } = back);
			expect(now).toEqual(before);
		}
		for (const after of seen.slice(1)) {
			const on = redo(now, history);
			if (!on) throw new Error('nothing to redo');
			({ plan: now, history } = on);
			expect(now).toEqual(after);
		}
	});

	it('are not added twice under one id', () => {
		const once = did(plan, add).plan;
		const again = wrong(once, add);
		expect(again.join()).toMatch(/stands twice|stands in the same place/);
	});

	it('have the fields of their schema and no others', () => {
		const once = did(plan, add).plan;
		for (const strange of ['weight', 'id2', '__proto__', 'toString']) {
			const change = JSON.parse(`{ "${strange}": 1 }`);
			expect(wrong(once, { kind: 'change', list, id: 'a', change } as Command)).toEqual([
				`${listPath(list)}[${LISTS[list].of(once).length - 1}].${strange} there is no such field`
			]);
		}
	});

	it('that are not there cannot be changed', () => {
		expect(wrong(plan, { kind: 'remove', list, id: 'none' })).toEqual([
			`${listPath(list)} There is no ${LISTS[list].word} "none"`
		]);
	});

	it('beyond the wall are refused, with the field', () => {
		const far = {
			...ITEMS[list],
			...(list === 'ledges' ? { y: 2390 } : { x: 3590 }),
			...(list === 'pilots' || list === 'studs' ? { x: 3700 } : {})
		};
		const problems = wrong(plan, { kind: 'add', list, item: far } as Command);
		expect(problems.join()).toMatch(new RegExp(`^wall\\.${list}\\[0\\]\\.(x|width|height) (is beyond|reaches)`));
	});

	it('have a word for the undo button', () => {
		expect(commandLabel(add)).toBe(`add ${LISTS[list].word}`);
	});

	it('are no more than their limit', () => {
		const many = Array.from({ length: LISTS[list].most }, (_, i) => ({ ...ITEMS[list], id: `n${i}` }));
		const full = { ...plan, wall: { ...plan.wall, [list]: many } };
		expect(wrong(full, add)[0]).toMatch(new RegExp(`must have at most ${LISTS[list].most} entries`));
	});
});

describe('facts of the wall', () => {
	it('are set, and taken away by undefined', () => {
		const set = did(plan, {
			kind: 'set-wall',
			front: { depth: 1500, walkway: 900, headHeight: 2000 },
			how: { width: 'tape' }
		});
		expect(set.plan.wall).toMatchObject({ front: { depth: 1500 }, how: { width: 'tape' } });
		const gone = did(set.plan, { kind: 'set-wall', front: undefined });
		expect('front' in gone.plan.wall).toBe(false);
	});

	it('of one diagonal are kept until the other is measured', () => {
		const one = did(plan, { kind: 'set-wall', levels: { diagonals: { up: 4300 } } }).plan;
		expect(one.wall.levels).toEqual({ diagonals: { up: 4300 } });
		expect(wrong(plan, { kind: 'set-wall', levels: { diagonals: { up: 5 } } }).join()).toMatch(
			/wall\.levels\.diagonals\.up/
		);
	});

	it('are refused by field', () => {
		expect(wrong(plan, { kind: 'set-wall', front: { depth: -1, walkway: 900, headHeight: 2000 } })).toEqual([
			'wall.front.depth must be at least 0 mm'
		]);
		expect(
			wrong(plan, { kind: 'set-wall', shape: { right: 2400, peak: { x: 3600, height: 3000 }, floorRise: 0 } })
		).toEqual(['wall.shape.peak.x must lie between the ends of the wall']);
		expect(
			wrong(plan, {
				kind: 'set-wall',
				build: { kind: 'plank', thickness: 20, species: 'spf', first: 4000, pitch: 400 }
			})
		).toEqual(['wall.build.first is beyond the wall, which is 3600 mm wide']);
	});

	it('that are needed cannot be taken away', () => {
		expect(wrong(plan, { kind: 'set-wall', width: undefined })).toEqual(
			expect.arrayContaining(['wall.width is missing'])
		);
	});

	it('a lower right end is refused while something reaches above it', () => {
		const low = wrong(slipwayWall(), { kind: 'set-wall', shape: { right: 1000, peak: null, floorRise: 0 } });
		expect(low.some((p) => /^wall\.obstructions\[0\]\.height reaches above the wall/.test(p))).toBe(true);
	});
});

describe('things in the way', () => {
	const base = { ...ITEMS.obstructions };

	it('that stand off the wall may be longer than it', () => {
		expect(
			wrong(plan, {
				kind: 'add',
				list: 'obstructions',
				item: { ...base, kind: 'car', x: 0, width: 4300, near: 900, out: 2700 }
			})
		).toEqual([]);
		expect(wrong(plan, { kind: 'add', list: 'obstructions', item: { ...base, x: 0, width: 4300 } })).toEqual([
			'wall.obstructions[0].width reaches beyond the wall'
		]);
	});

	it('stand out further than the room behind them', () => {
		expect(wrong(plan, { kind: 'add', list: 'obstructions', item: { ...base, near: 900, out: 300 } })).toEqual([
			'wall.obstructions[0].out must be more than its room to the wall'
		]);
	});

	it('fit under a slope', () => {
		const sloping = did(plan, { kind: 'set-wall', shape: { right: 1500, peak: null, floorRise: 0 } }).plan;
		expect(wrong(sloping, { kind: 'add', list: 'obstructions', item: { ...base, x: 0 } })).toEqual([]);
		expect(wrong(sloping, { kind: 'add', list: 'obstructions', item: { ...base, x: 2800 } })).toEqual([
			'wall.obstructions[0].height reaches above the wall'
		]);
	});

	it('move as their kind of motion says, and no other', () => {
		const swing = { kind: 'swing', hinge: 'left', angle: 200, into: 'room' } as const;
		expect(wrong(plan, { kind: 'add', list: 'obstructions', item: { ...base, motion: swing } })).toEqual([
			'wall.obstructions[0].motion.angle must be at most 180 degrees'
		]);
		expect(
			wrong(plan, { kind: 'add', list: 'obstructions', item: { ...base, motion: { kind: 'hover' } as never } }).join()
		).toMatch(/motion\.kind must be one of: swing, overhead, car-doors, clear-above/);
	});
});

describe('studs', () => {
	it('that meet only at the top stand in the same place', () => {
		const one = did(plan, { kind: 'add', list: 'studs', item: { ...ITEMS.studs, lean: 40 } }).plan;
		expect(wrong(one, { kind: 'add', list: 'studs', item: { ...ITEMS.studs, id: 'b', x: 496 } })).toEqual(
			expect.arrayContaining([expect.stringMatching(/stands in the same place as the stud at 400 mm/)])
		);
	});

	it('side by side are two studs', () => {
		const one = did(plan, { kind: 'add', list: 'studs', item: ITEMS.studs }).plan;
		expect(wrong(one, { kind: 'add', list: 'studs', item: { ...ITEMS.studs, id: 'b', x: 438 } })).toEqual([]);
	});
});
