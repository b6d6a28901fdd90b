import { steadiness } from '$core/measure/steady';
import type { Manner, Meter, Reading } from '$devices/meters';
import { measuring } from './measuring.svelte';

export type LinkState = 'off' | 'connecting' | 'settling' | 'steady' | 'unsteady' | 'out-of-range' | 'lost';

/** A line that breaks is tried again so often, ms apart. */
const TRIES = 2;
const AGAIN = 900;

/** A line to one instrument: its readings, whether they have come to rest, and where the steady one went. */
export class DeviceLink {
	state = $state<LinkState>('off');
	/** The last reading, mm or kg. */
	value = $state<number | null>(null);
	words = $state('');
	/** What became of the steady reading. */
	went = $state('');
	#source: EventSource | null = null;
	#readings: number[] = [];
	#tries = 0;
	#timer: ReturnType<typeof setTimeout> | undefined;

	constructor(readonly meter: Meter) {}

	/** Starts a measurement of what is so heavy or so far. */
	measure(truth: number, manner: Manner): void {
		this.#tries = 0;
		this.went = '';
		this.#connect(truth, manner);
	}

	#connect(truth: number, manner: Manner): void {
		this.#drop();
		this.state = 'connecting';
		this.value = null;
		this.words = '';
		this.#readings = [];
		const source = new EventSource(
			`/api/devices/${this.meter.name}/readings?truth=${truth}&manner=${manner}&seed=${Math.floor(Math.random() * 1e9)}`
		);
		this.#source = source;
		source.onmessage = ({ data }: MessageEvent<string>) => this.#hear(JSON.parse(data) as Reading);
		source.onerror = () => {
			this.#drop();
			// A measurement that ended well has closed the line itself.
			if (this.state === 'steady') return;
			this.#tries++;
			this.state = 'lost';
			if (this.#tries > TRIES) {
				this.words = 'The connection was lost. Nothing was taken.';
				return;
			}
			this.words = `The connection was lost; trying again, ${this.#tries} of ${TRIES}`;
			this.#timer = setTimeout(() => this.#connect(truth, manner), AGAIN);
		};
	}

	#hear(reading: Reading): void {
		if (reading.kind === 'out-of-range') {
			this.state = 'out-of-range';
			this.value = null;
			this.words = reading.why;
			this.#drop();
			return;
		}
		this.value = reading.value;
		this.#readings.push(reading.value);
		const found = steadiness(this.#readings, this.meter.rule);
		this.state = found.kind;
		if (found.kind === 'steady') {
			this.value = found.value;
			this.#take(found.value);
			this.#drop();
		} else if (found.kind === 'unsteady') {
			this.words = 'It does not come to rest: hold it still, and measure again. Nothing was taken.';
			this.#drop();
		}
	}

	/** Into the field that has the focus, if it is one of this kind. */
	#take(value: number): void {
		const { target } = measuring;
		if (!target || target.dim !== this.meter.dim) {
			this.went = '';
			this.words = `Steady. Put the focus into a field for a ${this.meter.dim === 'mass' ? 'weight' : 'length'} before measuring, and it goes there.`;
			return;
		}
		const wrong = measuring.put(target, value);
		this.went = wrong ? '' : target.label;
		this.words = wrong ? `${target.label} did not take it: ${wrong}` : '';
	}

	#drop(): void {
		this.#source?.close();
		this.#source = null;
		clearTimeout(this.#timer);
	}

	/** Ends it; nothing is taken. */
	stop(): void {
		this.#drop();
		this.state = 'off';
		this.words = '';
	}
}
