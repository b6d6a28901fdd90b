/**
 * A pure function of one object, worked out once for each object and kept as long as that object is.
 * For objects that never change: the same object always stands for the same answer.
 * @example const area = once((box: Box) => box.width * box.height)
 */
export function once<K extends object, V>(work: (of: K) => V): (of: K) => V {
	const known = new WeakMap<K, { value: V }>();
	return (of) => {
		const before = known.get(of);
		if (before) return before.value;
		const value = work(of);
		known.set(of, { value });
		return value;
	};
}
