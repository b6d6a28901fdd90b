/**
 * A pure function that gives its last answer about an object again, the very same object, while what it leans on stays
 * the same. So a plan in which one holder moved is checked at the cost of one row: all that a command did not touch is
 * the same object as before. Memory goes with the object it is about.
 *
 * What it leans on are its further arguments, and the function may look at nothing else: the same objects, equal
 * numbers and words, lists of the same items. A record counts as the object it is, so pass its members, or one that is
 * remembered itself. All of it must never change in place.
 * @example
 * const checksOf = remembering((row: Row, wall: Wall, kerf: Millimetres) => judge(row, wall, kerf));
 * checksOf(row, wall, 3.2) === checksOf(row, wall, 3.2) // true
 */
export function remembering<About extends object, Leaning extends readonly unknown[], Answer>(
	work: (about: About, ...leaning: Leaning) => Answer
): (about: About, ...leaning: Leaning) => Answer {
	const last = new WeakMap<About, { leaning: Leaning; answer: Answer }>();
	return (about, ...leaning) => {
		const before = last.get(about);
		if (before && sameItems(before.leaning, leaning, sameOrList)) return before.answer;
		const answer = work(about, ...leaning);
		last.set(about, { leaning, answer });
		return answer;
	};
}

type Same = (a: unknown, b: unknown) => boolean;

function sameItems(a: readonly unknown[], b: readonly unknown[], same: Same): boolean {
	if (a.length !== b.length) return false;
	for (let i = 0; i < a.length; i++) if (!same(a[i], b[i])) return false;
	return true;
}

const sameOrList: Same = (a, b) =>
	Object.is(a, b) || (Array.isArray(a) && Array.isArray(b) && sameItems(a, b, Object.is));
