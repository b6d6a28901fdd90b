import { noScrewsIn, screwGravity, stock, type StockId } from '../materials/stocks';
import { screw, THREAD_SHARE, type ScrewSize } from '../materials/screws';
import { CD_STORAGE } from '../mechanics/fasteners/joint';
import { withdrawalPerLength } from '../mechanics/fasteners/withdrawal';
import { rollPull } from '../mechanics/statics/roll';
import { count, mm, moment, newtons, perLength, phrase } from '../units/phrase';
import type { Millimetres, NewtonMillimetres } from '../units/quantity';
import { threadLine } from './joint-lines';
import { defineMember, type MemberLoad } from './member';

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

export const faceScrewsMember = defineMember<FaceScrewsData>({
	kind: 'face-screws',
	measure: (_, loads) => turning(loads),
	steps(d, loads) {
		const M = turning(loads);
		if (!(M > 0)) return [];
		const f = screw(d.size);
		const board = stock(d.main);
		const bare = noScrewsIn(d.main);
		const T = Math.max(...rollPull(M, d.heights, 0));
		const enters = Math.max(0, Math.min(d.length - d.plate, board.thickness));
		// Where the point comes out behind, what is left of the thread stands nearer the head.
		const beyond = Math.max(0, d.length - d.plate - board.thickness);
		const thread = Math.max(0, Math.min(enters, d.length * THREAD_SHARE - beyond));
		const each = bare ? Number.NaN : withdrawalPerLength(f, screwGravity(board));
		const holds = each * thread * CD_STORAGE;
		return [
			{
				key: `${d.name}-screws`,
				title: `${d.name}: its screws`,
				source: bare ? 'none is published' : 'statics; NDS 2018 12.2',
				reason: bare
					? phrase(`${d.name}: no value is published for screws in ${bare.title}`)
					: phrase(`the ${d.name} pulls its screws out of the face`),
				demand: newtons(T),
				capacity: newtons(holds),
				lines: () => [
					{
						label: 'turns it',
						sum: phrase('what hangs on it, about its lower edge'),
						result: moment(M)
					},
					{
						label: 'pull on one',
						sum: phrase('{M} × {y} / sum of y²: {n} screws, the highest {y} above that', {
							M: moment(M),
							y: mm(Math.max(...d.heights)),
							n: count(d.heights.length)
						}),
						result: newtons(T)
					},
					...(bare
						? []
						: [
								threadLine(f, screwGravity(board)),
								{
									label: 'thread holds',
									sum: phrase(`{w} × {t} × ${CD_STORAGE}`, { w: perLength(each), t: mm(thread) }),
									result: newtons(holds)
								}
							])
				]
			}
		];
	}
});
