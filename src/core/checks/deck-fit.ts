import type { DeckHold } from '../carriers/hold';
import { lag } from '../materials/lags';
import { spacingMinimums } from '../mechanics/fasteners/spacing-minimums';
import type { RackPlaced } from '../places/rack/place';
import type { Wall } from '../plan/types';
import { claddingDepth } from '../survey/cladding-depth';
import { joistAt, joistMiddles } from '../survey/joists';
import { surveyed } from '../survey/supports';
import { mm, phrase, type Phrase } from '../units/phrase';
import type { Warning } from '../verdict/check';

type Say = (level: Warning['level'], message: Phrase) => void;

/**
 * A deck against the wall and the ceiling that it hangs from: lags of its ledger past their studs, of its spreader past
 * their joists.
 * @example deckFit(placed, plan.wall, (level, message) => ...)
 */
export function deckFit(p: RackPlaced, wall: Wall, say: Say): void {
	const { hold } = p.built;
	if (hold?.kind !== 'deck') return;
	say('mind', phrase('Hung over heads: a ladder on firm floor, a helper, the deck propped until the last lag is in'));
	if (!surveyed(wall)) say('mind', phrase('No studs surveyed: nothing to lag its ledger to'));
	else for (const s of p.screws) if (s.fault) say(s.barred ? 'stop' : 'mind', s.fault);
	const into = hold.ledger.length - hold.thickness - claddingDepth(wall.cladding);
	const through = p.screws.find((s) => s.support && !s.fault && into > s.support.depth);
	if (through)
		say('stop', phrase('A lag of the ledger comes out behind what it enters at {x@tape}', { x: mm(through.x) }));
	ceilingFit(p, hold, wall, say);
}

function ceilingFit(p: RackPlaced, hold: DeckHold, wall: Wall, say: Say): void {
	const { ceiling } = wall;
	if (!ceiling) return say('mind', phrase('No ceiling surveyed: nothing to hang it from'));
	if (ceiling.kind === 'slab') return say('mind', phrase('A slab holds no lags: its anchors are their maker’s word'));
	if (ceiling.kind === 'trusses')
		say('mind', phrase("Trusses: not without the maker's or an engineer's word. They carry the roof and nothing else"));
	const room = (hold.over ?? 0) - hold.high;
	if (room < 0) say('stop', phrase('It stands higher than the joists, by {h}', { h: mm(-room) }));
	if (ceiling.direction === 'across') acrossFit(p, hold, wall, say);
	else alongFit(p, hold, wall, say);
}

/** Wood that a lag wants beside it in a joist. */
const edgeOf = (hold: DeckHold) => spacingMinimums(lag(hold.spreader.lag), { acrossGrain: false, drilled: true }).edge;

/** Joists that run across the wall: each lag of the spreader is under one of them, or under nothing. */
function acrossFit(p: RackPlaced, hold: DeckHold, wall: Wall, say: Say): void {
	const { ceiling } = wall;
	if (!ceiling) return;
	const middles = joistMiddles(ceiling, wall.width);
	let held = 0;
	for (const along of hold.spreader.at) {
		const x = p.left + along;
		const joist = joistAt(wall, x, hold.hangLine);
		if (!joist) {
			const near = [...middles].sort((a, b) => Math.abs(a - x) - Math.abs(b - x))[0];
			if (near !== undefined)
				say(
					'mind',
					phrase('The spreader lag at {x@tape} is under no joist: the nearest is at {n@tape}', {
						x: mm(x),
						n: mm(near)
					})
				);
		} else if (ceiling.width / 2 - joist.off < edgeOf(hold) - 0.01)
			say(
				'mind',
				phrase('The spreader lag at {x@tape} stands too near to a side of its joist: it splits out', { x: mm(x) })
			);
		else held++;
	}
	if (held === 0)
		say('stop', phrase('No lag of the spreader is well under a joist: it would hang from the ceiling board'));
}

/** Joists that run along the wall: the hang line is under one of them, or the deck hangs from nothing. */
function alongFit(p: RackPlaced, hold: DeckHold, wall: Wall, say: Say): void {
	const { ceiling } = wall;
	if (!ceiling) return;
	const z = hold.hangLine;
	const joist = joistAt(wall, p.left, z);
	const near = [...joistMiddles(ceiling, wall.width)].sort((a, b) => Math.abs(a - z) - Math.abs(b - z))[0] ?? 0;
	const at = { z: mm(z), n: mm(near) };
	if (!joist)
		say('stop', phrase('The hang line, {z} out, is under no joist: they run along the wall, the nearest {n} out', at));
	else if (ceiling.width / 2 - joist.off < edgeOf(hold) - 0.01)
		say('mind', phrase('The hang line, {z} out, is too near to a side of its joist, whose middle is {n} out', at));
}
