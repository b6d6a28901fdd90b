import { describe, expect, it } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import { checkPlan } from '$core/checks/check-plan';
import { placesById } from '$core/places/any-place';
import { rowProfile } from '$core/plan/profile';
import type { Plan, Row } from '$core/plan/types';
import { sayMargin, sayShortMargin } from '../say';
import { extentOf, placeOf } from './extent';

const plan = slipwayWall();
const row = plan.rows[1] as Row;

describe('the stretch of wall a thing takes', () => {
	it('is thrown onto the tapes for whatever is picked', () => {
		const standing = placesById(plan);
		expect(extentOf(plan, standing, { kind: 'holder', id: 'h1' })).toMatchObject({ left: 250, right: 1250 });
		expect(extentOf(plan, standing, { kind: 'row', id: row.id })).toMatchObject({ left: row.left, low: row.y });
		expect(extentOf(plan, standing, { kind: 'stud', id: 's3' })).toEqual({
			left: 850 - 22.5,
			right: 850 + 22.5,
			low: 0,
			high: plan.wall.height
		});
		expect(extentOf(plan, standing, null)).toBeNull();
	});
});

describe('the place of a check', () => {
	const fixing = { kind: 'fixing', of: { kind: 'row', id: row.id }, stud: 's3', x: 850 } as const;
	it('is a box about the screws, as high as the cleat or its sheet', () => {
		const { front } = rowProfile(row, plan.cutting.kerf);
		expect(placeOf(plan, fixing)).toEqual({ left: 815, right: 885, low: row.y - 15, high: row.y + front + 15 });
		const backer = {
			stock: 'ply-12',
			height: 260,
			below: 80,
			behind: { size: '#8', length: 28, pitch: 150 },
			perStud: 3
		} as const;
		const sheet: Plan = { ...plan, rows: plan.rows.map((r) => (r.id === row.id ? { ...r, backer } : r)) };
		expect(placeOf(sheet, fixing)).toMatchObject({ low: row.y - 80 - 15, high: row.y - 80 + 260 + 15 });
	});
	it("is there for every check that is not a holder's own", () => {
		for (const c of checkPlan(plan).checks) {
			if (c.subject.kind === 'holder') expect(placeOf(plan, c.subject)).toBeNull();
			else expect(placeOf(plan, c.subject), c.id).not.toBeNull();
		}
	});
	it('is none of a row that has gone', () =>
		expect(placeOf(plan, { ...fixing, of: { kind: 'row', id: 'gone' } })).toBeNull());
});

describe('a margin where there is little room', () => {
	const said = (margin: number | null, verdict: 'holds' | 'cannot-be-judged' = 'holds') => [
		sayMargin({ margin, verdict }),
		sayShortMargin({ margin, verdict })
	];
	it('loses its places from ten on', () => {
		expect(said(1.649)).toEqual(['1.65', '1.65']);
		expect(said(17.4)).toEqual(['17.40', '17']);
		expect(said(250)).toEqual(['100+', '100+']);
		expect(said(null)).toEqual(['–', '–']);
		expect(said(3, 'cannot-be-judged')).toEqual(['?', '?']);
	});
});
