import type { LengthUnit } from '$core/units/parse-length';
import { broken, newPdf, POINTS_PER_MM, widthOf, write, type Doc } from '../pdf/pdf';
import type { CutPaper, PaperSheet, PaperTable } from './paper';

/** Paper by the unit people measure in, mm. */
const PAPER: Record<LengthUnit, [number, number]> = { mm: [210, 297], inch: [215.9, 279.4] };
const MARGIN = 14 * POINTS_PER_MM;
/** Most of a page that one figure takes. */
const MOST_HIGH = 0.38;
/** Narrow boards and rods are drawn so high at least, points. */
const LEAST_HIGH = 22;
const LINE = 11;

/** One document in the making: where the next thing goes. */
class Writing {
	y = MARGIN;
	readonly width: number;
	readonly #bottom: number;

	constructor(
		readonly doc: Doc,
		private readonly size: [number, number]
	) {
		this.width = size[0] - 2 * MARGIN;
		this.#bottom = size[1] - MARGIN;
		this.page();
	}

	page(): void {
		this.doc.addPage({ size: this.size, margin: 0 });
		this.y = MARGIN;
	}

	/** On a new page where so much has no room any more. */
	need(high: number): void {
		if (this.y + high > this.#bottom) this.page();
	}

	get most(): number {
		return (this.#bottom - MARGIN) * MOST_HIGH;
	}

	line(text: string, weight: 400 | 700, size: number): void {
		for (const l of broken(this.doc, text, weight, size, this.width, 3)) {
			this.need(size * 1.4);
			write(this.doc, l, weight, size, MARGIN, this.y);
			this.y += size * 1.4;
		}
	}
}

/** A sheet to scale, its pieces numbered; what each is stands below, with a box to tick. */
function drawSheet(w: Writing, s: PaperSheet): void {
	const { doc } = w;
	const k = Math.min(w.width / s.length, w.most / s.width);
	const high = Math.max(LEAST_HIGH, s.width * k);
	const ky = high / s.width;
	w.need(high + 40);
	w.line(s.title, 700, 10);
	const base = w.y + high;
	const at = (x: number, y: number): [number, number] => [MARGIN + x * k, base - y * ky];
	const rect = (x: number, y: number, l: number, wide: number) => doc.rect(...at(x, y + wide), l * k, wide * ky);
	doc.lineWidth(1.2).strokeColor('#000');
	rect(0, 0, s.length, s.width).stroke();
	doc.lineWidth(0.4);
	for (const p of s.pieces) {
		rect(p.x, p.y, p.length, p.width).fillAndStroke('#eee', '#000');
		doc.fillColor('#000');
		const [x, y] = at(p.x, p.y + p.width);
		write(doc, String(p.n), 700, 7, x + 2, y + 2);
		const room = p.length * k - 8 - widthOf(doc, String(p.n), 700, 7);
		const [words] = broken(doc, p.words, 400, 6.5, Math.max(0, room), 1);
		if (room > 40 && p.width * ky > 9 && words) write(doc, words, 400, 6.5, x + 14, y + 2.3);
	}
	for (const c of s.cuts) {
		doc.lineWidth(0.9).strokeColor('#000');
		if (c.slanted) doc.dash(3, { space: 2 });
		doc
			.moveTo(...at(c.x1, c.y1))
			.lineTo(...at(c.x2, c.y2))
			.stroke()
			.undash();
	}
	w.y = base + 6;
	for (const p of s.pieces) {
		w.need(LINE);
		doc
			.lineWidth(0.5)
			.rect(MARGIN, w.y + 1, 6.5, 6.5)
			.stroke();
		write(doc, `${p.n}  ${p.words}`, 400, 7.5, MARGIN + 11, w.y);
		w.y += LINE;
	}
	w.y += 12;
}

/** How much of the width each column takes: by its longest words, none more than half. */
function columnsOf(doc: Doc, { heads, rows }: PaperTable, width: number): number[] {
	const wants = heads.map((h, i) => {
		const longest = Math.max(...[h, ...rows.map((r) => r[i] ?? '')].map((t) => widthOf(doc, t, 400, 8)));
		return Math.min(longest + 8, width * 0.42);
	});
	const all = wants.reduce((a, b) => a + b, 0);
	return wants.map((x) => (x * width) / all);
}

function drawTable(w: Writing, table: PaperTable): void {
	const { doc } = w;
	const columns = columnsOf(doc, table, w.width);
	w.need(60);
	w.line(table.title, 700, 13);
	const row = (cells: readonly string[], weight: 400 | 700) => {
		const lines = cells.map((c, i) => broken(doc, c, weight, 8, (columns[i] ?? 40) - 6, 12));
		const high = Math.max(1, ...lines.map((l) => l.length)) * LINE;
		w.need(high + 4);
		let x = MARGIN;
		for (const [i, some] of lines.entries()) {
			some.forEach((l, n) => write(doc, l, weight, 8, x, w.y + n * LINE));
			x += columns[i] ?? 0;
		}
		w.y += high + 2;
		doc
			.lineWidth(0.3)
			.strokeColor('#999')
			.moveTo(MARGIN, w.y)
			.lineTo(MARGIN + w.width, w.y)
			.stroke();
		w.y += 3;
	};
	row(table.heads, 700);
	for (const cells of table.rows) row(cells, 400);
	w.y += 3;
	w.line(table.note, 400, 8.5);
	w.y += 12;
}

/**
 * A cut plan as a PDF: what to buy, the sheets with a box to tick for every piece, the work at the saw.
 * @example await cutPaperPdf(paper, 'mm')
 */
export async function cutPaperPdf(paper: CutPaper, unit: LengthUnit): Promise<Uint8Array> {
	const size = PAPER[unit].map((x) => x * POINTS_PER_MM) as [number, number];
	const { doc, whole } = newPdf(paper.title, size);
	const w = new Writing(doc, size);
	w.line(paper.title, 700, 18);
	w.y += 4;
	const [first, ...rest] = paper.tables;
	if (first) drawTable(w, first);
	for (const s of paper.sheets) drawSheet(w, s);
	for (const t of rest) {
		w.page();
		drawTable(w, t);
	}
	doc.end();
	return whole;
}
