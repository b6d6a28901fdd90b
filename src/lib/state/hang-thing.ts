import { bestPlace } from '$core/arrange/best-place';
import { firstFixed } from '$core/arrange/first-fixed';
import type { Gap } from '$core/arrange/gaps';
import type { Lone } from '$core/arrange/lone-places';
import { hangOn, unhang } from '$core/kinds/hang';
import { carrierKind } from '$core/kinds/registry';
import { cutText } from '$core/form/whole-text';
import { holderFor } from '$core/holders/holder-for';
import { onSpareSeats } from '$core/holders/spare-seats';
import { together } from '$core/holders/together';
import { refersTo } from '$core/mounts/registry';
import { checkPlan } from '$core/checks/check-plan';
import { applyCommand, type Command } from '$core/plan/commands';
import { isFixed, isRackMount } from '$core/plan/held';
import type { Holder, HungHolder, Plan } from '$core/plan/types';
import { fail, ok, type Result } from '$core/result';
import { formatLength } from '$core/units/format-length';
import type { Thing } from '$core/things/types';
import type { LengthUnit } from '$core/units/parse-length';
import { sayPhrase } from '$core/units/phrase';
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

/** A holder made for a thing, hung nowhere yet; or why not. */
function madeFor(
	plan: Plan,
	thing: Thing,
	left: number,
	kind: string,
	unit: LengthUnit
): Result<{ holder: HungHolder; over: number }> {
	const widest = widestOn(plan);
	if (widest < 120) return fail('There is no room for it');
	const made = holderFor(kind, { thing, count: left, widest, unit }, newId());
	if (!made.ok) return made;
	return ok({ holder: { ...made.value.holder, name: cutText(thing.name, 60) }, over: made.value.over });
}

/** Put where it fits best: on a row, or on the wall where there is none; or why not. */
function put(plan: Plan, holder: HungHolder, unit: LengthUnit): Result<Holder> {
	const placed = plan.rows.length > 0 ? bestPlace(plan, holder) : firstFixed(plan, holder, unit);
	return placed ? ok(placed) : fail('No row has room for it');
}

function whereWords(plan: Plan, holder: Holder, unit: LengthUnit): string {
	if (isFixed(holder)) {
		const { x, y } = holder.mount;
		return `screwed to the wall at ${formatLength(x, unit)}, ${formatLength(y, unit)} up: there is no row yet`;
	}
	const { mount } = holder;
	if (isRackMount(mount)) return 'on the wall itself, where it is in nothing’s way';
	const row = plan.rows.find((r) => r.id === refersTo(holder));
	return `on ${row?.name || 'a row'} at ${formatLength(mount.x, unit)}, where it is in nothing’s way and best held`;
}

/** Makes a holder of a kind of carrier for a thing, and hangs it where it fits best. */
export function holderForThing(open: OpenPlan, shop: OpenShop, thing: Thing, kind: string, unit: LengthUnit): Outcome {
	const made = madeFor(open.plan, thing, leftOf(shop, thing, null), kind, unit);
	return made.ok ? hangMade(open, made.value, thing.name, unit) : { problem: made.error };
}

/** Hangs what was made for a thing where it fits best, under its name. */
export function hangMade(
	open: OpenPlan,
	{ holder: bare, over }: { holder: HungHolder; over: number },
	name: string,
	unit: LengthUnit
): Outcome {
	const { problem, why } = hangPattern(open, { ...bare, name: cutText(name, 60) }, unit);
	return problem === undefined ? { over, why } : { problem };
}

/** Hangs a holder as it is where it fits best. */
export function hangPattern(open: OpenPlan, bare: HungHolder, unit: LengthUnit): Outcome {
	const placed = put(open.plan, bare, unit);
	if (!placed.ok) return { problem: placed.error };
	const holder = placed.value;
	const [wrong] = open.do({ kind: 'add', list: 'holders', item: holder });
	if (wrong) return { problem: sayProblem(wrong, unit) };
	open.selection = { kind: 'holder', id: holder.id };
	return { why: whereWords(open.plan, holder, unit) };
}

/** Puts what was made for a thing where a holder that hangs already has room for it. */
export function putInGap(open: OpenPlan, gap: Gap, unit: LengthUnit): Outcome {
	const { holder: id, carriers } = gap;
	const [wrong] = open.do({ kind: 'change', list: 'holders', id, change: { carriers } });
	if (wrong) return { problem: sayProblem(wrong, unit) };
	open.selection = { kind: 'holder', id };
	return { why: `on ${gap.name || 'a holder'}, ${sayPhrase(gap.where, unit)}` };
}

/** Puts what needs no back where it was found to be held best. */
export function putLone(open: OpenPlan, lone: Lone, unit: LengthUnit): Outcome {
	const rack = { ...lone.rack, id: newId() };
	const [wrong] = open.do({ kind: 'add', list: 'holders', item: rack });
	if (wrong) return { problem: sayProblem(wrong, unit) };
	open.selection = { kind: 'holder', id: rack.id };
	return { over: lone.over, why: whereWords(open.plan, rack, unit) };
}

/** What came of placing several: how many, how, and which not and why; null when it was stopped. */
export interface AllPlaced {
	/** Things that hang now, all of them or some. */
	done: number;
	/** Holders made for them. */
	holders: number;
	/** Things that went onto spare places, some of them or all. */
	spare: number;
	not: string[];
}

/** A plan that grows by commands, each of which may fail. */
class Growing {
	readonly commands: Command[] = [];
	constructor(public plan: Plan) {}

	/** Does one more; or why it cannot be done. */
	take(command: Command, unit: LengthUnit): string | null {
		const applied = applyCommand(this.plan, command);
		if (!applied.ok) return applied.error[0] ? sayProblem(applied.error[0], unit) : 'it cannot be done';
		this.plan = applied.value.plan;
		this.commands.push(command);
		return null;
	}

	/** Hangs a holder where it fits best; or why it cannot be, or could not be built there. */
	hang(holder: HungHolder, unit: LengthUnit): string | null {
		const placed = put(this.plan, holder, unit);
		if (!placed.ok) return placed.error;
		const before = this.plan;
		const wrong = this.take({ kind: 'add', list: 'holders', item: placed.value }, unit);
		if (wrong !== null) return wrong;
		const stop = checkPlan(this.plan).holders.get(holder.id)?.stop;
		if (!stop) return null;
		this.plan = before;
		this.commands.pop();
		return `where it fits best: ${sayPhrase(stop.message, unit)}`;
	}
}

/** A thing of which some are left, and the holder made for it. */
interface Waiting {
	thing: Thing;
	holder: HungHolder;
}

/**
 * Places several things: spare places of what carries them already first, then a holder for each, made of the first
 * carrier that offers itself, those alike on one back. One step to undo. Pauses after every thing, so that the page
 * stays alive and it can be stopped.
 * @param kindFor the carrier for a thing, or why nothing carries it: what nobody weighed is left out, and said
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
	const growing = new Growing(open.plan);
	const waiting = new Map<string, Waiting[]>();
	const not: string[] = [];
	const done = new Set<string>();
	let spare = 0;
	const leave = (thing: Thing, why: string) =>
		not.push(`${thing.name} (${why[0]?.toLowerCase() ?? ''}${why.slice(1)})`);
	const pause = async (n: number) => {
		await new Promise((go) => setTimeout(go));
		return at(n);
	};
	for (const [n, thing] of things.entries()) {
		if (!(await pause(n))) return null;
		const all = leftOf(shop, thing, null);
		const { filled, placed } = onSpareSeats(growing.plan.holders, thing.id, all);
		const onto = filled.every(
			({ holder: id, carriers }) =>
				growing.take({ kind: 'change', list: 'holders', id, change: { carriers } }, unit) === null
		);
		const left = onto ? all - placed : all;
		if (onto && placed > 0) {
			spare++;
			done.add(thing.id);
		}
		if (left <= 0) continue;
		const kind = kindFor(thing, left);
		const made = kind.ok ? madeFor(growing.plan, thing, left, kind.value, unit) : kind;
		if (!made.ok) {
			leave(thing, made.error);
			continue;
		}
		const group = waiting.get(thing.group) ?? [];
		group.push({ thing, holder: made.value.holder });
		waiting.set(thing.group, group);
	}
	let holders = 0;
	for (const group of waiting.values()) {
		for (const { holder, of } of together(
			group.map((w) => w.holder),
			widestOn(growing.plan)
		)) {
			if (!(await pause(things.length))) return null;
			const those = of.map((i) => group[i] as Waiting);
			const named = { ...holder, name: cutText(holder.name, 60) };
			if (growing.hang(named, unit) === null) {
				holders++;
				for (const { thing } of those) done.add(thing.id);
				continue;
			}
			// Together there is no room for them: one by one there may be.
			for (const { thing, holder: one } of those) {
				const why = growing.hang(one, unit);
				if (why === null) {
					holders++;
					done.add(thing.id);
				} else leave(thing, why);
			}
		}
	}
	if (growing.commands.length > 0) {
		const [wrong] = open.do({ kind: 'together', label: 'place all', commands: growing.commands });
		if (wrong) return { done: 0, holders: 0, spare: 0, not: [sayProblem(wrong, unit)] };
	}
	return { done: done.size, holders, spare, not };
}
