import { stock, type StockId } from '../materials/stocks';
import type { Plan } from '../plan/types';
import { count, mm, phrase, type Phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';
import { layCuts, type LaidCuts } from './lay-cuts';
import { fewestBoards, type BoardAnswer, type BoardProblem } from './fewest-boards';
import { collectPieces, type Piece, type PieceGroup } from './pieces';
import type { Solver } from './solver';

/** One strip of a board from its left end: pieces with their places, and what is left. */
export type Lane = LaidCuts<Piece>;

export interface CutBoard {
	lanes: Lane[];
}

export interface CutGroup extends Omit<PieceGroup, 'pieces'> {
	boards: CutBoard[];
	/** No plan needs fewer boards than this. */
	bound: number;
	proven: boolean;
	/** How that is known. */
	proof: Phrase;
	/** Pieces longer than a board, or wider: not in the plan. */
	unfit: Piece[];
}

/** Strips of sheet, ripped to width, side by side on sheets. */
export interface SheetPlan {
	stock: StockId;
	title: string;
	/** Widths of the strips on each sheet, in mm. */
	sheets: Millimetres[][];
	bound: number;
	proven: boolean;
}

export interface CutPlan {
	kerf: Millimetres;
	groups: CutGroup[];
	sheets: SheetPlan[];
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
	onProgress?: (progress: CutProgress) => void;
}

/** Pieces by length, in hundredths of a millimetre: what differs by less is cut at the same stop. */
function byLength(pieces: Piece[]): Map<number, Piece[]> {
	const lengths = new Map<number, Piece[]>();
	for (const p of pieces) {
		const key = Math.round(p.length * 100) / 100;
		lengths.set(key, [...(lengths.get(key) ?? []), p]);
	}
	return lengths;
}

function proofOf(answer: BoardAnswer, boards: number, bound: number, p: BoardProblem, lanes: number): Phrase {
	const total = p.items.reduce((sum, i) => sum + i.count * (i.length + p.kerf), 0);
	const values = {
		n: count(boards),
		low: count(bound),
		total: mm(total),
		room: mm((boards - 1) * lanes * (p.board + p.kerf)),
		less: count(boards - 1)
	};
	if (boards > bound) return phrase('Not proven: {n} found; no plan needs fewer than {low}', values);
	switch (answer.how) {
		case 'length':
			return boards <= 1
				? phrase('One is enough')
				: phrase('Fewest: pieces and cuts take {total}, and {less} would have room for {room}', values);
		case 'relaxation':
		case 'bound only':
			return phrase('Fewest: no mix of cuts, even in parts of boards, needs less than {low}', values);
		case 'integer programme':
			return phrase('Fewest: every way to cut a board was compared', values);
	}
}

function toGroup(
	group: PieceGroup,
	kerf: Millimetres,
	lengths: Map<number, Piece[]>,
	problem: BoardProblem,
	answer: BoardAnswer,
	unfit: Piece[]
): CutGroup {
	const left = [...lengths.values()].map((pieces) => [...pieces]);
	const lanes = answer.boards.map((items) =>
		layCuts(
			items.map((i) => (left[i] as Piece[]).shift() as Piece),
			group.boardLength,
			kerf
		)
	);
	const boards: CutBoard[] = [];
	for (let i = 0; i < lanes.length; i += group.lanes) boards.push({ lanes: lanes.slice(i, i + group.lanes) });
	const bound = Math.ceil(answer.bound / group.lanes);
	const { pieces: _, ...rest } = group;
	return {
		...rest,
		boards,
		bound,
		proven: boards.length <= bound,
		proof: proofOf(answer, boards.length, bound, problem, group.lanes),
		unfit
	};
}

function cutGroup(
	group: PieceGroup,
	kerf: Millimetres,
	options: CutOptions,
	onBetter: (g: CutGroup) => void
): CutGroup {
	const fits = (p: Piece) => !group.tooWide && p.length <= group.boardLength + 1e-6;
	const lengths = byLength(group.pieces.filter(fits));
	const unfit = group.pieces.filter((p) => !fits(p));
	const problem: BoardProblem = {
		items: [...lengths].map(([length, pieces]) => ({ length, count: pieces.length })),
		board: group.boardLength,
		kerf
	};
	const done = (answer: BoardAnswer) => toGroup(group, kerf, lengths, problem, answer, unfit);
	return done(
		fewestBoards(problem, options.solve, { secondsLeft: options.secondsLeft, onBetter: (a) => onBetter(done(a)) })
	);
}

function planSheets(groups: CutGroup[], kerf: Millimetres, options: CutOptions): SheetPlan[] {
	const stocks = [
		...new Set(groups.filter((g) => g.strip !== null && g.boards.length > 0).map((g) => g.stock as StockId))
	];
	return stocks.map((id) => {
		const from = groups.filter((g) => g.stock === id && g.strip !== null && g.boards.length > 0);
		const items = from.map((g) => ({ length: g.strip as number, count: g.boards.length }));
		const answer = fewestBoards({ items, board: stock(id).width, kerf }, options.solve, {
			secondsLeft: options.secondsLeft
		});
		return {
			stock: id,
			title: stock(id).title,
			bound: answer.bound,
			proven: answer.proven,
			sheets: answer.boards.map((b) => b.map((i) => items[i]?.length ?? 0))
		};
	});
}

/** No time to look for anything better than the first that fits. */
const AT_ONCE = { secondsLeft: () => 0 };

/**
 * Cuts everything a plan needs from bought boards: cleats two to a rip, faces, dowels; the fewest boards of each kind,
 * and for ply the fewest sheets for those strips. A whole plan is there at once, and is then bettered kind by kind:
 * whenever it is stopped, the best so far leaves nothing out.
 * @param options an integer solver, the time it may take, and who is told of progress
 * @example cutPlan(plan, { solve, secondsLeft: () => 10 }).groups[0].boards.length
 */
export function cutPlan(plan: Plan, options: CutOptions): CutPlan {
	const { kerf } = plan.cutting;
	const wanted = collectPieces(plan);
	const quick = { ...options, ...AT_ONCE };
	const groups = wanted.map((group) => cutGroup(group, kerf, quick, () => undefined));
	const tell = (done: number) =>
		options.onProgress?.({
			done,
			of: wanted.length,
			best: { kerf, groups: [...groups], sheets: planSheets(groups, kerf, quick) }
		});
	tell(0);
	wanted.forEach((group, i) => {
		if (!(groups[i] as CutGroup).proven) {
			groups[i] = cutGroup(group, kerf, options, (better) => {
				groups[i] = better;
				tell(i);
			});
		}
		tell(i + 1);
	});
	return { kerf, groups, sheets: planSheets(groups, kerf, options) };
}
