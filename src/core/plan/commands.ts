import { enablePatches, produceWithPatches, type Patch } from 'immer';
import type { ObjectSchema } from 'yup';
import { refersTo } from '../mounts/registry';
import { isKnown, type SpeciesId } from '../materials/woods';
import { layStuds, type StudLayout } from '../survey/lay-studs';
import { fail, ok, type Problem, type Result } from '../result';
import { text } from '../form/yup';
import { LISTS, listPath, type ListName, type Lists } from './lists';
import { rowRefusals } from './row-refusals';
import { cuttingSchema, planSchema, wallSchema } from './schema';
import type { Cutting, Plan, Wall } from './types';
import { crossProblems } from './validate';
import { problemsOf } from '../form/problems';

export { listPath, type ListName };

enablePatches();

type ListCommand<K extends ListName> =
	| { kind: 'add'; list: K; item: Lists[K] }
	| { kind: 'change'; list: K; id: string; change: Partial<Omit<Lists[K], 'id'>> }
	| { kind: 'remove'; list: K; id: string };

/** What the wall is, but for its lists. */
export type WallFacts = { [K in Exclude<keyof Wall, ListName>]?: Wall[K] | undefined };

/** Everything a person does to a plan. */
export type Command =
	| { [K in ListName]: ListCommand<K> }[ListName]
	| { kind: 'rename'; name: string }
	/** Facts of the wall itself; undefined takes one away. */
	| ({ kind: 'set-wall' } & WallFacts)
	/** A survey from outside, whole. */
	| { kind: 'set-survey'; wall: Wall }
	/** Says what all studs are whose species nobody has said. */
	| { kind: 'set-species'; species: SpeciesId }
	/** Whoever reaches for things here; undefined is not said. */
	| { kind: 'set-stature'; stature: number | undefined }
	| { kind: 'lay-studs'; layout: StudLayout }
	| { kind: 'set-cutting'; change: Partial<Cutting> }
	/** Several as one: done all or none, undone together. */
	| { kind: 'together'; label: string; commands: readonly Command[] };

type Single = Exclude<Command, { kind: 'together' }>;

/** A plan after a command, with the patches that undo and redo it. */
export interface Applied {
	plan: Plan;
	label: string;
	patches: Patch[];
	inverse: Patch[];
}

const studsSchema = wallSchema.pick(['studs']);
const statureSchema = planSchema.pick(['stature']);

/** What a command does, in words for the undo button. */
export function commandLabel(command: Command): string {
	switch (command.kind) {
		case 'add':
			return `add ${LISTS[command.list].word}`;
		case 'remove':
			return `delete ${LISTS[command.list].word}`;
		case 'change':
			return `${'mount' in command.change || 'y' in command.change ? 'move' : 'change'} ${LISTS[command.list].word}`;
		case 'rename':
			return 'rename';
		case 'set-wall':
			return 'photo' in command ? 'change photo' : 'change wall';
		case 'set-survey':
			return 'take a survey';
		case 'set-species':
			return 'say the species';
		case 'set-stature':
			return 'say who reaches';
		case 'lay-studs':
			return 'lay out studs';
		case 'set-cutting':
			return 'change cutting';
		case 'together':
			return command.label;
	}
}

/** Where the thing a command names stands in its list; -1 when there is none. */
function indexOf(plan: Plan, { list, id }: { list: ListName; id: string }): number {
	return LISTS[list].of(plan).findIndex((i) => i.id === id);
}

/** A list of a draft, made where there is none yet. */
function draftList(draft: Plan, list: ListName): { id: string }[] {
	if (list in draft.wall || list in draft) return LISTS[list].of(draft);
	const made: { id: string }[] = [];
	Object.assign(draft.wall, { [list]: made });
	// Read back: a draft hands out its own view of what was put into it.
	return LISTS[list].of(draft);
}

/** Sets fields; undefined takes one away. */
function setFields(of: object, change: object): void {
	for (const [key, value] of Object.entries(change)) {
		if (value === undefined) delete (of as Record<string, unknown>)[key];
		else (of as Record<string, unknown>)[key] = value;
	}
}

/** Does a command on a draft; `at` is where the thing it names stands. */
function run(draft: Plan, command: Single, at: number): void {
	switch (command.kind) {
		case 'add':
			draftList(draft, command.list).push(command.item);
			return;
		case 'change':
			setFields(draftList(draft, command.list)[at] as object, command.change);
			return;
		case 'remove': {
			draftList(draft, command.list).splice(at, 1);
			// What hung on a row goes with it; undo brings both back.
			if (command.list === 'rows') draft.holders = draft.holders.filter((h) => refersTo(h) !== command.id);
			return;
		}
		case 'rename':
			draft.name = command.name;
			return;
		case 'set-wall': {
			const { kind: _, ...change } = command;
			setFields(draft.wall, change);
			return;
		}
		case 'set-survey':
			draft.wall = command.wall;
			return;
		case 'set-species':
			for (const s of [...draft.wall.studs, ...(draft.wall.blocking ?? [])])
				if (!isKnown(s.species)) s.species = command.species;
			return;
		case 'set-stature':
			if (command.stature === undefined) delete draft.stature;
			else draft.stature = command.stature;
			return;
		case 'lay-studs':
			draft.wall.studs = layStuds(draft.wall.width, command.layout);
			return;
		case 'set-cutting':
			setFields(draft.cutting, command.change);
	}
}

const picked = new Map<string, ObjectSchema<Record<string, unknown>>>();

/** The schema of those fields of a list's things that a change touches. */
function schemaOf(list: ListName, change: object): ObjectSchema<Record<string, unknown>> {
	const { schema } = LISTS[list];
	const fields = Object.keys(change).filter((k) => Object.hasOwn(schema.fields, k));
	const key = `${list} ${fields.join(' ')}`;
	const known = picked.get(key) ?? schema.pick(fields);
	picked.set(key, known);
	return known;
}

function fieldProblems(plan: Plan, command: Single, at: number): Problem[] {
	const under = (path: string, found: Problem[]) =>
		found.map((p) => ({ path: p.path === '' ? path : `${path}.${p.path}`, message: p.message }));
	switch (command.kind) {
		case 'add': {
			const items = LISTS[command.list].of(plan);
			const { most, schema } = LISTS[command.list];
			if (items.length > most) return [{ path: listPath(command.list), message: `must have at most ${most} entries` }];
			return under(`${listPath(command.list)}[${items.length - 1}]`, problemsOf(schema, items.at(-1)));
		}
		case 'change': {
			const path = `${listPath(command.list)}[${at}]`;
			const strange = Object.keys(command.change).find((k) => !Object.hasOwn(LISTS[command.list].schema.fields, k));
			if (strange !== undefined) return [{ path: `${path}.${strange}`, message: 'there is no such field' }];
			// What was not changed was right before: only the changed fields are looked at, which keeps a drag light.
			return under(path, problemsOf(schemaOf(command.list, command.change), command.change));
		}
		case 'rename':
			return under('name', problemsOf(text(120, true), plan.name));
		case 'set-wall': {
			const fields = Object.keys(command).filter((k) => k !== 'kind');
			return under(
				'wall',
				problemsOf(
					wallSchema.pick(fields),
					Object.fromEntries(fields.flatMap((f) => (f in plan.wall ? [[f, plan.wall[f as keyof Wall]]] : [])))
				)
			);
		}
		case 'set-survey':
			return under('wall', problemsOf(wallSchema, plan.wall));
		case 'set-species':
			return under('wall', problemsOf(studsSchema, { studs: plan.wall.studs }));
		case 'set-stature':
			return problemsOf(statureSchema, { stature: plan.stature });
		case 'set-cutting':
			return under('cutting', problemsOf(cuttingSchema, plan.cutting));
		case 'lay-studs':
			if (plan.wall.studs.length === 0)
				return [
					{
						path: 'wall.studs',
						message: 'no stud fits: the pitch is less than a stud is wide, or the first is beyond the wall'
					}
				];
			return under('wall', problemsOf(studsSchema, { studs: plan.wall.studs }));
		case 'remove':
			return [];
	}
}

/**
 * Turns a plan into the next plan. The given plan is not changed; a command that would make a faulty plan is refused.
 * @returns the next plan with patches, or problems with field paths
 * @example applyCommand(plan, { kind: 'rename', name: 'North wall' })
 */
export function applyCommand(plan: Plan, command: Command): Result<Applied, Problem[]> {
	if (command.kind === 'together') return applyAll(plan, command.label, command.commands);
	const names = command.kind === 'change' || command.kind === 'remove';
	const at = names ? indexOf(plan, command) : -1;
	if (names && at < 0)
		return fail([{ path: listPath(command.list), message: `There is no ${LISTS[command.list].word} "${command.id}"` }]);
	const [next, patches, inverse] = produceWithPatches(plan, (draft) => run(draft as Plan, command, at));
	const wrong = fieldProblems(next, command, at);
	const only = command.kind === 'change' ? { list: command.list, at, fields: Object.keys(command.change) } : undefined;
	// What is wrong in itself is not held against the rest of the plan.
	const problems = wrong.length > 0 ? wrong : [...crossProblems(next, only), ...rowRefusals(plan, next, command)];
	return problems.length > 0 ? fail(problems) : ok({ plan: next, label: commandLabel(command), patches, inverse });
}

/** Several commands, one after another; the first that is refused refuses all. */
function applyAll(plan: Plan, label: string, commands: readonly Command[]): Result<Applied, Problem[]> {
	let all: Applied = { plan, label, patches: [], inverse: [] };
	for (const command of commands) {
		const next = applyCommand(all.plan, command);
		if (!next.ok) return next;
		all = {
			plan: next.value.plan,
			label,
			patches: [...all.patches, ...next.value.patches],
			inverse: [...next.value.inverse, ...all.inverse]
		};
	}
	return ok(all);
}
