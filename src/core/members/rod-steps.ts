import { allowedRodStress, type RodMaterial } from '../materials/rods';
import { angle, fine, mm, moment, newtons, phrase, stress } from '../units/phrase';
import {
	MM_PER_INCH,
	radians,
	type Degrees,
	type Megapascals,
	type Millimetres,
	type NewtonMillimetres,
	type Newtons,
	type Radians
} from '../units/quantity';
import type { StepParts, SumLine } from '../verdict/check';
import { backBearing, lipBearing, rodRoot, roundSection } from '../mechanics/members/rod';
import { FRICTION, SEAT_FACTOR } from '../mechanics/statics/seat';

/** A rod or peg in a hole, under its load: of a plan's holder, or of a quick sum. */
export interface LoadedRod {
	/** 'rod', 'peg'. */
	name: string;
	outer: Millimetres;
	/** Of a tube; 0 is solid. */
	wall: Millimetres;
	material: RodMaterial;
	V: Newtons;
	/** About the face. */
	M: NewtonMillimetres;
	/** How V and M come about. */
	lines: () => SumLine[];
	embedded: Millimetres;
	hole: Millimetres;
	tilt: Degrees;
	/** Slope of the tip by bending, times E I, and its sum. */
	bends: { value: number; sum: string; values: Record<string, ReturnType<typeof mm>> };
	/** What the lip may take, and what the wood across its grain does, which the root gives by. */
	lipAllowed: Megapascals;
	lipLine: SumLine;
	lipSource: string;
	FcPerp: Megapascals;
}

const turned = (value: Radians) => ({ value, dim: 'angle' }) as const;

/** How much of its tilt a loaded rod loses, part by part. */
export function rodDroop(r: LoadedRod) {
	const EI = r.material.E * roundSection(r.outer, r.wall).inertia;
	const lip = lipBearing(r.V, r.M, r.embedded, r.outer);
	const back = backBearing(r.V, r.M, r.embedded, r.outer);
	const play = Math.atan(Math.max(0, r.hole - r.outer) / r.embedded);
	const bending = r.bends.value / EI;
	const root = rodRoot(lip, back, r.FcPerp, r.embedded);
	return { lip, back, play, bending, root, lost: play + bending + root };
}

/**
 * The steps of a rod in a hole: it bends at the face, its lip crushes the wood, and what is left of its tilt. One place
 * for quick sums and plans. Where no tilt is left, friction may still keep things on: a second line.
 */
export function rodSteps(r: LoadedRod): { bending: StepParts; lip: StepParts; tilt: StepParts } {
	const section = roundSection(r.outer, r.wall);
	const S = { value: section.modulus, dim: 'section' } as const;
	const allowed = allowedRodStress(r.material);
	const d = rodDroop(r);
	const inner = Math.max(0, r.outer - 2 * r.wall);
	const stays = radians(r.tilt) + Math.atan(FRICTION) / SEAT_FACTOR;
	return {
		bending: {
			title: r.name,
			reason: phrase(`${r.name} bends at the face`),
			source: `${r.material.title}: ${r.material.source}`,
			demand: stress(r.M / section.modulus),
			capacity: stress(allowed),
			lines: () => [
				...r.lines(),
				{
					label: 'section',
					sum: phrase(r.wall > 0 ? 'π × ({D}^4 - {d}^4) / 32 / {D}' : 'π × {D}³ / 32', {
						D: fine(r.outer),
						d: fine(inner)
					}),
					result: S
				},
				{ label: 'bending', sum: phrase('{M} / {S}', { M: moment(r.M), S }), result: stress(r.M / section.modulus) },
				{
					label: 'allowed',
					sum: phrase(`{f} / ${r.material.factor}: ${r.material.title}`, { f: stress(r.material.strength) }),
					result: stress(allowed)
				}
			]
		},
		lip: {
			title: 'lip of the hole',
			reason: phrase('lip of the hole: the wood crushes'),
			source: r.lipSource,
			demand: stress(d.lip),
			capacity: stress(r.lipAllowed),
			lines: () => [
				...r.lines(),
				{
					label: 'lip pressure',
					sum: phrase('(4 × {V} × {l} + 6 × {M}) / {l}² / {d}', {
						V: newtons(r.V),
						M: moment(r.M),
						l: mm(r.embedded),
						d: mm(r.outer)
					}),
					result: stress(d.lip)
				},
				r.lipLine
			]
		},
		tilt: {
			title: 'tilt',
			reason: phrase(
				d.lost >= radians(r.tilt)
					? `the ${r.name}'s tip points down: things walk off`
					: `tilt left at the ${r.name}'s tip`
			),
			source: 'beam tables; NDS 2018 4.2.6 for the root',
			demand: turned(d.lost),
			capacity: turned(radians(r.tilt)),
			second: {
				by: 'friction',
				demand: turned(d.lost),
				capacity: turned(stays),
				lines: () => [
					{
						label: 'stays on to',
						sum: phrase(`{t} + atan ${FRICTION} / ${SEAT_FACTOR}`, { t: angle(r.tilt) }),
						result: turned(stays)
					}
				]
			},
			lines: () => [
				...r.lines(),
				{
					label: 'play',
					sum: phrase('atan(({h} - {d}) / {l})', {
						h: fine(Math.max(r.hole, r.outer)),
						d: fine(r.outer),
						l: mm(r.embedded)
					}),
					result: turned(d.play)
				},
				{
					label: 'bends',
					sum: phrase(`${r.bends.sum} / ({E} × {I})`, {
						...r.bends.values,
						E: stress(r.material.E),
						I: { value: section.inertia, dim: 'inertia' }
					}),
					result: turned(d.bending)
				},
				{
					label: 'root gives',
					sum: phrase('{c} × ({q} + {b}) / {F} / {l}: lip and back pressed in', {
						c: fine(0.04 * MM_PER_INCH),
						q: stress(d.lip),
						b: stress(d.back),
						F: stress(r.FcPerp),
						l: mm(r.embedded)
					}),
					result: turned(d.root)
				},
				{
					label: 'lost',
					sum: phrase('{a} + {b} + {c}', { a: turned(d.play), b: turned(d.bending), c: turned(d.root) }),
					result: turned(d.lost)
				},
				{ label: 'tilted up', sum: phrase('{t} as bored', { t: angle(r.tilt) }), result: angle(r.tilt) }
			]
		}
	};
}
