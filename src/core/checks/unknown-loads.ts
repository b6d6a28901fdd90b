import type { InPlace } from '../places/in-place';
import { remembering } from '../remembering';
import { phrase } from '../units/phrase';
import { missingStep, type Check } from '../verdict/check';

/** What carries a thing whose weight nobody knows cannot be judged, whatever the rest of it comes to. */
export const unknownLoads = remembering((p: InPlace): Check[] => {
	const { id } = p.holder;
	return p.built.unknown.map((name, i) => ({
		...missingStep(
			'load',
			phrase('nobody has said what {name} weighs', { name: name || 'what it carries' }),
			'whoever weighs it'
		),
		id: `holder:${id}:load-${i + 1}`,
		subject: { kind: 'holder', id }
	}));
});
