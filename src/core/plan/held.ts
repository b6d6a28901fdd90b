import type {
	Backed,
	FixedHolder,
	Holder,
	HungHolder,
	Mount,
	OwnMount,
	Plan,
	Rack,
	RackMount,
	RowEndMount,
	RowHookMount,
	RowTopMount,
	Strips
} from './types';

/** Does it hang on a row? */
export const hangs = (h: Holder): h is HungHolder => h.mount.kind === 'row';

/** Is it screwed straight to the wall? */
export const isFixed = (h: Holder): h is FixedHolder => h.mount.kind === 'fixed';

/** Is it a rack's mount? */
export const isRackMount = (m: Mount): m is RackMount => m.kind !== 'row' && m.kind !== 'fixed';

/** By itself at a place of the wall? On the end of a row, on the sheet behind one? */
export const alone = (m: Mount): m is OwnMount => m.kind === 'own';
export const onRowEnd = (m: Mount): m is RowEndMount => m.kind === 'row-end';
export const onRowHook = (m: Mount): m is RowHookMount => m.kind === 'row-hook';
export const onRowTop = (m: Mount): m is RowTopMount => m.kind === 'row-top';

/** Is it held as it is, without a back? */
export const isRack = (h: Holder): h is Rack => isRackMount(h.mount);

/** Has it a back? */
export const isBacked = (h: Holder): h is Backed => h.back !== undefined;

/** What hangs on a row, in the plan's order. @example hungOn(plan, 'r2').length */
export const hungOn = (plan: Pick<Plan, 'holders'>, row: string): HungHolder[] =>
	plan.holders.filter(hangs).filter((h) => h.mount.row === row);

/** A holder's mount with some of its strips otherwise. @example withStrips(holder, { spacer: true }).strips.spacer */
export const withStrips = ({ mount }: HungHolder, strips: Partial<Strips>): HungHolder['mount'] => ({
	...mount,
	strips: { ...mount.strips, ...strips }
});
