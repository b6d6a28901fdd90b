import { describe, expect, it } from 'vitest';
import { stock } from '$core/materials/stocks';
import type { CantileverData } from '$core/members/cantilever';
import type { HousedEndData } from '$core/members/housed-end';
import type { JointData } from '$core/members/joint';
import { memberKind } from '$core/members/registry';
import type { MemberData, MemberLoad } from '$core/members/member';

/** Members of carriers against worked examples: pounds and inches, common practice, each with plain statics. */
const LB = 4.4482216152605;
const IN = 25.4;
const PSI = LB / IN ** 2;

const judged = (data: MemberData, loads: MemberLoad[]) => memberKind(data.kind).steps(data, loads);
const line = (data: MemberData, loads: MemberLoad[], label: string) => {
	const found = judged(data, loads)
		.flatMap((s) => s.lines())
		.find((l) => l.label === label);
	if (!found) throw new Error(`no line ${label}`);
	return found.result.value;
};

describe('a shelf on a back', () => {
	const joint = (z: number): JointData => ({
		kind: 'screw-joint',
		name: 'shelf',
		heights: Array.from({ length: 6 }, () => z * IN),
		along: [1, 3, 5, 7, 9, 11].map((x) => x * IN),
		width: 12 * IN,
		size: '#8',
		length: 2 * IN,
		head: 'ply-3/4',
		main: 'ply-3/4',
		into: 'edge',
		about: 'its lower edge',
		alone: true
	});
	const load = [{ weight: 60 * LB, x: 6 * IN, z: 3 * IN }];

	it('of 60 lb, 3 out, on six screws and no block pulls 85 lb on each: common practice', () =>
		expect(line(joint(0.703 / 2), load, 'pull on one') / LB).toBeCloseTo(85.35, 1));

	it('with a block 3 high pulls 9: common practice', () =>
		expect(line(joint(0.703 / 2 + 3), load, 'pull on one') / LB).toBeCloseTo(8.95, 2));

	it('counts half of what a face would hold, in the edge of ply, and no pull at all in end grain', () => {
		const ply = line(joint(3), load, 'thread holds');
		const solid: JointData = { ...joint(3), main: '1x6' };
		// Two thirds of a #8 of 2 in is thread, 1.281 of it past a back of 23/32: NDS 2018 12.2-2, C_D 0.9.
		const thread = Math.min(2 - 23 / 32, (2 * 2) / 3);
		expect(ply / LB).toBeCloseTo(2850 * 0.42 ** 2 * 0.164 * thread * 0.9 * 0.5, 3);
		expect(line(solid, load, 'thread holds') / LB).toBeCloseTo(2850 * 0.42 ** 2 * 0.164 * thread * 0.9, 3);
		const end: JointData = { ...solid, into: 'end' };
		expect(line(end, load, 'thread holds')).toBe(0);
		const [step] = judged(end, load);
		expect(step!.capacity.value).toBe(0);
	});

	it('knocked sideways turns about its far end: 15 lb at 8 out is 120 lb in, by hand', () => {
		const knocked = (data: JointData) =>
			memberKind('screw-joint').knock!(data as never, { x: 6 * IN, z: 8 * IN }).map((s) => ({
				...s,
				pull: s.lines().find((l) => l.label === 'pull on one')!.result.value / LB
			}))[0]!;
		// Screws 1 3 5 7 9 11 from either end: 120 x 11 / 286.
		expect(knocked(joint(3)).pull).toBeCloseTo((120 * 11) / 286, 6);
		expect(knocked(joint(3))).toMatchObject({ basis: 'grab', title: 'knock: shelf' });
		// Two sides 20 apart with two screws each: 120 / 20 / 2.
		expect(knocked({ ...joint(3), along: null, heights: [10, 90], apart: 20 * IN }).pull).toBeCloseTo(3, 6);
		// One screw in the very end that it turns about holds nothing.
		expect(knocked({ ...joint(3), along: [0], heights: [10] }).capacity.value).toBe(0);
	});

	it('screwed from pockets holds by a face, and by what is left under them, at their angle: by hand', () => {
		const pocket: JointData = { ...joint(3), length: 2 * IN, head: '2x6', pockets: true };
		const lean = Math.cos((15 * Math.PI) / 180);
		// Of 23/32 ply .85 is left between shoulder and edge; what is past it, up to two thirds, is in the other's face.
		const left = 0.85 * (23 / 32);
		const thread = Math.min(2 - left, (2 * 2) / 3);
		expect(line(pocket, load, 'thread holds') / LB).toBeCloseTo(2850 * 0.42 ** 2 * 0.164 * thread * 0.9 * lean, 3);
		// NDS 2018 12.2.5, from memory: 690 pi D_H G^2 t; half of it, since the head stands in the edge of ply.
		const head = 690 * Math.PI * 0.332 * 0.42 ** 2 * left * 0.9 * lean * 0.5;
		expect(line(pocket, load, 'head holds') / LB).toBeCloseTo(head, 3);
		// In solid wood its head is whole.
		const pine = line({ ...pocket, main: '1x6' } as JointData, load, 'head holds') / LB;
		expect(pine).toBeCloseTo(690 * Math.PI * 0.332 * 0.42 ** 2 * 0.85 * 0.75 * 0.9 * lean, 3);
	});

	it('screwed from pockets into no more than a sheet enters it by under six diameters: nothing', () => {
		const [step] = judged({ ...joint(3), length: 1.25 * IN, pockets: true } as JointData, load);
		expect(step!.capacity.value).toBe(0);
	});

	it('whose screws do not enter far enough holds nothing', () => {
		const [step] = judged({ ...joint(3), length: 1 * IN } as JointData, load);
		expect(step!.capacity.value).toBe(0);
	});

	it('held at both ends turns nothing out of its screws, and still takes the weight', () => {
		const held: JointData = { ...joint(3), into: 'end', main: '1x6', held: true };
		const [step] = judged(held, load);
		expect(step!.demand.value / LB).toBeCloseTo(10, 6);
		expect(step!.capacity.value).toBeGreaterThan(0);
	});

	it('with its load at one end is not shared evenly: by hand, as far as the others can balance it', () => {
		// At 2: the screw at 1 takes all it may (lever 1); that at 3 balances it (lever 1); none is left for the rest.
		const off = [{ weight: 60 * LB, x: 2 * IN, z: 3 * IN }];
		expect(line(joint(3), off, 'pull on one') / LB).toBeCloseTo((60 * 3) / 3 / 2, 4);
		expect(line(joint(3), off, 'across one') / LB).toBeCloseTo(60 / 2, 4);
	});

	it('with things at both ends is asked most once those at one end are off', () => {
		const both = [1, 11].map((x) => ({ weight: 30 * LB, x: x * IN, z: 3 * IN }));
		// All of it: six screws about the middle, 60 lb. One end alone: 30 lb over the one screw that stands there.
		expect(line(joint(3), both, 'across one') / LB).toBeCloseTo(30, 4);
	});

	it('with screws over each other pulls most on the highest: M y / sum of y squared', () => {
		const side: JointData = { ...joint(1), heights: [1, 4, 7].map((y) => y * IN), along: null };
		expect(line(side, load, 'pull on one') / LB).toBeCloseTo((60 * 3 * 7) / (1 + 16 + 49), 3);
	});
});

describe('a finger between two slots', () => {
	const finger = (over: Partial<CantileverData> = {}): CantileverData => ({
		kind: 'cantilever',
		name: 'finger',
		width: 1.625 * IN,
		wide: null,
		stock: 'ply-3/4',
		grain: 'across',
		...over
	});
	// A whole thing of 7 lb: half from the slot on either side of it.
	const load = [
		{ weight: 3.5 * LB, x: 0, z: 1.75 * IN },
		{ weight: 3.5 * LB, x: 0, z: 1.75 * IN }
	];

	it('of 1 5/8 under 7 lb at 1 3/4 bends by 91.5 psi in ply of 0.703: common practice', () => {
		// The table's ply is 23/32: stress goes by the square of its thickness.
		const ours = line(finger(), load, 'bending') / PSI;
		expect(ours * (23 / 32 / 0.703) ** 2).toBeCloseTo(91.5, 1);
	});

	it('of ply may be given half of its stronger way, and along it all', () => {
		const across = judged(finger(), load)[0]!.capacity.value;
		expect(judged(finger({ grain: 'along' }), load)[0]!.capacity.value).toBeCloseTo(2 * across, 9);
	});

	it('of solid wood across the grain is not relied on', () => {
		const [step] = judged(finger({ stock: '1x6' }), load);
		expect(step!.capacity.value).toBe(0);
		expect(step!.reason.text).toMatch(/across its grain/);
	});

	it('is eased by nothing that stands behind its root', () =>
		expect(judged(finger(), [...load, { weight: 900, x: 0, z: -500 }])[0]!.demand.value).toBeCloseTo(
			judged(finger(), load)[0]!.demand.value,
			9
		));
});

it('a fork 7 1/2 wide under 12 lb at 3 out bends by 58 psi at the face: common practice', () => {
	const data: CantileverData = {
		kind: 'cantilever',
		name: 'fork',
		width: 7.5 * IN,
		wide: null,
		stock: 'ply-3/4',
		grain: 'across'
	};
	const ours = line(data, [{ weight: 12 * LB, x: 0, z: 3 * IN }], 'bending') / PSI;
	expect(ours * (23 / 32 / 0.703) ** 2).toBeCloseTo(58.3, 1);
});

it('a long plate under one heavy thing bends where that stands, not along all of it', () => {
	const plate = { kind: 'cantilever', name: 'ledge', width: 1200, wide: 60, stock: 'ply-18', grain: 'across' } as const;
	// One of 200 N at 50 out takes 60 + 2 x 50 of the plate with it.
	const one = line(plate, [{ weight: 200, x: 30, z: 50 }], 'bending');
	expect(one).toBeCloseTo((200 * 50) / ((160 * 18 ** 2) / 6), 9);
	// Twelve of them side by side take all of it.
	const many = Array.from({ length: 12 }, (_, i) => ({ weight: 200, x: 100 * i, z: 50 }));
	expect(line(plate, many, 'bending')).toBeCloseTo((12 * 200 * 50) / ((1200 * 18 ** 2) / 6), 9);
});

describe('a board over several supports', () => {
	const board = {
		kind: 'board-on-supports',
		stock: 'ply-18',
		depth: 200,
		supports: [0, 500, 1000, 1500],
		length: 1500,
		bearing: 18,
		wide: 0
	} as const;
	const at = (xs: number[]) => xs.map((x) => ({ weight: 100, x, z: 0 }));
	it('with things taken off bends more than with all of them: every second bay', () => {
		// Three equal spans with a point in the middle of each. Tables of continuous beams: the outer ones alone bend
		// an outer span by 0.213 P L, all three by 0.175 P L.
		expect(line(board, at([250, 750, 1250]), 'bends by') / (100 * 500)).toBeCloseTo(0.2125, 3);
		expect(line(board, at([250]), 'bends by') / (100 * 500)).toBeCloseTo(0.2, 3);
	});
});

describe('a rod between two sides', () => {
	const rod = { kind: 'cross-rod', diameter: 20, span: 400, side: 'ply-18', seated: 18 } as const;

	it('under one thing in its middle bends by W L / 4, wherever the thing lies', () => {
		const M = line(rod, [{ weight: 50, x: 20, z: 0 }], 'bends by');
		expect(M).toBeCloseTo((50 * 400) / 4, 6);
	});

	it('under a row of rolls bends as under a line load about its middle: W (L / 4 - s / 8)', () => {
		const rolls = [0, 50, 100, 150].map((x) => ({ weight: 10, x, z: 0 }));
		expect(line(rod, rolls, 'bends by')).toBeCloseTo(40 * (400 / 4 - 150 / 8), 6);
	});

	it('presses all of it on one end when it is pushed there', () => {
		const [, end] = judged(rod, [{ weight: 50, x: 200, z: 0 }]);
		expect(end!.demand.value).toBeCloseTo(50 / (20 * 18), 9);
		expect(end!.capacity.value).toBe(stock('ply-18').FcPerp);
	});
});

describe('a bought bracket', () => {
	it('carries what its maker says', () => {
		const [step] = judged({ kind: 'rated-part', name: 'bracket', rated: 200 } as MemberData, [
			{ weight: 50, x: 0, z: 0 }
		]);
		expect([step!.demand.value, step!.capacity.value]).toEqual([50, 200]);
	});
	it('whose maker nobody asked has no capacity, and is asked for', () => {
		const [step] = judged({ kind: 'rated-part', name: 'bracket', rated: null } as MemberData, [
			{ weight: 50, x: 0, z: 0 }
		]);
		expect(step!.capacity.value).toBeNaN();
		expect(step!.reason.text).toMatch(/ask its maker/);
	});
});

it('nothing that carries nothing is judged', () => {
	for (const data of [
		{
			kind: 'screw-joint',
			heights: [9],
			along: null,
			width: 9,
			size: '#8',
			length: 50,
			head: 'ply-18',
			main: 'ply-18',
			into: 'edge'
		},
		{ kind: 'cantilever', name: 'x', width: 40, wide: null, stock: 'ply-18', grain: 'across' },
		{ kind: 'cross-rod', diameter: 20, span: 400, side: 'ply-18', seated: 18 },
		{ kind: 'rated-part', name: 'bracket', rated: null },
		{ kind: 'board-on-supports', stock: 'ply-18', depth: 200, supports: [0, 500], length: 500, bearing: 18, wide: 60 },
		{ kind: 'peg-rod', name: 'peg', diameter: 20, embedded: 18, tilt: 5, board: 'ply-18', share: '', projection: 90 }
	] as unknown as MemberData[])
		expect(judged(data, []), data.kind).toEqual([]);
});

describe('a board that is housed in its sides', () => {
	const end: HousedEndData = {
		kind: 'housed-end',
		name: 'shelf',
		stock: 'ply-18',
		side: 'ply-18',
		deep: 6,
		long: 200
	};
	const presses = (weight: number, z: number) => line(end, [{ weight, x: 0, z }], 'presses');

	it('bears evenly where its load stands in the middle: W over length and depth', () => {
		expect(presses(120, 100)).toBeCloseTo(120 / (200 * 6), 9);
	});
	it('bears more at one end within the middle third, as a footing does: 1 + 6 e / L (common practice)', () => {
		expect(presses(120, 120)).toBeCloseTo((120 / (200 * 6)) * (1 + (6 * 20) / 200), 9);
	});
	it('past that bears on three times what is left to the end, twice as hard there', () => {
		// A load at 160 is 40 from the front: a triangle of 120, its peak 2 W / (120 × 6).
		expect(presses(120, 160)).toBeCloseTo((2 * 120) / (3 * 40 * 6), 9);
		expect(presses(120, 40)).toBeCloseTo(presses(120, 160), 9);
	});
	it('is worst by adding up the pressure itself, strip by strip', () => {
		// Pressure that falls off in a straight line from the front: found by trying, it balances the load about its place.
		const W = 120;
		const z = 170;
		const balance = (length: number) => {
			const [n, peak] = [20_000, (2 * W) / (length * 6)];
			let [sum, turn] = [0, 0];
			for (let i = 0; i < n; i++) {
				const at = (length * (i + 0.5)) / n;
				const p = peak * (1 - at / length) * 6 * (length / n);
				sum += p;
				turn += p * at;
			}
			return { from: turn / sum, peak };
		};
		let [low, high] = [1, 200];
		for (let i = 0; i < 60; i++) {
			const half = (low + high) / 2;
			if (balance(half).from < 200 - z) low = half;
			else high = half;
		}
		expect(presses(W, z)).toBeCloseTo(balance(low).peak, 3);
	});
	it('crushes the softer of both boards first', () => {
		const load = [{ weight: 100, x: 0, z: 100 }];
		const allowed = (of: Partial<HousedEndData>) => line({ ...end, ...of } as HousedEndData, load, 'allowed');
		const [ply, pine] = [stock('ply-18').FcPerp, stock('18x94').FcPerp];
		expect(ply).not.toBe(pine);
		expect(allowed({ side: '18x94' })).toBe(Math.min(ply, pine));
		expect(allowed({ stock: '18x94' })).toBe(Math.min(ply, pine));
	});
});
