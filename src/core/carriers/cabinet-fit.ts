import { startsOf } from '../form/start-of';
import { fail, ok } from '../result';
import { ROOM } from '../things/grips/room';
import { count, mm, phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';
import { clearBetween } from './between';
import { BEHIND_DOORS, boardOf, CABINET, MOST_LEVELS, openingOf, sideOf, type Cabinet } from './cabinet-figures';
import type { Fitted, Wanted } from './carrier';
import { doorsOn } from './doors';
import { backFor, spareFor } from './fitting';
import { HINGED } from './hinged-doors';
import { loadOf, onBase } from './load-of';
import type { Opening } from './opening';
import { playFor, SLIDING } from './sliding-doors';

/** A longer shelf sags between its sides under a full load. */
const WIDEST: Millimetres = 700;
/** Narrower, and a sliding panel leaves too little of it open. */
const LEAST_SLIDING: Millimetres = 250;
/** Sides as high as they may be. */
const HIGHEST: Millimetres = 1200;

/** Doors for a new one: they slide where each is wide enough to be taken hold of, else one hangs on hinges. */
function doorsFor(o: Opening, unit: Wanted['unit']): Cabinet['doors'] {
	const sliding = { kind: 'sliding' as const, ...startsOf(SLIDING, unit) };
	if (clearBetween(o.width, o.side) < LEAST_SLIDING)
		return { kind: 'hinged', ...startsOf(HINGED, unit), leaves: 'left' };
	return { ...sliding, play: playFor(sliding, o) };
}

/** A cabinet for what stands on a base and wants a cover: bays as wide as one, levels as high, doors before them. */
export function cabinetFor(w: Wanted): { ok: true; value: Fitted<Cabinet> } | { ok: false; error: string } {
	const { grip, dims, cover } = w.thing;
	if (grip !== null && grip !== 'shelf' && grip !== 'loose') return fail('it does not stand on a base');
	const known = loadOf(w.thing, w.count);
	if (!known.ok) return known;
	const { wide, deep, high: stands } = onBase(known.value, dims);
	const start = startsOf(CABINET, w.unit);
	const [board, side] = [boardOf(start), sideOf(start)];
	const bay = wide + 2 * ROOM.clear;
	const high = Math.max(20, stands + ROOM.fingers);
	const wanted = Math.max(1, w.count) + spareFor(w.count);
	const most = Math.max(1, Math.floor((Math.min(w.widest, WIDEST) - 2 * side + board) / (bay + board)));
	// About as wide as high.
	const square = Math.ceil(Math.sqrt((wanted * high) / bay));
	const bays = Math.min(20, most, Math.max(1, square));
	const tallest = Math.max(1, Math.floor((HIGHEST - board) / (high + board)));
	const levels = Math.min(MOST_LEVELS, tallest, Math.ceil(wanted / bays));
	const width = Math.max(100, bays * bay + (bays - 1) * board + 2 * side);
	const tall = board + levels * (high + board);
	const doors: Cabinet['doors'] = cover
		? doorsFor({ ...openingOf(start), width, height: tall }, w.unit)
		: { kind: 'none' };
	const before = doors.kind === 'none' ? 0 : doorsOn(doors, openingOf({ ...start, width })).takes + BEHIND_DOORS;
	const depth = Math.max(40, deep + ROOM.clear + before);
	const seats = bays * levels;
	return ok({
		params: {
			...start,
			width,
			depth,
			levels: Array.from({ length: levels }, () => ({ high, bays, each: 1 })),
			doors,
			sides: { ...start.sides, screws: Math.min(12, Math.max(3, Math.round(tall / 90))) }
		},
		sums: [
			{ label: 'bay, clear', sum: phrase('wide {w} + 2 × {c}', { w: mm(wide), c: mm(ROOM.clear) }), value: bay },
			{
				label: 'level, clear',
				sum: phrase('high {h} + {f} for fingers', { h: mm(stands), f: mm(ROOM.fingers) }),
				value: high
			},
			{
				label: 'wide',
				sum: phrase('{n} × {b} + {d} × {t} + 2 × {s}', {
					n: count(bays),
					b: mm(bay),
					d: count(bays - 1),
					t: mm(board),
					s: mm(side)
				}),
				value: width
			},
			{
				label: 'out',
				sum: phrase('deep {d} + {c}, and {g} for the doors', { d: mm(deep), c: mm(ROOM.clear), g: mm(before) }),
				value: depth
			},
			{
				label: 'high',
				sum: phrase('{n} × ({h} + {t}) + {t}', { n: count(levels), h: mm(high), t: mm(board) }),
				value: tall
			}
		],
		back: { width, height: backFor(depth, tall) },
		y: 0,
		load: { ...known.value, width: wide, depth: deep, height: stands, count: Math.min(w.count, seats) },
		seats,
		apt: cover
	});
}
