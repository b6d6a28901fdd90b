import { broken, newPdf, POINTS_PER_MM, write, type Doc } from '../pdf/pdf';
import { labelPlace, type Label, type LabelLayout } from './label';
import { qrRuns } from './qr';

/** Light modules around a code, without which it is not found: QR Code, ISO/IEC 18004, asks for four. */
const QUIET = 4;
const PAD = 2.5;

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
export async function labelSheetPdf(
	labels: readonly Label[],
	layout: LabelLayout,
	origin: string,
	skip: number
): Promise<Uint8Array> {
	const size: [number, number] = [layout.paper[0] * POINTS_PER_MM, layout.paper[1] * POINTS_PER_MM];
	const { doc, whole } = newPdf('Labels', size);
	let sheet = -1;
	labels.forEach((label, i) => {
		const place = labelPlace(layout, i + skip);
		for (; sheet < place.sheet; sheet++) doc.addPage({ size, margin: 0 });
		drawLabel(doc, label, origin, place.x, place.y, layout.label[0], layout.label[1]);
	});
	doc.end();
	return whole;
}
