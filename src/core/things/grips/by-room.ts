import { mustBeSmaller, plus } from './figures';
import type { Grip } from './grip';
import { ROOM } from './room';
import { sketch } from './sketch';

/** Grips where a thing goes into a room of its own: a hole to lie in, a tube, a bay. */
export const GRIPS_BY_ROOM = {
	lying: {
		title: 'Round body lying in a pigeonhole',
		short: 'lies in a hole',
		words: ['lying', 'lies', 'pigeonhole', 'bottle lying', 'rolled up'],
		about: 'A bottle, a tube of filler, a rolled drawing: it lies in a hole of its own, on a shelf behind.',
		needs: ['shank'],
		decides:
			'The thickest part decides the hole and how far apart the holes stand; its height, how deep the shelf behind is.',
		figures: (d) => [
			...plus('hole', d, 'shank', ROOM.slack),
			...plus('holes apart, centre to centre', d, 'shank', ROOM.fingers)
		],
		draw(d) {
			const p = sketch('A bottle lying in a hole, from the side and from the front', this.needs, { shank: 70 }, d);
			const body = p.of('shank');
			const deep = body * 2;
			const x = body * 4.2;
			return p
				.box(-12, -body * 0.5, 12, body * 2, 'wall')
				.box(0, -12, deep, 12, 'ply')
				.box(deep, -12, 12, 12, 'ply')
				.box(deep, body + 2, 12, body * 0.4, 'ply')
				.box(4, 0, deep * 1.15, body, 'thing')
				.box(4 + deep * 1.15, body * 0.3, body * 0.35, body * 0.4, 'steel')
				.box(x - body * 0.8, -body * 0.3, body * 1.6, body * 1.6, 'ply')
				.circle(x, body / 2, body / 2 + ROOM.slack / 2, 'wall')
				.circle(x, body / 2, body / 2, 'thing')
				.measure('shank', [x - body / 2, -body * 0.3], [x + body / 2, -body * 0.3], 'below')
				.done();
		}
	},
	bit: {
		title: 'Shank in a blind hole',
		short: 'bit in a block',
		words: ['bit', 'small shank', 'blind hole'],
		about: 'Drill bits, router bits, small punches: the shank stands in a hole that does not go through.',
		needs: ['shank', 'head'],
		decides: 'The shank decides the hole, the widest part how far apart the holes stand.',
		figures: (d) => [
			...plus('hole', d, 'shank', ROOM.bit),
			...plus('holes apart, centre to centre', d, 'head', ROOM.bits)
		],
		draw(d) {
			const p = sketch('A bit in a block', this.needs, { shank: 8, head: 20 }, d);
			const [shank, head] = [p.of('shank'), Math.max(p.of('head'), p.of('shank'))];
			const deep = shank * 3;
			return p
				.box(-head * 1.2, -deep * 1.3, head * 2.4, deep * 1.3, 'wood')
				.box(-shank / 2, -deep, shank, deep * 1.5, 'steel')
				.box(-head / 2, deep * 0.5, head, head, 'thing')
				.measure('shank', [-shank / 2, -deep], [shank / 2, -deep], 'below')
				.measure('head', [-head / 2, deep * 0.5 + head], [head / 2, deep * 0.5 + head], 'above')
				.done();
		}
	},
	cup: {
		title: 'Standing in a tube or cup',
		short: 'in a tube',
		words: ['cup', 'in a tube', 'in a cup'],
		about: 'Pens, brushes, long drills, glue sticks: they stand in a tube, and lean with it.',
		needs: ['shank'],
		decides:
			'The thickest part that goes in decides the tube; the height, how long a tube keeps them from toppling out.',
		figures: (d) => [...plus('tube, inside, at least', d, 'shank', ROOM.clear)],
		draw(d) {
			const p = sketch('Something long that stands in a tube', this.needs, { shank: 20 }, d);
			const body = p.of('shank');
			const [inside, long] = [body + ROOM.clear, body * 5];
			return p
				.box(-inside / 2 - 16, -body, 12, long * 1.3, 'wall')
				.box(-inside / 2 - 3, 0, 3, long * 0.7, 'steel')
				.box(inside / 2, 0, 3, long * 0.7, 'steel')
				.box(-inside / 2 - 3, -4, inside + 6, 4, 'ply')
				.box(-body / 2, 0, body, long, 'thing')
				.measure('shank', [-body / 2, long], [body / 2, long], 'above')
				.done();
		}
	},
	slope: {
		title: 'Roll on a sloping shelf',
		short: 'on a slope',
		words: ['sloping shelf', 'on a slope', 'roll of tape', 'spool'],
		about: 'Rolls of tape, spools of wire and twine: they stand on their rims and roll to the wall, or over a pin.',
		needs: ['across', 'roll'],
		decides:
			'The outside decides how deep the shelf is and how far apart shelves are, the width how many stand on one.',
		figures: (d) => [
			...plus('along the shelf, each', d, 'roll', ROOM.slack),
			...plus('from shelf to shelf, clear', d, 'across', ROOM.fingers)
		],
		draw(d) {
			const p = sketch(
				'A roll on a sloping shelf, from its end and from the front',
				this.needs,
				{ across: 110, roll: 48 },
				d
			);
			const [across, roll] = [p.of('across'), p.of('roll')];
			const r = across / 2;
			const deep = across * 0.9;
			const rise = deep * 0.4;
			const x = across * 1.6;
			return p
				.box(-12, -12, 12, across * 1.4, 'wall')
				.polygon(
					[
						[0, 0],
						[deep, rise],
						[deep, rise - 12],
						[0, -12]
					],
					'ply'
				)
				.circle(r, r * 1.48, r, 'thing')
				.box(x, rise - 12, roll * 2 + 12, 12, 'ply')
				.box(x + 4, rise * 0.5, roll, across, 'thing')
				.measure('across', [0, r * 2.6], [across, r * 2.6], 'above')
				.measure('roll', [x + 4, rise - 12], [x + 4 + roll, rise - 12], 'below')
				.done();
		}
	},
	desk: {
		title: 'Lying on a writing slope',
		short: 'writing slope',
		words: ['writing slope', 'drawing', 'notebook', 'pad'],
		about: 'A notebook, drawings, a cut list: they lie on a slope at a height to write at, and a lip keeps them there.',
		needs: ['baseWidth', 'baseDepth'],
		decides: 'What lies there decides the slope’s width and depth; an arm that leans on it, how strong its hook is.',
		figures: (d) => [
			...plus('slope, wide', d, 'baseWidth', 2 * ROOM.clear),
			...plus('slope, deep', d, 'baseDepth', ROOM.clear)
		],
		draw(d) {
			const p = sketch('A pad on a writing slope, from its end', this.needs, { baseWidth: 210, baseDepth: 300 }, d);
			const [w, deep] = [p.of('baseWidth'), p.of('baseDepth')];
			const fall = deep * 0.5;
			const x = deep * 1.3;
			return p
				.box(-14, -fall * 0.4, 14, fall * 2, 'wall')
				.polygon(
					[
						[0, fall],
						[deep, 0],
						[deep, -12],
						[0, fall - 12]
					],
					'ply'
				)
				.box(deep, -12, 12, 30, 'ply')
				.polygon(
					[
						[0, fall],
						[deep, 0],
						[deep, 10],
						[0, fall + 10]
					],
					'thing'
				)
				.box(x, -12, w * 1.1, fall * 1.2, 'ply')
				.box(x + w * 0.05, 0, w, fall, 'thing')
				.measure('baseDepth', [0, fall + 10], [deep, fall + 10], 'above')
				.measure('baseWidth', [x + w * 0.05, -12], [x + w * 1.05, -12], 'below')
				.done();
		}
	},
	loose: {
		title: 'Loose in a box or tray',
		short: 'in a box',
		words: ['loose', 'in a box', 'in a tray'],
		about: 'Keys and gloves, nails, dressings: they lie in a box, or in one that is carried to where it is needed.',
		needs: ['baseWidth', 'baseDepth'],
		decides: 'The room one takes decides how wide and deep the box is; their height, how high its front.',
		figures: (d) => [
			...plus('wide, each', d, 'baseWidth', ROOM.clear),
			...plus('box, inside, deep', d, 'baseDepth', 2 * ROOM.clear)
		],
		draw(d) {
			const p = sketch(
				'A box on a back, from its end and from the front',
				this.needs,
				{ baseWidth: 120, baseDepth: 90 },
				d
			);
			const [w, deep] = [p.of('baseWidth'), p.of('baseDepth')];
			const h = Math.max(w, deep) * 0.6;
			const x = deep * 1.8;
			return p
				.box(-12, -20, 12, h * 1.9, 'wall')
				.box(0, -12, deep + 2 * ROOM.clear, 12, 'ply')
				.box(deep + 2 * ROOM.clear, -12, 12, h + 12, 'ply')
				.box(ROOM.clear, 0, deep, h * 0.8, 'thing')
				.box(x, -12, w * 1.25, h + 12, 'ply')
				.box(x + w * 0.12, 0, w, h * 1.1, 'thing')
				.measure('baseDepth', [ROOM.clear, -12], [ROOM.clear + deep, -12], 'below')
				.measure('baseWidth', [x + w * 0.12, -12], [x + w * 1.12, -12], 'below')
				.done();
		}
	},
	rim: {
		title: 'Bin by its rims',
		short: 'by its rims',
		words: ['by its rims', 'rims'],
		about: 'A plastic bin: its rims rest on two runners, and it slides out like a drawer.',
		needs: ['underRim', 'rim', 'baseDepth'],
		decides: 'The body under the rims decides the gap between the runners; over its rims, how wide the bay is.',
		figures: (d) => [
			...mustBeSmaller(
				'rims',
				d,
				'underRim',
				'rim',
				'Its body, {s}, is no narrower than its rims, {l}: it falls through'
			),
			...plus('between the runners', d, 'underRim', 2 * ROOM.slack),
			...plus('bay, at least', d, 'rim', 2 * ROOM.slack)
		],
		draw(d) {
			const p = sketch(
				'A bin that hangs by its rims, from the front and from its end',
				this.needs,
				{ underRim: 180, rim: 210, baseDepth: 300 },
				d
			);
			const [body, rim, deep] = [p.of('underRim'), Math.max(p.of('rim'), p.of('underRim') * 1.05), p.of('baseDepth')];
			const h = body * 0.6;
			const side = rim / 2 + ROOM.slack;
			const x = rim * 1.1;
			return p
				.box(-side - 14, -h, 14, h * 1.3, 'ply')
				.box(side, -h, 14, h * 1.3, 'ply')
				.box(-side, -20, side - body / 2 - ROOM.slack, 20, 'wood')
				.box(body / 2 + ROOM.slack, -20, side - body / 2 - ROOM.slack, 20, 'wood')
				.box(-body / 2, -h * 0.9, body, h * 0.9, 'thing')
				.box(-rim / 2, 0, rim, 8, 'thing')
				.box(x, -20, deep, 20, 'wood')
				.box(x, 0, deep, 8, 'thing')
				.box(x + 10, -h * 0.9, deep - 20, h * 0.9, 'thing')
				.measure('underRim', [-body / 2, -h * 0.9], [body / 2, -h * 0.9], 'below')
				.measure('rim', [-rim / 2, 8], [rim / 2, 8], 'above')
				.measure('baseDepth', [x, 8], [x + deep, 8], 'above')
				.done();
		}
	},
	panel: {
		title: 'Flat panel between two strips',
		short: 'panel',
		words: ['panel', 'mirror', 'sign', 'poster board'],
		about: 'A mirror, a sign, felt, a board of another system: it stands in a groove and behind another.',
		needs: ['thickness'],
		decides: 'Its thickness decides both grooves, its height how far apart they are.',
		figures: (d) => [...plus('groove, at least', d, 'thickness', 1)],
		draw(d) {
			const p = sketch('A panel in two grooved strips, from the side', this.needs, { thickness: 6 }, d);
			const t = p.of('thickness');
			const [high, out] = [t * 14, t * 6];
			return p
				.box(-12, -t * 3, 12, high + t * 6, 'wall')
				.box(0, -t * 2, out, t * 3, 'ply')
				.box(0, high - t, out, t * 3, 'ply')
				.box(t, 0, t, high, 'thing')
				.measure('thickness', [t, -t * 2], [2 * t, -t * 2], 'below')
				.done();
		}
	},
	lid: {
		title: 'Jar by its lid',
		short: 'jar under a shelf',
		words: ['jar', 'lid', 'jar lid'],
		about: 'Screws, nails, washers in a jar: its lid is screwed under a board, and the jar turned out of it.',
		needs: ['lid'],
		decides: 'The lid decides how far apart jars hang; a hand must get round each.',
		figures: (d) => [...plus('jars apart, centre to centre', d, 'lid', ROOM.fingers)],
		draw(d) {
			const p = sketch('Jars under a board', this.needs, { lid: 70 }, d);
			const lid = p.of('lid');
			p.box(-lid, 0, lid * 3.6, 14, 'ply');
			for (const x of [0, lid + ROOM.fingers])
				p.box(x - lid / 2, -12, lid, 12, 'steel').box(x - lid * 0.48, -lid * 1.5, lid * 0.96, lid * 1.5 - 12, 'thing');
			return p.measure('lid', [-lid / 2, 14], [lid / 2, 14], 'above').done();
		}
	},
	bay: {
		title: 'Between dividers',
		short: 'in a bay',
		words: ['bay', 'dividers', 'compartment', 'between dividers'],
		about: 'Sanders, files of paper, cases, a drill with its neck in a slot: each stands in a bay of its own.',
		needs: ['baseWidth', 'baseDepth'],
		decides: 'What goes in decides the bay, clear between its dividers, and how deep the bottom is.',
		figures: (d) => [
			...plus('bay, clear', d, 'baseWidth', ROOM.clear * 2),
			...plus('bottom, behind its lip', d, 'baseDepth', ROOM.clear)
		],
		draw(d) {
			const p = sketch('Things in bays, from the front', this.needs, { baseWidth: 80, baseDepth: 140 }, d);
			const [w, deep] = [p.of('baseWidth'), p.of('baseDepth')];
			const bay = w + 2 * ROOM.clear;
			const h = w * 1.3;
			const x = 2.6 * bay + 60;
			p.box(-12, -12, 2 * bay + 36, 12, 'ply');
			for (const n of [0, 1, 2]) p.box(n * (bay + 12) - 12, 0, 12, h, 'ply');
			for (const n of [0, 1]) p.box(n * (bay + 12) + ROOM.clear, 0, w, h * 0.9, 'thing');
			return p
				.box(x - 12, -30, 12, h * 1.5, 'wall')
				.box(x, -12, deep + ROOM.clear, 12, 'ply')
				.box(x, 0, deep, h * 0.9, 'thing')
				.measure('baseWidth', [ROOM.clear, -12], [ROOM.clear + w, -12], 'below')
				.measure('baseDepth', [x, -12], [x + deep, -12], 'below')
				.done();
		}
	}
} as const satisfies Record<string, Grip>;
