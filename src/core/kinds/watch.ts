import { carrierKind } from './registry';

/** Places of a holder to watch under a proof load, of all its carriers. @example watchOf(holder)[0] */
export const watchOf = ({ carriers }: { carriers: readonly { kind: string }[] }): string[] => [
	...new Set(carriers.flatMap((c) => carrierKind(c.kind).watch))
];
