import { getContext, setContext } from 'svelte';
import type { OpenShop } from './open-shop.svelte';

const KEY = Symbol('shop');

/** Makes the open stock-take known to the panels under a page. */
export const provideShop = (shop: () => OpenShop | null): void => void setContext(KEY, shop);

/** The open stock-take; null where there is none. */
export const shopHere = (): OpenShop | null => (getContext(KEY) as (() => OpenShop | null) | undefined)?.() ?? null;

/** The same, to be asked again later: for what is made before the shop has come. To be called while a part is made. */
export const shopLater = (): (() => OpenShop | null) =>
	(getContext(KEY) as (() => OpenShop | null) | undefined) ?? (() => null);
