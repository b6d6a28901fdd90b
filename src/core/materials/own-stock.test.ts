import { describe, expect, it } from 'vitest';
import { boardField } from '../carriers/plate';
import { schemaOf } from '../form/schema-of';
import { ownId, readOwn } from './own-stock';
import { noScrewsIn, screwGravity, stock } from './stocks';

describe("a board of the shop's own", () => {
	const kept = { form: 'board' as const, material: 'oak-red', thickness: 27.5, width: 181, shortest: 1400 };
	it('is written out in its id, and read from it', () => {
		const id = ownId(kept)!;
		expect(id).toBe('own:red-oak:27.5x181x1400');
		expect(readOwn(id)).toMatchObject({ form: 'board', of: 'red-oak', thickness: 27.5, width: 181, length: 1400 });
		expect(stock(id)).toMatchObject({ kind: 'solid', G: 0.67, thickness: 27.5, width: 181, length: 1400 });
		expect(stock(id).title).toBe('own red oak, 27.5 x 181');
	});
	it('of a sheet has its kind', () => {
		const id = ownId({ form: 'sheet', material: 'mdf', thickness: 16, width: 600, shortest: 900 })!;
		expect(stock(id)).toMatchObject({ kind: 'ply', panel: 'mdf', G: null, width: 600 });
	});
	it('of a wood that has no figures is not offered', () => expect(ownId({ ...kept, material: 'cherry' })).toBeNull());
	it.each([
		'own:red-oak:0x181x1400',
		'own:cherry:20x100x900',
		'own:red-oak:27x181',
		'own:spf:1e9x1x1',
		'xown:spf:20x90x900'
	])('is not %s', (id) => {
		expect(readOwn(id)).toBeNull();
		expect(schemaOf(boardField('Board')).isValidSync(id)).toBe(false);
		expect(() => stock(id as 'own:')).toThrow(RangeError);
	});
	it('may be chosen beside the usual ones', () => {
		const schema = schemaOf(boardField('Board'));
		for (const id of ['own:red-oak:27.5x181x1400', 'ply-18', '1x4', '3/4'])
			expect([id, schema.isValidSync(id)]).toEqual([id, id !== '3/4']);
	});
});

describe('pressed boards', () => {
	it.each(['mdf-18', 'particle-19', 'melamine-16', 'hardboard-6'] as const)(
		'%s has no published value for screws',
		(id) => {
			expect(stock(id).G).toBeNull();
			expect(noScrewsIn('ply-18', id)?.id).toBe(id);
			expect(() => screwGravity(stock(id))).toThrow(RangeError);
		}
	);
});
