import { type CarrierContext, type Found, type Load } from '../../carriers/carrier';
import { findings } from '../../carriers/findings';
import { stock } from '../../materials/stocks';
import { strapOf } from '../../materials/steel';
import { lastOf, nth } from '../../nth';
import { mm, phrase } from '../../units/phrase';
import { type Millimetres } from '../../units/quantity';
import { ascending } from '../boards-on';

import { frameOf, gridOf, type DeckParams } from './fields';

/** A bin comes off another with so much room over it. */
const AIR: Millimetres = 30;

/** Figures of a deck that do not go together, and bins that do not come out. */
export function deckFindings(p: DeckParams, { loads, over }: CarrierContext): Found[] {
	const { found, say } = findings();
	const [load] = loads;
	const { top } = frameOf(p);
	const strap = strapOf(p.hangers.strap);
	for (const x of p.hangers.at)
		if (x < strap.width / 2 || x > p.width - strap.width / 2)
			say('stop', 'hangers', phrase('A hanger at {x@tape} is not on the deck', { x: mm(x) }));
	for (const x of p.ledger.at)
		if (x < 0 || x > p.width)
			say('stop', 'ledger', phrase('A lag of the ledger at {x@tape} is past its end', { x: mm(x) }));
	for (const x of p.spreader.at)
		if (x < -p.spreader.beyond || x > p.width + p.spreader.beyond)
			say('stop', 'spreader', phrase('A lag of the spreader at {x@tape} is past its end', { x: mm(x) }));
	if (p.hangers.hole >= strap.width)
		say(
			'stop',
			'hangers',
			phrase('A hole of {h} leaves nothing of a strap of {w}', { h: mm(p.hangers.hole), w: mm(strap.width) })
		);
	if (p.hangers.into > stock(p.spreader.stock).thickness + 0.05)
		say(
			'mind',
			'hangers',
			phrase('A lag {l} long in the wood comes through the spreader: only {t} of it is counted', {
				l: mm(p.hangers.into),
				t: mm(stock(p.spreader.stock).thickness)
			})
		);
	if (!load || load.count === 0) return found;
	binWarnings(p, load, over ?? null, top, say);
	return found;
}

function binWarnings(
	p: DeckParams,
	load: Load,
	over: Millimetres | null,
	top: Millimetres,
	say: ReturnType<typeof findings>['say']
) {
	if (load.width > p.width || load.depth > p.depth)
		say(
			'stop',
			'loads.0',
			phrase('A bin of {w} by {d} does not stand on a deck of {W} by {D}', {
				w: mm(load.width),
				d: mm(load.depth),
				W: mm(p.width),
				D: mm(p.depth)
			})
		);
	const { columns, rows } = gridOf(p, load);
	const high = Math.min(p.layers, Math.ceil(load.count / (columns * rows))) * load.height;
	const room = over === null ? null : over - top - p.spreader.board - stock(p.spreader.stock).thickness;
	if (room !== null && high + p.lip + AIR > room)
		say(
			high > room ? 'stop' : 'mind',
			'layers',
			phrase('Bins {h} high under the spreader, {r} of room: they do not come out over the lip', {
				h: mm(high),
				r: mm(Math.max(0, room))
			})
		);
	const at = ascending(p.hangers.at);
	const gaps = [nth(at, 0), ...at.slice(1).map((x, i) => x - nth(at, i)), p.width - lastOf(at)];
	const widest = Math.max(...gaps) - strapOf(p.hangers.strap).width;
	if (widest < load.width)
		say(
			'stop',
			'hangers',
			phrase('A bin {w} wide does not come out between hangers {g} apart', { w: mm(load.width), g: mm(widest) })
		);
}
