import { buildHolder } from '../../holders/build';
import type { Built } from '../../holders/built';
import { placeFaults, placeWords } from '../../mounts/fixed/behind';
import { screw } from '../../materials/screws';
import { spacingMinimums } from '../../mechanics/fasteners/spacing-minimums';
import type { Backed, FixedHolder, FixedMount, Holder, Wall } from '../../plan/types';
import { remembering } from '../../remembering';
import { supportUnder } from '../../survey/supports';
import { mm, phrase } from '../../units/phrase';
import type { InPlace } from '../in-place';
import { columnsOf, type Column } from './columns';
import { wallFault, type WallScrew } from '../wall-screw';

/** A holder screwed to the wall, in its place. */
export interface FixedPlaced extends InPlace<FixedHolder> {
	screws: readonly WallScrew[];
	/** Of the screws that count, left to right. */
	columns: readonly Column[];
}

const builtWith = remembering(
	(
		carriers: Holder['carriers'],
		back: Backed['back'],
		screws: FixedMount['screws'],
		places: FixedMount['places']
	): Built => buildHolder(back, carriers, { kind: 'fixed', screws, places })
);

/** Builds a holder that is screwed to the wall; the same figures are built once. */
export const buildFixed = ({ carriers, back, mount }: FixedHolder): Built =>
	builtWith(carriers, back, mount.screws, mount.places);

function screwsOf(holder: FixedHolder, built: Built, wall: Wall): WallScrew[] {
	const { mount, back } = holder;
	const { edge } = spacingMinimums(screw(mount.screws.size), { acrossGrain: true, drilled: true });
	const faults = placeFaults(back, mount, built.holes);
	return mount.places.map((p, i): WallScrew => {
		const [x, y] = [mount.x + p.x, mount.y + p.y];
		const support = supportUnder(wall, x, y);
		const place = { x, y, up: p.y, support };
		const inBack = faults[i];
		if (inBack)
			return {
				...place,
				fault: phrase(`The screw at {x@tape}, {y@tape} up, ${placeWords(inBack).text}`, {
					...placeWords(inBack).values,
					x: mm(x),
					y: mm(y)
				})
			};
		return { ...place, ...wallFault(wall, x, y, support, edge) };
	});
}

/** Screws in what was left out so count for nothing, and say so. */
function leftOut(screws: readonly WallScrew[], columns: readonly Column[]): WallScrew[] {
	const counts = new Set(columns.map((c) => c.support.id));
	return screws.map((s) =>
		s.fault || !s.support || counts.has(s.support.id) || s.support.member === 'plank' || s.support.member === 'masonry'
			? s
			: {
					...s,
					fault: phrase('The screw at {x@tape}, {y@tape} up, is beside another that holds the back at the same place', {
						x: mm(s.x),
						y: mm(s.y)
					})
				}
	);
}

/**
 * A fixed holder in its place on its wall. The same object while neither changes.
 * @example placeFixed(holder, plan.wall).columns.length // 2: it catches two studs
 */
export const placeFixed = remembering((holder: FixedHolder, wall: Wall): FixedPlaced => {
	const built = buildFixed(holder);
	const { x: left, y: foot } = holder.mount;
	const all = screwsOf(holder, built, wall);
	const columns = columnsOf(all);
	return {
		holder,
		built,
		left,
		right: left + built.face.width,
		foot,
		top: foot + built.face.height,
		screws: leftOut(all, columns),
		columns
	};
});
