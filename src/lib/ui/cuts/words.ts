import type { CutGroup } from '$core/cutting/cut-group';
import type { CutSheet } from '$core/cutting/cut-sheet';
import { settingsOf } from '$core/cutting/settings';
import type { Offer } from '$core/cutting/offers';
import type { BillLine, LineKind } from '$core/buying/bill';
import type { SawStep } from '$core/machining/steps';
import { sayPhrase } from '$core/units/phrase';
import type { LengthUnit } from '$core/units/parse-length';
import type { Price } from '$core/prices/price';
import type { Lot, Packs } from '$core/prices/packs';

/** What one of a group's boards is called, in the number there are. */
export function boardWord(kind: CutGroup['kind'], n: number): string {
	return n === 1 ? kind : `${kind}s`;
}

/** How many of each offer a group takes, those of the shop first; offers that are not taken are left out. */
export function takenOf(group: Pick<CutGroup, 'offers' | 'sheets'>): { offer: Offer; count: number }[] {
	const count = (i: number) => group.sheets.filter((s: CutSheet) => s.offer === i).length;
	return group.offers.map((offer, i) => ({ offer, count: count(i) })).filter((t) => t.count > 0);
}

/** How often the fence, the stop or the blade's slant is set for a group. */
export function settingsWords({ sheets, offers }: CutGroup, kerf: number): string {
	const n = settingsOf(sheets, offers, kerf);
	return n === 1 ? 'once' : `${n} times`;
}

/**
 * Which cuts of which boards a step makes: "18 mm ply 2: 4, 7; 3: 1".
 * @example whereWords(step, 'mm')
 */
export function whereWords({ cuts }: SawStep, unit: LengthUnit): string {
	const groups = new Map<string, Map<number, number[]>>();
	for (const { group, sheet, cut } of cuts) {
		const title = sayPhrase(group.title, unit);
		const sheets = groups.get(title) ?? new Map<number, number[]>();
		groups.set(title, sheets.set(sheet, [...(sheets.get(sheet) ?? []), cut]));
	}
	return [...groups]
		.map(([title, sheets]) => `${title} ${[...sheets].map(([n, of]) => `${n}: ${of.join(', ')}`).join('; ')}`)
		.join('; ');
}

/** As a shopper counts: litres with a unit, screws with some over. */
export function amountWords({ kind, count, need }: Pick<BillLine, 'kind' | 'count' | 'need'>): string {
	if (kind === 'glue' || kind === 'finish') return `${need < 0.1 ? need.toFixed(2) : need.toFixed(1)} l`;
	return String(count);
}

/** How many offcuts went into the stock-take. @example keptWords(0) // 'Nothing left is worth keeping.' */
export function keptWords(kept: number): string {
	if (kept === 0) return 'Nothing left is worth keeping.';
	return `${kept === 1 ? '1 offcut is' : `${kept} offcuts are`} in the stock-take now.`;
}

const isTin = (sold: Price['sold']) => sold === 'glue' || sold === 'finish';
/** Of how much one pack or tin is. */
export const inOne = ({ pack, sold }: Pick<Price, 'pack' | 'sold'>) =>
	isTin(sold) ? `tin of ${pack} l` : `pack of ${pack}`;

/** What a price is asked for. @example packWord({ pack: 50, sold: 'screw', per: 'pack' }) // 'of a pack of 50' */
export function packWord({ pack, sold, per }: Pick<Price, 'pack' | 'sold' | 'per'>): string {
	if (per === 'metre') return 'of a metre';
	if (per === 'square-metre') return 'of a square metre';
	return pack === 1 && !isTin(sold) ? 'of one' : `of a ${inOne({ pack, sold })}`;
}

function lotWords({ price, packs, each }: Lot, money: (amount: number) => string): string {
	const one = price.pack === 1 && !isTin(price.sold) ? 'single' : inOne(price);
	return `${packs} × ${one}, ${money(each * price.pack)}`;
}

/** So many packs of each size, and what one costs, as a sum that can be done again. */
export function packsWords({ lots, each }: Packs, kind: LineKind, money: (amount: number) => string): string {
	if (kind === 'wood' && lots.every((l) => l.price.pack === 1)) return `${money(each)} each, tax in it`;
	return lots.map((lot) => lotWords(lot, money)).join(' and ');
}
