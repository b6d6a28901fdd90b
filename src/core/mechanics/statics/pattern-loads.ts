import { lastOf, nth } from '../../nth';
import type { Millimetres, NewtonMillimetres, Newtons } from '../../units/quantity';
import { beamReactions, type BeamReactions, type LineLoad } from './continuous-beam';

/** A beam's worst figures with any of its loads taken off. */
export interface WorstPattern {
	/** At every support: pressed down, and lifted, by whatever adds to it; neither eased by what does not. */
	down: Newtons[];
	lift: Newtons[];
	/** Greatest bending and where; and of what may be taken off alone. */
	moment: { value: NewtonMillimetres; at: Millimetres };
	removable: NewtonMillimetres;
	shear: Newtons;
}

/** A load, with what it alone does to the beam. */
interface Known {
	load: LineLoad;
	found: BeamReactions;
}

/** A span of the beam: its number, its left end, its length. */
interface Span {
	k: number;
	x: Millimetres;
	L: Millimetres;
}

/** Sums of what adds either way. */
interface Ways {
	plus: number;
	minus: number;
}
function addTo(ways: Ways, value: number): void {
	if (value > 0) ways.plus += value;
	else ways.minus -= value;
}

const middleOf = (l: LineLoad) => (l.from + l.to) / 2;

/** Does any of a load lie in a span? One on a support lies in the span that begins there. */
const touches = ({ from, to }: LineLoad, { x, L }: Span, last: boolean): boolean =>
	from === to ? from >= x && (from < x + L || (last && from === x + L)) : to > x && from < x + L;

/** Force of what of a load lies between two places, and its moment about the second. */
function leftOf(load: LineLoad, from: Millimetres, to: Millimetres): [Newtons, NewtonMillimetres] {
	if (load.from === load.to)
		return load.from >= from && load.from <= to ? [load.total, load.total * (to - load.from)] : [0, 0];
	const [a, b] = [Math.max(load.from, from), Math.min(load.to, to)];
	if (b <= a) return [0, 0];
	const force = (load.total / (load.to - load.from)) * (b - a);
	return [force, force * (to - (a + b) / 2)];
}

/** Over the two ends of a span. */
const endsOf = ({ found }: Known, { k }: Span): [NewtonMillimetres, NewtonMillimetres] => [
	found.supportMoments[k] as number,
	found.supportMoments[k + 1] as number
];

/** How a load bends a span that it touches, at a place in it: the moments over its ends, and a simple beam between. */
function bends(e: Known, span: Span, x: Millimetres): NewtonMillimetres {
	const [a, b] = endsOf(e, span);
	const s = (x - span.x) / span.L;
	const [, about] = leftOf(e.load, span.x, span.x + span.L);
	return a + (b - a) * s + about * s - leftOf(e.load, span.x, x)[1];
}

/**
 * Loads beside a span bend it in a straight line from one end to the other, and all from one side cross nothing at the
 * same place in it (its focus). So those that begin alike in sign stay alike, and two sums stand for all of them.
 * @param near which end of the span they come from
 */
function besideSpan(loads: readonly Known[], span: Span, near: 0 | 1): [NewtonMillimetres, NewtonMillimetres][] {
	const up: [NewtonMillimetres, NewtonMillimetres] = [0, 0];
	const down: [NewtonMillimetres, NewtonMillimetres] = [0, 0];
	for (const e of loads) {
		const ends = endsOf(e, span);
		const sum = ends[near] > 0 ? up : down;
		sum[0] += ends[0];
		sum[1] += ends[1];
	}
	return [up, down];
}

/** Places in a span where bending may be greatest beside its ends: its middle, under the middle of every load. */
const placesIn = (loads: readonly Known[], { x, L }: Span): Millimetres[] => [
	...new Set([x + L / 2, ...loads.map(({ load }) => middleOf(load)).filter((m) => m > x && m < x + L)])
];

/** Shear just inside both ends of a span, by a load that touches it or not. */
function shearsIn(e: Known, span: Span, here: boolean): [Newtons, Newtons] {
	const { x, L } = span;
	const [a, b] = endsOf(e, span);
	const change = (b - a) / L;
	if (!here) return [change, change];
	const [force, about] = leftOf(e.load, x, x + L);
	const onEnd = (at: Millimetres) => (e.load.from === e.load.to && e.load.from === at ? e.load.total : 0);
	return [about / L - onEnd(x) + change, about / L - force + onEnd(x + L) + change];
}

/** Shear by one load, just inside both ends of every span, then just past both ends of the beam. */
function shears(e: Known, spans: readonly Span[]): Newtons[] {
	const lastSpan = lastOf(spans);
	const [first, last] = [nth(spans, 0).x, lastSpan.x + lastSpan.L];
	const { load } = e;
	const all = spans.flatMap((s) => shearsIn(e, s, touches(load, s, s === lastSpan)));
	all.push(load.from < first ? -leftOf(load, load.from, first)[0] : 0);
	all.push(load.to > last ? load.total - leftOf(load, Math.min(load.from, last), last)[0] : 0);
	return all;
}

/** Greatest shear at either side of every support. */
function worstShear(spans: readonly Span[], own: Known, each: readonly Known[]): Newtons {
	const always = shears(own, spans);
	const ways = always.map((): Ways => ({ plus: 0, minus: 0 }));
	for (const e of each) shears(e, spans).forEach((V, i) => addTo(ways[i] as Ways, V));
	return always.reduce((most, V, i) => {
		const { plus, minus } = ways[i] as Ways;
		return Math.max(most, plus + V, minus - V);
	}, 0);
}

/**
 * The worst that any part of the loads does to a beam over several supports: two studs close together are lifted by
 * what hangs past them, a span bends more with the next one empty. Each figure counts only what adds to it.
 * @param always cannot be taken off: the beam's own weight
 * @param removable may be, one by one
 * @param reactionsOf of one of them alone; kept by the caller where it can be
 * @throws RangeError with fewer than two supports or supports out of order
 * @example worstPattern([0, 3], { from: 1, to: 1, total: 9 }, []).down // [6, 3]
 */
export function worstPattern(
	supports: readonly Millimetres[],
	always: LineLoad,
	removable: readonly LineLoad[],
	reactionsOf: (load: LineLoad) => BeamReactions = (load) => beamReactions(supports, [load])
): WorstPattern {
	const own: Known = { load: always, found: beamReactions(supports, [always]) };
	const each = removable.map((load): Known => ({ load, found: reactionsOf(load) }));
	const spans = supports.slice(1).map((to, k): Span => {
		const x = nth(supports, k);
		return { k, x, L: to - x };
	});
	const pressed = supports.map((_, i) => {
		const ways: Ways = { plus: 0, minus: 0 };
		for (const { found } of each) addTo(ways, found.reactions[i] as number);
		return ways;
	});
	const moment = { value: 0, at: nth(supports, 0) };
	let alone = 0;
	const seen = (at: Millimetres, M: NewtonMillimetres, { plus, minus }: Ways) => {
		const most = Math.max(plus + M, minus - M);
		if (most > moment.value) Object.assign(moment, { value: most, at });
		alone = Math.max(alone, plus, minus);
	};
	supports.forEach((x, i) => {
		const ways: Ways = { plus: 0, minus: 0 };
		for (const { found } of each) addTo(ways, found.supportMoments[i] as number);
		seen(x, nth(own.found.supportMoments, i), ways);
	});
	for (const span of spans) {
		const here: Known[] = [];
		const beside: [Known[], Known[]] = [[], []];
		const last = span.k === spans.length - 1;
		for (const e of each) {
			if (touches(e.load, span, last)) here.push(e);
			else beside[e.load.from < span.x ? 0 : 1].push(e);
		}
		const straight = [...besideSpan(beside[0], span, 0), ...besideSpan(beside[1], span, 1)];
		for (const x of placesIn(here, span)) {
			const ways: Ways = { plus: 0, minus: 0 };
			const s = (x - span.x) / span.L;
			for (const e of here) addTo(ways, bends(e, span, x));
			for (const [a, b] of straight) addTo(ways, a + (b - a) * s);
			seen(x, bends(own, span, x), ways);
		}
	}
	return {
		down: pressed.map(({ plus }, i) => Math.max(0, plus + nth(own.found.reactions, i))),
		lift: pressed.map(({ minus }, i) => Math.max(0, minus - nth(own.found.reactions, i))),
		moment,
		removable: alone,
		shear: worstShear(spans, own, each)
	};
}
