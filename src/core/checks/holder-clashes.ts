import { remembering } from '../remembering';
import { boxesMeet } from '../solid/room';
import { overlap, type Box } from '../survey/box';
import { mm, phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';
import type { Warning } from '../verdict/check';
import { onRow, riseOff, type AnyPlaced } from '../places/any-place';
import { placedBoxes } from './placed-boxes';

/** The wall a holder takes: its face, what hangs below it, and both with the room above that lifting it off needs. */
export interface Taken {
	placed: AnyPlaced;
	face: Box;
	hang: Box;
	all: Box;
}

/** The wall a holder takes. The same object while it stays where it is. */
export const taken = remembering((placed: AnyPlaced): Taken => {
	const { left, right, foot, top, built } = placed;
	const face = { left, right, low: foot, high: top };
	const hang = {
		left: left - built.beyondEnds,
		right: right + built.beyondEnds,
		low: foot - built.hangsBelow,
		high: foot
	};
	const all = { left: hang.left, right: hang.right, low: hang.low, high: top + riseOff(placed) };
	return { placed, face, hang, all };
});

/** What one row's holders take, from left to right, and how low and high they reach. */
interface TakenRow {
	holders: readonly Taken[];
	low: Millimetres;
	high: Millimetres;
}

/** What hangs on one row, or is screwed to the wall. */
interface Group {
	placed: readonly AnyPlaced[];
}

const takenRow = remembering((row: Group): TakenRow => {
	const made: TakenRow = {
		holders: row.placed.map(taken).sort((a, b) => a.all.left - b.all.left),
		low: Infinity,
		high: -Infinity
	};
	for (const t of made.holders) {
		made.low = Math.min(made.low, t.all.low);
		made.high = Math.max(made.high, t.all.high);
	}
	return made;
});

type Found = (a: Taken, b: Taken) => boolean;

/** Compares a holder with those still open before it. */
function against(open: readonly Taken[], next: Taken, found: Found): void {
	for (const t of open) if (t.all.low < next.all.high && next.all.low < t.all.high && found(t, next)) break;
}

const stillOpen = (open: Taken[], x: Millimetres) =>
	open.some((t) => t.all.right <= x) ? open.filter((t) => t.all.right > x) : open;

/**
 * Every two holders of two rows, or of one, whose room overlaps, found in a sweep from left to right over those that
 * are still open.
 * @param found says whether that is enough for the right one of the two: thousands in a heap need not all be compared
 */
function sweep(a: TakenRow, b: TakenRow, found: Found): void {
	let [openA, openB]: Taken[][] = [[], []];
	if (a === b) {
		for (const next of a.holders) {
			openA = stillOpen(openA as Taken[], next.all.left);
			against(openA, next, found);
			openA.push(next);
		}
		return;
	}
	for (let i = 0, j = 0; i < a.holders.length || j < b.holders.length;) {
		const [p, q] = [a.holders[i], b.holders[j]];
		const fromA = p !== undefined && (q === undefined || p.all.left <= q.all.left);
		const next = (fromA ? p : q) as Taken;
		if (fromA) i++;
		else j++;
		openA = stillOpen(openA as Taken[], next.all.left);
		openB = stillOpen(openB as Taken[], next.all.left);
		against(fromA ? openB : openA, next, found);
		(fromA ? openA : openB).push(next);
	}
}

/** Of a bay whose sheets stand under something. */
const NO_WAY_OUT = 'what stands in it takes {rise} over its wood to come out';

type Kind = 'place' | 'cover' | 'room' | 'meet';

/** Nobody was told of any kind yet. */
const nobody = (): Record<Kind, Set<AnyPlaced>> => ({
	place: new Set(),
	cover: new Set(),
	room: new Set(),
	meet: new Set()
});

/** Boards on a rack reach past its ends, and bicycles below their hooks: what is there is compared box by box. */
function meet(a: AnyPlaced, b: AnyPlaced): boolean {
	if (a.holder.back && b.holder.back) return false;
	const others = placedBoxes(b);
	return placedBoxes(a).some((box) => others.some((other) => boxesMeet(box, other)));
}

/** A clash, told to one of the two holders. */
interface Clash {
	of: AnyPlaced;
	kind: Kind;
	warning: Warning;
}

/**
 * Clashes between two rows, or within one. A holder names one other for each kind: with that one mended, the next
 * shows.
 */
function clashesBetween(a: TakenRow, b: TakenRow): Clash[] {
	const found: Clash[] = [];
	const told = nobody();
	const say = (of: AnyPlaced, kind: Kind, level: Warning['level'], message: () => Warning['message']) => {
		if (told[kind].has(of)) return;
		told[kind].add(of);
		found.push({ of, kind, warning: { level, subject: { kind: 'holder', id: of.holder.id }, message: message() } });
	};
	sweep(a, b, (left, right) => {
		const [upper, lower] = left.placed.top >= right.placed.top ? [left, right] : [right, left];
		const samePlace = overlap(left.face, right.face);
		if (samePlace) {
			say(right.placed, 'place', 'stop', () =>
				phrase('Stands in the same place as {other}', { other: left.placed.holder.name || 'another holder' })
			);
		} else if (overlap(upper.hang, lower.face)) {
			say(upper.placed, 'cover', 'mind', () =>
				phrase('What hangs on it covers {other}', { other: lower.placed.holder.name || 'another holder' })
			);
		}
		if (!samePlace && meet(left.placed, right.placed))
			say(right.placed, 'meet', 'mind', () =>
				phrase('It, or what is on it, is in the room of {other}', {
					other: left.placed.holder.name || 'another holder'
				})
			);
		const rise = riseOff(lower.placed);
		const between = upper.face.low - lower.face.high;
		if (between >= 0 && between < rise && left.face.left < right.face.right && right.face.left < left.face.right) {
			say(lower.placed, 'room', 'mind', () =>
				phrase(
					`Only {gap} of headroom under {other}: ${onRow(lower.placed) ? 'it needs {rise} to lift off' : NO_WAY_OUT}`,
					{
						gap: mm(between),
						rise: mm(rise),
						other: upper.placed.holder.name || 'the holder above'
					}
				)
			);
		}
		return samePlace;
	});
	return found;
}

/** Rows on which nothing has changed are not compared again: one memory a row, of what it has with every other. */
const withRow = remembering((a: Group) =>
	remembering((b: Group): readonly Clash[] => {
		const [x, y] = [takenRow(a), takenRow(b)];
		return x.low >= y.high || y.low >= x.high ? [] : clashesBetween(x, y);
	})
);

/**
 * Every clash between holders: in one place, covered by what hangs, no headroom to lift off.
 * @param laid all rows, and what is screwed to the wall; those on which nothing has changed are not compared again
 */
export function holderClashes(laid: readonly Group[]): Warning[] {
	const found: Warning[] = [];
	const told = nobody();
	laid.forEach((a, i) => {
		for (let j = i; j < laid.length; j++) {
			for (const c of withRow(a)(laid[j] as Group)) {
				if (told[c.kind].has(c.of)) continue;
				told[c.kind].add(c.of);
				found.push(c.warning);
			}
		}
	});
	return found;
}
