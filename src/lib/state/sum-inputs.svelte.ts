import { problemsOf } from '$core/form/problems';
import { inputSchema, type Inputs, type InputValue } from '$core/sums/inputs';
import { readInputs, type Sum } from '$core/sums/sum';
import type { Problem } from '$core/result';

const about = (name: string) => (p: Problem) => p.path === name || p.path.startsWith(`${name}[`);

/** Inputs of a quick sum as they are typed, with undo and redo. */
export class SumInputs {
	now = $state.raw() as Inputs;
	#past = $state.raw<readonly Inputs[]>([]);
	#future = $state.raw<readonly Inputs[]>([]);
	#sum = $state.raw() as Sum;
	#became: (inputs: Inputs) => void;

	/** @param became is told whenever they are others */
	constructor(sum: Sum, start: Inputs, became: (inputs: Inputs) => void) {
		this.#sum = sum;
		this.now = start;
		this.#became = became;
	}

	read = $derived(readInputs(this.#sum, this.now));
	problems = $derived(this.read.ok ? [] : this.read.error);
	canUndo = $derived(this.#past.length > 0);
	canRedo = $derived(this.#future.length > 0);

	/** What another field makes wrong about this one. */
	wrongWith(name: string): Problem | undefined {
		return this.problems.find(about(name));
	}

	take(next: Inputs): void {
		this.#past = [...this.#past, this.now];
		this.#future = [];
		this.#become(next);
	}

	/**
	 * A value that is nothing by itself is refused, and stays as typed; one that does not fit another field is taken and
	 * told beside that.
	 */
	set(name: string, value: InputValue): Problem | undefined {
		const next = { ...this.now, [name]: value };
		const bad = problemsOf(inputSchema(this.#sum.fields), next).find(about(name));
		if (!bad) this.take(next);
		return bad;
	}

	undo(): void {
		const back = this.#past.at(-1);
		if (!back) return;
		this.#past = this.#past.slice(0, -1);
		this.#future = [this.now, ...this.#future];
		this.#become(back);
	}

	redo(): void {
		const [on, ...rest] = this.#future;
		if (!on) return;
		this.#future = rest;
		this.#past = [...this.#past, this.now];
		this.#become(on);
	}

	#become(next: Inputs): void {
		this.now = next;
		this.#became(next);
	}
}
