import Papa from 'papaparse';
import { wood } from '$core/materials/woods';
import type { Plan } from '$core/plan/types';
import { HOW_WORDS, howFound } from '$core/survey/record';
import { OBSTRUCTION_WORDS } from '$core/survey/names';
import { studAt } from '$core/survey/supports';
import { topAt } from '$core/survey/outline';
import { outOf } from '$core/survey/swept';
import { formatLength } from '$core/units/format-length';
import type { LengthUnit } from '$core/units/parse-length';

const HEADINGS = [
	'what',
	'name',
	'left',
	'centre',
	'right',
	'at the top',
	'from the floor',
	'to',
	'out from the wall',
	'depth',
	'species',
	'out of plumb (mm a metre)',
	'found by',
	'sureness',
	'moves'
];

/** Cells that a spreadsheet would take for a formula are written as text. */
const plainCell = (text: string) => (/^[=+\-@\t\r]/.test(text) && !/^-?\d/.test(text) ? `'${text}` : text);

const MOTION = {
	swing: 'swings',
	overhead: 'goes up and back',
	'car-doors': 'doors open',
	'clear-above': 'kept clear above'
} as const;

/**
 * Studs and obstructions as CSV, left to right, lengths in the user's unit.
 * @example surveyListCsv(plan, 'mm').split('\r\n').length
 */
export function surveyListCsv({ wall }: Pick<Plan, 'wall'>, unit: LengthUnit): string {
	const say = (mm: number) => formatLength(mm, unit);
	const studs = wall.studs.map((s) => ({
		at: s.x,
		row: [
			s.plies === 2 ? 'doubled stud' : 'stud',
			'',
			say(s.x - s.width / 2),
			say(s.x),
			say(s.x + s.width / 2),
			s.lean ? say(studAt(s, topAt(wall, s.x))) : '',
			'',
			'',
			'',
			say(s.depth),
			wood(s.species).title,
			s.lean ? String(s.lean) : '',
			HOW_WORDS[howFound(s)],
			s.found?.confidence === undefined ? '' : `${Math.round(s.found.confidence * 100)} %`,
			''
		]
	}));
	const others = wall.obstructions.map((o) => ({
		at: o.x,
		row: [
			o.hidden ? `${OBSTRUCTION_WORDS[o.kind]} in the wall` : OBSTRUCTION_WORDS[o.kind],
			plainCell(o.name),
			say(o.x),
			say(o.x + o.width / 2),
			say(o.x + o.width),
			'',
			say(o.y),
			say(o.y + o.height),
			o.hidden ? '' : say(outOf(o)),
			'',
			'',
			'',
			o.how ? HOW_WORDS[o.how] : '',
			'',
			o.motion ? MOTION[o.motion.kind] : ''
		]
	}));
	return Papa.unparse(
		{ fields: HEADINGS, data: [...studs, ...others].sort((a, b) => a.at - b.at).map((r) => r.row) },
		{ newline: '\r\n' }
	);
}
