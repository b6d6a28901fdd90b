import type { Built, BuiltMember, BuiltSeat } from '../holders/built';
import type { MemberLoad } from '../members/member';
import { memberKind } from '../members/registry';
import { remembering } from '../remembering';
import { into, turnInto, type Frame } from '../solid/frame';
import type { Vec3 } from '../solid/vector';
import { weightOf, type Kilograms } from '../units/quantity';
import { checkOf, type Check } from '../verdict/check';
import type { InPlace } from '../places/in-place';

const DOWN: Vec3 = [0, -1, 0];

/** A weight as a member sees it: how much of it goes across, and where. What presses along it bends nothing. */
export function loadOn(root: Frame, mass: Kilograms, at: Vec3, share: number): MemberLoad | null {
	const across = -turnInto(root, DOWN)[1];
	if (across <= 1e-9) return null;
	const [x, , z] = into(root, at);
	return { weight: weightOf(mass) * share * across, x, z };
}

/** What each of a member's instances is given: by the things on seats that lean on it, and by the wood that does. */
export function memberLoads(seats: readonly BuiltSeat[], members: readonly BuiltMember[]): MemberLoad[][][] {
	const given: MemberLoad[][][] = members.map((m) => m.instances.map(() => []));
	const give = (member: number, instance: number, mass: Kilograms, at: Vec3, share: number, own = false) => {
		const root = members[member]?.instances[instance];
		const load = root && loadOn(root, mass, at, share);
		if (load) given[member]?.[instance]?.push(own ? { ...load, own: true } : load);
	};
	for (const s of seats)
		for (const t of s.things) for (const c of s.carriedBy) give(c.member, c.instance, t.mass, t.at, c.share);
	members.forEach((m, i) => {
		for (const d of m.dead) give(i, d.instance, d.mass, d.at, d.share, true);
	});
	return given;
}

/** The member of those alike that is loaded hardest. */
function hardest(m: BuiltMember, given: readonly MemberLoad[][]): readonly MemberLoad[] {
	const kind = memberKind(m.data.kind);
	return given.reduce<readonly MemberLoad[]>(
		(worst, here) => (kind.measure(m.data, here) > kind.measure(m.data, worst) ? here : worst),
		[]
	);
}

/**
 * Checks of what a holder's carriers are made of: each kind of member under what it really carries, the hardest loaded
 * of those alike.
 * @example memberChecks(placed).map((c) => c.title) // ['peg', 'lip of the hole', 'tilt of the pegs']
 */
export const memberChecks = (p: Pick<InPlace, 'holder' | 'built'>): Check[] => checksOf(p.built, p.holder.id);

/** By what it is made of and carries: the same wherever it hangs. */
const checksOf = remembering(({ seats, members }: Built, id: string): Check[] => {
	const given = memberLoads(seats, members);
	const subject = { kind: 'holder', id } as const;
	return members.flatMap((m, i) =>
		memberKind(m.data.kind)
			.steps(m.data, hardest(m, given[i] ?? []))
			.map(({ key, ...step }) => checkOf(`holder:${id}:${key}:${m.carrier}`, subject, step))
	);
});
