/** Something to take: its size, what one is worth, and how many there are. */
export interface Choice {
	size: number;
	value: number;
	count: number;
}

export interface Chosen {
	value: number;
	/** How many of each choice. */
	counts: number[];
}

/**
 * What is worth most of all that has room: exact. States that take more room and are worth no more than another are
 * dropped after every piece (Nemhauser and Ullmann 1969), so that sizes need not be whole numbers.
 * @param room in the unit of the sizes
 * @example worthiest([{ size: 3, value: 4, count: 2 }, { size: 4, value: 5, count: 1 }], 7).value // 9
 */
export function worthiest(choices: readonly Choice[], room: number): Chosen {
	// Every state that ever stood in a list: what was taken last, and the state before it.
	const taken: number[] = [-1];
	const before: number[] = [-1];
	let sizes = [0];
	let values = [0];
	let states = [0];
	for (const [i, { size, value, count }] of choices.entries()) {
		if (!(value > 0)) continue;
		for (let copy = 0; copy < count; copy++) {
			const next: { sizes: number[]; values: number[]; states: number[] } = { sizes: [], values: [], states: [] };
			let grew = false;
			let [p, q] = [0, 0];
			let bestValue = -1;
			// Two lists in order of size: without this piece, and with it.
			while (p < sizes.length || q < sizes.length) {
				const without = p < sizes.length ? (sizes[p] as number) : Infinity;
				const withOne = q < sizes.length ? (sizes[q] as number) + size : Infinity;
				const takeWith =
					withOne < without || (withOne === without && (values[q] as number) + value > (values[p] as number));
				const [s, v] = takeWith ? [withOne, (values[q] as number) + value] : [without, values[p] as number];
				if (s > room) break;
				if (v > bestValue + 1e-12) {
					bestValue = v;
					next.sizes.push(s);
					next.values.push(v);
					if (takeWith) {
						next.states.push(taken.length);
						taken.push(i);
						before.push(states[q] as number);
						grew = true;
					} else next.states.push(states[p] as number);
				}
				if (takeWith) q++;
				else p++;
			}
			({ sizes, values, states } = next);
			// One more of the same would add nothing either.
			if (!grew) break;
		}
	}
	const counts = choices.map(() => 0);
	for (let s = states.at(-1) as number; s > 0; s = before[s] as number) {
		const i = taken[s] as number;
		counts[i] = (counts[i] as number) + 1;
	}
	return { value: values.at(-1) as number, counts };
}
