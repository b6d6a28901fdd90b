import type { Corner, FarSide, Wall, WallFact, WallShape } from '../plan/types';
import { mm, phrase, type Phrase } from '../units/phrase';

export const FAR_SIDE_WORDS: Record<FarSide['kind'], string> = {
	room: 'another room',
	stair: 'a stair',
	outdoors: 'outdoors',
	neighbour: "a neighbour's side",
	same: 'this room again'
};
export const CORNER_WORDS: Record<Corner['kind'], string> = {
	wall: 'a wall',
	open: 'nothing, it goes on',
	outside: 'an outer corner'
};

/** The facts of a wall in the order they are written. */
export const WALL_FACTS: readonly WallFact[] = [
	'width',
	'height',
	'cladding',
	'shape',
	'build',
	'front',
	'far',
	'ceiling',
	'corners'
];

/** Phrases one after another; each keeps its own values. */
function joined(parts: readonly Phrase[], between: string): Phrase | null {
	if (parts.length === 0) return null;
	const values: Phrase['values'] = {};
	const text = parts.map((p, i) => {
		for (const [name, value] of Object.entries(p.values)) values[`${name}${i}`] = value;
		return p.text.replace(/\{(\w+)(@tape)?\}/g, (_, name: string, tape = '') => `{${name}${i}${tape}}`);
	});
	return { text: text.join(between), values };
}

function shapeSaid(height: number, { right, peak, floorRise }: WallShape): Phrase | null {
	const parts: Phrase[] = [];
	if (right !== height)
		parts.push(
			phrase(right < height ? 'top {d@tape} lower at the right' : 'top {d@tape} higher at the right', {
				d: mm(Math.abs(right - height))
			})
		);
	if (peak) parts.push(phrase('gable to {h@tape}', { h: mm(peak.height) }));
	if (floorRise !== 0)
		parts.push(phrase(floorRise > 0 ? 'floor {f@tape} up' : 'floor {f@tape} down', { f: mm(Math.abs(floorRise)) }));
	return joined(parts, ', ');
}

function claddingSaid({ kind, thickness, under = [] }: Wall['cladding']): Phrase {
	const layers = [...(kind === 'none' ? [] : [{ kind, thickness }]), ...under];
	return (
		joined(
			layers.map((l) => phrase(`${l.kind} {t}`, { t: mm(l.thickness) })),
			' over '
		) ?? phrase('none')
	);
}

function cornerSaid(side: 'left' | 'right', { kind, taken }: Corner): Phrase {
	const what = `${side}: ${CORNER_WORDS[kind]}`;
	return taken > 0 ? phrase(`${what}, takes {t@tape}`, { t: mm(taken) }) : phrase(what);
}

/**
 * One fact of a wall in few words, as the record and the survey sheet write it; null where nobody has said it.
 * @example sayPhrase(factSaid(wall, 'cladding'), 'mm') // 'panel 11 mm over drywall 12.5 mm'
 */
export function factSaid(wall: Wall, fact: WallFact): Phrase | null {
	const { shape, build, front, far, ceiling, corners } = wall;
	switch (fact) {
		case 'width':
			return phrase('{w@tape}', { w: mm(wall.width) });
		case 'height':
			return shape && shape.right !== wall.height
				? phrase('{l@tape} to {r@tape}', { l: mm(wall.height), r: mm(shape.right) })
				: phrase('{l@tape}', { l: mm(wall.height) });
		case 'shape':
			return shape ? shapeSaid(wall.height, shape) : null;
		case 'cladding':
			return claddingSaid(wall.cladding);
		case 'build':
			if (!build) return null;
			if (build.kind === 'framed') return phrase('studs');
			return phrase(`${build.kind === 'plank' ? 'boards' : build.material} {t}`, { t: mm(build.thickness) });
		case 'front':
			return front ? phrase('{d@tape} deep', { d: mm(front.depth) }) : null;
		case 'far':
			return far ? phrase(far.access ? `${FAR_SIDE_WORDS[far.kind]}, can be got at` : FAR_SIDE_WORDS[far.kind]) : null;
		case 'ceiling':
			if (!ceiling) return null;
			return ceiling.kind === 'slab'
				? phrase('slab')
				: phrase(`${ceiling.kind} ${ceiling.direction} this wall, every {p@tape}`, { p: mm(ceiling.pitch) });
		case 'corners':
			return corners ? joined([cornerSaid('left', corners.left), cornerSaid('right', corners.right)], '; ') : null;
	}
}
