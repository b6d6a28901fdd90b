import { roomIn } from '../kinds/room';
import { carrierKind } from '../kinds/registry';
import type { Fitted, Wanted } from '../carriers/carrier';
import type { Field, Fields } from '../form/field';
import { hookScrewsFor, type MadeFor } from '../holders/holder-for';
import type { CleatContext } from '../mounts/held';
import { hostOf } from '../plan/carrier-problems';
import { withStrips } from '../plan/held';
import type { Carrier, HungHolder } from '../plan/types';
import { fail, ok, type Result } from '../result';
import { sayPhrase } from '../units/phrase';
import { holderOf, type Pattern } from './pattern';
import { stopsOf } from './stops';

type Values = Record<string, unknown>;

/** One value: how it is made is the pattern's, every figure and count is that of the new thing. */
function keptValue(field: Field, was: unknown, made: unknown): unknown {
	switch (field.kind) {
		case 'choice':
		case 'flag':
		case 'text':
		case 'id':
			return was === undefined ? made : was;
		case 'group':
			if (was === null || was === undefined) return made;
			if (made === null || made === undefined) return was;
			return kept(field.fields, was as Values, made as Values);
		case 'variants': {
			const [a, b] = [was as Values & { kind: string }, made as Values & { kind: string }];
			return a.kind === b.kind ? { kind: a.kind, ...kept(field.shapes[a.kind] ?? {}, a, b) } : a;
		}
		default:
			return made;
	}
}

const kept = (fields: Fields, was: Values, made: Values): Values =>
	Object.fromEntries(
		Object.entries(fields).flatMap(([name, field]) => {
			const value = keptValue(field, was[name], made[name]);
			return value === undefined ? [] : [[name, value]];
		})
	);

/** The first carrier of a pattern that can be made for a thing, or why none can. */
function fittedIn(pattern: Pattern, asked: Wanted): Result<{ of: Carrier; fitted: Fitted }> {
	let why = 'nothing stands on it yet';
	for (const of of pattern.carriers) {
		if (hostOf(of.at) !== null) continue;
		const { fit } = carrierKind(of.kind);
		const fitted = fit?.(asked);
		if (fitted?.ok) return ok({ of, fitted: fitted.value });
		why = fitted ? fitted.error : 'it is not made to measure';
	}
	return fail(why);
}

/**
 * A pattern made again for a thing: boards, joints, screws and the way it is built are the pattern's; what follows the
 * thing's grip, and how many, are worked out anew. What else stands on it stays, with nothing on it.
 * @returns the holder, hung nowhere yet; or why it cannot carry the thing
 * @example patternForThing(pattern, { thing, count: 6, widest: 1200, unit: 'mm' }, row, 'h9')
 */
export function patternForThing(pattern: Pattern, asked: Wanted, row: CleatContext, id: string): Result<MadeFor> {
	const found = fittedIn(pattern, asked);
	if (!found.ok) return found;
	const { of, fitted } = found.value;
	const params = kept(carrierKind(of.kind).fields, of.params, fitted.params);
	const places = roomIn({ kind: of.kind, params })[0] ?? 0;
	const load = { ...fitted.load, count: Math.min(fitted.load.count, places) };
	const alone = pattern.carriers.length === 1;
	const { width, height } = fitted.back;
	const back = alone
		? { ...pattern.back, width, height }
		: {
				...pattern.back,
				width: Math.max(pattern.back.width, of.at.x + width),
				height: Math.max(pattern.back.height, of.at.y + height - fitted.y)
			};
	const base = holderOf(pattern, id);
	const { hook } = base.mount.strips;
	const screws = { ...hook.screws, count: Math.max(hook.screws.count, hookScrewsFor(back.width)) };
	const holder: HungHolder = {
		...base,
		mount: withStrips(base, { hook: { ...hook, screws } }),
		back,
		carriers: pattern.carriers.map((c) => {
			if (c !== of) return { ...c, loads: c.loads.map((l) => ({ ...l, count: 0 })) };
			return { ...c, at: alone ? { ...c.at, x: fitted.x ?? 0, y: fitted.y } : c.at, params, loads: [load] };
		})
	};
	const [stop] = stopsOf(holder, row);
	if (stop) return fail(sayPhrase(stop, asked.unit));
	return ok({ holder, fitted: { ...fitted, params, load }, over: Math.max(0, asked.count - load.count) });
}
