import { describe, expect, it } from 'vitest';
import { oarStoreWall, slipwayWall } from '../demo/slipway';
import { emptyWall } from '../plan/empty-wall';
import type { Wall, WallFact } from '../plan/types';
import { sayPhrase } from '../units/phrase';
import { capital, choicesOf } from '../words';
import { factSaid, WALL_FACTS } from './facts';

const wall = (more: Partial<Wall> = {}): Wall => ({ ...emptyWall('W').wall, width: 4000, height: 2400, ...more });
const says = (w: Wall, fact: WallFact, unit: 'mm' | 'inch' = 'mm') => {
	const said = factSaid(w, fact);
	return said && sayPhrase(said, unit);
};

describe('a fact in few words', () => {
	it('is a size as the tape shows it', () => {
		expect(says(wall(), 'width')).toBe('4000 mm');
		expect(says(wall({ width: 3657.6 }), 'width', 'inch')).toBe('144"');
		expect(says(wall(), 'height')).toBe('2400 mm');
		expect(says(wall({ shape: { right: 2150, peak: null, floorRise: 0 } }), 'height')).toBe('2400 mm to 2150 mm');
	});

	it('names every layer of the cladding, to the tenth that a screw must cross', () => {
		expect(says(slipwayWall().wall, 'cladding')).toBe('drywall 12.5 mm');
		const layers = wall({
			cladding: {
				kind: 'panel',
				thickness: 11,
				under: [
					{ kind: 'drywall', thickness: 12.5 },
					{ kind: 'panel', thickness: 19.05 }
				]
			}
		});
		expect(says(layers, 'cladding')).toBe('panel 11 mm over drywall 12.5 mm over panel 19.1 mm');
		expect(says(layers, 'cladding', 'inch')).toBe('panel 7/16" over drywall 1/2" over panel 3/4"');
		expect(says(wall({ cladding: { kind: 'none', thickness: 0 } }), 'cladding')).toBe('none');
		expect(
			says(wall({ cladding: { kind: 'none', thickness: 0, under: [{ kind: 'panel', thickness: 18 }] } }), 'cladding')
		).toBe('panel 18 mm');
	});

	it('says all that is not a plain rectangle', () => {
		expect(says(wall(), 'shape')).toBeNull();
		expect(says(wall({ shape: { right: 2150, peak: null, floorRise: 0 } }), 'shape')).toBe(
			'top 250 mm lower at the right'
		);
		expect(says(wall({ shape: { right: 2500, peak: null, floorRise: -30 } }), 'shape')).toBe(
			'top 100 mm higher at the right, floor 30 mm down'
		);
		expect(says(wall({ shape: { right: 2400, peak: { x: 2000, height: 3100 }, floorRise: 15 } }), 'shape')).toBe(
			'gable to 3100 mm, floor 15 mm up'
		);
		expect(says(wall({ shape: { right: 2400, peak: null, floorRise: 0 } }), 'shape')).toBeNull();
	});

	it('says what it is made of', () => {
		expect(says(oarStoreWall().wall, 'build')).toBe('brick 215 mm');
		expect(
			says(wall({ build: { kind: 'plank', thickness: 22, species: 'spf', first: 100, pitch: 300 } }), 'build')
		).toBe('boards 22 mm');
		expect(says(wall({ build: { kind: 'framed' } }), 'build')).toBe('studs');
		expect(says(wall(), 'build')).toBeNull();
	});

	it('says what is before, behind, beside and above', () => {
		const { wall: long } = slipwayWall();
		expect(says(long, 'front')).toBe('2400 mm deep');
		expect(says(long, 'far')).toBe('outdoors');
		expect(says(wall({ far: { kind: 'room', access: true, note: '' } }), 'far')).toBe('another room, can be got at');
		const corners: Wall['corners'] = {
			left: { kind: 'wall', taken: 350, note: 'shelf' },
			right: { kind: 'outside', taken: 0, note: '' }
		};
		expect(says(wall({ corners }), 'corners')).toBe('left: a wall, takes 350 mm; right: an outer corner');
		const joists: Wall['ceiling'] = {
			kind: 'joists',
			direction: 'across',
			first: 300,
			pitch: 406.4,
			width: 38,
			depth: 184,
			height: 2440,
			species: 'spf'
		};
		expect(says(wall({ ceiling: joists }), 'ceiling')).toBe('joists across this wall, every 406 mm');
		expect(says(wall({ ceiling: joists }), 'ceiling', 'inch')).toBe('joists across this wall, every 16"');
		expect(says(wall({ ceiling: { ...joists, kind: 'slab' } }), 'ceiling')).toBe('slab');
	});

	it('leaves nothing of a phrase unsaid, in either unit', () => {
		for (const plan of [slipwayWall(), oarStoreWall()]) {
			for (const fact of WALL_FACTS) {
				for (const unit of ['mm', 'inch'] as const)
					expect(says(plan.wall, fact, unit) ?? '').not.toMatch(/[{}?]|undefined|NaN/);
			}
		}
	});
});

describe('words', () => {
	it('begin large at the head of a line', () => {
		expect(capital('pilot hole')).toBe('Pilot hole');
		expect(capital('')).toBe('');
		expect(capital('12 mm')).toBe('12 mm');
	});
	it('are choices, in their order', () => {
		expect(choicesOf({ wall: 'a wall', open: 'nothing' })).toEqual([
			{ value: 'wall', name: 'A wall' },
			{ value: 'open', name: 'Nothing' }
		]);
	});
});
