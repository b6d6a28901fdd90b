import { lag, type LagSize } from '../materials/lags';
import { MILD_STEEL, type Strap } from '../materials/steel';
import { CD_STORAGE, jointCapacity, type Joint } from '../mechanics/fasteners/joint';
import { dowelBearing } from '../mechanics/fasteners/lateral';
import { withdrawalPerLength } from '../mechanics/fasteners/withdrawal';
import { CEILING_LIVE, joistAllowance, joistMoment } from '../mechanics/members/deck';
import { mm, moment, newtons, perLength, phrase, stress } from '../units/phrase';
import { MM_PER_INCH, MPA_PER_PSI, type Millimetres, type Newtons } from '../units/quantity';
import type { StepParts, SumLine } from '../verdict/check';
import { capacityLines, threadLine } from './joint-lines';

/** What bolt bearing is divided by across the grain: 4 K_theta. NDS 2018 Table 12.3.1B. */
const BOLT_RD = 5;

/** What one hanger pulls with, and how that comes about. */
export interface Pulled {
	force: Newtons;
	lines: () => SumLine[];
}

/**
 * What the lag of a hanger holds, screwed up into the underside of a spreader: by its thread without the tip. The least
 * penetration of chapter 12 is one for loads across.
 * @param into its length in the wood
 * @param G of the spreader
 */
export function hangerLagHolds(size: LagSize, into: Millimetres, G: number) {
	const screw = lag(size);
	const perMm = withdrawalPerLength(screw, G);
	const tip = Math.min(into, screw.tip * MM_PER_INCH);
	const holds = perMm * (into - tip) * CD_STORAGE;
	const lines = (): SumLine[] => [
		threadLine(screw, G),
		{
			label: 'thread holds',
			sum: phrase(`{W} × ({l} - {e}) × ${CD_STORAGE}: without its tip`, {
				W: perLength(perMm),
				l: mm(into),
				e: mm(tip)
			}),
			result: newtons(holds)
		}
	];
	return { holds, lines };
}

/** The lag of the worst hanger. */
export function hangerLagStep(p: Pulled, size: LagSize, into: Millimetres, G: number): StepParts {
	const { holds, lines } = hangerLagHolds(size, into, G);
	return {
		title: 'hanger lag',
		reason: phrase('hanger lag pulls out of the spreader'),
		source: 'NDS 2018 12.2-1',
		demand: newtons(p.force),
		capacity: newtons(holds),
		lines: () => [...p.lines(), ...lines()]
	};
}

/** Its strap, at the hole. */
export function strapStep(p: Pulled, strap: Strap, hole: Millimetres): StepParts {
	const net = (strap.width - hole) * strap.thickness;
	return {
		title: 'strap',
		reason: phrase('strap at its hole'),
		source: 'AISC 360 yield / 1.67 on the net section',
		demand: stress(net > 0 ? p.force / net : Infinity),
		capacity: stress(MILD_STEEL.allowed),
		lines: () => [
			...p.lines(),
			{
				label: 'strap is pulled',
				sum: phrase('{R} / (({w} - {o}) × {t})', {
					R: newtons(p.force),
					w: mm(strap.width),
					o: mm(hole),
					t: mm(strap.thickness)
				}),
				result: stress(net > 0 ? p.force / net : Infinity)
			}
		]
	};
}

/** Its bolt into the deck. @param G of the wood that it bears in, over so much length */
export function boltStep(p: Pulled, bolt: Millimetres, length: Millimetres, G: number): StepParts {
	const Fe = dowelBearing(G, Math.max(0.25, bolt / MM_PER_INCH), 90) * MPA_PER_PSI;
	const bears = (Fe * bolt * length * CD_STORAGE) / BOLT_RD;
	return {
		title: 'bolt',
		reason: phrase('bolt crushes the deck frame'),
		source: 'NDS 2018 Table 12.3.3, 12.3.1B',
		demand: newtons(p.force),
		capacity: newtons(bears),
		lines: () => [
			...p.lines(),
			{
				label: 'wood bears',
				sum: phrase(`{F} × {d} × {l} × ${CD_STORAGE} / ${BOLT_RD}`, {
					F: stress(Fe),
					d: mm(bolt),
					l: mm(length)
				}),
				result: newtons(bears)
			}
		]
	};
}

/** The lags of a spreader into one joist. @param p what that joist has to hold, by so many lags */
export function spreaderStep(p: Pulled, joint: Joint, lags: number): StepParts {
	const c = jointCapacity(joint);
	const each = p.force / lags;
	return {
		title: 'spreader lags',
		reason: c.across
			? phrase('spreader pulls out of the joists')
			: phrase('spreader lags too short: {p} in the joist, {need} needed', {
					p: mm(c.penetration),
					need: mm(c.needed)
				}),
		source: 'NDS 2018 12.2-1, 12.2.5',
		demand: newtons(each),
		capacity: newtons(c.axial),
		lines: () => [
			...p.lines(),
			{ label: 'each lag', sum: phrase(`{F} / ${lags}`, { F: newtons(p.force) }), result: newtons(each) },
			...capacityLines(joint, c, { side: 'spreader', main: 'joist' }).slice(0, 4),
			{ label: 'the smaller', sum: phrase('of thread and head'), result: newtons(c.axial) }
		]
	};
}

/** What a ceiling was made to carry, and of that what is free. */
export interface CeilingRoom {
	made: keyof typeof CEILING_LIVE;
	spacing: Millimetres;
	span: Millimetres;
	/** Share of that load which nothing takes yet, 0 to 1. */
	free: number;
}

/** Forces on one joist, each by its place from the joist's end. */
export type JoistForce = { force: Newtons; at: Millimetres };

/** One joist, simply supported at its ends, under what hangs from it: bent against what its ceiling was made for. */
export function joistStep(forces: readonly JoistForce[], { made, spacing, span, free }: CeilingRoom): StepParts {
	/** At the place of each force, what all of them bend there. */
	const bentAt = (x: Millimetres) =>
		forces.reduce((sum, { force, at }) => {
			const from = x <= at ? (x * (span - at)) / span : (at * (span - x)) / span;
			return sum + force * from;
		}, 0);
	const [only] = forces;
	const M =
		forces.length === 1 && only
			? joistMoment(only.force, only.at, span)
			: Math.max(0, ...forces.map((f) => bentAt(f.at)));
	const live = CEILING_LIVE[made];
	const allowed = joistAllowance(live, spacing, span) * free;
	const total = forces.reduce((sum, f) => sum + f.force, 0);
	return {
		title: 'joists',
		reason: phrase('the joists bend under the hang line'),
		source: 'statics; IRC Table R301.5',
		demand: moment(M),
		capacity: moment(allowed),
		lines: () => [
			{
				label: 'bends a joist',
				sum:
					forces.length === 1 && only
						? phrase('{P} × {a} × ({L} - {a}) / {L}', { P: newtons(only.force), a: mm(only.at), L: mm(span) })
						: phrase(`{P} at ${forces.length} places of {L}, each a × b / L, added up where it is most`, {
								P: newtons(total),
								L: mm(span)
							}),
				result: moment(M)
			},
			{
				label: 'made to carry',
				sum: phrase('{q} × {s} × {L}² / 8 × {f}: what is free of the design load', {
					q: { value: live, dim: 'area-load' },
					s: mm(spacing),
					L: mm(span),
					f: String(free)
				}),
				result: moment(allowed)
			}
		],
		notes: [phrase('A joist that also holds a roof in tension, is notched or is spliced needs an engineer')]
	};
}
