import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyValues } from '../../../tests/support/any-fields';
import { FITTING } from '../../../tests/support/fitting-things';
import { gapsFor } from '../arrange/gaps';
import { CARRIERS } from '../carriers/registry';
import { carrierKind } from '../kinds/registry';
import { slipwayWall } from '../demo/slipway';
import { emptyHolder } from '../holders/empty-holder';
import { offerOf, usualRow } from '../holders/offers';
import type { HungHolder } from '../plan/types';
import { sayPhrase } from '../units/phrase';
import { patternForThing } from './for-thing';
import { mirrorHolder } from './mirror';
import { patternOf } from './pattern';
import { patternFile, readPatterns } from './read';
import { scaleHolder } from './scale';

const row = usualRow('mm');

/** Whether all numbers in it are such. */
function finite(v: unknown): boolean {
	if (typeof v === 'number') return Number.isFinite(v);
	return typeof v !== 'object' || v === null || Object.values(v).every(finite);
}

/** Figures that fields take, however little they go together, on a back that may be too small. */
const anyHolder = (kind: string) =>
	anyValues(carrierKind(kind).fields).map((params): HungHolder | null => {
		if (carrierKind(kind).effort(params) > 120) return null;
		const bare = emptyHolder('h', 'Any', 'mm');
		const loads = carrierKind(kind)
			.groups(params)
			.map((name) => ({ name, mass: 1.2, width: 60, height: 90, depth: 40, count: 2 }));
		return { ...bare, carriers: [{ id: 'c1', kind, at: { on: 'back', x: 5, y: 30 }, params, loads }] };
	});

describe.each(CARRIERS.map((c) => c.kind))('%s with any figures', (kind) => {
	it('is kept, scaled, mirrored, made again and put in a gap, or refused in words', () => {
		fc.assert(
			fc.property(anyHolder(kind), fc.constantFrom(0.1, 0.5, 1, 2, 7), (holder, by) => {
				if (!holder) return;
				const scaled = scaleHolder(holder, by, row);
				if (scaled.ok) expect(finite(scaled.value)).toBe(true);
				else expect(sayPhrase(scaled.error, 'inch')).not.toMatch(/\{|NaN|undefined/);
				expect(finite(mirrorHolder(holder))).toBe(true);
				const pattern = patternOf(holder, 'p', 'Any', 'mm');
				const read = readPatterns(patternFile([pattern]), () => 'p');
				if (read.ok) expect(read.value).toEqual([pattern]);
				const made = patternForThing(pattern, { thing: FITTING[kind]!, count: 3, widest: 900, unit: 'mm' }, row, 'h2');
				if (made.ok) {
					expect(finite(made.value.holder)).toBe(true);
					const offer = offerOf(kind, kind, made.value, [], row);
					for (const g of gapsFor(slipwayWall(), offer.made, offer.built)) expect(finite(g.carriers)).toBe(true);
				} else expect(made.error.length).toBeGreaterThan(5);
			}),
			{ numRuns: 12, seed: 11 }
		);
	});
});
