import { bestPlace } from '$core/arrange/best-place';
import { firstFixed } from '$core/arrange/first-fixed';
import { hangOn, unhang } from '$core/carriers/hang';
import { carrierKind } from '$core/carriers/registry';
import { cutText } from '$core/form/whole-text';
import { holderFor } from '$core/holders/holder-for';
import { refersTo } from '$core/mounts/registry';
import { applyCommand, type Command } from '$core/plan/commands';
import { isFixed } from '$core/plan/held';
import type { Holder, Plan } from '$core/plan/types';
import { fail, ok, type Result } from '$core/result';
import { formatLength } from '$core/units/format-length';
import type { Thing } from '$core/things/types';
import type { LengthUnit } from '$core/units/parse-length';
import { fieldCommit, sayProblem } from './commit';
import { newId } from './new-id';
import type { OpenPlan } from './open-plan.svelte';
import type { OpenShop } from './open-shop.svelte';

/** A group of seats of a holder. */
export interface Seats {
	holder: string;
	carrier: string;
	group: number;
}

/** How many of a thing hang nowhere yet, but on this holder. */
export function leftOf(shop: OpenShop, thing: Thing, but: string | null): number {
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
	/** Where it was put, and why there. */
	why?: string;
}

/** Says which thing of the stock-take a group of seats carries, as many as there are; null says none. */
export function hangThing(
	open: OpenPlan,
	shop: OpenShop,
	seats: Seats,
	thing: Thing | null,
	unit: LengthUnit
): Outcome {
	const holder = open.plan.holders.find((h) => h.id === seats.holder);
	const carrier = holder?.carriers.find((c) => c.id === seats.carrier);
	if (!holder || !carrier) return {};
	const hung = thing
		? hangOn(carrier, seats.group, thing, leftOf(shop, thing, holder.id))
		: {
				ok: true as const,
				value: { loads: carrier.loads.map((l, g) => (g === seats.group ? unhang(l) : l)), over: 0 }
			};
	if (!hung.ok) return { problem: hung.error };
	const { loads, over } = hung.value;
	const carriers = holder.carriers.map((c) => (c.id === carrier.id ? { ...c, loads } : c));
	const problem = fieldCommit(open, { kind: 'change', list: 'holders', id: holder.id, change: { carriers } }, unit);
	return problem ? { problem } : { over };
}

/** The groups of seats of a wall's holders, to choose from. @example seatsOn(holders)[0].name // 'Oars: on the pegs' */
export function seatsOn(holders: readonly Holder[]): { value: string; name: string; seats: Seats }[] {
	return holders.flatMap((h) =>
		h.carriers.flatMap((c) => {
			const groups = carrierKind(c.kind).groups(c.params);
			return groups.map((g, group) => ({
				value: `${h.id}/${c.id}/${group}`,
				name: h.carriers.length + groups.length > 2 ? `${h.name || 'Holder'}: ${g}` : h.name || 'Holder',
				seats: { holder: h.id, carrier: c.id, group }
			}));
		})
	);
}

/** A holder may be no wider than the widest row, or than the wall where there is none, nor than one can carry. */
export function widestOn({ rows, wall }: Pick<Plan, 'rows' | 'wall'>): number {
	const room = rows.length > 0 ? Math.max(...rows.map((r) => r.right - r.left)) : wall.width;
	return Math.min(1200, room - 80);
}

/** A holder made for a thing and put where it fits best: on a row, or on the wall where there is none; or why not. */
function placedFor(
	plan: Plan,
	thing: Thing,
	left: number,
	kind: string,
	unit: LengthUnit
): Result<{ holder: Holder; over: number }> {
	const widest = widestOn(plan);
	if (widest < 120) return fail('There is no room for it');
	const made = holderFor(kind, { thing, count: left, widest, unit }, newId());
	if (!made.ok) return made;
	const named = { ...made.value.holder, name: cutText(thing.name, 60) };
	const placed = plan.rows.length > 0 ? bestPlace(plan, named) : firstFixed(plan, named, unit);
	return placed ? ok({ holder: placed, over: made.value.over }) : fail('No row has room for it');
}

function whereWords(plan: Plan, holder: Holder, unit: LengthUnit): string {
	if (isFixed(holder)) {
		const { x, y } = holder.mount;
		return `screwed to the wall at ${formatLength(x, unit)}, ${formatLength(y, unit)} up: there is no row yet`;
	}
	const { mount } = holder;
	const row = plan.rows.find((r) => r.id === refersTo(holder));
	return `on ${row?.name || 'a row'} at ${formatLength(mount.x, unit)}, where it is in nothing’s way and best held`;
}

/** Makes a holder of a kind of carrier for a thing, and hangs it where it fits best. */
export function holderForThing(open: OpenPlan, shop: OpenShop, thing: Thing, kind: string, unit: LengthUnit): Outcome {
	const made = placedFor(open.plan, thing, leftOf(shop, thing, null), kind, unit);
	if (!made.ok) return { problem: made.error };
	const { holder, over } = made.value;
	const [wrong] = open.do({ kind: 'add', list: 'holders', item: holder });
	if (wrong) return { problem: sayProblem(wrong, unit) };
	open.selection = { kind: 'holder', id: holder.id };
	return { over, why: whereWords(open.plan, holder, unit) };
}

/** What came of placing several: how many, which not and why; null when it was stopped. */
export interface AllPlaced {
	done: number;
	not: string[];
}

/**
 * Makes a holder for each of several things, the first that offers itself, and hangs them one after another: one step
 * to undo. Pauses after every thing, so that the page stays alive and it can be stopped.
 * @param kindFor the carrier for a thing, or why nothing carries it
 * @param at told before each; false stops all, and nothing is placed
 */
export async function placeAll(
	open: OpenPlan,
	shop: OpenShop,
	things: readonly Thing[],
	unit: LengthUnit,
	kindFor: (thing: Thing, left: number) => Result<string>,
	at: (n: number) => boolean
): Promise<AllPlaced | null> {
	const commands: Command[] = [];
	const not: string[] = [];
	let { plan } = open;
	for (const [n, thing] of things.entries()) {
		if (!at(n)) return null;
		await new Promise((done) => setTimeout(done));
		const left = leftOf(shop, thing, null);
		const kind = kindFor(thing, left);
		const made = kind.ok ? placedFor(plan, thing, left, kind.value, unit) : kind;
		if (!made.ok) {
			not.push(`${thing.name} (${made.error.toLowerCase()})`);
			continue;
		}
		const command: Command = { kind: 'add', list: 'holders', item: made.value.holder };
		const applied = applyCommand(plan, command);
		if (!applied.ok) {
			not.push(thing.name);
			continue;
		}
		plan = applied.value.plan;
		commands.push(command);
	}
	if (commands.length > 0) {
		const [wrong] = open.do({ kind: 'together', label: 'place all', commands });
		if (wrong) return { done: 0, not: [sayProblem(wrong, unit)] };
	}
	return { done: commands.length, not };
}
