import { moreWalls } from '$core/demo/slipway-more';
import { isRackMount } from '$core/plan/held';
import type { Holder, Plan } from '$core/plan/types';
import { bigWall } from './big-wall';

const WIDTH = 30_000;
const HOLDERS = 260;
const RACKS = 40;

/**
 * A wall with 260 holders on its rows and 40 racks of every kind among them, each as it stands on the lumber wall of
 * the example: what they are in the way of is no matter here. The racks come last.
 */
export function rackWall(): Plan {
	const plan = bigWall(HOLDERS, WIDTH);
	const lumber = moreWalls().find((p) => p.holders.filter((h) => isRackMount(h.mount)).length > 5);
	if (!lumber) throw new Error('the example has no wall of racks');
	const own = lumber.holders.filter((h) => h.mount.kind === 'own');
	const racks = Array.from({ length: RACKS }, (_, i): Holder => {
		const like = structuredClone(own[i % own.length] as Holder);
		const y = like.mount.kind === 'own' ? like.mount.y : 0;
		return { ...like, id: `k${i}`, name: `Rack ${i}`, mount: { kind: 'own', x: (i * (WIDTH - 4000)) / RACKS, y } };
	});
	return {
		...plan,
		wall: { ...plan.wall, ...(lumber.wall.ceiling ? { ceiling: lumber.wall.ceiling } : {}) },
		holders: [...plan.holders, ...racks]
	};
}
