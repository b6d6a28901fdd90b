import { jsonText } from '../form/json-text';
import { hostile, MOST_VALUES } from '../form/outside';
import { problemsOf } from '../form/problems';
import { fail, ok, type Problem, type Result } from '../result';
import { patternProblems } from '../patterns/read';
import { shopSchema } from './schema';
import { SHOP_LISTS, type Shop } from './types';

function doubledIds(shop: Shop): Problem[] {
	return SHOP_LISTS.flatMap((list) => {
		const seen = new Set<string>();
		return (shop[list] as { id: string }[]).flatMap(({ id }, i) => {
			const twice = seen.has(id);
			seen.add(id);
			return twice ? [{ path: `${list}[${i}].id`, message: `"${id}" stands twice` }] : [];
		});
	});
}

/** Takes parsed JSON from outside as a shop, or every problem with the path of its field. */
export function readShop(value: unknown): Result<Shop, Problem[]> {
	const bad = hostile(value);
	if (bad) return fail([bad]);
	const { format, version } = (typeof value === 'object' && value !== null ? value : {}) as {
		format?: unknown;
		version?: unknown;
	};
	if (format !== 'kammer-shop')
		return fail([{ path: 'format', message: 'This is not a Kammer stock-take: format must be "kammer-shop"' }]);
	if (typeof version === 'number' && version > 1)
		return fail([{ path: 'version', message: `This stock-take is version ${version}; this Kammer reads version 1` }]);
	// Files of before there were patterns have none.
	const whole = 'patterns' in (value as object) ? value : { ...(value as object), patterns: [] };
	const problems = problemsOf(shopSchema, whole);
	if (problems.length > 0) return fail(problems);
	const shop = whole as Shop;
	const crossed = shop.patterns.flatMap((p, i) =>
		patternProblems(p).map(({ path, message }) => ({ path: `patterns[${i}].${path}`, message }))
	);
	if (crossed.length > 0) return fail(crossed);
	const twice = doubledIds(shop);
	return twice.length > 0 ? fail(twice) : ok(shop);
}

/** Reads a shop from the text of a file. @example readShopText('{}').ok // false */
export function readShopText(text: string): Result<Shop, Problem[]> {
	const value = jsonText(text, MOST_VALUES.shop, 'stock-take');
	return value.ok ? readShop(value.value) : value;
}
