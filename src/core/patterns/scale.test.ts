import { describe, expect, it } from 'vitest';
import { FITTING } from '../../../tests/support/fitting-things';
import { CARRIERS } from '../carriers/registry';
import { carrierKind } from '../kinds/registry';
import { roomIn } from '../kinds/room';
import { buildHolder } from '../holders/build';
import { holderFor } from '../holders/holder-for';
import { usualRow } from '../holders/offers';
import type { HungHolder } from '../plan/types';
import { sayPhrase } from '../units/phrase';
import { newStop } from './stops';
import { scaleHolder } from './scale';

const row = usualRow('mm');
const built = (h: HungHolder) => buildHolder(h.back, h.carriers, { kind: 'row', strips: h.mount.strips, ...row });

/** How near its things hang to each other along; endless where all are at one place. */
function nearest(h: HungHolder): number {
	const xs = [...new Set(built(h).seats.map((s) => Math.round(s.at[0] * 100)))].sort((a, b) => a - b);
	return Math.min(...xs.slice(1).map((x, i) => x - xs[i]!)) / 100;
}

/** Figures that differ, by their path. */
function changed(a: unknown, b: unknown, path = ''): string[] {
	if (typeof a !== 'object' || a === null || typeof b !== 'object' || b === null) return a === b ? [] : [path];
	return [...new Set([...Object.keys(a), ...Object.keys(b)])].flatMap((k) =>
		changed((a as Record<string, unknown>)[k], (b as Record<string, unknown>)[k], `${path}/${k}`)
	);
}
/** Counts and the board's own length; how many levels and rows are counts too. */
const MAY =
	/^\/(width|places|count|rows|columns|spacing\/count|bays\/count|holes\/spacing\/count|holes\/rows|shelves|levels\/\d+|levels\/\d+\/\w+|under\/count|over\/count|.*(screws|support)\/count|count|takes|blocks|levels)$/;

function fitted(kind: string, count: number): HungHolder {
	const made = holderFor(kind, { thing: FITTING[kind]!, count, widest: 1200, unit: 'mm' }, 'h');
	if (!made.ok) throw new Error(made.error);
	return made.value.holder;
}

describe.each(CARRIERS.map((c) => c.kind))('%s scaled', (kind) => {
	it.each([0.34, 0.5, 1.5, 2])('by %d keeps what its things go into, or says why it cannot', (by) => {
		const h = fitted(kind, 6);
		const scaled = scaleHolder(h, by, row);
		const seats = roomIn(h.carriers[0]!).reduce((n, r) => n + r, 0);
		if (!scaled.ok) {
			expect(sayPhrase(scaled.error, 'mm').length).toBeGreaterThan(10);
			return;
		}
		const [a, b] = [h.carriers[0]!, scaled.value.carriers[0]!];
		expect(changed(a.params, b.params).filter((p) => !MAY.test(p))).toEqual([]);
		// The thing that it was made for still goes with it.
		expect(carrierKind(kind).suits?.(b.params, FITTING[kind]!) ?? []).toEqual([]);
		expect(newStop(h, scaled.value, row)).toBeUndefined();
		const [was, now] = [nearest(h), nearest(scaled.value)];
		if (Number.isFinite(was) && Number.isFinite(now)) expect(now).toBeGreaterThan(was - 0.2);
		// Rows are whole: it holds what was asked, or up to one row more.
		const places = roomIn(b).reduce((n, r) => n + r, 0);
		if (by > 1) expect(places).toBeGreaterThan(seats);
		else expect(places).toBeLessThan(seats);
		expect(b.loads.every((l, g) => l.count <= (roomIn(b)[g] ?? 0))).toBe(true);
	});
});

it('a bottle grid twice as large has twice the holes of the same size, and half of one place is refused', () => {
	const grid = fitted('pigeonholes', 6);
	const twice = scaleHolder(grid, 2, row);
	if (!twice.ok) throw new Error(twice.error.text);
	expect(twice.value.carriers[0]!.params.hole).toBe(grid.carriers[0]!.params.hole);
	const one = fitted('neck-fork', 1);
	expect(scaleHolder(one, 0.5, row)).toMatchObject({ ok: false });
});
