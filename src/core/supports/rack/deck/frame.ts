import type { DeckHold } from '../../../carriers/hold';
import { screwGravity, stock } from '../../../materials/stocks';
import { jointCapacity, type Joint } from '../../../mechanics/fasteners/joint';
import { type DeckFrame } from '../../../mechanics/statics/deck-frame';
import { capacityLines } from '../../../members/joint-lines';
import { nth } from '../../../nth';
import { mm, newtons, phrase } from '../../../units/phrase';
import { type Newtons } from '../../../units/quantity';
import { type StepParts } from '../../../verdict/check';
import { shelfMember, type ShelfData } from '../../../members/beam';
import type { MemberLoad, MemberStep } from '../../../members/member';
import type { Millimetres } from '../../../units/quantity';

/** Screws through rail or ledger into the end of a member: across only, and two thirds of that. */
export function jointStep(d: DeckFrame, hold: DeckHold): StepParts {
	const of = stock(hold.stock);
	const G = screwGravity(of);
	const joint: Joint = {
		fastener: hold.joint.fastener,
		length: hold.joint.length,
		side: { thickness: hold.thickness, G },
		gap: 0,
		main: { thickness: 500, G },
		endGrain: true
	};
	const c = jointCapacity(joint);
	const stack = d.stacks.weight * Math.min(d.stacks.high, d.stacks.count);
	const rows = [...new Set(d.stacks.places.map((s) => s.z))];
	// Narrower than members are apart, more than one stands on one; the sheet over several gives it a quarter more.
	const apart = hold.width / Math.max(1, hold.frame.xs.length - 1);
	const beside = Math.max(1, hold.wide > 0 ? (1.25 * apart) / hold.wide : 1);
	/** The rows that weigh most on an end, as many as there are bins for. */
	const onEnd = (share: (z: Millimetres) => number) =>
		rows
			.map(share)
			.sort((x, y) => y - x)
			.slice(0, d.stacks.count)
			.reduce((sum, part) => sum + Math.max(0, part), 0);
	const end = Math.max(
		onEnd((z) => Math.min(1, z / hold.hangLine)),
		onEnd((z) => 1 - z / hold.hangLine)
	);
	const most = stack * beside * end + d.own.weight / hold.frame.xs.length / 2;
	const each = most / hold.joint.count;
	return {
		title: 'joints of the frame',
		reason: c.across
			? phrase('the screws of a member into its end grain')
			: phrase('joint screws too short: {p} in the member, {need} needed', {
					p: mm(c.penetration),
					need: mm(c.needed)
				}),
		source: 'NDS 2018 chapter 12, 12.5.2: end grain',
		demand: newtons(each),
		capacity: newtons(c.lateral),
		lines: () => [
			{
				label: 'end of a member',
				sum: phrase(
					`{s} a stack × ${beside.toFixed(2)} side by side × ${end.toFixed(2)} of its rows to one end, and its wood`,
					{ s: newtons(stack) }
				),
				result: newtons(most)
			},
			{ label: 'each screw', sum: phrase(`{W} / ${hold.joint.count}`, { W: newtons(most) }), result: newtons(each) },
			...capacityLines(joint, c, { side: 'rail', main: 'member' })
		],
		notes: [phrase('Screws into end grain hold nothing pulled out: joist hangers or blocks are better')]
	};
}

/** Judgements of one member of the frame, the worst of each among those alike. */
function worstOf(data: ShelfData, each: readonly (readonly MemberLoad[])[]): StepParts[] {
	const strain = (s: StepParts) => s.demand.value / s.capacity.value;
	const worst = new Map<string, MemberStep>();
	for (const loads of each)
		for (const step of shelfMember.steps(data as never, loads)) {
			const before = worst.get(step.key);
			if (!before || strain(step) > strain(before)) worst.set(step.key, step);
		}
	return [...worst.values()];
}

/**
 * Members, rails and sheet of a deck, with a stack on every place: any of them may stand there, however few there are.
 * @param lags of the ledger that hold, along the deck
 */
export function frameSteps(d: DeckFrame, hold: DeckHold, lags: readonly Millimetres[]): StepParts[] {
	const { member, rail, sheet, xs } = hold.frame;
	const stack = d.stacks.weight * Math.min(d.stacks.high, d.stacks.count);
	const apart = xs.length > 1 ? nth(xs, 1) - nth(xs, 0) : hold.width;
	// A stiff bin on two members gives either half, a sheet over several a quarter more.
	const share = hold.wide <= apart ? 1 : Math.max(0.5, (1.25 * apart) / hold.wide);
	const on = stack > 0 ? d.stacks.places : [];
	const own = (weight: Newtons, x: Millimetres): MemberLoad => ({ weight, x, z: 0, own: true });
	const wood = d.own.weight;
	const along = (part: (z: Millimetres) => number): MemberLoad[] => [
		own(wood / 2, hold.width / 2),
		...on.map(({ x, z }) => ({ weight: stack * Math.max(0, part(z)), x, z: 0 }))
	];
	const rows = [...new Set(on.map((s) => s.z))];
	return [
		...worstOf(
			member,
			xs.map((m) => [
				own(wood / xs.length, member.length / 2),
				...on
					.filter(({ x }) => Math.abs(m - x) < (hold.wide + apart) / 2)
					.map(({ z }) => ({ weight: stack * share, x: z - hold.thickness, z: 0 }))
			])
		),
		...worstOf(rail, [along((z) => Math.min(1, z / hold.hangLine))]),
		...worstOf({ ...rail, name: 'ledger', supports: lags }, [along((z) => 1 - z / hold.hangLine)]),
		...worstOf(
			sheet,
			rows.map((z) => on.filter((s) => s.z === z).map(({ x }) => ({ weight: stack, x, z: 0 })))
		)
	];
}
