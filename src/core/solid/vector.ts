import type { Millimetres } from '../units/quantity';

/** A place or a direction in space: x along, y up, z out from the surface. */
export type Vec3 = readonly [x: number, y: number, z: number];
/** A place in a plane, mm. */
export type Vec2 = readonly [x: Millimetres, y: Millimetres];

export const add = (a: Vec3, b: Vec3): Vec3 => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const minus = (a: Vec3, b: Vec3): Vec3 => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const times = (a: Vec3, k: number): Vec3 => [a[0] * k, a[1] * k, a[2] * k];
export const dot = (a: Vec3, b: Vec3): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const cross = (a: Vec3, b: Vec3): Vec3 => [
	a[1] * b[2] - a[2] * b[1],
	a[2] * b[0] - a[0] * b[2],
	a[0] * b[1] - a[1] * b[0]
];
export const lengthOf = (a: Vec3): number => Math.hypot(a[0], a[1], a[2]);
