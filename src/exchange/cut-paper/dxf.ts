import { Colors, DxfWriter, point3d, Units } from '@tarikjabiri/dxf';
import type { PaperSheet } from './paper';

/** Between two sheets, mm. */
const GAP = 120;
const LETTERS = 22;

/**
 * Sheets as one DXF drawing in millimetres, one above another, in layers: SHEET their outlines, PIECES, CUTS, SLANTED
 * the cuts with a tilted blade, NAMES.
 * @example sheetsDxf(sheets).includes('AC1021')
 */
export function sheetsDxf(sheets: readonly PaperSheet[]): string {
	const dxf = new DxfWriter();
	dxf.setUnits(Units.Millimeters);
	const layers = {
		SHEET: Colors.White,
		PIECES: Colors.Green,
		CUTS: Colors.Red,
		SLANTED: Colors.Magenta,
		NAMES: Colors.Cyan
	};
	for (const [name, color] of Object.entries(layers)) dxf.addLayer(name, color, 'Continuous');
	let base = 0;
	for (const s of sheets) {
		const rect = (x: number, y: number, l: number, w: number, layerName: string) =>
			dxf.addRectangle(point3d(x, base + y + w), point3d(x + l, base + y), { layerName });
		rect(0, 0, s.length, s.width, 'SHEET');
		for (const p of s.pieces) {
			rect(p.x, p.y, p.length, p.width, 'PIECES');
			dxf.addText(point3d(p.x + 8, base + p.y + p.width / 2), LETTERS, `${p.n} ${p.words}`, { layerName: 'NAMES' });
		}
		for (const c of s.cuts)
			dxf.addLine(point3d(c.x1, base + c.y1), point3d(c.x2, base + c.y2), {
				layerName: c.slanted ? 'SLANTED' : 'CUTS'
			});
		dxf.addText(point3d(0, base + s.width + LETTERS / 2), LETTERS, s.title, { layerName: 'NAMES' });
		base += s.width + GAP;
	}
	return dxf.stringify();
}
