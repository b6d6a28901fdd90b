import { stock } from '../../materials/stocks';
import { screw, THREAD_SHARE } from '../../materials/screws';
import { angle, count, mm, moment, newtons, perLength, phrase, stress } from '../../units/phrase';
import { checkOf, marginOf, type Check, type SumLine } from '../check';
import { CD_STORAGE } from '../fasteners/joint';
import { headPullThrough, withdrawalPerLength } from '../fasteners/withdrawal';
import type { Placed } from '../place';
import { hookRoll } from '../statics/roll';
import { headLine, threadLine } from './joint-lines';

/** Allowable tension across the grain, as a share of the allowable shear: NDS 2018 3.8.2 forbids relying on more. */
const ACROSS_GRAIN = 1 / 3;

/**
 * The hook's own joint: its load rolls it about its top edge and pulls its screws out of the face.
 * Glue is credited only as a second line: it can make a joint whose screws are short "close", not more.
 */
export function hookCheck(p: Placed, weight: number): Check {
	const { hook, face } = p.holder.params;
	const { profile } = p;
	const board = stock(face.stock);
	const cleat = stock(p.row.stock);
	const fastener = screw(hook.screws.size);
	const fromBack = hook.from === 'back';
	const bevelToTop = (profile.back + profile.front) / 2;
	const screwToTop = profile.back / 2;
	const M = hookRoll(weight, profile.bevel, bevelToTop, profile.thickness);
	const each = M / screwToTop / hook.screws.count;

	const first = fromBack ? profile.thickness : board.thickness;
	const into = fromBack ? board.thickness : profile.thickness;
	const held = fromBack ? board : cleat;
	const under = fromBack ? cleat : board;
	const thread = Math.max(0, Math.min(hook.screws.length - first, into, hook.screws.length * THREAD_SHARE));
	const perMm = withdrawalPerLength(fastener, held.G);
	const withdrawal = perMm * thread * CD_STORAGE;
	const head = headPullThrough(fastener.head, under.thickness, under.G) * CD_STORAGE;
	const axial = Math.min(withdrawal, head);
	const margin = marginOf(axial, each);

	const glue = hook.glued ? glueLine(M, face.width, profile.back, Math.min(board.Fv, cleat.Fv)) : null;
	const lines = (): SumLine[] => [
		{
			label: 'roll of the hook',
			sum: phrase('{w} × tan {b} × {k} + {w} × {t} / 2', { w: newtons(weight), b: angle(profile.bevel), k: mm(bevelToTop), t: mm(profile.thickness) }),
			result: moment(M)
		},
		{ label: 'pull on each', sum: phrase('{M} / {y} / {n}: shared by its screws', { M: moment(M), y: mm(screwToTop), n: count(hook.screws.count) }), result: newtons(each) },
		threadLine(fastener, held.G),
		{
			label: 'thread holds',
			sum: phrase('{W} × {p} × {cd}', { W: perLength(perMm), p: mm(thread), cd: String(CD_STORAGE) }),
			result: newtons(withdrawal)
		},
		headLine(fastener, under.thickness, under.G, CD_STORAGE),
		...(glue ? [glue.line()] : [])
	];
	const byGlue = glue !== null && margin !== null && margin < 1 && glue.margin >= 1.25;
	return checkOf(`holder:${p.holder.id}:hook`, { kind: 'holder', id: p.holder.id }, {
		title: 'hook',
		demand: newtons(each),
		capacity: newtons(axial),
		...(byGlue ? { verdict: 'close' as const } : {}),
		source: 'statics; NDS 2018 12.2',
		reason: byGlue ? phrase('hook: the glue carries it, its screws alone do not') : phrase('hook: its screws into the face'),
		lines,
		notes: p.holder.params.secondHook ? [phrase('Either hook must carry all of it: the rows are never exactly {e} right', { e: mm(1) })] : []
	});
}

function glueLine(M: number, length: number, height: number, Fv: number) {
	const peel = (6 * M) / (length * height ** 2);
	const allowed = Fv * CD_STORAGE * ACROSS_GRAIN;
	return {
		margin: peel > 0 ? allowed / peel : Infinity,
		line: (): SumLine => ({
			label: 'glue, second line',
			sum: phrase('6 × {M} / ({l} × {h}²): allowed {a}', { M: moment(M), l: mm(length), h: mm(height), a: stress(allowed) }),
			result: stress(peel),
			source: 'NDS 2018 3.8.2'
		})
	};
}
