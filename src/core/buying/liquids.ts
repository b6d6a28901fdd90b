import type { Piece } from '../cutting/pieces';
import type { Owner } from '../cutting/screws';
import { stock } from '../materials/stocks';
import { builtOf } from '../places/any-place';
import type { Plan } from '../plan/types';
import { cutOf } from '../solid/cut-part';
import type { Millimetres } from '../units/quantity';

/** Millilitres of glue at every screw of a glued joint, and per square metre of a seam: our own judgement. */
const GLUE_OF_JOINT = 5;
const GLUE_OF_SEAM = 200;

/** Litres of glue that each holder takes: its glued joints, and the seams of what is glued up from strips. */
export function glueOf(plan: Plan): { owner: Owner; litres: number }[] {
	return plan.holders.flatMap((holder) => {
		const built = builtOf(plan, holder);
		if (!built) return [];
		const joints = built.carriers.flatMap((c) => c.joints).filter((j) => j.glued);
		const pinned = built.parts.filter((p) => p.pinned).reduce((n, p) => n + p.stands.length, 0);
		const places = joints.reduce((n, j) => n + j.places.length, 0);
		const seams = built.parts.reduce((sum, part) => {
			const { strips = 1, thickness, stands } = part;
			return sum + (strips - 1) * stands.length * thickness * (cutOf(part)?.length ?? 0);
		}, 0);
		const litres = ((places + pinned) * GLUE_OF_JOINT + (seams / 1e6) * GLUE_OF_SEAM) / 1000;
		return litres > 0 ? [{ owner: { kind: 'holder', id: holder.id, name: holder.name } as const, litres }] : [];
	});
}

const allRound = (l: Millimetres, w: Millimetres, t: Millimetres) => 2 * (l * w + l * t + w * t);

/**
 * What of a piece takes finish, mm2: all round it, before anything is cut out of it. Metal takes none.
 * @example surfaceOf(face) // 2 (l w + l t + w t)
 */
export function surfaceOf({ length, form }: Piece): number {
	switch (form.kind) {
		case 'flat':
			return allRound(length, form.width, stock(form.stock).thickness);
		case 'cleat':
			return allRound(length, form.blank / 2, stock(form.stock).thickness);
		case 'dowel':
			return Math.PI * form.diameter * (length + form.diameter / 2);
		case 'rod':
		case 'strap':
			return 0;
	}
}

/** Litres of finish that a piece takes in so many coats. */
export const finishOf = (piece: Piece, { coats, spread }: { coats: number; spread: number }): number =>
	((surfaceOf(piece) / 1e6) * coats) / spread;
