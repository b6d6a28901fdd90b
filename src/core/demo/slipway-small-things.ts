import { newThing } from '../things/new-thing';
import type { Thing } from '../things/types';

/** The smaller half of what the Slipway workshop owns, measured on the third evening of its stock-take; invented. */

/** Wide, high, deep, and what one weighs. */
type Size = readonly [width: number, height: number, depth: number, mass: number];

const thing = (
	id: string,
	name: string,
	group: string,
	count: number,
	[width, height, depth, mass]: Size,
	more: Pick<Thing, 'grip' | 'dims'> & Partial<Thing>
): Thing => ({ ...newThing(id, name), group, count, width, height, depth, mass, use: 'weekly', ...more });

export const smallThings: Thing[] = [
	thing('sail-bin', 'Bin of sails', 'bins', 4, [400, 320, 600, 9], {
		grip: 'shelf',
		dims: { baseWidth: 400, baseDepth: 600 },
		use: 'seldom',
		where: 'under the loft'
	}),
	thing('grinder', 'Bench grinder', 'machines', 1, [420, 260, 260, 17], {
		grip: 'shelf',
		dims: { baseWidth: 260, baseDepth: 200 },
		where: 'on the floor by the door'
	}),
	thing('square', 'Framing square', 'marking out', 1, [610, 405, 3, 0.7], {
		grip: 'groove',
		dims: { thickness: 3, balance: 240 },
		where: 'building frame'
	}),
	thing('lining-brush', 'Lining brush', 'brushes', 8, [26, 210, 12, 0.05], {
		grip: 'rails',
		dims: { handle: 9, narrowHead: 22, head: 26 },
		use: 'daily',
		where: 'paint corner'
	}),
	thing('laying-brush', 'Laying-off brush', 'brushes', 5, [82, 260, 22, 0.16], {
		grip: 'rails',
		dims: { handle: 20, narrowHead: 68, head: 82 },
		use: 'daily',
		where: 'paint corner'
	}),
	thing('pliers', 'Pliers', 'hand tools', 6, [58, 205, 24, 0.28], {
		grip: 'rails',
		dims: { handle: 24, narrowHead: 44, head: 58 },
		where: 'building frame'
	}),
	thing('lip-bit', 'Lip and spur bit', 'bits', 16, [11, 125, 11, 0.045], {
		grip: 'bit',
		dims: { shank: 9, head: 11 },
		where: 'building frame'
	}),
	thing('rebate-bit', 'Rebate bit', 'bits', 8, [34, 62, 34, 0.09], {
		grip: 'bit',
		dims: { shank: 12, head: 34 },
		where: 'router table'
	}),
	thing('paint', 'Bottle of paint', 'finishes', 9, [68, 190, 68, 0.75], {
		grip: 'lying',
		dims: { shank: 68 },
		where: 'paint corner'
	}),
	thing('bedding', 'Cartridge of bedding compound', 'finishes', 5, [52, 225, 52, 0.55], {
		grip: 'lying',
		dims: { shank: 52 },
		use: 'monthly',
		where: 'paint corner'
	}),
	thing('masking', 'Roll of masking tape', 'tape and twine', 8, [36, 118, 118, 0.22], {
		grip: 'slope',
		dims: { across: 118, roll: 36 },
		use: 'daily',
		where: 'paint corner'
	}),
	thing('twine', 'Spool of whipping twine', 'tape and twine', 4, [60, 74, 74, 0.15], {
		grip: 'rod',
		dims: { bore: 24, across: 74, roll: 60 },
		where: 'slip door'
	}),
	thing('pencil', 'Pencil or pen', 'marking out', 12, [9, 175, 9, 0.01], {
		grip: 'cup',
		dims: { shank: 9 },
		use: 'daily',
		where: 'building frame'
	}),
	thing('offsets', 'Book of offsets', 'marking out', 1, [215, 22, 300, 0.8], {
		grip: 'desk',
		dims: { baseWidth: 215, baseDepth: 300 },
		use: 'daily',
		where: 'building frame'
	}),
	thing('visor', 'Face visor', 'safety', 1, [245, 270, 150, 0.35], {
		grip: 'form',
		dims: { inside: 165, insideDepth: 95 },
		where: 'paint corner'
	}),
	thing('rest', 'Face of the grinder’s tool rest', 'sharpening', 1, [150, 92, 8, 0.6], {
		grip: 'peg',
		dims: { hole: 13, thickness: 8 },
		where: 'spar bench'
	}),
	thing('push-stick', 'Push stick', 'safety', 3, [42, 310, 19, 0.18], {
		grip: 'peg',
		dims: { hole: 22, thickness: 19 },
		use: 'daily',
		where: 'saw'
	}),
	thing('nozzle', 'Hose nozzle', 'mooring', 4, [58, 135, 58, 0.2], {
		grip: 'hole',
		dims: { shank: 42, head: 58 },
		use: 'monthly',
		where: 'slip door'
	}),
	thing('glasses', 'Safety glasses', 'safety', 4, [150, 60, 45, 0.04], {
		grip: 'hook',
		dims: { tube: 10, wheel: 150 },
		use: 'daily',
		where: 'saw'
	}),
	thing('keys', 'Ring of keys', 'mooring', 4, [45, 90, 18, 0.09], {
		grip: 'hook',
		dims: { tube: 8, wheel: 110 },
		use: 'daily',
		where: 'slip door'
	}),
	thing('gloves', 'Pair of gloves', 'safety', 4, [110, 260, 35, 0.15], {
		grip: 'hook',
		dims: { tube: 20, wheel: 110 },
		use: 'daily',
		where: 'slip door'
	}),
	thing('phone', 'Phone', 'marking out', 1, [76, 155, 12, 0.2], {
		grip: 'groove',
		dims: { thickness: 12, balance: 38 },
		charger: true,
		cord: 900,
		plugWidth: 26,
		plugHeight: 40,
		use: 'daily',
		where: 'charger outlet'
	}),
	thing('lines-board', 'Board of boat lines', 'marking out', 1, [480, 340, 6, 1.1], {
		grip: 'panel',
		dims: { thickness: 6 },
		use: 'daily',
		where: 'building frame'
	}),
	thing('boat-hook', 'Boat hook', 'oars and paddles', 2, [60, 2000, 36, 1.3], {
		grip: 'fork',
		dims: { neck: 30, seat: 48, halfDepth: 24 },
		use: 'seldom',
		where: 'slip door'
	}),
	thing('rove-jar', 'Jar of roves', 'fastenings', 6, [70, 105, 70, 0.55], {
		grip: 'lid',
		dims: { lid: 68 },
		where: 'building frame'
	}),
	thing('nail-bin', 'Bin of copper nails', 'fastenings', 6, [150, 90, 190, 1.6], {
		grip: 'rim',
		dims: { underRim: 138, rim: 150, baseDepth: 180 },
		where: 'building frame'
	}),
	thing('screw-bin', 'Bin of bronze screws', 'fastenings', 9, [104, 72, 158, 1.4], {
		grip: 'shelf',
		dims: { baseWidth: 104, baseDepth: 158 },
		cover: true,
		where: 'building frame'
	}),
	thing('sander', 'Sander', 'power tools', 2, [98, 155, 135, 1.4], {
		grip: 'bay',
		dims: { baseWidth: 98, baseDepth: 135 },
		where: 'building frame'
	}),
	thing('bench-brush', 'Bench brush', 'cleaning', 1, [62, 340, 28, 0.28], {
		grip: 'peg',
		dims: { hole: 14, thickness: 28 },
		use: 'daily',
		where: 'building frame'
	}),
	thing('line-reel', 'Reel of chalk line', 'marking out', 1, [64, 120, 30, 0.22], {
		grip: 'peg',
		dims: { hole: 16, thickness: 12 },
		where: 'building frame'
	}),
	thing('crayon-tin', 'Tin of lumber crayons', 'marking out', 2, [58, 95, 40, 0.3], {
		grip: 'shelf',
		dims: { baseWidth: 58, baseDepth: 40 },
		where: 'lumber store'
	})
];
