import { cutOf } from '../solid/cut-part';
import { stock } from '../materials/stocks';
import type { Holder } from '../plan/types';
import { operationsOf, type PartOperation } from '../solid/operations';
import { canMake, type Answer } from '../tools/can';
import type { Tool } from '../tools/tool';
import { count, mm, phrase, type Phrase } from '../units/phrase';
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
