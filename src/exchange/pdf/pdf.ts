import { createRequire } from 'node:module';
import PDFDocument from 'pdfkit';

export const POINTS_PER_MM = 72 / 25.4;

const fontFile = (subset: 'latin' | 'latin-ext', weight: 400 | 700) =>
	createRequire(import.meta.url).resolve(
		`@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-${subset}-${weight}-normal.woff`
	);

/** The font's files are cut by script: letters beyond Western Europe's stand in another file. */
function runsOf(text: string): { ext: boolean; text: string }[] {
	const runs: { ext: boolean; text: string }[] = [];
	for (const c of text) {
		const code = c.codePointAt(0) ?? 0;
		const ext =
			(code >= 0x100 && code <= 0x2ff && code !== 0x131 && code !== 0x152 && code !== 0x153) ||
			(code >= 0x1e00 && code <= 0x1eff);
		const last = runs.at(-1);
		if (last?.ext === ext) last.text += c;
		else runs.push({ ext, text: c });
	}
	return runs;
}

export type Doc = InstanceType<typeof PDFDocument>;

/** Width of a text in points. */
export function widthOf(doc: Doc, text: string, weight: 400 | 700, size: number): number {
	return runsOf(text).reduce(
		(sum, run) =>
			sum +
			doc
				.font(`${run.ext ? 'ext' : 'latin'}-${weight}`)
				.fontSize(size)
				.widthOfString(run.text),
		0
	);
}

/** Words broken to a width; what is past the last line is cut with an ellipsis. */
export function broken(doc: Doc, text: string, weight: 400 | 700, size: number, width: number, most: number): string[] {
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

/** Writes one line with its upper left corner there, in points. */
export function write(doc: Doc, text: string, weight: 400 | 700, size: number, x: number, y: number): void {
	let at = x;
	for (const run of runsOf(text)) {
		doc
			.font(`${run.ext ? 'ext' : 'latin'}-${weight}`)
			.fontSize(size)
			.text(run.text, at, y, { lineBreak: false });
		at += doc.widthOfString(run.text);
	}
}

/**
 * A new document without a page yet, with our fonts in it, and its bytes once it is ended.
 * @param size of a page, in points
 */
export function newPdf(title: string, size: [number, number]): { doc: Doc; whole: Promise<Uint8Array> } {
	const doc = new PDFDocument({
		size,
		margin: 0,
		autoFirstPage: false,
		info: { Title: title, Producer: 'Kammer', Creator: 'Kammer' }
	});
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
	return { doc, whole };
}
