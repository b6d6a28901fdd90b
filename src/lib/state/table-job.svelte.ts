import type { TableListName } from '$core/shop/duplicates';
import type { LengthUnit } from '$core/units/parse-length';
import type { Decoded } from '$exchange/table-csv/decode';
import type { Match } from '$exchange/table-csv/match';
import { layoutOf, type TableRead } from '$exchange/table-csv/read';
import TableWorker from '$workers/table.worker?worker';
import type { TableMessage, TableRequest } from '$workers/messages';
import { askWorker } from './ask-worker';
import { recall, store } from './preferences.svelte';

/** Larger files are no list of tools. */
const MOST_BYTES = 20 * 1024 * 1024;

/** A file that is being brought in: read aside, shown, and read anew when its matching is set right. */
export class TableJob {
	file = $state('');
	read = $state.raw<TableRead | null>(null);
	encoding = $state<Decoded['encoding']>('utf-8');
	progress = $state.raw<{ done: number; of: number } | null>(null);
	failure = $state('');
	/** The matching is one that somebody set right before, for a file of these headings. */
	remembered = $state(false);
	#bytes: ArrayBuffer | null = null;
	#work: (() => void) | null = null;
	list: TableListName = 'things';

	async open(file: File, list: TableListName, unit: LengthUnit): Promise<void> {
		this.close();
		this.file = file.name;
		this.list = list;
		if (file.size > MOST_BYTES) {
			this.failure = `${file.name} is larger than ${MOST_BYTES / 1024 / 1024} MB: no list of tools is.`;
			return;
		}
		this.#bytes = await file.arrayBuffer();
		this.#run(unit, {}, true);
	}

	/** Reads the same file with another matching, and remembers it for files with these headings. */
	rematch(unit: LengthUnit, matches: Match[], headed: boolean): void {
		store(this.#key(matches), JSON.stringify(matches));
		this.#run(unit, { matches, headed }, false);
	}

	/** Takes the first line for a heading, or for a line like the others. */
	setHeaded(unit: LengthUnit, headed: boolean): void {
		this.#run(unit, { headed }, false);
	}

	#key(matches: readonly Match[]): string {
		return `kammer-match-${this.list}-${layoutOf(matches).slice(0, 300)}`;
	}

	#run(unit: LengthUnit, more: Pick<TableRequest['options'], 'matches' | 'headed'>, recalled: boolean): void {
		if (!this.#bytes) return;
		this.stop();
		this.failure = '';
		this.progress = { done: 0, of: 1 };
		const request: TableRequest = { bytes: this.#bytes, options: { list: this.list, unit, ...more } };
		this.#work = askWorker<TableMessage>(new TableWorker(), 'reads files', request, {
			hear: (message) => {
				if (message.kind === 'progress') {
					this.progress = { done: message.done, of: message.of };
					return;
				}
				this.stop();
				this.encoding = message.encoding;
				const before = recalled && message.read.headed ? recall(this.#key(message.read.matches)) : null;
				if (recalled) this.remembered = before !== null;
				if (before !== null) this.#run(unit, { matches: JSON.parse(before) as Match[], headed: true }, false);
				else this.read = message.read;
			},
			fail: (why) => {
				this.failure = `The file could not be read: ${why}`;
				this.stop();
			}
		});
	}

	/** Ends the reading; nothing has been taken. */
	stop(): void {
		this.#work?.();
		this.#work = null;
		this.progress = null;
	}

	/** Lets go of the file. */
	close(): void {
		this.stop();
		this.read = null;
		this.file = '';
		this.failure = '';
		this.remembered = false;
		this.#bytes = null;
	}
}
