import { rod, ROD_MATERIALS } from '../materials/rods';
import { DOWEL, stock } from '../materials/stocks';
import type { Kilograms, Millimetres } from '../units/quantity';
import { radians } from '../units/quantity';
import { edgeFrame } from './edge';
import { outOf } from './frame';
import { areaOf } from './outline';
import type { Feature, Material, Part } from './part';
import { add, times, type Vec3 } from './vector';

/** A volume and where its middle is. */
export interface Volume {
	/** mm3 */
	volume: number;
	at: Vec3;
}

/** A mass and its centre of gravity, mm in the frame that was asked in. */
export interface Weighed {
	mass: Kilograms;
	at: Vec3;
}

/** Less than so much is no volume, mm3: a part that figures have made nothing of has no middle either. */
const NOTHING = 1e-6;

/** Together; what takes away counts negative. */
function sum(all: readonly Volume[]): Volume {
	const volume = all.reduce((v, a) => v + a.volume, 0);
	if (Math.abs(volume) < NOTHING) return { volume: 0, at: [0, 0, 0] };
	const turn = all.reduce<Vec3>((t, a) => add(t, times(a.at, a.volume)), [0, 0, 0]);
	return { volume, at: times(turn, 1 / volume) };
}

/**
 * What a bore takes out: a cylinder cut off at a slant by the face it enters. Its middle: a truncated cylinder's,
 * from its integral.
 */
function bored(f: Extract<Feature, { kind: 'bore' }>, thickness: Millimetres): Volume {
	const tilt = radians(f.tilt);
	const area = (Math.PI * f.diameter ** 2) / 4;
	const out = f.from === 'front' ? 1 : -1;
	const face = f.from === 'front' ? thickness : 0;
	const axis: Vec3 = [f.toward[0] * Math.sin(tilt), f.toward[1] * Math.sin(tilt), out * Math.cos(tilt)];
	const entry: Vec3 = [f.at[0], f.at[1], face];
	if (f.through) {
		const length = thickness / Math.cos(tilt);
		return { volume: area * length, at: add(entry, times(axis, -length / 2)) };
	}
	// Off the middle by the slant of its entry, to the side where it runs longer.
	const slant = Math.tan(tilt);
	const along = f.depth / 2 - (f.diameter ** 2 / 4) * (slant ** 2 / (8 * f.depth));
	const aside = ((f.diameter ** 2 / 4) * slant) / (4 * f.depth);
	const across: Vec3 = [f.toward[0] * Math.cos(tilt), f.toward[1] * Math.cos(tilt), -out * Math.sin(tilt)];
	return { volume: area * f.depth, at: add(add(entry, times(axis, -along)), times(across, aside)) };
}

function takenOut(f: Feature, part: Part): Volume[] {
	if (f.kind === 'bore') {
		if (f.drawn) return [];
		if (typeof f.from !== 'object') return [bored(f, part.thickness)];
		// An edge is a face with nothing before it.
		const inEdge = bored({ ...f, from: 'front', through: false }, 0);
		return [{ ...inEdge, at: outOf(edgeFrame(part.outline, f.from.edge), inEdge.at) }];
	}
	if (f.kind === 'slot') return [];
	const { area, x, y } = areaOf(f.path);
	const middle = f.from === 'front' ? part.thickness - f.depth / 2 : f.depth / 2;
	return [{ volume: area * f.depth, at: [x, y, middle] }];
}

/**
 * Volume of a part and its middle in its own frame, what is made in it taken out.
 * @example volumeOf(part).volume / 1e9 // m3
 */
export function volumeOf(part: Part): Volume {
	const prism = (path: Part['outline']['outer'], sign: 1 | -1): Volume => {
		const { area, x, y } = areaOf(path);
		return { volume: sign * Math.abs(area) * part.thickness, at: [x, y, part.thickness / 2] };
	};
	return sum([
		prism(part.outline.outer, 1),
		...part.outline.holes.map((h) => prism(h, -1)),
		...part.features.flatMap((f) => takenOut(f, part)).map((v) => ({ ...v, volume: -v.volume }))
	]);
}

/** Of what is bought whole; undefined where its wood weighs it. */
const wholeMass = (m: Material): Kilograms | null | undefined =>
	m.kind === 'bought' || m.kind === 'driven' ? m.mass : undefined;

/** kg/m3; null for what is bought and has a mass of its own. */
export function densityOfMaterial(material: Material): number | null {
	if (material.kind === 'dowel') return DOWEL.density;
	if (material.kind === 'rod') return ROD_MATERIALS[rod(material.rod).material].density;
	if (material.kind === 'strap') return ROD_MATERIALS.steel.density;
	return 'stock' in material ? stock(material.stock).density : null;
}

/**
 * One part in each of its places, open where it opens. A bought part whose mass nobody said weighs nothing here, and is
 * asked for.
 */
function weighPart(part: Part): Weighed[] {
	const { volume, at } = volumeOf(part);
	const density = densityOfMaterial(part.material);
	const whole = wholeMass(part.material);
	const own = whole === undefined ? (volume * (density ?? 0)) / 1e9 : (whole ?? 0);
	return (part.open ?? part.stands).map((frame) => ({ mass: own, at: outOf(frame, at) }));
}

/**
 * Mass of parts and their centre of gravity.
 * @example weigh(built.parts).at[2] // how far out it is
 */
export function weigh(parts: readonly Part[]): Weighed {
	const all = parts.flatMap(weighPart);
	const mass = all.reduce((m, w) => m + w.mass, 0);
	if (mass === 0) return { mass, at: [0, 0, 0] };
	const turn = all.reduce<Vec3>((t, w) => add(t, times(w.at, w.mass)), [0, 0, 0]);
	return { mass, at: times(turn, 1 / mass) };
}
