import { hang, unhang } from '$core/things/hang';
import type { Thing } from '$core/things/types';
import type { LengthUnit } from '$core/units/parse-length';
import { fieldCommit } from './commit';
import type { OpenPlan } from './open-plan.svelte';

/** Says which thing of the stock-take a holder of the open wall carries; null says none. Gives what is wrong, in words. */
export function hangThing(open: OpenPlan, holderId: string, thing: Thing | null, unit: LengthUnit): string | undefined {
	const holder = open.plan.holders.find((h) => h.id === holderId);
	if (!holder) return undefined;
	const load = thing ? hang(thing, holder.params.load) : { ok: true as const, value: unhang(holder.params.load) };
	return load.ok ? fieldCommit(open, { kind: 'change', list: 'holders', id: holderId, change: { params: { ...holder.params, load: load.value } } }, unit) : load.error;
}
