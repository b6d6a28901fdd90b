import { checkPlan, type JudgedHolder, type PlanChecks } from '../checks/check-plan';
import type { MadeFor } from '../holders/holder-for';
import { roomBoxes } from '../holders/room-boxes';
import { placesById } from '../places/any-place';
import { applyCommand } from '../plan/commands';
import type { Carrier, Holder, Plan } from '../plan/types';
import { boxesMeet, type Box3, type Span } from '../solid/room';
import { mm, phrase, type Phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';
import type { Verdict } from '../verdict/check';
import type { Built } from '../holders/built';

/** A free place on the back of a holder that hangs already, where something small can stand as well. */
export interface Gap {
	holder: string;
	name: string;
	/** All carriers of that holder, the new one last. */
	carriers: Carrier[];
	where: Phrase;
	/** That holder with it. */
	judged: JudgedHolder;
}

/** Places are tried so far apart, and so many of a holder built: more make a press wait. */
const STEP: Millimetres = 20;
const MOST_BUILT = 4;
/** So many holders are looked at, those with most room first, and so many gaps offered. */
const MOST_HOLDERS = 12;
const MOST_GAPS = 3;
/** Fingers go between. */
const CLEAR: Millimetres = 6;

const by = ([a, b]: Span, d: Millimetres): Span => [a + d, b + d];
const moved = ({ x, y, z }: Box3, dx: Millimetres, dy: Millimetres): Box3 => ({ x: by(x, dx), y: by(y, dy), z });
const wider = ({ x, y, z }: Box3): Box3 => ({
	x: [x[0] - CLEAR, x[1] + CLEAR],
	y: [y[0] - CLEAR, y[1] + CLEAR],
	z: [z[0] - CLEAR, z[1] + CLEAR]
});

/** What a carrier and its things take, from where it stands on its back. */
function roomOf(built: Built, { id, at }: Carrier): Box3[] {
	return roomBoxes(built).flatMap(({ carrier, box }) =>
		carrier === id ? [{ ...moved(box, -at.x, -at.y), z: by(box.z, -built.front) }] : []
	);
}

/** Places on a back where its boxes meet nothing: from the middle of what is free outward. */
function freePlaces(there: Built, room: readonly Box3[]): { x: Millimetres; y: Millimetres }[] {
	const taken = roomBoxes(there).flatMap(({ carrier, box }) => (carrier === null ? [] : [wider(box)]));
	const left = Math.min(...room.map((b) => b.x[0]));
	const right = Math.max(...room.map((b) => b.x[1]));
	const { width, height } = there.face;
	const found: { x: Millimetres; y: Millimetres; clear: number }[] = [];
	for (let x = CLEAR - left; x + right <= width - CLEAR; x += STEP)
		for (let y = 0; y <= height; y += STEP) {
			const here = room.map((b) => ({ ...moved(b, x, y), z: by(b.z, there.front) }));
			if (here.some((b) => taken.some((t) => boxesMeet(b, t)))) continue;
			const clear = Math.min(
				...taken.map((t) => Math.max(t.x[0] - (x + right), x + left - t.x[1], 0) ** 2),
				(x + left) ** 2,
				(width - x - right) ** 2
			);
			found.push({ x, y, clear });
		}
	return found.sort((a, b) => b.clear - a.clear);
}

/** What of a holder's back nothing covers, about. */
const freeArea = ({ face, carriers }: Built): number =>
	face.width * face.height -
	carriers.reduce((sum, { taken: t }) => sum + Math.max(0, t.right - t.left) * Math.max(0, t.high - t.low), 0);

/** An id that no carrier of a holder has. */
function freeId({ carriers }: Holder): string {
	let n = carriers.length + 1;
	while (carriers.some((c) => c.id === `c${n}`)) n++;
	return `c${n}`;
}

const fails = (verdict: Verdict | undefined) => verdict === 'does-not-hold' || verdict === 'cannot-be-built';

/** The best of the free places of one holder: where it can be built and judged no worse than it was. */
function gapOn(
	plan: Plan,
	holder: Holder,
	built: Built,
	now: PlanChecks['holders'],
	made: MadeFor,
	room: Box3[]
): Gap | null {
	const [bare] = made.holder.carriers;
	if (!bare || !holder.back || holder.back.made.kind === 'battens') return null;
	for (const { x, y } of freePlaces(built, room).slice(0, MOST_BUILT)) {
		const carriers = [...holder.carriers, { ...bare, id: freeId(holder), at: { ...bare.at, x, y } }];
		const changed = applyCommand(plan, { kind: 'change', list: 'holders', id: holder.id, change: { carriers } });
		if (!changed.ok) continue;
		const after = checkPlan(changed.value.plan).holders;
		const judged = after.get(holder.id);
		if (!judged || judged.stop) continue;
		// Not at the price of what hangs there already, nor of what shares its row and studs.
		if ([...after].some(([other, { verdict }]) => fails(verdict) && !fails(now.get(other)?.verdict))) continue;
		return {
			holder: holder.id,
			name: holder.name,
			carriers,
			where: phrase('{x@tape} from its left end, {y@tape} up', { x: mm(x), y: mm(y) }),
			judged
		};
	}
	return null;
}

/**
 * Small things in what a holder leaves free: backs that hang already and have room for what was made for a thing.
 * @param made for it, on a back of its own
 * @param built that
 * @returns the best few, each judged with it
 * @example gapsFor(plan, offer.made, offer.built)[0]?.where
 */
export function gapsFor(plan: Plan, made: MadeFor, built: Built): Gap[] {
	const [carrier, ...more] = made.holder.carriers;
	if (!carrier || more.length > 0) return [];
	const room = roomOf(built, carrier);
	const places = placesById(plan);
	const now = checkPlan(plan).holders;
	const holders = plan.holders
		.flatMap((holder) => {
			const there = places.get(holder.id)?.built;
			return there && there.face.width >= built.face.width * 0.5 ? [{ holder, there, free: freeArea(there) }] : [];
		})
		.sort((a, b) => b.free - a.free)
		.slice(0, MOST_HOLDERS);
	const found: Gap[] = [];
	for (const { holder, there } of holders) {
		const before = now.get(holder.id);
		const gap = before && !before.stop ? gapOn(plan, holder, there, now, made, room) : null;
		if (gap) found.push(gap);
		if (found.length >= MOST_GAPS) break;
	}
	return found;
}
