import { GRIPS_BY_ROOM } from './by-room';
import { GRIPS_BY_SHAPE } from './by-shape';
import { GRIPS_BY_SUPPORT } from './by-support';
import type { Grip } from './grip';

/** Every way a thing is carried, by name. A new one is a line here and an object beside the others. */
const GRIPS = { ...GRIPS_BY_SHAPE, ...GRIPS_BY_SUPPORT, ...GRIPS_BY_ROOM } as const satisfies Record<string, Grip>;

export type GripKind = keyof typeof GRIPS;
export const GRIP_KINDS = Object.keys(GRIPS) as GripKind[];

/** The grip of this name. @example gripOf('slot').needs // ['bar', 'head'] */
export const gripOf = (kind: GripKind): Grip => GRIPS[kind];
