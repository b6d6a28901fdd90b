import fc from 'fast-check';
import { CARRIERS } from '$core/carriers/registry';
import { holderFor } from '$core/holders/holder-for';
import { FITTING } from './fitting-things';
import { backOf, pegRack } from './peg-rack';
import type { Holder, Plan, Row, Stud } from '$core/plan/types';

/**
 * Walls a person might plan, at random, with the odd things that happen: studs close together, leaning, doubled; short
 * ends, overhangs, sheets, windows.
 */
const real = (min: number, max: number) => fc.double({ min, max, noNaN: true, noDefaultInfinity: true });

const studs: fc.Arbitrary<Stud[]> = fc
	.array(
		fc.record({
			gap: fc.oneof(real(90, 160), real(280, 620)),
			lean: fc.constantFrom(0, 0, 0, 8, -12),
			plies: fc.constantFrom(undefined, undefined, undefined, 2 as const)
		}),
		{ minLength: 3, maxLength: 8 }
	)
	.map((all) => {
		let x = 60;
		return all.map((s, i): Stud => {
			x += i === 0 ? 0 : s.gap + (s.plies ? 40 : 0);
			return {
				id: `s${i}`,
				x,
				width: s.plies ? 90 : 45,
				depth: 95,
				species: 'c24',
				...(s.lean ? { lean: s.lean } : {}),
				...(s.plies ? { plies: s.plies } : {})
			};
		});
	});

const backer = {
	stock: 'ply-12',
	height: 320,
	below: 110,
	behind: { size: '4 mm', length: 28, pitch: 120 },
	perStud: 3
} as const;

const row = (y: number) =>
	fc
		.record({
			from: real(0, 0.5),
			to: real(0.55, 1),
			screws: fc.record({
				size: fc.constantFrom('#10' as const, '#8' as const, '5 mm' as const),
				length: fc.constantFrom(70, 80, 90),
				perStud: fc.constantFrom(1 as const, 2 as const)
			}),
			bevel: fc.constantFrom(45 as const, 45 as const, 30 as const),
			blank: fc.constantFrom(110, 130, 150),
			joint: fc.option(real(0.3, 0.7), { freq: 4 }),
			held: fc.constantFrom('plain', 'plain', 'plain', 'block', 'sheet')
		})
		.map((r) => ({ y, ...r }));

const holder = fc.record({
	on: fc.nat(2),
	at: real(-0.05, 0.9),
	width: real(120, 900),
	height: real(140, 420),
	count: fc.integer({ min: 1, max: 5 }),
	inset: real(0.04, 0.5),
	pair: fc.boolean(),
	perSeat: fc.integer({ min: 1, max: 3 }),
	mass: real(0.2, 6),
	thickness: real(15, 60),
	projection: real(50, 180),
	spacer: fc.boolean(),
	lock: fc.constantFrom(false, false, false, true),
	second: fc.constantFrom(false, false, false, true),
	screws: fc.integer({ min: 2, max: 8 }),
	/** What it carries with instead of pegs: another carrier, made for its thing. */
	kind: fc.option(fc.constantFrom(...CARRIERS.map((c) => c.kind)))
});

/** The same holder with another carrier, as that is made for a thing of its own, as heavy as the first's. */
function carriedBy(h: Holder, kind: string | null, mass: number, count: number): Holder {
	if (kind === null) return h;
	const thing = { ...FITTING[kind]!, mass };
	const made = holderFor(kind, { thing, count, widest: Math.max(160, backOf(h).width), unit: 'mm' }, h.id);
	if (!made.ok) return h;
	const { back, carriers } = made.value.holder;
	return { ...h, back, carriers };
}

/** Plans of one to three rows with holders on them. */
export const anyWall: fc.Arbitrary<Plan> = fc
	.record({
		studs,
		rows: fc.tuple(row(1900), row(1550), row(1200)),
		n: fc.integer({ min: 1, max: 3 }),
		holders: fc.array(holder, { minLength: 1, maxLength: 4 }),
		cladding: fc.constantFrom(0, 12.5),
		window: fc.option(fc.record({ x: real(0, 2500), y: real(900, 1800) }), { freq: 3 })
	})
	.map((r): Plan => {
		const width = (r.studs.at(-1)?.x ?? 0) + 160;
		const rows = r.rows.slice(0, r.n).map((x, i): Row => {
			const [left, right] = [x.from * width, x.to * width];
			return {
				id: `r${i}`,
				name: `Row ${i}`,
				y: x.y,
				left,
				right,
				stock: 'ply-18',
				bevel: x.bevel,
				blank: x.blank,
				screws: x.screws,
				joints: x.joint === null ? [] : [left + x.joint * (right - left)],
				...(x.held === 'block' ? { twistBlock: { height: 60, width: 90 } } : {}),
				...(x.held === 'sheet' ? { backer } : {})
			};
		});
		const holders = r.holders.map((h, i): Holder => {
			const on = rows[h.on % rows.length] as Row;
			const rack = pegRack(`h${i}`, `Holder ${i}`, on.id, on.left + h.at * (on.right - on.left), {
				face: { stock: 'ply-18', width: h.width, height: h.height },
				hook: { screws: { size: '#8', length: 32, count: h.screws }, from: 'back', glued: false },
				spacer: h.spacer,
				lockStrip: h.lock,
				secondHook: h.second,
				pegs: {
					diameter: 16,
					projection: h.projection,
					depth: 18,
					tilt: 5,
					height: 40,
					pair: null,
					spacing: {
						kind: 'pitch',
						count: h.count,
						inset: h.inset * h.width,
						pitch: Math.max(20, ((0.95 - h.inset) * h.width) / h.count)
					}
				},
				load: { name: 'thing', mass: h.mass, perSeat: h.perSeat, thickness: h.thickness, width: 50, height: 200 }
			});
			return carriedBy(rack, h.kind, h.mass, h.count);
		});
		return {
			format: 'kammer-plan',
			version: 2,
			name: 'Any',
			wall: {
				width,
				height: 2500,
				cladding: { kind: r.cladding ? 'drywall' : 'none', thickness: r.cladding },
				studs: r.studs,
				obstructions: r.window
					? [{ id: 'w', kind: 'window', name: 'window', x: r.window.x, y: r.window.y, width: 400, height: 300 }]
					: []
			},
			rows,
			holders,
			cutting: { kerf: 3.2, lengths: [] }
		};
	});
