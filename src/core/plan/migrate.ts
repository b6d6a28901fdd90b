import type { Patch } from 'immer';
import { applyPatches } from 'immer';
import type { History, Step } from './history';
import type { Plan } from './types';

/** The version of the document that this Kammer writes. */
export const VERSION = 2;

type Doc = Record<string, unknown>;
const isDoc = (v: unknown): v is Doc => typeof v === 'object' && v !== null && !Array.isArray(v);
const part = (of: Doc, key: string): Doc => (isDoc(of[key]) ? of[key] : {});

/** Seats of a spread of version 1. */
const seatsOf = (spacing: unknown) => (isDoc(spacing) && typeof spacing.count === 'number' ? spacing.count : 1);

/** One load a seat, so many on each, as version 1 had it: so many in all. */
function loadFrom1(load: Doc, seats: number): Doc {
	const { perSeat, thickness, name, thing, mass, width, height } = load;
	const each = typeof perSeat === 'number' ? perSeat : 1;
	return {
		name,
		...(thing === undefined ? {} : { thing }),
		mass,
		width,
		height,
		depth: thickness,
		count: each * seats
	};
}

/**
 * A holder of version 1, which was a rack of pegs by its `params`, as a back with one carrier. What is missing or odd
 * in it stays so, to be named by whoever reads it then.
 */
function holderFrom1(holder: unknown): unknown {
	if (!isDoc(holder) || !isDoc(holder.params)) return holder;
	const { params, family: _, mount, ...rest } = holder as Doc & { params: Doc };
	const face = part(params, 'face');
	const { height, spacing, ...pegs } = part(params, 'pegs');
	const load = part(params, 'load');
	return {
		...rest,
		mount: {
			...(isDoc(mount) ? mount : {}),
			strips: {
				hook: params.hook,
				recessed: false,
				spacer: params.spacer,
				lockStrip: params.lockStrip === true ? 'screwed' : 'none',
				secondHook: params.secondHook === true
			}
		},
		back: { ...face, made: { kind: 'board' } },
		carriers: [
			{
				id: 'c1',
				kind: 'pegs',
				at: { on: 'back', x: 0, y: height },
				params: { width: face.width, spacing, ...pegs, step: 0, stack: load.perSeat },
				loads: [loadFrom1(load, seatsOf(spacing))]
			}
		]
	};
}

const STEPS: Record<number, (plan: Doc) => Doc> = {
	1: (plan) => ({
		...plan,
		version: 2,
		holders: Array.isArray(plan.holders) ? plan.holders.map(holderFrom1) : plan.holders
	})
};

/**
 * Brings a document of an older version up to the present one. One that is of this version, of a later one, or no plan
 * at all comes back as it is. Nothing is changed in place.
 * @example upToDate({ format: 'kammer-plan', version: 1, holders: [] }) // version 2
 */
export function upToDate(value: unknown): unknown {
	let plan = value;
	while (isDoc(plan) && typeof plan.version === 'number' && plan.version < VERSION) {
		const step = STEPS[plan.version];
		if (!step) return plan;
		plan = step(plan);
	}
	return plan;
}

const aboutHolders = (p: Patch) => p.path[0] === 'holders' || p.path.length === 0;

/** A step of an older history: what it did to holders becomes the holders as they were before and after it. */
function stepFrom(step: Step, before: Plan, after: Plan): Step {
	const holders = (of: Plan): Patch[] => [{ op: 'replace', path: ['holders'], value: of.holders }];
	if (![...step.patches, ...step.inverse].some(aboutHolders)) return step;
	return {
		...step,
		patches: [...step.patches.filter((p) => !aboutHolders(p)), ...holders(after)],
		inverse: [...step.inverse.filter((p) => !aboutHolders(p)), ...holders(before)]
	};
}

/**
 * What a device keeps of a wall, brought up to date: the plan, and its history, so that what was done before can still
 * be undone.
 * @example keepUpToDate({ plan, history }).plan.version // 2
 */
export function keepUpToDate<K extends { plan: Plan; history: History }>(keep: K): K {
	const { version } = keep.plan as { version: number };
	if (version >= VERSION) return keep;
	const now = upToDate(keep.plan) as Plan;
	const past: Step[] = [];
	let [old, up] = [keep.plan, now];
	for (const step of [...keep.history.past].reverse()) {
		const oldBefore = applyPatches(old, step.inverse);
		const upBefore = upToDate(oldBefore) as Plan;
		past.unshift(stepFrom(step, upBefore, up));
		[old, up] = [oldBefore, upBefore];
	}
	const future: Step[] = [];
	[old, up] = [keep.plan, now];
	for (const step of [...keep.history.future].reverse()) {
		const oldAfter = applyPatches(old, step.patches);
		const upAfter = upToDate(oldAfter) as Plan;
		future.unshift(stepFrom(step, up, upAfter));
		[old, up] = [oldAfter, upAfter];
	}
	return { ...keep, plan: now, history: { past, future } };
}
