import type { RoomView } from '$core/checks/room-views';

/** How the whole wall is shown: from its front, from above, the ceiling from below, cut across, in space. */
export type WallView = 'front' | RoomView | 'space';

/** What lies on the desk of the whole wall. */
export class RoomDesk {
	view = $state<WallView>('front');
	/** Where the room is cut, along the wall; null while nobody has said: at what is picked, or in the middle. */
	cut = $state<number | null>(null);
}
