import { variantsField, type ValueOf } from '../form/field';
import { FLAP, flapOn } from './flap-door';
import { HINGED, hingedOn } from './hinged-doors';
import { NO_DOORS, type DoorsMade, type Opening } from './opening';
import { SLIDING, slidingOn } from './sliding-doors';

/** Doors before a box of boards. */
export const DOORS = variantsField('Doors', { none: {}, sliding: SLIDING, hinged: HINGED, flap: FLAP });
export type Doors = ValueOf<typeof DOORS>;

/**
 * Doors made for a box.
 * @example doorsOn({ kind: 'none' }, opening).takes // 0
 */
export function doorsOn(doors: Doors, o: Opening): DoorsMade {
	switch (doors.kind) {
		case 'none':
			return NO_DOORS;
		case 'sliding':
			return slidingOn(doors, o);
		case 'hinged':
			return hingedOn(doors, o);
		case 'flap':
			return flapOn(doors, o);
	}
}

const OTHER = { left: 'right', right: 'left', two: 'two' } as const;

/** Doors in a mirror: one that hangs on the left hangs on the right. @example mirroredDoors({ kind: 'none' }) */
export const mirroredDoors = (doors: Doors): Doors =>
	doors.kind === 'hinged' ? { ...doors, leaves: OTHER[doors.leaves] } : doors;
