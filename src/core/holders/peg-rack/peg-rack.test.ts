import { describe, expect, it } from 'vitest';
import { ripInTwo } from '../../cleats/profile';
import type { PegRackParams } from '../../plan/types';
import { sayPhrase } from '../../units/phrase';
import type { HolderContext } from '../types';
import { buildPegRack, pairPitch } from './build';
import { pegRack } from './family';

const context: HolderContext = {
	profile: ripInTwo({ blank: 130, thickness: 18, bevel: 45, kerf: 3.2 }),
	stock: 'ply-18',
	blank: 130
};
const first = pegRack.start('mm');
/** In round figures for a pencil. */
const start: PegRackParams = {
	...first,
	face: { ...first.face, height: 200 },
	pegs: { ...first.pegs, projection: 100 }
};
const rack = (change: Partial<PegRackParams> = {}) => ({ ...start, ...change });
const said = (p: PegRackParams) =>
	buildPegRack(p, context)
		.warnings.map((w) => `${w.level}: ${sayPhrase(w.message, 'mm')}`)
		.join('\n');

describe('a peg rack', () => {
	it('starts without a fault, in either unit', () => {
		expect(said(rack())).toBe('');
		expect(said(first)).toBe('');
		expect(
			buildPegRack(pegRack.start('inch'), {
				...context,
				profile: ripInTwo({ blank: 127, thickness: 18.26, bevel: 45, kerf: 3.2 })
			}).warnings
		).toEqual([]);
	});

	it('has a face, a hook, its pegs and a spacer', () => {
		const parts = buildPegRack(rack(), context).parts.map((p) => [p.name, p.count, Math.round(p.length)]);
		expect(parts).toEqual([
			['face', 1, 600],
			['hook', 1, 600],
			['peg', 5, 118],
			['spacer', 1, 600]
		]);
	});

	it('weighs the volume of its parts', () => {
		const light = rack({ spacer: false, pegs: { ...start.pegs, spacing: { kind: 'equal-gaps', count: 1 } } });
		// 600 x 200 x 18 of ply at 560 kg/m3, a strip of the same ply 600 long, one dowel 20 mm thick 100 mm out at 690
		// kg/m3.
		const face = 0.6 * 0.2 * 0.018 * 560;
		const strip = 0.6 * 0.018 * ((context.profile.back + context.profile.front) / 2000) * 560;
		const peg = Math.PI * 0.01 ** 2 * 0.1 * 690;
		expect(buildPegRack(light, context).self.mass).toBeCloseTo(face + strip + peg, 9);
		const out = (face * (18 + 9) + strip * 9 + peg * (36 + 50 * Math.cos((5 * Math.PI) / 180))) / (face + strip + peg);
		expect(buildPegRack(light, context).self.out).toBeCloseTo(out, 9);
	});

	it('sets pairs a bar, its slack and a peg apart', () => {
		const p = rack({ pegs: { ...start.pegs, pair: { bar: 10, slack: 3 }, spacing: { kind: 'equal-gaps', count: 2 } } });
		expect(pairPitch(p.pegs)).toBe(33);
		expect(buildPegRack(p, context).holes.map((h) => h.x)).toEqual([200 - 16.5, 200 + 16.5, 400 - 16.5, 400 + 16.5]);
	});

	it('stacks things out along the peg: at its far end, unless it is so steep that they slide back', () => {
		const outs = (pegs: Partial<typeof start.pegs>, perSeat = 2) =>
			buildPegRack(
				rack({ pegs: { ...start.pegs, ...pegs }, load: { ...start.load, perSeat } }),
				context
			).seats[0]?.things.map((t) => t.out);
		const level = (deg: number) => Math.cos((deg * Math.PI) / 180);
		// Two of 40 on a peg of 100 lie from 20 to 100; a pile longer than the peg begins at the face.
		expect(outs({ tilt: 10 })).toEqual([40 * level(10), 80 * level(10)]);
		expect(outs({ tilt: 10 }, 3)).toEqual([20, 60, 100].map((x) => x * level(10)));
		// Friction 0.3 is 16.7 degrees.
		expect(outs({ tilt: 17 })).toEqual([20 * level(17), 60 * level(17)]);
	});

	it('stops a hook screw that pokes out, and one that does not reach', () => {
		const hook = (length: number) => rack({ hook: { ...start.hook, screws: { ...start.hook.screws, length } } });
		expect(said(hook(40))).toMatch(/stop: Hook screws of 40 mm poke out: hook and face together are 36 mm/);
		expect(said(hook(18))).toMatch(/stop: Hook screws of 18 mm do not reach through 18 mm/);
		expect(said(hook(35))).toMatch(/mind: Hook screws of 35 mm end 1 mm under the surface/);
	});

	it('stops a hook screw that meets a peg', () => {
		const high = rack({
			pegs: {
				...start.pegs,
				height: 200 - context.profile.back / 2,
				spacing: { kind: 'pitch', count: 2, inset: 40, pitch: 520 }
			}
		});
		expect(said(high)).toMatch(/stop: 2 of the hook screws meet a peg/);
	});

	it('stops pegs that leave the face or run into each other', () => {
		expect(said(rack({ pegs: { ...start.pegs, height: 5 } }))).toMatch(
			/stop: A peg runs out of the face: its centre is 5 mm/
		);
		expect(said(rack({ pegs: { ...start.pegs, height: 22 } }))).toMatch(/mind: A peg hole stands 22 mm from the edge/);
		expect(said(rack({ pegs: { ...start.pegs, spacing: { kind: 'pitch', count: 3, inset: 60, pitch: 15 } } }))).toMatch(
			/stop: Pegs run into each other: 15 mm apart/
		);
	});

	it('minds blind holes, short pegs, crowded seats and level pegs', () => {
		expect(said(rack({ pegs: { ...start.pegs, depth: 16 } }))).toMatch(/mind: A blind hole 16 mm deep/);
		expect(said(rack({ load: { ...start.load, perSeat: 4 } }))).toMatch(
			/mind: 4 a seat take 160 mm of peg; the pegs stand out 100 mm/
		);
		expect(said(rack({ load: { ...start.load, width: 140 } }))).toMatch(/mind: What hangs is 140 mm wide/);
		expect(said(rack({ pegs: { ...start.pegs, tilt: 0 } }))).toMatch(/mind: Level pegs/);
	});

	it('stops a face higher than its board or lower than its hook', () => {
		expect(said(rack({ face: { stock: '1x4', width: 600, height: 120 } }))).toMatch(
			/stop: The face is 120 mm high, but 1x4 SPF is 88.9 mm wide/
		);
		expect(said(rack({ face: { ...start.face, height: 100 } }))).toMatch(/its hook and spacer need/);
	});
});
