import type { Board } from '../lumber/board';
import type { CutPiece, Plan } from '../plan/types';
import { seeded } from '../seeded';
import type { Millimetres } from '../units/quantity';
import { sortCut } from './already-cut';
import { USUAL_AIM, type Aim } from './aim';
import type { CutGroup } from './cut-group';
import { NO_PRICES, type Buying } from '../prices/ware';
import { cutKind } from './cut-kind';
import { groupPieces, type PieceGroup } from './groups';
import { collectPieces, type Piece } from './pieces';
import type { Solver } from './solver';
import { within } from './within';
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
	/** What was found when it was stopped: it goes on from there. */
	start?: CutPlan;
	onProgress?: (progress: CutProgress) => void;
}

/** Longest that one kind of board or sheet is worked on, seconds; and in the first round. */
const MOST_EACH = 12;
const A_MOMENT = 0.4;

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

/** The work on one cut plan: a whole one at any time, bettered kind by kind. */
class Cutting {
	readonly #wanted: PieceGroup[];
	readonly #rest: Pick<CutPlan, 'kerf' | 'done' | 'useless'>;
	readonly #aim: Aim;
	readonly #inStrips: boolean;
	readonly #groups: CutGroup[] = [];
	/** Proven, and made as the aim wants it. */
	readonly #settled = new Set<number>();

	constructor(
		plan: Plan,
		private readonly options: CutOptions
	) {
		const { boards = [], buying = NO_PRICES, start } = options;
		const { todo, done, useless } = sortCut(collectPieces(plan), plan.cutting.cut);
		this.#rest = { kerf: plan.cutting.kerf, done, useless };
		this.#aim = plan.cutting.aim ?? USUAL_AIM;
		this.#inStrips = plan.cutting.stages === 'strips';
		this.#wanted = groupPieces(todo, plan.cutting, { boards, buying });
		for (const [i, group] of this.#wanted.entries()) {
			const before = start?.groups.find((g) => sameWork(g, group));
			this.#groups.push(
				before ??
					this.#cut(
						i,
						() => 0,
						() => undefined
					)
			);
		}
	}

	whole(): CutPlan {
		return { ...this.#rest, groups: [...this.#groups] };
	}

	tell(kinds: number): void {
		this.options.onProgress?.({ done: kinds, of: this.#wanted.length, best: this.whole() });
	}

	/** One kind cut anew, from what the others leave of the shop's boards. */
	#cut(i: number, secondsLeft: () => number, onBetter: (g: CutGroup) => void): CutGroup {
		const others = this.#groups.filter((_, k) => k !== i);
		const { solve, buying = NO_PRICES, start } = this.options;
		const work: Working = {
			kerf: this.#rest.kerf,
			aim: this.#aim,
			inStrips: this.#inStrips,
			currency: buying.currency,
			solve,
			secondsLeft,
			// What goes on looks elsewhere than what was stopped.
			random: seeded(start ? 2 : 1)
		};
		return cutKind(leftBy(others, this.#wanted[i] as PieceGroup), work, onBetter);
	}

	/**
	 * Betters what is not proven, each within its time; what was found stays until there is better.
	 * @param most seconds for one of so many that are still open
	 */
	better(most: (open: number) => number): void {
		const { secondsLeft } = this.options;
		const isOpen = (i: number) => !this.#groups[i]?.proven || (this.#aim === 'offcuts' && !this.#settled.has(i));
		const open = [...this.#groups.keys()].filter(isOpen);
		for (const [k, i] of open.entries()) {
			const left = within(secondsLeft, most(open.length - k));
			const take = (g: CutGroup) => {
				if (g.cost <= (this.#groups[i] as CutGroup).cost) this.#groups[i] = g;
				this.tell(k);
			};
			take(this.#cut(i, left, take));
			if (this.#groups[i]?.proven) this.#settled.add(i);
		}
	}
}

/** Is this group as it was cut the same pieces from the same offers? */
function sameWork(before: CutGroup, now: PieceGroup): boolean {
	const ids = (pieces: readonly Piece[]) =>
		pieces
			.map((p) => p.id)
			.sort()
			.join();
	const lines = (o: PieceGroup['offers'][number]) => o.lines.map(({ price, each }) => [price.id, price.pack, each]);
	const offers = (g: PieceGroup) => JSON.stringify(g.offers.map((o) => [o.length, o.width, o.owned?.id, lines(o)]));
	return before.key === now.key && offers(before) === offers(now) && ids(before.pieces) === ids(now.pieces);
}

/**
 * Cuts everything a plan needs: cleats two to a rip, faces, boards, dowels; first from what the shop has, then
 * from as little as can be bought. A whole plan is there at once, and is then bettered kind by kind: whenever it
 * is stopped, the best so far leaves nothing out.
 * @param options an integer solver, the time it may take, what the shop has, at which prices the rest is bought, and
 * who is told of progress
 * @example cutPlan(plan, { solve, secondsLeft: () => 10 }).groups[0]?.buy
 */
export function cutPlan(plan: Plan, options: CutOptions): CutPlan {
	const { secondsLeft } = options;
	const cutting = new Cutting(plan, options);
	cutting.tell(0);
	// What is proven in a moment is not kept waiting by what takes long.
	cutting.better((open) => Math.min(A_MOMENT, secondsLeft() / (2 * open)));
	cutting.better((open) => Math.min(MOST_EACH, secondsLeft() / open));
	const whole = cutting.whole();
	cutting.tell(whole.groups.length);
	return whole;
}
