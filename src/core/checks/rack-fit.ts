import { anyFastener } from '../materials/any-fastener';
import { spacingMinimums } from '../mechanics/fasteners/spacing-minimums';
import type { RackPlaced } from '../places/rack/place';
import type { Row, Wall } from '../plan/types';
import { overlap } from '../survey/box';
import { claddingDepth } from '../survey/cladding-depth';
import { surveyed } from '../survey/supports';
import { FAR_WORDS } from '../survey/row-fit';
import { mm, phrase, type Phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';
import type { Warning } from '../verdict/check';
import { liftOff } from '../cleats/profile';
import { deckFit } from './deck-fit';
import { rowBox } from './fixed-fit';

type Say = (level: Warning['level'], message: Phrase) => void;

/** A screw in the wall: where it may go, what it enters, whether it comes out behind. */
function pinFit(p: RackPlaced, wall: Wall, say: Say): void {
	const { hold } = p.built;
	if (hold?.kind !== 'pin') return;
	if (!surveyed(wall)) return say('mind', phrase('No studs surveyed: nothing to drive it into'));
	for (const s of p.screws) if (s.fault) say(s.barred ? 'stop' : 'mind', s.fault);
	const [pin] = p.screws;
	const into = hold.length - hold.out - claddingDepth(wall.cladding);
	if (pin?.support && into > pin.support.depth)
		say(
			'stop',
			phrase(`Comes out behind what it enters, {d} deep${wall.far ? `, into ${FAR_WORDS[wall.far.kind]}` : ''}`, {
				d: mm(pin.support.depth)
			})
		);
}

/** Lags where none may go, past the stud, or out behind it; uprights that stand on no stud. */
function uprightsFit(p: RackPlaced, wall: Wall, say: Say): void {
	const { hold } = p.built;
	if (hold?.kind !== 'uprights') return;
	if (!surveyed(wall)) return say('mind', phrase('No studs surveyed: nothing to lag it to'));
	const n = hold.lags.at.length;
	hold.xs.forEach((along, i) => {
		const own = p.screws.slice(i * n, (i + 1) * n);
		const lost = own.filter((s) => s.fault);
		if (lost.length === own.length) {
			const x = p.left + along;
			const near = [...wall.studs].sort((a, b) => Math.abs(a.x - x) - Math.abs(b.x - x))[0];
			say(
				'stop',
				near
					? phrase('The upright at {x@tape} stands on no stud: the nearest is at {s@tape}', { x: mm(x), s: mm(near.x) })
					: phrase('The upright at {x@tape} stands on nothing that takes a lag', { x: mm(x) })
			);
			return;
		}
		for (const s of lost) say(s.barred ? 'stop' : 'mind', s.fault as Phrase);
	});
	const into = hold.lags.length - hold.depth - hold.packing - claddingDepth(wall.cladding);
	const { build } = wall;
	if (build?.kind === 'masonry' && into < build.plug.length)
		say(
			'stop',
			phrase('Screws of {l} enter the wall by {in}: the plug is {p} long, and they must reach its end', {
				l: mm(hold.lags.length),
				in: mm(Math.max(0, into)),
				p: mm(build.plug.length)
			})
		);
	const through = p.screws.find((s) => s.support && !s.fault && into > s.support.depth);
	if (through?.support)
		say(
			'stop',
			phrase(
				`Lags of {l} come out behind what they enter at {x@tape}, {d} deep${wall.far ? `, into ${FAR_WORDS[wall.far.kind]}` : ''}`,
				{
					l: mm(hold.lags.length),
					x: mm(through.x),
					d: mm(through.support.depth)
				}
			)
		);
}

/** What a child may pull at. */
const CHILD: Millimetres = 1200;

/** Hooks in no stud, and what hangs within a child's reach. */
function hooksFit(p: RackPlaced, wall: Wall, say: Say): void {
	const { hold } = p.built;
	if (hold?.kind !== 'hooks') return;
	if (!surveyed(wall)) return say('mind', phrase('No studs surveyed: nothing to drive it into'));
	for (const s of p.screws) if (s.fault) say('stop', s.fault);
	const into = hold.length - hold.out - claddingDepth(wall.cladding);
	const through = p.screws.find((s) => s.support && !s.fault && into > s.support.depth);
	if (through) say('stop', phrase('A hook comes out behind what it enters at {x@tape}', { x: mm(through.x) }));
	const lowest = Math.min(
		...p.built.seats.filter((s) => s.things.length > 0).map((s) => p.foot + s.at[1] - (s.load?.height ?? 0))
	);
	if (lowest < CHILD)
		say(
			'mind',
			phrase('What hangs there is within a child’s reach: it can be pulled down. The maker has the last word')
		);
}

/** What lies on it past the end of the wall: into a corner, a doorway, whoever goes by. */
function pastEnds(p: RackPlaced, wall: Wall, say: Say): void {
	const { left, right } = p.built.reach;
	const past = Math.max(-(p.left + left), p.left + right - wall.width);
	if (past > 0.5 && p.left >= 0 && p.right <= wall.width)
		say('mind', phrase('What lies on it reaches {d} past the end of the wall', { d: mm(past) }));
}

/** A row is where it is: what is driven into the wall cannot be there too. */
function besideRows(p: RackPlaced, rows: readonly Row[], kerf: Millimetres, say: Say): void {
	const taken = { left: p.left, right: p.right, low: p.foot, high: p.top };
	for (const row of rows)
		if (overlap(taken, rowBox(row, kerf))) say('stop', phrase('{row} is in its place', { row: row.name || 'A row' }));
}

/** Screws of something bought that enter nothing, or come out behind. */
function plateFit(p: RackPlaced, wall: Wall, say: Say): void {
	const { hold } = p.built;
	if (hold?.kind !== 'plate' && hold?.kind !== 'leaves') return;
	const thick = hold.kind === 'plate' ? hold.thickness : hold.out;
	if (!surveyed(wall)) return say('mind', phrase('No studs surveyed: nothing to screw it to'));
	for (const s of p.screws) if (s.fault) say(s.barred ? 'stop' : 'mind', s.fault);
	const into = hold.length - thick - claddingDepth(wall.cladding);
	const through = p.screws.find((s) => s.support && !s.fault && into > s.support.depth);
	if (through) say('stop', phrase('A screw comes out behind what it enters at {x@tape}', { x: mm(through.x) }));
}

/** What stands on the floor stands there; its screws enter something, or say so. */
function floorFit(p: RackPlaced, wall: Wall, say: Say): void {
	const { hold } = p.built;
	if (hold?.kind !== 'floor') return;
	const floor = wall.base ?? 0;
	if (Math.abs(p.foot - floor) > 1)
		say('stop', phrase('It stands on the floor: its foot is {h} off it', { h: mm(Math.abs(p.foot - floor)) }));
	if (surveyed(wall)) for (const s of p.screws) if (s.fault) say(s.barred ? 'stop' : 'mind', s.fault);
}

/** Tips of arms stand about so high that a head meets them. */
const HEADS = { low: 1300, high: 1950 } as const;

/** Arms past the ends of their row, notches that do not go over its cleat or over the row below. */
function armsFit(p: RackPlaced, say: Say): void {
	const { hold } = p.built;
	if (hold?.kind !== 'arms' || !p.on) return;
	const { row, profile } = p.on;
	for (const along of hold.xs) {
		const x = p.left + along;
		if (x - hold.width / 2 < row.left - 0.5 || x + hold.width / 2 > row.right + 0.5)
			say('stop', phrase('The arm at {x@tape} hangs past the end of its row', { x: mm(x) }));
	}
	const { notch } = hold;
	const at = { n: mm(notch.depth), t: mm(profile.thickness) };
	if (notch.depth < profile.thickness - 0.05)
		say('stop', phrase('A notch {n} deep does not go over a cleat {t} thick: its foot stands off the wall', at));
	const rise = profile.front + liftOff(profile);
	if (notch.high < rise)
		say(
			'stop',
			phrase('A notch {h} high does not lift over the cleat: {r} or more', { h: mm(notch.high), r: mm(rise) })
		);
	const lost = p.feet.find((f) => f !== null);
	if (lost === 'meets-row') say('stop', phrase('The uprights meet the row below: a notch over that, or shorter ones'));
	else if (lost) say('mind', phrase('Nothing is behind the foot of an arm: it leans on the edge of its own cleat'));
	const tip = p.foot + p.built.seatHeight;
	if (tip > HEADS.low && tip < HEADS.high && p.built.projection > 200)
		say('mind', phrase('Its arms end at head height, {h} up: round their corners', { h: mm(tip) }));
}

/** A screw in the end of a board: wood beside it, and nothing else there. */
function endFit(p: RackPlaced, say: Say): void {
	const { hold } = p.built;
	if (hold?.kind !== 'in-end' || !p.on) return;
	const { edge } = spacingMinimums(anyFastener(hold.fastener), { acrossGrain: true, drilled: true });
	const has = p.on.profile.thickness / 2;
	if (has < edge - 0.01)
		say(
			'mind',
			phrase('Stands {h} from the faces of the row; it needs {n}, or the end splits: a thinner one, drilled before', {
				h: mm(has),
				n: mm(edge)
			})
		);
}

/**
 * A rack against what it is driven into or stands on, beside what is said of every holder.
 * @example rackFit(placed, plan.rows, plan.wall, 3.2, (level, message) => ...)
 */
export function rackFit(p: RackPlaced, rows: readonly Row[], wall: Wall, kerf: Millimetres, say: Say): void {
	if (!p.on) besideRows(p, rows, kerf, say);
	pastEnds(p, wall, say);
	pinFit(p, wall, say);
	uprightsFit(p, wall, say);
	hooksFit(p, wall, say);
	endFit(p, say);
	armsFit(p, say);
	plateFit(p, wall, say);
	floorFit(p, wall, say);
	deckFit(p, wall, say);
	if (p.built.hold?.kind === 'rest' && !p.under)
		say('stop', phrase('Nothing is under it there: no ledge, no head of a door or window, no sheet behind a row'));
}
