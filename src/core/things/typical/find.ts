import type { LengthUnit } from '../../units/parse-length';
import { KG_PER_POUND, type Kilograms } from '../../units/quantity';
import { newThing } from '../new-thing';
import type { Thing } from '../types';
import type { TypicalKind } from './kind';
import { KINDS } from './kinds';

/** Letters and digits alone, so that "C-clamp" and "c clamp" are the same. */
const plain = (text: string) =>
	text
		.toLowerCase()
		.replace(/[^a-z0-9]+/g, ' ')
		.trim();

/** One of several: "bar clamps" are of the kind "bar clamp". @example singular('boxes') // 'box' */
export function singular(name: string): string {
	if (/(pliers|pincers|defenders|scissors|calipers|glass|brass|grass|series|chassis)$/i.test(name)) return name;
	if (/[^aeiou]ies$/i.test(name)) return `${name.slice(0, -3)}y`;
	if (/(ss|sh|ch|x|z)es$/i.test(name)) return name.slice(0, -2);
	return /[^su]s$/i.test(name) ? name.slice(0, -1) : name;
}

/**
 * The generic kind a name is of: the one whose name or other word stands in it, the longest first.
 * @example findKind('heavy bar clamps')?.name // 'bar clamp'
 */
export function findKind(name: string): TypicalKind | null {
	const words = ` ${plain(name).split(' ').map(singular).join(' ')} `;
	let best: { kind: TypicalKind; length: number } | null = null;
	for (const kind of KINDS) {
		for (const word of [kind.name, ...(kind.words ?? [])]) {
			const wanted = plain(word).split(' ').map(singular).join(' ');
			if (words.includes(` ${wanted} `) && wanted.length > (best?.length ?? 0)) best = { kind, length: wanted.length };
		}
	}
	return best?.kind ?? null;
}

/** From which weight on it is said to what step. */
const SAID_TO: readonly (readonly [from: number, step: number])[] = [
	[20, 1],
	[3, 0.5],
	[1, 0.25]
];

/**
 * A weight as a person would say it: to the half from 3 on, to the quarter from 1, in their own unit; a small one to
 * two figures.
 */
function sayableMass(kg: Kilograms, unit: LengthUnit): Kilograms {
	const per = unit === 'inch' ? KG_PER_POUND : 1;
	const said = kg / per;
	const [, step] = SAID_TO.find(([from]) => said >= from) ?? [];
	return (step ? tidy(said, step) : Number(said.toPrecision(said >= 0.095 ? 2 : 1))) * per;
}

const tidy = (n: number, step: number) => Math.round(n / step) * step;

/**
 * A thing of a generic kind with its usual size and weight, each of them marked typical.
 * @param length what it is sold by, mm; the usual one where none is said
 * @param unit its weight is a round one in this system
 * @example typicalThing('t1', findKind('bar clamp'), 600).typical // ['width', 'height', 'depth', 'mass', 'dims.bar',
 * 'dims.head']
 */
export function typicalThing(
	id: string,
	kind: TypicalKind,
	length: number | null = null,
	unit: LengthUnit = 'mm'
): Thing {
	const { width, height, depth, mass, dims } = kind.size(length ?? kind.lengths?.[0] ?? 0);
	const rounded = Object.fromEntries(Object.entries(dims).map(([name, value]) => [name, tidy(value, 0.5)]));
	return {
		...newThing(id, kind.name),
		group: kind.group,
		grip: kind.grip,
		width: tidy(width, 1),
		height: tidy(height, 1),
		depth: tidy(depth, 1),
		mass: sayableMass(mass, unit),
		dims: rounded,
		charger: kind.name === 'battery charger',
		typical: ['width', 'height', 'depth', 'mass', ...Object.keys(rounded).map((n) => `dims.${n}`)]
	};
}
