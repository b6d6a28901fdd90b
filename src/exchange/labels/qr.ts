import QRCode from 'qrcode';

/** The dark squares of a QR code as runs along its lines: `[x, y, length]`, in modules, without the quiet zone. */
export function qrRuns(text: string): { size: number; runs: [x: number, y: number, length: number][] } {
	// Medium: a label gets scratched and dusty, and still has to be small.
	const { modules } = QRCode.create(text, { errorCorrectionLevel: 'M' });
	const runs: [number, number, number][] = [];
	for (let y = 0; y < modules.size; y++) {
		for (let x = 0; x < modules.size; x++) {
			if (!modules.get(y, x)) continue;
			let length = 1;
			while (x + length < modules.size && modules.get(y, x + length)) length++;
			runs.push([x, y, length]);
			x += length - 1;
		}
	}
	return { size: modules.size, runs };
}

/** The same as one SVG path, a unit a module. */
export const qrPath = (text: string): { size: number; d: string } => {
	const { size, runs } = qrRuns(text);
	return { size, d: runs.map(([x, y, n]) => `M${x} ${y}h${n}v1h${-n}z`).join('') };
};
