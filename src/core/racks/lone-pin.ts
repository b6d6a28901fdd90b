import { defineCarrier, type BuiltCarrier, type CarrierContext, type Fitted, type Wanted } from '../carriers/carrier';
import { loadOf } from '../carriers/load-of';
import type { ValuesOf } from '../form/field';
import { anyFastener } from '../materials/any-fastener';
import { fail, ok } from '../result';
import { facing } from '../solid/frame';
import { mm, phrase } from '../units/phrase';
import { inch, MM_PER_INCH } from '../units/quantity';
import { drivenField, drivenOf, OUT, pinWarnings, seatOn, shankPart, shorter, SIDE, TAKES } from './pin';

const fields = { by: drivenField('#10', [80, inch(3)]), out: OUT, takes: TAKES };
type Params = ValuesOf<typeof fields>;

const MIDDLE = SIDE / 2;

function build(p: Params, { loads }: CarrierContext): BuiltCarrier {
	const { of, length } = drivenOf(p.by);
	return {
		parts: [shankPart(p.by, p.out, facing('front', [MIDDLE, MIDDLE, 0]))],
		host: [],
		joints: [],
		seats: [seatOn([MIDDLE, MIDDLE, 0], [0, 0, 1], p.out, p.takes)],
		members: [],
		faces: [],
		retention: [
			{
				forward: { by: 'its head' },
				sideways: { by: 'its shank' },
				up: { open: 'it lifts off, as it is meant to' },
				back: { by: 'the wall' }
			}
		],
		taken: { left: 0, right: SIDE, low: 0, high: SIDE },
		warnings: pinWarnings(p.by, p.out, loads[0]),
		hold: { kind: 'pin', fastener: of, length, out: p.out, at: [MIDDLE, MIDDLE] }
	};
}

/** For what has a hole or a loop that goes over a screw's head. */
function fit(w: Wanted): { ok: true; value: Fitted<Params> } | { ok: false; error: string } {
	const { dims, grip } = w.thing;
	const start = lonePin.start(w.unit) as Params;
	const head = anyFastener(drivenOf(start.by).of).head * MM_PER_INCH;
	if (grip !== 'peg' && grip !== 'hook') return fail('it has no hole or loop that goes over a screw');
	if (dims.hole === undefined || dims.hole === null) return fail('the hole or loop it hangs by is not known');
	if (dims.hole < head) return fail(`its hole does not go over the head, ${Math.round(head)} mm wide`);
	const load = loadOf(w.thing, 1);
	if (!load.ok) return load;
	const least = Math.ceil(load.value.depth) + 5;
	if (least > OUT.max) return fail('it is too thick for a screw');
	const out = Math.max(start.out, least);
	return ok({
		params: { ...start, out },
		sums: [
			{
				label: 'stands out',
				sum: phrase('as thick as it is, {d}, and {a}', { d: mm(load.value.depth), a: mm(5) }),
				value: out
			}
		],
		back: { width: SIDE, height: SIDE },
		y: 0,
		load: load.value,
		seats: 1
	});
}

export const lonePin = defineCarrier({
	kind: 'lone-pin',
	title: 'One screw or nail',
	about: 'Straight into a stud, block or boards, for one thing with a hole, beside the rows.',
	fields,
	grips: [],
	on: [],
	held: ['own'],
	mark: () => ({ name: 'Screw', at: [MIDDLE, MIDDLE] }),
	groups: () => ['on it'],
	effort: () => 2,
	build,
	describe: (p) => phrase(`one ${anyFastener(drivenOf(p.by).of).title}, {o@tape} out`, { o: mm(p.out) }),
	fit,
	changes: (p) => [
		...shorter(p),
		...(p.by.kind === 'screw'
			? [
					{
						text: phrase('A #14 screw'),
						params: { ...p, by: { ...p.by, size: '#14' as const } },
						effort: 'screws' as const
					}
				]
			: [])
	],
	watch: ['the screw: does it bend or draw down?']
});
