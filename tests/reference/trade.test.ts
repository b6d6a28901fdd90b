import { describe, expect, it, test } from 'vitest';
import { ripInTwo } from '$core/cleats/profile';
import { spacingPitch, spacingPositions, tapeMarks } from '$core/carriers/spacing';
import { pairPitch } from '$core/carriers/pegs';
import { TRADE_RULE } from '$core/supports/wall-screws';
import { STOCKS, stock } from '$core/materials/stocks';
import { WOODS } from '$core/materials/woods';
import { LAGS } from '$core/materials/lags';
import { NAILS } from '$core/materials/nails';
import { PANEL_MATERIALS, PANELS } from '$core/materials/panels';
import { PLUGS } from '$core/materials/plugs';
import { ROD_MATERIALS, RODS } from '$core/materials/rods';
import { SCREWS } from '$core/materials/screws';
import { STRAPS } from '$core/materials/steel';
import { formatLength } from '$core/units/format-length';
import { parseLength } from '$core/units/parse-length';

const inch = (n: number) => n * 25.4;
const inches = (mm: number) => mm / 25.4;

describe('common practice', () => {
	it('six pegs in 14 3/4 in stand 2.107 in apart', () =>
		expect(inches(spacingPitch(inch(14.75), { kind: 'equal-gaps', count: 6 }))).toBeCloseTo(2.107, 3));

	it('ten slots in 16 1/2 in are 1 1/2 in apart: 16 1/2 over 11', () => {
		expect(inches(spacingPitch(inch(16.5), { kind: 'equal-gaps', count: 10 }))).toBeCloseTo(1.5, 9);
		expect(inches(spacingPitch(inch(16.5), { kind: 'end-margins', count: 10, margin: inch(1.5) }))).toBeCloseTo(1.5, 9);
	});

	it('the last of six is marked at 12.64, not at the 12.66 of stepping off 2.11', () => {
		const positions = spacingPositions(inch(14.75), { kind: 'equal-gaps', count: 6 });
		expect(inches(positions[5] as number)).toBeCloseTo(12.643, 3);
		const mark = tapeMarks(positions, 'inch', 32)[5] as number;
		expect(formatLength(mark, 'inch', { tick: 32 })).toBe('12 21/32"');
		expect(Math.abs(inches(mark) - 12.643)).toBeLessThan(1 / 64);
	});

	it('first at 2, then every 3', () => {
		expect(
			spacingPositions(inch(20), { kind: 'pitch', count: 4, inset: inch(2), pitch: inch(3) }).map((x) =>
				Math.round(inches(x))
			)
		).toEqual([2, 5, 8, 11]);
	});

	it('halves of a 5 1/2 in board lose the kerf: 2 11/16 each, not 2 3/4', () => {
		// A square rip, tilt 0, by the same sum as the bevelled one.
		expect((5.5 - 0.125) / 2).toBe(2.6875);
		const p = ripInTwo({ blank: inch(5.5), thickness: inch(0.75), bevel: 45, kerf: inch(0.125) });
		expect(inches(p.middle)).toBeCloseTo((5.5 - 0.125 * Math.SQRT2) / 2, 9);
	});

	it('a screw carries about 80 lb, by the trade rule', () => expect(TRADE_RULE / 4.4482216).toBeCloseTo(80, 4));

	it('holes of a pair stand a bar, its slack and a peg apart', () => {
		const pegs = { diameter: inch(0.75), pair: { bar: inch(0.25), slack: inch(0.125) } };
		expect(inches(pairPitch(pegs))).toBeCloseTo(1.125, 9);
	});

	// 1x4 and 2x4: nominal is not actual.
	test.each([
		['1x4', '3/4', '3 1/2'],
		['2x4', '1 1/2', '3 1/2'],
		['1x6', '3/4', '5 1/2'],
		['1x8', '3/4', '7 1/4'],
		['2x6', '1 1/2', '5 1/2'],
		// Dressed dry sizes of PS 20, from memory.
		['1x2', '3/4', '1 1/2'],
		['1x3', '3/4', '2 1/2'],
		['1x10', '3/4', '9 1/4'],
		['1x12', '3/4', '11 1/4'],
		['2x2', '1 1/2', '1 1/2'],
		['2x8', '1 1/2', '7 1/4'],
		['2x10', '1 1/2', '9 1/4'],
		['2x12', '1 1/2', '11 1/4'],
		['4x4', '3 1/2', '3 1/2']
	] as const)('a %s is %s by %s', (id, t, w) => {
		for (const [text, got] of [
			[t, stock(id).thickness],
			[w, stock(id).width]
		] as const) {
			const read = parseLength(text, 'inch');
			expect(read.ok && read.value).toBeCloseTo(got, 9);
		}
	});
});

describe('a bevelled rip, worked by hand', () => {
	// 1x4, 45 degrees, 1/8 kerf: the blade takes 0.1768; each half is 1.6616 at mid slope, 1.2866 on the wall, 2.0366 to
	// the room.
	it('of a 1x4 at 45 degrees', () => {
		const p = ripInTwo({ blank: inch(3.5), thickness: inch(0.75), bevel: 45, kerf: inch(0.125) });
		expect([p.lost, p.middle, p.back, p.front].map((x) => Number(inches(x).toFixed(4)))).toEqual([
			0.1768, 1.6616, 1.2866, 2.0366
		]);
	});
	// 18 mm ply, 130 wide, 30 degrees, 3.2 kerf: 3.695 taken, 63.152, rise 10.392.
	it('of 18 mm ply at 30 degrees', () => {
		const p = ripInTwo({ blank: 130, thickness: 18, bevel: 30, kerf: 3.2 });
		expect([p.lost, p.middle, p.front - p.back].map((x) => Number(x.toFixed(3)))).toEqual([3.695, 63.152, 10.392]);
	});
});

describe('tables', () => {
	// NDS 2018 Table 12.3.3A, from memory.
	test.each([
		['df-l', 0.5],
		['southern-pine', 0.55],
		['hem-fir', 0.43],
		['spf', 0.42],
		['western-cedars', 0.36]
	])('G of %s is %d', (id, G) => {
		expect(WOODS.find((w) => w.id === id)?.G).toBe(G);
	});
	// NDS 2018 Appendix L, from memory.
	test.each([
		['#6', 0.138, 0.113],
		['#8', 0.164, 0.131],
		['#10', 0.19, 0.152],
		['#14', 0.242, 0.196]
	])('a %s is %d across, %d at its root', (size, D, Dr) => {
		expect(SCREWS.find((s) => s.size === size)).toMatchObject({ D, Dr });
	});
	it('name a source in every row', () => {
		for (const row of [...WOODS, ...STOCKS]) expect(row.source).toMatch(/NDS|BS 5268|PS 1|PS 20|EN 1313|stand-in/);
		const more = [
			SCREWS,
			LAGS,
			NAILS,
			RODS,
			PANELS,
			STRAPS,
			PLUGS,
			Object.values(ROD_MATERIALS),
			Object.values(PANEL_MATERIALS)
		];
		for (const row of more.flat() as { source: string }[])
			expect(row.source, row.source).toMatch(/^(?!.*from memory).*\S/);
	});
	// Wood Handbook Table 5-3 and ASTM, from memory: rupture of yellow birch 16,600 psi, red oak 14,300; yield of A36 36
	// ksi.
	it('of rods have the strengths of their publications', () =>
		expect(
			['birch', 'oak', 'steel'].map((m) => Math.round((ROD_MATERIALS[m as 'birch'].strength / 0.00689475729) * 10) / 10)
		).toEqual([16_600, 14_300, 36_000].map((x) => expect.closeTo(x, -1))));
	it('never count an unknown species better than a known one', () => {
		const unknown = WOODS.find((w) => w.id === 'unknown')!;
		const framing = WOODS.filter((w) => !['unknown', 'softest', 'red-oak', 'c16', 'c24'].includes(w.id));
		for (const key of ['G', 'Fb', 'Fv', 'FcPerp', 'Fc', 'E', 'Emin'] as const)
			expect(unknown[key]).toBeLessThanOrEqual(Math.min(...framing.map((w) => w[key])));
	});
});
