import type { Warning } from '../verdict/check';
import { guarded } from './guarded';
import { taken } from './holder-clashes';
import { placedBoxes } from './placed-boxes';
import { onRow, type AnyPlaced } from '../places/any-place';
import type { Placed } from '../places/row/place';
import type { Wall } from '../plan/types';
import { mm, phrase, type Phrase } from '../units/phrase';
import { overlap, type Box } from '../survey/box';
import { inTheWay } from '../survey/in-the-way';
import { nameOf } from '../survey/names';
import { mostProjection } from '../survey/projection';
import { ledgeBox, surfaceAt } from '../survey/packing';

type Say = (level: Warning['level'], message: Phrase) => void;

const boxOf = (b: Box, out: number) => ({
	x: [b.left, b.right] as const,
	y: [b.low, b.high] as const,
	z: [0, out] as const
});

function obstacles(wall: Wall, p: AnyPlaced, say: Say): void {
	const { face, hang } = taken(p);
	const out = p.built.projection;
	// Boards of a rack reach past its ends: what is on it is looked at box by box.
	const things = p.holder.back ? [boxOf(hang, out)].slice(p.built.hangsBelow > 0 ? 0 : 1) : placedBoxes(p);
	const under = new Map(things.flatMap((box) => inTheWay(wall, box)).map((w) => [w.obstruction.id, w]));
	for (const { obstruction: o, how } of inTheWay(wall, boxOf(face, out))) {
		const name = nameOf(o);
		if (how === 'stands') say('stop', phrase('Stands over {name}', { name }));
		else if (how === 'moves') say('stop', phrase('{name} would hit it as it moves', { name }));
		else if (o.kind === 'service-panel')
			say(
				'stop',
				phrase('Stands in the working space of {name}: kept clear, and not for storage. Local rules govern', { name })
			);
		else say('stop', phrase('Stands in room that {name} needs clear', { name }));
		under.delete(o.id);
	}
	for (const { obstruction: o, how } of under.values()) {
		const name = nameOf(o);
		if (how === 'stands' && guarded(p, o)) continue;
		if (how === 'stands') say('mind', phrase('What hangs on it covers {name}', { name }));
		else if (how === 'moves') say('stop', phrase('{name} would hit what hangs on it as it moves', { name }));
		else if (o.kind === 'service-panel')
			say(
				'stop',
				phrase('Stands in the working space of {name}: kept clear, and not for storage. Local rules govern', { name })
			);
		else say('stop', phrase('What hangs on it is in room that {name} needs clear', { name }));
	}
}

/** The wall behind a holder on a row, where it bears and where its face must pass. */
function behindIt(wall: Wall, p: Placed, say: Say): void {
	const behind = surfaceAt(wall, p.foot, p.left, p.right) - surfaceAt(wall, p.row.y, p.left, p.right);
	if (Math.abs(behind) > 0.5 && ['spacer', 'foot', 'second-hook'].includes(p.bearing.kind)) {
		say(
			'mind',
			behind > 0
				? phrase(
						'Behind its foot the wall stands {d} further out than behind its row: make the spacer so much thinner',
						{ d: mm(behind) }
					)
				: phrase('Behind its foot the wall lies {d} further back than behind its row: pack the spacer by as much', {
						d: mm(-behind)
					})
		);
	}
	for (const l of wall.ledges ?? []) {
		if (
			l.out > (p.holder.mount.strips.recessed ? 0 : p.profile.thickness) &&
			overlap({ left: p.left, right: p.right, low: p.foot, high: p.row.y }, ledgeBox(wall, l))
		) {
			say(
				'stop',
				phrase('{name} stands {out} proud, more than the cleat: the face cannot pass it', {
					name: l.name || 'A ledge',
					out: mm(l.out)
				})
			);
		}
	}
}

/**
 * A holder, and what hangs on it, against everything surveyed but its load: what stands, what moves, how far out,
 * ledges behind it.
 */
export function holderFit({ wall }: { wall: Wall }, p: AnyPlaced, say: Say): void {
	obstacles(wall, p, say);
	const { all } = taken(p);
	const limit = mostProjection(wall, all);
	if (limit && p.built.projection > limit.most + 0.5)
		say('stop', {
			text: `Stands out {p}; ${limit.why.text}`,
			values: { ...limit.why.values, p: mm(p.built.projection) }
		});
	if (onRow(p)) behindIt(wall, p, say);
	const { corners } = wall;
	if (corners && (corners.left.taken > p.left + 0.5 || wall.width - corners.right.taken < p.right - 0.5))
		say('mind', phrase('Hangs in the corner, where the neighbouring wall takes room'));
	if (onRow(p) && wall.surface && wall.surface !== 'wall' && p.holder.mount.strips.lockStrip === 'none')
		say('mind', phrase('This surface moves: a bump unhooks it. Put in a lock strip'));
}
