import { applyChanges, changesBetween, checkChanges, itemChange, type Change } from '$core/shop/changes';
import { emptyShopHistory, redoStep, rememberStep, undoStep, type ShopHistory } from '$core/shop/history';
import { arrived, mergeShops } from '$core/shop/merge';
import { placedCounts, type ThingPlace } from '$core/shop/places';
import { stateOf, tallyByGroup, totalOf } from '$core/shop/tally';
import type { Shop, ShopList, ShopLists } from '$core/shop/types';
import { isMeasured } from '$core/things/measured';
import type { Problem } from '$core/result';
import { Keeper, type Sent } from './keeper.svelte';
import type { Kept, KeepPlace } from './local-keep';
import { newId } from './new-id';
import { saveShop, type StoredShop } from './shop-api';

/** What this device keeps of a shop. What is the same in `shop` and `base` is the same object, also after a reload. */
export interface ShopKeep extends Kept {
	shop: Shop;
	/** As the server has it, at `revision`. */
	base: Shop;
	revision: number;
	history: ShopHistory;
	/** Sent, and not answered yet; copies of earlier versions have none. */
	sent?: readonly Change[];
}

/** Items written with one request: a file brings more than one may carry. */
const MOST_AT_ONCE = 4000;
/** A copy of thousands of things takes a while: typing on is waited for, ms. */
const COPY_AFTER = 250;

/** The stock-take that is open: what the shop owns, its history, and the keeping of it. */
export class OpenShop {
	readonly id: string;
	shop = $state.raw() as Shop;
	history = $state.raw<ShopHistory>(emptyShopHistory());
	readonly keeper: Keeper<ShopKeep>;
	/** What was changed here and elsewhere at once, and is there twice now. */
	twice = $state.raw<readonly string[]>([]);
	/** What hangs on which wall. */
	places = $state.raw<readonly ThingPlace[]>([]);
	placed = $derived(placedCounts(this.places));
	groups = $derived(tallyByGroup(this.shop.things, this.placed));
	total = $derived(totalOf(this.groups));
	/** Lines with something still to measure, and those with something still to place. */
	open = $derived({
		unmeasured: this.shop.things.filter((t) => !isMeasured(t)).length,
		toPlace: this.shop.things.filter((t) => stateOf(t, this.placed.get(t.id) ?? 0) === 'to-place').length
	});

	#base: Shop;
	#revision: number;
	/** Sent, and not answered yet: it may be there or not. */
	#sent: readonly Change[] = [];

	constructor(stored: StoredShop, place: KeepPlace<ShopKeep> | null, keep: ShopKeep | null) {
		this.id = stored.id;
		this.shop = stored.shop;
		this.#base = stored.shop;
		this.#revision = stored.revision;
		this.keeper = new Keeper<ShopKeep>(
			{ dirty: () => this.#isDirty(), snapshot: () => this.#snapshot(), send: () => this.#send() },
			place,
			COPY_AFTER
		);
		if (!keep) return;
		this.history = keep.history;
		this.#sent = keep.sent ?? [];
		if (keep.revision === stored.revision) {
			this.shop = keep.shop;
			this.#base = keep.base;
		} else if (keep.dirty) this.#bring(keep.base, keep.shop, stored);
		if (keep.dirty) this.keeper.saveIn(0);
	}

	/** Puts what was done here on top of what is there now. What was sent from here and is there is nobody else's. */
	#bring(base: Shop, mine: Shop, theirs: StoredShop): void {
		const from = arrived(this.#sent, theirs.shop) ? applyChanges(base, this.#sent) : base;
		this.#sent = [];
		const { shop, twice } = mergeShops(from, mine, theirs.shop, newId);
		this.shop = shop;
		this.#base = theirs.shop;
		this.#revision = theirs.revision;
		if (twice.length > 0) this.twice = [...this.twice, ...twice];
	}

	/**
	 * Makes changes as one step. What is wrong comes back with the paths of the fields; nothing has changed then.
	 * @param key of the step of a wall that is made together with it
	 */
	do(label: string, changes: readonly Change[], key?: string): Problem[] {
		const real = changes.filter((c) => c.before !== c.after);
		if (real.length === 0) return [];
		const checked = checkChanges(this.shop, real);
		if (!checked.ok) return checked.error;
		this.history = rememberStep(this.history, { label, changes: real, ...(key === undefined ? {} : { key }) });
		this.#became(checked.value);
		return [];
	}

	/** Adds items to a list as one step. */
	add<L extends ShopList>(list: L, items: readonly ShopLists[L][], label: string): Problem[] {
		return this.do(
			label,
			items.map((after) => itemChange(list, null, after))
		);
	}

	/** Changes items of a list, each in its own way, as one step. */
	change<L extends ShopList>(
		list: L,
		ids: Iterable<string>,
		to: (item: ShopLists[L]) => ShopLists[L],
		label: string
	): Problem[] {
		const wanted = new Set(ids);
		const found = (this.shop[list] as ShopLists[L][]).filter((i) => wanted.has(i.id));
		return this.do(
			label,
			found.map((before) => itemChange(list, before, to(before)))
		);
	}

	remove(list: ShopList, ids: Iterable<string>, label: string): void {
		const wanted = new Set(ids);
		const gone = this.shop[list].flatMap((before, at) =>
			wanted.has(before.id) ? [itemChange(list, before, null, at)] : []
		);
		this.do(label, gone);
	}

	undo(): void {
		this.#stepped(undoStep(this.shop, this.history));
	}

	redo(): void {
		this.#stepped(redoStep(this.shop, this.history));
	}

	#stepped(to: { shop: Shop; history: ShopHistory } | null): void {
		if (!to) return;
		this.history = to.history;
		this.#became(to.shop);
	}

	#became(shop: Shop): void {
		this.shop = shop;
		this.keeper.changed();
	}

	#unsent(): Change[] {
		return changesBetween(this.#base, this.shop);
	}

	#isDirty(): boolean {
		return this.#sent.length > 0 || this.#unsent().length > 0;
	}

	#snapshot(): ShopKeep {
		const { shop, history } = this;
		return {
			shop,
			base: this.#base,
			revision: this.#revision,
			history,
			sent: this.#sent,
			dirty: this.#isDirty(),
			at: Date.now()
		};
	}

	async #send(): Promise<Sent> {
		// What nobody answered goes once more as it was, so that it is known again if it is there already.
		const changes = this.#sent.length > 0 ? this.#sent : this.#unsent().slice(0, MOST_AT_ONCE);
		this.#sent = changes;
		const answer = await saveShop(this.id, this.#revision, changes);
		switch (answer.kind) {
			case 'kept':
				this.#sent = [];
				this.#revision = answer.revision;
				// As it was sent: what is left, and what was typed meanwhile, is the next to go.
				this.#base = applyChanges(this.#base, changes);
				return { kind: changes.length === MOST_AT_ONCE ? 'again' : 'kept' };
			case 'stale':
				this.#bring(this.#base, this.shop, answer.current);
				return { kind: 'again' };
			case 'missing':
				this.#sent = [];
				return { kind: 'refused', message: 'this stock-take was deleted elsewhere; save it as a file to keep it' };
			case 'unreachable':
				return answer;
			default:
				this.#sent = [];
				return answer;
		}
	}
}
