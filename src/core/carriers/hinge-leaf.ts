import { choiceField, wholeField } from '../form/field';
import { hinge, HINGES } from '../materials/hinges';
import { plain, rectangle } from '../solid/outline';
import type { Frame } from '../solid/frame';
import type { Part } from '../solid/part';
import type { Kilograms, Millimetres } from '../units/quantity';

/** Hinges of a door, a flap or a lid: which, and how many for each. */
export const hingeFields = (most: number) => ({
	hinge: choiceField(
		'Hinges',
		HINGES.map(({ size: value, title: name }) => ({ value, name })),
		'50'
	),
	count: wholeField('How many on each', 2, most, 2)
});
export interface Hinges {
	hinge: string;
	count: number;
}

/**
 * Hinges as a bought part.
 * @param thick of what is between both boards
 * @param stands each with its leaf along y and its pin along z
 */
export const hingePart = (size: string, thick: Millimetres, stands: Frame[]): Part => {
	const { length, leaf, title } = hinge(size);
	return {
		id: 'hinge',
		name: 'hinge',
		material: { kind: 'bought', name: `butt hinge of ${title} with its screws`, mass: null, rated: null },
		outline: plain(rectangle(thick, leaf)),
		thickness: length,
		grain: 'none',
		features: [],
		stands
	};
};

/** The heaviest that so many hinges are taken for. @example hingesTake({ hinge: '50', count: 3 }) // 6 */
export const hingesTake = ({ hinge: size, count }: Hinges): Kilograms => (hinge(size).pair * count) / 2;
