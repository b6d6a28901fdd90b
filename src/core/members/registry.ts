import { crossRodMember, shelfMember } from './beam';
import { boltedFootMember } from './bolted-foot';
import { cantileverMember } from './cantilever';
import { faceScrewsMember } from './face-screws';
import { halvedArmMember } from './halved-arm';
import { housedArmMember } from './housed-arm';
import { housedEndMember } from './housed-end';
import { jointMember } from './joint';
import type { MemberData, MemberKind } from './member';
import { ratedMember } from './rated';
import { rodMember } from './rod';

/** Every kind of member: one file and one line here. */
const MEMBERS: readonly MemberKind<never>[] = [
	rodMember,
	cantileverMember,
	jointMember,
	housedEndMember,
	halvedArmMember,
	housedArmMember,
	shelfMember,
	crossRodMember,
	ratedMember,
	faceScrewsMember,
	boltedFootMember
];

export const MEMBER_KINDS: readonly string[] = MEMBERS.map((m) => m.kind);

const BY_KIND = new Map(MEMBERS.map((m) => [m.kind, m]));

/**
 * How a member is judged.
 * @throws RangeError when no kind has that name
 * @example memberKind('peg-rod').steps(data, loads)
 */
export function memberKind(kind: string): MemberKind<MemberData> {
	const found = BY_KIND.get(kind);
	if (!found) throw new RangeError(`No such member: ${kind}`);
	// A kind is only ever given data of its own: both are found by the same word.
	return found as MemberKind<MemberData>;
}
