import { lengthField, type ValuesOf } from '../form/field';
import { stock } from '../materials/stocks';
import { upright } from '../solid/frame';
import { circle, polygon, rectangle } from '../solid/outline';
import type { Feature, Part } from '../solid/part';
import { fine, mm, phrase } from '../units/phrase';
import { inch, type Millimetres } from '../units/quantity';
import type { Found } from './carrier';
import { findings } from './findings';
import { grooveFaults } from './groove-faults';
import { tippingRoom, type Grooved } from './lift-in';
import { clearOf, NO_DOORS, type DoorsMade, type Opening } from './opening';
import { boardField } from './plate';

/** Two doors that pass each other in paired grooves of top and bottom, and are lifted in. */
export const SLIDING = {
	stock: boardField('Panels', ['ply-6', 'ply-1/4']),
	lower: lengthField('Lower grooves deep', 2, 30, [5, inch(3 / 16)]),
	upper: lengthField('Upper grooves deep', 3, 40, [11, inch(7 / 16)], {
		hint: 'Deeper than the lower: a panel is lifted in, then lowered'
	}),
	over: lengthField('Panels higher than the opening by', 0, 60, [8, inch(5 / 16)], {
		hint: 'More than the lower groove, less than the upper'
	}),
	play: lengthField('Grooves wider than the panel by', 0.2, 10, [1.2, inch(3 / 64)]),
	between: lengthField('Wood before and between the grooves', 2, 60, [7, inch(1 / 4)]),
	overlap: lengthField('Overlap', 0, 300, [30, inch(1.25)]),
	finger: lengthField('Finger holes', 10, 60, [25, inch(1)])
};
type Sliding = ValuesOf<typeof SLIDING>;

/** Less of an overlap leaves a gap for dust. */
const LEAST_OVERLAP: Millimetres = 10;
/** Middle of a finger hole from the outer edge of its panel. */
const FINGER_IN: Millimetres = 40;

const thick = (s: Sliding): Millimetres => stock(s.stock).thickness;
const grooveOf = (s: Sliding): Millimetres => thick(s) + s.play;
const takesOf = (s: Sliding): Millimetres => 2 * (s.between + grooveOf(s));
const heightOf = (s: Sliding, o: Opening): Millimetres => Math.max(1, clearOf(o).high + s.over);
const widthOf = (s: Sliding, o: Opening): Millimetres => Math.max(1, (clearOf(o).wide + s.overlap) / 2);
/** Where the front and the rear groove begin, out from the face. */
const groovesAt = (s: Sliding, o: Opening): [front: Millimetres, rear: Millimetres] => [
	o.depth - s.between - grooveOf(s),
	o.depth - takesOf(s)
];

/** How a panel is tipped into the rear groove, whose foot has more to pass over. */
const tipped = (s: Sliding, o: Opening): Grooved => ({
	opening: clearOf(o).high,
	height: heightOf(s, o),
	thickness: thick(s),
	before: takesOf(s) - grooveOf(s)
});

/** Play at which panels can be tipped in, to the next tenth; what was meant, where that does. */
export const playFor = (s: Sliding, o: Opening): Millimetres =>
	Math.max(s.play, Math.ceil((tippingRoom(tipped(s, o)) - thick(s)) * 10 + 0.1) / 10);

function groove(s: Sliding, o: Opening, deep: Millimetres, from: 'front' | 'back'): Feature[] {
	const { wide } = clearOf(o);
	return groovesAt(s, o).map((z) => ({
		kind: 'pocket',
		name: 'groove',
		from,
		depth: deep,
		path: polygon([
			[0, z],
			[wide, z],
			[wide, z + grooveOf(s)],
			[0, z + grooveOf(s)]
		])
	}));
}

/** Left one before the right one; each stands on its groove, its finger hole near its outer edge. */
function panels(s: Sliding, o: Opening): Part[] {
	const [wide, high] = [widthOf(s, o), heightOf(s, o)];
	const { left, low, wide: all } = clearOf(o);
	return (['left', 'right'] as const).map((hand, i) => {
		const x = hand === 'left' ? FINGER_IN : wide - FINGER_IN;
		const at = [x, high / 2] as const;
		return {
			id: `${hand}-door`,
			name: `${hand} door`,
			material: { kind: 'board', stock: s.stock },
			outline: { outer: rectangle(wide, high), holes: [circle(at[0], at[1], s.finger)] },
			thickness: thick(s),
			door: true,
			grain: 'y',
			features: [
				{
					kind: 'bore',
					at,
					from: 'front',
					diameter: s.finger,
					depth: thick(s),
					through: true,
					tilt: 0,
					toward: [0, 1],
					drawn: true
				}
			],
			stands: [
				upright([
					hand === 'left' ? left : left + all - wide,
					low - s.lower,
					(groovesAt(s, o)[i] as number) + s.play / 2
				])
			]
		};
	});
}

function warningsOf(s: Sliding, o: Opening): Found[] {
	const { found, say } = findings();
	found.push(...grooveFaults({ ...s, ...tipped(s, o), board: clearOf(o).low, groove: grooveOf(s), field: 'doors' }));
	if (s.overlap < LEAST_OVERLAP)
		say('mind', 'doors', phrase('An overlap of {o} lets dust in between the panels', { o: mm(s.overlap) }));
	if (widthOf(s, o) < 2 * FINGER_IN)
		say('stop', 'doors', phrase('A panel of {w} has no room for its finger hole', { w: mm(widthOf(s, o)) }));
	return found;
}

/**
 * Two sliding doors for a box: panels, grooves, and whether they can be lifted in and stay.
 * @example slidingOn(startsOf(SLIDING, 'mm'), opening).takes // 28
 */
export function slidingOn(s: Sliding, o: Opening): DoorsMade {
	const { high, wide } = clearOf(o);
	return {
		...NO_DOORS,
		parts: panels(s, o),
		grooves: { bottom: groove(s, o, s.lower, 'back'), top: groove(s, o, s.upper, 'front') },
		onBottom: 1 - widthOf(s, o) / 2 / Math.max(1, wide),
		takes: takesOf(s),
		warnings: warningsOf(s, o),
		sums: [
			phrase('panels high: opening {h} + {o} is {p}: more than {h} + {l}, less than {h} + {u}', {
				h: mm(high),
				o: mm(s.over),
				p: mm(heightOf(s, o)),
				l: mm(s.lower),
				u: mm(s.upper)
			}),
			phrase('panels wide: ({w} + {o}) / 2 is {p}', { w: mm(wide), o: mm(s.overlap), p: mm(widthOf(s, o)) }),
			phrase('grooves wide: {t} + {p} is {g}; the near one {b} in from the front edge', {
				t: mm(thick(s)),
				p: fine(s.play),
				g: fine(grooveOf(s)),
				b: mm(s.between)
			})
		],
		dust: 'closed by panels that pass each other: fine dust finds the gap between them'
	};
}
