import { builtOf } from '../places/any-place';
import type { Plan } from '../plan/types';
import { boundsOf } from '../solid/outline';
import type { Feature, Part } from '../solid/part';
import { canMake, type Answer, type Operation } from '../tools/can';
import type { Tool } from '../tools/tool';
import { angle, mm, phrase, type Phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';

/** One setting for something made in parts: a groove, a housing, slots, holes. */
export interface DetailStep {
	kind: 'groove' | 'housing' | 'recess' | 'slot' | 'hole';
	setting: Phrase;
	/** In which parts, and how often in all of each. */
	parts: { owner: string; part: string; times: number }[];
	by: Answer;
	instead: Phrase | null;
	cautions: Phrase[];
}

/** Sums are not exact; what comes so near an edge runs out of it, mm. */
const NEAR = 0.5;
/** Shorter than this a part is worked before it is cut off the long board: common practice, mm. */
const SHORTEST = 300;

/** What is cut with a wide cutter: from the nearer edge to the near side of it, how wide, how deep. */
interface Channel {
	kind: 'groove' | 'housing' | 'recess';
	near: Millimetres;
	wide: Millimetres;
}

/**
 * A pocket as a saw or a router sees it: a groove runs along the part from end to end, a housing across it; what does
 * neither is a recess.
 * @example channelOf(part, pocket) // { kind: 'groove', near: 12, wide: 6 }
 */
export function channelOf(
	part: Pick<Part, 'outline' | 'grain'>,
	{ path }: Extract<Feature, { kind: 'pocket' }>
): Channel {
	const [board, cut] = [boundsOf(part.outline.outer), boundsOf(path)];
	const throughX = cut.left <= board.left + NEAR && cut.right >= board.right - NEAR;
	const throughY = cut.low <= board.low + NEAR && cut.high >= board.high - NEAR;
	const upright = part.grain === 'y';
	if (throughX === throughY)
		return { kind: 'recess', near: 0, wide: Math.min(cut.right - cut.left, cut.high - cut.low) };
	const kind = throughX !== upright ? 'groove' : 'housing';
	return throughX
		? { kind, near: Math.max(0, Math.min(cut.low - board.low, board.high - cut.high)), wide: cut.high - cut.low }
		: { kind, near: Math.max(0, Math.min(cut.left - board.left, board.right - cut.right)), wide: cut.right - cut.left };
}

type Made = Pick<DetailStep, 'kind' | 'setting'> & { operation: Operation; key: string };

const round = (x: number) => x.toFixed(1);

function madeBy(part: Part, f: Feature): Made {
	switch (f.kind) {
		case 'bore': {
			const deep = f.through ? 'through' : '{l} deep';
			const tilt = f.tilt > 0 ? ', leaning {a}' : '';
			const values = { d: mm(f.diameter), l: mm(f.depth), a: angle(f.tilt) };
			return {
				kind: 'hole',
				setting: phrase(`Holes of {d}, ${deep}${tilt}`, values),
				operation: { kind: 'hole', diameter: f.diameter, depth: f.depth, ...(f.tilt > 0 ? { tilt: f.tilt } : {}) },
				key: `hole ${round(f.diameter)} ${f.through ? 'through' : round(f.depth)} ${round(f.tilt)}`
			};
		}
		case 'slot':
			return {
				kind: 'slot',
				setting: phrase('Slots {w} wide, {l} deep', { w: mm(f.width), l: mm(f.depth) }),
				operation: { kind: 'slot', depth: f.depth },
				key: `slot ${round(f.width)} ${round(f.depth)}`
			};
		case 'pocket': {
			const { kind, near, wide } = channelOf(part, f);
			const values = { w: mm(wide), l: mm(f.depth), n: mm(near) };
			const where = near > NEAR ? '; {n} from the fence to the near side of the cutter' : '; along the edge';
			return {
				kind,
				setting: phrase(`${f.name}: {w} wide, {l} deep${kind === 'recess' ? ', between its lines' : where}`, values),
				operation: { kind: 'slot', depth: f.depth },
				key: `${kind} ${round(wide)} ${round(f.depth)} ${round(near)}`
			};
		}
	}
}

const ORDER: readonly DetailStep['kind'][] = ['groove', 'housing', 'slot', 'recess', 'hole'];

const INSTEAD: Record<DetailStep['kind'], string> = {
	groove: 'Two saw cuts at its sides and a chisel between them; or borrow a router and a bit that reaches',
	housing: 'Saw its sides by hand to depth and chisel it out; or borrow a router and a bit that reaches',
	recess: 'By chisel between its lines; or borrow a router and a bit that reaches',
	slot: 'A hole at its end and two cuts with a hand saw; or borrow a jigsaw',
	hole: 'Borrow a bit of this size that reaches, or a press that goes so deep'
};

/**
 * What is made in the parts of all holders, each setting once: grooves and housings by the distance to the near side of
 * a wide cutter, slots, holes by bit and depth; held against the shop's tools.
 * @example detailWork(plan, shop.tools)[0]?.setting
 */
export function detailWork(plan: Plan, tools: readonly Tool[]): DetailStep[] {
	const found = new Map<string, DetailStep & { shortest: Millimetres }>();
	for (const holder of plan.holders) {
		for (const part of builtOf(plan, holder)?.parts ?? []) {
			if (part.material.kind === 'bought' || part.material.kind === 'driven') continue;
			const { left, right, low, high } = boundsOf(part.outline.outer);
			const long = Math.max(right - left, high - low);
			for (const f of part.features) {
				const { kind, setting, operation, key } = madeBy(part, f);
				const by = canMake(operation, tools);
				const instead = by.can === 'yes' ? null : phrase(INSTEAD[kind]);
				const fresh: DetailStep & { shortest: Millimetres } = {
					kind,
					setting,
					parts: [],
					by,
					instead,
					cautions: [],
					shortest: Infinity
				};
				const step = found.get(key) ?? fresh;
				found.set(key, step);
				step.shortest = Math.min(step.shortest, long);
				const same = step.parts.find((p) => p.owner === holder.name && p.part === part.name);
				if (same) same.times += part.stands.length;
				else step.parts.push({ owner: holder.name, part: part.name, times: part.stands.length });
			}
		}
	}
	return [...found.values()]
		.sort((a, b) => ORDER.indexOf(a.kind) - ORDER.indexOf(b.kind))
		.map(({ shortest, ...step }) => ({ ...step, cautions: cautionsOf(step.kind, shortest) }));
}

function cautionsOf(kind: DetailStep['kind'], shortest: Millimetres): Phrase[] {
	if (kind === 'hole') return [phrase('Clamp it over scrap wood, so that the bit does not tear out behind')];
	if (shortest >= SHORTEST) return [];
	return [
		phrase('The shortest is {l}: make it on the long board first, then cut it off; never a short piece on the saw', {
			l: mm(shortest)
		})
	];
}
