import { thingsOn, type ThingPlace } from '$core/shop/places';
import type { OpenPlan } from './open-plan.svelte';
import type { OpenShop } from './open-shop.svelte';
import { loadPlaces } from './shop-api';

/**
 * Keeps what hangs where in the stock-take: on this wall as it is now, on others as the server has it. To be called
 * while a component is made.
 */
export function keepPlaces(open: () => OpenPlan, shop: () => OpenShop | null): void {
	let elsewhere = $state.raw<readonly ThingPlace[]>([]);
	$effect(() => {
		const [here, of] = [open().id, shop()];
		if (of) void loadPlaces(of.id).then((places) => (elsewhere = places.filter((p) => p.wall !== here)));
	});
	$effect(() => {
		const of = shop();
		if (!of) return;
		const { id, plan } = open();
		of.places = [...thingsOn(plan).map((p) => ({ ...p, wall: id, wallName: plan.name })), ...elsewhere];
	});
}
