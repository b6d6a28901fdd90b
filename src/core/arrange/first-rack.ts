import { carrierKind } from '../kinds/registry';
import { checkPlan } from '../checks/check-plan';
import { ON_WALL } from '../plan/carrier-problems';
import { alone } from '../plan/held';
import type { Carrier, Plan, Rack, RackMount } from '../plan/types';
import type { Built } from '../holders/built';
import { builtRack } from '../places/rack/place';
import { topAt } from '../survey/outline';
import { ledgeBox } from '../survey/packing';
import { joistMiddles } from '../survey/joists';
import { pitched } from '../survey/pitched';
import { supportsAt } from '../survey/supports';
import type { LengthUnit } from '../units/parse-length';
import type { Millimetres } from '../units/quantity';
import { worstFirst, type Verdict } from '../verdict/check';

/** Heights tried of what stands alone on the wall: about the chest, the shoulder, the hip. */
const HEIGHTS: readonly Millimetres[] = [1400, 1700, 1100, 2000, 800, 500];
/** What is higher than this stands near the floor. */
const TALL: Millimetres = 900;
const FEET: readonly Millimetres[] = [100, 300, 20];
/** Places tried in all: more make a press wait. */
const MOST = 60;

/**
 * A rack of a kind as it starts, or as it was made for a thing, held nowhere yet.
 * @example newRack('lone-pin', 'h9', 'Square', 'mm').carriers[0]?.at.on // 'wall'
 */
export function newRack(kind: string, id: string, name: string, unit: LengthUnit, made: Partial<Carrier> = {}): Rack {
	const asked = carrierKind(kind);
	const carrier: Carrier = {
		id: 'c1',
		kind,
		at: { on: ON_WALL, x: 0, y: 0 },
		params: asked.start(unit),
		loads: [],
		...made
	};
	return { id, name, mount: { kind: 'own', x: 0, y: 0 }, carriers: [carrier] };
}

/** The place of a rack that people measure to, from its left end and its foot. */
export function markOf({ carriers }: Pick<Rack, 'carriers'>): {
	name: string;
	at: readonly [Millimetres, Millimetres];
} {
	const [first] = carriers;
	return (first && carrierKind(first.kind).mark?.(first.params)) ?? { name: 'Left end', at: [0, 0] };
}

/** Feet that are tried: about the chest, near the floor for what is tall, under the joists for what hangs from them. */
function heightsFor({ ceiling, base }: Plan['wall'], { carriers }: Rack, built: Built): readonly Millimetres[] {
	const [first] = carriers;
	if (built.hold?.kind === 'floor') return [base ?? 0];
	if (!first || !carrierKind(first.kind).fromAbove) return built.face.height > TALL ? FEET : HEIGHTS;
	if (!ceiling) return [HIGH];
	const top = Math.max(built.face.height, ...built.seats.map((s) => s.at[1] + (s.load?.height ?? 0)));
	return [UNDER, 2 * UNDER, 3 * UNDER].map((room) => Math.max(0, Math.round(ceiling.height - top - room)));
}
/** Room for a spreader and for lifting out, under the joists. */
const UNDER: Millimetres = 120;
/** Where nobody has surveyed a ceiling. */
const HIGH: Millimetres = 2100;

/** Along studs and boards at the usual heights, its mark on their middle; or on every upper side of the survey. */
function ownPlaces({ wall }: Plan, rack: Rack): RackMount[] {
	const [dx, dy] = markOf(rack).at;
	const built = builtRack(rack, wall, null);
	const heights = heightsFor(wall, rack, built);
	const on = heights.flatMap((y) =>
		supportsAt(wall, y)
			.filter((s) => y < topAt(wall, s.x))
			.map((s): RackMount => ({ kind: 'own', x: Math.round((s.x - dx) * 10) / 10, y: y - dy }))
	);
	const tops = [
		...(wall.ledges ?? []).map((l) => ledgeBox(wall, l)).map((b) => ({ x: b.left, y: b.high })),
		...wall.obstructions
			.filter((o) => (o.out ?? 0) > 0 && !o.near && !o.hidden)
			.map((o) => ({ x: o.x, y: o.y + o.height }))
	].map((t): RackMount => ({ kind: 'own', ...t }));
	// What stands on something stands on nothing between studs.
	return built.hold?.kind === 'rest' ? tops : on;
}

/** How wide it is, whatever row it may come to. */
const built = ({ wall }: Plan, rack: Rack): Millimetres => builtRack(rack, wall, null).face.width;

/** Left ends along a row that is long enough: from its left end on, by steps. */
function hookPlaces(_: Plan, { left, right }: Plan['rows'][number], width: Millimetres): Millimetres[] {
	const room = right - left - width;
	if (room < 0) return [];
	const n = Math.min(6, Math.floor(room / 300) + 1);
	return Array.from({ length: n }, (__, i) => Math.round(left + (n === 1 ? room / 2 : (i * room) / (n - 1))));
}

function placesOf(plan: Plan, rack: Rack, kind: RackMount['kind']): RackMount[] {
	switch (kind) {
		case 'own':
			return ownPlaces(plan, rack);
		case 'row-end':
			return plan.rows.map((r) => ({ kind, row: r.id }));
		case 'row-hook':
			return plan.rows.flatMap((r) => hookPlaces(plan, r, built(plan, rack)).map((x) => ({ kind, row: r.id, x })));
		case 'row-top':
			return plan.rows
				.filter((r) => r.backer)
				.flatMap((r) => [r.left, (r.left + r.right) / 2].map((x) => ({ kind, row: r.id, x: Math.round(x) })));
	}
}

/**
 * A rack with its uprights on the studs that are behind it where it is, from the one at its mark on; as it is where it
 * has none, or is on a row.
 * @example onStuds(plan, rack).carriers[0]?.params.at
 */
export function onStuds({ wall }: Plan, rack: Rack): Rack {
	const [first, ...others] = rack.carriers;
	const fit = first && carrierKind(first.kind).onStuds;
	if (!first || !fit || !alone(rack.mount)) return rack;
	const { x } = rack.mount;
	const from = x + markOf(rack).at[0];
	const studs = [...new Set(supportsAt(wall, rack.mount.y).map((s) => s.x))].sort((a, b) => a - b);
	if (carrierKind(first.kind).fromAbove) {
		const params = fit(
			first.params,
			studs.map((m) => m - x),
			joistPlaces(wall).map((m) => m - x)
		);
		return { ...rack, carriers: [{ ...first, params }, ...others] };
	}
	const behind = studs.filter((m) => m > from - ON_IT).map((m) => Math.max(0, m - from));
	if (behind.length < 2 || (behind[0] ?? 1) > ON_IT) return rack;
	const params = fit(first.params, [0, ...behind.slice(1)], []);
	const carrier = { ...first, params };
	// Its first upright stays where it is: the figures may move it in the rack's own frame.
	const moved = { ...rack, carriers: [carrier, ...others] };
	return { ...moved, mount: { ...rack.mount, x: from - markOf(moved).at[0] } };
}

/** Places along the wall where joists take a lag: their own, or every so often of the one that runs along it. */
function joistPlaces({ ceiling, width }: Plan['wall']): Millimetres[] {
	if (!ceiling || ceiling.kind === 'slab') return [];
	return ceiling.direction === 'across'
		? joistMiddles(ceiling, width)
		: pitched(ceiling.pitch / 2, ceiling.pitch, width);
}

/** A mark so near to the middle of a stud is on it. */
const ON_IT: Millimetres = 12;

interface Tried {
	rack: Rack;
	stops: number;
	minds: number;
	verdict: Verdict;
	margin: number | null;
}

const better = (a: Tried, b: Tried): boolean => {
	if (a.stops !== b.stops) return a.stops < b.stops;
	return a.minds === b.minds ? worstFirst(a, b) > 0 : a.minds < b.minds;
};

/**
 * A rack where it is in nothing's way and best held, of the places that its kind may be held at.
 * @returns null where there is no such place: no row, no stud, nothing that has an upper side
 * @example firstRack(plan, newRack('lone-pin', 'h9', 'Square', 'mm'))?.mount.kind // 'own'
 */
export function firstRack(plan: Plan, rack: Rack): Rack | null {
	const [first] = rack.carriers;
	const ways = (first && carrierKind(first.kind).held) ?? [];
	const now = checkPlan(plan).warnings;
	const count = (level: 'stop' | 'mind', all: typeof now) => all.filter((w) => w.level === level).length;
	let best: Tried | null = null;
	for (const mount of ways.flatMap((kind) => placesOf(plan, rack, kind)).slice(0, MOST)) {
		const tried = onStuds(plan, { ...rack, mount });
		const checks = checkPlan({ ...plan, holders: [...plan.holders, tried] });
		const judged = checks.holders.get(rack.id);
		if (!judged) continue;
		const found = {
			rack: tried,
			stops: count('stop', checks.warnings) - count('stop', now),
			minds: count('mind', checks.warnings) - count('mind', now),
			verdict: judged.verdict,
			margin: judged.check?.margin ?? null
		};
		if (!best || better(found, best)) best = found;
		if (found.stops === 0 && found.minds === 0 && found.verdict === 'holds') break;
	}
	return best?.rack ?? null;
}
