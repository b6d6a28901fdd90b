import { describe, expect, it } from 'vitest';
import type { Carrier } from '$core/plan/types';
import { kg, planOf, SCREWS, THING } from '../../support/carrier-plan';
import { g, t } from '../../support/rack-by-hand';
import { asked } from '../../support/small-wall';

/** Tubes on a floor and a form on a pin, worked with a pencil. */
describe('tubes on a floor', () => {
	const params = {
		width: 200,
		spacing: { kind: 'equal-gaps', count: 2 },
		inside: 40,
		wall: 3,
		long: 150,
		of: 'plastic',
		lean: 0,
		mouth: 0,
		each: 1,
		fixing: { size: '#6', length: 18, count: 2 },
		stock: 'ply-3/4',
		screws: { ...SCREWS, count: 2 }
	};
	const carrier = (over: object = {}): Carrier => ({
		id: 'c1',
		kind: 'lean-tubes',
		at: { on: 'back', x: 100, y: 40 },
		params: { ...params, ...over },
		loads: [{ ...THING, mass: 0.3, width: 24, height: 200, depth: 24, count: 2 }]
	});
	const p = asked(planOf(300, [carrier()]));
	// PVC of 1400 kg/m3: a ring of 46 outside and 40 inside.
	const tube = (((Math.PI / 4) * (46 ** 2 - 40 ** 2) * 150 * 1400) / 1e9) * 2;
	const floor = kg(200 * 50 * t);

	it('pull on the upper of their screws, which stand 20 from either end, by what stands in the middle of each', () => {
		const own = (tube + floor) / 2;
		const centre = (tube * 23 + floor * 25) / (tube + floor);
		const M = 0.3 * g * 23 + own * g * centre;
		expect(p.line('holder:h:tube-screws:c1', 'pull on one')).toBeCloseTo((M * 130) / (20 ** 2 + 130 ** 2), 5);
	});
	it('stand on their floor, which turns about its lower edge', () => {
		const M = 2 * 0.3 * g * 23 + (tube * 23 + floor * 25) * g;
		expect(p.line('holder:h:floor-joint:c1', 'turns it')).toBeCloseTo(M, 4);
	});
	it('that lean take more along the floor, and their screws stand lower', () => {
		const lean = asked(planOf(300, [carrier({ lean: 30 })]));
		const { built } = lean.all.holders.get('h')!.placed;
		const cos = Math.cos(Math.PI / 6);
		const M = lean.line('holder:h:tube-screws:c1', 'turns it');
		const pull = lean.line('holder:h:tube-screws:c1', 'pull on one');
		expect(pull).toBeCloseTo((M * 130 * cos) / ((20 * cos) ** 2 + (130 * cos) ** 2), 5);
		// Half of 200 leans over by its sine.
		expect(built.seats[0]!.at[0] - 100).toBeCloseTo(200 / 3 + 50, 6);
		const near = carrier({ lean: 45, spacing: { kind: 'pitch', count: 2, inset: 40, pitch: 60 } });
		expect(asked(planOf(300, [near])).all.holders.get('h')?.verdict).toBe('cannot-be-built');
	});
	it('cut at a slant are lower at the front by half of what the cut takes', () => {
		const found = (mouth: number) => asked(planOf(300, [carrier({ mouth })])).all.warnings.map((w) => w.message.text);
		// 150 less 23 tan 65 is 100.7, and the middle of 200 is at 100.
		expect(found(60).join()).not.toMatch(/topples/);
		const tall = { ...carrier({ mouth: 60 }), loads: [{ ...carrier().loads[0]!, height: 222 }] };
		expect(
			asked(planOf(300, [tall]))
				.all.warnings.map((w) => w.message.text)
				.join()
		).toMatch(/topples/);
	});
});

describe('a form on a pin', () => {
	const carrier = (over: object = {}): Carrier => ({
		id: 'c1',
		kind: 'hollow-form',
		at: { on: 'back', x: 100, y: 140 },
		params: {
			width: 200,
			spacing: { kind: 'equal-gaps', count: 1 },
			across: 130,
			stock: 'ply-3/4',
			out: 90,
			pin: 25.4,
			depth: t,
			...over
		},
		loads: [{ ...THING, mass: 0.8, width: 190, height: 200, depth: 110, count: 1 }]
	});
	const p = asked(planOf(300, [carrier()]));
	const { built } = p.all.holders.get('h')!.placed;

	it('bends its pin by what hangs there, half its depth and the air behind it out, and by its own wood', () => {
		const { own } = built.carriers[0]!;
		const M = 0.8 * g * (6 + 55) + own.mass * g * (own.at[2] - built.front);
		expect(p.line('holder:h:pin:c1', 'turns the pin')).toBeCloseTo(M, 5);
		expect(p.line('holder:h:pin:c1', 'bending')).toBeCloseTo((32 * M) / (Math.PI * 25.4 ** 3), 6);
	});
	it('has a pin from the back into the form, 4 short of its front', () => {
		const pin = built.parts.find((x) => x.name === 'pin')!;
		expect(pin.thickness).toBeCloseTo(90 - 4 + t, 9);
		const form = built.parts.find((x) => x.name === 'form')!;
		expect(form.stands[0]!.at[2] + form.thickness - built.front).toBeCloseTo(90, 9);
	});
	it('cannot stand out less than it is thick', () => {
		expect(asked(planOf(300, [carrier({ out: t + 4 })])).all.holders.get('h')?.verdict).toBe('cannot-be-built');
	});
});
