import { carrierKind } from '../kinds/registry';
import type { Holder } from '../plan/types';
import { mm, phrase, type Phrase } from '../units/phrase';

/**
 * What a holder is, in a line.
 * @example sayPhrase(describeHolder(holder), 'mm') // '1000 mm wide: 6 pairs of pegs'
 */
export function describeHolder({ back, carriers }: Pick<Holder, 'back' | 'carriers'>): Phrase {
	const all = carriers.map((c) => carrierKind(c.kind).describe(c.params));
	const values = Object.assign(back ? { width: mm(back.width) } : {}, ...all.map((p, i) => renamed(p, i).values));
	const words = all.map((p, i) => renamed(p, i).text).join('; ');
	if (!back) return phrase(words, values);
	return phrase(`{width@tape} wide${words ? `: ${words}` : ', nothing on it'}`, values);
}

/** Several phrases in one: each keeps its own values. */
function renamed(p: Phrase, i: number): Phrase {
	const values = Object.fromEntries(Object.entries(p.values).map(([name, v]) => [`${name}${i}`, v]));
	return phrase(
		p.text.replace(/\{(\w+)/g, (_, name: string) => `{${name}${i}`),
		values
	);
}
