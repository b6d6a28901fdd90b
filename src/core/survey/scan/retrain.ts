import type { Pilot } from '../../plan/types';
import type { Millimetres } from '../../units/quantity';
import type { FoundPiece } from './join-heights';
import { seen } from './signal';

/** A piece as it stands after pilot holes. */
export interface ProvedPiece extends FoundPiece {
	/** What the holes said of it. */
	proof: 'none' | 'wood' | 'nothing';
}

export interface Retrained {
	pieces: ProvedPiece[];
	/** The instrument showed everything so far to the right; negative to the left. Taken off. */
	offset: Millimetres;
	/** Standard error of that. */
	offsetError: Millimetres;
	/** Holes with wood where nothing was found. */
	unexplained: Pilot[];
}

/**
 * An instrument in a hand shows things off by about so much, before anything proves it: it counts in every error, until
 * holes say better.
 */
const OFFSET: Millimetres = 3;
/** A drill wanders, and a hole has a width. */
const DRILL: Millimetres = 1.5;
/** A hole misread: sawdust that was plaster, a gap between two plies. */
const MISREAD = 0.02;
const GRID = { reach: 30, step: 0.25 } as const;
/** Farther from every piece than this, beyond its edge, a hole says nothing of the instrument. */
const NEAR: Millimetres = 40;

const centreAt = (p: Pick<FoundPiece, 'x' | 'lean'>, y: number) => p.x + (p.lean * y) / 1000;

/** Chance of wood in a hole, if the piece stands `by` to the left of where it was shown. */
function woodChance(p: FoundPiece, hole: Pilot, by: Millimetres, spread: Millimetres): number {
	const c = centreAt(p, hole.y) - by;
	const inside = seen(hole.x, c - p.width / 2, spread) - seen(hole.x, c + p.width / 2, spread);
	return MISREAD + (1 - 2 * MISREAD) * inside;
}

/** Mean and spread of how far things are off, from holes that touch them and what is expected beforehand. */
function posterior(
	holes: readonly { piece: FoundPiece; hole: Pilot }[],
	before: { mean: number; spread: number }
): { mean: number; spread: number } {
	if (holes.length === 0) return before;
	let [all, first, second] = [0, 0, 0];
	for (let by = -GRID.reach; by <= GRID.reach; by += GRID.step) {
		let log = -0.5 * ((by - before.mean) / before.spread) ** 2;
		for (const { piece, hole } of holes) {
			const wood = woodChance(piece, hole, by, Math.hypot(piece.error, DRILL));
			log += Math.log(hole.hit === 'wood' ? wood : 1 - wood);
		}
		const w = Math.exp(log);
		all += w;
		first += w * by;
		second += w * by * by;
	}
	const mean = first / all;
	return { mean, spread: Math.sqrt(Math.max(0.01, second / all - mean * mean)) };
}

function proved(p: FoundPiece, holes: readonly Pilot[], offset: { mean: number; spread: number }): ProvedPiece {
	// What this piece alone is off, beside what all are.
	const own = posterior(
		holes.map((hole) => ({ piece: p, hole })),
		{ mean: offset.mean, spread: Math.hypot(offset.spread, p.error) }
	);
	const x = p.x - own.mean;
	let odds = p.confidence / (1 - Math.min(0.995, p.confidence));
	let proof: ProvedPiece['proof'] = 'none';
	for (const h of holes) {
		const off = Math.abs(h.x - centreAt({ x, lean: p.lean }, h.y));
		if (h.hit === 'wood' && off <= p.width / 2 + DRILL) {
			odds *= (1 - MISREAD) / 0.06;
			proof = 'wood';
		}
		if (h.hit === 'nothing' && off <= p.width / 4) {
			odds *= MISREAD / (1 - MISREAD);
			if (proof === 'none') proof = 'nothing';
		}
	}
	const marks = p.marks.map((m) => ({ x: Math.round((m.x - own.mean) * 10) / 10, y: m.y }));
	return {
		...p,
		x,
		marks,
		error: Math.round(10 * Math.max(0.5, own.spread)) / 10,
		confidence: Math.round((1000 * odds) / (1 + odds)) / 1000,
		proof
	};
}

/**
 * Takes pilot holes into account: how far the instrument shows things to one side, where each piece stands, and whether
 * it is one at all. The method is Bayes' rule on a grid: expected beforehand, off by 3 mm or so; each hole says wood or
 * nothing.
 * @example retrain(pieces, [{ id: 'p', x: 812, y: 1200, hit: 'wood' }]).pieces[0]?.proof // 'wood'
 */
export function retrain(pieces: readonly FoundPiece[], pilots: readonly Pilot[]): Retrained {
	const studs = pieces.filter((p) => p.kind === 'stud');
	const touching = pilots.flatMap((hole) => {
		const near = studs
			.map((piece) => ({ piece, hole, off: Math.abs(hole.x - centreAt(piece, hole.y)) - piece.width / 2 }))
			.filter((t) => t.off < NEAR);
		return near.sort((a, b) => a.off - b.off).slice(0, 1);
	});
	// A piece without any wood in it may not be one: it says nothing of where the instrument is off.
	const wooden = new Set(touching.filter((t) => t.hole.hit === 'wood').map((t) => t.piece));
	const offset = posterior(
		touching.filter((t) => wooden.has(t.piece)),
		{ mean: 0, spread: OFFSET }
	);
	return {
		pieces: pieces.map((p) =>
			proved(
				p,
				touching.filter((t) => t.piece === p).map((t) => t.hole),
				offset
			)
		),
		offset: offset.mean,
		offsetError: offset.spread,
		unexplained: pilots.filter((hole) => hole.hit === 'wood' && !touching.some((t) => t.hole === hole))
	};
}
