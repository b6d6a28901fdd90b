import { cutText } from '$core/form/whole-text';
import { bestPlace } from '$core/arrange/best-place';
import { families } from '$core/holders/registry';
import { hangOn, rackFor, unhang } from '$core/things/hang';
import type { Holder } from '$core/plan/types';
import type { Thing } from '$core/things/types';
import type { LengthUnit } from '$core/units/parse-length';
import { fieldCommit, sayProblem } from './commit';
import { newId } from './new-id';
import type { OpenPlan } from './open-plan.svelte';
import type { OpenShop } from './open-shop.svelte';

/** How many of a thing hang on no holder yet, but on this one. */
function leftOf(shop: OpenShop, thing: Thing, but: string | null): number {
	const elsewhere = shop.places
		.filter((p) => p.thing === thing.id && p.holder !== but)
		.reduce((n, p) => n + p.count, 0);
	return thing.count - elsewhere;
}

/** What came of hanging something: what is wrong, or what should be known. */
export interface Outcome {
	problem?: string;
	/** So many of it found no seat. */
	over?: number;
}

/** Says which thing of the stock-take a holder of the open wall carries, as many as there are; null says none. */
export function hangThing(
	open: OpenPlan,
	shop: OpenShop,
	holderId: string,
	thing: Thing | null,
	unit: LengthUnit
): Outcome {
	const holder = open.plan.holders.find((h) => h.id === holderId);
	if (!holder) return {};
	const hung = thing
		? hangOn(thing, holder.params, leftOf(shop, thing, holderId))
		: { ok: true as const, value: { params: { ...holder.params, load: unhang(holder.params.load) }, over: 0 } };
	if (!hung.ok) return { problem: hung.error };
	const problem = fieldCommit(
		open,
		{ kind: 'change', list: 'holders', id: holderId, change: { params: hung.value.params } },
		unit
	);
	return problem ? { problem } : { over: hung.value.over };
}

/** Makes a rack for a thing and hangs it where it fits best. */
export function rackForThing(open: OpenPlan, shop: OpenShop, thing: Thing, unit: LengthUnit): Outcome {
	const widest = Math.max(0, ...open.plan.rows.map((r) => r.right - r.left)) - 80;
	if (widest < 120) return { problem: 'There is no row to hang it on: lay one out first' };
	const made = rackFor(thing, families['peg-rack'].start(unit), leftOf(shop, thing, null), Math.min(widest, 1200));
	if (!made.ok) return { problem: made.error };
	const holder: Holder = {
		id: newId(),
		name: cutText(thing.name, 60),
		family: 'peg-rack',
		params: made.value.params,
		mount: { kind: 'row', row: '', x: 0 }
	};
	const placed = bestPlace(open.plan, holder);
	if (!placed) return { problem: 'No row has room for it' };
	const [wrong] = open.do({ kind: 'add', list: 'holders', item: placed });
	if (wrong) return { problem: sayProblem(wrong, unit) };
	open.selection = { kind: 'holder', id: placed.id };
	return { over: made.value.over };
}
