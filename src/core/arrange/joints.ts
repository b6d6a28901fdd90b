import { SCREW_LENGTHS, screwDiameter } from '../materials/screws';
import { rowProfile } from '../plan/profile';
import type { Command } from '../plan/commands';
import type { Blocking, BlockFixing, Plan, Row, Stud } from '../plan/types';
import { studAt, supportsAt } from '../survey/supports';
import type { Millimetres } from '../units/quantity';

/** Where a row's cleats meet, and the blocks that give each of them a screw of its own there. */
export interface Joints {
	joints: Millimetres[];
	blocks: Omit<Blocking, 'id'>[];
}

/** A block beside a stud is this high, so that the row's screws stand well off its ends. */
const BLOCK_HEIGHT: Millimetres = 300;
/** Least piece of cleat worth a joint. */
const LEAST_PIECE: Millimetres = 300;
const DIAMETERS_IN = 6;

/**
 * Screws of a block through its own thickness into the stud beside it: long enough for 6 diameters, and not through.
 */
export function blockFixing(width: Millimetres): BlockFixing {
	const size = '#8' as const;
	const least = width + DIAMETERS_IN * screwDiameter(size);
	const length = SCREW_LENGTHS.find((l) => l >= least && l < 2 * width) ?? Math.ceil(least);
	return { size, length, count: 4 };
}

/** A block beside a stud, of its own timber, to its right. */
function beside(plan: Plan, stud: Stud, row: Pick<Row, 'y' | 'stock' | 'bevel' | 'blank'>): Omit<Blocking, 'id'> {
	const { back } = rowProfile(row, plan.cutting.kerf);
	const y = Math.max(0, row.y + back / 2 - BLOCK_HEIGHT / 2);
	const x = studAt(stud, y + BLOCK_HEIGHT / 2) + stud.width / 2;
	return {
		x,
		y,
		width: stud.width,
		height: BLOCK_HEIGHT,
		depth: stud.depth,
		species: stud.species,
		fixing: blockFixing(stud.width)
	};
}

/**
 * Joints for a row longer than a board: each on the last stud that a board still reaches. On a framed wall a stud alone
 * has no room for a screw of each cleat, so the joint lies on its right edge and a block goes in beside it.
 * @param board length of a bought board
 * @example jointsFor(plan, row, 2440).blocks.length // 1, for a row of 3280
 */
export function jointsFor(
	plan: Plan,
	row: Pick<Row, 'left' | 'right' | 'y' | 'stock' | 'bevel' | 'blank'>,
	board: Millimetres
): Joints {
	const framed = !plan.wall.build || plan.wall.build.kind === 'framed';
	const { back } = rowProfile(row, plan.cutting.kerf);
	const supports = supportsAt(plan.wall, row.y + back / 2)
		.filter((s) => s.member !== 'blocking')
		.map((s) => ({ s, at: framed ? s.x + s.width / 2 : s.x }))
		.sort((a, b) => a.at - b.at);
	const found: Joints = { joints: [], blocks: [] };
	for (let from = row.left; row.right - from > board;) {
		const last = supports
			.filter(({ at }) => at > from + LEAST_PIECE && at <= from + board && at < row.right - LEAST_PIECE)
			.at(-1);
		const at = last?.at ?? from + board;
		found.joints.push(at);
		if (framed && last) {
			const stud = plan.wall.studs.find((s) => s.id === last.s.id);
			if (stud) found.blocks.push(beside(plan, stud, row));
		}
		from = at;
	}
	return found;
}

/** A block that is there already, at the same place. */
const stands = (plan: Plan, b: Omit<Blocking, 'id'>) =>
	(plan.wall.blocking ?? []).some(
		(o) => Math.abs(o.x - b.x) < 1 && o.y <= b.y + BLOCK_HEIGHT / 3 && o.y + o.height >= b.y + (2 * BLOCK_HEIGHT) / 3
	);

/**
 * The commands that put in the blocks of joints, but those that are there.
 * @example blockCommands(plan, joints, newId).length
 */
export function blockCommands(plan: Plan, { blocks }: Joints, newId: () => string): Command[] {
	return blocks
		.filter((b) => !stands(plan, b))
		.map((b) => ({ kind: 'add', list: 'blocking', item: { ...b, id: newId() } }));
}
