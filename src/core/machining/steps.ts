import type { CutPlan } from '../cutting/cut-plan';
import { seeded } from '../seeded';
import { canMake, type Answer } from '../tools/can';
import { canCrosscut } from '../tools/crosscut';
import { canCutMetal } from '../tools/cut-metal';
import type { Tool } from '../tools/tool';
import { angle, mass, mm, phrase, type Phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';
import { orderOf, type SetUp } from './order';
import { sawCutsOf, type SawCut } from './saw-cuts';

/** One setting of the saw and all that is cut at it. */
export interface SawStep {
	kind: 'break-down' | 'rip' | 'crosscut' | 'bevel' | 'metal';
	/** Where the fence, the stop or the slant stands. */
	setting: Phrase;
	cuts: SawCut[];
	/** Whether the shop's tools can, and which. */
	by: Answer;
	/** What to do where they cannot. */
	instead: Phrase | null;
	cautions: Phrase[];
	/** So many may be cut at once, held together; 1 where not. */
	gang: number;
}

/** What is done in each step, in a word or two. */
export const SAW_STEPS: Record<SawStep['kind'], string> = {
	'break-down': 'break down',
	rip: 'rip',
	crosscut: 'cut to length',
	bevel: 'slanted rip',
	metal: 'saw metal'
};

/** The work at the saw, in order. */
export interface SawWork {
	steps: SawStep[];
	/** No order sets the saw less often. */
	bound: number;
}

/** Shorter than this nothing is pushed along a fence: it turns and is thrown. Common practice, mm. */
const SHORTEST = 300;
/** Narrower than this the hand is kept off by a push stick: common practice, mm. */
const PUSH_STICK = 150;
/** Shorter than this a piece is held by a clamp, not by fingers, when it is cut off: common practice, mm. */
const HELD_BY_CLAMP = 150;

function kindOf(cut: SawCut): SawStep['kind'] {
	if (cut.metal) return 'metal';
	if (cut.heavy) return 'break-down';
	if (cut.setting.bevel !== 0) return 'bevel';
	return cut.setting.across ? 'crosscut' : 'rip';
}

const isRound = ({ group }: SawCut) => group.kind === 'rod' || group.kind === 'dowel';

/** How long what is sawn is along the cut, and how wide across it. */
function alongCut({ setting, from }: SawCut): { along: Millimetres; across: Millimetres } {
	return setting.across ? { along: from.width, across: from.length } : { along: from.length, across: from.width };
}

const most = (cuts: readonly SawCut[], of: (c: SawCut) => number) => Math.max(...cuts.map(of));
const least = (cuts: readonly SawCut[], of: (c: SawCut) => number) => Math.min(...cuts.map(of));

/** What the shop can rip this with: the narrower side runs along the fence. */
function ripBy(cuts: readonly SawCut[], tools: readonly Tool[]): Answer {
	const width = most(cuts, (c) => Math.min(c.setting.at, alongCut(c).across - c.setting.at));
	const length = most(cuts, (c) => alongCut(c).along);
	const tilt = Math.abs(cuts[0]?.setting.bevel ?? 0);
	const thickness = most(cuts, (c) => c.thickness);
	return canMake({ kind: 'rip', width, thickness, length, ...(tilt > 0 ? { tilt } : {}) }, tools);
}

/** Saws that are moved over what lies still: for what nobody pushes over a table. */
const movedAlong = (tools: readonly Tool[]) => tools.filter((t) => t.kind === 'circular-saw');

function toolFor(kind: SawStep['kind'], cuts: readonly SawCut[], tools: readonly Tool[]): Answer {
	const thickness = most(cuts, (c) => c.thickness);
	if (kind === 'metal') return canCutMetal({ across: thickness, tube: cuts[0]?.metal === 'tube' }, tools);
	if (kind === 'break-down') {
		const moved = movedAlong(tools);
		if (moved.length === 0) return { can: 'no', why: phrase('no circular saw'), tool: null };
		return canCrosscut({ width: most(cuts, (c) => alongCut(c).along), thickness }, moved);
	}
	if (kind === 'crosscut') return canCrosscut({ width: most(cuts, (c) => alongCut(c).along), thickness }, tools);
	return ripBy(cuts, tools);
}

/** Two cuts from either side meet where each goes so far beyond the middle, mm. */
const MEET = 1;

/** Saws for straight cuts whose guard stays on in a cut that does not go through: moved over it, or brought down. */
const HALF_THROUGH: readonly string[] = ['circular-saw', 'mitre-saw'];

/** Timber that no blade reaches through is cut half through and turned over: common practice. */
function halfThrough(kind: SawStep['kind'], cuts: readonly SawCut[], tools: readonly Tool[]): Phrase | null {
	if ((kind !== 'rip' && kind !== 'crosscut') || cuts.some(isRound)) return null;
	const thickness = most(cuts, (c) => c.thickness) / 2 + MEET;
	const saws = tools.filter((t) => HALF_THROUGH.includes(t.kind));
	const by =
		kind === 'crosscut'
			? canCrosscut({ width: most(cuts, (c) => alongCut(c).along), thickness }, saws)
			: canMake({ kind: 'rip', width: 0, thickness, length: 0 }, movedAlong(tools));
	if (by.can !== 'yes') return null;
	return phrase(
		`{d} deep with the ${by.why.text}, then turned over: the rest from the other side, on a line squared round`,
		{
			...by.why.values,
			d: mm(thickness)
		}
	);
}

function insteadOf(kind: SawStep['kind'], by: Answer, cuts: readonly SawCut[], tools: readonly Tool[]): Phrase | null {
	if (by.can === 'yes') return null;
	const turned = halfThrough(kind, cuts, tools);
	if (turned) return turned;
	const t = mm(most(cuts, (c) => c.thickness));
	const l = mm(most(cuts, (c) => alongCut(c).along));
	switch (kind) {
		case 'break-down':
			return phrase(
				'Have the store make these cuts, or borrow a circular saw that cuts {t} and a straight edge of {l}',
				{
					t,
					l
				}
			);
		case 'metal':
			return phrase('Borrow a hacksaw, or have it cut where it is sold; never on a saw for wood');
		case 'crosscut':
			return phrase('By hand along a square line, or borrow a saw that cuts {t} deep', { t });
		case 'rip':
			return phrase(
				'Along a straight edge of {l} with a circular saw that cuts {t}, borrowed; or have the store rip it',
				{
					l,
					t
				}
			);
		case 'bevel':
			return phrase('Borrow a saw that tilts to {a} and then cuts {t}; a slanted rip is no cut for the store', {
				a: angle(Math.abs(cuts[0]?.setting.bevel ?? 0)),
				t
			});
	}
}

function cautionsOf(kind: SawStep['kind'], cuts: readonly SawCut[]): Phrase[] {
	const found: Phrase[] = [];
	if (kind === 'metal')
		found.push(
			phrase('In a vice, or clamped; gloves for the ends, which are sharp until they are filed'),
			phrase('Sparks of a grinder set sawdust on fire: outdoors, or where all wood is cleared away')
		);
	if (kind === 'break-down')
		found.push(
			phrase('{m}: too heavy to lift alone. On the floor, on battens or foam; two people carry it', {
				m: mass(most(cuts, (c) => c.mass))
			}),
			phrase('These cuts are to size: along a clamped straight edge, the kerf beyond the line')
		);
	if (kind === 'rip' || kind === 'bevel') {
		const short = least(cuts, (c) => alongCut(c).along);
		if (short < SHORTEST)
			found.push(
				phrase(
					'A piece of {l} is too short for a fence: rip it by hand or on a band saw, or leave it on a longer one',
					{
						l: mm(short)
					}
				)
			);
		if (least(cuts, (c) => Math.min(c.setting.at, alongCut(c).across - c.setting.at)) < PUSH_STICK)
			found.push(phrase('Guard on; push stick between fence and blade; stand out of the line of the blade'));
	}
	if (kind === 'bevel')
		found.push(phrase('The fence on the side away from which the blade leans, so that nothing is trapped under it'));
	if (kind === 'crosscut') {
		if (isRound(cuts[0] as SawCut)) found.push(phrase('Round: in a V, so that it does not turn'));
		const short = least(cuts, (c) => c.setting.at);
		if (short < HELD_BY_CLAMP)
			found.push(phrase('{l} is short: clamp it, hands away; the stop clear of the blade', { l: mm(short) }));
	}
	return found;
}

function settingOf(kind: SawStep['kind'], { setting }: SawCut): Phrase {
	const at = mm(setting.at);
	switch (kind) {
		case 'break-down':
			return phrase(`{at} from the ${setting.across ? 'left end' : 'near edge'}, on the floor`, { at });
		case 'rip':
			return phrase('Fence at {at}', { at });
		case 'bevel':
			return phrase('Blade at {a}, fence at {at}', { a: angle(setting.bevel), at });
		case 'metal':
			return phrase('Mark at {at}', { at });
		case 'crosscut':
			return phrase('Stop at {at}', { at });
	}
}

/** How many lie on one another under the blade; sheets that are broken down, and slanted rips, go one by one. */
function gangOf(kind: SawStep['kind'], cuts: readonly SawCut[], by: Answer): number {
	const depth = by.tool?.limits.depth;
	// A round bar rolls: each is cut by itself.
	if (kind !== 'crosscut' || isRound(cuts[0] as SawCut) || by.can !== 'yes' || typeof depth !== 'number') return 1;
	const thickness = most(cuts, (c) => c.thickness);
	// What lies on one another is as wide: only cuts of one width are held together.
	const widths = new Set(cuts.map((c) => Math.round(alongCut(c).along)));
	return widths.size === 1 ? Math.max(1, Math.min(cuts.length, Math.floor(depth / thickness))) : 1;
}

function stepOf({ cuts }: SetUp, tools: readonly Tool[]): SawStep {
	const [first] = cuts as [SawCut];
	const kind = kindOf(first);
	const by = toolFor(kind, cuts, tools);
	return {
		kind,
		setting: settingOf(kind, first),
		cuts,
		by,
		instead: insteadOf(kind, by, cuts, tools),
		cautions: cautionsOf(kind, cuts),
		gang: gangOf(kind, cuts, by)
	};
}

/**
 * What is done at the saw for a cut plan, in the order that sets it least often: what is too heavy broken down first,
 * then rips and crosscuts, each setting once as far as it can be, slanted rips last; each held against the shop's
 * tools.
 * @example sawWork(cuts, shop.tools).steps.filter((s) => s.by.can === 'no')
 */
export function sawWork({ groups, kerf }: CutPlan, tools: readonly Tool[]): SawWork {
	const all = groups.flatMap((g) => sawCutsOf(g, kerf));
	const { setUps, bound } = orderOf(all, seeded(1));
	return { steps: setUps.map((s) => stepOf(s, tools)), bound };
}
