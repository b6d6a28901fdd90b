import loadHighs from 'highs';

/**
 * A linear programme in the making: variables with bounds, rows that must be zero. Independent of the project: only
 * HiGHS is asked.
 */
export class Programme {
	readonly #bounds = new Map<string, [number, number]>();
	readonly #rows: string[] = [];
	#names = 0;

	/** A variable between two bounds. */
	variable(low: number, high: number): string {
		const name = `v${this.#names++}`;
		this.#bounds.set(name, [low, high]);
		return name;
	}

	/** A sum that must be zero. */
	zero(terms: readonly (readonly [string, number])[]): void {
		const summed = new Map<string, number>();
		for (const [name, by] of terms) summed.set(name, (summed.get(name) ?? 0) + by);
		const kept = [...summed].filter(([, by]) => Math.abs(by) > 1e-12);
		if (kept.length > 0)
			this.#rows.push(
				kept.map(([name, by]) => `${by < 0 ? '-' : '+'} ${Math.abs(by).toPrecision(12)} ${name}`).join('\n ')
			);
	}

	text(objective: string): string {
		const bounds = [...this.#bounds].map(
			([name, [low, high]]) => ` ${low === -Infinity ? '-inf' : low} <= ${name} <= ${high === Infinity ? '+inf' : high}`
		);
		return `Maximize\n obj: ${objective}\nSubject To\n${this.#rows.map((r, i) => ` r${i}: ${r} = 0`).join('\n')}\nBounds\n${bounds.join('\n')}\nEnd\n`;
	}
}

type Highs = Awaited<ReturnType<typeof loadHighs>>;
let highs: Highs | undefined;

/** HiGHS, ready to be asked. */
export async function ready(): Promise<void> {
	highs ??= await loadHighs();
}

/** The greatest value of one variable; 0 when the rows cannot all be zero, Infinity when nothing limits it. */
export function greatest(p: Programme, of: string): number {
	if (!highs) throw new Error('ready() first');
	const text = p.text(of);
	const first = highs.solve(text, { output_flag: false });
	// Presolve sometimes leaves a small programme undecided.
	const found = first.Status === 'Unknown' ? highs.solve(text, { output_flag: false, presolve: 'off' }) : first;
	if (found.Status === 'Optimal') return found.ObjectiveValue;
	if (found.Status === 'Infeasible') return 0;
	if (/Unbounded/.test(found.Status)) return Infinity;
	throw new Error(`HiGHS: ${found.Status}`);
}

type Vector = readonly [x: number, y: number, z: number];

/**
 * A rigid body held in balance: every force on it at its place. x along the wall, y up, z out of it. Nothing acts along
 * x.
 */
export class Body {
	readonly #forces: { name: string; at: Vector; way: Vector }[] = [];

	/** Adds a force of the size of a variable. */
	force(name: string, at: Vector, way: Vector): void {
		this.#forces.push({ name, at, way });
	}

	/** Sum of forces and of moments, all zero. */
	balance(p: Programme): void {
		const sum = (of: (at: Vector, way: Vector) => number) =>
			p.zero(this.#forces.map((f) => [f.name, of(f.at, f.way)] as const));
		sum((_, [, y]) => y);
		sum((_, [, , z]) => z);
		sum(([, y, z], [, fy, fz]) => (y * fz - z * fy) / 100);
		sum(([x], [, , fz]) => (x * fz) / 100);
		sum(([x], [, fy]) => (x * fy) / 100);
	}
}
