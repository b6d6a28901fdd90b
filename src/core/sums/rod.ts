import { box, type Shape } from '../drawing/shapes';
import { stepOf, type Step } from '../verdict/check';
import { dowelBearing } from '../mechanics/fasteners/lateral';
import { CD_BUMP } from '../mechanics/fasteners/joint';
import { GRAB } from '../verdict/grab';
import { rodDroop, rodSteps } from '../members/rod-steps';
import { rodTip, roundSection } from '../mechanics/members/rod';
import { WOOD_CHOICES } from '../materials/bending';
import { allowedRodStress, ROD_MATERIALS, rod, RODS } from '../materials/rods';
import { wood } from '../materials/woods';
import { angle, fine, mm, moment, newtons, phrase, stress } from '../units/phrase';
import { MM_PER_INCH, MPA_PER_PSI, radians, weightOf } from '../units/quantity';
import { angleField, choiceField, lengthField, massField } from '../form/field';
import type { InputsOf } from './inputs';
import { answerOf, defineSum, type Change } from './sum';
import { speciesMissing } from './words';

const fields = {
	rod: choiceField(
		'Rod',
		RODS.map((r) => ({ value: r.id, name: r.title })),
		['birch-25', 'emt-3/4']
	),
	projection: lengthField('Out of the face', 10, 1200, [250, 355.6]),
	embedded: lengthField('In the wood', 5, 300, [60, 63.5]),
	hole: lengthField('Hole, diameter', 5, 80, [25.5, 25.4], { hint: 'Hole less rod is the play' }),
	tilt: angleField('Tilt up', 0, 30, [5, 10]),
	member: choiceField(
		'The hole is in',
		[
			{ value: 'upright', name: 'An upright: bears along the grain' },
			{ value: 'rail', name: 'A rail or face: bears across the grain' }
		],
		'upright'
	),
	species: choiceField('Its wood', WOOD_CHOICES, ['c24', 'spf']),
	width: lengthField('Its width at the hole', 20, 400, [45, 38.1], {
		hint: 'Of the face the hole is in, hole in its middle'
	}),
	load: massField('Load on the rod', 0, 500, [15, 50]),
	place: choiceField(
		'The load is',
		[
			{ value: 'spread', name: 'Spread along it' },
			{ value: 'tip', name: 'At its tip' }
		],
		'spread'
	)
};
type I = InputsOf<typeof fields>;

/** A hole nearer to an edge than this many diameters may split the wood. */
const EDGE = 1.5;

function steps(i: I): Step[] {
	const r = rod(i.rod);
	const m = ROD_MATERIALS[r.material];
	const timber = wood(i.species);
	const W = weightOf(i.load);
	const arm = i.place === 'tip' ? i.projection : i.projection / 2;
	const M = W * arm;
	const turns = {
		label: 'turns it',
		sum: phrase(i.place === 'tip' ? '{W} × {L}' : '{W} × {L} / 2: spread along it', {
			W: newtons(W),
			L: mm(i.projection)
		}),
		result: moment(M)
	};
	const upright = i.member === 'upright';
	const along = (dowelBearing(timber.G, Math.max(0.25, r.outer / MM_PER_INCH), 0) * MPA_PER_PSI) / 4;
	const allowed = upright ? along : timber.FcPerp;
	const loaded = {
		name: 'rod',
		outer: r.outer,
		wall: r.wall,
		material: m,
		V: W,
		M,
		lines: () => [turns],
		embedded: i.embedded,
		hole: i.hole,
		tilt: i.tilt,
		bends: {
			value: (W * i.projection ** 2) / (i.place === 'tip' ? 2 : 6),
			sum: `{W} × {L}² / ${i.place === 'tip' ? 2 : 6}`,
			values: { W: newtons(W), L: mm(i.projection) }
		},
		lipAllowed: allowed,
		lipLine: upright
			? {
					label: 'allowed',
					sum: phrase(`11200 × ${timber.G} / 4: in lb and in, along the grain of ${timber.title}`),
					result: stress(along)
				}
			: { label: 'allowed', sum: phrase(`bearing across the grain of ${timber.title}`), result: stress(allowed) },
		lipSource: 'statics of a rigid rod in a hole; NDS 2018 Table 12.3.3, Supplement Fc⊥',
		FcPerp: timber.FcPerp
	};
	const judged = rodSteps(loaded);
	const EI = m.E * roundSection(r.outer, r.wall).inertia;
	const d = rodDroop(loaded);
	const tip = rodTip({
		weight: W,
		projection: i.projection,
		embedded: i.embedded,
		outer: r.outer,
		hole: i.hole,
		EI,
		lip: d.lip,
		back: d.back,
		allowed: timber.FcPerp
	});
	const grabM = GRAB * i.projection;
	const wooden = m.factor === 4;
	const grabbed = rodSteps({
		...loaded,
		M: grabM,
		lines: () => [
			{
				label: 'grabbed',
				sum: phrase('{G} × {L}: a person hangs on the tip', { G: newtons(GRAB), L: mm(i.projection) }),
				result: moment(grabM)
			}
		]
	}).bending;
	return [
		stepOf(judged.bending),
		stepOf(judged.lip),
		stepOf({
			...judged.tilt,
			notes: [
				phrase('The tip drops {b} by bending, {p} by play, {r} by the wood at the root', {
					b: fine(tip.bending * (i.place === 'tip' ? 8 / 3 : 1)),
					p: fine(tip.play),
					r: fine(tip.root)
				})
			]
		}),
		stepOf({
			...grabbed,
			title: 'grab',
			basis: 'grab',
			reason: phrase('somebody hangs on its tip'),
			capacity: stress(allowedRodStress(m) * (wooden ? CD_BUMP : 1)),
			lines: () => [
				...grabbed.lines().slice(0, -1),
				{
					label: 'allowed',
					sum: phrase(wooden ? `{f} / ${m.factor} × ${CD_BUMP}` : `{f} / ${m.factor}`, { f: stress(m.strength) }),
					result: stress(allowedRodStress(m) * (wooden ? CD_BUMP : 1))
				}
			],
			notes: [phrase('For anything under 2.1 m (7 ft) that a person could hang from')]
		})
	];
}

function draw(i: I): Shape[] {
	const r = rod(i.rod);
	const t = radians(i.tilt);
	const h = 6 * r.outer + 60;
	const at = (s: number, up: number) =>
		[s * Math.cos(t) - up * Math.sin(t), h / 2 + s * Math.sin(t) + up * Math.cos(t)] as const;
	const half = r.outer / 2;
	const depth = Math.max(i.embedded + 12, 20);
	return [
		box(-depth, 0, depth, h, 'wood'),
		{
			kind: 'polygon',
			points: [at(-i.embedded, -half), at(i.projection, -half), at(i.projection, half), at(-i.embedded, half)],
			look: ROD_MATERIALS[r.material].factor === 4 ? 'wood' : 'steel'
		},
		{
			kind: 'measure',
			from: [0, 0],
			to: [i.projection * Math.cos(t), 0],
			side: 'below',
			label: phrase('{L}', { L: mm(i.projection) })
		},
		{ kind: 'measure', from: [-i.embedded, 0], to: [0, 0], side: 'below', label: phrase('{l}', { l: mm(i.embedded) }) },
		{
			kind: 'arrow',
			from: [at(i.place === 'tip' ? i.projection : i.projection / 2, half)[0], at(i.projection, half)[1] + 70],
			to: [
				at(i.place === 'tip' ? i.projection : i.projection / 2, half)[0],
				at(i.place === 'tip' ? i.projection : i.projection / 2, half)[1] + 4
			],
			label: phrase('{W}', { W: newtons(weightOf(i.load)) })
		}
	];
}

export const rodSum = defineSum({
	name: 'rod',
	title: 'Rod or peg in a hole',
	question: 'How much does a rod carry?',
	fields,
	cross: (i) => {
		const r = rod(i.rod);
		const found = [];
		if (i.hole < r.outer - 0.3)
			found.push({ path: 'hole', message: `is smaller than the rod, ${r.outer.toFixed(1)} mm` });
		if (i.width <= i.hole) found.push({ path: 'width', message: 'leaves no wood beside the hole' });
		return found;
	},
	answer(i) {
		const r = rod(i.rod);
		const notes = [];
		const beside = i.width / 2;
		if (beside < EDGE * i.hole)
			notes.push(
				phrase('The hole stands {e} from the edge, less than 1.5 times its width, {m}: it may split there', {
					e: mm(beside),
					m: mm(EDGE * i.hole)
				})
			);
		notes.push(
			phrase('The hole leaves {n} of {w}: count the upright as that wide', { n: mm(i.width - i.hole), w: mm(i.width) })
		);
		return answerOf({
			drawing: { title: `${r.title} in a hole, tilted ${i.tilt} degrees`, shapes: draw(i) },
			steps: [...speciesMissing(i.species, 'wood'), ...steps(i)],
			notes
		});
	},
	load: 'load',
	proof: (i) => ({ working: i.load, foot: 0 }),
	changes(i) {
		const r = rod(i.rod);
		const thicker = RODS.filter(
			(o) => o.material === r.material && o.wall > 0 === r.wall > 0 && o.outer > r.outer + 0.5
		)
			.sort((a, b) => a.outer - b.outer)
			.slice(0, 2);
		const steel = RODS.find((o) => o.material === 'steel' && o.outer >= r.outer - 3.5);
		const found: Change<I>[] = thicker.map((o) => ({
			text: phrase(o.title),
			inputs: { rod: o.id, hole: o.outer + Math.max(0.2, i.hole - r.outer) },
			effort: 'another part'
		}));
		if (r.material !== 'steel' && steel)
			found.push({
				text: phrase(steel.title),
				inputs: { rod: steel.id, hole: steel.outer + 0.3 },
				effort: 'another part'
			});
		found.push({
			text: phrase('{l} in the wood', { l: mm(Math.round(i.embedded * 1.4)) }),
			inputs: { embedded: Math.round(i.embedded * 1.4) },
			effort: 'nothing to buy'
		});
		found.push({
			text: phrase('{l} out of the face', { l: mm(Math.round(i.projection * 0.75)) }),
			inputs: { projection: Math.round(i.projection * 0.75) },
			effort: 'nothing to buy'
		});
		if (i.tilt < 10)
			found.push({ text: phrase('Tilted {a}', { a: angle(10) }), inputs: { tilt: 10 }, effort: 'nothing to buy' });
		if (i.hole > r.outer + 0.4)
			found.push({ text: phrase('A hole that fits'), inputs: { hole: r.outer + 0.2 }, effort: 'nothing to buy' });
		return found;
	}
});
