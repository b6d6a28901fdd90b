import type { Found } from '../carriers/carrier';
import { carrierKind } from '../kinds/registry';
import type { Back } from '../plan/types';
import { count, mm, phrase } from '../units/phrase';
import type { Vec3 } from '../solid/vector';
import type { Millimetres } from '../units/quantity';
import { standsOnBack, type BuiltCarrierAt } from './built';

const meet = (a: BuiltCarrierAt['taken'], b: BuiltCarrierAt['taken']) =>
	a.left < b.right - 0.01 && b.left < a.right - 0.01 && a.low < b.high - 0.01 && b.low < a.high - 0.01;

/** Screws through a back may not come nearer to its edges than this. */
const SCREW_EDGE: Millimetres = 8;

/**
 * A carrier that is screwed through its back: every screw must be in the board, and what it turns about must bear on
 * it. Nothing else of its checks knows where the board ends.
 */
function throughBack(c: BuiltCarrierAt, back: Back, rear: Millimetres): Found[] {
	const { title, through } = carrierKind(c.kind);
	if (!through) return [];
	const say = (message: Found['message']): Found => ({ level: 'stop', field: `carriers.${c.id}`, message });
	const near = ([x, y]: Vec3) => Math.min(x, back.width - x, y, back.height - y) < SCREW_EDGE - 0.01;
	const screws = c.joints.flatMap((j) => j.places).filter((at) => Math.abs(at[2] - rear) < 0.01);
	const misses = [...screws, ...c.bolts].filter(near);
	return [
		...(misses.length > 0
			? [
					say(
						phrase(
							`${title}: {n} of its ${c.bolts.length > 0 ? 'bolts' : 'screws'} miss the back, or come out at its edge: at least {m} in`,
							{
								n: count(misses.length),
								m: mm(SCREW_EDGE)
							}
						)
					)
				]
			: []),
		...(c.taken.low < -0.01
			? [
					say(
						phrase(`${title}: reaches {d} below its back, and what it turns about bears on nothing`, {
							d: mm(-c.taken.low)
						})
					)
				]
			: [])
	];
}

/**
 * Two carriers on one back may not meet, and each must stand on it.
 * @param rear where the back begins, out from the wall: screws through it stand there
 * @example placeWarnings(built.carriers, holder.back, 18).length // 0
 */
export function placeWarnings(carriers: readonly BuiltCarrierAt[], back: Back, rear: Millimetres): Found[] {
	const found: Found[] = [];
	const onBack = carriers.filter(standsOnBack);
	onBack.forEach((c, i) => {
		const { title } = carrierKind(c.kind);
		found.push(...throughBack(c, back, rear));
		if (c.taken.left < -0.01 || c.taken.right > back.width + 0.01)
			found.push({
				level: 'stop',
				field: `carriers.${c.id}`,
				message: phrase(`${title}: wider than its back, or out past its end`)
			});
		for (const o of onBack.slice(0, i))
			if (meet(c.taken, o.taken))
				found.push({
					level: 'stop',
					field: `carriers.${c.id}`,
					message: phrase(`${title} and ${carrierKind(o.kind).title.toLowerCase()} run into each other`)
				});
	});
	return found;
}
