import { enablePatches, produceWithPatches, type Patch } from 'immer';
import type { ObjectSchema } from 'yup';
import { layStuds, type StudLayout } from '../survey/lay-studs';
import { fail, ok, type Problem, type Result } from '../result';
import { cuttingSchema, claddingSchema, holderSchema, obstructionSchema, rowSchema, studSchema, wallSchema } from './schema';
import { text } from './fields';
import type { Cladding, Cutting, Holder, Obstruction, Plan, Row, Stud } from './types';
import { crossProblems, problemsOf } from './validate';

enablePatches();

interface Lists {
	studs: Stud;
	obstructions: Obstruction;
	rows: Row;
	holders: Holder;
}
export type ListName = keyof Lists;

type ListCommand<K extends ListName> =
	| { kind: 'add'; list: K; item: Lists[K] }
	| { kind: 'change'; list: K; id: string; change: Partial<Omit<Lists[K], 'id'>> }
	| { kind: 'remove'; list: K; id: string };

/** Everything a person does to a plan. */
export type Command =
	| { [K in ListName]: ListCommand<K> }[ListName]
	| { kind: 'rename'; name: string }
	| { kind: 'size-wall'; width?: number; height?: number; cladding?: Cladding }
	| { kind: 'lay-studs'; layout: StudLayout }
	| { kind: 'set-cutting'; change: Partial<Cutting> };

/** A plan after a command, with the patches that undo and redo it. */
export interface Applied {
	plan: Plan;
	label: string;
	patches: Patch[];
	inverse: Patch[];
}

const SCHEMAS = { studs: studSchema, obstructions: obstructionSchema, rows: rowSchema, holders: holderSchema } as unknown as Record<ListName, ObjectSchema<Record<string, unknown>>>;
const WORDS: Record<ListName, string> = { studs: 'stud', obstructions: 'obstruction', rows: 'row', holders: 'holder' };

function listOf<K extends ListName>(plan: Plan, list: K): Lists[K][] {
	return (list === 'studs' ? plan.wall.studs : list === 'obstructions' ? plan.wall.obstructions : list === 'rows' ? plan.rows : plan.holders) as Lists[K][];
}

/** Path of a list in the document, as problems name it. */
export function listPath(list: ListName): string {
	return list === 'studs' || list === 'obstructions' ? `wall.${list}` : list;
}

/** What a command does, in words for the undo button. */
export function commandLabel(command: Command): string {
	switch (command.kind) {
		case 'add':
			return `add ${WORDS[command.list]}`;
		case 'remove':
			return `delete ${WORDS[command.list]}`;
		case 'change':
			return `${'mount' in command.change || 'y' in command.change ? 'move' : 'change'} ${WORDS[command.list]}`;
		case 'rename':
			return 'rename';
		case 'size-wall':
			return 'change wall';
		case 'lay-studs':
			return 'lay out studs';
		case 'set-cutting':
			return 'change cutting';
	}
}

function run(draft: Plan, command: Command): void {
	switch (command.kind) {
		case 'add':
			listOf(draft, command.list).push(command.item as never);
			return;
		case 'change':
			Object.assign(listOf(draft, command.list).find((i) => i.id === command.id) as object, command.change);
			return;
		case 'remove': {
			const items = listOf(draft, command.list);
			items.splice(items.findIndex((i) => i.id === command.id), 1);
			// What hung on a row goes with it; undo brings both back.
			if (command.list === 'rows') draft.holders = draft.holders.filter((h) => h.mount.row !== command.id);
			return;
		}
		case 'rename':
			draft.name = command.name;
			return;
		case 'size-wall': {
			const { kind: _, ...change } = command;
			Object.assign(draft.wall, change);
			return;
		}
		case 'lay-studs':
			draft.wall.studs = layStuds(draft.wall.width, command.layout);
			return;
		case 'set-cutting':
			Object.assign(draft.cutting, command.change);
	}
}

function fieldProblems(plan: Plan, command: Command): Problem[] {
	const under = (path: string, found: Problem[]) => found.map((p) => ({ path: p.path === '' ? path : `${path}.${p.path}`, message: p.message }));
	switch (command.kind) {
		case 'add': {
			const items = listOf(plan, command.list);
			return under(`${listPath(command.list)}[${items.length - 1}]`, problemsOf(SCHEMAS[command.list], items.at(-1)));
		}
		case 'change': {
			const items = listOf(plan, command.list) as { id: string }[];
			const i = items.findIndex((x) => x.id === command.id);
			// What was not changed was right before: only the changed fields are looked at, which keeps a drag light.
			const fields = Object.keys(command.change).filter((k) => Object.hasOwn(SCHEMAS[command.list].fields, k));
			return under(`${listPath(command.list)}[${i}]`, problemsOf(SCHEMAS[command.list].pick(fields), command.change));
		}
		case 'rename':
			return under('name', problemsOf(text(120, true), plan.name));
		case 'size-wall':
			return [
				...under('wall.cladding', problemsOf(claddingSchema, plan.wall.cladding)),
				...under('wall', problemsOf(wallSchema.pick(['width', 'height'] as never), { width: plan.wall.width, height: plan.wall.height }))
			];
		case 'set-cutting':
			return under('cutting', problemsOf(cuttingSchema, plan.cutting));
		case 'lay-studs':
		case 'remove':
			return [];
	}
}

function missing(plan: Plan, command: Command): Problem | null {
	if (command.kind !== 'change' && command.kind !== 'remove') return null;
	const there = (listOf(plan, command.list) as { id: string }[]).some((i) => i.id === command.id);
	return there ? null : { path: listPath(command.list), message: `There is no ${WORDS[command.list]} "${command.id}"` };
}

/**
 * Turns a plan into the next plan. The given plan is not changed; a command that would make a faulty plan is refused.
 * @returns the next plan with patches, or problems with field paths
 * @example applyCommand(plan, { kind: 'rename', name: 'North wall' })
 */
export function applyCommand(plan: Plan, command: Command): Result<Applied, Problem[]> {
	const none = missing(plan, command);
	if (none) return fail([none]);
	const [next, patches, inverse] = produceWithPatches(plan, (draft) => run(draft as Plan, command));
	const wrong = fieldProblems(next, command);
	const problems = wrong.length > 0 ? wrong : crossProblems(next);
	return problems.length > 0 ? fail(problems) : ok({ plan: next, label: commandLabel(command), patches, inverse });
}
