import type { CleatProfile } from '../../cleats/profile';
import type { Back } from '../../plan/types';
import { plain, polygon } from '../../solid/outline';
import type { Part } from '../../solid/part';
import type { Vec2 } from '../../solid/vector';
import type { Millimetres } from '../../units/quantity';
import type { CleatContext, HeldByRow } from '../held';

/**
 * A strip along the whole back: its cross-section, out and up, times its length. It stands with its own x out, so its
 * own z runs from right to left.
 */
function strip(name: string, section: readonly Vec2[], width: Millimetres, c: CleatContext): Part {
	return {
		id: name.replaceAll(' ', '-'),
		name,
		material: { kind: 'cleat', stock: c.stock, blank: c.blank, bevel: c.profile.bevel },
		outline: plain(polygon(section)),
		thickness: width,
		grain: 'none',
		features: [],
		stands: [{ at: [width, 0, 0], x: [0, 0, 1], y: [0, 1, 0] }]
	};
}

/** A wall cleat turned over: its top square, its long side against the wall. */
const hookSection = ({ thickness, back, front }: CleatProfile, top: Millimetres): Vec2[] => [
	[0, top - front],
	[thickness, top - back],
	[thickness, top],
	[0, top]
];

/** The same piece with its square edge down. */
const spacerSection = ({ thickness, back, front }: CleatProfile, low: Millimetres): Vec2[] => [
	[0, low],
	[thickness, low],
	[thickness, low + back],
	[0, low + front]
];

/**
 * Strips behind a back: hook, second hook, spacer, lock strip, all of the same rip as the row's cleat. The second hook
 * stands at the foot until it is known which row it rides on.
 */
export function stripsOf({ width, height }: Pick<Back, 'width' | 'height'>, held: HeldByRow): Part[] {
	const { profile, strips, secondTop } = held;
	const made = (name: string, section: readonly Vec2[]) => strip(name, section, width, held);
	const parts = [made('hook', hookSection(profile, height))];
	if (strips.secondHook)
		parts.push(made('second hook', hookSection(profile, secondTop ?? profile.back + profile.front)));
	if (strips.spacer && !strips.recessed) parts.push(made('spacer', spacerSection(profile, 0)));
	if (strips.lockStrip !== 'none')
		// Right under the wall cleat's lower edge, so that the hook cannot rise.
		parts.push(made('lock strip', hookSection(profile, lockStripTop(height, profile))));
	return parts;
}

/** Of a lock strip, above the foot of the back. */
const lockStripTop = (height: Millimetres, { front, back }: CleatProfile): Millimetres => height - front - back;
