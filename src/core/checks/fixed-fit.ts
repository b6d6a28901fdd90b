import { LEAST_PENETRATION } from '../mechanics/fasteners/joint';
import { screwDiameter } from '../materials/screws';
import { stock } from '../materials/stocks';
import { rowProfile } from '../plan/profile';
import type { Row, Wall } from '../plan/types';
import { overlap, type Box } from '../survey/box';
import { claddingDepth } from '../survey/cladding-depth';
import { floorAt } from '../survey/outline';
import { ledgeBox } from '../survey/packing';
import { FAR_WORDS } from '../survey/row-fit';
import { surveyed } from '../survey/supports';
import { count, mm, phrase, type Phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';
import type { Warning } from '../verdict/check';
import type { FixedPlaced } from '../places/fixed/place';

type Say = (level: Warning['level'], message: Phrase) => void;

const OPENINGS = new Set(['window', 'door', 'overhead-door']);
/** A foot is what lies this far above the lower edge of a back: it turns about that. */
const FOOT: Millimetres = 15;

/** The wall a row takes: its cleat, and its backer sheet. */
export function rowBox(row: Row, kerf: Millimetres): Box {
	const low = row.y - (row.backer?.below ?? 0);
	const high = row.backer ? low + row.backer.height : row.y + rowProfile(row, kerf).front;
	return { left: row.left, right: row.right, low, high };
}

/** What a back lies on must be flat and there. */
function behindIt(p: FixedPlaced, rows: readonly Row[], wall: Wall, kerf: Millimetres, say: Say): void {
	const face: Box = { left: p.left, right: p.right, low: p.foot, high: p.top };
	for (const row of rows)
		if (overlap(face, rowBox(row, kerf)))
			say(
				'stop',
				phrase('{row} is in its place: a back screwed to the wall lies on nothing but the wall', {
					row: row.name || 'A row'
				})
			);
	for (const l of wall.ledges ?? [])
		if (overlap(face, ledgeBox(wall, l)))
			say(
				'stop',
				phrase('{name} stands {out} proud behind it: it does not lie flat', {
					name: l.name || 'A ledge',
					out: mm(l.out)
				})
			);
	const foot: Box = { ...face, high: p.foot + FOOT };
	for (const o of wall.obstructions)
		if (OPENINGS.has(o.kind) && overlap(foot, { left: o.x, right: o.x + o.width, low: o.y, high: o.y + o.height }))
			say('stop', phrase('Behind its foot is an opening: it has nothing to turn about'));
}

/** Screws long enough, and not too long. */
function lengths(p: FixedPlaced, wall: Wall, say: Say): void {
	const { screws } = p.holder.mount;
	const into = screws.length - stock(p.holder.back.stock).thickness - claddingDepth(wall.cladding);
	const l = mm(screws.length);
	const { build } = wall;
	if (build?.kind === 'masonry') {
		if (into < build.plug.length)
			say(
				'stop',
				phrase('Screws of {l} enter the wall by {in}: the plug is {p} long, and they must reach its end', {
					l,
					in: mm(Math.max(0, into)),
					p: mm(build.plug.length)
				})
			);
		if (into + build.plug.diameter > build.thickness)
			say(
				'stop',
				phrase('A hole for screws of {l} comes out behind the wall, {t} thick', { l, t: mm(build.thickness) })
			);
		return;
	}
	const needed = LEAST_PENETRATION['wood-screw'] * screwDiameter(screws.size);
	if (into < needed)
		say(
			'stop',
			phrase('Screws of {l} enter by {in}; under {need} (6 diameters) counts for nothing', {
				l,
				in: mm(Math.max(0, into)),
				need: mm(needed)
			})
		);
	const through = p.columns.find((c) => into > c.support.depth);
	if (through)
		say(
			'stop',
			phrase(
				`Screws of {l} come out behind what they enter at {x@tape}, which is {d} deep${
					wall.far ? `, into ${FAR_WORDS[wall.far.kind]}` : ''
				}`,
				{ l, x: mm(through.x), d: mm(through.support.depth) }
			)
		);
}

/** Which studs it catches, and what to do where that is too few. */
function caught(p: FixedPlaced, wall: Wall, say: Say): void {
	const [only] = p.columns;
	const framed = (wall.build?.kind ?? 'framed') === 'framed';
	if (!framed || !surveyed(wall)) return;
	const studs = wall.studs.map((s) => s.x).sort((a, b) => a - b);
	if (!only) {
		const near = [...studs].sort(
			(a, b) => Math.abs(a - (p.left + p.right) / 2) - Math.abs(b - (p.left + p.right) / 2)
		)[0];
		if (near !== undefined)
			say(
				'stop',
				phrase('It catches no stud: the nearest is at {x@tape}. Move it there, widen it, or put a block in', {
					x: mm(near)
				})
			);
		return;
	}
	if (p.columns.length > 1 || only.support.member === 'blocking') return;
	const next = studs
		.filter((x) => Math.abs(x - only.x) > only.support.width)
		.sort((a, b) => Math.abs(a - only.x) - Math.abs(b - only.x))[0];
	if (next !== undefined)
		say(
			'mind',
			phrase('It catches one stud, at {x@tape}, and turns about it: the next is at {next@tape}, so at least {w} wide', {
				x: mm(only.x),
				next: mm(next),
				w: mm(Math.abs(next - only.x) + 2 * MARGIN)
			})
		);
}

/** Wood past a screw at the end of a back, about. */
const MARGIN: Millimetres = 40;

/** A foot no higher than this stands on the floor. */
const STANDS: Millimetres = 2;

/** The floor carries what stands on it only as long as it does: nothing is counted on it. */
function onFloor(p: FixedPlaced, wall: Wall, say: Say): void {
	const floor = Math.max(floorAt(wall, p.left), floorAt(wall, p.right));
	if (p.foot >= floor && p.foot - floor <= STANDS)
		say(
			'mind',
			phrase(
				'It stands on the floor, which is counted for nothing: a floor sinks, and wood at its foot rots. Its screws are judged for all of it'
			)
		);
}

/**
 * A holder that is screwed to the wall against what is behind and below it: the floor, rows, ledges, openings, the
 * studs it catches, how long its screws are, and those that count for nothing.
 */
export function fixedFit(p: FixedPlaced, rows: readonly Row[], wall: Wall, kerf: Millimetres, say: Say): void {
	onFloor(p, wall, say);
	behindIt(p, rows, wall, kerf, say);
	if (!surveyed(wall)) return say('mind', phrase('No studs surveyed: nothing to screw to'));
	lengths(p, wall, say);
	caught(p, wall, say);
	const missed = p.screws.filter((s) => s.fault);
	for (const s of missed) say(s.barred ? 'stop' : 'mind', s.fault as Phrase);
	if (missed.length > 0 && missed.length < p.screws.length)
		say(
			'mind',
			phrase('{n} of its {all} screws count', {
				n: count(p.screws.length - missed.length),
				all: count(p.screws.length)
			})
		);
}
