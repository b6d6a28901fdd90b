import {
	defineCarrier,
	type BuiltCarrier,
	type CarrierContext,
	type Fitted,
	type Load,
	type Wanted
} from '../carriers/carrier';
import { loadOf, onBase } from '../carriers/load-of';
import { LAGS, lag } from '../materials/lags';
import { screw } from '../materials/screws';
import { strapOf } from '../materials/steel';
import { stock } from '../materials/stocks';
import { boardOnSupports } from '../members/beam';
import { nth } from '../nth';
import { fail, ok } from '../result';
import { upright } from '../solid/frame';
import { count, mm, phrase } from '../units/phrase';
import { type Millimetres } from '../units/quantity';
import { ascending } from './boards-on';
import { nearer } from './driven-fields';

import { deckFields, frameOf, gridOf, MOST, type DeckParams } from './deck/fields';
import { deckFindings } from './deck/findings';
import { deckParts } from './deck/parts';
import { deckSeats } from './deck/seats';

/** Where nobody has surveyed a ceiling its straps are drawn so long. */
const STAND_IN: Millimetres = 600;
/** Two bins of room on their own: what stands there is no bin. */
const BIN = { side: 250, height: 120 } as const;

/** What of its frame bends, each as a board on its supports. */
function bendsIn(p: DeckParams, load: Load | undefined) {
	const { t, high, members } = frameOf(p);
	const { pz, wide, deep } = gridOf(p, load);
	const clear = p.depth - 2 * t;
	const onEdge = { stock: p.frame, depth: t, onEdge: high };
	return {
		xs: members,
		member: boardOnSupports({
			...onEdge,
			name: 'member',
			supports: [0, clear],
			length: clear,
			bearing: t,
			wide: deep
		}),
		rail: boardOnSupports({
			...onEdge,
			name: 'front rail',
			supports: ascending(p.hangers.at),
			length: p.width,
			bearing: strapOf(p.hangers.strap).width,
			wide
		}),
		sheet: boardOnSupports({
			name: 'deck',
			stock: p.sheet,
			depth: pz,
			supports: members,
			length: p.width,
			bearing: t,
			wide
		})
	};
}

function build(p: DeckParams, c: CarrierContext): BuiltCarrier {
	const { t, high, top } = frameOf(p);
	const [load] = c.loads;
	const { wide } = gridOf(p, load);
	const over = c.over ?? top + STAND_IN;
	const hangers = ascending(p.hangers.at);
	const frame = bendsIn(p, load);
	const parts = deckParts(p, over);
	return {
		parts,
		host: [],
		joints: [],
		seats: deckSeats(p, load),
		// Its frame is judged with its hold: a bin may stand anywhere. Here is what somebody may hang on.
		members: [{ data: frame.rail, instances: [upright([0, 0, p.depth - t / 2])], grab: { x: p.width / 2, z: 0 } }],
		faces: [],
		retention: [
			{
				forward: p.lip > 0 ? { by: 'the lip' } : { open: 'a knock pushes one off: a lip along the front' },
				sideways: { open: 'the ends are open: a strip there, or no room to slide' },
				up: { open: 'they lift off, as they are meant to' },
				back: { by: 'the wall' }
			}
		],
		taken: { left: 0, right: p.width, low: 0, high: top },
		warnings: deckFindings(p, c),
		hold: {
			kind: 'deck',
			width: p.width,
			hangLine: p.depth + strapOf(p.hangers.strap).thickness / 2,
			high,
			thickness: t,
			stock: p.frame,
			frame,
			joint: { fastener: screw(p.joint.size), length: p.joint.length, count: p.joint.count },
			ledger: { lag: p.ledger.lag, length: p.ledger.length, at: ascending(p.ledger.at) },
			hangers: {
				at: hangers,
				strap: p.hangers.strap,
				hole: p.hangers.hole,
				bolt: p.hangers.bolt,
				lag: p.hangers.lag,
				into: Math.min(p.hangers.into, stock(p.spreader.stock).thickness)
			},
			spreader: {
				stock: p.spreader.stock,
				lag: p.spreader.lag,
				length: p.spreader.length,
				at: ascending(p.spreader.at),
				each: p.spreader.each,
				board: p.spreader.board
			},
			layers: p.layers,
			wide,
			over: c.over ?? null
		}
	};
}

/** For bins: as many side by side as there is room for, in two rows where they are short, one on another after that. */
function fit(w: Wanted): { ok: true; value: Fitted<DeckParams> } | { ok: false; error: string } {
	if (w.thing.grip !== 'shelf') return fail('it is no bin: a deck carries what stands on a base');
	const load = loadOf(w.thing, w.count);
	if (!load.ok) return load;
	const { wide, deep, high } = onBase(load.value, w.thing.dims);
	if (Math.min(wide, deep) < BIN.side || high < BIN.height)
		return fail('it is too small for a deck: a shelf carries it');
	if (wide > Math.min(w.widest, deckFields.width.max) || deep > deckFields.depth.max)
		return fail('it is too large for a deck');
	const start = overheadDeck.start(w.unit) as DeckParams;
	const rows = Math.max(1, Math.floor(start.depth / deep));
	const depth = Math.max(deckFields.depth.min, rows * deep + start.lip);
	const fits = Math.max(1, Math.floor(Math.min(w.widest, 2400) / wide));
	const columns = Math.min(fits, Math.ceil(w.count / rows));
	const width = Math.max(deckFields.width.min, columns * wide + 20);
	const layers = Math.min(deckFields.layers.max, Math.ceil(w.count / (rows * columns)));
	const at = evenly(width, Math.max(2, Math.ceil(width / 800) + 1));
	return ok({
		params: {
			...start,
			width,
			depth,
			layers,
			hangers: { ...start.hangers, at },
			ledger: { ...start.ledger, at },
			spreader: { ...start.spreader, at }
		},
		sums: [
			{ label: 'along the wall', sum: phrase(`${columns} × {w} and room`, { w: mm(wide) }), value: width },
			{ label: 'out from it', sum: phrase(`${rows} × {d} and the lip`, { d: mm(deep) }), value: depth }
		],
		back: { width, height: frameOf(start).top },
		y: 0,
		load: { ...load.value, width: wide, depth: deep, height: high, count: Math.min(w.count, rows * columns * layers) },
		seats: rows * columns * layers
	});
}

/** Lags of the ledger on the studs that are behind it, those of the spreader under the joists that are over it. */
function onStuds(p: DeckParams, studs: readonly Millimetres[], joists: readonly Millimetres[]): DeckParams {
	const within = (xs: readonly Millimetres[], from: Millimetres, to: Millimetres) =>
		xs.filter((x) => x >= from && x <= to).slice(0, 24);
	const edge = 25;
	const behind = within(studs, edge, p.width - edge);
	const over = within(joists, edge - p.spreader.beyond, p.width + p.spreader.beyond - edge);
	return {
		...p,
		ledger: { ...p.ledger, at: behind.length > 0 ? behind : p.ledger.at },
		spreader: { ...p.spreader, at: over.length > 0 ? over : p.spreader.at }
	};
}

export const overheadDeck = defineCarrier({
	kind: 'overhead-deck',
	title: 'Overhead deck',
	about: 'A framed deck on a ledger, hung from a spreader under the joists: bins stand on it.',
	fields: deckFields,
	grips: [],
	on: [],
	held: ['own'],
	fromAbove: true,
	mark: (p) => ({ name: 'First lag of the ledger', at: [nth(ascending(p.ledger.at), 0), 0] }),
	onStuds,
	groups: () => ['on it'],
	effort: (p) =>
		p.layers * MOST.columns * MOST.rows +
		p.hangers.at.length * 4 +
		p.spreader.at.length * p.spreader.each +
		p.ledger.at.length,
	cross: (p) => {
		return (['ledger', 'hangers', 'spreader'] as const).flatMap((key) =>
			nearer(p[key].at, 20) ? [{ path: `${key}.at`, message: 'two stand in one place' }] : []
		);
	},
	build,
	describe: (p) =>
		phrase('{w@tape} by {d@tape}, {n} hangers', { w: mm(p.width), d: mm(p.depth), n: count(p.hangers.at.length) }),
	fit,
	changes: (p) => [
		...(p.spreader.each < 4
			? [
					{
						text: phrase('{n} lags at each joist', { n: count(p.spreader.each + 1) }),
						params: { ...p, spreader: { ...p.spreader, each: p.spreader.each + 1 } },
						effort: 'screws' as const
					}
				]
			: []),
		...(p.hangers.at.length < 8
			? [
					{
						text: phrase('{n} hangers', { n: count(p.hangers.at.length + 1) }),
						params: { ...p, hangers: { ...p.hangers, at: evenly(p.width, p.hangers.at.length + 1) } },
						effort: 'another part' as const
					}
				]
			: []),
		...LAGS.filter((l) => l.D > lag(p.hangers.lag).D + 0.01)
			.slice(0, 1)
			.map((l) => ({
				text: phrase(`${l.title}s in hangers and spreader`),
				params: {
					...p,
					hangers: { ...p.hangers, lag: l.size },
					spreader: { ...p.spreader, lag: l.size }
				},
				effort: 'screws' as const
			}))
	],
	mirrored: (p, loads) => {
		const turned = (xs: readonly Millimetres[]) =>
			ascending(xs)
				.map((x) => p.width - x)
				.reverse();
		return {
			params: {
				...p,
				ledger: { ...p.ledger, at: turned(p.ledger.at) },
				hangers: { ...p.hangers, at: turned(p.hangers.at) },
				spreader: { ...p.spreader, at: turned(p.spreader.at) }
			},
			loads
		};
	},
	watch: [
		'the spreader: does it draw from the joists?',
		'each hanger at both ends',
		'the ledger: does it open at its top?',
		'the front rail between two hangers'
	],
	sums: (p) => {
		const { t } = frameOf(p);
		return [
			phrase('Members {d} - 2 × {t} long, or the frame comes out deeper than its deck', { d: mm(p.depth), t: mm(t) })
		];
	}
});

/** Hangers evenly apart, the first and last a little in from the ends. */
function evenly(width: Millimetres, n: number): Millimetres[] {
	const inset = Math.min(60, width / 4);
	return Array.from({ length: n }, (_, i) => Math.round(inset + (i * (width - 2 * inset)) / (n - 1)));
}
