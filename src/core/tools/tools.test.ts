import { describe, expect, it } from 'vitest';
import { slipwayShop } from '../demo/slipway-shop';
import { sayPhrase } from '../units/phrase';
import { canMake, reachOfTools, type Operation } from './can';
import type { Tool } from './tool';

const own = (kind: string, limits: Tool['limits'] = {}): Tool => ({ id: kind, kind, name: '', limits, notes: '' });
const answer = (o: Operation, tools: Tool[]) => {
	const got = canMake(o, tools);
	return `${got.can}: ${sayPhrase(got.why, 'mm')}`;
};
const bits = own('auger-bits', { sizes: [25], reach: 200 });

describe('can it be made?', () => {
	it.each<[string, Operation, Tool[], RegExp]>([
		// Common practice: a 2 5/8 in hole wants more than a press with 2 in of travel; a slot, more than a 6 in set of
		// about 1 1/2 in.
		[
			'a hole deeper than the press travels',
			{ kind: 'hole', diameter: 25, depth: 66.7 },
			[own('drill-press', { travel: 50.8 }), bits],
			/^no: drill press: travel 50.8 mm, needs 66.7 mm/
		],
		[
			'the same by hand',
			{ kind: 'hole', diameter: 25, depth: 66.7 },
			[own('drill-press', { travel: 50.8 }), own('brace'), bits],
			/^yes: brace/
		],
		[
			'a slot deeper than the stacked cutter reaches',
			{ kind: 'slot', depth: 44.5 },
			[own('table-saw', { stacked: 38 })],
			/^no: table saw: stacked cutter 38 mm/
		],
		[
			'the same with a jigsaw',
			{ kind: 'slot', depth: 44.5 },
			[own('table-saw', { stacked: 38 }), own('jigsaw')],
			/^yes: jigsaw/
		],
		[
			'no bit of that size',
			{ kind: 'hole', diameter: 19, depth: 20 },
			[own('drill-press', { travel: 60 }), bits],
			/^no: no bit of 19 mm/
		],
		[
			'an angled hole with nothing but a flat bit',
			{ kind: 'hole', diameter: 25, depth: 40, tilt: 10 },
			[own('drill-press', { travel: 60, tilt: 45 }), own('flat-bits', { sizes: [25], reach: 100 })],
			/^no: only a flat-bottomed bit .* wanders/
		],
		[
			'an angled hole with a table that does not tilt so far',
			{ kind: 'hole', diameter: 25, depth: 40, tilt: 40 },
			[own('drill-press', { travel: 60, tilt: 30 }), bits],
			/^no: drill press: table tilt 30°, needs 40°/
		],
		[
			'a bit that is too short',
			{ kind: 'hole', diameter: 25, depth: 260 },
			[own('brace'), bits],
			/^no: lead-screw bits: reach 200 mm/
		],
		[
			'a limit that nobody has said',
			{ kind: 'hole', diameter: 25, depth: 40 },
			[own('drill-press'), bits],
			/^unknown: drill press: travel not said/
		],
		[
			'a board that meets the wall before it is through',
			{ kind: 'rip', width: 100, thickness: 18, length: 2440 },
			[own('table-saw', { depth: 79, rip: 600, before: 2600, behind: 1800 })],
			/^no: table saw: clear behind 1800 mm, needs 2440 mm/
		],
		[
			'the same with a saw that is moved along it',
			{ kind: 'rip', width: 100, thickness: 18, length: 2440 },
			[own('table-saw', { depth: 79, rip: 600, before: 2600, behind: 1800 }), own('circular-saw', { depth: 60 })],
			/^yes: circular saw/
		],
		[
			'a rip as the saw just takes it',
			{ kind: 'rip', width: 600, thickness: 79, length: 1800 },
			[own('table-saw', { depth: 79, rip: 600, before: 2600, behind: 1800 })],
			/^yes/
		],
		[
			'a tilted rip in a board thicker than the saw reaches',
			{ kind: 'rip', width: 100, thickness: 60, length: 900, tilt: 45 },
			[own('table-saw', { depth: 79, depth45: 54, rip: 600, before: 2600, behind: 1800 })],
			/^no: table saw: depth at 45° 54 mm/
		],
		[
			'no clamp long enough',
			{ kind: 'glue-up', width: 1300 },
			[own('clamps', { longest: 1200 })],
			/^no: clamps: longest clamp 1200 mm/
		],
		['nothing to do it with', { kind: 'glue-up', width: 100 }, [], /^no: no clamps/]
	])('%s', (_, operation, tools, want) => expect(answer(operation, tools)).toMatch(want));
});

it('what the tools reach is the lesser of the floor before and behind', () => {
	const reach = reachOfTools(slipwayShop().tools);
	expect(reach.find((r) => r.label.includes('longest board'))?.value).toBe(2600);
	expect(reach.find((r) => r.label.includes('deepest hole'))).toMatchObject({ value: 60, from: 'drill press' });
	expect(reachOfTools([])).toEqual([]);
});
