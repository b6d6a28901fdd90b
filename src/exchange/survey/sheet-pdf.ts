import { nth } from '$core/nth';
import type { Plan } from '$core/plan/types';
import { outlineOf, tallest, topAt } from '$core/survey/outline';
import { nameOf } from '$core/survey/names';
import { studAt } from '$core/survey/supports';
import { formatLength } from '$core/units/format-length';
import type { LengthUnit } from '$core/units/parse-length';
import { broken, newPdf, POINTS_PER_MM, write, type Doc } from '../pdf/pdf';
import { sheetTables, SURVEY_CAUTIONS, type SheetTable } from './sheet-lines';

/** Paper by the unit people measure in, mm. */
const PAPER: Record<LengthUnit, [number, number]> = { mm: [210, 297], inch: [215.9, 279.4] };
const MARGIN = 14 * POINTS_PER_MM;
const ROW = 17;

/** Left of the wall, for its height written out, points. */
const LABEL = 44;

/** The wall to scale, with studs and what is in the way; gives the height it took. */
function drawWall(doc: Doc, plan: Plan, unit: LengthUnit, x: number, y: number, width: number, most: number): number {
	const { wall } = plan;
	const k = Math.min((width - LABEL) / wall.width, (most - 20) / tallest(wall));
	const [x0, y0] = [x + LABEL, y + tallest(wall) * k];
	const at = (px: number, py: number): [number, number] => [x0 + px * k, y0 - py * k];
	doc.lineWidth(0.5).strokeColor('#999');
	for (const s of wall.studs) {
		const top = topAt(wall, s.x);
		for (const side of [-s.width / 2, s.width / 2])
			doc
				.moveTo(...at(s.x + side, 0))
				.lineTo(...at(studAt(s, top) + side, top))
				.stroke();
	}
	doc.strokeColor('#000').lineWidth(1.2);
	outlineOf(wall).forEach((p, i) => (i === 0 ? doc.moveTo(...at(p.x, p.y)) : doc.lineTo(...at(p.x, p.y))));
	doc.closePath().stroke();
	doc.lineWidth(0.8);
	wall.obstructions.forEach((o) => {
		const [ox, oy] = at(o.x, o.y + o.height);
		// Dashed what is in the wall, or stands off it.
		if (o.hidden || (o.near ?? 0) > 0) doc.dash(2, { space: 2 });
		doc
			.rect(ox, oy, o.width * k, o.height * k)
			.stroke()
			.undash();
		doc.fillColor('#000');
		write(doc, broken(doc, nameOf(o), 400, 6.5, Math.max(30, o.width * k), 1)[0] ?? '', 400, 6.5, ox + 2, oy + 2);
	});
	doc.fillColor('#000');
	write(doc, formatLength(wall.width, unit), 400, 8, x0 + (wall.width * k) / 2 - 16, y0 + 3);
	write(doc, formatLength(wall.height, unit), 400, 8, x, y0 - (wall.height * k) / 2);
	return tallest(wall) * k + 20;
}

/** What the first column takes of the width, by its heading; the others share the rest. */
const SHARES: Record<string, number> = { 'no.': 0.08, what: 0.34 };

/** Widths of columns. */
function columnsOf(table: SheetTable, width: number): number[] {
	const others = table.headings.length - 1;
	const first = SHARES[table.headings[0] ?? ''] ?? 0.25;
	const each = (width * (1 - first)) / others;
	return [width - others * each, ...Array.from({ length: others }, () => each)];
}

/**
 * A sheet to take to the wall: the wall as far as it is known, to scale, and tables with blanks for what is to be
 * measured.
 * @example await surveySheetPdf(emptyWall('Oar store'), 'mm') // bytes of a PDF
 */
export async function surveySheetPdf(plan: Plan, unit: LengthUnit): Promise<Uint8Array> {
	const size = PAPER[unit].map((mm) => mm * POINTS_PER_MM) as [number, number];
	const { doc, whole } = newPdf(`Survey sheet, ${plan.name}`, size);
	const width = size[0] - 2 * MARGIN;
	const foot = size[1] - MARGIN;
	let y = MARGIN;
	const page = () => {
		doc.addPage({ size, margin: 0 });
		doc.fillColor('#000');
		y = MARGIN;
	};
	const line = (text: string, weight: 400 | 700, points: number, most = 4) => {
		for (const l of broken(doc, text, weight, points, width, most)) {
			if (y + points * 1.3 > foot) page();
			write(doc, l, weight, points, MARGIN, y);
			y += points * 1.3;
		}
	};
	page();
	line(`Survey sheet: ${plan.name}`, 700, 16, 2);
	line(
		'Fill in what is blank; put right what is wrong. Left is left as you face the wall; heights are from the floor at the left end.',
		400,
		9
	);
	y += 6;
	y += drawWall(doc, plan, unit, MARGIN, y, width, 250) + 8;
	for (const table of sheetTables(plan, unit)) {
		const columns = columnsOf(table, width);
		const headings = () => {
			let x = MARGIN;
			table.headings.forEach((h, i) => {
				write(doc, h, 700, 8, x + 2, y);
				x += nth(columns, i);
			});
			y += 12;
			doc
				.moveTo(MARGIN, y)
				.lineTo(MARGIN + width, y)
				.lineWidth(1)
				.strokeColor('#000')
				.stroke();
		};
		if (y + 70 > foot) page();
		line(table.title, 700, 12, 1);
		line(table.hint, 400, 8.5);
		y += 3;
		headings();
		for (const row of table.rows) {
			if (y + ROW > foot) {
				page();
				headings();
			}
			let x = MARGIN;
			row.forEach((cell, i) => {
				write(doc, broken(doc, cell, 400, 9, nth(columns, i) - 6, 1)[0] ?? '', 400, 9, x + 2, y + 4);
				x += nth(columns, i);
			});
			y += ROW;
			doc
				.moveTo(MARGIN, y)
				.lineTo(MARGIN + width, y)
				.lineWidth(0.4)
				.strokeColor('#888')
				.stroke();
		}
		y += 12;
	}
	if (y + 70 > foot) page();
	line('Mind', 700, 12, 1);
	for (const caution of SURVEY_CAUTIONS) line(caution, 400, 9);
	doc.end();
	return whole;
}
