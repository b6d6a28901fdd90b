import type { CutGroup } from '../cutting/cut-group';
import type { CutPlan } from '../cutting/cut-plan';
import { isBar } from '../cutting/groups';
import { soldSize, type Offer } from '../cutting/offers';
import { plugsWanted, screwsByOwner, type Owner } from '../cutting/screws';
import { smallParts, type SmallPart } from '../holders/made-of';
import { builtOf } from '../places/any-place';
import type { Plan } from '../plan/types';
import { cheapest, cheapestOf, type Packs } from '../prices/packs';
import type { Buying, Ware } from '../prices/ware';
import { mm, phrase, type Phrase } from '../units/phrase';
import { finishOf, glueOf } from './liquids';
import { withSpares } from './spares';

export type LineKind = 'wood' | 'screws' | 'plugs' | 'parts' | 'glue' | 'finish';

/** Something to buy, for whom, and what it costs. */
export interface BillLine {
	key: string;
	kind: LineKind;
	ware: Ware;
	title: Phrase;
	/** What is needed: pieces, or litres of glue and finish. */
	need: number;
	/** With some over, which is what is bought. */
	count: number;
	/** Null: its price is not known. */
	packs: Packs | null;
	/** Who needs it, and how much of it: shares of wood, pieces or litres of the rest. */
	owners: Map<string, { owner: Owner; share: number }>;
}

/** Everything to buy for a wall. */
export interface Bill {
	lines: BillLine[];
	/** What there is enough of already, by the plan's own word: it costs nothing. */
	have: BillLine[];
	/** What all lines with a price cost, tax in it. */
	total: number;
	/** Lines whose price is not known: the total is without them. */
	missing: BillLine[];
	/** Wood that could be bought instead, had it a price. */
	unpriced: Ware[];
}

function addOwner(line: BillLine, owner: Owner, share: number): void {
	const there = line.owners.get(owner.id);
	if (there) there.share += share;
	else line.owners.set(owner.id, { owner, share });
}

/** The longest that a group buys, and of those the widest: one more of it stands in for any other. */
function largestBought({ sheets, offers }: CutGroup): Offer | null {
	const bought = offers.filter((o, i) => o.ware && sheets.some((s) => s.offer === i));
	return bought.sort((a, b) => b.length - a.length || b.width - a.width)[0] ?? null;
}

/** Boards, sheets, dowels and rods that a group buys; each owner's share of them by area. */
function woodLines(group: CutGroup, buying: Buying, over: number): BillLine[] {
	const spare = group.kind === 'board' && over > 0 ? largestBought(group) : null;
	return group.offers.flatMap((offer, i): BillLine[] => {
		const sheets = group.sheets.filter((s) => s.offer === i);
		if (!offer.ware || sheets.length === 0) return [];
		const count = sheets.length + (offer === spare ? over : 0);
		const line: BillLine = {
			key: `wood ${group.key} ${offer.length} ${offer.width}`,
			kind: 'wood',
			ware: offer.ware,
			title: woodTitle(group, offer),
			need: sheets.length,
			count,
			packs: packsOf(offer, count, buying),
			owners: new Map()
		};
		for (const { pieces } of sheets) {
			const area = pieces.reduce((sum, p) => sum + p.length * p.width, 0);
			for (const { piece, length, width } of pieces)
				addOwner(line, piece.owner, (length * width) / area / sheets.length);
		}
		return [line];
	});
}

/** Of the very lines that the cut plan reckoned with, as far as they are still there. */
function packsOf({ lines }: Offer, count: number, { prices }: Buying): Packs | null {
	const there = new Set(prices.map((p) => p.id));
	return cheapestOf(
		lines.filter(({ price }) => there.has(price.id)),
		count
	);
}

function woodTitle(group: CutGroup, offer: Offer): Phrase {
	const { length, width } = soldSize(offer);
	const { kind, title } = group;
	const name = kind === 'dowel' ? title : phrase(offer.title);
	return isBar(group)
		? phrase(`${name.text}, {l} long`, { ...name.values, l: mm(length) })
		: phrase(`${name.text}, {w} x {l}`, { ...name.values, w: mm(width), l: mm(length) });
}

type Needed = { key: string; kind: LineKind; ware: Ware; title: Phrase; owner: Owner; count: number };

/** Small parts that are called the same in every size are one line. */
export const partKey = ({ what }: Pick<SmallPart, 'what'>): string => `part ${JSON.stringify(what)}`;

/** What is counted one by one, owner after owner. */
function* countedNeeds(plan: Plan): Generator<Needed> {
	for (const { owner, size, length, count } of screwsByOwner(plan)) {
		const title = phrase(`wood screws, ${size} x {l@tape}`, { l: mm(length) });
		const ware = { sold: 'screw', size, length } as const;
		yield { key: `screw ${size} ${length.toFixed(2)}`, kind: 'screws', ware, title, owner, count };
	}
	const plugs = plugsWanted(plan);
	if (plugs) {
		const { diameter, length } = plugs.plug;
		const title = phrase('plugs for a hole of {d}, {l@tape} long', { d: mm(diameter), l: mm(length) });
		const owner = { kind: 'wall', id: 'wall', name: 'Into the wall' } as const;
		yield { key: 'plugs', kind: 'plugs', ware: { sold: 'plug', diameter, length }, title, owner, count: plugs.count };
	}
	for (const holder of plan.holders) {
		const owner = { kind: 'holder', id: holder.id, name: holder.name } as const;
		for (const { name, length, what, count } of smallParts(builtOf(plan, holder)?.parts ?? [])) {
			yield { key: partKey({ what }), kind: 'parts', ware: { sold: 'part', name, length }, title: what, owner, count };
		}
	}
}

/** Glue, and finish where the plan says there is one. */
function* poured(plan: Plan, cuts: CutPlan): Generator<Needed> {
	for (const { owner, litres } of glueOf(plan))
		yield { key: 'glue', kind: 'glue', ware: { sold: 'glue' }, title: phrase('wood glue'), owner, count: litres };
	const { finish } = plan.cutting;
	if (!finish) return;
	const pieces = cuts.groups.flatMap((g) => g.sheets.flatMap((s) => s.pieces.map((p) => p.piece)));
	for (const piece of [...pieces, ...cuts.done]) {
		const { owner } = piece;
		const count = finishOf(piece, finish);
		const title = phrase(`finish, ${finish.coats} ${finish.coats === 1 ? 'coat' : 'coats'}`);
		yield { key: 'finish', kind: 'finish', ware: { sold: 'finish' }, title, owner, count };
	}
}

/** The needs of all owners together; screws, plugs and small parts with some over. */
function gather(needs: Iterable<Needed>, buying: Buying): BillLine[] {
	const found = new Map<string, BillLine>();
	for (const { owner, count, ...need } of needs) {
		if (!(count > 0)) continue;
		const line = found.get(need.key) ?? { ...need, need: 0, count: 0, packs: null, owners: new Map() };
		line.need += count;
		addOwner(line, owner, count);
		found.set(need.key, line);
	}
	const SPARE: readonly LineKind[] = ['screws', 'plugs'];
	return [...found.values()].map((line) => {
		const count = SPARE.includes(line.kind) ? withSpares(line.need) : line.need;
		return { ...line, count, packs: cheapest(line.ware, count, buying) };
	});
}

/**
 * Everything to buy for a wall with what it costs: wood as it was cut, with boards over where the plan says so, screws
 * and plugs with some over, small parts, glue, finish. What the shop has already costs nothing and stands apart; what
 * has no price is named, never guessed.
 * @param cuts the cut plan, made with the same prices
 * @example billOf(plan, cuts, buying).missing.length
 */
export function billOf(plan: Plan, cuts: CutPlan, buying: Buying): Bill {
	const wood = cuts.groups.flatMap((g) => woodLines(g, buying, plan.cutting.over ?? 0));
	const all = [...wood, ...gather(countedNeeds(plan), buying), ...gather(poured(plan, cuts), buying)];
	const had = new Set(plan.cutting.have);
	const lines = all.filter((l) => !had.has(l.key));
	return {
		lines,
		have: all.filter((l) => had.has(l.key)),
		total: lines.reduce((sum, l) => sum + (l.packs?.money ?? 0), 0),
		missing: lines.filter((l) => !l.packs),
		unpriced: cuts.groups.flatMap((g) => g.unpriced.flatMap((o) => (o.ware ? [o.ware] : [])))
	};
}
