import { describe, expect, it } from 'vitest';
import { asked, ROW, smallWall } from '../../../tests/support/small-wall';
import { sayPhrase } from '../units/phrase';
import { adviceFor } from './advice';
import { finish } from '../verdict/fails-at';
import type { Holder, Plan, RowMount } from '../plan/types';

const face = { stock: 'ply-18' as const, width: 400, height: 180 };
const below = { ...ROW, id: 'below', y: 1200 };
const advised = (plan: Plan) =>
	finish(adviceFor(plan, { kind: 'holder', id: 'h' })).map((a) => sayPhrase(a.text, 'mm'));

describe('advice', () => {
	it('takes the face down to the next row: from the top of the cleat, up to the next 5 mm', () => {
		// A half blank of (127 - 3.2 × √2) / 2 = 61.24 at its middle, 18.26 thick at 45°: 52.11 behind, 70.37 in front;
		// 1500 + 52.11 + 70.37 - 1200 = 422.5.
		expect(advised(smallWall({ rack: { face }, more: { rows: [below] } }))).toEqual(
			expect.arrayContaining([
				'Face down to the next row, 425 mm',
				'Face 425 mm high with a second hook on the next row'
			])
		);
	});

	it('has no face down to a row that it reaches already, or that no board is high enough for', () => {
		const texts = (y: number) =>
			advised(smallWall({ rack: { face }, more: { rows: [{ ...below, y }] } })).filter((t) => t.includes('next row'));
		expect(texts(200)).toEqual([]);
		expect(advised(smallWall({ rack: { face } })).filter((t) => t.includes('next row'))).toEqual([]);
	});

	it('takes cleats from a board 40 wider, where their stock is so wide', () => {
		const wider = (blank: number) =>
			finish(adviceFor(smallWall({ row: { blank }, rack: { face } }), { kind: 'holder', id: 'h' }))
				.filter((a) => /Cleats from a board/.test(a.text.text))
				.map((a) => (a.command as { change: { blank?: number } }).change);
		expect(wider(127)).toEqual([{ blank: 167 }]);
	});

	it('doubles the hook screws where they decide', () => {
		// Studs close together, a spacer at the foot, one thin screw: the hook decides.
		const studs = [100, 300, 500, 700, 900].map((x, i) => ({
			id: `s${i}`,
			x,
			width: 38.1,
			depth: 88.9,
			species: 'spf' as const
		}));
		const counts = (count: number, mass: number) => {
			const hook = { screws: { size: '#6' as const, length: 25.4, count }, from: 'back' as const, glued: false };
			const load = { name: 'thing', mass, perSeat: 1, thickness: 20, width: 60, height: 200 };
			const rack = { face: { ...face, height: 300 }, hook, load, spacer: true };
			return finish(adviceFor(smallWall({ wall: { studs }, rack }), { kind: 'holder', id: 'h' }))
				.filter((a) => a.text.text === 'Twice the hook screws')
				.map((a) => ((a.command as { change: Partial<Holder> }).change.mount as RowMount).strips.hook.screws.count);
		};
		expect(counts(1, 2)).toEqual([2]);
	});

	it('never mends a margin by what cannot be built: no face over an outlet', () => {
		const outlet = { id: 'o', kind: 'outlet' as const, name: 'outlet', x: 450, y: 1330, width: 70, height: 40 };
		const plan = smallWall({ wall: { obstructions: [outlet] }, rack: { face }, more: { rows: [below] } });
		// There is much to mind here already, and nothing that stops.
		expect(asked(plan).all.warnings.filter((w) => w.level !== 'stop').length).toBeGreaterThan(1);
		expect(advised(plan).length).toBeGreaterThan(0);
		expect(advised(plan).filter((t) => t.includes('next row'))).toEqual([]);
	});
});
