import type { Wanted } from '../carriers/carrier';
import { CARRIERS } from '../carriers/registry';
import { carrierKind } from '../kinds/registry';
import { ripInTwo } from '../cleats/profile';
import type { Row } from '../plan/types';
import { rowProfile } from '../plan/profile';
import { stock } from '../materials/stocks';
import { project, type Projection } from '../solid/project';
import { fail, ok, type Result } from '../result';
import type { Thing } from '../things/types';
import type { Tool } from '../tools/tool';
import { buildHolder } from './build';
import type { CleatContext as Cleat } from '../mounts/held';
import type { Built } from './built';
import { holderFor, type MadeFor } from './holder-for';
import { makeable, type Judged } from './made-of';

/** A carrier that suits a thing: made for it, drawn, and held against the tools. */
export interface Offer {
	kind: string;
	title: string;
	made: MadeFor;
	built: Built;
	front: Projection;
	/** The first thing that the shop's tools cannot do, or nobody knows; null when all can be done. */
	blocked: Judged | null;
}

/** A carrier that does not suit it, and why. */
export interface Refusal {
	kind: string;
	title: string;
	why: string;
}

export interface Offers {
	offers: Offer[];
	refusals: Refusal[];
}

/** A usual row, where the wall has none yet. @example usualRow('mm').stock // 'ply-18' */
export function usualRow(unit: Wanted['unit']): Cleat {
	const id = unit === 'mm' ? 'ply-18' : 'ply-3/4';
	const { thickness } = stock(id);
	return { profile: ripInTwo({ blank: 130, thickness, bevel: 45, kerf: 3.2 }), stock: id, blank: 130 };
}

/** The row that something new would hang on: the wall's own, or a usual one. */
export const rowFor = (row: Row | undefined, kerf: number, unit: Wanted['unit']): Cleat =>
	row ? { profile: rowProfile(row, kerf), stock: row.stock, blank: row.blank } : usualRow(unit);

/** What was made for a thing, built, drawn and held against the tools. */
export function offerOf(kind: string, title: string, made: MadeFor, tools: readonly Tool[], context: Cleat): Offer {
	const { back, carriers, mount } = made.holder;
	const built = buildHolder(back, carriers, { kind: 'row', strips: mount.strips, ...context });
	const [worst] = makeable(built, tools);
	return {
		kind,
		title,
		made,
		built,
		front: project(
			built.parts.filter((p) => p.material.kind !== 'cleat'),
			'front'
		),
		blocked: worst && worst.answer.can !== 'yes' ? worst : null
	};
}

/**
 * "What shall carry this?": every carrier made for a thing, the one meant for its grip first, then those that hold most
 * of it, then the narrowest; and those that cannot, with the reason.
 * @param row that it would hang on; the wall's own, or a usual one
 * @example offersFor({ thing, count: 24, widest: 1200, unit: 'mm' }, tools, row, 3.2).offers[0]?.title
 */
export function offersFor(asked: Wanted, tools: readonly Tool[], row: Row | undefined, kerf: number): Offers {
	const context = rowFor(row, kerf, asked.unit);
	const offers: Offer[] = [];
	const refusals: Refusal[] = [];
	for (const { kind, title } of CARRIERS) {
		const made = holderFor(kind, asked, 'offer');
		if (!made.ok) {
			refusals.push({ kind, title, why: made.error });
			continue;
		}
		offers.push(offerOf(kind, title, made.value, tools, context));
	}
	const { grip } = asked.thing;
	const meant = ({ kind, made }: Offer): number => {
		if (grip === null || !carrierKind(kind).grips.includes(grip)) return 2;
		const { apt } = made.fitted;
		if (apt === undefined) return 1;
		// One that says it is not what a practitioner would take stands behind those that say nothing.
		return apt ? 0 : 2;
	};
	offers.sort((a, b) => meant(a) - meant(b) || a.made.over - b.made.over || a.built.face.width - b.built.face.width);
	return { offers, refusals };
}

/**
 * The carrier that is offered first; else why the one meant for the thing's grip cannot carry it.
 * @example firstOf(offersFor(asked, tools, row, 3.2), thing) // { ok: true, value: 'pegs' }
 */
export function firstOf({ offers, refusals }: Offers, thing: Pick<Thing, 'grip'>): Result<string> {
	const [best] = offers;
	if (best) return ok(best.kind);
	const meant = refusals.find((r) => thing.grip !== null && carrierKind(r.kind).grips.includes(thing.grip));
	return fail(meant?.why ?? 'nothing carries it yet');
}
