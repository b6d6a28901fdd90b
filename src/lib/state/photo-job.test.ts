import { afterEach, describe, expect, it, vi } from 'vitest';
import type { PhotoMessage, PhotoRequest } from '$workers/messages';

/** A worker that answers as a test says. */
const made: FakeWorker[] = [];
class FakeWorker {
	onmessage: ((event: { data: PhotoMessage }) => void) | null = null;
	onerror: ((event: { message: string }) => void) | null = null;
	asked: PhotoRequest[] = [];
	ended = false;
	constructor() {
		made.push(this);
	}
	postMessage(request: PhotoRequest) {
		this.asked.push(request);
	}
	terminate() {
		this.ended = true;
	}
	say(data: PhotoMessage) {
		this.onmessage?.({ data });
	}
}
vi.mock('$workers/photo.worker?worker', () => ({ default: FakeWorker }));
const { PhotoJob } = await import('./photo-job.svelte');

const preview = { close: () => undefined } as ImageBitmap;
const corners = [
	{ x: 0, y: 0 },
	{ x: 4000, y: 0 },
	{ x: 4000, y: 2400 },
	{ x: 0, y: 2400 }
];
const stretch = { left: 0, right: 4000, low: 0, high: 2400 };

/** A job with a photograph open, and its worker. */
function opened() {
	const job = new PhotoJob();
	job.open(new File(['x'], 'wall.jpg', { type: 'image/jpeg' }));
	const worker = made.at(-1) as FakeWorker;
	worker.say({ kind: 'opened', width: 800, height: 600, preview });
	return { job, worker };
}

afterEach(() => vi.unstubAllGlobals());

describe('a photograph', () => {
	it('is straightened, stored, and lies where it was put', async () => {
		const { job, worker } = opened();
		vi.stubGlobal('fetch', () => Promise.resolve(new Response(JSON.stringify({ id: 'p1' }), { status: 200 })));
		const placed = job.straighten(corners, stretch);
		expect(job.busy).toBe(true);
		worker.say({ kind: 'progress', done: 3, of: 10 });
		expect(job.progress).toEqual({ done: 3, of: 10 });
		worker.say({ kind: 'done', blob: new Blob(['x'], { type: 'image/jpeg' }) });
		expect(await placed).toMatchObject({ id: 'p1', x: 0, y: 0, width: 4000, height: 2400 });
		expect(job.busy).toBe(false);
	});

	it('that cannot be straightened ends the wait, says why, and stays open', async () => {
		const { job, worker } = opened();
		const placed = job.straighten(corners, stretch);
		worker.say({ kind: 'failed', message: 'out of memory' });
		expect(await placed).toBeNull();
		expect(job).toMatchObject({ busy: false, progress: null, failure: 'out of memory' });
		expect(job.opened).not.toBeNull();
	});

	it('whose worker breaks, or that is closed meanwhile, ends the wait too', async () => {
		const broken = opened();
		const first = broken.job.straighten(corners, stretch);
		broken.worker.onerror?.({ message: '' });
		expect(await first).toBeNull();
		expect(broken.job.failure).toMatch(/did not start/);
		const closed = opened();
		const second = closed.job.straighten(corners, stretch);
		closed.job.close();
		expect(await second).toBeNull();
		expect(closed.worker.ended).toBe(true);
	});

	it('that the server does not take is kept, to try again', async () => {
		const { job, worker } = opened();
		vi.stubGlobal('fetch', () => Promise.reject(new Error('offline')));
		const placed = job.straighten(corners, stretch);
		worker.say({ kind: 'done', blob: new Blob(['x'], { type: 'image/jpeg' }) });
		expect(await placed).toBeNull();
		expect(job.failure).toMatch(/still here, try again/);
		expect(job.opened).not.toBeNull();
	});

	it('is a JPEG or PNG, and nothing else is opened', () => {
		const before = made.length;
		const job = new PhotoJob();
		job.open(new File(['x'], 'notes.txt', { type: 'text/plain' }));
		expect(job.failure).toBe('notes.txt is neither JPEG nor PNG');
		expect(made).toHaveLength(before);
	});
});
