import type { Retention } from './carrier';

/** What stands in a hole of its own is kept every way but up. */
export const IN_ITS_HOLE: Retention = {
	forward: { by: 'its hole' },
	sideways: { by: 'its hole' },
	up: { open: 'it lifts out, as it is meant to' },
	back: { by: 'its hole' }
};
