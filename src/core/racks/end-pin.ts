import { defineCarrier, type BuiltCarrier, type CarrierContext } from '../carriers/carrier';
import { choiceField, named, type ValuesOf } from '../form/field';
import { anyFastener } from '../materials/any-fastener';
import { facing } from '../solid/frame';
import { mm, phrase } from '../units/phrase';
import { inch } from '../units/quantity';
import { drivenField, drivenOf, OUT, pinWarnings, seatOn, shankPart, shorter, SIDE, TAKES } from './pin';

const fields = {
	end: choiceField('At its', named('left', 'right'), 'right'),
	by: drivenField('#6', [60, inch(2.5)]),
	out: OUT,
	takes: TAKES
};
type Params = ValuesOf<typeof fields>;

const MIDDLE = SIDE / 2;

/** As wide as it stands out: the row ends at its left side, or at its right one. */
function build(p: Params, { loads }: CarrierContext): BuiltCarrier {
	const { of, length } = drivenOf(p.by);
	const left = p.end === 'left';
	const root: [number, number, number] = [left ? p.out : 0, MIDDLE, 0];
	return {
		// The face of a right end looks to the right, and the shank stands along it.
		parts: [shankPart(p.by, p.out, facing(left ? 'left' : 'right', root))],
		host: [],
		joints: [],
		seats: [seatOn(root, [left ? -1 : 1, 0, 0], p.out, p.takes)],
		members: [],
		faces: [],
		retention: [
			{
				forward: { by: 'its shank' },
				sideways: { by: 'its head' },
				up: { open: 'it lifts off, as it is meant to' },
				back: { by: 'the wall' }
			}
		],
		taken: { left: 0, right: p.out, low: 0, high: SIDE },
		warnings: pinWarnings(p.by, p.out, loads[0]),
		hold: { kind: 'in-end', end: p.end, fastener: of, length, out: p.out }
	};
}

export const endPin = defineCarrier({
	kind: 'end-pin',
	title: 'Screw in the end of a row',
	about: 'Along the row, in the end of its cleat, for one light thing with a hole or a loop.',
	fields,
	grips: [],
	on: [],
	held: ['row-end'],
	groups: () => ['on it'],
	effort: () => 2,
	build,
	describe: (p) =>
		phrase(`one ${anyFastener(drivenOf(p.by).of).title} in its ${p.end} end, {o@tape} out`, { o: mm(p.out) }),
	mirrored: (p, loads) => ({ params: { ...p, end: p.end === 'left' ? ('right' as const) : ('left' as const) }, loads }),
	changes: (p) => [...shorter(p)],
	watch: ['the end of the row: does it split?', 'the screw: does it bend or draw?']
});
