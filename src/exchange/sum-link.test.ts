import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { startInputs } from '$core/sums/inputs';
import { SUMS } from '$core/sums/registry';
import { inputsArbitrary } from '../../tests/support/any-inputs';
import { inputsFromQuery, sumQuery } from './sum-link';

describe('the link of a sum', () => {
	test.each(SUMS.map((s) => [s.name, s] as const))('%s carries all its inputs there and back', (_, sum) => {
		fc.assert(
			fc.property(inputsArbitrary(sum), (inputs) => {
				const { inputs: back, unread } = inputsFromQuery(sum, new URLSearchParams(sumQuery(inputs)), 'inch');
				expect(unread).toEqual([]);
				for (const [name, value] of Object.entries(inputs)) {
					if (typeof value === 'number') expect(back[name]).toBeCloseTo(value, 3);
					else if (Array.isArray(value))
						(back[name] as number[]).forEach((x, i) => expect(x).toBeCloseTo(value[i] as number, 3));
					else expect(back[name]).toBe(value);
				}
			}),
			{ numRuns: 40 }
		);
	});

	it('starts as usual where it says nothing, and names what it says badly', () => {
		const shelf = SUMS.find((s) => s.name === 'shelf')!;
		const { inputs, unread } = inputsFromQuery(
			shelf,
			new URLSearchParams('load=50&thickness=thick&material=cheese&supports=0_x&lasting=maybe&other=1'),
			'mm'
		);
		expect(unread).toEqual(['material', 'thickness', 'supports', 'lasting']);
		expect(inputs).toEqual({ ...startInputs(shelf.fields, 'mm'), load: 50 });
	});

	it('with nothing but names is read as far as it goes', () => {
		const plug = SUMS.find((s) => s.name === 'plug')!;
		expect(inputsFromQuery(plug, new URLSearchParams('maker='), 'mm')).toMatchObject({
			inputs: { maker: null },
			unread: []
		});
		expect(inputsFromQuery(plug, new URLSearchParams('load='), 'mm').unread).toEqual(['load']);
	});
});
