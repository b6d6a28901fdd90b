import { describe, expect, it } from 'vitest';
import { boardWord, sayRips } from './words';

describe('what to rip from sheets', () => {
	it('tells like strips and like sheets once', () => {
		expect(
			sayRips(
				[
					[300, 260, 130],
					[180, 130, 130, 130]
				],
				'mm'
			)
		).toBe('300 mm + 260 mm + 130 mm | 180 mm + 3 x 130 mm');
		expect(sayRips([[200, 200], [200, 200], [200]], 'mm')).toBe('2 sheets: 2 x 200 mm | 200 mm');
		expect(sayRips([[127, 127]], 'inch')).toBe('2 x 5"');
		expect(sayRips([], 'mm')).toBe('');
	});
});

describe('what a bought piece is called', () => {
	it('goes by its kind and number', () => {
		const boards = (n: number) => Array.from({ length: n }, () => ({ lanes: [] }));
		expect(boardWord({ kind: 'dowel', strip: null, boards: boards(1) })).toBe('dowel');
		expect(boardWord({ kind: 'board', strip: null, boards: boards(2) })).toBe('boards');
		expect(boardWord({ kind: 'cleat', strip: 130, boards: boards(2) })).toBe('strips');
	});
});
