import { anyFastener, screwHook } from '../../materials/any-fastener';
import { buildRack } from '../../holders/build-rack';
import { carrierKind } from '../../kinds/registry';
import type { Built } from '../../holders/built';
import { lag } from '../../materials/lags';
import { screw } from '../../materials/screws';
import { spacingMinimums } from '../../mechanics/fasteners/spacing-minimums';
import { isRack, onRowHook } from '../../plan/held';
import type { Plan, Rack, Wall } from '../../plan/types';
import { remembering } from '../../remembering';
import { topUnder, type Top } from '../../survey/tops';
import type { Millimetres } from '../../units/quantity';
import type { InPlace } from '../in-place';
import { uprightScrews } from './uprights';
import { spacerFault, type NoBearing } from '../row/bearing';
import { allRows, type AllRows, type RowOnWall } from '../row/second-row';
import { screwAt, type WallScrew } from '../wall-screw';

/** A rack in its place, and what it holds to there. */
export interface RackPlaced extends InPlace<Rack> {
	/** What it drives into the wall. */
	screws: readonly WallScrew[];
	/** The row that it is on; null where it is on none. */
	on: RowOnWall | null;
	/** What it stands on; null where it stands on nothing, or hangs. */
	under: Top | null;
	/** Of arms on a row, one by one, why its foot bears on nothing; null where it does. */
	feet: readonly (NoBearing | null)[];
}

const builtAt = remembering((carriers: Rack['carriers'], z: Millimetres, over: Millimetres | null): Built =>
	buildRack(carriers, z, over)
);

/** The underside of the joists above the foot of what hangs from them; null for all else. */
function joistsOver({ mount, carriers }: Rack, { ceiling }: Pick<Wall, 'ceiling'>): Millimetres | null {
	const [first] = carriers;
	if (!ceiling || mount.kind !== 'own' || !first || !carrierKind(first.kind).fromAbove) return null;
	return ceiling.height - mount.y;
}

/** How far out from the wall its own frame begins: a screw in a row's end is in the middle of the cleat. */
function outOn({ mount }: Rack, on: RowOnWall | null): Millimetres {
	if (!on) return 0;
	if (mount.kind === 'row-hook') return on.base;
	return mount.kind === 'row-end' ? on.base + on.profile.thickness / 2 : 0;
}

/** A rack built for where it is. */
export const builtRack = (rack: Rack, wall: Pick<Wall, 'ceiling'>, on: RowOnWall | null): Built =>
	builtAt(rack.carriers, outOn(rack, on), joistsOver(rack, wall));

/** Upper edge of the sheet behind a row; the row's own where it has none. */
export const sheetTop = ({ row: { y, backer }, profile }: RowOnWall): Millimetres =>
	backer ? y - backer.below + backer.height : y + profile.front;

/** Where its frame begins on the wall. */
function originOf(rack: Rack, built: Built, on: RowOnWall | null): [Millimetres, Millimetres] {
	const { mount } = rack;
	if (mount.kind === 'own') return [mount.x, mount.y];
	if (!on) return [mount.kind === 'row-end' ? 0 : mount.x, 0];
	if (mount.kind === 'row-hook') {
		const { hold } = built;
		// The tip rides on the bevel, at the wall's side of it.
		const tip = hold?.kind === 'arms' ? hold.height - hold.notch.tip : built.face.height;
		return [mount.x, on.row.y + on.profile.back - tip];
	}
	if (mount.kind === 'row-top') return [mount.x, sheetTop(on)];
	const left = built.hold?.kind === 'in-end' && built.hold.end === 'left';
	return [left ? on.row.left - built.face.width : on.row.right, on.row.y + on.profile.back / 2 - built.face.height / 2];
}

/** Screws whose places stand in the hold itself. */
function drivenIn(hold: Built['hold']) {
	if (hold?.kind === 'plate' || hold?.kind === 'leaves') return hold;
	return hold?.kind === 'floor' ? hold.screws : null;
}

function screwsOf(built: Built, [left, foot]: readonly [Millimetres, Millimetres], wall: Wall): WallScrew[] {
	const { hold } = built;
	if (hold?.kind === 'uprights') return uprightScrews(hold, left, foot, wall);
	if (hold?.kind === 'deck') {
		const { edge } = spacingMinimums(lag(hold.ledger.lag), { acrossGrain: false, drilled: true });
		return hold.ledger.at.map((x) => screwAt(wall, left + x, foot + hold.high / 2, hold.high / 2, edge));
	}
	const driven = drivenIn(hold);
	if (driven) {
		const { edge: least } = spacingMinimums(screw(driven.screw), { acrossGrain: true, drilled: true });
		return driven.at.map(([x, y]) => screwAt(wall, left + x, foot + y, y, least));
	}
	if (hold?.kind !== 'pin' && hold?.kind !== 'hooks') return [];
	const of = hold.kind === 'pin' ? anyFastener(hold.fastener) : screwHook(hold.wire);
	const { edge } = spacingMinimums(of, { acrossGrain: false, drilled: true });
	const at = hold.kind === 'pin' ? [hold.at] : hold.at;
	return at.map(([x, y]) => screwAt(wall, left + x, foot + y, y, edge));
}

/** The upper side that it stands on, where it stands at all. */
function standsOn(
	rack: Rack,
	built: Built,
	[left, foot]: readonly [Millimetres, Millimetres],
	on: RowOnWall | null,
	wall: Wall
): Top | null {
	if (built.hold?.kind !== 'rest') return null;
	if (rack.mount.kind === 'own') return topUnder(wall, left, left + built.face.width, foot);
	const right = left + built.face.width;
	if (!on?.row.backer || left < on.row.left - 0.5 || right > on.row.right + 0.5) return null;
	return { name: `the sheet behind ${on.row.name || 'the row'}`, y: foot, out: on.base };
}

/** What the foot of each arm on a row meets. */
function feetOf(
	{ hold }: Built,
	[left, foot]: readonly [Millimetres, Millimetres],
	on: RowOnWall | null,
	among: AllRows | null
): (NoBearing | null)[] {
	if (hold?.kind !== 'arms' || !on || !among) return [];
	return hold.xs.map((along) => {
		const x = left + along;
		const at = { left: x - hold.width / 2, right: x + hold.width / 2, foot, base: on.base };
		const clear = { ...at, profile: on.profile, row: on.row };
		// A row within its lower notch is in nothing's way.
		const rows = among.rows.filter(
			({ row, profile }) =>
				!hold.lower || row.y < foot + hold.lower.from || row.y + profile.front > foot + hold.lower.to
		);
		return spacerFault(clear, x, { ...among, rows }, foot + hold.height - hold.notch.tip - hold.notch.high);
	});
}

/**
 * A rack in its place on its wall. The same object while nothing that it is on changes.
 * @param among all rows, for what looks at those under its own; null for all else
 * @example placeRack(rack, plan.wall, null, null).screws[0]?.support?.id
 */
export const placeRack = remembering(
	(rack: Rack, wall: Wall, on: RowOnWall | null, among: AllRows | null): RackPlaced => {
		const built = builtRack(rack, wall, on);
		const origin = originOf(rack, built, on);
		const [left, foot] = origin;
		return {
			holder: rack,
			built,
			left,
			right: left + built.face.width,
			foot,
			top: foot + built.face.height,
			screws: screwsOf(built, origin, wall),
			on,
			under: standsOn(rack, built, origin, on, wall),
			feet: feetOf(built, origin, on, among)
		};
	}
);

/** The row that a rack is on; null where it is on none, or that is not there. */
export function rowUnder(
	rack: Rack,
	{ rows, wall, cutting }: Pick<Plan, 'rows' | 'wall' | 'cutting'>
): RowOnWall | null {
	const { mount } = rack;
	if (mount.kind === 'own') return null;
	return allRows(rows, wall, cutting.kerf).rows.find((r) => r.row.id === mount.row) ?? null;
}

const amongOf = ({ rows, wall, cutting }: Plan): AllRows => allRows(rows, wall, cutting.kerf);

/** All racks of a plan in their places, in its order. @example placeRacks(plan).length */
export const placeRacks = (plan: Plan): RackPlaced[] =>
	plan.holders
		.filter(isRack)
		.map((r) => placeRack(r, plan.wall, rowUnder(r, plan), onRowHook(r.mount) ? amongOf(plan) : null));
