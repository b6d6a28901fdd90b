import { rowEndLimit } from '$core/arrange/row-end';
import { markOf } from '$core/arrange/first-rack';
import { snapAlongRow, snapRowEnd, snapRowHeight, type Snapped } from '$core/arrange/snap';
import type { Command } from '$core/plan/commands';
import { alone, hangs, hungOn, isFixed, isRack, onRowEnd } from '$core/plan/held';
import type { FixedHolder, HungHolder, Mount, Plan, Rack } from '$core/plan/types';
import { lowestTop } from '$core/survey/outline';
import { supportsAt } from '$core/survey/supports';
import { roundToTape, tickSize } from '$core/units/format-length';
import type { LengthUnit } from '$core/units/parse-length';
import type { Phrase } from '$core/units/phrase';
import type { Selection } from '$lib/state/open-plan.svelte';

/** What is taken hold of: a thing, or an end of a row. */
export type Grip = Selection & { part?: 'left' | 'right' };

export interface Move {
	command: Command;
	/** What it caught on. */
	why: Phrase | null;
}

export interface MoveContext {
	plan: Plan;
	unit: LengthUnit;
	/** How near a snap must be, mm; 0 turns snapping off. */
	reach: number;
}

/** A snapped place is exact; a free one is rounded to the tape. */
const placed = (s: Snapped, unit: LengthUnit) => (s.why ? s.at : roundToTape(s.at, unit));
const clamp = (x: number, low: number, high: number) => Math.min(Math.max(x, low), Math.max(low, high));

const mounted = (id: string, mount: Mount): Command => ({ kind: 'change', list: 'holders', id, change: { mount } });

/** One that is screwed to the wall goes anywhere on it; its middle and its ends catch on the studs. */
function moveFixed({ id, mount, back }: FixedHolder, dx: number, dy: number, c: MoveContext): Move {
	const { wall } = c.plan;
	const y = roundToTape(mount.y + dy, c.unit);
	const snapped = snapAlongRow(mount.x + dx, back.width, {
		studs: supportsAt(wall, y + back.height / 2).map((s) => s.x),
		row: { left: 0, right: wall.width },
		neighbours: [],
		reach: c.reach
	});
	const x = clamp(placed(snapped, c.unit), 0, wall.width - back.width);
	const high = lowestTop(wall, x, x + back.width) - back.height;
	return { command: mounted(id, { ...mount, x, y: clamp(y, 0, high) }), why: snapped.why };
}

/** What stands by itself catches on the studs by the place that is measured to; on a row it goes along it. */
function moveRack(rack: Rack, dx: number, dy: number, c: MoveContext): Move | null {
	const { mount } = rack;
	if (onRowEnd(mount)) return null;
	const { wall } = c.plan;
	const [markX] = markOf(rack).at;
	const y = alone(mount) ? roundToTape(mount.y + dy, c.unit) : 0;
	const snapped = snapAlongRow(mount.x + dx + markX, 0, {
		studs: alone(mount) ? supportsAt(wall, y).map((s) => s.x) : [],
		row: { left: 0, right: wall.width },
		neighbours: [],
		reach: c.reach
	});
	const x = clamp(placed(snapped, c.unit), 0, wall.width) - markX;
	const to = alone(mount) ? { ...mount, x, y: clamp(y, 0, lowestTop(wall, x, x)) } : { ...mount, x };
	return { command: mounted(rack.id, to), why: snapped.why };
}

function moveHung(holder: HungHolder, dx: number, dy: number, c: MoveContext): Move | null {
	const { id } = holder;
	const from = c.plan.rows.find((r) => r.id === holder.mount.row);
	if (!from) return null;
	const wanted = from.y + dy;
	const row = c.plan.rows.reduce((best, r) => (Math.abs(r.y - wanted) < Math.abs(best.y - wanted) ? r : best), from);
	const { width } = holder.back;
	const neighbours = hungOn(c.plan, row.id)
		.filter((h) => h.id !== id)
		.map((h) => ({ left: h.mount.x, right: h.mount.x + h.back.width }));
	const snapped = snapAlongRow(holder.mount.x + dx, width, {
		studs: supportsAt(c.plan.wall, row.y).map((s) => s.x),
		row,
		neighbours,
		reach: c.reach
	});
	const x = clamp(placed(snapped, c.unit), 0, c.plan.wall.width - width);
	return {
		command: mounted(id, { ...holder.mount, row: row.id, x }),
		why: snapped.why
	};
}

function moveHolder(id: string, dx: number, dy: number, c: MoveContext): Move | null {
	const holder = c.plan.holders.find((h) => h.id === id);
	if (!holder) return null;
	if (hangs(holder)) return moveHung(holder, dx, dy, c);
	if (isFixed(holder)) return moveFixed(holder, dx, dy, c);
	return isRack(holder) ? moveRack(holder, dx, dy, c) : null;
}

function moveRow(grip: Grip, dx: number, dy: number, c: MoveContext): Move | null {
	const row = c.plan.rows.find((r) => r.id === grip.id);
	if (!row) return null;
	if (grip.part) {
		const snapped = snapRowEnd(
			row[grip.part] + dx,
			supportsAt(c.plan.wall, row.y).map((s) => s.x),
			c.plan.wall.width,
			c.reach
		);
		const limit = rowEndLimit(c.plan, row, grip.part, snapped.at);
		const x = limit?.at ?? placed(snapped, c.unit);
		const end = grip.part === 'left' ? clamp(x, 0, row.right - 100) : clamp(x, row.left + 100, c.plan.wall.width);
		const next = { left: row.left, right: row.right, [grip.part]: end };
		const joints = row.joints.filter((j) => j > next.left && j < next.right);
		return {
			command: { kind: 'change', list: 'rows', id: row.id, change: { [grip.part]: end, joints } },
			why: limit?.why ?? snapped.why
		};
	}
	const others = c.plan.rows.filter((r) => r.id !== row.id).map((r) => r.y);
	const snapped = snapRowHeight(row.y + dy, others, c.reach);
	const y = clamp(placed(snapped, c.unit), 0, lowestTop(c.plan.wall, row.left, row.right) - 1);
	return { command: { kind: 'change', list: 'rows', id: row.id, change: { y } }, why: snapped.why };
}

/** What is moved on the drawing was not measured there: the record says so until somebody types it. */
function moveObstruction(id: string, dx: number, dy: number, c: MoveContext): Move | null {
	const o = c.plan.wall.obstructions.find((x) => x.id === id);
	if (!o) return null;
	const x = clamp(roundToTape(o.x + dx, c.unit), 0, c.plan.wall.width - o.width);
	const y = clamp(roundToTape(o.y + dy, c.unit), 0, lowestTop(c.plan.wall, x, x + o.width) - o.height);
	return { command: { kind: 'change', list: 'obstructions', id, change: { x, y, how: 'guess' } }, why: null };
}

function moveStud(id: string, dx: number, c: MoveContext): Move | null {
	const s = c.plan.wall.studs.find((x) => x.id === id);
	if (!s) return null;
	return {
		command: {
			kind: 'change',
			list: 'studs',
			id,
			change: { x: clamp(roundToTape(s.x + dx, c.unit), 0, c.plan.wall.width), found: { how: 'guess' } }
		},
		why: null
	};
}

/** The command that a drag by (dx, dy) mm would do, snapped. */
export function dragMove(grip: Grip, dx: number, dy: number, context: MoveContext): Move | null {
	switch (grip.kind) {
		case 'holder':
			return moveHolder(grip.id, dx, dy, context);
		case 'row':
			return moveRow(grip, dx, dy, context);
		case 'obstruction':
			return moveObstruction(grip.id, dx, dy, context);
		case 'stud':
			return moveStud(grip.id, dx, context);
	}
}

function nextRow(plan: Plan, rowId: string, up: boolean): string | null {
	const rows = [...plan.rows].sort((a, b) => a.y - b.y);
	return rows[rows.findIndex((r) => r.id === rowId) + (up ? 1 : -1)]?.id ?? null;
}

const ARROWS: Record<string, [number, number]> = {
	ArrowLeft: [-1, 0],
	ArrowRight: [1, 0],
	ArrowUp: [0, 1],
	ArrowDown: [0, -1]
};

/**
 * The command of an arrow key: one tick of the tape, ten with shift. Up and down take a holder that hangs to the
 * next row.
 */
export function nudgeMove(
	selection: Selection,
	key: string,
	big: boolean,
	plan: Plan,
	unit: LengthUnit
): Command | null {
	const arrow = ARROWS[key];
	if (!arrow) return null;
	const [ax, ay] = arrow;
	const holder = selection.kind === 'holder' ? plan.holders.find((h) => h.id === selection.id) : undefined;
	if (holder && hangs(holder) && ay !== 0) {
		const row = nextRow(plan, holder.mount.row, ay > 0);
		return row ? mounted(holder.id, { ...holder.mount, row }) : null;
	}
	const row = selection.kind === 'row' ? plan.rows.find((r) => r.id === selection.id) : undefined;
	const step = tickSize(unit) * (big ? 10 : 1);
	if (row && ax !== 0) {
		const left = row.left + ax * step;
		const right = row.right + ax * step;
		if (left < 0 || right > plan.wall.width) return null;
		return {
			kind: 'change',
			list: 'rows',
			id: row.id,
			change: { left, right, joints: row.joints.map((j) => j + ax * step) }
		};
	}
	return dragMove(selection, ax * step, ay * step, { plan, unit, reach: -1 })?.command ?? null;
}
