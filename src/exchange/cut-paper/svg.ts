import type { PaperSheet } from './paper';

/** Between two sheets, mm. */
const GAP = 120;
/** Letters on the sheet, mm high. */
const LETTERS = 22;

const escape = (text: string) =>
	text.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c] as string);
const n = (x: number) => String(Math.round(x * 100) / 100);

/**
 * Sheets as one SVG drawing at full size, a unit a millimetre, one below another: their outlines, the pieces with their
 * names, and the cuts; each kind in a group of its own, so that a program can leave one out.
 * @example sheetsSvg('Long wall', sheets).startsWith('<svg')
 */
export function sheetsSvg(title: string, sheets: readonly PaperSheet[]): string {
	let top = 0;
	const drawn = sheets.map((s) => {
		const base = top + LETTERS * 2 + s.width;
		top = base + GAP;
		const up = (y: number) => n(base - y);
		const rect = (x: number, y: number, l: number, w: number) =>
			`<rect x="${n(x)}" y="${up(y + w)}" width="${n(l)}" height="${n(w)}"/>`;
		const names = s.pieces.map(
			(p) => `<text x="${n(p.x + 8)}" y="${up(p.y + p.width / 2)}">${p.n} ${escape(p.words)}</text>`
		);
		const lines = s.cuts.map((c) => {
			const dash = c.slanted ? ' stroke-dasharray="12 8"' : '';
			return `<line x1="${n(c.x1)}" y1="${up(c.y1)}" x2="${n(c.x2)}" y2="${up(c.y2)}"${dash}/>`;
		});
		return [
			`<text x="0" y="${n(base - s.width - LETTERS / 2)}" font-weight="bold">${escape(s.title)}</text>`,
			`<g class="sheet">${rect(0, 0, s.length, s.width)}</g>`,
			`<g class="pieces">${s.pieces.map((p) => rect(p.x, p.y, p.length, p.width)).join('')}</g>`,
			`<g class="cuts">${lines.join('')}</g>`,
			`<g class="names">${names.join('')}</g>`
		].join('\n');
	});
	const wide = Math.max(1, ...sheets.map((s) => s.length));
	return [
		`<svg xmlns="http://www.w3.org/2000/svg" width="${n(wide)}mm" height="${n(top)}mm" viewBox="0 0 ${n(wide)} ${n(top)}">`,
		`<title>${escape(title)}</title>`,
		`<g fill="none" stroke="#000" stroke-width="1" font-family="sans-serif" font-size="${LETTERS}">`,
		'<style>text{fill:#000;stroke:none}</style>',
		...drawn,
		'</g>',
		'</svg>',
		''
	].join('\n');
}
