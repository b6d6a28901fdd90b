import { nth } from '../../nth';
import { screwDiameter } from '../../materials/screws';
import { stock } from '../../materials/stocks';
import type { PegRackParams } from '../../plan/types';
import { count, mm, phrase } from '../../units/phrase';
import { spacingPitch } from '../spacing';
import type { BuiltHolder, Hole, HolderContext, HookScrew } from '../types';

type Found = BuiltHolder['warnings'][number];

/** Wood left between a drill's point and the far side of a blind hole. */
const LEAD_POINT = 3;
/** A screw and a hole, or two screws, nearer than this are counted as meeting. */
const CLEAR = 2;
/** A hole nearer to an edge than this many diameters may split the board. */
const EDGE = 1.5;

/** Do a hook screw and a peg hole meet inside the face? */
export function screwMeetsHole(screw: HookScrew, screwDiameter: number, hole: Hole, faceThickness: number): boolean {
	const near = (screwDiameter + hole.diameter) / 2 + CLEAR;
	const across = Math.hypot(screw.x - hole.x, screw.y - hole.y) < near;
	return across && screw.inFace + hole.depth > faceThickness;
}

function screwWarnings(p: PegRackParams, c: HolderContext, built: BuiltHolder): Found[] {
	const found: Found[] = [];
	const { length, size } = p.hook.screws;
	const through = c.profile.thickness + built.face.thickness;
	if (length > through) {
		found.push({
			level: 'stop',
			message: phrase('Hook screws of {l} poke out: hook and face together are {t}', { l: mm(length), t: mm(through) })
		});
	} else if (length > through - LEAD_POINT) {
		found.push({
			level: 'mind',
			message: phrase('Hook screws of {l} end {left} under the surface: they may show', {
				l: mm(length),
				left: mm(through - length)
			})
		});
	}
	const first = p.hook.from === 'back' ? c.profile.thickness : built.face.thickness;
	if (length <= first) {
		found.push({
			level: 'stop',
			message: phrase('Hook screws of {l} do not reach through {t}', { l: mm(length), t: mm(first) })
		});
	}
	const meet = built.hookScrews.filter((s) =>
		built.holes.some((h) => screwMeetsHole(s, screwDiameter(size), h, built.face.thickness))
	);
	if (meet.length > 0) {
		found.push({
			level: 'stop',
			message: phrase('{n} of the hook screws meet a peg in the face: lower the pegs or change the number of screws', {
				n: count(meet.length)
			})
		});
	}
	return found;
}

function pegWarnings(p: PegRackParams, built: BuiltHolder): Found[] {
	const found: Found[] = [];
	const { pegs, face } = p;
	const xs = built.holes.map((h) => h.x);
	const left = Math.min(...xs, face.width - Math.max(...xs), pegs.height, face.height - pegs.height);
	if (left < pegs.diameter / 2) {
		found.push({
			level: 'stop',
			message: phrase('A peg runs out of the face: its centre is {left} from the edge', { left: mm(left) })
		});
	} else if (left < EDGE * pegs.diameter) {
		found.push({
			level: 'mind',
			message: phrase('A peg hole stands {left} from the edge, less than 1.5 times its width: the face may split', {
				left: mm(left)
			})
		});
	}
	const sorted = [...xs].sort((a, b) => a - b);
	const closest = Math.min(...sorted.slice(1).map((x, i) => x - nth(sorted, i)));
	if (closest < pegs.diameter + CLEAR) {
		found.push({
			level: 'stop',
			message: phrase('Pegs run into each other: {d} apart, centre to centre', { d: mm(closest) })
		});
	}
	if (pegs.spacing.count > 1 && p.load.mass > 0 && p.load.width > spacingPitch(face.width, pegs.spacing)) {
		found.push({
			level: 'mind',
			message: phrase('What hangs is {w} wide, but the seats are {p} apart', {
				w: mm(p.load.width),
				p: mm(spacingPitch(face.width, pegs.spacing))
			})
		});
	}
	if (pegs.depth < built.face.thickness && pegs.depth + LEAD_POINT > built.face.thickness) {
		found.push({
			level: 'mind',
			message: phrase(
				"A blind hole {d} deep leaves too little for the bit's point in {t}: drill through, or stop at {max}",
				{
					d: mm(pegs.depth),
					t: mm(built.face.thickness),
					max: mm(built.face.thickness - LEAD_POINT)
				}
			)
		});
	}
	if (p.load.mass > 0 && p.load.perSeat * p.load.thickness > pegs.projection) {
		found.push({
			level: 'mind',
			message: phrase('{n} a seat take {need} of peg; the pegs stand out {has}', {
				n: count(p.load.perSeat),
				need: mm(p.load.perSeat * p.load.thickness),
				has: mm(pegs.projection)
			})
		});
	}
	if (pegs.tilt === 0) {
		found.push({ level: 'mind', message: phrase('Level pegs let things walk off: tilt them up 5 to 10 degrees') });
	}
	return found;
}

const RANK: Record<Found['level'], number> = { stop: 0, mind: 1 };

function stripWords(p: PegRackParams): string {
	if (p.secondHook) return 'hooks need';
	return p.spacer ? 'hook and spacer need' : 'hook needs';
}

function boardWarnings(p: PegRackParams, c: HolderContext): Found[] {
	const found: Found[] = [];
	const board = stock(p.face.stock);
	if (p.face.height > board.width) {
		found.push({
			level: 'stop',
			message: phrase(`The face is {h} high, but ${board.title} is {w} wide`, {
				h: mm(p.face.height),
				w: mm(board.width)
			})
		});
	}
	const strips = c.profile.front * (1 + (p.spacer ? 1 : 0) + (p.secondHook ? 1 : 0));
	if (p.face.height < strips) {
		found.push({
			level: 'stop',
			message: phrase(`The face is {h} high; its ${stripWords(p)} {s}`, { h: mm(p.face.height), s: mm(strips) })
		});
	}
	return found;
}

/** What is wrong with a peg rack's own build, worst first. */
export function pegRackWarnings(params: PegRackParams, context: HolderContext, built: BuiltHolder): Found[] {
	const all = [
		...boardWarnings(params, context),
		...screwWarnings(params, context, built),
		...pegWarnings(params, built)
	];
	return all.sort((a, b) => RANK[a.level] - RANK[b.level]);
}
