import type { Millimetres } from '../../units/quantity';

/** The pitch most studs keep, and where they do not. */
export interface PitchFound {
	pitch: Millimetres;
	/** A stud where the pitch lets one be expected. */
	first: Millimetres;
	/** Gaps that are no pitch, or several. */
	breaks: PitchBreak[];
}

export interface PitchBreak {
	from: Millimetres;
	to: Millimetres;
	/** `missing`: room for so many studs that were not found. `odd`: neither one pitch nor several. */
	kind: 'missing' | 'odd';
	missing: number;
}

/** Studs are nailed up this well, mm. */
const TRUE = 25;
const RANGE = [280, 700] as const;

/**
 * The pitch of studs: that which most gaps are one of. Irregular walls have none.
 * @param xs centres, in any order
 * @returns null when fewer than half of the gaps agree
 * @example pitchOf([0, 400, 800, 1600])?.breaks // [{ from: 800, to: 1600, kind: 'missing', missing: 1 }]
 */
export function pitchOf(xs: readonly Millimetres[]): PitchFound | null {
	const sorted = [...xs].sort((a, b) => a - b);
	const gaps = sorted.slice(1).map((x, i) => x - (sorted[i] as number));
	const usable = gaps.filter((g) => g >= RANGE[0] && g <= RANGE[1]);
	if (usable.length < 2) return null;
	const agree = (p: number) => usable.filter((g) => Math.abs(g - p) <= TRUE);
	const best = usable.reduce<number[]>((most, p) => (agree(p).length > most.length ? agree(p) : most), []);
	if (best.length * 2 < gaps.length) return null;
	const pitch = best.reduce((a, b) => a + b, 0) / best.length;
	const breaks = gaps.flatMap((gap, i): PitchBreak[] => {
		const times = Math.round(gap / pitch);
		if (times === 1 && Math.abs(gap - pitch) <= TRUE) return [];
		const [from, to] = [sorted[i], sorted[i + 1]] as [number, number];
		return times >= 2 && Math.abs(gap - times * pitch) <= TRUE * Math.sqrt(times)
			? [{ from, to, kind: 'missing', missing: times - 1 }]
			: [{ from, to, kind: 'odd', missing: 0 }];
	});
	const on = sorted.find((x) => Math.abs(((x - (sorted[0] as number)) / pitch) % 1) < 0.2) ?? (sorted[0] as number);
	return { pitch: Math.round(pitch * 10) / 10, first: on, breaks };
}
