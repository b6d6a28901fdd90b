import { finish } from '$core/verdict/fails-at';
import { straighten } from '$core/survey/photo/straighten';
import { placePhoto } from '$core/survey/photo/place-photo';
import { analyse } from '$core/survey/scan/analyse';
import { noiseOf, smooth } from '$core/survey/scan/signal';
import { inventWall } from '$devices/hidden-wall';
import { sweep } from '$devices/stud-scanner';
import type { Line } from './checks';

/** Ten sweeps of 5 m, as a ratio to smoothing them once and measuring their noise: what any reading has to do. */
function benchSweeps(): Line {
	const wall = inventWall(3, 5000, 2500);
	const traces = Array.from({ length: 10 }, (_, i) =>
		sweep(wall, 200 + i * 200, { samples: 2000, noise: 0.06, seed: i })
	);
	let [least, whole] = [Infinity, Infinity];
	for (let round = 0; round < 8; round++) {
		let start = performance.now();
		for (const t of traces) for (const channel of [t.density, t.mains]) noiseOf(smooth(channel, 3));
		least = Math.min(least, performance.now() - start);
		start = performance.now();
		finish(analyse(traces));
		whole = Math.min(whole, performance.now() - start);
	}
	return {
		what: `ten sweeps of 2000 samples read, ${whole.toFixed(0)} ms, against smoothing them and measuring their noise`,
		value: whole / least,
		aim: '10 or less',
		met: whole / least <= 10
	};
}

/** A photograph of 12 megapixels straightened, as a ratio to copying as many pixels as come out. */
function benchPhoto(): Line {
	const size = { width: 4000, height: 3000 };
	const data = new Uint8ClampedArray(size.width * size.height * 4).fill(120);
	const seen = [
		{ x: 300, y: 2800 },
		{ x: 3700, y: 2600 },
		{ x: 3600, y: 300 },
		{ x: 500, y: 200 }
	];
	const known = [
		{ x: 0, y: 0 },
		{ x: 5200, y: 0 },
		{ x: 5200, y: 2600 },
		{ x: 0, y: 2600 }
	];
	const place = placePhoto(seen, known, { left: 0, right: 5200, low: 0, high: 2600 }, size);
	if (!place.ok) throw new Error(place.error);
	const { pixels, back } = place.value;
	const out = new Uint8ClampedArray(pixels.width * pixels.height * 4);
	let [copied, whole] = [Infinity, Infinity];
	for (let round = 0; round < 4; round++) {
		let start = performance.now();
		for (let i = 0; i < out.length; i++) out[i] = data[i] as number;
		copied = Math.min(copied, performance.now() - start);
		start = performance.now();
		finish(straighten({ ...size, data }, back, pixels));
		whole = Math.min(whole, performance.now() - start);
	}
	return {
		what: `12 megapixels straightened to ${pixels.width} x ${pixels.height}, ${whole.toFixed(0)} ms, against copying as many pixels one by one`,
		value: whole / copied,
		aim: '40 or less',
		met: whole / copied <= 40
	};
}

export const benchSurveys = (): Line[] => [benchSweeps(), benchPhoto()];
