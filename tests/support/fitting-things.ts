import { newThing } from '$core/things/new-thing';
import type { Thing } from '$core/things/types';

const thing = (id: string, of: Partial<Thing>): Thing => ({ ...newThing(id, id), ...of });

/** A thing for every carrier that is made to measure, by its kind. */
export const FITTING: Record<string, Thing> = {
	pegs: thing('coil', {
		mass: 1.5,
		width: 120,
		height: 300,
		depth: 60,
		grip: 'peg',
		dims: { hole: 40, thickness: 60 }
	}),
	'slotted-shelf': thing('bar clamp', {
		mass: 1.4,
		width: 40,
		height: 300,
		depth: 60,
		grip: 'slot',
		dims: { bar: 8, head: 40 }
	}),
	'hole-shelf': thing('gouge', {
		mass: 0.3,
		width: 30,
		height: 280,
		depth: 30,
		grip: 'hole',
		dims: { shank: 18, head: 30 }
	}),
	'neck-fork': thing('sprayer', {
		mass: 2.2,
		width: 160,
		height: 300,
		depth: 130,
		grip: 'fork',
		dims: { neck: 48, seat: 86, halfDepth: 66 }
	}),
	'bolted-base': thing('grinder', {
		mass: 14,
		width: 300,
		height: 220,
		depth: 260,
		grip: 'shelf',
		dims: { baseWidth: 220, baseDepth: 180 }
	}),
	'outlet-guard': thing('light charger', {
		mass: 0.4,
		width: 90,
		height: 120,
		depth: 60,
		charger: true,
		plugWidth: 25,
		plugHeight: 25,
		cord: 400,
		dims: {}
	}),
	'lip-ledge': thing('block plane', {
		mass: 0.7,
		width: 60,
		height: 160,
		depth: 55,
		grip: 'groove',
		dims: { thickness: 55 }
	}),
	'side-rod': thing('roll of tape', {
		mass: 0.3,
		width: 110,
		height: 110,
		depth: 50,
		grip: 'rod',
		dims: { bore: 40, across: 110, roll: 50 }
	}),
	'flat-shelf': thing('tin of varnish', {
		mass: 1.2,
		width: 110,
		height: 130,
		depth: 110,
		grip: 'shelf',
		dims: { baseWidth: 110, baseDepth: 110 }
	}),
	'two-rails': thing('mallet', {
		mass: 0.9,
		width: 130,
		height: 320,
		depth: 70,
		grip: 'rails',
		dims: { handle: 30, narrowHead: 65, head: 130 }
	}),
	'bought-hooks': thing('hose', {
		mass: 3,
		width: 300,
		height: 320,
		depth: 40,
		grip: 'hook',
		dims: { tube: 40, wheel: 300 }
	}),
	pigeonholes: thing('bottle of oil', {
		mass: 0.9,
		width: 72,
		height: 210,
		depth: 72,
		grip: 'lying',
		dims: { shank: 72 }
	}),
	'divided-bays': thing('sander', {
		mass: 1.3,
		width: 95,
		height: 150,
		depth: 130,
		grip: 'bay',
		dims: { baseWidth: 95, baseDepth: 130 },
		charger: true,
		cord: 1400,
		plugWidth: 28,
		plugHeight: 45
	}),
	'drilled-block': thing('drill bit', {
		mass: 0.05,
		width: 10,
		height: 120,
		depth: 10,
		grip: 'bit',
		dims: { shank: 10, head: 10 }
	}),
	'angled-blocks': thing('router bit', {
		mass: 0.08,
		width: 30,
		height: 65,
		depth: 30,
		grip: 'bit',
		dims: { shank: 12, head: 30 }
	}),
	'tool-dock': thing('cordless drill', {
		mass: 1.7,
		width: 80,
		height: 220,
		depth: 190,
		grip: 'dock',
		dims: { foot: 52, flange: 9, head: 80 }
	}),
	'sloping-shelf': thing('roll of cloth tape', {
		mass: 0.35,
		width: 48,
		height: 115,
		depth: 115,
		grip: 'slope',
		dims: { across: 115, roll: 48 }
	}),
	'writing-slope': thing('notebook', {
		mass: 0.6,
		width: 220,
		height: 20,
		depth: 300,
		grip: 'desk',
		dims: { baseWidth: 220, baseDepth: 300 }
	}),
	'lean-tubes': thing('paint brush', {
		mass: 0.15,
		width: 24,
		height: 260,
		depth: 24,
		grip: 'cup',
		dims: { shank: 24 }
	}),
	'hollow-form': thing('ear defenders', {
		mass: 0.4,
		width: 190,
		height: 200,
		depth: 110,
		grip: 'form',
		dims: { inside: 150, insideDepth: 80 }
	}),
	'open-box': thing('first-aid box', {
		mass: 1.6,
		width: 220,
		height: 120,
		depth: 130,
		grip: 'loose',
		carried: true,
		dims: { baseWidth: 220, baseDepth: 130 }
	}),
	'bin-runners': thing('bin', {
		mass: 2.4,
		width: 212,
		height: 110,
		depth: 280,
		grip: 'rim',
		dims: { underRim: 180, rim: 212, baseDepth: 280 }
	}),
	'jar-lids': thing('jar of screws', {
		mass: 0.6,
		width: 72,
		height: 110,
		depth: 72,
		grip: 'lid',
		dims: { lid: 70 }
	}),
	'covered-cabinet': thing('bin of small parts', {
		mass: 1.8,
		width: 105,
		height: 75,
		depth: 165,
		grip: 'shelf',
		dims: { baseWidth: 105, baseDepth: 165 },
		cover: true
	}),
	'plain-panel': thing('mirror', {
		mass: 3.2,
		width: 450,
		height: 360,
		depth: 5,
		grip: 'panel',
		dims: { thickness: 5 }
	})
};
