import type { Board } from '../lumber/board';
import type { CutPiece, Plan } from '../plan/types';
import { seeded } from '../seeded';
import type { Millimetres } from '../units/quantity';
import { phrase } from '../units/phrase';
import { sortCut } from './already-cut';
import { USUAL_AIM } from './aim';
import { sortOut, type CutGroup } from './cut-group';
import { widthOf } from './fits';
import { NO_PRICES, type Buying } from '../prices/ware';
import { cutLines } from './cut-lines';
import { cutRectangles } from './cut-rectangles';
import { groupPieces, type PieceGroup } from './groups';
import { collectPieces, type Piece } from './pieces';
import type { Solver } from './solver';
import type { Working } from './working';

export interface CutPlan {
	kerf: Millimetres;
	groups: CutGroup[];
	/** Pieces that are cut already. */
	done: Piece[];
	/** What was cut and fits nothing any more. */
	useless: CutPiece[];
}

export interface CutProgress {
	done: number;
	of: number;
	/** The best so far: a whole plan, with every piece in it. */
	best: CutPlan;
}

export interface CutOptions {
	solve: Solver;
	/** Seconds left for the whole plan. */
	secondsLeft: () => number;
	/** What the shop has: it is cut first. */
	boards?: readonly Board[];
	/** What can be bought at which price, and where. */
	buying?: Buying;
	onProgress?: (progress: CutProgress) => void;
}

/** Longest that one kind of board or sheet is worked on, seconds; and in the first round. */
const MOST_EACH = 12;
const A_MOMENT = 0.4;

/**
 * Do pieces lie one behind another only? Rods and dowels do; boards do where no two pieces have room side by side, and
 * all cleats are of one blank.
 */
function inLines({ kind, offers }: PieceGroup, fit: readonly Piece[], kerf: Millimetres): boolean {
	if (kind === 'rod' || kind === 'dowel') return true;
	if (kind === 'sheet') return false;
	const widths = fit.map((p) => widthOf(p.form) ?? 0);
	const cleats = new Set(fit.map((p) => (p.form.kind === 'cleat' ? `${p.form.blank} ${p.form.bevel}` : 'flat')));
	const narrowest = Math.min(...widths);
	const widest = Math.max(...offers.map((o) => o.width));
	// Every piece goes onto every board, and none beside another.
	const anywhere = offers.every((o) => Math.max(...widths) <= o.width + 0.01);
	return cleats.size === 1 && anywhere && 2 * narrowest + kerf > widest;
}

function cutGroup(group: PieceGroup, work: Working, onBetter: (g: CutGroup) => void): CutGroup {
	const { fit, unfit } = sortOut(group, work.kerf);
	const whole = (g: CutGroup): CutGroup => ({ ...g, pieces: group.pieces, unfit: [...unfit, ...g.unfit] });
	if (fit.length === 0) return whole({ ...group, ...NOTHING });
	const cut = inLines(group, fit, work.kerf) ? cutLines : cutRectangles;
	try {
		return whole(cut(group, fit, work, (g) => onBetter(whole(g))));
	} catch (error) {
		if (!(error instanceof RangeError)) throw error;
		return whole(cutWhatIsThere(group, fit, work));
	}
}

/**
 * Only what the shop has may be used, and there is too little of it: as much as goes onto it, and the rest named.
 * Boards that nobody has take what is too much, as few of them as can be, and are left out again.
 */
function cutWhatIsThere(group: PieceGroup, fit: readonly Piece[], work: Working): CutGroup {
	const sizes = group.offers.map((o) => ({ ...o, count: Infinity, owned: null }));
	const enough = { ...group, offers: [...group.offers, ...sizes] };
	const cut = inLines(group, fit, work.kerf) ? cutLines : cutRectangles;
	const got = cut(enough, fit, work, () => undefined);
	const real = (s: CutGroup['sheets'][number]) => s.offer < group.offers.length;
	const why = phrase('there is not enough of it in the stock-take');
	const unfit = got.sheets.filter((s) => !real(s)).flatMap((s) => s.pieces.map(({ piece }) => ({ piece, why })));
	return { ...group, ...NOTHING, sheets: got.sheets.filter(real), proof: phrase('All that is there is used'), unfit };
}

const NOTHING = {
	sheets: [],
	buy: 0,
	cost: 0,
	bound: 0,
	proven: true,
	proof: phrase('Nothing to cut'),
	unfit: []
} satisfies Partial<CutGroup>;

/**
 * A group with what others leave of the shop's boards: ply of one thickness may stand in for two kinds of it, and is
 * there only once.
 */
function leftBy(others: readonly CutGroup[], group: PieceGroup): PieceGroup {
	const taken = (id: string) =>
		others.flatMap((g) => g.sheets.filter((s) => g.offers[s.offer]?.owned?.id === id)).length;
	const offers = group.offers
		.map((o) => (o.owned ? { ...o, count: o.count - taken(o.owned.id) } : o))
		.filter((o) => o.count > 0);
	return { ...group, offers };
}

/**
 * Cuts everything a plan needs: cleats two to a rip, faces, boards, dowels; first from what the shop has, then
 * from as little as can be bought. A whole plan is there at once, and is then bettered kind by kind: whenever it
 * is stopped, the best so far leaves nothing out.
 * @param options an integer solver, the time it may take, what the shop has, and who is told of progress
 * @example cutPlan(plan, { solve, secondsLeft: () => 10 }).groups[0]?.buy
 */
export function cutPlan(plan: Plan, options: CutOptions): CutPlan {
	const { solve, secondsLeft, boards = [], buying = NO_PRICES, onProgress } = options;
	const { kerf } = plan.cutting;
	const { todo, done, useless } = sortCut(collectPieces(plan), plan.cutting.cut);
	const wanted = groupPieces(todo, plan.cutting, { boards, buying });
	const whole = (): CutPlan => ({ kerf, groups: [...groups], done, useless });
	const aim = plan.cutting.aim ?? USUAL_AIM;
	const working = (seconds: () => number): Working => ({
		kerf,
		aim,
		currency: buying.currency,
		solve,
		secondsLeft: seconds,
		random: seeded(1)
	});
	const groups: CutGroup[] = [];
	const at = (i: number, seconds: () => number, onBetter: (g: CutGroup) => void) =>
		cutGroup(
			leftBy(
				groups.filter((_, k) => k !== i),
				wanted[i] as PieceGroup
			),
			working(seconds),
			onBetter
		);
	for (const i of wanted.keys())
		groups.push(
			at(
				i,
				() => 0,
				() => undefined
			)
		);
	const tell = (kinds: number) => onProgress?.({ done: kinds, of: wanted.length, best: whole() });
	tell(0);
	/** Betters what is not proven, each within its time; what was found stays until there is better. */
	const better = (most: (open: number) => number) => {
		const open = [...groups.keys()].filter((i) => !groups[i]?.proven || (aim === 'offcuts' && !settled.has(i)));
		for (const [k, i] of open.entries()) {
			const until = secondsLeft() - most(open.length - k);
			const left = () => Math.min(secondsLeft(), secondsLeft() - until);
			const take = (g: CutGroup) => {
				if (g.cost <= (groups[i] as CutGroup).cost) groups[i] = g;
				tell(k);
			};
			take(at(i, left, take));
			if (groups[i]?.proven) settled.add(i);
		}
	};
	/** Proven, and made as the aim wants it. */
	const settled = new Set<number>();
	// What is proven in a moment is not kept waiting by what takes long.
	better((open) => Math.min(A_MOMENT, secondsLeft() / (2 * open)));
	better((open) => Math.min(MOST_EACH, secondsLeft() / open));
	tell(wanted.length);
	return whole();
}
