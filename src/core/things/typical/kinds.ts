import { byLength, fixed, type TypicalKind } from './kind';

/**
 * A bar clamp as it hangs: its opening, and jaws and handle beyond; jaws weigh the same on any length, the bar by the
 * metre.
 */
const clamp =
	(bar: number, wide: number, deep: number, jaws: number, perMetre: number, beyond: number) => (length: number) => ({
		width: wide,
		height: length + beyond,
		depth: deep,
		mass: jaws + ((length + beyond) / 1000) * perMetre,
		dims: { bar, head: wide * 0.6 }
	});

/** Generic kinds, with estimates of our own: each figure is marked typical until it is measured. */
export const KINDS: readonly TypicalKind[] = [
	byLength('bar clamp', 'clamps', 'slot', [600, 300, 450, 900, 1200], clamp(7, 95, 30, 0.55, 1.05, 150), [
		'f clamp',
		'quick clamp',
		'spar clamp'
	]),
	byLength('parallel clamp', 'clamps', 'slot', [600, 300, 900, 1200], clamp(9, 180, 42, 1.3, 2.1, 170)),
	byLength('pipe clamp', 'clamps', 'slot', [900, 600, 1200, 1500], clamp(27, 75, 60, 1.1, 2.0, 130), ['sash clamp']),
	byLength('spring clamp', 'clamps', 'slot', [150, 100, 200], (l) => ({
		width: l * 0.45,
		height: l,
		depth: 25,
		mass: 0.13 * (l / 150) ** 2,
		dims: { bar: 12, head: l * 0.4 }
	})),
	byLength(
		'screw clamp',
		'clamps',
		'slot',
		[150, 75, 100, 200],
		(l) => ({
			width: l * 0.75,
			height: l * 1.4,
			depth: 30,
			mass: 1.1 * (l / 150) ** 2,
			dims: { bar: 16, head: l * 0.5 }
		}),
		['c clamp', 'g clamp', 'g-cramp']
	),
	fixed('hand screw', 'clamps', 'slot', [250, 200, 60, 1.4], { bar: 32, head: 200 }, ['handscrew']),
	fixed('block plane', 'planes', 'shelf', [52, 160, 60, 0.7], { baseWidth: 52, baseDepth: 160 }),
	fixed('smoothing plane', 'planes', 'shelf', [65, 250, 140, 1.7], { baseWidth: 65, baseDepth: 250 }, ['smoother']),
	fixed('jack plane', 'planes', 'shelf', [68, 355, 145, 2.3], { baseWidth: 68, baseDepth: 355 }),
	fixed('jointer plane', 'planes', 'shelf', [74, 560, 150, 3.6], { baseWidth: 74, baseDepth: 560 }, ['try plane']),
	fixed('spokeshave', 'planes', 'hole', [250, 60, 45, 0.35], { shank: 24, head: 250 }),
	byLength(
		'hand saw',
		'saws',
		'peg',
		[550, 500, 650],
		(l) => ({ width: 140, height: l + 130, depth: 28, mass: 0.72 * (l / 550), dims: { hole: 34, thickness: 24 } }),
		['panel saw', 'rip saw', 'crosscut saw', 'saw']
	),
	byLength(
		'back saw',
		'saws',
		'slot',
		[300, 250, 350],
		(l) => ({ width: 120, height: l + 120, depth: 26, mass: 0.55 * (l / 300), dims: { bar: 6, head: 26 } }),
		['tenon saw', 'dovetail saw']
	),
	byLength('pull saw', 'saws', 'peg', [240, 270, 300], (l) => ({
		width: 90,
		height: l + 330,
		depth: 30,
		mass: 0.25 * (l / 240),
		dims: { hole: 8, thickness: 28 }
	})),
	fixed('coping saw', 'saws', 'peg', [130, 320, 30, 0.3], { hole: 100, thickness: 24 }, ['fret saw']),
	fixed('hacksaw', 'saws', 'peg', [130, 420, 30, 0.6], { hole: 90, thickness: 26 }),
	fixed('chisel', 'edge tools', 'hole', [32, 270, 32, 0.22], { shank: 20, head: 32 }),
	fixed('gouge', 'edge tools', 'hole', [32, 300, 32, 0.26], { shank: 22, head: 32 }),
	fixed('rasp', 'edge tools', 'hole', [34, 330, 30, 0.3], { shank: 16, head: 30 }, ['file']),
	fixed('screwdriver', 'hand tools', 'hole', [34, 240, 34, 0.12], { shank: 9, head: 34 }),
	fixed('hammer', 'hand tools', 'rails', [125, 330, 32, 0.65], { handle: 32, narrowHead: 100, head: 125 }),
	fixed('mallet', 'hand tools', 'rails', [140, 320, 75, 0.7], { handle: 34, narrowHead: 120, head: 140 }),
	fixed('pliers', 'hand tools', 'slot', [55, 190, 20, 0.28], { bar: 12, head: 40 }, ['pincers']),
	fixed('wrench', 'hand tools', 'slot', [42, 210, 14, 0.2], { bar: 8, head: 36 }, ['spanner']),
	fixed('brace', 'hand tools', 'fork', [130, 340, 110, 1.1], { neck: 22, seat: 55, halfDepth: 60 }),
	byLength(
		'level',
		'measuring',
		'shelf',
		[600, 1200, 1800],
		(l) => ({ width: l, height: 60, depth: 26, mass: 0.15 + l * 0.00075, dims: { baseWidth: l, baseDepth: 26 } }),
		['spirit level']
	),
	byLength(
		'try square',
		'measuring',
		'slot',
		[200, 150, 300],
		(l) => ({ width: l * 0.6, height: l, depth: 18, mass: 0.2 * (l / 200), dims: { bar: 3, head: 18 } }),
		['square', 'combination square', 'sliding bevel']
	),
	fixed('framing square', 'measuring', 'groove', [610, 405, 3, 0.75], { thickness: 2.4, balance: 190 }, [
		'carpenters square'
	]),
	byLength(
		'straightedge',
		'measuring',
		'peg',
		[1000, 600, 2000],
		(l) => ({ width: 40, height: l, depth: 6, mass: l * 0.0007, dims: { hole: 12, thickness: 5 } }),
		['ruler', 'rule']
	),
	fixed('tape measure', 'measuring', 'shelf', [70, 75, 45, 0.4], { baseWidth: 70, baseDepth: 45 }, ['tape rule']),
	fixed('glue bottle', 'bottles', 'hole', [65, 210, 65, 0.55], { shank: 62, head: 65 }, ['bottle', 'wood glue']),
	fixed('spray bottle', 'bottles', 'trigger', [90, 260, 85, 0.75], { neck: 26, across: 85, head: 95 }),
	fixed('spray can', 'bottles', 'hole', [66, 200, 66, 0.42], { shank: 66, head: 68 }, ['aerosol']),
	fixed('varnish tin', 'bottles', 'shelf', [110, 130, 110, 1.2], { baseWidth: 110, baseDepth: 110 }, [
		'tin',
		'paint tin',
		'can of paint',
		'tin of varnish',
		'oil tin'
	]),
	fixed('oil bottle', 'bottles', 'lying', [72, 230, 72, 0.9], { shank: 72 }, ['bottle of oil', 'bottle of stain']),
	fixed('sealant cartridge', 'bottles', 'lying', [50, 230, 50, 0.4], { shank: 50 }, ['cartridge', 'tube of sealant']),
	fixed('jar of screws', 'bottles', 'lid', [72, 105, 72, 0.55], { lid: 70 }, ['jar', 'jar of nails']),
	fixed('drill bit', 'bits', 'bit', [8, 130, 8, 0.03], { shank: 8, head: 9 }, ['twist bit', 'brad point bit']),
	fixed('auger bit', 'bits', 'hole', [20, 240, 20, 0.12], { shank: 12, head: 20 }),
	fixed('flat bit', 'bits', 'bit', [25, 150, 8, 0.07], { shank: 7, head: 25 }, ['spade bit']),
	fixed('router bit', 'bits', 'bit', [25, 65, 25, 0.08], { shank: 12, head: 30 }, ['cutter']),
	fixed('hole saw', 'bits', 'shelf', [54, 70, 54, 0.18], { baseWidth: 54, baseDepth: 54 }),
	fixed('battery', 'power', 'dock', [75, 65, 115, 0.62], { foot: 58, flange: 10, head: 75 }),
	fixed('battery charger', 'power', 'shelf', [155, 85, 130, 0.7], { baseWidth: 155, baseDepth: 130 }, ['charger']),
	fixed('cordless drill', 'power', 'fork', [70, 230, 190, 1.6], { neck: 38, seat: 66, halfDepth: 90 }, [
		'drill',
		'drill driver',
		'impact driver',
		'driver'
	]),
	fixed('router', 'power', 'shelf', [170, 250, 150, 3.2], { baseWidth: 150, baseDepth: 150 }),
	fixed('jigsaw', 'power', 'shelf', [80, 210, 240, 2.4], { baseWidth: 80, baseDepth: 190 }, ['jig saw']),
	fixed('circular saw', 'power', 'shelf', [230, 250, 320, 3.9], { baseWidth: 160, baseDepth: 300 }),
	fixed('random orbit sander', 'power', 'bay', [125, 170, 140, 1.4], { baseWidth: 125, baseDepth: 140 }, ['sander']),
	fixed('small bin', 'bins', 'shelf', [105, 75, 165, 0.9], { baseWidth: 100, baseDepth: 160 }, [
		'bin',
		'box of screws'
	]),
	fixed('large bin', 'bins', 'shelf', [410, 330, 600, 12], { baseWidth: 400, baseDepth: 580 }, ['tote', 'crate']),
	fixed('paint brush', 'hand tools', 'cup', [24, 240, 24, 0.1], { shank: 24 }, ['brush', 'glue brush']),
	fixed('pencil', 'measuring', 'cup', [9, 180, 9, 0.01], { shank: 9 }, ['pen', 'marker']),
	fixed('notebook', 'measuring', 'desk', [215, 15, 300, 0.5], { baseWidth: 215, baseDepth: 300 }, ['cut list', 'pad']),
	fixed('roll of tape', 'rolls', 'rod', [110, 110, 48, 0.25], { bore: 74, across: 110, roll: 48 }, [
		'tape',
		'tape roll',
		'masking tape'
	]),
	fixed('sandpaper roll', 'rolls', 'rod', [115, 110, 115, 0.7], { bore: 24, across: 110, roll: 115 }),
	fixed('roll of cloth tape', 'rolls', 'slope', [48, 115, 115, 0.35], { across: 115, roll: 48 }, [
		'cloth tape',
		'duct tape'
	]),
	fixed('spool of wire', 'rolls', 'rod', [90, 90, 70, 0.6], { bore: 16, across: 90, roll: 70 }, ['reel', 'spool']),
	fixed('coil of rope', 'rolls', 'peg', [220, 420, 120, 1.4], { hole: 120, thickness: 120 }, ['rope', 'hose', 'coil']),
	fixed('extension lead', 'rolls', 'peg', [230, 360, 130, 1.8], { hole: 120, thickness: 130 }, ['extension cord']),
	fixed('safety glasses', 'safety', 'loose', [150, 50, 60, 0.05], { baseWidth: 150, baseDepth: 60 }, ['goggles']),
	fixed('respirator', 'safety', 'form', [170, 190, 130, 0.4], { inside: 140, insideDepth: 80 }, ['mask', 'dust mask']),
	fixed('ear defenders', 'safety', 'form', [190, 200, 100, 0.3], { inside: 150, insideDepth: 60 }),
	fixed('first-aid kit', 'safety', 'loose', [260, 190, 90, 1.1], { baseWidth: 260, baseDepth: 90 }),
	fixed('bicycle', 'large things', 'hook', [600, 1800, 1050, 14], { tube: 48, wheel: 690 }, ['bike']),
	fixed('shovel', 'large things', 'fork', [240, 1300, 130, 1.9], { neck: 38, seat: 230, halfDepth: 60 }, ['spade']),
	fixed('rake', 'large things', 'fork', [400, 1550, 90, 1.3], { neck: 30, seat: 380, halfDepth: 45 }, ['hoe', 'broom']),
	byLength('oar', 'large things', 'fork', [2400, 2100, 2700], (l) => ({
		width: 150,
		height: l,
		depth: 60,
		mass: 2.2 * (l / 2400),
		dims: { neck: 50, seat: 75, halfDepth: 40 }
	})),
	byLength('paddle', 'large things', 'fork', [1500, 1400, 1600], (l) => ({
		width: 190,
		height: l,
		depth: 45,
		mass: 0.85 * (l / 1500),
		dims: { neck: 32, seat: 90, halfDepth: 30 }
	})),
	byLength(
		'step ladder',
		'large things',
		'peg',
		[1700, 1200, 2300],
		(l) => ({ width: 470, height: l, depth: 140, mass: 6.5 * (l / 1700), dims: { hole: 220, thickness: 60 } }),
		['ladder']
	)
];
