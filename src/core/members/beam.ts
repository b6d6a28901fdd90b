import { bendingMaterial, type BendingId } from '../materials/bending';
import { DOWEL, stock, type StockId } from '../materials/stocks';
import { DOWEL_FACTOR, rodStress, roundSection } from '../mechanics/members/rod';
import { rectangle } from '../mechanics/members/rectangle';
import { CD_BUMP, CD_STORAGE } from '../mechanics/fasteners/joint';
import type { LineLoad } from '../mechanics/statics/continuous-beam';
import { count, fine, mm, moment, newtons, phrase, stress } from '../units/phrase';
import type { Millimetres, Newtons } from '../units/quantity';
import { GRAB, HAND } from '../verdict/grab';
import { defineMember, type MemberLoad, type MemberStep } from './member';
import { shelfSteps } from './shelf-steps';

/** A board that lies on supports, or stands on edge between them: brackets, gussets, sides. */
export interface ShelfData {
	kind: 'board-on-supports';
	/** 'rail'; a shelf unless said. */
	name?: string;
	stock: StockId;
	/** Front to back: of one on edge, its thickness. */
	depth: Millimetres;
	/** On edge so high; else it lies, as thick as its board. A hand pulls at what stands on edge. */
	onEdge?: Millimetres;
	supports: readonly Millimetres[];
	length: Millimetres;
	bearing: Millimetres;
	/** Room that one thing takes along it. */
	wide: Millimetres;
}

/** Its data. */
export const boardOnSupports = (data: Omit<ShelfData, 'kind'>): ShelfData => ({ kind: 'board-on-supports', ...data });

/** A sheet bends as its kind of panel, a board as its species. */
const bendsAs = (id: StockId): BendingId => stock(id).panel ?? stock(id).species;

/**
 * Any thing may be off. What bends a continuous board most: all of it, every second bay (in a span), two bays side by
 * side with every second one beyond (over a support); and each bay alone.
 */
function casesOf(d: ShelfData, loads: readonly MemberLoad[]): LineLoad[][] {
	const lines = loads.map((l): LineLoad => {
		const half = Math.max(0, Math.min(d.wide / 2, l.x, d.length - l.x));
		return { from: l.x - half, to: l.x + half, total: l.weight };
	});
	const bays = [-Infinity, ...d.supports.slice(1, -1), Infinity];
	const apart = bays
		.slice(1)
		.map((to, i) => lines.filter((l) => l.from + l.to >= 2 * (bays[i] as number) && l.from + l.to < 2 * to));
	const some = (which: (bay: number) => boolean) => apart.flatMap((bay, i) => (which(i) ? bay : []));
	const alternate = [0, 1].map((odd) => some((i) => i % 2 === odd));
	const besides = apart.slice(1).map((_, k) => some((i) => (i <= k ? (k - i) % 2 === 0 : (i - k - 1) % 2 === 0)));
	return [lines, ...(apart.length > 1 ? [...alternate, ...besides, ...apart] : [])].filter((c) => c.length > 0);
}

export const shelfMember = defineMember<ShelfData>({
	kind: 'board-on-supports',
	measure: (_, loads) => loads.reduce((sum, l) => sum + l.weight, 0),
	steps(d, loads) {
		if (loads.length === 0 || d.supports.length < 2) return [];
		const thickness = d.onEdge ?? stock(d.stock).thickness;
		const { name = 'shelf' } = d;
		const material = bendingMaterial(bendsAs(d.stock), CD_STORAGE);
		return shelfSteps({ ...d, thickness, material, cases: casesOf(d, loads), limit: 'looks', lasting: true }).map(
			(step) => ({ ...step, key: `${name}-${step.key}`, title: `${name}: ${step.title}` })
		);
	},
	grab: (d) => (d.onEdge === undefined ? [] : [bentOnce(d, hung(d, d.onEdge))]),
	knock: (d) => (d.onEdge === undefined ? [] : [bentOnce(d, pulled(d, d.onEdge))])
});

/** A force in the middle of a board on edge, for a moment, and the section that takes it. */
interface Once {
	key: string;
	force: Newtons;
	b: Millimetres;
	h: Millimetres;
	title: string;
	reason: string;
	source: string;
}

/** Somebody hangs on a board on edge. */
const hung = ({ name = 'shelf', depth: b }: ShelfData, h: Millimetres): Once => ({
	key: name,
	force: GRAB,
	b,
	h,
	title: `grab: ${name}`,
	reason: `somebody hangs on the ${name}`,
	source: 'ASTM F2057 load; simple beam'
});

/** A hand that takes something out pulls it outward. */
const pulled = ({ name = 'shelf', depth: h }: ShelfData, b: Millimetres): Once => ({
	key: `pull-${name}`,
	force: HAND,
	b,
	h,
	title: `pull: ${name}`,
	reason: `a hand pulls the ${name} outward`,
	source: 'common practice; simple beam'
});

function bentOnce(d: ShelfData, { force, b, h, reason, ...said }: Once): MemberStep {
	const material = bendingMaterial(bendsAs(d.stock), CD_BUMP);
	const S = { value: rectangle(b, h).modulus, dim: 'section' } as const;
	const M = (force * d.length) / 4;
	// A sheet's value is its rupture over 4, for a load that stays; for a moment it takes more.
	const sheet = stock(d.stock).panel !== null ? CD_BUMP : 1;
	const allowed = material.Fb * sheet;
	return {
		...said,
		basis: 'grab',
		reason: phrase(reason),
		demand: stress(M / S.value),
		capacity: stress(allowed),
		lines: () => [
			{
				label: 'bends by',
				sum: phrase('{F} × {L} / 4: at its middle', { F: newtons(force), L: mm(d.length) }),
				result: moment(M)
			},
			{ label: 'section', sum: phrase('{b} × {h}² / 6', { b: mm(b), h: mm(h) }), result: S },
			{ label: 'bending', sum: phrase('{M} / {S}', { M: moment(M), S }), result: stress(M / S.value) },
			{
				label: 'allowed',
				sum: phrase(`{f} ${material.sum.factor}${sheet === 1 ? '' : ` × ${sheet}`}`, {
					f: stress(material.sum.strength)
				}),
				result: stress(allowed)
			}
		]
	};
}

/** A round rod between two sides. */
export interface CrossRodData {
	kind: 'cross-rod';
	diameter: Millimetres;
	/** Clear between the sides. */
	span: Millimetres;
	/** The board its ends sit in, and how deep they sit. */
	side: StockId;
	seated: Millimetres;
	/** A handle: all of it hangs on one hand, in the middle. */
	lifted?: true;
}

/** Its data. */
export const crossRodOf = (data: Omit<CrossRodData, 'kind'>): CrossRodData => ({ kind: 'cross-rod', ...data });

/** All of it, moved as one to where it bends most: to the middle. */
function middled(d: CrossRodData, loads: readonly MemberLoad[]) {
	const W = loads.reduce((sum, l) => sum + l.weight, 0);
	const xs = loads.map((l) => l.x);
	const reach = d.lifted ? 0 : Math.min(d.span, Math.max(...xs) - Math.min(...xs));
	// A line load of that length about the middle: W (L / 4 - s / 8).
	return { W, reach, M: W * (d.span / 4 - reach / 8) };
}

function crossRodSteps(d: CrossRodData, loads: readonly MemberLoad[]): MemberStep[] {
	if (loads.length === 0) return [];
	const { W, reach, M } = middled(d, loads);
	if (W === 0) return [];
	const fb = rodStress(M, d.diameter);
	const allowed = DOWEL.mor / DOWEL_FACTOR;
	const side = stock(d.side);
	// It may all be pushed to one end: that end takes all of it.
	const bears = W / (d.diameter * d.seated);
	const EI = DOWEL.E * roundSection(d.diameter, 0).inertia;
	const sag = (W * d.span ** 3) / (48 * EI);
	const lines = () => [
		{
			label: 'bends by',
			sum: phrase('{W} × ({L} / 4 - {s} / 8): {n} things side by side, in the middle', {
				W: newtons(W),
				L: mm(d.span),
				s: mm(reach),
				n: count(loads.length)
			}),
			result: moment(M)
		}
	];
	return [
		{
			key: 'cross-rod',
			title: 'rod',
			source: `simple beam; ${DOWEL.title}: ${DOWEL.source}`,
			reason: phrase('the rod bends in its middle'),
			demand: stress(fb),
			capacity: stress(allowed),
			lines: () => [
				...lines(),
				{
					label: 'bending',
					sum: phrase('32 × {M} / (π × {d}³)', { M: moment(M), d: mm(d.diameter) }),
					result: stress(fb)
				},
				{ label: 'allowed', sum: phrase(`{m} / ${DOWEL_FACTOR}`, { m: stress(DOWEL.mor) }), result: stress(allowed) }
			]
		},
		{
			key: 'rod-end',
			title: 'rod: its end in the side',
			source: `NDS 2018 Fc⊥; ${side.source}`,
			reason: phrase('the side crushes under the end of the rod'),
			demand: stress(bears),
			capacity: stress(side.FcPerp),
			lines: () => [
				{
					label: 'presses',
					sum: phrase('{W} / ({d} × {l}): all of it pushed to one end', {
						W: newtons(W),
						d: mm(d.diameter),
						l: mm(d.seated)
					}),
					result: stress(bears)
				},
				{ label: 'allowed', sum: phrase(`bearing across ${side.title}`), result: stress(side.FcPerp) }
			]
		},
		{
			key: 'rod-sag',
			title: 'rod: sag',
			source: 'simple beam',
			reason: phrase('the rod sags'),
			demand: fine(sag),
			capacity: fine(d.span / 120),
			lines: () => [
				{
					label: 'sags',
					sum: phrase('{W} × {L}³ / (48 × {E} × {I}): all in the middle', {
						W: newtons(W),
						L: mm(d.span),
						E: stress(DOWEL.E),
						I: { value: roundSection(d.diameter, 0).inertia, dim: 'inertia' }
					}),
					result: fine(sag)
				},
				{ label: 'may sag', sum: phrase('{L} / 120: rolls still turn', { L: mm(d.span) }), result: fine(d.span / 120) }
			]
		}
	];
}

const weightOf = (loads: readonly MemberLoad[]): Newtons => loads.reduce((sum, l) => sum + l.weight, 0);

export const crossRodMember = defineMember<CrossRodData>({
	kind: 'cross-rod',
	measure: (_, loads) => weightOf(loads),
	steps: crossRodSteps,
	grab(d) {
		const M = (GRAB * d.span) / 4;
		const fb = rodStress(M, d.diameter);
		const allowed = (DOWEL.mor / DOWEL_FACTOR) * CD_BUMP;
		return [
			{
				key: 'cross-rod',
				title: 'grab: rod',
				basis: 'grab',
				source: 'ASTM F2057 load; simple beam',
				reason: phrase('somebody hangs on the rod'),
				demand: stress(fb),
				capacity: stress(allowed),
				lines: () => [
					{
						label: 'bends by',
						sum: phrase('{F} × {L} / 4: at its middle', { F: newtons(GRAB), L: mm(d.span) }),
						result: moment(M)
					},
					{
						label: 'bending',
						sum: phrase('32 × {M} / (π × {d}³)', { M: moment(M), d: mm(d.diameter) }),
						result: stress(fb)
					},
					{
						label: 'allowed',
						sum: phrase(`{m} / ${DOWEL_FACTOR} × ${CD_BUMP}`, { m: stress(DOWEL.mor) }),
						result: stress(allowed)
					}
				]
			}
		];
	}
});
