import { defineCarrier, type BuiltCarrier, type CarrierContext } from '../carriers/carrier';
import { lengthField, massField, orNull, wholeField, type ValuesOf } from '../form/field';
import { findings } from '../carriers/findings';
import { mm, phrase } from '../units/phrase';
import { inch } from '../units/quantity';

const fields = {
	width: lengthField('Room along it', 20, 5000, [200, inch(8)]),
	count: wholeField('Side by side', 1, 40, 2),
	rated: orNull(
		massField('What it is on may carry', 0.1, 200, undefined, {
			hint: 'Of a trim, a ledge, the head of a door: whoever put it up knows. Not asked of a sheet behind a row'
		})
	)
};
type Params = ValuesOf<typeof fields>;

function build(p: Params, { loads }: CarrierContext): BuiltCarrier {
	const { found, say } = findings();
	const [load] = loads;
	const pitch = p.width / p.count;
	const stand = load && load.count > 0 ? Math.min(load.count, p.count) : 0;
	if (load && stand > 0 && load.width > pitch)
		say('mind', 'width', phrase('Each has {p}, and is {w} wide', { p: mm(pitch), w: mm(load.width) }));
	return {
		parts: [],
		host: [],
		joints: [],
		seats: Array.from({ length: p.count }, (_, i) => ({
			group: 0,
			at: [(i + 0.5) * pitch, 0, 0] as const,
			axis: [0, 0, 1] as const,
			length: load?.depth ?? 0,
			takes: 1,
			kept: true,
			stance: 'stands' as const,
			carriedBy: []
		})),
		members: [],
		faces: [],
		retention: [
			{
				forward: { open: 'a knock takes it down: a strip along the edge' },
				sideways: { open: 'it slides off the end' },
				up: { open: 'it lifts off, as it is meant to' },
				back: { by: 'the wall' }
			}
		],
		taken: { left: 0, right: p.width, low: 0, high: 1 },
		warnings: found,
		hold: { kind: 'rest', rated: p.rated }
	};
}

export const topRest = defineCarrier({
	kind: 'top-rest',
	title: 'On top of what is there',
	about: 'Light things on a ledge, on the head of a door or window, or on the sheet behind a row.',
	fields,
	grips: [],
	on: [],
	held: ['own', 'row-top'],
	groups: () => ['on it'],
	effort: (p) => p.count,
	build,
	describe: (p) => phrase(`{w@tape} on top, ${p.count} side by side`, { w: mm(p.width) }),
	withSeats: (p, seats) => ({ ...p, count: Math.max(1, seats) }),
	watch: []
});
