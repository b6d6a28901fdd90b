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
}

/** Its data. */
export const faceScrewsOf = (data: Omit<FaceScrewsData, 'kind'>): FaceScrewsData => ({ kind: 'face-screws', ...data });

const turning = (loads: readonly MemberLoad[]): NewtonMillimetres => loads.reduce((sum, l) => sum + l.weight * l.z, 0);

/** What pulls on the screw that takes most, and what its thread holds; not a number where no table says. */
function step(d: FaceScrewsData, M: NewtonMillimetres, duration: number): MemberStep {
	const f = screw(d.size);
	const board = stock(d.main);
	const bare = noScrewsIn(d.main);
	const T = Math.max(...rollPull(M, d.heights, 0));
	const thread = threadIn(f, d.length, d.plate, board.thickness);
	const each = bare ? Number.NaN : withdrawalPerLength(f, screwGravity(board));
	const holds = each * thread * duration;
	const y = mm(Math.max(...d.heights));
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
			{ label: 'turns it', sum: phrase('what hangs on it, about its lower edge'), result: moment(M) },
			{
				label: 'pull on one',
				sum: phrase('{M} × {y} / sum of y²: {n} screws, the highest {y} above that', {
					M: moment(M),
					y,
					n: count(d.heights.length)
				}),
				result: newtons(T)
			},
			...(bare ? [] : [threadLine(f, screwGravity(board)), holdsLine(each, thread, duration, holds)])
		]
	};
}

const holdsLine = (each: NewtonsPerMillimetre, thread: Millimetres, duration: number, holds: Newtons): SumLine => ({
	label: 'thread holds',
	sum: phrase(`{w} × {t} × ${duration}`, { w: perLength(each), t: mm(thread) }),
	result: newtons(holds)
});

export const faceScrewsMember = defineMember<FaceScrewsData>({
	kind: 'face-screws',
	measure: (_, loads) => turning(loads),
	steps(d, loads) {
		const M = turning(loads);
		return M > 0 ? [step(d, M, CD_STORAGE)] : [];
	},
	grab: (d, at) => {
		if (noScrewsIn(d.main)) return [];
		const reason = phrase(`somebody hangs on the ${d.name}`);
		const grabbed = step(d, GRAB * at.z, CD_BUMP);
		return [
			{ ...grabbed, title: `grab: ${grabbed.title}`, basis: 'grab', source: 'ASTM F2057 load; NDS 2018 12.2', reason }
		];
	}
});
