import { fail, ok, type Problem, type Result } from '$core/result';
import type { Millimetres } from '$core/units/quantity';

/** What stands on a label: a name, a line under it, and where its code leads within this Kammer. */
export interface Label {
	title: string;
	note: string;
	/** Path on this server, such as `/t/abc`. */
	path: string;
}

/** A sheet of labels: how many across and down, and where they stand on the paper. */
export interface LabelLayout {
	id: string;
	title: string;
	paper: readonly [width: Millimetres, height: Millimetres];
	across: number;
	down: number;
	label: readonly [width: Millimetres, height: Millimetres];
	/** Corner of the first label. */
	from: readonly [x: Millimetres, y: Millimetres];
	gap: readonly [x: Millimetres, y: Millimetres];
}

const A4 = [210, 297] as const;
const LETTER = [215.9, 279.4] as const;

/** Usual sheets, by paper and count; nothing in them belongs to a maker. */
export const LABEL_LAYOUTS: readonly LabelLayout[] = [
	{
		id: 'a4-24',
		title: 'A4, 24 labels of 70 × 37 mm',
		paper: A4,
		across: 3,
		down: 8,
		label: [70, 37],
		from: [0, 0.5],
		gap: [0, 0]
	},
	{
		id: 'a4-14',
		title: 'A4, 14 labels of 99 × 38 mm',
		paper: A4,
		across: 2,
		down: 7,
		label: [99, 38],
		from: [5, 15.5],
		gap: [2, 0]
	},
	{
		id: 'letter-30',
		title: 'Letter, 30 labels of 2 5/8 × 1 in',
		paper: LETTER,
		across: 3,
		down: 10,
		label: [66.7, 25.4],
		from: [4.8, 12.7],
		gap: [3.2, 0]
	},
	{
		id: 'letter-10',
		title: 'Letter, 10 labels of 4 × 2 in',
		paper: LETTER,
		across: 2,
		down: 5,
		label: [101.6, 50.8],
		from: [4, 12.7],
		gap: [4.7, 0]
	}
];

/** Labels taken at once. */
export const MOST_LABELS = 1000;

/** Takes a request's body as labels: what they say, the sheet, and how many places of the first sheet are used up. */
export function readLabels(body: unknown): Result<{ labels: Label[]; layout: LabelLayout; skip: number }, Problem[]> {
	const {
		labels,
		layout,
		skip = 0
	} = (typeof body === 'object' && body !== null ? body : {}) as { labels?: unknown; layout?: unknown; skip?: unknown };
	const problems: Problem[] = [];
	const sheet = LABEL_LAYOUTS.find((l) => l.id === layout);
	if (!sheet)
		problems.push({ path: 'layout', message: `must be one of: ${LABEL_LAYOUTS.map((l) => l.id).join(', ')}` });
	if (typeof skip !== 'number' || !Number.isInteger(skip) || skip < 0 || (sheet && skip >= sheet.across * sheet.down))
		problems.push({ path: 'skip', message: 'must be a number of places on the sheet' });
	if (!Array.isArray(labels) || labels.length === 0)
		problems.push({ path: 'labels', message: 'must be a list with one label at least' });
	else if (labels.length > MOST_LABELS)
		problems.push({ path: 'labels', message: `must have at most ${MOST_LABELS} entries` });
	else {
		labels.forEach((l: unknown, i) => {
			const { title, note, path } = (typeof l === 'object' && l !== null ? l : {}) as Record<string, unknown>;
			if (typeof title !== 'string' || title.trim() === '' || title.length > 120)
				problems.push({ path: `labels[${i}].title`, message: 'must be text of 1 to 120 characters' });
			if (typeof note !== 'string' || note.length > 200)
				problems.push({ path: `labels[${i}].note`, message: 'must be text of at most 200 characters' });
			if (typeof path !== 'string' || !/^\/[\w\-/?=&]{1,120}$/.test(path) || path.startsWith('//'))
				problems.push({ path: `labels[${i}].path`, message: 'must be a path on this server, such as /t/abc' });
		});
	}
	return problems.length > 0
		? fail(problems.slice(0, 50))
		: ok({ labels: labels as Label[], layout: sheet as LabelLayout, skip: skip as number });
}

/** Where the nth label stands: its sheet, and its corner on it. */
export function labelPlace(layout: LabelLayout, n: number): { sheet: number; x: Millimetres; y: Millimetres } {
	const per = layout.across * layout.down;
	const on = n % per;
	return {
		sheet: Math.floor(n / per),
		x: layout.from[0] + (on % layout.across) * (layout.label[0] + layout.gap[0]),
		y: layout.from[1] + Math.floor(on / layout.across) * (layout.label[1] + layout.gap[1])
	};
}
