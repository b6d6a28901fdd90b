import { SCREW_LENGTHS, screwDiameter } from '../materials/screws';
import { stock } from '../materials/stocks';
import { applyCommand, type Command } from '../plan/commands';
import { rowProfile } from '../plan/profile';
import { ON_BACK } from '../plan/carrier-problems';
import { carrierKind } from '../kinds/registry';
import { refersTo } from '../mounts/registry';
import { hangs, isBacked, isFixed, isRack, withStrips } from '../plan/held';
import type { Back, Backed, Holder, HungHolder, Plan, Row, Strips } from '../plan/types';
import { mm, phrase, type Phrase } from '../units/phrase';
import { pathOf, type Asked } from './capacity';
import { governingCheck, worstFirst, type Check } from '../verdict/check';
import { checkPlan } from './check-plan';
import { byRemedy, type Effort } from '../verdict/effort';
import { fixedCandidates } from './advice-fixed';

/** A change that would help, what it would come to, and the command that makes it. */
export interface Advice {
	text: Phrase;
	command: Command;
	effort: Effort;
	/** The check that would decide then. */
	after: Check;
}
export type Candidate = Omit<Advice, 'after'>;

/** At most so much advice: more is a catalogue. */
const MOST = 5;

const rowChange = (row: Row, change: Partial<Row>): Command => ({ kind: 'change', list: 'rows', id: row.id, change });
const holderChange = (h: Holder, change: Partial<Pick<Holder, 'back' | 'carriers' | 'mount'>>): Command => ({
	kind: 'change',
	list: 'holders',
	id: h.id,
	change
});
const stripsChange = (h: HungHolder, strips: Partial<Strips>): Command =>
	holderChange(h, { mount: withStrips(h, strips) });

function rowCandidates(plan: Plan, row: Row): Candidate[] {
	const found: Candidate[] = [];
	const screws = (text: Phrase, change: Partial<Row['screws']>) =>
		found.push({ text, command: rowChange(row, { screws: { ...row.screws, ...change } }), effort: 'screws' });
	if (row.screws.perStud === 1 && !row.backer) screws(phrase('Second screw at every stud'), { perStud: 2 });
	for (const length of SCREW_LENGTHS.filter((l) => l > row.screws.length + 1 && l >= 45).slice(0, 3))
		screws(phrase('{l@tape} screws on this row', { l: mm(length) }), { length });
	if (screwDiameter(row.screws.size) < screwDiameter('#14')) screws(phrase('#14 screws on this row'), { size: '#14' });
	if (row.backer && row.backer.perStud < 6) {
		found.push({
			text: phrase('{n} screws through the sheet at each stud', { n: String(row.backer.perStud + 2) }),
			command: rowChange(row, { backer: { ...row.backer, perStud: row.backer.perStud + 2 } }),
			effort: 'screws'
		});
	}
	if (row.backer && row.backer.behind.pitch > 80) {
		found.push({
			text: phrase('Screws from behind every {p@tape}', { p: mm(row.backer.behind.pitch / 2) }),
			command: rowChange(row, {
				backer: { ...row.backer, behind: { ...row.backer.behind, pitch: row.backer.behind.pitch / 2 } }
			}),
			effort: 'screws'
		});
	}
	if (!row.twistBlock && !row.backer) {
		const { front } = rowProfile(row, plan.cutting.kerf);
		found.push({
			text: phrase('Twist block under it at every stud'),
			command: rowChange(row, { twistBlock: { height: Math.round(front), width: 90 } }),
			effort: 'a piece of wood'
		});
	}
	if (row.blank + 40 <= stock(row.stock).width) {
		found.push({
			text: phrase('Cleats from a board {w@tape} wide', { w: mm(row.blank + 40) }),
			command: rowChange(row, { blank: row.blank + 40 }),
			effort: 'a piece of wood'
		});
	}
	if (stock(row.stock).kind === 'solid')
		found.push({ text: phrase('Ply cleats'), command: rowChange(row, { stock: 'ply-18' }), effort: 'another part' });
	if (plan.wall.studs.some((s) => s.species === 'unknown')) {
		found.push({
			text: phrase('Count unknown studs as the softest, G 0.36'),
			command: { kind: 'set-species', species: 'softest' },
			effort: 'nothing to buy'
		});
	}
	return found;
}

/** The next row down that a face could reach, where its second hook would ride or its foot would bear. */
function nextRowDown(plan: Plan, row: Row): Row | undefined {
	return plan.rows.filter((r) => r.y < row.y - 40).sort((a, b) => b.y - a.y)[0];
}

/** The same back of ply, which does not split along its grain; nothing where it is a sheet. */
function plyBack(holder: Backed): Candidate[] {
	const { back } = holder;
	if (stock(back.stock).panel !== null) return [];
	const change = holderChange(holder, { back: { ...back, stock: 'ply-18', made: onePiece(back.made) } });
	return [{ text: phrase('Back of ply'), effort: 'another part', command: change }];
}
const onePiece = (made: Back['made']): Back['made'] => (made.kind === 'glued' ? { kind: 'board' } : made);

/** Backs made longer downward; what stands on them stays where it was below the top. */
function backCandidates(plan: Plan, holder: HungHolder, row: Row): Candidate[] {
	const { back } = holder;
	const { strips } = holder.mount;
	const width = stock(back.stock).width;
	const longer = (height: number, more: Partial<Strips>) =>
		holderChange(holder, {
			back: { ...back, height },
			mount: withStrips(holder, more),
			carriers: holder.carriers.map((c) =>
				c.at.on === ON_BACK ? { ...c, at: { ...c.at, y: c.at.y + height - back.height } } : c
			)
		});
	const found: Candidate[] = [];
	const say = (text: string, height: number, more: Partial<Strips>) =>
		found.push({ text: phrase(text, { h: mm(height) }), command: longer(height, more), effort: 'a piece of wood' });
	const taller = Math.round((back.height * 1.4) / 10) * 10;
	if (taller <= width) {
		say('Face down to {h@tape}', taller, {});
		if (!strips.spacer) say('Face down to {h@tape}, with a spacer', taller, { spacer: true });
	}
	const below = nextRowDown(plan, row);
	const top = row.y + rowProfile(row, plan.cutting.kerf).back + rowProfile(row, plan.cutting.kerf).front;
	const toNext = below && Math.ceil((top - below.y) / 5) * 5;
	if (toNext !== undefined && toNext > back.height && toNext <= width) {
		say('Face down to the next row, {h@tape}', toNext, { spacer: false });
		if (!strips.secondHook)
			say('Face {h@tape} high with a second hook on the next row', toNext, { spacer: false, secondHook: true });
	}
	return found;
}

/** What each carrier's own kind would try. */
function carrierCandidates(holder: Holder): Candidate[] {
	return holder.carriers.flatMap((c) =>
		(carrierKind(c.kind).changes?.(c.params, c.loads) ?? []).map(({ text, effort, params, loads }): Candidate => ({
			text,
			effort,
			command: holderChange(holder, {
				carriers: holder.carriers.map((o) =>
					o.id === c.id ? { ...o, params, ...(loads ? { loads: [...loads] } : {}) } : o
				)
			})
		}))
	);
}

/** Its strips, and where on its row it hangs. */
function stripCandidates(plan: Plan, holder: HungHolder): Candidate[] {
	const { back } = holder;
	const { strips } = holder.mount;
	const found: Candidate[] = [];
	if (!strips.spacer)
		found.push({
			text: phrase('Spacer at the foot'),
			command: stripsChange(holder, { spacer: true }),
			effort: 'a piece of wood'
		});
	if (!strips.hook.glued)
		found.push({
			text: phrase('Glue the hook as well'),
			command: stripsChange(holder, { hook: { ...strips.hook, glued: true } }),
			effort: 'nothing to buy'
		});
	found.push({
		text: phrase('Twice the hook screws'),
		effort: 'screws',
		command: stripsChange(holder, {
			hook: { ...strips.hook, screws: { ...strips.hook.screws, count: Math.min(60, strips.hook.screws.count * 2) } }
		})
	});
	const middle = holder.mount.x + back.width / 2;
	const stud = [...plan.wall.studs].sort((a, b) => Math.abs(a.x - middle) - Math.abs(b.x - middle))[0];
	if (stud) {
		found.push({
			text: phrase('Middle on stud {x@tape}', { x: mm(stud.x) }),
			effort: 'nothing to buy',
			command: {
				kind: 'change',
				list: 'holders',
				id: holder.id,
				change: { mount: { ...holder.mount, x: stud.x - back.width / 2 } }
			}
		});
	}
	return found;
}

/** All that might help, each by itself. */
function candidates(plan: Plan, row: Row | undefined, holder: Holder | undefined): Candidate[] {
	const own = holder ? [...carrierCandidates(holder), ...(isBacked(holder) ? plyBack(holder) : [])] : [];
	if (holder && isFixed(holder)) return [...fixedCandidates(plan, holder), ...own];
	if (holder && isRack(holder)) return [...own, ...(row ? rowCandidates(plan, row) : [])];
	if (!row) return [];
	const hung =
		holder && hangs(holder) ? [...backCandidates(plan, holder, row), ...own, ...stripCandidates(plan, holder)] : [];
	return [...rowCandidates(plan, row), ...hung];
}

/**
 * What would make a holder or a row hold: single changes, each tried on the whole plan, that make its verdict better;
 * those that make it hold first, least work first. A pause after every try, so that it can be done in idle moments.
 * @returns at most five; none when it already holds
 * @example finish(adviceFor(plan, { kind: 'holder', id: 'h1' })).map((a) => a.effort)
 */
export function* adviceFor(plan: Plan, asked: Asked): Generator<void, Advice[]> {
	const holder = asked.kind === 'holder' ? plan.holders.find((h) => h.id === asked.id) : undefined;
	const on = asked.kind === 'row' ? asked.id : holder && refersTo(holder);
	const row = plan.rows.find((r) => r.id === on);
	const now = checkPlan(plan);
	const was = governingCheck(pathOf(now, asked));
	if (!was || was.verdict === 'holds') return [];
	const stops = now.warnings.filter((w) => w.level === 'stop').length;
	const found: Advice[] = [];
	for (const candidate of candidates(plan, row, holder)) {
		yield;
		const applied = applyCommand(plan, candidate.command);
		if (!applied.ok) continue;
		const next = checkPlan(applied.value.plan);
		const after = governingCheck(pathOf(next, asked));
		if (!after || next.warnings.filter((w) => w.level === 'stop').length > stops) continue;
		const better =
			worstFirst(was, after) < 0 &&
			(after.verdict !== was.verdict || (after.margin ?? Infinity) > (was.margin ?? -1) + 0.005);
		if (better) found.push({ ...candidate, after });
	}
	return found.sort(byRemedy).slice(0, MOST);
}
