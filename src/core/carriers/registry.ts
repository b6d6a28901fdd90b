import type { CarrierKind } from './carrier';
import { angledBlocks } from './angled-blocks';
import { binRunners } from './bin-runners';
import { boltedBase } from './bolted-base';
import { boughtHooks } from './bought-hooks';
import { coveredCabinet } from './covered-cabinet';
import { dividedBays } from './divided-bays';
import { drilledBlock } from './drilled-block';
import { neckFork } from './neck-fork';
import { hollowForm } from './hollow-form';
import { holeShelf } from './hole-shelf';
import { jarLids } from './jar-lids';
import { leanTubes } from './lean-tubes';
import { lipLedge } from './lip-ledge';
import { openBox } from './open-box';
import { outletGuard } from './outlet-guard';
import { pegs } from './pegs';
import { pigeonholes } from './pigeonholes';
import { plainPanel } from './plain-panel';
import { sideRod } from './side-rod';
import { flatShelf } from './flat-shelf';
import { slopingShelf } from './sloping-shelf';
import { slottedShelf } from './slotted-shelf';
import { toolDock } from './tool-dock';
import { twoRails } from './two-rails';
import { writingSlope } from './writing-slope';

/** Every kind of carrier on a back. A new one is one file and one line here; nothing else knows its name. */
export const CARRIERS: readonly CarrierKind[] = [
	pegs,
	slottedShelf,
	holeShelf,
	neckFork,
	lipLedge,
	sideRod,
	flatShelf,
	twoRails,
	boughtHooks,
	pigeonholes,
	dividedBays,
	drilledBlock,
	angledBlocks,
	toolDock,
	slopingShelf,
	writingSlope,
	leanTubes,
	hollowForm,
	openBox,
	binRunners,
	jarLids,
	coveredCabinet,
	plainPanel,
	boltedBase,
	outletGuard
];

/** What a holder begins with where nobody has said: the first in the list. */
export const FIRST_CARRIER = pegs.kind;
