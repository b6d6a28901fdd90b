import { SCREW_LENGTHS } from '../materials/screws';
import { stock } from '../materials/stocks';
import { applyCommand, type Command } from '../plan/commands';
import type { Holder, Plan, Row } from '../plan/types';
import { mm, phrase, type Phrase } from '../units/phrase';
import { checkPlan, type Judged } from './check-plan';
import { worstFirst } from './check';

/** A change that would help, what it would come to, and the command that makes it. */
export interface Advice {
	text: Phrase;
	command: Command;
	after: Judged;
}

const rowChange = (row: Row, change: Partial<Row>): Command => ({ kind: 'change', list: 'rows', id: row.id, change });
const holderChange = (h: Holder, params: Partial<Holder['params']>): Command => ({ kind: 'change', list: 'holders', id: h.id, change: { params: { ...h.params, ...params } } });

function candidates(plan: Plan, holder: Holder, row: Row): { text: Phrase; command: Command }[] {
	const found: { text: Phrase; command: Command }[] = [];
	const { params } = holder;
	if (row.screws.perStud === 1) found.push({ text: phrase('Second screw at every stud'), command: rowChange(row, { screws: { ...row.screws, perStud: 2 } }) });
	for (const length of SCREW_LENGTHS.filter((l) => l > row.screws.length + 1 && l >= 45).slice(0, 2)) {
		found.push({ text: phrase('{l@tape} screws on this row', { l: mm(length) }), command: rowChange(row, { screws: { ...row.screws, length } }) });
	}
	if (row.screws.size !== '#14') found.push({ text: phrase('#14 screws on this row'), command: rowChange(row, { screws: { ...row.screws, size: '#14' } }) });
	if (row.blank + 40 <= stock(row.stock).width) {
		found.push({ text: phrase('Cleats from a board {w@tape} wide', { w: mm(row.blank + 40) }), command: rowChange(row, { blank: row.blank + 40 }) });
	}
	if (!params.spacer) found.push({ text: phrase('Spacer at the foot'), command: holderChange(holder, { spacer: true }) });
	const taller = Math.round((params.face.height * 1.4) / 10) * 10;
	if (taller <= stock(params.face.stock).width) {
		// The pegs stay where they were below the top, so that only the face grows downward.
		const height = params.pegs.height + taller - params.face.height;
		found.push({
			text: phrase('Face down to {h@tape}', { h: mm(taller) }),
			command: holderChange(holder, { face: { ...params.face, height: taller }, pegs: { ...params.pegs, height } })
		});
	}
	if (!params.spacer && taller <= stock(params.face.stock).width) {
		const height = params.pegs.height + taller - params.face.height;
		found.push({
			text: phrase('Face down to {h@tape}, with a spacer', { h: mm(taller) }),
			command: holderChange(holder, { spacer: true, face: { ...params.face, height: taller }, pegs: { ...params.pegs, height } })
		});
	}
	if (!params.hook.glued) found.push({ text: phrase('Glue the hook as well'), command: holderChange(holder, { hook: { ...params.hook, glued: true } }) });
	found.push({
		text: phrase('Twice the hook screws'),
		command: holderChange(holder, { hook: { ...params.hook, screws: { ...params.hook.screws, count: Math.min(60, params.hook.screws.count * 2) } } })
	});
	if (params.load.perSeat > 1) {
		found.push({ text: phrase('One thing fewer on each seat'), command: holderChange(holder, { load: { ...params.load, perSeat: params.load.perSeat - 1 } }) });
	}
	const middle = holder.mount.x + params.face.width / 2;
	const stud = [...plan.wall.studs].sort((a, b) => Math.abs(a.x - middle) - Math.abs(b.x - middle))[0];
	if (stud) {
		found.push({
			text: phrase('Middle on stud {x@tape}', { x: mm(stud.x) }),
			command: { kind: 'change', list: 'holders', id: holder.id, change: { mount: { ...holder.mount, x: stud.x - params.face.width / 2 } } }
		});
	}
	return found;
}

/**
 * What would make a holder hold: single changes, each tried on the whole plan, that make its verdict better; best first.
 * @returns at most four; none when it already holds
 */
export function adviceFor(plan: Plan, holderId: string): Advice[] {
	const holder = plan.holders.find((h) => h.id === holderId);
	const row = holder && plan.rows.find((r) => r.id === holder.mount.row);
	const now = checkPlan(plan);
	const before = now.holders.get(holderId);
	if (!holder || !row || !before?.check || before.verdict === 'holds') return [];
	const stops = now.warnings.filter((w) => w.level === 'stop').length;
	const was = before.check;
	return candidates(plan, holder, row)
		.flatMap(({ text, command }) => {
			const applied = applyCommand(plan, command);
			if (!applied.ok) return [];
			const next = checkPlan(applied.value.plan);
			const after = next.holders.get(holderId);
			if (!after?.check || next.warnings.filter((w) => w.level === 'stop').length > stops) return [];
			const better = worstFirst(was, after.check) < 0 && (after.check.margin ?? Infinity) > (was.margin ?? -1) + 0.005;
			return better ? [{ text, command, after }] : [];
		})
		.sort((a, b) => (a.after.check && b.after.check ? worstFirst(b.after.check, a.after.check) : 0))
		.slice(0, 4);
}
