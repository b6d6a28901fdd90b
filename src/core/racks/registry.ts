import type { CarrierKind } from '../carriers/carrier';
import { boughtRack } from './bought-rack';
import { endPin } from './end-pin';
import { offcutBin } from './offcut-bin';
import { sheetBay } from './sheet-bay';
import { halvedRack } from './halved-rack';
import { lonePin } from './lone-pin';
import { rodRack } from './rod-rack';
import { swingLeaves } from './swing-leaves';
import { topRest } from './top-rest';
import { lumberArms } from './lumber-arms';
import { overheadDeck } from './overhead-deck';
import { wheelHooks } from './wheel-hooks';

/** Every kind of rack: what stands on the wall itself. A new one is one file and one line here. */
export const RACKS: readonly CarrierKind[] = [
	lonePin,
	endPin,
	topRest,
	rodRack,
	halvedRack,
	lumberArms,
	overheadDeck,
	wheelHooks,
	boughtRack,
	swingLeaves,
	sheetBay,
	offcutBin
];
