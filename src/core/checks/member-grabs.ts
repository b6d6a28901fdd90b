import { memberKind } from '../members/registry';
import type { InPlace } from '../places/in-place';
import { outOf } from '../solid/frame';
import type { Millimetres } from '../units/quantity';
import { checkOf, type Check } from '../verdict/check';
import { GRAB_UNDER } from '../verdict/grab';

/**
 * Somebody hangs on the outermost point of a holder, or knocks against it sideways: told beside the verdict, which it
 * does not decide. None for what is out of reach. Load: ASTM F2057's 60 lb at the outermost point, from memory, with
 * C_D 1.6.
 * @returns a check of every member that can be hung on, and how far out from the wall the furthest point of them is
 */
export function memberGrabs(p: InPlace): { checks: Check[]; out: Millimetres } {
	const subject = { kind: 'holder', id: p.holder.id } as const;
	const checks: Check[] = [];
	let out = 0;
	for (const m of p.built.members) {
		const { grab } = m;
		if (!grab) continue;
		const low = m.instances.filter((f) => p.foot + f.at[1] <= GRAB_UNDER);
		if (low.length === 0) continue;
		for (const f of low) out = Math.max(out, outOf(f, [grab.x, 0, grab.z])[2]);
		const kind = memberKind(m.data.kind);
		for (const { key, ...step } of kind.grab?.(m.data, grab) ?? [])
			checks.push(checkOf(`holder:${p.holder.id}:grab-${key}:${m.carrier}`, subject, step));
		for (const { key, ...step } of kind.knock?.(m.data, grab) ?? [])
			checks.push(checkOf(`holder:${p.holder.id}:${key}:${m.carrier}`, subject, step));
	}
	return { checks, out };
}
