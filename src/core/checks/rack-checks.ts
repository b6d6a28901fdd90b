import type { Hold } from '../carriers/hold';
import type { RackPlaced } from '../places/rack/place';
import type { Wall } from '../plan/types';
import { remembering } from '../remembering';
import { armsResult } from '../supports/rack/arms-check';
import { deckResult } from '../supports/rack/deck-check';
import { endPinResult } from '../supports/rack/end-pin-check';
import { pinResult } from '../supports/rack/pin-check';
import { floorResult } from '../supports/rack/floor-check';
import { leavesResult } from '../supports/rack/leaves-check';
import { plateResult } from '../supports/rack/plate-check';
import { restResult } from '../supports/rack/rest-check';
import { hooksResult } from '../supports/rack/hooks-check';
import { uprightsResult } from '../supports/rack/uprights-check';
import { givesNothing, type HeldResult } from '../supports/held-result';
import { laidHard } from './laid-hard';
import { memberChecks } from './member-checks';
import { memberGrabs } from './member-grabs';
import { testedChecks } from './tested';
import { unknownLoads } from './unknown-loads';

function heldBy(p: RackPlaced, hold: Hold, wall: Wall): HeldResult {
	switch (hold.kind) {
		case 'pin':
			return pinResult(p, hold, wall);
		case 'in-end':
			return endPinResult(p, hold, wall);
		case 'rest':
			return restResult(p, hold);
		case 'hooks':
			return hooksResult(p, hold, wall);
		case 'leaves':
			return leavesResult(p, hold, wall);
		case 'floor':
			return floorResult(p, hold, wall);
		case 'plate':
			return plateResult(p, hold, wall);
		case 'arms':
			return armsResult(p, hold);
		case 'deck':
			return deckResult(p, hold, wall);
		case 'uprights':
			return uprightsResult(p, hold, wall);
	}
}

/**
 * Checks of a rack: how it holds to what it is on, its members, a grab. What it puts on a row is judged with that row.
 * @example rackResult(placed, plan.wall).checks.map((c) => c.title)
 */
export const rackResult = remembering((p: RackPlaced, wall: Wall): HeldResult => {
	const { hold } = p.built;
	const { checks, ...gives } = hold ? heldBy(p, hold, wall) : givesNothing();
	return {
		checks: [
			...checks,
			...unknownLoads(p),
			...testedChecks(p),
			...memberChecks(p),
			...memberGrabs(p).checks,
			...laidHard(p)
		],
		...gives
	};
});
