import type { Found } from '../carriers/carrier';
import type { CleatProfile } from '../cleats/profile';
import type { ScrewSize } from '../materials/screws';
import type { StockId } from '../materials/stocks';
import type { FixedMount, Strips } from '../plan/types';
import type { Feature, Part } from '../solid/part';
import type { Millimetres } from '../units/quantity';

/** What a holder must know of the row it hangs on. */
export interface CleatContext {
	/** Its row's cleat: the hook is the same piece turned over. */
	profile: CleatProfile;
	stock: StockId;
	/** Width of the board the row's cleats are ripped from. */
	blank: Millimetres;
}

/** Hung on a row. */
export interface HeldByRow extends CleatContext {
	kind: 'row';
	strips: Strips;
	/** Top of the second hook above the foot, where a row for it was found. */
	secondTop?: Millimetres;
}

/** Screwed straight to what is behind it. */
export interface HeldByScrews extends Pick<FixedMount, 'screws' | 'places'> {
	kind: 'fixed';
}

/** How a back is held, as far as its own making goes. */
export type Held = HeldByRow | HeldByScrews;

/** A hole in the face of the back, from its front unless said. x from the left end, y from the foot. */
export interface Hole {
	x: Millimetres;
	y: Millimetres;
	diameter: Millimetres;
	depth: Millimetres;
}

/** One screw between hook and back. x from the left end, y from the foot. */
export interface HookScrew {
	x: Millimetres;
	y: Millimetres;
	from: 'back' | 'front';
	/** How far it reaches into the back, from the side it enters; the whole of it when driven from the front. */
	inFace: Millimetres;
}

/** Screws of one size and length that a holder takes. */
export interface ScrewCount {
	size: ScrewSize;
	length: Millimetres;
	count: number;
}

/** What a mount adds to a back. */
export interface Behind {
	/** Where the back begins, out from the surface. */
	rear: Millimetres;
	parts: Part[];
	/** Cut into the back itself. */
	features: Feature[];
	/** Along the back, from its left end; nothing where nothing hooks. */
	hook: { from: Millimetres; to: Millimetres };
	hookScrews: HookScrew[];
	/** Screws that hold the back and stand in it, and what they are called. */
	inBack: { name: string; size: ScrewSize; places: readonly { x: Millimetres; y: Millimetres }[] };
	warnings(holes: readonly Hole[]): Found[];
}
