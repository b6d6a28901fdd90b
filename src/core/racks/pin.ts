import { screwChoice } from './driven-fields';
import { choiceField, lengthField, variantsField, wholeField, type ValueOf } from '../form/field';
import { anyFastener, type AnySize } from '../materials/any-fastener';
import { NAILS, nail } from '../materials/nails';
import { type ScrewSize } from '../materials/screws';
import type { CarrierChange, Found, Load, Seat } from '../carriers/carrier';
import { findings } from '../carriers/findings';
import { circle, plain } from '../solid/outline';
import type { Frame } from '../solid/frame';
import type { Part } from '../solid/part';
import { mm, phrase } from '../units/phrase';
import { inch, MM_PER_INCH, type Millimetres } from '../units/quantity';

/** What is driven in, and the screw that one begins with. */
export const drivenField = (size: ScrewSize, length: readonly [mm: number, inch: number]) =>
	variantsField('Driven in', {
		screw: {
			size: screwChoice(size),
			length: lengthField('Length', 20, 200, length)
		},
		nail: {
			size: choiceField(
				'Nail',
				NAILS.map(({ size: value, title: name }) => ({ value, name })),
				'10d'
			)
		}
	});
export type Driven = ValueOf<ReturnType<typeof drivenField>>;

/** How far it stands out, and how many hang on it. */
export const OUT = lengthField('Stands out', 5, 100, [25, inch(1)]);
export const TAKES = wholeField('Hang on it', 1, 20, 1, { hint: 'One before another' });

/** A pin is drawn, and takes room, as a square about its axis: so nothing moves when its size does. */
export const SIDE: Millimetres = 20;
const STEEL = 7850;

/** Its fastener, and how long that is. */
export function drivenOf(by: Driven): { of: AnySize; length: Millimetres; word: string } {
	if (by.kind === 'nail')
		return { of: { kind: 'nail', size: by.size }, length: nail(by.size).length * MM_PER_INCH, word: 'nail' };
	return { of: { kind: 'screw', size: by.size }, length: by.length, word: 'screw' };
}

/** The part of it that stands out: bought whole, so its own weight is all of it. */
export function shankPart(by: Driven, out: Millimetres, stands: Frame): Part {
	const { of, length } = drivenOf(by);
	const f = anyFastener(of);
	const d = f.D * MM_PER_INCH;
	const mass = (STEEL * Math.PI * (d / 2) ** 2 * length) / 1e9;
	return {
		id: 'shank',
		name: f.title,
		material: {
			kind: 'driven',
			name: f.title,
			length,
			mass
		},
		outline: plain(circle(0, 0, d)),
		thickness: out,
		grain: 'none',
		features: [],
		stands: [stands]
	};
}

/** Where things hang on it, along its axis: behind its head, wherever on it they stand. */
export const seatOn = (at: Seat['at'], axis: Seat['axis'], out: Millimetres, takes: number): Seat => ({
	group: 0,
	at,
	axis,
	length: out,
	takes,
	kept: false,
	stance: 'hangs',
	carriedBy: []
});

/** The same, standing out less; nothing where it hardly does. */
export const shorter = <P extends { out: Millimetres }>(p: P): CarrierChange<P>[] => {
	const out = Math.max(OUT.min, Math.round(p.out * 0.7));
	return p.out > 2 * OUT.min
		? [{ text: phrase('Standing out {o@tape}', { o: mm(out) }), params: { ...p, out }, effort: 'nothing to buy' }]
		: [];
};

/** What is wrong with its figures and what hangs on it. */
export function pinWarnings(by: Driven, out: Millimetres, load: Load | undefined): Found[] {
	const { found, say } = findings();
	const { length, word } = drivenOf(by);
	if (out >= length)
		say('stop', 'out', phrase(`The ${word} is {l} long: nothing of it is in the wood`, { l: mm(length) }));
	if (by.kind === 'nail')
		say('mind', 'by', phrase('A nail works loose with things taken off and put on: a screw does not'));
	if (load && load.count > 0 && load.count * load.depth > out)
		say(
			'mind',
			'out',
			phrase('{n} take {d} of it; it stands out {o}', {
				n: String(load.count),
				d: mm(load.count * load.depth),
				o: mm(out)
			})
		);
	return found;
}
