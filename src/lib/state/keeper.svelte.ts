import type { Kept, KeepPlace } from './local-keep';

/**
 * What the server has of the work: all of it, some on its way, not while it is away; or it stands against another
 * version, or is not taken.
 */
export type OnServer = 'kept' | 'keeping' | 'waiting' | 'conflict' | 'refused' | 'failed';
/** What this device has of it; `full` and `none` keep nothing. */
export type OnDevice = 'kept' | 'keeping' | 'full' | 'none';

/** What sending came to. `again` has more to send at once. */
export type Sent =
	| { kind: 'kept' | 'again' | 'unreachable' | 'conflict' }
	/** Not taken, and why; `failed` by a fault of the server's, so that the same would fail again. */
	| { kind: 'refused' | 'failed'; message: string };

/** The work that is kept. */
export interface KeptWork<K extends Kept> {
	/** Has it anything that the server has not? */
	dirty(): boolean;
	/** What this device keeps of it. */
	snapshot(): K;
	/** Writes to the server, once. Never throws. */
	send(): Promise<Sent>;
}

const SAVE_AFTER = 500;
const TRY_AGAIN = 3000;

/**
 * Keeps a document in two places that know nothing of each other: on the server, and on this device. What fails in one
 * never holds up the other.
 */
export class Keeper<K extends Kept> {
	server = $state<OnServer>('kept');
	device = $state<OnDevice>('kept');
	/** Why the server does not take it. */
	message = $state('');

	readonly #work: KeptWork<K>;
	readonly #place: KeepPlace<K> | null;
	/** Typing on is waited for so long before a copy is made for the device, ms. */
	readonly #copyAfter: number;
	#saving = false;
	#timer: ReturnType<typeof setTimeout> | undefined;
	#copyTimer: ReturnType<typeof setTimeout> | undefined;
	/** Counts copies, so that only the newest says how it ended. */
	#copies = 0;

	constructor(work: KeptWork<K>, place: KeepPlace<K> | null, copyAfter = 0) {
		this.#work = work;
		this.#place = place;
		this.#copyAfter = copyAfter;
		if (!place) this.device = 'none';
	}

	/** Neither the server nor this device has all of it: leaving would lose work. */
	get unkept(): boolean {
		return this.server !== 'kept' && this.device !== 'kept';
	}

	/** Something has changed: it goes to both places soon. */
	changed(): void {
		this.copy();
		if (this.server === 'conflict') return;
		if (this.server !== 'waiting') this.server = 'keeping';
		this.saveIn(SAVE_AFTER);
	}

	/** Makes a copy on this device, soon. */
	copy(): void {
		if (!this.#place) return;
		this.device = 'keeping';
		clearTimeout(this.#copyTimer);
		if (this.#copyAfter === 0) void this.#copyNow();
		else this.#copyTimer = setTimeout(() => void this.#copyNow(), this.#copyAfter);
	}

	async #copyNow(): Promise<void> {
		clearTimeout(this.#copyTimer);
		this.#copyTimer = undefined;
		const mine = ++this.#copies;
		let came: OnDevice = 'kept';
		try {
			await this.#place?.save(this.#work.snapshot());
		} catch (error) {
			came = error instanceof Error && error.name === 'QuotaExceededError' ? 'full' : 'none';
		}
		if (mine === this.#copies && this.#copyTimer === undefined) this.device = came;
	}

	/** Writes to the server after so many ms. */
	saveIn(ms: number): void {
		clearTimeout(this.#timer);
		this.#timer = setTimeout(() => void this.save(), ms);
	}

	/** Writes to the server now, if there is anything to write. */
	async save(): Promise<void> {
		if (this.#saving || this.server === 'conflict') return;
		if (!this.#work.dirty()) {
			this.server = 'kept';
			return;
		}
		this.#saving = true;
		const sent = await this.#work.send();
		this.#saving = false;
		switch (sent.kind) {
			case 'kept':
			case 'again':
				this.server = this.#work.dirty() ? 'keeping' : 'kept';
				this.copy();
				if (this.server === 'keeping') this.saveIn(sent.kind === 'again' ? 0 : SAVE_AFTER);
				return;
			case 'unreachable':
				this.server = 'waiting';
				this.saveIn(TRY_AGAIN);
				return;
			case 'conflict':
				this.server = 'conflict';
				return;
			case 'refused':
			case 'failed':
				// Not sent again by itself: it would come to the same. What is changed next is something else.
				this.server = sent.kind;
				this.message = sent.message;
		}
	}

	/** Last words of a page that is going away. */
	leave(): void {
		clearTimeout(this.#timer);
		if (this.#copyTimer !== undefined) void this.#copyNow();
		if (this.server !== 'refused' && this.server !== 'failed') void this.save();
	}
}
