import type { Cut, LaidPiece, Rest } from '../cut-sheet';
import { HUNDREDTHS, type Box } from './problem';

/** A rectangle of a sheet, hundredths of a mm. */
interface Region {
	x: number;
	y: number;
	l: number;
	w: number;
}

/** What stands for one piece of a box: pieces, with cuts of its own where it is a blank. */
export interface Standing {
	pieces: LaidPiece[];
	cuts: Cut[];
	rests: Rest[];
}

export interface Laid {
	pieces: LaidPiece[];
	cuts: Cut[];
	rests: Rest[];
}

const mm = (x: number) => x / HUNDREDTHS;

/** A rest narrower than this is sawdust and slivers: no cut is made for it alone, hundredths of a mm. */
const SLIVER = 40 * HUNDREDTHS;

type StandingOf = (item: number, place: { x: number; y: number; turned: boolean }) => Standing;

/** Lays a box on a sheet, cut by cut, from its left end and its near edge. */
class Laying implements Laid {
	pieces: LaidPiece[] = [];
	cuts: Cut[] = [];
	rests: Rest[] = [];

	constructor(
		private readonly kerf: number,
		private readonly standing: StandingOf,
		private readonly inStrips: boolean
	) {}

	lay(box: Box, room: Region): void {
		const exact = this.#trimmed(box, room);
		if (box.kind === 'piece') {
			const place = { x: mm(exact.x), y: mm(exact.y), turned: box.turned };
			const { pieces, cuts, rests } = this.standing(box.item, place);
			this.pieces.push(...pieces);
			this.cuts.push(...cuts);
			this.rests.push(...rests);
			return;
		}
		const { a, b, dir } = box;
		const { x, y, l, w } = exact;
		if (dir === 'x') {
			this.#cut(true, x + a.l, exact);
			this.lay(a, { x, y, l: a.l, w });
			this.lay(b, { x: x + a.l + this.kerf, y, l: l - a.l - this.kerf, w });
		} else {
			this.#cut(false, y + a.w, exact);
			this.lay(a, { x, y, l, w: a.w });
			this.lay(b, { x, y: y + a.w + this.kerf, l, w: w - a.w - this.kerf });
		}
	}

	/**
	 * Cuts off what the box does not take: the larger rest first, so that it stays whole. What is too narrow to be of use
	 * stays on, and goes piece by piece. In strips only their width is cut, so that every cut is at the size of a piece.
	 */
	#trimmed(box: Box, room: Region): Region {
		const now = { ...room };
		const least = box.kind === 'piece' || this.inStrips ? 0 : SLIVER;
		const beside = room.l - box.l - least;
		const above = room.w - box.w - least;
		const off = (across: boolean) => {
			if (across && beside > 0) {
				const rest = room.l - box.l - this.kerf;
				this.#cut(true, now.x + box.l, now);
				this.#rest({ ...now, x: now.x + box.l + this.kerf, l: rest });
				now.l = box.l;
			}
			if (!across && above > 0) {
				const rest = room.w - box.w - this.kerf;
				this.#cut(false, now.y + box.w, now);
				this.#rest({ ...now, y: now.y + box.w + this.kerf, w: rest });
				now.w = box.w;
			}
		};
		const besideFirst = beside * room.w >= above * room.l;
		if (this.inStrips && box.kind === 'pair') {
			if (box.dir === 'x') off(false);
			return now;
		}
		// One piece that is a strip by itself is ripped right through as well, and then cut to length.
		const firstAcross = besideFirst && !this.inStrips;
		off(firstAcross);
		off(!firstAcross);
		return now;
	}

	#cut(across: boolean, at: number, { x, y, l, w }: Region): void {
		const [from, to] = across ? [y, y + w] : [x, x + l];
		this.cuts.push({ across, at: mm(at), from: mm(from), to: mm(to) });
	}

	#rest({ x, y, l, w }: Region): void {
		if (l > 0 && w > 0) this.rests.push({ x: mm(x), y: mm(y), length: mm(l), width: mm(w) });
	}
}

/**
 * Where everything of a box lies on a sheet, with every cut in the order it is made. Every cut goes right through what
 * has been cut free so far.
 * @param length of the sheet, hundredths of a mm
 * @param standing what stands in the place of a piece of the box
 * @param inStrips ripped into strips first, each then cut to length from its left end
 */
export function layBox(
	box: Box,
	length: number,
	width: number,
	kerf: number,
	standing: StandingOf,
	inStrips = false
): Laid {
	const laying = new Laying(kerf, standing, inStrips);
	laying.lay(box, { x: 0, y: 0, l: length, w: width });
	return laying;
}
