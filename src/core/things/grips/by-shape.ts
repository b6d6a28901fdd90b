import { mm, phrase } from '../../units/phrase';
import { mustBeSmaller, plus } from './figures';
import type { Decision, Dims, Grip } from './grip';
import { ROOM } from './room';
import { sketch } from './sketch';

/** The widest gap that holds and the narrowest that lets in, halved: the gap between two rails. */
function railGap(d: Dims): Decision[] {
	if (d.handle === undefined || d.narrowHead === undefined) return [];
	if (d.handle >= d.narrowHead) return [];
	return [
		{
			label: 'gap between the rails',
			sum: phrase('({a} + {b}) / 2', { a: mm(d.handle), b: mm(d.narrowHead) }),
			value: (d.handle + d.narrowHead) / 2
		}
	];
}

/** Grips that hold a thing by its own shape. */
export const GRIPS_BY_SHAPE = {
	slot: {
		title: 'Bar or blade in a slot',
		short: 'slot',
		words: ['bar', 'blade', 'notch', 'bar in slot'],
		about: 'A clamp bar, a saw blade, a square: it drops into a slot and its head rests on top.',
		needs: ['bar', 'head'],
		decides:
			'The bar decides the width of the slot, the head how far apart the slots stand. Bars differ by maker: measure.',
		figures: (d) => [
			...mustBeSmaller('head', d, 'bar', 'head', 'The head, {l}, is no wider than the bar, {s}: it falls through'),
			...plus('slot', d, 'bar', ROOM.slack),
			...plus('slots apart, centre to centre', d, 'head', ROOM.fingers)
		],
		draw(d) {
			const p = sketch('A bar hanging in a slot by its head', this.needs, { bar: 8, head: 40 }, d);
			const [bar, head] = [p.of('bar'), Math.max(p.of('head'), p.of('bar') * 1.4)];
			const s = bar / 2 + ROOM.slack / 2;
			return p
				.box(-head, -20, head - s, 20, 'ply')
				.box(s, -20, head - s, 20, 'ply')
				.box(-bar / 2, -head * 1.3, bar, head * 1.3, 'steel')
				.box(-head / 2, 0, head, head * 0.4, 'thing')
				.measure('bar', [-bar / 2, -head * 1.3], [bar / 2, -head * 1.3], 'below')
				.measure('head', [-head / 2, head * 0.4], [head / 2, head * 0.4], 'above')
				.done();
		}
	},
	fork: {
		title: 'Neck in a fork',
		short: 'fork',
		words: ['neck', 'throat', 'saddle', 'neck in fork'],
		about: 'A sprayer, a drill, a bottle: a neck sits in a throat, and what is wider rests on the seat.',
		needs: ['neck', 'seat', 'halfDepth'],
		decides:
			'The neck decides the throat, the collar the seat, and the half depth how far the seat stands from the face.',
		figures: (d) => [
			...mustBeSmaller(
				'collar',
				d,
				'neck',
				'seat',
				'The collar, {l}, is no wider than the neck, {s}: it slips through'
			),
			...plus('throat', d, 'neck', ROOM.slack),
			...plus('seat', d, 'seat', ROOM.slack),
			...plus('seat centre from the face', d, 'halfDepth', ROOM.clear)
		],
		draw(d) {
			const p = sketch(
				'A neck in the throat of a fork, from above',
				this.needs,
				{ neck: 30, seat: 55, halfDepth: 45 },
				d
			);
			const [neck, seat, half] = [p.of('neck'), Math.max(p.of('seat'), p.of('neck') * 1.2), p.of('halfDepth')];
			const [w, out] = [seat * 0.9, half + seat * 0.75];
			return p
				.box(-w * 1.3, -10, w * 2.6, 10, 'wall')
				.polygon(
					[
						[-w, 0],
						[w, 0],
						[w, out],
						[neck / 2, out],
						[neck / 2, half],
						[-neck / 2, half],
						[-neck / 2, out],
						[-w, out]
					],
					'ply'
				)
				.circle(0, half, seat / 2, 'thing')
				.circle(0, half, neck / 2, 'steel')
				.measure('neck', [-neck / 2, out], [neck / 2, out], 'above')
				.measure('seat', [-seat / 2, 0], [seat / 2, 0], 'below')
				.measure('halfDepth', [w, 0], [w, half], 'right')
				.done();
		}
	},
	hole: {
		title: 'Shank in a round hole',
		short: 'round hole',
		words: ['shank', 'body in a hole', 'round hole'],
		about: 'A chisel, a screwdriver, a bottle, a router bit: the body goes through, the head or cap stays above.',
		needs: ['shank', 'head'],
		decides: 'The hole follows the shank; how far apart the holes stand follows the head.',
		figures: (d) => [
			...mustBeSmaller('head', d, 'shank', 'head', 'The head, {l}, is no wider than the shank, {s}: it falls through'),
			...plus('hole', d, 'shank', ROOM.slack),
			...plus('holes apart, centre to centre', d, 'head', ROOM.fingers)
		],
		draw(d) {
			const p = sketch('A shank through a hole in a shelf', this.needs, { shank: 20, head: 34 }, d);
			const [shank, head] = [p.of('shank'), Math.max(p.of('head'), p.of('shank') * 1.15)];
			const s = shank / 2 + ROOM.slack / 2;
			return p
				.box(-head * 1.3, -18, head * 1.3 - s, 18, 'ply')
				.box(s, -18, head * 1.3 - s, 18, 'ply')
				.box(-shank / 2, -head * 1.5, shank, head * 1.5, 'thing')
				.box(-head / 2, 0, head, head * 0.9, 'thing')
				.measure('shank', [-shank / 2, -head * 1.5], [shank / 2, -head * 1.5], 'below')
				.measure('head', [-head / 2, head * 0.9], [head / 2, head * 0.9], 'above')
				.done();
		}
	},
	peg: {
		title: 'Hole or loop on a peg',
		short: 'peg',
		words: ['loop', 'ring', 'hole on a peg', 'hang hole'],
		about: 'A saw handle, a brush, a coil: it hangs by a hole, a ring or a loop.',
		needs: ['hole', 'thickness'],
		decides: 'The hole limits how thick a peg may be; the thickness, how many go on one peg.',
		figures: (d) => [
			...plus('peg, at most', d, 'hole', -ROOM.slack),
			...plus('along the peg, each', d, 'thickness', 0)
		],
		draw(d) {
			const p = sketch('A thing hanging by its hole on a peg', this.needs, { hole: 22, thickness: 18 }, d);
			const [hole, thick] = [p.of('hole'), p.of('thickness')];
			const w = hole * 2.2;
			return p
				.polygon(
					[
						[-w / 2, hole],
						[w / 2, hole],
						[w / 2, -hole * 2.4],
						[-w / 2, -hole * 2.4]
					],
					'thing'
				)
				.circle(0, 0, hole / 2, 'wall')
				.circle(0, hole * 0.1, hole * 0.36, 'wood')
				.box(w, -hole * 2.4, thick, hole * 3.4, 'thing')
				.box(w - thick, -hole * 0.25, thick * 3, hole * 0.6, 'wood')
				.measure('hole', [-hole / 2, hole], [hole / 2, hole], 'above')
				.measure('thickness', [w, -hole * 2.4], [w + thick, -hole * 2.4], 'below')
				.done();
		}
	},
	rod: {
		title: 'Roll on a rod, spool on a pin',
		short: 'roll',
		words: ['roll', 'spool', 'reel', 'roll on a rod'],
		about: 'Tape, wire, paper: the rod goes through its bore.',
		needs: ['bore', 'across', 'roll'],
		decides:
			'The bore decides the rod, the outside how far the rod stands from the wall and from the next, the width how many go on one.',
		figures: (d) => [
			...mustBeSmaller('bore', d, 'bore', 'across', 'The bore, {s}, is no smaller than the roll, {l}'),
			...plus('rod, at most', d, 'bore', -ROOM.slack),
			...(d.across === undefined
				? []
				: [
						{
							label: 'rod from the face',
							sum: phrase('{a} / 2 + {b}', { a: mm(d.across), b: mm(ROOM.clear) }),
							value: d.across / 2 + ROOM.clear
						}
					]),
			...plus('rods apart', d, 'across', ROOM.fingers),
			...plus('along the rod, each', d, 'roll', ROOM.slack)
		],
		draw(d) {
			const p = sketch(
				'A roll on a rod, from its end and from the front',
				this.needs,
				{ bore: 40, across: 110, roll: 50 },
				d
			);
			const [across, bore, roll] = [p.of('across'), Math.min(p.of('bore'), p.of('across') * 0.9), p.of('roll')];
			const x = across * 0.75;
			return p
				.circle(0, 0, across / 2, 'thing')
				.circle(0, 0, bore / 2, 'wall')
				.circle(0, bore * 0.14, bore * 0.32, 'wood')
				.box(x, -across / 2, roll, across, 'thing')
				.box(x - across * 0.12, bore * 0.14 - bore * 0.32, roll + across * 0.24, bore * 0.64, 'wood')
				.measure('bore', [-bore / 2, across / 2], [bore / 2, across / 2], 'above')
				.measure('across', [-across / 2, -across / 2], [across / 2, -across / 2], 'below')
				.measure('roll', [x, -across / 2], [x + roll, -across / 2], 'below')
				.done();
		}
	},
	trigger: {
		title: 'Trigger or neck over a rod',
		short: 'over a rod',
		words: ['trigger', 'spray bottle', 'over a rod'],
		about: 'A spray bottle: its trigger hooks over a rod.',
		needs: ['neck', 'across', 'head'],
		decides:
			'The room behind the trigger decides the rod; the body, how far the rod stands from the face; the head, how far apart they hang.',
		figures: (d) => [
			...plus('rod, at most', d, 'neck', -ROOM.slack),
			...(d.across === undefined
				? []
				: [
						{
							label: 'rod from the face',
							sum: phrase('{a} / 2 + {b}', { a: mm(d.across), b: mm(ROOM.clear) }),
							value: d.across / 2 + ROOM.clear
						}
					]),
			...plus('bottles apart, centre to centre', d, 'head', ROOM.fingers)
		],
		draw(d) {
			const p = sketch(
				'A spray bottle hooked over a rod by its trigger',
				this.needs,
				{ neck: 24, across: 80, head: 60 },
				d
			);
			const [neck, across] = [p.of('neck'), p.of('across')];
			const h = across * 1.7;
			return p
				.polygon(
					[
						[-across / 2, -h],
						[across / 2, -h],
						[across / 2, -neck],
						[across * 0.2, -neck * 0.2],
						[across * 0.2, neck],
						[-across * 0.2, neck],
						[-across * 0.2, -neck * 0.2],
						[-across / 2, -neck]
					],
					'thing'
				)
				.polygon(
					[
						[-across * 0.25, neck],
						[across * 0.25, neck],
						[across * 0.2, neck * 1.9],
						[-across * 0.75, neck * 1.7],
						[-across * 0.6, neck]
					],
					'steel'
				)
				.line(
					[
						[-across * 0.62, neck * 1.2],
						[-across * 0.52, -neck * 0.6]
					],
					'steel'
				)
				.circle(-across * 0.2 - neck * 0.5, neck * 0.45, neck * 0.42, 'wood')
				.measure('neck', [-across * 0.2 - neck, neck * 1.9], [-across * 0.2, neck * 1.9], 'above')
				.measure('across', [-across / 2, -h], [across / 2, -h], 'below')
				.measure('head', [across * 0.5, neck * 1.9], [across * 0.5, neck * 0.2], 'right')
				.done();
		}
	},
	form: {
		title: 'Hollow thing over a form',
		short: 'over a form',
		words: ['mask', 'helmet', 'cap', 'over a form'],
		about: 'A mask, a helmet, ear defenders: it sits over a form, so that it keeps its shape.',
		needs: ['inside', 'insideDepth'],
		decides: 'The form is a little narrower than the hollow, and as deep.',
		figures: (d) => [
			...plus('form, width', d, 'inside', -2 * ROOM.clear),
			...plus('form stands out', d, 'insideDepth', 0)
		],
		draw(d) {
			const p = sketch('A hollow thing over a form, from above', this.needs, { inside: 150, insideDepth: 100 }, d);
			const [w, deep] = [p.of('inside'), p.of('insideDepth')];
			return p
				.box(-w * 0.8, -12, w * 1.6, 12, 'wall')
				.polygon(
					[
						[-w * 0.58, 0],
						[-w * 0.58, deep * 0.7],
						[-w * 0.3, deep * 1.12],
						[w * 0.3, deep * 1.12],
						[w * 0.58, deep * 0.7],
						[w * 0.58, 0],
						[w / 2, 0],
						[w / 2, deep * 0.7],
						[w * 0.26, deep],
						[-w * 0.26, deep],
						[-w / 2, deep * 0.7],
						[-w / 2, 0]
					],
					'thing'
				)
				.polygon(
					[
						[-w * 0.42, 0],
						[w * 0.42, 0],
						[w * 0.42, deep * 0.6],
						[w * 0.2, deep * 0.86],
						[-w * 0.2, deep * 0.86],
						[-w * 0.42, deep * 0.6]
					],
					'wood'
				)
				.measure('inside', [-w / 2, 0], [w / 2, 0], 'below')
				.measure('insideDepth', [w * 0.58, 0], [w * 0.58, deep], 'right')
				.done();
		}
	},
	rails: {
		title: 'Between two rails',
		short: 'rails',
		words: ['between rails', 'two rails', 'rails'],
		about: 'Hammers, mallets, axes: the handle hangs between two rails and the head lies on both.',
		needs: ['handle', 'narrowHead', 'head'],
		decides:
			'The gap is wider than the thickest handle and narrower than the narrowest head; the widest head must clear the wall.',
		figures: (d) => [
			...mustBeSmaller(
				'gap',
				d,
				'handle',
				'narrowHead',
				'The thickest handle, {s}, is no thinner than the narrowest head, {l}: no gap holds both'
			),
			...railGap(d),
			...(d.head === undefined
				? []
				: [
						{
							label: 'gap centre from the wall',
							sum: phrase('{a} / 2 + {b}', { a: mm(d.head), b: mm(ROOM.clear) }),
							value: d.head / 2 + ROOM.clear
						}
					])
		],
		draw(d) {
			const p = sketch(
				'A hammer between two rails, from the end',
				this.needs,
				{ handle: 30, narrowHead: 70, head: 110 },
				d
			);
			const [handle, narrow] = [p.of('handle'), Math.max(p.of('narrowHead'), p.of('handle') * 1.2)];
			const head = Math.max(p.of('head'), narrow);
			const gap = (handle + narrow) / 4;
			const back = -head / 2 - ROOM.clear * 2;
			return p
				.box(back - 12, -head * 1.2, 12, head * 1.9, 'wall')
				.box(-gap - head * 0.2, -head * 0.25, head * 0.2, head * 0.25, 'wood')
				.box(gap, -head * 0.25, head * 0.2, head * 0.25, 'wood')
				.box(-handle / 2, -head * 1.2, handle, head * 1.2, 'wood')
				.box(-head / 2, 0, head, head * 0.26, 'steel')
				.box(-narrow / 2, 0, narrow, head * 0.26, 'thing')
				.measure('handle', [-handle / 2, -head * 1.2], [handle / 2, -head * 1.2], 'below')
				.measure('narrowHead', [-narrow / 2, head * 0.26], [narrow / 2, head * 0.26], 'above')
				.measure('head', [-head / 2, head * 0.6], [head / 2, head * 0.6], 'above')
				.done();
		}
	}
} as const satisfies Record<string, Grip>;
