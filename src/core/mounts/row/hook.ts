import { spacingPositions } from '../../carriers/spacing';
import type { Found } from '../../carriers/carrier';
import type { CleatProfile } from '../../cleats/profile';
import { screw, screwDiameter } from '../../materials/screws';
import { stock } from '../../materials/stocks';
import { spacingMinimums } from '../../mechanics/fasteners/spacing-minimums';
import type { Back, Strips } from '../../plan/types';
import { count, mm, phrase } from '../../units/phrase';
import type { Millimetres } from '../../units/quantity';
import type { HeldByRow, Hole, HookScrew } from '../held';

/** Hook screws stand this far from the hook's ends. */
const HOOK_END: Millimetres = 40;
/** A screw and a hole, or two screws, nearer than this are counted as meeting. */
const CLEAR: Millimetres = 2;
/** Sizes that are called alike differ by less than this, in the last digits of an inch. */
const SAME: Millimetres = 0.01;
/** Wood left before a hook that is let in, at the least. */
const LEFT: Millimetres = 6;
/** Wood left over a screw's point, so that it does not show. */
const POINT: Millimetres = 3;

/** Wood of the back behind its hook: all of it, or what a recess leaves. */
export const woodAtHook = (
	back: Pick<Back, 'stock'>,
	{ recessed }: Pick<Strips, 'recessed'>,
	{ thickness }: Pick<CleatProfile, 'thickness'>
): Millimetres => Math.max(0, stock(back.stock).thickness - (recessed ? thickness : 0));

/** Screws between hook and back: half way up the hook's short side, spread over its length. */
export function hookScrews(back: Back, { profile, strips }: HeldByRow): HookScrew[] {
	const { width, height } = back;
	const { hook } = strips;
	// Measured down from its top edge, which is flush with the top of the back.
	const y = height - profile.back / 2;
	const { end } = spacingMinimums(screw(hook.screws.size), { acrossGrain: true, drilled: true });
	const margin = Math.min(HOOK_END, Math.max(width / 4, Math.min(end, width / 2)));
	const inFace = hook.from === 'back' ? hook.screws.length - profile.thickness : woodAtHook(back, strips, profile);
	return spacingPositions(width, { kind: 'end-margins', count: hook.screws.count, margin }).map((x) => ({
		x,
		y,
		from: hook.from,
		inFace
	}));
}

/** Do a hook screw and a hole meet inside the back? */
export function screwMeetsHole(s: HookScrew, diameter: Millimetres, hole: Hole, thickness: Millimetres): boolean {
	const near = (diameter + hole.diameter) / 2 + CLEAR;
	const across = Math.hypot(s.x - hole.x, s.y - hole.y) < near;
	return across && s.inFace + hole.depth > thickness;
}

/** What is wrong with the screws of a hook, and with the holes beside them. */
export function hookWarnings(
	back: Back,
	{ profile, strips }: HeldByRow,
	screws: readonly HookScrew[],
	holes: readonly Hole[]
): Found[] {
	const found: Found[] = [];
	const { length, size } = strips.hook.screws;
	const thickness = woodAtHook(back, strips, profile);
	const through = profile.thickness + thickness;
	if (length > through)
		found.push({
			level: 'stop',
			field: 'hook.screws.length',
			message: phrase('Hook screws of {l} poke out: hook and face together are {t}', { l: mm(length), t: mm(through) })
		});
	else if (length > through - POINT)
		found.push({
			level: 'mind',
			field: 'hook.screws.length',
			message: phrase('Hook screws of {l} end {left} under the surface: they may show', {
				l: mm(length),
				left: mm(through - length)
			})
		});
	const first = strips.hook.from === 'back' ? profile.thickness : thickness;
	if (length <= first)
		found.push({
			level: 'stop',
			field: 'hook.screws.length',
			message: phrase('Hook screws of {l} do not reach through {t}', { l: mm(length), t: mm(first) })
		});
	const meet = screws.filter((s) => holes.some((h) => screwMeetsHole(s, screwDiameter(size), h, thickness)));
	if (meet.length > 0)
		found.push({
			level: 'stop',
			field: 'hook.screws.count',
			message: phrase(
				'{n} of the hook screws meet a hole in the face: move what stands there, or change the number of screws',
				{ n: count(meet.length) }
			)
		});
	return found;
}

function stripWords(strips: Strips): string {
	if (strips.secondHook) return 'hooks need';
	return strips.spacer ? 'hook and spacer need' : 'hook needs';
}

/** The back is too low for the strips behind it, or too thin to let the hook in. */
export function stripWarnings(back: Back, { profile, strips }: HeldByRow): Found[] {
	const found: Found[] = [];
	const { spacer, secondHook, recessed } = strips;
	const need = profile.front * (1 + (spacer && !recessed ? 1 : 0) + (secondHook ? 1 : 0));
	if (back.height < need)
		found.push({
			level: 'stop',
			field: 'height',
			message: phrase(`The face is {h} high; its ${stripWords(strips)} {s}`, { h: mm(back.height), s: mm(need) })
		});
	if (strips.eitherEnd && (!spacer || recessed || secondHook))
		found.push({
			level: 'stop',
			field: 'eitherEnd',
			message: phrase('To hang by either end it needs a spacer at its foot, and its hook on the back, not let in')
		});
	if (back.made.kind === 'battens')
		found.push({
			level: 'stop',
			field: 'made',
			message: phrase('Battens stand by themselves: screw them to the wall, or hang one board')
		});
	if (recessed && secondHook)
		found.push({
			level: 'stop',
			field: 'secondHook',
			message: phrase('A back whose hook is let in lies flat on the wall: it cannot ride on a second row')
		});
	if (woodAtHook(back, strips, profile) < LEFT - SAME)
		found.push({
			level: 'stop',
			field: 'recessed',
			message: phrase('Let into {t}, a hook {c} thick leaves less than {l} before it: take a thicker board', {
				t: mm(stock(back.stock).thickness),
				c: mm(profile.thickness),
				l: mm(LEFT)
			})
		});
	return found;
}
