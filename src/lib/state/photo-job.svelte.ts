import type { Point } from '$core/survey/outline';
import { placePhoto, type PhotoPlace } from '$core/survey/photo/place-photo';
import type { Photo } from '$core/plan/types';
import PhotoWorker from '$workers/photo.worker?worker';
import type { PhotoMessage, PhotoRequest } from '$workers/messages';
import { problemText } from './api';

/** Larger files are no photographs of a wall. */
const MOST_BYTES = 60 * 1024 * 1024;

type Quad = [Point, Point, Point, Point];

/** A photograph that is being put behind the drawing: opened and straightened aside, then stored. */
export class PhotoJob {
	file = $state('');
	/** Size of what is worked on, and a smaller picture to pick points on. */
	opened = $state.raw<{ width: number; height: number; preview: ImageBitmap } | null>(null);
	/**
	 * Four points in it, as shares of its width and height from the upper left: lower left, lower right, upper right,
	 * upper left.
	 */
	seen = $state<Quad>([
		{ x: 0.1, y: 0.9 },
		{ x: 0.9, y: 0.9 },
		{ x: 0.9, y: 0.1 },
		{ x: 0.1, y: 0.1 }
	]);
	progress = $state.raw<{ done: number; of: number } | null>(null);
	failure = $state('');
	busy = $state(false);
	#worker: Worker | null = null;
	/** Ends the wait for a picture under way, without one. */
	#given: () => void = () => undefined;

	#start(hear: (message: PhotoMessage) => void): Worker {
		this.#worker ??= new PhotoWorker();
		this.#worker.onmessage = ({ data }: MessageEvent<PhotoMessage>) => {
			if (data.kind === 'failed') this.#fail(data.message);
			else hear(data);
		};
		this.#worker.onerror = (event) => this.#fail(event.message || 'The worker that handles photographs did not start');
		return this.#worker;
	}

	#fail(message: string): void {
		this.failure = message;
		this.busy = false;
		this.progress = null;
		this.#given();
	}

	open(file: File): void {
		this.close();
		this.file = file.name;
		if (!/^image\/(jpeg|png)$/.test(file.type)) return this.#fail(`${file.name} is neither JPEG nor PNG`);
		if (file.size > MOST_BYTES) return this.#fail(`${file.name} is larger than ${MOST_BYTES / 1024 / 1024} MB`);
		this.busy = true;
		const worker = this.#start((m) => {
			if (m.kind !== 'opened') return;
			this.busy = false;
			this.opened = { width: m.width, height: m.height, preview: m.preview };
		});
		worker.postMessage({ kind: 'open', file } satisfies PhotoRequest);
	}

	/** Straightens it to the wall and stores it. @returns where it lies, or null with `failure` said */
	async straighten(
		known: readonly Point[],
		stretch: { left: number; right: number; low: number; high: number }
	): Promise<Omit<Photo, 'opacity'> | null> {
		const { opened } = this;
		if (!opened) return null;
		this.failure = '';
		const place = placePhoto(
			this.seen.map((p) => ({ x: p.x * opened.width, y: p.y * opened.height })),
			known,
			stretch,
			opened
		);
		if (!place.ok) {
			this.#fail(place.error);
			return null;
		}
		const blob = await this.#work(place.value);
		if (!blob) return null;
		const stored = await this.#store(blob);
		this.busy = false;
		this.progress = null;
		if (!stored) return null;
		const { x, y, width, height } = place.value;
		return { id: stored, x, y, width, height };
	}

	#work(place: PhotoPlace): Promise<Blob | null> {
		this.busy = true;
		this.progress = { done: 0, of: place.pixels.height };
		return new Promise((resolve) => {
			const worker = this.#start((m) => {
				if (m.kind === 'progress') this.progress = { done: m.done, of: m.of };
				else if (m.kind === 'done') resolve(m.blob);
			});
			this.#given = () => resolve(null);
			worker.postMessage({ kind: 'straighten', place } satisfies PhotoRequest);
		});
	}

	async #store(blob: Blob): Promise<string | null> {
		try {
			const response = await fetch('/api/photos', {
				method: 'POST',
				headers: { 'content-type': blob.type },
				body: blob
			});
			if (response.ok) return ((await response.json()) as { id: string }).id;
			this.#fail(
				response.status >= 500
					? 'The database cannot be reached: the photograph is still here, try again in a moment'
					: (await problemText(response)).message
			);
		} catch {
			this.#fail('The server cannot be reached: the photograph is still here, try again in a moment');
		}
		return null;
	}

	/** Gives up what is under way; the photograph has to be opened again. */
	close(): void {
		this.#worker?.terminate();
		this.#worker = null;
		this.#given();
		this.opened?.preview.close();
		this.opened = null;
		this.file = '';
		this.failure = '';
		this.busy = false;
		this.progress = null;
	}
}
