import type { Consumable } from '../consumables/consumable';
import type { Board } from '../lumber/board';
import type { Shop } from '../shop/types';
import { newThing } from '../things/new-thing';
import type { Thing } from '../things/types';
import { findKind, typicalThing } from '../things/typical/find';
import { firstSet } from '../patterns/first-set';
import type { Pattern } from '../patterns/pattern';
import { slipwayPrices } from './slipway-prices';
import { smallThings } from './slipway-small-things';
import type { Tool } from '../tools/tool';

/** What the Slipway workshop owns; invented. Half of it measured, as it is on the second evening of a stock-take. */

const thing = (id: string, name: string, more: Partial<Thing>): Thing => ({ ...newThing(id, name), ...more });
/** One that somebody has not measured yet. */
const usual = (
	id: string,
	name: string,
	kind: string,
	more: Partial<Thing> = {},
	length: number | null = null
): Thing => {
	const found = findKind(kind);
	return { ...(found ? typicalThing(id, found, length) : newThing(id, name)), name, ...more };
};

const things: Thing[] = [
	thing('spar-clamp', 'Spar clamp', {
		group: 'clamps',
		count: 18,
		width: 110,
		height: 620,
		depth: 45,
		mass: 1.1,
		grip: 'slot',
		dims: { bar: 10, head: 45 },
		use: 'weekly',
		where: 'spar bench'
	}),
	thing('plank-clamp', 'Planking clamp', {
		group: 'clamps',
		count: 24,
		width: 140,
		height: 260,
		depth: 40,
		mass: 0.8,
		grip: 'slot',
		dims: { bar: 14, head: 62 },
		use: 'weekly',
		where: 'building frame'
	}),
	usual('long-clamp', 'Long bar clamp', 'bar clamp', { count: 4, use: 'monthly', where: 'spar bench' }, 1200),
	usual('spring-clamp', 'Spring clamp', 'spring clamp', { count: 30, use: 'daily', where: 'building frame' }, 150),
	thing('spokeshave', 'Spokeshave', {
		group: 'planes',
		count: 5,
		width: 80,
		height: 260,
		depth: 30,
		mass: 0.35,
		grip: 'peg',
		dims: { hole: 16, thickness: 30 },
		use: 'daily',
		where: 'spar bench',
		finish: 'oiled ash',
		hidden: true
	}),
	thing('block-plane', 'Block plane', {
		group: 'planes',
		count: 2,
		width: 55,
		height: 165,
		depth: 50,
		mass: 0.7,
		grip: 'peg',
		dims: { hole: 20, thickness: 50 },
		use: 'daily',
		where: 'spar bench'
	}),
	usual('smoother', 'Smoothing plane', 'smoothing plane', { use: 'weekly', where: 'spar bench' }),
	usual('jointer', 'Long jointer plane', 'jointer plane', { use: 'monthly', where: 'spar bench' }),
	thing('paddle', 'Paddle', {
		group: 'oars and paddles',
		count: 10,
		width: 150,
		height: 1400,
		depth: 60,
		mass: 0.9,
		grip: 'fork',
		dims: { neck: 34, seat: 90, halfDepth: 30 },
		use: 'seldom',
		where: 'slip door'
	}),
	thing('oar', 'Oar', {
		group: 'oars and paddles',
		count: 6,
		width: 150,
		height: 1950,
		depth: 70,
		mass: 2.1,
		grip: 'fork',
		dims: { neck: 52, seat: 78, halfDepth: 40 },
		use: 'seldom',
		where: 'slip door'
	}),
	thing('chain-coil', 'Chain coil', {
		group: 'mooring',
		count: 4,
		width: 120,
		height: 300,
		depth: 90,
		mass: 4.5,
		grip: 'peg',
		dims: { hole: 90, thickness: 90 },
		use: 'seldom',
		where: 'slip door'
	}),
	usual('warp', 'Mooring warp', 'coil of rope', { count: 5, group: 'mooring', use: 'monthly', where: 'slip door' }),
	usual('varnish', 'Tin of varnish', 'varnish tin', {
		count: 9,
		group: 'finishes',
		use: 'weekly',
		where: 'paint corner',
		cover: true
	}),
	usual('epoxy', 'Resin bottle', 'glue bottle', {
		count: 4,
		group: 'finishes',
		use: 'weekly',
		where: 'paint corner',
		cover: true
	}),
	usual('spray', 'Spray bottle', 'spray bottle', { count: 3, group: 'finishes', use: 'daily', where: 'paint corner' }),
	thing('respirator', 'Respirator', {
		group: 'safety',
		count: 2,
		width: 165,
		height: 190,
		depth: 120,
		mass: 0.38,
		grip: 'form',
		dims: { inside: 138, insideDepth: 82 },
		use: 'daily',
		where: 'paint corner',
		cover: true
	}),
	usual('first-aid', 'First-aid kit', 'first-aid kit', { use: 'seldom', where: 'slip door', carried: true }),
	usual('drill', 'Cordless drill', 'cordless drill', { count: 3, use: 'daily', where: 'building frame' }),
	usual('battery', 'Battery', 'battery', { count: 6, use: 'daily', where: 'charger outlet' }),
	thing('charger', 'Battery charger', {
		...typicalThing('charger', findKind('battery charger')!),
		name: 'Battery charger',
		count: 2,
		charger: true,
		cord: 1500,
		plugWidth: 48,
		plugHeight: 62,
		use: 'daily',
		where: 'charger outlet'
	}),
	usual('ripsaw', 'Rip saw', 'rip saw', { count: 2, use: 'monthly', where: 'spar bench' }, 650),
	usual('pullsaw', 'Pull saw', 'pull saw', { count: 3, use: 'daily', where: 'building frame' }, 270),
	usual('chisels', 'Bench chisel', 'chisel', { count: 12, use: 'daily', where: 'spar bench' }),
	usual('mallet', 'Mallet', 'mallet', { count: 3, use: 'daily', where: 'spar bench' }),
	thing('level', 'Level', {
		group: 'marking out',
		count: 2,
		width: 60,
		height: 1200,
		depth: 25,
		mass: 0.9,
		grip: 'peg',
		dims: { hole: 30, thickness: 25 },
		use: 'monthly',
		where: 'building frame'
	}),
	thing('rivet-sets', 'Rivet sets', { group: 'hand tools', count: 8, use: 'monthly', where: 'building frame' }),
	thing('caulking-iron', 'Caulking iron', {
		group: 'edge tools',
		count: 7,
		width: 60,
		height: 170,
		depth: 16,
		mass: 0.4,
		grip: 'hole',
		dims: { shank: 16, head: 30 },
		use: 'seldom',
		where: 'building frame'
	}),
	usual('bike', 'Bicycle', 'bicycle', { count: 2, use: 'daily', where: 'slip door' }),
	usual('ladder', 'Step ladder', 'step ladder', { use: 'monthly', where: 'slip door' }),
	thing('old-router', 'Seized outboard bracket', {
		group: 'mooring',
		count: 1,
		mass: 6.5,
		state: 'not-to-keep',
		notes: 'For scrap'
	})
];

const board = (
	id: string,
	name: string,
	material: string,
	count: number,
	[thickness, width, shortest, longest]: [number, number, number, number],
	more: Partial<Board> = {}
): Board => ({
	id,
	name,
	form: 'board',
	material,
	count,
	thickness,
	width,
	shortest,
	longest,
	moisture: 14,
	quality: '',
	offcut: false,
	where: 'long rack',
	notes: '',
	...more
});
const boards: Board[] = [
	board('b1', 'Spruce spar battens', 'spruce', 14, [28, 65, 3600, 4800], { quality: 'clear' }),
	board('b2', 'Ash battens', 'ash', 22, [12, 32, 2400, 3000], { quality: 'steam bending' }),
	board('b3', 'Larch planking', 'larch', 9, [16, 180, 2700, 4200]),
	board('b4', 'Oak offcuts', 'oak-white', 6, [32, 120, 340, 780], { offcut: true, where: 'offcut bin', moisture: 12 }),
	{ ...board('b5', 'Marine ply', 'ply', 3, [9, 1220, 2440, 2440]), form: 'sheet', where: 'behind the door' },
	{ ...board('b6', 'Ply offcuts', 'ply', 5, [18, 300, 420, 900]), form: 'sheet', offcut: true, where: 'offcut bin' }
];

const consumable = (
	id: string,
	name: string,
	group: string,
	count: number,
	unit: string,
	low: number,
	enough: number,
	where: string
): Consumable => ({ id, name, group, count, unit, low, enough, where, notes: '' });
const consumables: Consumable[] = [
	consumable('c1', 'Masking tape', 'tape', 5, 'rolls', 1, 4, 'paint corner'),
	consumable('c2', 'Copper rivets', 'fastenings', 2, 'boxes', 2, 6, 'building frame'),
	consumable('c3', 'Bronze screws', 'fastenings', 7, 'boxes', 2, 6, 'building frame'),
	consumable('c4', 'Sandpaper sheets', 'abrasives', 35, 'sheets', 20, 60, 'spar bench'),
	consumable('c5', 'Mixing pots', 'finishes', 0, 'packs', 1, 3, 'paint corner')
];

const tools: Tool[] = [
	{
		id: 'w1',
		kind: 'table-saw',
		name: '',
		limits: { depth: 79, depth45: 54, stacked: 34, stackedWidth: 20, rip: 640, kerf: 3.2, before: 2600, behind: 3100 },
		notes: ''
	},
	{ id: 'w2', kind: 'drill-press', name: '', limits: { travel: 60, throat: 165, chuck: 13, tilt: 45 }, notes: '' },
	{ id: 'w3', kind: 'band-saw', name: '', limits: { throat: 305, depth: 170 }, notes: '' },
	{ id: 'w4', kind: 'auger-bits', name: '', limits: { sizes: [10, 13, 16, 20, 25], reach: 160 }, notes: '' },
	{ id: 'w5', kind: 'clamps', name: '', limits: { longest: 1200, reach: 95 }, notes: '' },
	{ id: 'w6', kind: 'plane', name: '', limits: {}, notes: '' }
];

/** Two of the first set that were kept here under names of the shop. */
const patterns: Pattern[] = firstSet('mm').flatMap((p, i) => {
	const name = { 'Grid for lying bottles': 'Resin grid', 'Cabinet for small bins': 'Rivet cabinet' }[p.name];
	return name ? [{ ...p, id: `p${i}`, name }] : [];
});

/** A fresh copy of the demo shop. */
export function slipwayShop(): Shop {
	return structuredClone({
		format: 'kammer-shop',
		version: 1,
		settings: { id: 'settings', name: 'Slipway workshop', keepLength: 300, keepWidth: 60, currency: 'EUR', tax: 20 },
		things: [...things, ...smallThings],
		boards,
		consumables,
		tools,
		patterns,
		prices: slipwayPrices
	} satisfies Shop);
}
