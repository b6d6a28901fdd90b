import type { Found } from '../carriers/carrier';
import { stock } from '../materials/stocks';
import type { Back } from '../plan/types';
import { upright } from '../solid/frame';
import { plain, rectangle } from '../solid/outline';
import type { Feature, Part } from '../solid/part';
import { count, mm, phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';

/** Sizes that are called alike differ by less than this, in the last digits of an inch. */
const SAME: Millimetres = 0.01;
/** A screw or a hole keeps this far from the sides of a batten. */
const SIDE: Millimetres = 8;

/** Where the battens of a back stand, by their middles; undefined for one that is closed. */
export const uprightsOf = ({ made }: Pick<Back, 'made'>): readonly Millimetres[] | undefined =>
	made.kind === 'battens' ? made.at : undefined;

/** Is there wood of the back at a place along it, so far to both sides? */
function hasWood(back: Pick<Back, 'made' | 'width'>, x: Millimetres, side: Millimetres): boolean {
	const { made } = back;
	if (made.kind !== 'battens') return x - side >= -SAME && x + side <= back.width + SAME;
	return made.at.some((at) => Math.abs(x - at) + side <= made.width / 2 + SAME);
}

/** Does a feature of the back begin within a batten? */
const within = (f: Feature, from: Millimetres, to: Millimetres): boolean => {
	if (f.kind === 'pocket') return f.path.every((v) => v.x >= from - SAME && v.x <= to + SAME);
	return f.at[0] >= from && f.at[0] <= to;
};
const shifted = (f: Feature, dx: Millimetres): Feature =>
	f.kind === 'pocket'
		? { ...f, path: f.path.map((v) => ({ ...v, x: v.x + dx })) }
		: { ...f, at: [f.at[0] + dx, f.at[1]] };

/**
 * The board or boards that carriers stand on: one, several glued edge to edge, or battens with the wall open between.
 * @param features made in it, in its own frame
 * @param rear where it begins, out from the surface
 */
export function boardsOf(back: Back, features: readonly Feature[], rear: Millimetres): Part[] {
	const { thickness } = stock(back.stock);
	const common = { material: { kind: 'board', stock: back.stock } as const, thickness };
	const { made } = back;
	if (made.kind !== 'battens')
		return [
			{
				...common,
				id: 'face',
				name: 'face',
				...(made.kind === 'glued' ? { strips: made.strips } : {}),
				outline: plain(rectangle(back.width, back.height)),
				grain: 'x',
				features,
				stands: [upright([0, 0, rear])]
			}
		];
	const batten = (x: Millimetres): Part => {
		const [from, to] = [x - made.width / 2, x + made.width / 2];
		return {
			...common,
			id: `batten-${made.at.indexOf(x) + 1}`,
			name: 'batten',
			outline: plain(rectangle(made.width, back.height)),
			grain: 'y',
			features: features.filter((f) => within(f, from, to)).map((f) => shifted(f, -from)),
			stands: [upright([from, 0, rear])]
		};
	};
	const all = made.at.map(batten);
	// Those that nothing is bored in are one part in several places.
	const [first, ...rest] = all.filter((p) => p.features.length === 0);
	const plainOnes = first ? [{ ...first, stands: [first, ...rest].flatMap((p) => p.stands) }] : [];
	return [...plainOnes, ...all.filter((p) => p.features.length > 0)];
}

function battenWarnings(back: Back, made: Extract<Back['made'], { kind: 'battens' }>): Found[] {
	const found: Found[] = [];
	const say = (message: Found['message']) => found.push({ level: 'stop', field: 'made', message });
	if (made.at.length === 0) say(phrase('There is no batten: carriers have nothing to stand on'));
	const board = stock(back.stock);
	if (made.width > board.width + SAME)
		say(phrase(`A batten is {b} wide, but ${board.title} is {w}`, { b: mm(made.width), w: mm(board.width) }));
	made.at.forEach((x, i) => {
		if (x - made.width / 2 < -SAME || x + made.width / 2 > back.width + SAME)
			say(phrase('The batten at {x@tape} stands out past the end of the back', { x: mm(x) }));
		const before = made.at[i - 1];
		if (before !== undefined && x - before < made.width - SAME)
			say(phrase('The battens at {a@tape} and {x@tape} run into each other', { a: mm(before), x: mm(x) }));
	});
	return found;
}

/** What is wrong with the boards themselves: higher than they are sold, glued for nothing, battens that meet. */
export function boardWarnings(back: Back): Found[] {
	const { made } = back;
	const board = stock(back.stock);
	if (made.kind === 'battens') return battenWarnings(back, made);
	if (made.kind === 'glued' && board.kind === 'ply')
		return [{ level: 'mind', field: 'made', message: phrase('Sheets are not glued edge to edge: cut it from one') }];
	const strips = made.kind === 'glued' ? made.strips : 1;
	if (back.height <= strips * board.width + SAME) return [];
	return [
		{
			level: 'stop',
			field: 'height',
			message:
				strips === 1
					? phrase(`The face is {h} high, but ${board.title} is {w} wide`, {
							h: mm(back.height),
							w: mm(board.width)
						})
					: phrase(`The face is {h} high, but {n} strips of ${board.title}, {w} wide, are {all}`, {
							h: mm(back.height),
							n: count(strips),
							w: mm(board.width),
							all: mm(strips * board.width)
						})
		}
	];
}

/** What stands between battens, where there is no wood: screws of carriers, and holes bored for them. */
export function betweenBattens(back: Back, xs: readonly Millimetres[], holes: readonly Millimetres[]): Found[] {
	if (back.made.kind !== 'battens') return [];
	const found: Found[] = [];
	const missed = xs.filter((x) => !hasWood(back, x, SIDE)).length;
	const bored = holes.filter((x) => !hasWood(back, x, SIDE)).length;
	const say = (text: string, n: number) =>
		n > 0 && found.push({ level: 'stop', field: 'made', message: phrase(text, { n: count(n), s: mm(SIDE) }) });
	say('{n} screws of what stands on it miss the battens: at least {s} from their sides', missed);
	say('{n} holes miss the battens: at least {s} from their sides', bored);
	return found;
}
