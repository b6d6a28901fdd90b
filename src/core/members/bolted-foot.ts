import { noScrewsIn, screwGravity, stock, type StockId } from '../materials/stocks';
import { CD_STORAGE } from '../mechanics/fasteners/joint';
import { count, mm, moment, newtons, phrase, stress } from '../units/phrase';
import type { Millimetres, Newtons } from '../units/quantity';
import { boltStep } from './hanging-steps';
import { defineMember, type MemberLoad, type MemberStep } from './member';

/**
 * Something bolted through a board that hangs on edge, nuts and washers sunk in its far side: its weight turns it about
 * its lower bolts and draws the washers of the upper ones through what the sinking leaves.
 */
export interface BoltedFootData {
	kind: 'bolted-foot';
	/** 'machine'. */
	name: string;
	/** Of the upper bolts above the lower ones. */
	apart: Millimetres;
	/** In the upper row, and in all. */
	upper: number;
	all: number;
	bolt: Millimetres;
	washer: Millimetres;
	stock: StockId;
	/** Of the board under a washer. */
	left: Millimetres;
}

/** Its data. */
export const boltedFootOf = (data: Omit<BoltedFootData, 'kind'>): BoltedFootData => ({ kind: 'bolted-foot', ...data });

/** Wider than its bolt by so much is the hole. */
export const BOLT_SLACK: Millimetres = 1;

const weight = (loads: readonly MemberLoad[]): Newtons => loads.reduce((sum, l) => sum + l.weight, 0);
const turning = (loads: readonly MemberLoad[]) => loads.reduce((sum, l) => sum + l.weight * l.z, 0);

/** What one of the upper bolts is drawn with. */
function drawn(d: BoltedFootData, loads: readonly MemberLoad[]) {
	const M = turning(loads);
	const T = M / d.apart / d.upper;
	return {
		T,
		lines: () => [
			{ label: 'turns it', sum: phrase('what is bolted on, about its lower bolts'), result: moment(M) },
			{
				label: 'draws one bolt',
				sum: phrase('{M} / {a} / {n}: the upper ones', { M: moment(M), a: mm(d.apart), n: count(d.upper) }),
				result: newtons(T)
			}
		]
	};
}

/** Its washer presses into the wood, and shears it out all round. */
function washerSteps(d: BoltedFootData, loads: readonly MemberLoad[]): MemberStep[] {
	const { T, lines } = drawn(d, loads);
	const board = stock(d.stock);
	const ring = (Math.PI / 4) * Math.max(0, d.washer ** 2 - (d.bolt + BOLT_SLACK) ** 2);
	const pressed = T / ring;
	const edge = Math.PI * d.washer * Math.max(0, d.left);
	const sheared = T / edge;
	const allowed = board.Fv * CD_STORAGE;
	return [
		{
			key: `${d.name}-washer`,
			title: 'washers of its bolts',
			source: board.source,
			reason: phrase('the washers of its upper bolts press into the board'),
			demand: stress(pressed),
			capacity: stress(board.FcPerp),
			lines: () => [
				...lines(),
				{
					label: 'presses',
					sum: phrase('{T} on the ring of a washer {w} wide about a hole of {h}', {
						T: newtons(T),
						w: mm(d.washer),
						h: mm(d.bolt + BOLT_SLACK)
					}),
					result: stress(pressed)
				}
			]
		},
		{
			key: `${d.name}-sunk`,
			title: 'board under its washers',
			source: board.source,
			reason: phrase('its upper bolts pull through the {l} that sinking them leaves', { l: mm(d.left) }),
			demand: stress(sheared),
			capacity: stress(allowed),
			lines: () => [
				...lines(),
				{
					label: 'shears out',
					sum: phrase('{T} / (π × {w} × {l}): round a washer, through what is left', {
						T: newtons(T),
						w: mm(d.washer),
						l: mm(d.left)
					}),
					result: stress(sheared)
				},
				{
					label: 'allowed',
					sum: phrase(`{v} × ${CD_STORAGE}`, { v: stress(board.Fv) }),
					result: stress(allowed)
				}
			],
			notes: [phrase('A machine shakes: lock nuts, and look at them each season. No sum covers loosening')]
		}
	];
}

/** Each bolt bears on the board with its part of the weight. */
function bearing(d: BoltedFootData, loads: readonly MemberLoad[]): MemberStep {
	const each = weight(loads) / d.all;
	const lines = () => [
		{
			label: 'each bolt',
			sum: phrase('{W} / {n}', { W: newtons(weight(loads)), n: count(d.all) }),
			result: newtons(each)
		}
	];
	return {
		...boltStep({ force: each, lines }, d.bolt, d.left, screwGravity(stock(d.stock))),
		key: `${d.name}-bolt`,
		title: 'bolts across',
		reason: phrase('its bolts crush the wood that they bear on')
	};
}

export const boltedFootMember = defineMember<BoltedFootData>({
	kind: 'bolted-foot',
	measure: (_, loads) => turning(loads),
	steps(d, loads) {
		if (!(weight(loads) > 0)) return [];
		return [...washerSteps(d, loads), ...(noScrewsIn(d.stock) ? [] : [bearing(d, loads)])];
	}
});
