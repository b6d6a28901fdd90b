import { box, type Shape } from '../drawing/shapes';
import { ripInTwo, type Bevel } from '../cleats/profile';
import { spacingPitch, spacingPositions } from '../carriers/spacing';
import type { Spacing } from '../carriers/spacing';
import { angle, count, mm, phrase } from '../units/phrase';
import { radians } from '../units/quantity';
import { choiceField, lengthField, wholeField } from '../form/field';
import type { InputsOf } from './inputs';
import { answerOf, defineSum } from './sum';

/** A board seen from the front, with a mark at each place. */
function marked(width: number, positions: readonly number[], size: number): Shape[] {
	const h = Math.max(width * 0.12, size * 1.5);
	return [
		box(0, 0, width, h, 'wood'),
		...positions.map((x): Shape =>
			size > 0
				? { kind: 'circle', at: [x, h / 2], radius: size / 2, look: 'steel' }
				: {
						kind: 'line',
						points: [
							[x, 0],
							[x, h]
						],
						look: 'thing'
					}
		),
		{ kind: 'measure', from: [0, 0], to: [width, 0], side: 'below', label: phrase('{w}', { w: mm(width) }) }
	];
}

const spacingFields = {
	width: lengthField('Length to space along', 1, 12_000, [600, 374.65]),
	way: choiceField(
		'Spaced',
		[
			{ value: 'equal-gaps', name: 'Equal gaps, ends too' },
			{ value: 'pitch', name: 'First at, then every' },
			{ value: 'end-margins', name: 'End margins' }
		],
		'equal-gaps'
	),
	count: wholeField('How many', 1, 100, 6),
	inset: lengthField('First at', 0, 12_000, [50, 50.8], { when: (i) => i.way === 'pitch' }),
	pitch: lengthField('Then every', 1, 12_000, [75, 76.2], { when: (i) => i.way === 'pitch' }),
	margin: lengthField('End margins', 0, 6000, [40, 38.1], { when: (i) => i.way === 'end-margins' })
};
function asSpacing({ way, count, inset, pitch, margin }: InputsOf<typeof spacingFields>): Spacing {
	if (way === 'pitch') return { kind: way, count, inset, pitch };
	return way === 'end-margins' ? { kind: way, count, margin } : { kind: 'equal-gaps', count };
}

/** How far apart, centre to centre, as a sum. */
function apartSum(width: number, spacing: Spacing) {
	switch (spacing.kind) {
		case 'equal-gaps':
			return phrase('{w} / ({n} + 1): centre to centre', { w: mm(width), n: count(spacing.count) });
		case 'pitch':
			return phrase('{p}: as said', { p: mm(spacing.pitch) });
		case 'end-margins':
			return spacing.count === 1
				? phrase('0: one, in the middle')
				: phrase('({w} - 2 × {m}) / ({n} - 1): centre to centre', {
						w: mm(width),
						m: mm(spacing.margin),
						n: count(spacing.count)
					});
	}
}

export const spacingSumDef = defineSum({
	name: 'spacing',
	title: 'Even spacing',
	question: 'Where do the marks go?',
	fields: spacingFields,
	cross: (i) => {
		if (i.way === 'end-margins' && 2 * i.margin > i.width)
			return [{ path: 'margin', message: 'the two margins take more than the length' }];
		const last = i.inset + (i.count - 1) * i.pitch;
		return i.way === 'pitch' && last > i.width
			? [
					{
						path: 'count',
						message: `the last would be at ${last.toFixed(0)} mm, past the end at ${i.width.toFixed(0)}`
					}
				]
			: [];
	},
	answer(i) {
		const spacing = asSpacing(i);
		const positions = spacingPositions(i.width, spacing);
		return answerOf({
			drawing: { title: `${i.count} marks along a board`, shapes: marked(i.width, positions, 0) },
			lines: [{ label: 'apart', sum: apartSum(i.width, spacing), result: mm(spacingPitch(i.width, spacing)) }],
			marks: [{ label: 'Marks from the left end, to the middle of each', positions }],
			notes: [phrase('Measure every mark from the same end: stepping off a rounded pitch adds its error up')]
		});
	}
});

const dividerFields = {
	width: lengthField('Inside width', 10, 12_000, [600, 609.6]),
	count: wholeField('Dividers', 1, 100, 4),
	thickness: lengthField('Each is thick', 0.5, 100, [9, 11.906])
};

export const dividersSum = defineSum({
	name: 'dividers',
	title: 'Equal dividers',
	question: 'How wide is each compartment?',
	fields: dividerFields,
	cross: (i) =>
		i.count * i.thickness >= i.width ? [{ path: 'thickness', message: 'the dividers alone take all the width' }] : [],
	answer(i) {
		const clear = (i.width - i.count * i.thickness) / (i.count + 1);
		const lefts = Array.from({ length: i.count }, (_, k) => (k + 1) * clear + k * i.thickness);
		return answerOf({
			drawing: {
				title: `${i.count} dividers in a case`,
				shapes: [
					box(0, 0, i.width, i.width * 0.15, 'wall'),
					...lefts.map((x) => box(x, 0, i.thickness, i.width * 0.15, 'wood')),
					{ kind: 'measure', from: [0, 0], to: [clear, 0], side: 'below', label: phrase('{c}', { c: mm(clear) }) }
				]
			},
			lines: [
				{
					label: 'clear',
					sum: phrase('({w} - {n} × {t}) / ({n} + 1)', { w: mm(i.width), n: count(i.count), t: mm(i.thickness) }),
					result: mm(clear)
				}
			],
			marks: [{ label: 'Left side of each divider, from the left inside', positions: lefts }],
			notes: [phrase('Clear, between the dividers; not centre to centre')]
		});
	}
});

const ripFields = {
	blank: lengthField('Board before the rip', 40, 400, [140, 139.7]),
	thickness: lengthField('Thickness', 6, 60, [18, 19.05]),
	bevel: choiceField(
		'Bevel',
		[
			{ value: '45', name: '45°' },
			{ value: '30', name: '30°' }
		],
		'45'
	),
	kerf: lengthField('Kerf', 0, 10, [3.2, 3.175])
};

export const ripSum = defineSum({
	name: 'rip',
	title: 'Bevel rip',
	question: 'What do the two halves come to?',
	fields: ripFields,
	cross: (i) =>
		ripInTwo({ blank: i.blank, thickness: i.thickness, bevel: Number(i.bevel) as Bevel, kerf: i.kerf }).back < 5
			? [{ path: 'blank', message: 'leaves nothing on the short side after the rip' }]
			: [],
	answer(i) {
		const p = ripInTwo({ blank: i.blank, thickness: i.thickness, bevel: Number(i.bevel) as Bevel, kerf: i.kerf });
		const b = { b: angle(p.bevel), t: mm(i.thickness), m: mm(p.middle) };
		const t = Math.tan(radians(p.bevel));
		const other = i.blank;
		return answerOf({
			drawing: {
				title: 'Board ripped in two at a bevel, seen from its end',
				shapes: [
					{
						kind: 'polygon',
						points: [
							[0, 0],
							[p.back, 0],
							[p.back + i.thickness * t, i.thickness],
							[0, i.thickness]
						],
						look: 'wood'
					},
					{
						kind: 'polygon',
						points: [
							[p.back + p.lost, 0],
							[other, 0],
							[other, i.thickness],
							[p.back + p.lost + i.thickness * t, i.thickness]
						],
						look: 'ply'
					},
					{ kind: 'measure', from: [0, 0], to: [p.back, 0], side: 'below', label: phrase('{x}', { x: mm(p.back) }) },
					{
						kind: 'measure',
						from: [0, i.thickness],
						to: [p.front, i.thickness],
						side: 'above',
						label: phrase('{x}', { x: mm(p.front) })
					}
				]
			},
			lines: [
				{ label: 'blade takes', sum: phrase('{k} / cos {b}', { k: mm(i.kerf), ...b }), result: mm(p.lost) },
				{
					label: 'each half',
					sum: phrase('({w} - {l}) / 2: at mid slope', { w: mm(i.blank), l: mm(p.lost) }),
					result: mm(p.middle)
				},
				{ label: 'short side', sum: phrase('{m} - {t} × tan {b} / 2', b), result: mm(p.back) },
				{ label: 'long side', sum: phrase('{m} + {t} × tan {b} / 2', b), result: mm(p.front) }
			],
			notes: [phrase('Guard and push stick for a narrow bevelled rip; never a short piece on the saw; eyes and ears')]
		});
	}
});
