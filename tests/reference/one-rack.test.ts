import { describe, expect, it } from 'vitest';
import { pegRack } from '../support/peg-rack';
import { checkPlan } from '$core/checks/check-plan';
import type { Plan } from '$core/plan/types';

/**
 * One rack in the middle between two studs: simple enough to work through with a pencil, from the wood's weight to the
 * screw.
 */
const plan: Plan = {
	format: 'kammer-plan',
	version: 2,
	name: 'Two studs',
	wall: {
		width: 1000,
		height: 2400,
		cladding: { kind: 'drywall', thickness: 12.7 },
		obstructions: [],
		studs: [100, 900].map((x, i) => ({ id: `s${i}`, x, width: 38.1, depth: 88.9, species: 'spf' as const }))
	},
	rows: [
		{
			id: 'r',
			name: 'Row',
			y: 1500,
			left: 50,
			right: 950,
			stock: 'ply-3/4',
			bevel: 45,
			blank: 127,
			screws: { size: '#10', length: 76.2, perStud: 1 },
			joints: []
		}
	],
	holders: [
		pegRack('h', 'Rack', 'r', 300, {
			face: { stock: '1x8', width: 400, height: 180 },
			hook: { screws: { size: '#8', length: 31.75, count: 3 }, from: 'back', glued: false },
			spacer: false,
			lockStrip: false,
			pegs: {
				diameter: 19.05,
				projection: 100,
				depth: 19.05,
				tilt: 0,
				height: 60,
				spacing: { kind: 'equal-gaps', count: 4 },
				pair: null
			},
			load: { name: 'thing', mass: 1.5, perSeat: 2, thickness: 40, width: 60, height: 200 }
		})
	],
	cutting: { kerf: 3.2, lengths: [] }
};

// Everything below is worked from the published equations and plain statics, with none of Kammer's code.
const g = 9.80665;
const LB = 4.4482216152605;
const t = (23 / 32) * 25.4;
const middle = (127 - 3.2 * Math.SQRT2) / 2;
const [back, front] = [middle - t / 2, middle + t / 2];

/**
 * Weights in N and distances out from the wall's face in mm: face (SPF 455 kg/m3), hook (ply 560), four dowels (690),
 * eight things. Nothing keeps those from the far end of their pegs: two of 40 on a peg of 100 lie from 20 to 100.
 */
const bore = (Math.PI / 4) * 19.05 ** 2;
const parts = [
	{ w: ((400 * 180 - 4 * bore) * 19.05 * 455 * g) / 1e9, out: t + 19.05 / 2 },
	{ w: (400 * middle * t * 560 * g) / 1e9, out: ((t / 3) * (front + 2 * back)) / (front + back) },
	{ w: (4 * bore * (100 + 19.05) * 690 * g) / 1e9, out: t + (100 + 19.05) / 2 },
	{ w: 4 * 1.5 * g, out: t + 19.05 + 40 },
	{ w: 4 * 1.5 * g, out: t + 19.05 + 80 }
];
const W = parts.reduce((sum, p) => sum + p.w, 0);
const standOff = parts.reduce((sum, p) => sum + p.w * p.out, 0) / W;
const cleat = (900 * middle * t * 560 * g) / 1e9;

const checks = checkPlan(plan).checks;
const margin = (id: string) => checks.find((c) => c.id === id)?.margin as number;

describe('one rack on two studs, worked by hand from end to end', () => {
	it('stays seated by as much: the face passes its cleat, so it bears on the lower edge of it', () => {
		// At 45 degrees the shape is drop over stand-off, and is to be 1.5.
		expect(margin('holder:h:seat')).toBeCloseTo(back / standOff / 1.5, 6);
	});

	it('has a peg that bends by as much', () => {
		const M = 1.5 * g * (40 + 80);
		const allowed = (16_600 * 0.00689475729) / 4;
		expect(margin('holder:h:peg:c1')).toBeCloseTo(allowed / ((32 * M) / (Math.PI * 19.05 ** 3)), 4);
	});

	it('pulls a screw with as much, and pushes it across with as much, as it may', () => {
		const across = (W + cleat) / 2;
		const roll = Math.min(W * standOff, W * (front + t)) / 2 + (cleat * t) / 4;
		const screwUp = back - 2.5 * 0.19 * 25.4;
		const pull = roll / (screwUp - 0.2 * 25.4);

		// NDS 2018 12.2-2 and 12.2.5, C_D 0.9; thread at most two thirds of 3 in.
		const inStud = 76.2 - t - 12.7;
		const withdrawal = 2850 * 0.42 ** 2 * 0.19 * (Math.min(inStud, 76.2 * (2 / 3)) / 25.4) * LB * 0.9;
		const head = 690 * Math.PI * 0.385 * 0.42 ** 2 * (23 / 32) * LB * 0.9;
		const axial = Math.min(withdrawal, head);

		// Technical Report 12 with the plasterboard as a gap: mode IIIs, Fe 16,600 G^1.84, root diameter 0.152, K_D 2.2.
		const q = 16_600 * 0.42 ** 1.84 * 0.152;
		const M = (80_000 * 0.152 ** 3) / 6;
		const [A, B, C] = [1 / (4 * q) + 1 / (2 * q), 23 / 64 + 0.5, (-q * (23 / 32) ** 2) / 4 - M];
		const lateral = ((-B + Math.sqrt(B * B - 4 * A * C)) / (2 * A) / 2.2) * LB * 0.9;

		// 12.4-1, and never better than either by itself.
		const R = Math.hypot(pull, across);
		const [cos2, sin2] = [(across / R) ** 2, (pull / R) ** 2];
		const allowed = Math.min(
			(axial * lateral) / (axial * cos2 + lateral * sin2),
			lateral / Math.sqrt(cos2),
			axial / Math.sqrt(sin2)
		);
		expect(margin('fixing:r:s0:100:screws')).toBeCloseTo(allowed / R, 4);
		expect(margin('fixing:r:s1:900:screws')).toBeCloseTo(allowed / R, 4);
		// Common practice: 80 lb a screw.
		expect(margin('fixing:r:s0:100:trade')).toBeCloseTo((80 * LB) / across, 6);
	});

	it('bends the cleat by as much, both ways at once', () => {
		// The span is 800, the hook lies over its middle 400. Every weight lies about its place as far as the nearer end of
		// the hook: the rack itself over all of it, seats at 80 and 320 over 160, seats at 160 and 240 over 320. Moments in
		// the middle, of a pair at once; cleat's own weight along 900.
		const self = parts.slice(0, 3).reduce((sum, p) => sum + p.w, 0);
		const seat = (W - self) / 4;
		const outer = seat * 400 - seat * 120;
		const inner = seat * 400 - seat * (200 / 320) * 100 - seat * (120 / 320) * 60;
		const rack = self * (200 - 50) + outer + inner;
		const own = (cleat / 2) * 400 - (cleat / 900) * 450 * 225;
		const down = (rack + own) / ((t * back ** 2) / 6);
		const out = rack / ((back * t ** 2) / 6);
		expect(margin('row:r:50:bending')).toBeCloseTo((1000 * 0.00689475729 * 0.9) / (down + out), 4);
	});

	it('twists and shears the cleat by as much', () => {
		// Half of the rack's roll arrives at either stud; of the cleat's own, what lies between them does.
		const torque = Math.min(W * standOff, W * (front + t)) / 2 + ((cleat * t) / 2) * (400 / 900);
		const twist = (torque * (3 + (1.8 * t) / back)) / (back * t * t);
		const shear = (1.5 * (W / 2 + (cleat / 900) * 400)) / (t * back);
		expect(margin('row:r:50:shear')).toBeCloseTo((190 * 0.00689475729 * 0.9) / (twist + shear), 4);
	});
});
