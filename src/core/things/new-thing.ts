import type { Thing } from './types';

/** A thing of which nothing is known but its name. */
export function newThing(id: string, name: string): Thing {
	return {
		id,
		name,
		group: '',
		count: 1,
		width: null,
		height: null,
		depth: null,
		mass: null,
		grip: null,
		dims: {},
		use: null,
		where: '',
		notes: '',
		state: 'to-place',
		charger: false,
		cord: null,
		plugWidth: null,
		plugHeight: null,
		cover: false,
		carried: false,
		finish: '',
		hidden: false,
		typical: []
	};
}
