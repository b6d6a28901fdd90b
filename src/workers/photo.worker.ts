import { straighten } from '$core/survey/photo/straighten';
import type { PhotoPlace } from '$core/survey/photo/place-photo';
import type { PhotoMessage, PhotoRequest } from './messages';

const post = (message: PhotoMessage, transfer: Transferable[] = []) => self.postMessage(message, { transfer });

/** Longest side that is worked on: a larger photograph is shrunk on opening. */
const MOST_SIDE = 4200;
/** Of what is shown to pick points on. */
const PREVIEW_SIDE = 1600;
const QUALITY = 0.86;

let picture: ImageData | null = null;

function shrunk(bitmap: ImageBitmap, side: number): [number, number] {
	const k = Math.min(1, side / Math.max(bitmap.width, bitmap.height));
	return [Math.max(1, Math.round(bitmap.width * k)), Math.max(1, Math.round(bitmap.height * k))];
}

/** A canvas of its own takes nothing along that a camera wrote into the file. */
async function open(file: Blob): Promise<void> {
	const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' }).catch(() => null);
	if (!bitmap)
		return post({ kind: 'failed', message: 'This picture cannot be read: it is damaged, or neither JPEG nor PNG' });
	const [width, height] = shrunk(bitmap, MOST_SIDE);
	const canvas = new OffscreenCanvas(width, height);
	const context = canvas.getContext('2d', { willReadFrequently: true });
	if (!context) return post({ kind: 'failed', message: 'This browser cannot draw pictures aside' });
	context.drawImage(bitmap, 0, 0, width, height);
	picture = context.getImageData(0, 0, width, height);
	const [pw, ph] = shrunk(bitmap, PREVIEW_SIDE);
	const preview = await createImageBitmap(bitmap, { resizeWidth: pw, resizeHeight: ph, resizeQuality: 'medium' });
	bitmap.close();
	post({ kind: 'opened', width, height, preview }, [preview]);
}

async function straightened(place: PhotoPlace): Promise<void> {
	if (!picture) return;
	const work = straighten(picture, place.back, place.pixels);
	for (let next = work.next(); ; next = work.next()) {
		if (!next.done) {
			post({ kind: 'progress', ...next.value });
			continue;
		}
		const { width, height, data } = next.value;
		const canvas = new OffscreenCanvas(width, height);
		const context = canvas.getContext('2d');
		if (!context) return post({ kind: 'failed', message: 'This browser cannot draw pictures aside' });
		context.putImageData(new ImageData(data as Uint8ClampedArray<ArrayBuffer>, width, height), 0, 0);
		// Paper where the photograph does not reach.
		context.globalCompositeOperation = 'destination-over';
		context.fillStyle = '#ffffff';
		context.fillRect(0, 0, width, height);
		return post({ kind: 'done', blob: await canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY }) });
	}
}

self.onmessage = ({ data }: MessageEvent<PhotoRequest>) => {
	(data.kind === 'open' ? open(data.file) : straightened(data.place)).catch((error: unknown) =>
		post({ kind: 'failed', message: error instanceof Error ? error.message : String(error) })
	);
};
