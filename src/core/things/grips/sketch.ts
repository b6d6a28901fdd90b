import { box, type Drawing, type Point, type Shape } from '../../drawing/shapes';
import { mm, phrase } from '../../units/phrase';
import type { DimName } from './dims';
import type { Dims } from './grip';

type Side = 'above' | 'below' | 'left' | 'right';

/**
 * A pen for the drawings of grips: dimensions that are not measured yet are drawn as they usually are, and every
 * measure carries its letter, with its figure once it is known.
 */
export function sketch(title: string, needs: readonly DimName[], usual: Partial<Record<DimName, number>>, dims: Dims) {
	const shapes: Shape[] = [];
	const of = (name: DimName) => dims[name] ?? usual[name] ?? 30;
	const pen = {
		of,
		box: (x: number, y: number, w: number, h: number, look: Parameters<typeof box>[4]) => {
			shapes.push(box(x, y, w, h, look));
			return pen;
		},
		polygon: (points: Point[], look: Parameters<typeof box>[4]) => {
			shapes.push({ kind: 'polygon', points, look });
			return pen;
		},
		circle: (x: number, y: number, radius: number, look: Parameters<typeof box>[4]) => {
			shapes.push({ kind: 'circle', at: [x, y], radius, look });
			return pen;
		},
		line: (points: Point[], look: Parameters<typeof box>[4]) => {
			shapes.push({ kind: 'line', points, look });
			return pen;
		},
		/** The dimension `name` between two places. */
		measure: (name: DimName, from: Point, to: Point, side: Side) => {
			const letter = String.fromCharCode(65 + needs.indexOf(name));
			const known = dims[name];
			shapes.push({
				kind: 'measure',
				from,
				to,
				side,
				label: known === undefined ? phrase(letter) : phrase(`${letter} {x}`, { x: mm(known) })
			});
			return pen;
		},
		done: (): Drawing => ({ title, shapes })
	};
	return pen;
}
