import { standsOnBack, type Built } from '$core/holders/built';
import type { Command } from '$core/plan/commands';
import type { Holder } from '$core/plan/types';
import { roundToTape, tickSize } from '$core/units/format-length';
import type { LengthUnit } from '$core/units/parse-length';

/** What a carrier caught on as it was dragged along its back. */
export interface CarrierMove {
	command: Command;
	why: string | null;
}

interface Stretch {
	from: number;
	to: number;
}

/** The nearest of some places within reach, and what it is. */
function caught(
	ends: Stretch,
	targets: readonly { at: number; why: string; end: 'from' | 'to' | 'middle' }[],
	reach: number
) {
	const of = { from: ends.from, to: ends.to, middle: (ends.from + ends.to) / 2 };
	let best: { by: number; why: string } | null = null;
	for (const t of targets) {
		const by = t.at - of[t.end];
		if (Math.abs(by) <= reach && Math.abs(by) < Math.abs(best?.by ?? Infinity)) best = { by, why: t.why };
	}
	return best;
}

/**
 * Moves a carrier on its back: it catches on the ends and the middle of the back, and on its neighbours' ends.
 * @param dx along the back, dy up it, mm
 * @param reach how near it catches, mm; negative turns that off
 */
export function moveCarrier(
	holder: Holder,
	built: Built,
	id: string,
	by: { dx: number; dy: number },
	o: { unit: LengthUnit; reach: number }
): CarrierMove | null {
	const carrier = holder.carriers.find((c) => c.id === id);
	const here = built.carriers.find((c) => c.id === id);
	if (!carrier || !here || !holder.back) return null;
	const { width } = holder.back;
	const others = built.carriers.filter((c) => c.id !== id && standsOnBack(c));
	const moved = { from: here.taken.left + by.dx, to: here.taken.right + by.dx };
	const catchX = standsOnBack(here)
		? caught(
				moved,
				[
					{ at: 0, why: 'the left end', end: 'from' },
					{ at: width, why: 'the right end', end: 'to' },
					{ at: width / 2, why: 'the middle of the back', end: 'middle' },
					...others.flatMap((c) => [
						{ at: c.taken.right, why: 'its neighbour', end: 'from' as const },
						{ at: c.taken.left, why: 'its neighbour', end: 'to' as const }
					])
				],
				o.reach
			)
		: null;
	const x = catchX ? carrier.at.x + by.dx + catchX.by : roundToTape(carrier.at.x + by.dx, o.unit);
	const y = roundToTape(carrier.at.y + by.dy, o.unit);
	const carriers = holder.carriers.map((c) => (c.id === id ? { ...c, at: { ...c.at, x, y } } : c));
	return {
		command: { kind: 'change', list: 'holders', id: holder.id, change: { carriers } },
		why: catchX?.why ?? null
	};
}

const ARROWS: Record<string, [number, number]> = {
	ArrowLeft: [-1, 0],
	ArrowRight: [1, 0],
	ArrowUp: [0, 1],
	ArrowDown: [0, -1]
};

/** The same by an arrow key: a tick of the tape, ten with shift; null for any other key. */
export function nudgeCarrier(holder: Holder, built: Built, id: string, key: string, big: boolean, unit: LengthUnit) {
	const arrow = ARROWS[key];
	if (!arrow) return null;
	const step = tickSize(unit) * (big ? 10 : 1);
	return moveCarrier(holder, built, id, { dx: arrow[0] * step, dy: arrow[1] * step }, { unit, reach: -1 });
}
