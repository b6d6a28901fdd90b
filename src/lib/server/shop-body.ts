import { ID_PATTERN } from '$core/form/yup';
import { hostile } from '$core/form/outside';
import { problemsOf } from '$core/form/problems';
import { fail, ok, type Problem, type Result } from '$core/result';
import { settingsSchema, SHOP_LIMITS } from '$core/shop/schema';
import { itemProblems as problemsOfItem } from '$core/shop/valid';
import { SHOP_LISTS, type ShopList, type ShopSettings } from '$core/shop/types';
import type { ItemWrite } from './shops';

/** Writes taken at once: a whole list, and no more. */
const MOST_WRITES = SHOP_LIMITS.things;
const MOST_PROBLEMS = 50;

export interface ShopWrite {
	revision: number;
	writes: ItemWrite[];
	settings: ShopSettings | null;
}

function writeProblems(w: unknown, path: string, seen: Set<string>): Problem[] {
	const { list, id, item } = (typeof w === 'object' && w !== null ? w : {}) as {
		list?: unknown;
		id?: unknown;
		item?: unknown;
	};
	if (!SHOP_LISTS.includes(list as ShopList))
		return [{ path: `${path}.list`, message: `must be one of: ${SHOP_LISTS.join(', ')}` }];
	if (typeof id !== 'string' || !ID_PATTERN.test(id))
		return [{ path: `${path}.id`, message: 'must be 1 to 40 letters, digits, - or _' }];
	if (seen.has(`${list} ${id}`)) return [{ path: `${path}.id`, message: `"${id}" stands twice` }];
	seen.add(`${list} ${id}`);
	if (item === null) return [];
	const found = problemsOfItem(list as ShopList, item).map((p) => ({
		path: [`${path}.item`, p.path].filter(Boolean).join('.'),
		message: p.message
	}));
	return found.length > 0 || (item as { id: unknown }).id === id
		? found
		: [{ path: `${path}.item.id`, message: `must be "${id}", as the change says` }];
}

/** Takes a request's body as changes to a shop: `{ revision, changes: [{ list, id, item }], settings? }`. */
export function shopWriteFrom(body: unknown): Result<ShopWrite, Problem[]> {
	// Lengths before what is in them.
	const changed = (body as { changes?: unknown } | null)?.changes;
	if (Array.isArray(changed) && changed.length > MOST_WRITES)
		return fail([{ path: 'changes', message: `must have at most ${MOST_WRITES} entries` }]);
	const bad = hostile(body);
	if (bad) return fail([bad]);
	const { revision, changes, settings } = (typeof body === 'object' && body !== null ? body : {}) as {
		revision?: unknown;
		changes?: unknown;
		settings?: unknown;
	};
	const problems: Problem[] = [];
	if (typeof revision !== 'number' || !Number.isInteger(revision) || revision < 1)
		problems.push({ path: 'revision', message: 'must be the revision these changes are based on' });
	if (!Array.isArray(changes)) problems.push({ path: 'changes', message: 'must be a list' });
	else {
		const seen = new Set<string>();
		for (let i = 0; i < changes.length && problems.length < MOST_PROBLEMS; i++)
			problems.push(...writeProblems(changes[i], `changes[${i}]`, seen));
	}
	if (settings !== undefined && settings !== null)
		problems.push(
			...problemsOf(settingsSchema, settings).map((p) => ({ path: `settings.${p.path}`, message: p.message }))
		);
	return problems.length > 0
		? fail(problems)
		: ok({
				revision: revision as number,
				writes: changes as ItemWrite[],
				settings: (settings ?? null) as ShopSettings | null
			});
}
