import { HELD } from '../../../tests/support/in-place';
import { describe, expect, it } from 'vitest';
import { bodyOf, stripsOf, type PegRack } from '../../../tests/support/peg-rack';
import { ripInTwo } from '../cleats/profile';
import { buildHolder } from '../holders/build';
import { emptyHolder } from '../holders/empty-holder';
import { newCarrier } from '../holders/new-carrier';
import { cutOf } from '../solid/cut-part';
import { sayPhrase } from '../units/phrase';
import { FIRST_CARRIER } from './registry';

/** In round figures for a pencil. */
const start: PegRack = {
	face: { stock: 'ply-18', width: 600, height: 200 },
	hook: { screws: { size: '#8', length: 32, count: 4 }, from: 'back', glued: true },
	spacer: true,
	lockStrip: false,
	pegs: {
		diameter: 20,
		projection: 100,
		depth: 18,
		tilt: 5,
		height: 80,
		spacing: { kind: 'equal-gaps', count: 5 },
		pair: null
	},
	load: { name: '', mass: 0.5, perSeat: 2, thickness: 40, width: 80, height: 250 }
};
const built = (change: Partial<PegRack> = {}, params: Record<string, unknown> = {}) => {
	const { back, carriers } = bodyOf({ ...start, ...change });
	return buildHolder(
		back,
		carriers.map((c) => ({ ...c, params: { ...c.params, ...params } })),
		{ ...HELD, strips: stripsOf({ ...start, ...change }) }
	);
};
const said = (change: Partial<PegRack> = {}) =>
	built(change)
		.warnings.map((w) => `${w.level}: ${sayPhrase(w.message, 'mm')}`)
		.join('\n');
const pegs = (change: Partial<PegRack['pegs']>) => ({ pegs: { ...start.pegs, ...change } });
const load = (change: Partial<PegRack['load']>) => ({ load: { ...start.load, ...change } });

describe('pegs on a back', () => {
	it('start without a fault, in either unit', () => {
		expect(said()).toBe('');
		for (const unit of ['mm', 'inch'] as const) {
			const bare = emptyHolder('h', '', unit);
			const row =
				unit === 'mm' ? HELD : { ...HELD, profile: ripInTwo({ blank: 127, thickness: 18.26, bevel: 45, kerf: 3.2 }) };
			expect(buildHolder(bare.back, [newCarrier(bare, FIRST_CARRIER, unit)], row).warnings).toEqual([]);
		}
	});

	it('have a face, a hook, a spacer and so many dowels', () => {
		const parts = built()
			.parts.map((p) => cutOf(p)!)
			.map((p) => [p.name, p.count, Math.round(p.length)]);
		expect(parts).toEqual([
			['face', 1, 600],
			['hook', 1, 600],
			['spacer', 1, 600],
			['peg', 5, 118]
		]);
	});

	it('weigh the volume of their parts: by hand', () => {
		const one = built({ spacer: false, ...pegs({ tilt: 0, spacing: { kind: 'equal-gaps', count: 1 } }) });
		// 600 x 200 x 18 of ply at 560 kg/m3 less its bore, a strip of the same ply 600 long, one dowel 20 thick, 118 long
		// at 690.
		const { back, front } = HELD.profile;
		const bore = Math.PI * 0.01 ** 2;
		const face = (0.6 * 0.2 - bore) * 0.018 * 560;
		const strip = (0.6 * 0.018 * ((back + front) / 2) * 560) / 1000;
		const peg = bore * 0.118 * 690;
		expect(one.self.mass).toBeCloseTo(face + strip + peg, 9);
		const stripOut = ((18 / 3) * (front + 2 * back)) / (front + back);
		expect(one.self.at[2]).toBeCloseTo((face * 27 + strip * stripOut + peg * (18 + 59)) / (face + strip + peg), 6);
	});

	it('stand in pairs a bar, its slack and a peg apart', () => {
		const two = built(pegs({ pair: { bar: 10, slack: 3 }, spacing: { kind: 'equal-gaps', count: 2 } }));
		expect(two.holes.map((h) => h.x)).toEqual([200 - 16.5, 200 + 16.5, 400 - 16.5, 400 + 16.5]);
	});

	it('carry things at their far end, unless they are so steep that those slide back', () => {
		const outs = (change: Partial<PegRack['pegs']>, perSeat = 2) =>
			built({ ...pegs(change), ...load({ perSeat }) }).seats[0]!.things.map((t) => t.at[2] - 36);
		const level = (deg: number) => Math.cos((deg * Math.PI) / 180);
		const near = (got: number[], want: number[]) => {
			expect(got).toHaveLength(want.length);
			got.forEach((x, i) => expect(x).toBeCloseTo(want[i]!, 9));
		};
		// Two of 40 on a peg of 100 lie from 20 to 100; a pile longer than the peg begins at the face.
		near(outs({ tilt: 10 }), [40 * level(10), 80 * level(10)]);
		near(
			outs({ tilt: 10 }, 3),
			[20, 60, 100].map((x) => x * level(10))
		);
		// Friction 0.3 is 16.7 degrees.
		near(outs({ tilt: 17 }), [20 * level(17), 60 * level(17)]);
	});

	it('that grow longer from left to right take more, and are judged by the longest', () => {
		const steps = built({}, { step: 50, projection: 80 });
		expect(steps.seats.map((s) => s.length)).toEqual([80, 130, 180, 230, 280]);
		// Two on 80 is one for every 40.
		expect(steps.seats.map((s) => s.takes)).toEqual([2, 3, 4, 5, 7]);
		expect(steps.parts.filter((p) => p.name === 'peg').map((p) => p.thickness)).toEqual([98, 148, 198, 248, 298]);
	});

	it('stop a hook screw that pokes out, and one that does not reach', () => {
		const hook = (length: number) => ({ hook: { ...start.hook, screws: { ...start.hook.screws, length } } });
		expect(said(hook(40))).toMatch(/stop: Hook screws of 40 mm poke out: hook and face together are 36 mm/);
		expect(said(hook(18))).toMatch(/stop: Hook screws of 18 mm do not reach through 18 mm/);
		expect(said(hook(35))).toMatch(/mind: Hook screws of 35 mm end 1 mm under the surface/);
	});

	it('stop a hook screw that meets a peg', () => {
		const high = pegs({
			height: 200 - HELD.profile.back / 2,
			spacing: { kind: 'pitch', count: 2, inset: 40, pitch: 520 }
		});
		expect(said(high)).toMatch(/stop: 2 of the hook screws meet a hole/);
	});

	it('are stopped where they leave the face or run into each other', () => {
		expect(said(pegs({ height: 5 }))).toMatch(/stop: A peg runs out of the face: its centre is 5 mm/);
		expect(said(pegs({ height: 22 }))).toMatch(/mind: A peg hole stands 22 mm from the edge/);
		expect(said(pegs({ spacing: { kind: 'pitch', count: 3, inset: 60, pitch: 15 } }))).toMatch(
			/stop: Pegs run into each other: 15 mm apart/
		);
	});

	it('mind blind holes, short pegs, crowded seats and level pegs', () => {
		expect(said(pegs({ depth: 16 }))).toMatch(/mind: A blind hole 16 mm deep/);
		expect(said(load({ perSeat: 4 }))).toMatch(/mind: 4 a seat take 160 mm of peg; the pegs stand out 100 mm/);
		expect(said(load({ width: 140 }))).toMatch(/mind: What hangs is 140 mm wide/);
		expect(said(pegs({ tilt: 0 }))).toMatch(/mind: Level pegs/);
	});

	it('stop a face higher than its board or lower than its hook', () => {
		expect(said({ face: { stock: '1x4', width: 600, height: 120 } })).toMatch(
			/stop: The face is 120 mm high, but 1x4 SPF is 88.9 mm wide/
		);
		expect(said({ face: { ...start.face, height: 100 } })).toMatch(/its hook and spacer need/);
	});
});
