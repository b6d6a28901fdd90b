import { tallyOf } from '$core/verdict/tally';
import { byRow, byStud } from '$core/checks/by-place';
import type { Subject } from '$core/verdict/check';
import { checkPlan } from '$core/checks/check-plan';
import { placesById } from '$core/places/any-place';
import { movedMount } from '$core/mounts/registry';
import { applyCommand, type Command } from '$core/plan/commands';
import { emptyHistory, redo, remember, undo, type History } from '$core/plan/history';
import type { Plan } from '$core/plan/types';
import { cutText } from '$core/form/whole-text';
import type { Problem } from '$core/result';
import { createPlan, savePlan, type Stored } from './api';
import { Keeper, type Sent } from './keeper.svelte';
import type { Keep, KeepPlace } from './local-keep';

export type Selection = { kind: 'stud' | 'obstruction' | 'row' | 'holder'; id: string };

/** A drag is judged this often at most, ms: figures that change faster cannot be read. */
const JUDGE_EVERY = 80;

/** Browsers compile well what they have gone through some times: once is not enough. */
export const WARM_ROUNDS = 10;

/** The wall that is open: its plan, history, verdicts, and the keeping of it. */
export class OpenPlan {
	readonly id: string;
	plan = $state.raw() as Plan;
	history = $state.raw<History>(emptyHistory());
	selection = $state<Selection | null>(null);
	/** What the check that is being read is about: shown on the wall. */
	pointed = $state.raw<Subject | null>(null);
	readonly keeper: Keeper<Keep>;
	/** The other version, while two stand against each other. */
	theirs = $state.raw<Stored | null>(null);
	/** The plan as a drag would leave it; not yet done. */
	#preview = $state.raw<Plan | null>(null);
	/** The preview that verdicts were last asked for: what is dragged moves first, and is judged right after. */
	#judged = $state.raw<Plan | null>(null);
	/** The preview that verdicts on the wall were last asked for: right after those of the panel, in a task of its own. */
	#marked = $state.raw<Plan | null>(null);
	#judging: ReturnType<typeof setTimeout> | undefined;
	#marking: ReturnType<typeof setTimeout> | undefined;
	#judgedAt = -JUDGE_EVERY;
	shown = $derived(this.#preview ?? this.plan);
	/** Where every holder stands in what is shown, by id, in the plan's order. */
	standing = $derived(placesById(this.shown));
	/** Checks of the plan as it is, whatever is being dragged. */
	settled = $derived(checkPlan(this.plan));
	/** Checks of what is shown; a moment behind it during a drag. */
	checks = $derived(this.#judged ? checkPlan(this.#judged) : this.settled);
	/** The same for all that is marked on the wall and listed under it: a task behind them during a drag. */
	marks = $derived(this.#marked ? checkPlan(this.#marked) : this.settled);
	/** What every stud and row carries and would carry, of the plan as it is. */
	loads = $derived({ studs: byStud(this.plan, this.settled), rows: byRow(this.plan, this.settled) });
	/** How many holders have each verdict. */
	tally = $derived(tallyOf(this.marks.holders.values()));
	stops = $derived(this.marks.warnings.filter((w) => w.level === 'stop'));
	/** Something is being dragged: what is shown is not yet so. */
	dragging = $derived(this.#preview !== null);

	#revision: number;
	#dirty = false;

	constructor(stored: Stored, place: KeepPlace | null, keep: Keep | null) {
		this.id = stored.id;
		this.#revision = stored.revision;
		this.plan = stored.plan;
		this.keeper = new Keeper<Keep>(
			{
				dirty: () => this.#dirty,
				snapshot: () => ({
					plan: this.plan,
					history: this.history,
					revision: this.#revision,
					dirty: this.#dirty,
					at: Date.now()
				}),
				send: () => this.#send()
			},
			place
		);
		if (keep) this.#takeUp(stored, keep);
	}

	/** Goes on where this device left off, or sets both versions side by side if somebody else wrote meanwhile. */
	#takeUp(stored: Stored, keep: Keep): void {
		const same = keep.revision === stored.revision;
		if (same || keep.dirty) {
			this.plan = keep.plan;
			this.history = keep.history;
			this.#dirty = keep.dirty;
		}
		if (keep.dirty && !same) {
			// A save whose answer was lost shows up as a newer revision with the same content.
			if (JSON.stringify(keep.plan) === JSON.stringify(stored.plan)) this.#dirty = false;
			else this.#conflict(stored);
		} else if (keep.dirty) this.keeper.saveIn(0);
	}

	/** Does a command. What is wrong comes back with the paths of the fields; nothing has changed then. */
	do(command: Command, merge?: string): Problem[] {
		const applied = applyCommand(this.plan, command);
		if (!applied.ok) return applied.error;
		this.#endPreview();
		this.history = remember(this.history, applied.value, merge);
		this.#became(applied.value.plan);
		return [];
	}

	/**
	 * Deletes what a panel shows, and what is picked with it. The panel's thing is gone as soon as the selection is, so
	 * its id is taken as a value here and the selection goes last.
	 */
	remove(list: 'studs' | 'obstructions' | 'rows' | 'holders', id: string): Problem[] {
		const problems = this.do({ kind: 'remove', list, id } as Command);
		if (this.selection && !this.exists(this.selection)) this.selection = null;
		return problems;
	}

	/**
	 * Shows what a command would do, while a drag is under way; null ends it without doing anything. What cannot be done
	 * is not shown, and why comes back.
	 */
	show(command: Command | null): Problem[] {
		if (!command) {
			this.#endPreview();
			return [];
		}
		const applied = applyCommand(this.plan, command);
		if (!applied.ok) return applied.error;
		this.#preview = applied.value.plan;
		this.#judging ??= setTimeout(
			() => {
				this.#judging = undefined;
				this.#judged = this.#preview;
				this.#judgedAt = performance.now();
				this.#marking = setTimeout(() => (this.#marked = this.#judged));
			},
			Math.max(0, this.#judgedAt + JUDGE_EVERY - performance.now())
		);
		return [];
	}

	#endPreview(): void {
		clearTimeout(this.#judging);
		clearTimeout(this.#marking);
		this.#judging = undefined;
		this.#preview = null;
		this.#judged = null;
		this.#marked = null;
	}

	/**
	 * Goes through what a drag will go through, with a holder moved by a little, so that the browser has compiled it when
	 * the first drag comes. For an idle moment.
	 * @param round which of several: each moves another one
	 * @returns whether there was something to go through
	 */
	warmUp(round: number): boolean {
		const { holders } = this.plan;
		const holder = holders[Math.floor((holders.length * (round + 0.5)) / WARM_ROUNDS) % holders.length];
		if (!holder || this.#preview) return false;
		const mount = movedMount(holder.mount, 1, 0);
		const applied = applyCommand(this.plan, { kind: 'change', list: 'holders', id: holder.id, change: { mount } });
		if (applied.ok) checkPlan(applied.value.plan);
		return true;
	}

	undo(): void {
		const back = undo(this.plan, this.history);
		if (back) this.#stepped(back);
	}

	redo(): void {
		const on = redo(this.plan, this.history);
		if (on) this.#stepped(on);
	}

	#stepped(to: { plan: Plan; history: History }): void {
		this.#endPreview();
		this.history = to.history;
		this.#became(to.plan);
		if (this.selection && !this.exists(this.selection)) this.selection = null;
	}

	exists({ kind, id }: Selection): boolean {
		const lists = {
			stud: this.plan.wall.studs,
			obstruction: this.plan.wall.obstructions,
			row: this.plan.rows,
			holder: this.plan.holders
		};
		return (lists[kind] as { id: string }[]).some((i) => i.id === id);
	}

	#became(plan: Plan): void {
		this.plan = plan;
		this.#dirty = true;
		this.keeper.changed();
	}

	async #send(): Promise<Sent> {
		const sent = this.plan;
		const answer = await savePlan(this.id, this.#revision, sent);
		switch (answer.kind) {
			case 'kept':
				this.#revision = answer.revision;
				this.#dirty = this.plan !== sent;
				return answer;
			case 'stale':
				if (JSON.stringify(answer.current.plan) !== JSON.stringify(sent)) {
					this.#conflict(answer.current);
					return { kind: 'conflict' };
				}
				// Our own write, whose answer was lost.
				this.#revision = answer.current.revision;
				return { kind: 'again' };
			case 'missing':
				return { kind: 'refused', message: 'this wall was deleted elsewhere; export it to keep it' };
			default:
				return answer;
		}
	}

	#conflict(current: Stored): void {
		this.keeper.server = 'conflict';
		this.theirs = current;
	}

	/**
	 * Ends a conflict without losing either version: one stays this wall, the other becomes a wall of its own.
	 * @returns false when the copy could not be made; both versions are then still here
	 */
	async settle(stays: 'mine' | 'theirs'): Promise<boolean> {
		const theirs = this.theirs;
		if (!theirs) return true;
		const other = stays === 'mine' ? theirs.plan : this.plan;
		const made = await createPlan({ ...other, name: `${cutText(other.name, 100)} (other version)` });
		if (made.kind !== 'made') return false;
		this.#revision = theirs.revision;
		this.theirs = null;
		if (stays === 'theirs') {
			this.plan = theirs.plan;
			this.history = emptyHistory();
			this.selection = null;
			this.#dirty = false;
			this.keeper.server = 'kept';
			this.keeper.copy();
		} else {
			this.#dirty = true;
			this.keeper.server = 'keeping';
			await this.keeper.save();
		}
		return true;
	}
}
