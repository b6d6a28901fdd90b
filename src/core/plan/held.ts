import type { FixedHolder, Holder, HungHolder, Plan, Strips } from './types';

/** Does it hang on a row? */
export const hangs = (h: Holder): h is HungHolder => h.mount.kind === 'row';

/** Is it screwed straight to the wall? */
export const isFixed = (h: Holder): h is FixedHolder => h.mount.kind === 'fixed';

/** What hangs on a row, in the plan's order. @example hungOn(plan, 'r2').length */
export const hungOn = (plan: Pick<Plan, 'holders'>, row: string): HungHolder[] =>
	plan.holders.filter(hangs).filter((h) => h.mount.row === row);

/** A holder's mount with some of its strips otherwise. @example withStrips(holder, { spacer: true }).strips.spacer */
export const withStrips = ({ mount }: HungHolder, strips: Partial<Strips>): HungHolder['mount'] => ({
	...mount,
	strips: { ...mount.strips, ...strips }
});
