import type { LagSize } from '../../materials/lags';
import { stock } from '../../materials/stocks';
import { strapOf } from '../../materials/steel';
import { facing, flat, onEdge, upright } from '../../solid/frame';
import { plain, rectangle } from '../../solid/outline';
import type { Part } from '../../solid/part';
import { type Millimetres } from '../../units/quantity';
import { ascending, lagPart } from '../boards-on';

import { frameOf, type DeckParams } from './fields';

/** A strap from the deck's edge to the spreader, once for every hanger. */
function strapPart(p: DeckParams, over: Millimetres): Part {
	const strap = strapOf(p.hangers.strap);
	const { high } = frameOf(p);
	const from = high / 2 - strap.width;
	const to = over - p.spreader.board - stock(p.spreader.stock).thickness;
	const long = Math.max(strap.width, to - from);
	return {
		id: 'strap',
		name: 'hanger strap',
		material: { kind: 'strap', strap: strap.id },
		outline: plain(rectangle(strap.width, long)),
		thickness: strap.thickness,
		grain: 'none',
		features: [],
		stands: ascending(p.hangers.at).map((x) => facing('front', [x - strap.width / 2, from, p.depth]))
	};
}

/** All that it is made of. @param over the underside of the joists above its foot */
export function deckParts(p: DeckParams, over: Millimetres): Part[] {
	const { t, high, members, top } = frameOf(p);
	const sheet = stock(p.sheet);
	const spreader = stock(p.spreader.stock);
	const board = (id: string, name: string, of: DeckParams['frame']) =>
		({ id, name, material: { kind: 'board', stock: of }, features: [] }) as const;
	const under = over - p.spreader.board;
	const lags = (
		name: string,
		size: LagSize,
		length: Millimetres,
		stands: Part['stands'],
		through: Millimetres
	): Part => ({
		...lagPart({ size, length, at: [] }, [], { depth: through, back: 0 }),
		id: name,
		stands
	});
	return [
		{
			...board('ledger', 'ledger', p.frame),
			outline: plain(rectangle(p.width, high)),
			thickness: t,
			grain: 'x',
			stands: [upright([0, 0, 0])]
		},
		{
			...board('rail', 'front rail', p.frame),
			outline: plain(rectangle(p.width, high)),
			thickness: t,
			grain: 'x',
			stands: [upright([0, 0, p.depth - t])]
		},
		{
			...board('member', 'member', p.frame),
			outline: plain(rectangle(p.depth - 2 * t, high)),
			thickness: t,
			grain: 'x',
			stands: members.map((x) => onEdge([x + t / 2, 0, t]))
		},
		{
			...board('sheet', 'deck', p.sheet),
			outline: plain(rectangle(p.width, p.depth)),
			thickness: sheet.thickness,
			grain: 'x',
			stands: [flat([0, top, 0])]
		},
		...(p.lip > 0
			? [
					{
						...board('lip', 'lip', p.sheet),
						outline: plain(rectangle(p.width, p.lip)),
						thickness: sheet.thickness,
						pinned: true as const,
						grain: 'x' as const,
						stands: [upright([0, top, p.depth - sheet.thickness])]
					}
				]
			: []),
		{
			...board('spreader', 'spreader', p.spreader.stock),
			outline: plain(rectangle(p.width + 2 * p.spreader.beyond, spreader.width)),
			thickness: spreader.thickness,
			grain: 'x',
			stands: [flat([-p.spreader.beyond, under, p.depth - spreader.width / 2])]
		},
		strapPart(p, over),
		lags(
			'ledger-lag',
			p.ledger.lag,
			p.ledger.length,
			p.ledger.at.map((x) => facing('front', [x, high / 2, 0])),
			t
		),
		lags(
			'hanger-lag',
			p.hangers.lag,
			p.hangers.into,
			p.hangers.at.map((x) => facing('underside', [x, under, p.depth])),
			Math.min(p.hangers.into, spreader.thickness)
		),
		lags(
			'spreader-lag',
			p.spreader.lag,
			p.spreader.length,
			p.spreader.at.flatMap((x) =>
				Array.from({ length: p.spreader.each }, (_, k) =>
					facing('underside', [x, under, p.depth + (k - (p.spreader.each - 1) / 2) * LAG_APART])
				)
			),
			spreader.thickness
		)
	];
}
/** Lags at one joist stand one behind another, so far apart. */
const LAG_APART: Millimetres = 40;
