import { CD_BUMP, CD_STORAGE, jointCapacity } from '../mechanics/fasteners/joint';
import { combinedAllowable } from '../mechanics/fasteners/combined';
import { endRuns } from '../mechanics/statics/end-runs';
import { sharedAt } from '../mechanics/statics/line-share';
import { rollPull } from '../mechanics/statics/roll';
import { screw, type ScrewSize } from '../materials/screws';
import { noScrewsIn, screwGravity, stock, type StockId } from '../materials/stocks';
import { count, mm, moment, newtons, perLength, phrase, ratio } from '../units/phrase';
import type { Millimetres, NewtonMillimetres, Newtons } from '../units/quantity';
import type { SumLine } from '../verdict/check';
import { GRAB, KNOCK } from '../verdict/grab';
import { leftUnder, POCKET } from './pocket';
import { defineMember, type GrabPoint, type MemberLoad, type MemberStep } from './member';

/**
 * Something that stands out from a board and is screwed to it, from behind or from pockets in itself: it turns about
 * its lower edge, or about the foot of a block or gusset below it, and pulls its screws out.
 */
export interface JointData {
	kind: 'screw-joint';
	/** 'shelf', 'fork', 'side'. */
	name: string;
	/** Each screw's height above what it turns about. */
	heights: readonly Millimetres[];
	/** Where they stand along it, all at one height; null where they stand over each other at one place. */
	along: readonly Millimetres[] | null;
	/** Its ends along. */
	width: Millimetres;
	size: ScrewSize;
	length: Millimetres;
	/** The board under the heads. */
	head: StockId;
	/** The board whose edge takes the threads. */
	main: StockId;
	/** The grain that the threads stand in. */
	into: 'edge' | 'end';
	/** What it turns about, in words. */
	about: string;
	/** Nothing but these screws keeps it up. */
	alone: boolean;
	/** It is one of two, so far apart, that stand together against a knock. */
	apart?: Millimetres;
	/** Both its ends are held: the screws take weight across, and nothing turns them out. */
	held?: true;
	/** Screwed from pockets in itself into the face of what it stands on, not through that from behind. */
	pockets?: true;
}

/** Its data. */
export const jointOf = (data: Omit<JointData, 'kind'>): JointData => ({ kind: 'screw-joint', ...data });

/** Screws in the edge of plywood have no published value: so much of the face's. A judgement, said where it counts. */
const PLY_EDGE = 0.5;

const turning = (loads: readonly MemberLoad[]): NewtonMillimetres => loads.reduce((sum, l) => sum + l.weight * l.z, 0);
const across = (loads: readonly MemberLoad[]): Newtons => loads.reduce((sum, l) => sum + l.weight, 0);

/** What one screw holds, pulled and pushed across, and how it stands. */
function screwHolds(d: JointData, duration = CD_STORAGE) {
	if (d.pockets) return pocketHolds(d, duration);
	const [head, main] = [stock(d.head), stock(d.main)];
	const ply = main.kind === 'ply';
	const c = jointCapacity(
		{
			fastener: screw(d.size),
			length: d.length,
			side: { thickness: head.thickness, G: screwGravity(head) },
			gap: 0,
			// The plate goes on behind its edge for longer than any screw.
			main: { thickness: d.length, G: screwGravity(main) },
			mainToGrain: 90,
			endGrain: d.into === 'end' && !ply
		},
		duration
	);
	return { ...c, withdrawal: c.withdrawal * (ply ? PLY_EDGE : 1), lean: 1, under: head.thickness, underEdge: false };
}

/**
 * A pocket screw: its thread is in a face, its head on what is left under its pocket. It leans: of what it holds along
 * itself, so much is straight out.
 */
function pocketHolds(d: JointData, duration: number) {
	const [into, board] = [stock(d.head), stock(d.main)];
	const lean = Math.cos((POCKET.angle * Math.PI) / 180);
	const under = leftUnder(board.thickness);
	const underEdge = board.kind === 'ply';
	const c = jointCapacity(
		{
			fastener: screw(d.size),
			length: d.length,
			side: { thickness: under, G: screwGravity(board) },
			gap: 0,
			main: { thickness: into.thickness / lean, G: screwGravity(into) },
			mainToGrain: 90
		},
		duration
	);
	return {
		...c,
		withdrawal: c.withdrawal * lean,
		pullThrough: c.pullThrough * lean * (underEdge ? PLY_EDGE : 1),
		lean,
		under,
		underEdge
	};
}

/** What the screw that takes most is asked for: pulled out, and across. */
interface Asked {
	V: Newtons;
	M: NewtonMillimetres;
	/** Screws' worth that share each, where the load stands off their middle. */
	pulling: number;
	across: number;
	T: Newtons;
	Z: Newtons;
}

/**
 * The worst of what may be left on: screws along a plate share by what equilibrium allows about where the load stands,
 * never evenly, and things may be off from either end.
 */
function worstAsked(d: JointData, loads: readonly MemberLoad[], ratio: (T: Newtons, Z: Newtons) => number): Asked {
	const of = (l: MemberLoad) => {
		const M = d.held ? 0 : l.weight * l.z;
		return [l.weight, l.weight * l.x, M, M * l.x];
	};
	const own = loads.filter((l) => l.own).map(of);
	const always = [0, 1, 2, 3].map((i) => own.reduce((sum, o) => sum + (o[i] ?? 0), 0));
	const things = loads.filter((l) => !l.own).map((l) => ({ x: l.x, of: of(l) }));
	const n = d.heights.length;
	const shared = (at: number) => (d.along ? sharedAt(d.along, at, [0, d.width]) : n);
	let worst: Asked = { V: 0, M: 0, pulling: n, across: n, T: 0, Z: 0 };
	for (const [V = 0, Vx = 0, M = 0, Mx = 0] of endRuns(always, things)) {
		if (V === 0) continue;
		const across = shared(Vx / V);
		const pulling = M > 0 ? shared(Mx / M) : n;
		const all = M > 0 ? Math.max(...rollPull(M, d.heights, 0)) * n : 0;
		const now = { V, M, pulling, across, T: all / pulling, Z: V / across };
		if (ratio(now.T, now.Z) > ratio(worst.T, worst.Z)) worst = now;
	}
	return worst;
}

/** No table says what a screw holds in one of its boards. */
const unjudged = (d: JointData, loads: readonly MemberLoad[], board: string): MemberStep => ({
	key: `${d.name}-joint`,
	title: `${d.name}: its screws`,
	source: 'none is published',
	reason: phrase(`${d.name}: no value is published for screws in ${board}`),
	demand: newtons(across(loads)),
	capacity: newtons(Number.NaN),
	lines: () => [{ label: 'takes', sum: phrase('all that stands on it'), result: newtons(across(loads)) }],
	notes: [phrase('Ask the maker of the board, or take ply or a solid one')]
});

/** What else the thread is counted by: how it stands, and in what. */
function threadWords(d: JointData, lean: number, endGrain: boolean): string {
	if (d.pockets) return ` × ${lean.toFixed(4)}: in the face, leaning ${POCKET.angle}°`;
	if (endGrain) return ' × 0: end grain';
	const ply = stock(d.main).kind === 'ply';
	return ply ? ` × ${PLY_EDGE}: half a face's in the edge of ply, a judgement: none is published` : '';
}

function steps(d: JointData, loads: readonly MemberLoad[], duration = CD_STORAGE): MemberStep[] {
	if (across(loads) === 0) return [];
	const bare = noScrewsIn(d.head, d.main);
	if (bare) return [unjudged(d, loads, bare.title)];
	const h = screwHolds(d, duration);
	const W = Math.min(h.withdrawal, h.pullThrough);
	const allowed = (T: Newtons, Z: Newtons) => combinedAllowable(W, h.lateral, T, Z).allowed;
	const strained = (T: Newtons, Z: Newtons) => {
		const asked = Math.hypot(T, Z);
		return asked === 0 ? 0 : asked / allowed(T, Z);
	};
	const counts = W > 0 || h.lateral > 0;
	// Where nothing holds at all, the hardest asked is the worst.
	const { V, M, T, Z: each, pulling, across: sharing } = worstAsked(d, loads, counts ? strained : Math.hypot);
	const n = d.heights.length;
	const asked = Math.hypot(T, each);
	const ply = stock(d.main).kind === 'ply';
	const enough = h.penetration >= h.needed - 1e-9;
	const lines = (): SumLine[] => [
		...(M === 0
			? []
			: [
					{
						label: 'turns it',
						sum: phrase(`{V} at {e} out, about ${d.about}`, { V: newtons(V), e: mm(M / V) }),
						result: moment(M)
					},
					{
						label: 'pull on one',
						sum: d.along
							? phrase('{M} / {y} / {k}: as many of {n} screws share it where it stands', {
									M: moment(M),
									y: mm(Math.max(...d.heights)),
									k: ratio(pulling),
									n: count(n)
								})
							: phrase('{M} × {y} / sum of y²: {n} screws, the highest {y} above that', {
									M: moment(M),
									y: mm(Math.max(...d.heights)),
									n: count(n)
								}),
						result: newtons(T)
					}
				]),
		{
			label: 'across one',
			sum: phrase('{V} / {k} of {n} screws', { V: newtons(V), k: ratio(sharing), n: count(n) }),
			result: newtons(each)
		},
		{
			label: 'thread holds',
			sum: phrase(`{w} × {t} × ${duration}${threadWords(d, h.lean, h.factors.withdrawal === 0)}`, {
				w: perLength(h.perLength),
				t: mm(h.thread)
			}),
			result: newtons(h.withdrawal),
			source: 'NDS 2018 12.2-2'
		},
		{
			label: 'head holds',
			sum: d.pockets
				? phrase(
						`pulled through {t} under its pocket, at its angle${h.underEdge ? ', half for the edge of ply' : ''}`,
						{
							t: mm(h.under)
						}
					)
				: phrase(`pulled through {t} of ${stock(d.head).title}`, { t: mm(h.under) }),
			result: newtons(h.pullThrough),
			source: 'NDS 2018 12.2.5'
		},
		{
			label: 'across, it holds',
			sum: phrase(enough ? 'yield equations' : 'under 6 diameters in: counts for nothing'),
			result: newtons(h.lateral),
			source: 'NDS 2018 12.3; Technical Report 12'
		},
		{
			label: 'both at once',
			sum: phrase('√({T}² + {Z}²) against what is allowed along it', { T: newtons(T), Z: newtons(each) }),
			result: newtons(asked),
			source: 'NDS 2018 12.4-1'
		}
	];
	return [
		{
			key: `${d.name}-joint`,
			title: `${d.name}: its screws`,
			source: 'statics; NDS 2018 12.2, 12.3, 12.4',
			reason: phrase(
				d.held ? `${d.name}: its screws take its weight across` : `${d.name}: its screws, turning about ${d.about}`
			),
			demand: newtons(asked),
			capacity: newtons(allowed(T, each)),
			lines,
			notes:
				d.alone && ply
					? [phrase('Screws in the edge of ply are all that holds it: a block or gussets below take the turn off them')]
					: []
		}
	];
}

/** Somebody hangs on its outermost point. */
const grab = (d: JointData, at: GrabPoint): MemberStep[] =>
	d.held || noScrewsIn(d.head, d.main)
		? []
		: steps(d, [{ weight: GRAB, x: at.x, z: at.z }], CD_BUMP).map((step) => ({
				...step,
				title: `grab: ${step.title}`,
				basis: 'grab',
				source: 'ASTM F2057 load; NDS 2018 12.2, 12.3, 12.4',
				reason: phrase(`somebody hangs on the ${d.name}`),
				notes: []
			}));

/**
 * A knock sideways at its outermost point turns it about its far end, which presses on the board: its screws pull by
 * their distance from there. Two sides share it as a couple.
 */
function knocked(d: JointData, z: Millimetres): { M: NewtonMillimetres; T: Newtons; sum: SumLine['sum'] } {
	const M = KNOCK * z;
	const n = d.heights.length;
	if (d.along === null) {
		const apart = d.apart ?? d.width / 2;
		return {
			M,
			T: M / apart / n,
			sum: phrase('{M} / {a} / {n}: screws of one side', { M: moment(M), a: mm(apart), n: count(n) })
		};
	}
	const from = (end: Millimetres) => {
		const arms = (d.along ?? []).map((x) => Math.abs(x - end));
		const squares = arms.reduce((sum, a) => sum + a * a, 0);
		return squares > 0 ? (M * Math.max(...arms)) / squares : Infinity;
	};
	return {
		M,
		T: Math.max(from(0), from(d.width)),
		sum: phrase('{M} by the distances of {n} screws from its far end', { M: moment(M), n: count(n) })
	};
}

/** Told beside the verdict, as a grab is. */
function knock(d: JointData, at: GrabPoint): MemberStep[] {
	if (d.held || d.heights.length === 0 || noScrewsIn(d.head, d.main)) return [];
	const h = screwHolds(d, CD_BUMP);
	const W = Math.min(h.withdrawal, h.pullThrough);
	const { M, T, sum } = knocked(d, at.z);
	const Z = KNOCK / d.heights.length;
	const asked = Math.hypot(T, Z);
	const can = Number.isFinite(T) ? combinedAllowable(W, h.lateral, T, Z).allowed : 0;
	return [
		{
			key: `knock-${d.name}`,
			title: `knock: ${d.name}`,
			basis: 'grab',
			source: 'common practice; NDS 2018 12.2, 12.4',
			reason: phrase(`somebody knocks against the ${d.name} sideways`),
			demand: newtons(asked),
			capacity: newtons(can),
			lines: () => [
				{
					label: 'turns it',
					sum: phrase('{F} × {z}: at its outermost point', { F: newtons(KNOCK), z: mm(at.z) }),
					result: moment(M)
				},
				{ label: 'pull on one', sum, result: newtons(T) },
				{
					label: 'across one',
					sum: phrase('{F} / {n}', { F: newtons(KNOCK), n: count(d.heights.length) }),
					result: newtons(Z)
				},
				{
					label: 'both at once',
					sum: phrase('√({T}² + {Z}²)', { T: newtons(T), Z: newtons(Z) }),
					result: newtons(asked),
					source: 'NDS 2018 12.4-1'
				}
			]
		}
	];
}

export const jointMember = defineMember<JointData>({
	kind: 'screw-joint',
	measure: (_, loads) => turning(loads) + across(loads),
	steps: (d, loads) => steps(d, loads),
	grab,
	knock
});
