import jsQR from 'jsqr';
import { describe, expect, it } from 'vitest';
import { LABEL_LAYOUTS, labelPlace, readLabels, type Label } from './label';
import { qrPath, qrRuns } from './qr';
import { labelSheetPdf } from './sheet-pdf';

const label = (i: number, title = `Thing ${i}`): Label => ({ title, note: 'clamps, spar bench', path: `/t/thing${i}` });

describe('the code on a label', () => {
	// Read back by another library, from squares of pixels as a camera would see them.
	it.each([
		'http://127.0.0.1:5180/t/spar-clamp',
		'https://a-rather-long-name.example:8443/walls/abcdefghijkl/holders?holder=mnopqrst'
	])('leads to %s', (url) => {
		const { size, runs } = qrRuns(url);
		const [scale, quiet] = [4, 4];
		const side = (size + 2 * quiet) * scale;
		const pixels = new Uint8ClampedArray(side * side * 4).fill(255);
		for (const [x, y, n] of runs)
			for (let py = 0; py < scale; py++)
				for (let px = 0; px < n * scale; px++)
					pixels.fill(
						0,
						(((y + quiet) * scale + py) * side + (x + quiet) * scale + px) * 4,
						(((y + quiet) * scale + py) * side + (x + quiet) * scale + px) * 4 + 3
					);
		expect(jsQR(pixels, side, side)?.data).toBe(url);
		expect(qrPath(url).d.match(/M/g)).toHaveLength(runs.length);
	});
});

describe('a sheet', () => {
	it('has all its labels on the paper, none over another', () => {
		for (const layout of LABEL_LAYOUTS) {
			const places = Array.from({ length: layout.across * layout.down }, (_, i) => labelPlace(layout, i));
			for (const p of places) {
				expect(p.sheet).toBe(0);
				expect(p.x + layout.label[0], layout.id).toBeLessThanOrEqual(layout.paper[0] + 0.01);
				expect(p.y + layout.label[1], layout.id).toBeLessThanOrEqual(layout.paper[1] + 0.01);
			}
			for (const [i, a] of places.entries())
				for (const b of places.slice(i + 1))
					expect(
						Math.abs(a.x - b.x) >= layout.label[0] - 0.01 || Math.abs(a.y - b.y) >= layout.label[1] - 0.01,
						layout.id
					).toBe(true);
			expect(labelPlace(layout, layout.across * layout.down).sheet).toBe(1);
		}
	});

	it('is a PDF with as many pages as it takes, those used up counted, with its fonts in it', async () => {
		const [layout] = LABEL_LAYOUTS as [(typeof LABEL_LAYOUTS)[number]];
		const pages = async (n: number, skip: number) => {
			const pdf = Buffer.from(
				await labelSheetPdf(
					Array.from({ length: n }, (_, i) => label(i)),
					layout,
					'http://127.0.0.1:5180',
					skip
				)
			).toString('latin1');
			expect(pdf.startsWith('%PDF-1.')).toBe(true);
			expect(pdf.trimEnd().endsWith('%%EOF')).toBe(true);
			expect(pdf).toContain('/FontFile');
			return pdf.match(/\/Type \/Page\b/g)?.length;
		};
		expect(await pages(1, 0)).toBe(1);
		expect(await pages(24, 0)).toBe(1);
		expect(await pages(24, 1)).toBe(2);
	});

	it('takes names of any length and letters', async () => {
		const names = [
			'x'.repeat(60),
			'A very long name of a thing that nobody would write but somebody does',
			'Łódź žabka ő',
			'木',
			'½" Öse'
		];
		expect(
			(
				await labelSheetPdf(
					names.map((t, i) => label(i, t)),
					LABEL_LAYOUTS[2]!,
					'http://x',
					0
				)
			).length
		).toBeGreaterThan(1000);
	});
});

describe('labels from outside', () => {
	const body = { labels: [label(1)], layout: 'a4-24', skip: 3 };
	it('are taken', () => expect(readLabels(body)).toMatchObject({ ok: true, value: { skip: 3 } }));
	it.each([
		[{ ...body, layout: 'a5' }, 'layout'],
		[{ ...body, skip: 24 }, 'skip'],
		[{ ...body, skip: 0.5 }, 'skip'],
		[{ ...body, labels: [] }, 'labels'],
		[{ ...body, labels: Array(1001).fill(label(1)) }, 'labels'],
		[{ ...body, labels: [{ ...label(1), title: ' ' }] }, 'labels[0].title'],
		[{ ...body, labels: [{ ...label(1), path: 'http://elsewhere' }] }, 'labels[0].path'],
		[{ ...body, labels: [{ ...label(1), path: '//elsewhere' }] }, 'labels[0].path'],
		[{ ...body, labels: [null] }, 'labels[0].title'],
		[null, 'layout']
	])('%j is refused at %s', (wrong, path) => {
		const got = readLabels(wrong);
		expect(got.ok ? [] : got.error.map((p) => p.path)).toContain(path);
	});
});
