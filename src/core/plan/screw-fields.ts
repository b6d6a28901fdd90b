import { choiceField, lengthField } from '../form/field';
import { SCREWS } from '../materials/screws';

/** Which screw, and how long. */
export const screwFields = {
	size: choiceField(
		'Screw',
		SCREWS.map(({ size: value, title: name }) => ({ value, name }))
	),
	length: lengthField('Length', 10, 200)
};
