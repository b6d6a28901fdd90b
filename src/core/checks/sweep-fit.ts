import { carrierKind } from '../kinds/registry';
import { roomBoxes } from '../holders/room-boxes';
import type { AnyPlaced } from '../places/any-place';
import type { Wall } from '../plan/types';
import { remembering } from '../remembering';
import { boxAbout, boxesMeet, meets, shifted, type Box3, type Solid } from '../solid/room';
import { nameOf } from '../survey/names';
import { lowestTop } from '../survey/outline';
import { sweptBy } from '../survey/swept';
import { mm, phrase, type Phrase } from '../units/phrase';
import type { Warning } from '../verdict/check';

type Say = (level: Warning['level'], message: Phrase) => void;

/** What opens on a holder, where it is on the wall. */
interface Opens {
	name: string;
	carrier: string;
	solids: readonly Solid[];
	about: readonly Box3[];
}

const opensOn = remembering((p: AnyPlaced): Opens[] =>
	p.built.sweeps.map(({ name, carrier, solids }) => {
		const here = solids.map((s) => shifted(s, [p.left, p.foot, 0]));
		return { name, carrier, solids: here, about: here.map(boxAbout) };
	})
);

/** All the room of a holder in one box. */
const around = ({ left, foot, built }: AnyPlaced): Box3 => ({
	x: [left + built.reach.left, left + built.reach.right],
	y: [foot + built.reach.low, foot + built.reach.high],
	z: [0, built.projection]
});

const hitsBox = (o: Opens, box: Box3) => o.about.some((b) => boxesMeet(b, box)) && o.solids.some((s) => meets(s, box));

/** Is any part or thing of a holder where something opens? @param but a carrier that does not count: its own */
function hitsParts(o: Opens, p: AnyPlaced, but?: string): { carrier: string | null } | undefined {
	return roomBoxes(p.built).find(
		({ carrier, box }) =>
			(but === undefined || (carrier !== but && carrier !== null)) &&
			hitsBox(o, {
				x: [box.x[0] + p.left, box.x[1] + p.left],
				y: [box.y[0] + p.foot, box.y[1] + p.foot],
				z: box.z
			})
	);
}

/** Against what was surveyed: what stands, what moves as well, ceiling and ends of the wall. */
function inRoom(wall: Wall, o: Opens, say: Say): void {
	for (const obstruction of wall.obstructions) {
		const { fixed, moving } = sweptBy(obstruction);
		const name = nameOf(obstruction);
		if (fixed.some((s) => s.kind === 'box' && hitsBox(o, s)))
			say('stop', phrase(`Its ${o.name} would hit {name} as it opens`, { name }));
		else if (moving.some((s) => o.about.some((b) => meets(s, b))))
			say('mind', phrase(`Its ${o.name} and {name} hit each other when both are open`, { name }));
	}
	const left = Math.min(...o.about.map((b) => b.x[0]));
	const right = Math.max(...o.about.map((b) => b.x[1]));
	const high = Math.max(...o.about.map((b) => b.y[1]));
	const ceiling = lowestTop(wall, Math.max(0, left), Math.min(wall.width, right));
	if (high > ceiling) say('stop', phrase(`Its ${o.name} would hit the ceiling, by {d}`, { d: mm(high - ceiling) }));
	if (left < -0.5 || right > wall.width + 0.5)
		say('mind', phrase(`Its ${o.name} opens out past the end of the wall: leave that free`));
}

/** Against what else hangs, and what opens there; and against what stands on its own back. */
function amongHolders(p: AnyPlaced, o: Opens, others: readonly AnyPlaced[], say: Say): void {
	const own = hitsParts(o, p, o.carrier);
	if (own) {
		const hit = p.holder.carriers.find((c) => c.id === own.carrier);
		say(
			'stop',
			phrase(`Its ${o.name} would hit ${hit ? carrierKind(hit.kind).title.toLowerCase() : 'what is'} beside it`)
		);
	}
	for (const other of others) {
		if (other === p) continue;
		const name = other.holder.name || 'another holder';
		if (o.about.some((b) => boxesMeet(b, around(other))) && hitsParts(o, other))
			say('stop', phrase(`Its ${o.name} would hit {name} as it opens`, { name }));
		else if (opensOn(other).some((x) => x.about.some((a) => o.about.some((b) => boxesMeet(a, b)))))
			say('mind', phrase(`Its ${o.name} and what opens on {name} hit each other when both are open`, { name }));
	}
}

/**
 * Doors, flaps and lids of all holders, held against everything they could hit on their way.
 * @example sweepWarnings(plan.wall, placed).map((w) => w.message.text)
 */
export function sweepWarnings(wall: Wall, all: readonly AnyPlaced[]): Warning[] {
	const found: Warning[] = [];
	for (const p of all) {
		const say: Say = (level, message) => found.push({ level, subject: { kind: 'holder', id: p.holder.id }, message });
		for (const o of opensOn(p)) {
			inRoom(wall, o, say);
			amongHolders(p, o, all, say);
		}
	}
	return found;
}
