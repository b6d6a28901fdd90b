import type { Thing } from '$core/things/types';

/** How the Holders stage shows a holder: on its wall, large from its sides, or in space. */
export type HolderView = 'wall' | 'bench' | 'space';

/** What lies on the desk of the Holders stage. */
export class HolderDesk {
	view = $state<HolderView>('wall');
	/** The thing that is asked about: what shall carry it. */
	thing = $state.raw<Thing | null>(null);
	/** The carrier that is picked on the bench, by its id. */
	carrier = $state<string | null>(null);
	/** What came of the last press. */
	said = $state('');
}
