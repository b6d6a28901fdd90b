import { createRequire } from 'node:module';
import PDFDocument from 'pdfkit';
import { labelPlace, type Label, type LabelLayout } from './label';
import { qrRuns } from './qr';

const POINTS_PER_MM = 72 / 25.4;
/** Light modules around a code, without which it is not found: QR Code, ISO/IEC 18004, asks for four. */
const QUIET = 4;
const PAD = 2.5;

const fontFile = (subset: 'latin' | 'latin-ext', weight: 400 | 700) => createRequire(import.meta.url).resolve(`@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-${subset}-${weight}-normal.woff`);

/** The font's files are cut by script: letters beyond Western Europe's stand in another file. */
function runsOf(text: string): { ext: boolean; text: string }[] {
	const runs: { ext: boolean; text: string }[] = [];
	for (const c of text) {
		const code = c.codePointAt(0) ?? 0;
		const ext = (code >= 0x100 && code <= 0x2ff && code !== 0x131 && code !== 0x152 && code !== 0x153) || (code >= 0x1e00 && code <= 0x1eff);
		const last = runs.at(-1);
		if (last?.ext === ext) last.text += c;
		else runs.push({ ext, text: c });
	}
	return runs;
}

type Doc = InstanceType<typeof PDFDocument>;

function widthOf(doc: Doc, text: string, weight: 400 | 700, size: number): number {
	return runsOf(text).reduce((sum, run) => sum + doc.font(`${run.ext ? 'ext' : 'latin'}-${weight}`).fontSize(size).widthOfString(run.text), 0);
}

/** Words broken to a width; what is past the last line is cut with an ellipsis. */
function broken(doc: Doc, text: string, weight: 400 | 700, size: number, width: number, most: number): string[] {
	const lines: string[] = [];
	let line = '';
	for (const word of text.split(/\s+/).filter(Boolean)) {
		const tried = line === '' ? word : `${line} ${word}`;
		if (line !== '' && widthOf(doc, tried, weight, size) > width) {
			lines.push(line);
			line = word;
		} else line = tried;
	}
	if (line) lines.push(line);
	return lines.slice(0, most).map((l, i) => {
		let cut = i === most - 1 && lines.length > most ? `${l}…` : l;
		while (cut.length > 2 && widthOf(doc, cut, weight, size) > width) cut = `${cut.replace(/…$/, '').slice(0, -1)}…`;
		return cut;
	});
}

function write(doc: Doc, text: string, weight: 400 | 700, size: number, x: number, y: number): void {
	let at = x;
	for (const run of runsOf(text)) {
		doc.font(`${run.ext ? 'ext' : 'latin'}-${weight}`).fontSize(size).text(run.text, at, y, { lineBreak: false });
		at += doc.widthOfString(run.text);
	}
}

function drawLabel(doc: Doc, label: Label, origin: string, x: number, y: number, width: number, height: number): void {
	const side = Math.min(height - 2 * PAD, width * 0.42);
	const { size, runs } = qrRuns(origin + label.path);
	const module = (side * POINTS_PER_MM) / (size + 2 * QUIET);
	const [qx, qy] = [(x + PAD) * POINTS_PER_MM, (y + (height - side) / 2) * POINTS_PER_MM];
	for (const [mx, my, n] of runs) doc.rect(qx + (mx + QUIET) * module, qy + (my + QUIET) * module, n * module, module);
	doc.fill('#000');
	const left = (x + PAD * 1.6 + side) * POINTS_PER_MM;
	const room = (width - PAD * 2.6 - side) * POINTS_PER_MM;
	const title = height > 30 ? 12 : 10;
	const lines = broken(doc, label.title, 700, title, room, height > 30 ? 3 : 2);
	const notes = broken(doc, label.note, 400, 8, room, 2);
	let at = (y + height / 2) * POINTS_PER_MM - (lines.length * title * 1.15 + notes.length * 10) / 2;
	for (const l of lines) {
		write(doc, l, 700, title, left, at);
		at += title * 1.15;
	}
	for (const l of notes) {
		write(doc, l, 400, 8, left, at + 1);
		at += 10;
	}
}

/**
 * Labels as a PDF sheet, each with a code that opens its thing's place.
 * @param origin where this Kammer is reached, such as `http://127.0.0.1:5180`
 * @param skip places of the first sheet that are used up
 */
export async function labelSheetPdf(labels: readonly Label[], layout: LabelLayout, origin: string, skip: number): Promise<Uint8Array> {
	const size: [number, number] = [layout.paper[0] * POINTS_PER_MM, layout.paper[1] * POINTS_PER_MM];
	const doc = new PDFDocument({ size, margin: 0, autoFirstPage: false, info: { Title: 'Labels', Producer: 'Kammer', Creator: 'Kammer' } });
	for (const weight of [400, 700] as const) {
		doc.registerFont(`latin-${weight}`, fontFile('latin', weight));
		doc.registerFont(`ext-${weight}`, fontFile('latin-ext', weight));
	}
	const parts: Uint8Array[] = [];
	const whole = new Promise<Uint8Array>((resolve, reject) => {
		doc.on('data', (part: Uint8Array) => parts.push(part));
		doc.on('end', () => resolve(new Uint8Array(Buffer.concat(parts))));
		doc.on('error', reject);
	});
	let sheet = -1;
	labels.forEach((label, i) => {
		const place = labelPlace(layout, i + skip);
		for (; sheet < place.sheet; sheet++) doc.addPage({ size, margin: 0 });
		drawLabel(doc, label, origin, place.x, place.y, layout.label[0], layout.label[1]);
	});
	doc.end();
	return whole;
}
