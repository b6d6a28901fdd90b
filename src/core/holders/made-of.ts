import { bradsFor } from '../materials/brads';
import { rod } from '../materials/rods';
import { strapOf } from '../materials/steel';
import { stock } from '../materials/stocks';
import type { Holder } from '../plan/types';
import { cutOf } from '../solid/cut-part';
import { operationsOf, type PartOperation } from '../solid/operations';
import { boundsOf } from '../solid/outline';
import type { Part } from '../solid/part';
import { canMake, type Answer } from '../tools/can';
import type { Tool } from '../tools/tool';
import { count, mm, newtons, phrase, type Phrase } from '../units/phrase';
import type { ScrewSize } from '../materials/screws';
import type { Millimetres } from '../units/quantity';
import type { ScrewCount } from '../mounts/held';
import { mountScrews } from '../mounts/registry';
import type { Built } from './built';

/** A part to cut, in words: how many, of what, how large. */
export function partLines(built: Built): Phrase[] {
	return built.parts.flatMap((part) => {
		const cut = cutOf(part);
		if (!cut) return [phrase(`{n} × ${part.name}, bought`, { n: count(part.stands.length) })];
		const n = count(cut.count);
		switch (cut.kind) {
			case 'board':
				return [
					phrase(`{n} × ${cut.name}: {l@tape} × {w@tape}, ${stock(cut.stock).title}`, {
						n,
						l: mm(cut.length),
						w: mm(cut.width)
					})
				];
			case 'cleat':
				return [phrase(`{n} × ${cut.name}: {l@tape}, of the row's own rip`, { n, l: mm(cut.length) })];
			case 'rod':
				return [phrase(`{n} × ${cut.name}: {l@tape}, ${rod(cut.rod).title}`, { n, l: mm(cut.length) })];
			case 'strap':
				return [phrase(`{n} × ${cut.name}: {l@tape}, ${strapOf(cut.strap).title}`, { n, l: mm(cut.length) })];
			case 'dowel':
				return [phrase(`{n} × ${cut.name}: {l@tape}, dowel of {d}`, { n, l: mm(cut.length), d: mm(cut.diameter) })];
		}
	});
}

/**
 * Screws of a holder: those that hold it or its hooks and strips, and those of its carriers' joints.
 * @example screwsOf(holder, built) // [{ size: '#8', length: 32, count: 10 }]
 */
export function screwsOf({ mount }: Pick<Holder, 'mount'>, built: Built): ScrewCount[] {
	const found = new Map<string, ScrewCount>();
	const take = (size: ScrewSize, length: Millimetres, n: number) => {
		const key = `${size} ${length.toFixed(2)}`;
		const now = found.get(key) ?? { size, length, count: 0 };
		now.count += n;
		found.set(key, now);
	};
	for (const s of mountScrews(mount)) take(s.size, s.length, s.count);
	for (const c of built.carriers) for (const j of c.joints) take(j.size, j.length, j.places.length);
	return [...found.values()];
}

/** Small things a holder takes beside screws, as they are bought. */
export interface SmallPart {
	/** What a store would call it, and how long it is; null where that says nothing. */
	name: string;
	length: Millimetres | null;
	what: Phrase;
	count: number;
	/** What to mind when buying it. */
	note: Phrase;
}

/** How large something bought is: up, and out from the back. */
function boughtSize(part: Part): { high: Millimetres; out: Millimetres } {
	const { left, right, low, high } = boundsOf(part.outline.outer);
	return { high: high - low, out: right - left };
}

function smallPart(part: Part): SmallPart | null {
	const { material, stands } = part;
	if (material.kind === 'bought')
		return {
			name: material.name,
			length: boughtSize(part).high,
			what: phrase(`${material.name}, {h@tape} × {o@tape}`, {
				h: mm(boughtSize(part).high),
				o: mm(boughtSize(part).out)
			}),
			count: stands.length,
			note:
				material.rated === null
					? phrase('read what its maker says that one carries')
					: phrase('one that carries {F} by its maker', { F: newtons(material.rated) })
		};
	if (material.kind === 'driven')
		return {
			name: material.name,
			length: material.length,
			what: phrase(`${material.name}, {l@tape}`, { l: mm(material.length) }),
			count: stands.length,
			note: phrase('drill before it, so that nothing splits')
		};
	if (!part.pinned) return null;
	const { high, out } = boughtSize(part);
	const { length, count } = bradsFor(part.thickness, Math.max(high, out));
	return {
		name: 'brads',
		length,
		what: phrase('brads, {l@tape}', { l: mm(length) }),
		count: count * stands.length,
		note: phrase('they hold what is glued while it dries: no sum counts them')
	};
}

/**
 * What parts take beside wood and screws: brads for what is glued on, and what is bought whole; alike together.
 * @example smallParts(built.parts).map((s) => s.count)
 */
export function smallParts(parts: readonly Part[]): SmallPart[] {
	const found = new Map<string, SmallPart>();
	for (const part of parts) {
		const small = smallPart(part);
		if (!small) continue;
		const key = JSON.stringify([small.what, small.note]);
		const before = found.get(key);
		found.set(key, before ? { ...before, count: before.count + small.count } : small);
	}
	return [...found.values()];
}

/** One thing to do, and whether the shop's tools can. */
export interface Judged extends PartOperation {
	answer: Answer;
}

/**
 * Everything a holder takes to make, each with what the shop's tools say to it; what cannot be made comes first.
 * @example makeable(built, shop.tools).every((j) => j.answer.can === 'yes')
 */
export function makeable(built: Built, tools: readonly Tool[]): Judged[] {
	const RANK = { no: 0, unknown: 1, yes: 2 } as const;
	return built.parts
		.flatMap(operationsOf)
		.map((o) => ({ ...o, answer: canMake(o.operation, tools) }))
		.sort((a, b) => RANK[a.answer.can] - RANK[b.answer.can]);
}
