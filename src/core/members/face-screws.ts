import { noScrewsIn, screwGravity, stock, type StockId } from '../materials/stocks';
import { screw, type ScrewSize } from '../materials/screws';
import { CD_BUMP, CD_STORAGE, threadIn } from '../mechanics/fasteners/joint';
import { withdrawalPerLength } from '../mechanics/fasteners/withdrawal';
import { rollPull } from '../mechanics/statics/roll';
import { count, mm, moment, newtons, perLength, phrase } from '../units/phrase';
import type { Millimetres, NewtonMillimetres, Newtons, NewtonsPerMillimetre } from '../units/quantity';
import type { SumLine } from '../verdict/check';
import { GRAB } from '../verdict/grab';
import { threadLine } from './joint-lines';
import { defineMember, type MemberLoad, type MemberStep } from './member';

/**
 * A bought plate screwed onto the face of a board: what it carries turns it about its lower edge and pulls its screws
 * out. Across, its maker's load stands for them: 6 diameters are not to be had in a back.
 */
export interface FaceScrewsData {
	kind: 'face-screws';
	/** 'hook'. */
	name: string;
	/** Each screw above its lower edge. */
	heights: readonly Millimetres[];
	size: ScrewSize;
	length: Millimetres;
	/** How thick the plate is. */
	plate: Millimetres;
	/** The board whose face takes the threads. */
	main: StockId;
	/** It hangs straight from its screws, under a board: they share it. */
	straight?: true;
}

/** Its data. */
export const faceScrewsOf = (data: Omit<FaceScrewsData, 'kind'>): FaceScrewsData => ({ kind: 'face-screws', ...data });

const turning = (loads: readonly MemberLoad[]): NewtonMillimetres => loads.reduce((sum, l) => sum + l.weight * l.z, 0);
const hanging = (loads: readonly MemberLoad[]): Newtons => loads.reduce((sum, l) => sum + l.weight, 0);

/** What pulls on the screw that takes most, and how that comes about. */
interface Pull {
	T: Newtons;
	lines: readonly SumLine[];
}

/** By what turns the plate about its lower edge. */
function turned(d: FaceScrewsData, M: NewtonMillimetres): Pull {
	const T = Math.max(...rollPull(M, d.heights, 0));
	return {
		T,
		lines: [
			{ label: 'turns it', sum: phrase('what hangs on it, about its lower edge'), result: moment(M) },
			{
				label: 'pull on one',
				sum: phrase('{M} × {y} / sum of y²: {n} screws, the highest {y} above that', {
					M: moment(M),
					y: mm(Math.max(...d.heights)),
					n: count(d.heights.length)
				}),
				result: newtons(T)
			}
		]
	};
}

/** By what hangs straight from them. */
function hung(d: FaceScrewsData, W: Newtons): Pull {
	const n = d.heights.length;
	const sum = phrase('{W} / {n} screws', { W: newtons(W), n: count(n) });
	return { T: W / n, lines: [{ label: 'pull on one', sum, result: newtons(W / n) }] };
}

/** What its thread holds against that; not a number where no table says. */
function step(d: FaceScrewsData, { T, lines }: Pull, duration: number): MemberStep {
	const f = screw(d.size);
	const board = stock(d.main);
	const bare = noScrewsIn(d.main);
	const thread = threadIn(f, d.length, d.plate, board.thickness);
	const each = bare ? Number.NaN : withdrawalPerLength(f, screwGravity(board));
	const holds = each * thread * duration;
	return {
		key: `${d.name}-screws`,
		title: `${d.name}: its screws`,
		source: bare ? 'none is published' : 'statics; NDS 2018 12.2',
		reason: bare
			? phrase(`${d.name}: no value is published for screws in ${bare.title}`)
			: phrase(`the ${d.name} pulls its screws out of the face`),
		demand: newtons(T),
		capacity: newtons(holds),
		lines: () => [
			...lines,
			...(bare ? [] : [threadLine(f, screwGravity(board)), holdsLine(each, thread, duration, holds)])
		]
	};
}

/** What pulls on its screws, of so much weight so far out. */
const pullOf = (d: FaceScrewsData, M: NewtonMillimetres, W: Newtons): Pull => (d.straight ? hung(d, W) : turned(d, M));

const holdsLine = (each: NewtonsPerMillimetre, thread: Millimetres, duration: number, holds: Newtons): SumLine => ({
	label: 'thread holds',
	sum: phrase(`{w} × {t} × ${duration}`, { w: perLength(each), t: mm(thread) }),
	result: newtons(holds)
});

export const faceScrewsMember = defineMember<FaceScrewsData>({
	kind: 'face-screws',
	measure: (d, loads) => (d.straight ? hanging(loads) : turning(loads)),
	steps(d, loads) {
		const [M, W] = [turning(loads), hanging(loads)];
		return (d.straight ? W : M) > 0 ? [step(d, pullOf(d, M, W), CD_STORAGE)] : [];
	},
	grab: (d, at) => {
		if (noScrewsIn(d.main)) return [];
		const reason = phrase(`somebody hangs on the ${d.name}`);
		const grabbed = step(d, pullOf(d, GRAB * at.z, GRAB), CD_BUMP);
		return [
			{ ...grabbed, title: `grab: ${grabbed.title}`, basis: 'grab', source: 'ASTM F2057 load; NDS 2018 12.2', reason }
		];
	}
});
