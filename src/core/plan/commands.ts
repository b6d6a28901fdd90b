import { enablePatches, produceWithPatches, type Patch } from 'immer';
import type { ObjectSchema } from 'yup';
import { isKnown, type SpeciesId } from '../materials/woods';
import { layStuds, type StudLayout } from '../survey/lay-studs';
import { fail, ok, type Problem, type Result } from '../result';
import { cuttingSchema, claddingSchema, holderSchema, LIMITS, obstructionSchema, planSchema, rowSchema, studSchema, wallSchema } from './schema';
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
	| { kind: 'size-wall'; width?: number; height?: number; cladding?: Cladding; wet?: boolean }
	/** Says what all studs are whose species nobody has said. */
	| { kind: 'set-species'; species: SpeciesId }
	/** Whoever reaches for things here; undefined is not said. */
	| { kind: 'set-stature'; stature: number | undefined }
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
const studsSchema = wallSchema.pick(['studs'] as never);
const sizeSchema = wallSchema.pick(['width', 'height', 'wet'] as never);
const statureSchema = planSchema.pick(['stature'] as never);
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
		case 'set-species':
			return 'say the species';
		case 'set-stature':
			return 'say who reaches';
		case 'lay-studs':
			return 'lay out studs';
		case 'set-cutting':
			return 'change cutting';
	}
}

/** Where the thing a command names stands in its list; -1 when there is none. */
function indexOf(plan: Plan, { list, id }: { list: ListName; id: string }): number {
	return (listOf(plan, list) as { id: string }[]).findIndex((i) => i.id === id);
}

/** Does a command on a draft; `at` is where the thing it names stands. */
function run(draft: Plan, command: Command, at: number): void {
	switch (command.kind) {
		case 'add':
			listOf(draft, command.list).push(command.item as never);
			return;
		case 'change':
			Object.assign(listOf(draft, command.list)[at] as object, command.change);
			return;
		case 'remove': {
			listOf(draft, command.list).splice(at, 1);
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
		case 'set-species':
			for (const s of draft.wall.studs) if (!isKnown(s.species)) s.species = command.species;
			return;
		case 'set-stature':
			if (command.stature === undefined) delete draft.stature;
			else draft.stature = command.stature;
			return;
		case 'lay-studs':
			draft.wall.studs = layStuds(draft.wall.width, command.layout);
			return;
		case 'set-cutting':
			Object.assign(draft.cutting, command.change);
	}
}

const picked = new Map<string, ObjectSchema<Record<string, unknown>>>();

/** The schema of those fields of a list's things that a change touches. */
function schemaOf(list: ListName, change: object): ObjectSchema<Record<string, unknown>> {
	const fields = Object.keys(change).filter((k) => Object.hasOwn(SCHEMAS[list].fields, k));
	const key = `${list} ${fields.join(' ')}`;
	const known = picked.get(key) ?? SCHEMAS[list].pick(fields);
	picked.set(key, known);
	return known;
}

function fieldProblems(plan: Plan, command: Command, at: number): Problem[] {
	const under = (path: string, found: Problem[]) => found.map((p) => ({ path: p.path === '' ? path : `${path}.${p.path}`, message: p.message }));
	switch (command.kind) {
		case 'add': {
			const items = listOf(plan, command.list);
			if (items.length > LIMITS[command.list]) return [{ path: listPath(command.list), message: `must have at most ${LIMITS[command.list]} entries` }];
			return under(`${listPath(command.list)}[${items.length - 1}]`, problemsOf(SCHEMAS[command.list], items.at(-1)));
		}
		case 'change':
			// What was not changed was right before: only the changed fields are looked at, which keeps a drag light.
			return under(`${listPath(command.list)}[${at}]`, problemsOf(schemaOf(command.list, command.change), command.change));
		case 'rename':
			return under('name', problemsOf(text(120, true), plan.name));
		case 'size-wall':
			return [
				...under('wall.cladding', problemsOf(claddingSchema, plan.wall.cladding)),
				...under('wall', problemsOf(sizeSchema, { width: plan.wall.width, height: plan.wall.height, ...(plan.wall.wet === undefined ? {} : { wet: plan.wall.wet }) }))
			];
		case 'set-species':
			return under('wall', problemsOf(studsSchema, { studs: plan.wall.studs }));
		case 'set-stature':
			return problemsOf(statureSchema, { stature: plan.stature });
		case 'set-cutting':
			return under('cutting', problemsOf(cuttingSchema, plan.cutting));
		case 'lay-studs':
			if (plan.wall.studs.length === 0) return [{ path: 'wall.studs', message: 'no stud fits: the pitch is less than a stud is wide, or the first is beyond the wall' }];
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
	const names = command.kind === 'change' || command.kind === 'remove';
	const at = names ? indexOf(plan, command) : -1;
	if (names && at < 0) return fail([{ path: listPath(command.list), message: `There is no ${WORDS[command.list]} "${command.id}"` }]);
	const [next, patches, inverse] = produceWithPatches(plan, (draft) => run(draft as Plan, command, at));
	const wrong = fieldProblems(next, command, at);
	const only = command.kind === 'change' ? { list: command.list, at, fields: Object.keys(command.change) } : undefined;
	const problems = wrong.length > 0 ? wrong : crossProblems(next, only);
	return problems.length > 0 ? fail(problems) : ok({ plan: next, label: commandLabel(command), patches, inverse });
}
