import type { FloorHold, Screwed } from '../../carriers/hold';
import { screw } from '../../materials/screws';
import { noScrewsIn, screwGravity, stock, type StockId } from '../../materials/stocks';
import { isKnown, wood } from '../../materials/woods';
import { CD_BUMP, jointCapacity } from '../../mechanics/fasteners/joint';
import { FOOT_FRICTION, KEPT, leaningPush } from '../../mechanics/statics/leaning';
import type { RackPlaced } from '../../places/rack/place';
import type { Wall } from '../../plan/types';
import { claddingDepth } from '../../survey/cladding-depth';
import { count, mm, moment, newtons, phrase, ratio } from '../../units/phrase';
import { weightOf, type Millimetres, type Newtons } from '../../units/quantity';
import { checkOf, missingStep, type Check, type SumLine } from '../../verdict/check';
import { KNOCK } from '../../verdict/grab';
import { givesNothing, type HeldResult } from '../held-result';

/** The sheets of one bay. */
interface Stack {
	/** Of one, and of all. */
	one: Newtons;
	all: Newtons;
	height: Millimetres;
	/** Of the innermost and of the outermost, out from the wall. */
	near: Millimetres;
	far: Millimetres;
}

function stacksOf(p: RackPlaced, foot: Millimetres): Stack[] {
	return p.built.seats.flatMap((s) => {
		const n = s.things.length;
		if (!s.load || n === 0) return [];
		const one = weightOf(s.load.mass ?? 0);
		return [{ one, all: n * one, height: s.load.height, near: foot, far: foot + n * s.load.depth }];
	});
}

/** Of screws through one board into another, drawn or across, the less; null where no table knows the boards. */
function screwsHold(of: Screwed, main: StockId, duration: number): Newtons | null {
	if (noScrewsIn(of.stock, main)) return null;
	const c = jointCapacity(
		{
			fastener: screw(of.screw),
			length: of.length,
			side: { thickness: stock(of.stock).thickness, G: screwGravity(stock(of.stock)) },
			gap: 0,
			main: { thickness: stock(main).width, G: screwGravity(stock(main)) }
		},
		duration
	);
	return Math.min(c.axial, c.lateral) * of.count;
}

/** A stack that leans: does it stay on its feet, and does a knock tip it? */
function leanChecks(p: RackPlaced, leans: NonNullable<FloorHold['leans']>): Check[] {
	const { id } = p.holder;
	const subject = { kind: 'holder', id } as const;
	const stacks = stacksOf(p, leans.foot);
	if (stacks.length === 0) return [];
	const pushOf = (s: Stack) => leaningPush(s.one, s.height, s.near);
	// One sheet alone, the innermost, is tipped most easily: the others may be off.
	const light = stacks.reduce((a, b) => (pushOf(b) < pushOf(a) ? b : a));
	const slope = (s: Stack) => leaningPush(1, s.height, s.far);
	const steep = stacks.reduce((a, b) => (slope(b) > slope(a) ? b : a));
	const push = pushOf(light);
	const lean: SumLine = {
		label: 'leans with',
		sum: phrase('{W} × {d} / 2 / √({H}² - {d}²): one sheet by itself', {
			W: newtons(light.one),
			d: mm(light.near),
			H: mm(light.height)
		}),
		result: newtons(push)
	};
	const key = `holder:${id}`;
	const { bar, kerb } = leans;
	const held = bar ? screwsHold(bar, leans.posts, CD_BUMP) : null;
	const tips =
		bar && held === null
			? {
					...missingStep('tips', phrase('no value is published for the bar’s screws'), 'the maker of the board'),
					id: `${key}:tips`,
					subject
				}
			: checkOf(`${key}:tips`, subject, {
					title: 'tips',
					source: 'statics; 10 lb, common practice',
					reason: bar
						? phrase('a knock pushes the bar off')
						: phrase('a knock tips them forward: a bar or a strap across, or their feet further out'),
					demand: newtons(bar ? KNOCK : KEPT),
					capacity: newtons(bar ? (held ?? 0) : push),
					lines: () => [
						lean,
						...(bar
							? [
									{
										label: 'bar holds',
										sum: phrase('{n} screws at an end, drawn or across, the less of both; for a moment', {
											n: count(bar.count)
										}),
										result: newtons(held ?? 0)
									}
								]
							: [{ label: 'to be', sum: phrase('so much, or a knock tips it'), result: newtons(KEPT) }])
					]
				});
	const needed = slope(steep);
	const kerbHolds = kerb ? screwsHold({ ...kerb, stock: leans.base }, kerb.stock, CD_BUMP) : null;
	const slides = checkOf(`${key}:slides`, subject, {
		title: 'feet slide',
		source: 'statics; friction 0.3, common practice',
		reason: phrase('their feet slide out from the wall'),
		demand: ratio(needed),
		capacity: ratio(FOOT_FRICTION),
		lines: () => [
			{
				label: 'pushes',
				sum: phrase('{d} / 2 / √({H}² - {d}²) of its weight: the outermost sheet', {
					d: mm(steep.far),
					H: mm(steep.height)
				}),
				result: ratio(needed)
			},
			{ label: 'friction', sum: phrase('of a sheet on its base'), result: ratio(FOOT_FRICTION) }
		],
		second:
			kerbHolds === null
				? undefined
				: {
						by: 'its kerb',
						demand: newtons(needed * steep.all),
						capacity: newtons(kerbHolds),
						lines: () => [
							{
								label: 'kerb holds',
								sum: phrase('{n} screws up through the base, drawn or across, the less of both', {
									n: count(kerb?.count ?? 0)
								}),
								result: newtons(kerbHolds)
							}
						]
					}
	});
	return [tips, slides];
}

/** Somebody knocks against its top: its own weight keeps it, or its screws in the wall do. */
function knockCheck(p: RackPlaced, hold: FloorHold, wall: Wall): Check[] {
	const { id } = p.holder;
	const subject = { kind: 'holder', id } as const;
	const { self } = p.built;
	// It tips about its front edge.
	const keeps = weightOf(self.mass) * Math.max(0, hold.out - self.at[2]);
	const tips = KNOCK * hold.top;
	const { screws } = hold;
	// Of wood that nobody knows no screw counts: its own weight is left.
	const counted = screws ? p.screws.filter((s) => s.support && !s.fault && isKnown(s.support.species)) : [];
	const first = counted[0];
	const bare = screws && noScrewsIn(screws.stock);
	const pull =
		screws && first?.support && !bare
			? jointCapacity(
					{
						fastener: screw(screws.screw),
						length: screws.length,
						side: { thickness: stock(screws.stock).thickness, G: screwGravity(stock(screws.stock)) },
						gap: claddingDepth(wall.cladding),
						main: { thickness: first.support.depth, G: wood(first.support.species).G },
						...(wall.wet ? { wet: true } : {})
					},
					CD_BUMP
				).axial * counted.length
			: 0;
	const byScrews = wall.build?.kind === 'masonry' ? 0 : pull * (first?.up ?? 0);
	return [
		checkOf(`holder:${id}:knock`, subject, {
			title: 'knock: the whole',
			// Of a bin that is all there is to ask: does it stand? Of a bay it is told beside its sheets.
			basis: hold.leans ? 'grab' : 'published',
			source: '15 lb, common practice; statics',
			reason: phrase('a knock at its top tips it: screws into the wall'),
			demand: moment(tips),
			capacity: moment(keeps + byScrews),
			lines: () => [
				{
					label: 'tips it',
					sum: phrase('{F} × {h}: about its front edge', { F: newtons(KNOCK), h: mm(hold.top) }),
					result: moment(tips)
				},
				{
					label: 'its weight',
					sum: phrase('{W} × {a}: empty', {
						W: newtons(weightOf(self.mass)),
						a: mm(Math.max(0, hold.out - self.at[2]))
					}),
					result: moment(keeps)
				},
				...(byScrews > 0
					? [
							{
								label: 'its screws',
								sum: phrase(`{T} of ${counted.length} that hold × {y}`, { T: newtons(pull), y: mm(first?.up ?? 0) }),
								result: moment(byScrews)
							}
						]
					: [])
			]
		})
	];
}

/**
 * What stands on the floor against the wall: sheets that lean in it, and a knock. The floor carries it.
 * @example floorResult(placed, hold, plan.wall).checks.map((c) => c.title) // ['tips', 'feet slide', 'knock: ...']
 */
export function floorResult(p: RackPlaced, hold: FloorHold, wall: Wall): HeldResult {
	return givesNothing(...(hold.leans ? leanChecks(p, hold.leans) : []), ...knockCheck(p, hold, wall));
}
