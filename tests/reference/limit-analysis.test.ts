import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { checkPlan, type PlanChecks } from '$core/loads/check-plan';
import { segmentsOn, type Segment } from '$core/cleats/segments';
import { jointCapacity } from '$core/loads/fasteners/joint';
import { screw } from '$core/materials/screws';
import { stock } from '$core/materials/stocks';
import { wood } from '$core/materials/woods';
import { holderWeights, type LaidRow, type Placed, type PlacedWeight } from '$core/loads/place';
import type { Plan } from '$core/plan/types';
import { startInputs } from '$core/sums/inputs';
import { sumByName } from '$core/sums/registry';
import { anyWall } from '../support/any-wall';
import { inputsArbitrary } from '../support/any-inputs';
import { Body, greatest, Programme, ready } from '../support/linear-programme';

/**
 * Limit analysis, an independent judge: of rigid bodies held by contacts that only push and fasteners of limited
 * strength, the largest factor on the loads for which any equilibrium at all exists, found by HiGHS as a linear
 * programme (lower bound theorem of plasticity). Whatever a check says, no plan holds more than that; with any of the
 * things taken off, too. Only strengths of single fasteners and places are taken from the project: the places are
 * looked at again here.
 */
beforeAll(ready);

const G = 9.80665;
const tan = (bevel: number) => Math.tan((bevel * Math.PI) / 180);
const slack = 1 + 1e-5;

/** Any of the things may be off: bits of a number say which stay. */
const left = (weights: readonly PlacedWeight[], bits: number) => weights.filter((_, i) => (bits >> (i % 30)) & 1);

/**
 * What is really behind the foot of a holder, told without the project: does a spacer as thick as its cleat touch
 * anything on both sides of its weight?
 */
function spacerTouches(plan: Plan, p: Placed, at: number): boolean {
	const { wall } = plan;
	const sheet = p.row.backer ? stock(p.row.backer.stock).thickness : 0;
	const touches = (x: number) => {
		if (x < 0 || x > wall.width) return false;
		if (wall.obstructions.some((o) => x > o.x && x < o.x + o.width && p.foot + 15 > o.y && p.foot < o.y + o.height))
			return false;
		const behind = Math.max(
			0,
			...plan.rows
				.filter(
					(r) =>
						r.backer &&
						x >= r.left &&
						x <= r.right &&
						p.foot >= r.y - r.backer.below - 0.5 &&
						p.foot + 15 <= r.y - r.backer.below + r.backer.height + 0.5
				)
				.map(() => 12)
		);
		return behind > sheet - 0.5;
	};
	const xs = Array.from({ length: 201 }, (_, i) => p.left + ((p.right - p.left) * i) / 200).filter(touches);
	return xs.some((x) => x <= at + 0.01 * (p.right - p.left)) && xs.some((x) => x >= at - 0.01 * (p.right - p.left));
}

/** The factor on all stand-offs at which a holder on its bevel, free to touch anywhere on it, still sits. */
function seatFactor(p: Placed, weights: readonly PlacedWeight[]): number {
	const lp = new Programme();
	const f = lp.variable(0, 1e6);
	const one = lp.variable(1, 1);
	const body = new Body();
	const { back, front, thickness: t, bevel } = p.profile;
	const [sin, cos] = [Math.sin((bevel * Math.PI) / 180), Math.cos((bevel * Math.PI) / 180)];
	for (const [y, z] of [
		[p.row.y + back, 0],
		[p.row.y + front, t]
	] as const)
		body.force(lp.variable(0, Infinity), [0, y, z], [0, cos, -sin]);
	body.force(lp.variable(0, Infinity), [0, p.bearing.y, t], [0, 0, 1]);
	const W = weights.reduce((sum, w) => sum + w.weight, 0);
	const turn = weights.reduce((sum, w) => sum + w.weight * w.standOff, 0);
	// The weight at f times its stand-off: straight down at z 0, with a moment of f times its turn, as two forces up and
	// down one apart.
	body.force(one, [0, 0, 0], [0, -W, 0]);
	body.force(f, [0, 0, 0], [0, turn / 100, 0]);
	body.force(f, [0, 0, 100], [0, -turn / 100, 0]);
	body.balance(lp);
	return greatest(lp, f);
}

/**
 * The factor on a hook's roll at which screws of unit strength in a line, and the face that presses on it, are still in
 * balance.
 */
function hookFactor(places: readonly number[], P: number, at: number, ends: readonly [number, number]): number {
	const lp = new Programme();
	const f = lp.variable(0, 1e9);
	const pulls = places.map((x) => [lp.variable(0, 1), x] as const);
	const presses = ends.map((x) => [lp.variable(0, Infinity), x] as const);
	lp.zero([[f, P], ...pulls.map(([n]) => [n, -1] as const), ...presses.map(([n]) => [n, 1] as const)]);
	lp.zero([
		[f, (P * at) / 100],
		...pulls.map(([n, x]) => [n, -x / 100] as const),
		...presses.map(([n, x]) => [n, x / 100] as const)
	]);
	return greatest(lp, f);
}

/** The factor on everything that hangs on one cleat at which its screws can still be in balance. */
function cleatFactor(plan: Plan, laid: LaidRow, segment: Segment, placed: readonly Placed[], bits: number): number {
	const { row, profile } = laid;
	const lp = new Programme();
	const f = lp.variable(0, 2000);
	const cleat = new Body();
	const { back, front, thickness: t, bevel } = profile;
	const base = row.backer ? stock(row.backer.stock).thickness : 0;
	const [sin, cos] = [Math.sin((bevel * Math.PI) / 180), Math.cos((bevel * Math.PI) / 180)];
	for (const p of placed) {
		const lap = [Math.max(p.left, row.left), Math.min(p.right, row.right)] as const;
		const { self, things } = holderWeights(p.built, p.profile.thickness);
		const body = new Body();
		for (const w of [self, ...left(things, bits)])
			body.force(f, [p.left + w.x, 0, base + w.standOff], [0, -w.weight, 0]);
		// On the bevel, at the ends of its lap with this cleat and with the rest of the row; only what rests on this cleat
		// loads it.
		const cuts = [
			...new Set([
				lap[0],
				Math.min(Math.max(segment.from, lap[0]), lap[1]),
				Math.min(Math.max(segment.to, lap[0]), lap[1]),
				lap[1]
			])
		];
		for (const x of cuts) {
			for (const here of [true, false]) {
				const on = here ? x >= segment.from && x <= segment.to : x <= segment.from || x >= segment.to;
				if (!on) continue;
				for (const [y, z] of [
					[row.y + back, base],
					[row.y + front, base + t]
				] as const) {
					const N = lp.variable(0, Infinity);
					body.force(N, [x, y, z], [0, cos, -sin]);
					if (here) cleat.force(N, [x, y, z], [0, -cos, sin]);
				}
			}
			// Lower bearing: on its own cleat it presses that, elsewhere the wall.
			const R = lp.variable(0, Infinity);
			body.force(R, [x, p.bearing.y, base + t], [0, 0, 1]);
			const own =
				p.bearing.kind === 'face' ||
				p.bearing.kind === 'cleat-edge' ||
				(row.backer && p.bearing.kind === 'spacer' && p.foot >= row.y - row.backer.below);
			if (own && x >= segment.from && x <= segment.to) cleat.force(R, [x, p.bearing.y, base + t], [0, 0, -1]);
			// One that sits with something to spare presses on the front of the cleat higher up as well, and its hook's back
			// on what the cleat is mounted on.
			const F = lp.variable(0, Infinity);
			body.force(F, [x, row.y + front, base + t], [0, 0, 1]);
			if (x >= segment.from && x <= segment.to) cleat.force(F, [x, row.y + front, base + t], [0, 0, -1]);
			const B = lp.variable(0, Infinity);
			body.force(B, [x, row.y + back + front, base], [0, 0, 1]);
			if (row.backer && back + front <= row.backer.height - row.backer.below && x >= segment.from && x <= segment.to)
				cleat.force(B, [x, row.y + back + front, base], [0, 0, -1]);
			if (p.holder.params.lockStrip) {
				const U = lp.variable(0, Infinity);
				body.force(U, [x, row.y, base], [0, -1, 0]);
				if (x >= segment.from && x <= segment.to) cleat.force(U, [x, row.y, base], [0, 1, 0]);
			}
		}
		body.balance(lp);
	}
	const length = segment.to - segment.from;
	const area = (t * (back + front)) / 2;
	cleat.force(
		f,
		[(segment.from + segment.to) / 2, 0, base + t / 2],
		[0, (-area * length * stock(row.stock).density * G) / 1e9, 0]
	);
	if (row.backer)
		cleat.force(
			f,
			[(segment.from + segment.to) / 2, 0, base / 2],
			[0, (-row.backer.height * base * length * stock(row.backer.stock).density * G) / 1e9, 0]
		);
	const low = row.backer ? row.y - row.backer.below : row.y - (row.twistBlock?.height ?? 0);
	const high = row.backer ? low + row.backer.height : row.y + back;
	for (const x of [segment.from, segment.to, ...segment.fixings.map((s) => s.x)])
		for (const y of [low, row.y, high]) cleat.force(lp.variable(0, Infinity), [x, y, 0], [0, 0, 1]);
	const side = row.backer ? stock(row.backer.stock) : stock(row.stock);
	const c = jointCapacity({
		fastener: screw(row.screws.size),
		length: row.screws.length,
		side: { thickness: side.thickness, G: side.G },
		gap: plan.wall.cladding.thickness,
		main: { thickness: 95, G: wood('c24').G }
	});
	for (const s of segment.fixings.flatMap((fixing) => fixing.screws)) {
		cleat.force(lp.variable(0, c.axial), [s.x, s.y, 0], [0, 0, -1]);
		cleat.force(lp.variable(-c.lateral, c.lateral), [s.x, s.y, 0], [0, 1, 0]);
	}
	cleat.balance(lp);
	return greatest(lp, f);
}

/**
 * Every screw that counts is looked at again: in a stud at its own height, off every end and edge, in nothing that it
 * must not hit.
 */
function lookAtScrews(plan: Plan, checks: PlanChecks): number {
	let seen = 0;
	for (const { laid } of checks.rows.values()) {
		const { row, profile } = laid;
		const D = screw(row.screws.size).D * 25.4;
		for (const segment of segmentsOn(row, plan.wall, plan.cutting.kerf)) {
			for (const { x, y } of segment.fixings.flatMap((f) => f.screws)) {
				seen++;
				const inside = plan.wall.studs.some((s) => {
					const at = s.x + ((s.lean ?? 0) * y) / 1000;
					const [from, to] = s.plies ? [at - s.width / 2, at] : [at - s.width / 2, at + s.width / 2];
					return x - from >= 2.5 * D - 0.02 && to - x >= 2.5 * D - 0.02;
				});
				expect(inside, `screw at ${x}, ${y} is in no stud`).toBe(true);
				expect(Math.min(x - segment.from, segment.to - x)).toBeGreaterThanOrEqual(5 * D - 0.02);
				const low = row.backer ? row.y - row.backer.below : row.y;
				const high = row.backer ? low + row.backer.height : row.y + profile.back;
				expect(Math.min(y - low, high - y)).toBeGreaterThanOrEqual(2.5 * D - 0.02);
				expect(plan.wall.obstructions.some((o) => x > o.x && x < o.x + o.width && y > o.y && y < o.y + o.height)).toBe(
					false
				);
			}
		}
	}
	return seen;
}

describe('no check holds more than limit analysis', () => {
	it('of seats, hooks and screws of 2,000 random walls, with any of the things taken off', () => {
		const seen = { seats: 0, hooks: 0, cleats: 0, screws: 0, spacers: 0 };
		fc.assert(
			fc.property(anyWall, fc.nat(), (plan, bits) => {
				const checks = checkPlan(plan);
				seen.screws += lookAtScrews(plan, checks);
				for (const { placed: p } of checks.holders.values()) {
					const own = (kind: string) => checks.checks.find((c) => c.id === `holder:${p.holder.id}:${kind}`);
					if (own('place')) continue;
					const { self, things } = holderWeights(p.built, p.profile.thickness);
					if (p.bearing.kind === 'spacer') {
						seen.spacers++;
						expect(
							spacerTouches(plan, p, p.left + holderWeights(p.built, p.profile.thickness).at),
							'a spacer that touches nothing'
						).toBe(true);
					}
					const told = Math.min(
						...['seat', 'part', 'lock'].map((k) => (k === 'lock' ? 1 : 1.5) * (own(k)?.margin ?? Infinity))
					);
					for (const some of [bits, -1, 0]) {
						const weights = [self, ...left(things, some)];
						if (Number.isFinite(told)) {
							seen.seats++;
							expect(told, 'seat').toBeLessThanOrEqual(seatFactor(p, weights) * slack);
						}
						const hook = own('hook');
						if (hook?.load && !p.holder.params.lockStrip) {
							seen.hooks++;
							const W = weights.reduce((sum, w) => sum + w.weight, 0);
							const at = weights.reduce((sum, w) => sum + w.weight * w.x, 0) / W;
							const P =
								(W * (tan(p.profile.bevel) * ((p.profile.back + p.profile.front) / 2) + p.profile.thickness / 2)) /
								(p.profile.back / 2);
							const places = p.built.hookScrews.map((s) => s.x);
							expect(hook.margin ?? Infinity, 'hook').toBeLessThanOrEqual(
								hook.load.capacity.value * hookFactor(places, P, at, [0, p.built.face.width]) * slack
							);
						}
					}
				}
				for (const { laid } of checks.rows.values()) {
					const segments = segmentsOn(laid.row, plan.wall, plan.cutting.kerf);
					for (const segment of segments) {
						if (segment.fixings.length < 2) continue;
						const on = [...laid.placed, ...laid.guests].filter(
							(p) => !checks.checks.some((c) => c.id === `holder:${p.holder.id}:place`)
						);
						const margins =
							checks.rows
								.get(laid.row.id)
								?.path.filter(
									(c) =>
										c.title === 'screws' &&
										c.subject.kind === 'fixing' &&
										segment.fixings.some((f) => c.subject.kind === 'fixing' && Math.abs(f.x - c.subject.x) < 1e-9)
								)
								.map((c) => c.margin ?? 0) ?? [];
						const told = Math.min(1000, ...margins);
						// A holder that does not sit by itself is in no balance, whatever the screws.
						const sits = on.every((p) =>
							['seat', 'part'].every(
								(k) => 1.5 * (checks.checks.find((c) => c.id === `holder:${p.holder.id}:${k}`)?.margin ?? 9) >= 1
							)
						);
						if (on.length === 0 || told === 0 || !sits) continue;
						for (const some of [bits, -1]) {
							seen.cleats++;
							expect(told, 'cleat').toBeLessThanOrEqual(cleatFactor(plan, laid, segment, on, some) * slack);
						}
					}
				}
			}),
			{ numRuns: 2000 }
		);
		for (const [what, n] of Object.entries(seen)) expect(n, what).toBeGreaterThan(500);
	}, 600_000);

	// Worked example: a hook 48 long, screws good for 100 each at 1.6 16.5 31.5 46.4, the load 11 from its end: no
	// equilibrium above 219 of the screws alone.
	it('gives the hook of the worked example as much as statics does', async () => {
		const { sharedAt } = await import('$core/loads/statics/line-share');
		expect(100 * sharedAt([1.6, 16.5, 31.5, 46.4], 11, [0, 48])).toBeCloseTo(219, 0);
		fc.assert(
			fc.property(
				fc.uniqueArray(fc.integer({ min: 1, max: 999 }), { minLength: 1, maxLength: 8 }),
				fc.integer({ min: 0, max: 1000 }),
				(places, at) => {
					const told = sharedAt(places, at, [0, 1000]);
					const [first, last] = [Math.min(...places), Math.max(...places)];
					// Within its screws exactly what a programme without the face pressing finds; everywhere no more than with
					// it.
					if (at >= first && at <= last) {
						const lp = new Programme();
						const f = lp.variable(0, 1e9);
						const pulls = places.map((x) => [lp.variable(0, 1), x] as const);
						lp.zero([[f, 1], ...pulls.map(([n]) => [n, -1] as const)]);
						lp.zero([[f, at / 100], ...pulls.map(([n, x]) => [n, -x / 100] as const)]);
						expect(told).toBeCloseTo(greatest(lp, f), 6);
					}
					expect(told).toBeLessThanOrEqual(hookFactor(places, 1, at, [0, 1000]) * slack + 1e-9);
				}
			),
			{ numRuns: 300 }
		);
	});
});

describe('no quick sum holds more than limit analysis', () => {
	const margin = (name: string, title: string, inputs: Record<string, unknown>) =>
		sumByName(name)
			?.answer(inputs as never)
			.steps.find((s) => s.title === title);

	it('of a deck on its hangers, with all of them and with any one gone', () => {
		const deck = sumByName('deck') as NonNullable<ReturnType<typeof sumByName>>;
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 8 }), fc.double({ min: 10, max: 400, noNaN: true }), (hangers, load) => {
				const inputs = { ...startInputs(deck.fields, 'mm'), hangers, load };
				const [all, lost] = ['hanger lag', 'one hanger lost'].map((t) => margin('deck', t, inputs));
				const each = all?.load?.capacity.value as number;
				const line =
					(load * G * ((inputs as Record<string, unknown>).centre as number)) /
					((inputs as Record<string, unknown>).hangLine as number);
				const factor = (gone: number) => {
					const lp = new Programme();
					const f = lp.variable(0, 1e6);
					const places = Array.from({ length: hangers }, (_, i) => (hangers === 1 ? 0.5 : i / (hangers - 1))).filter(
						(_, i) => i !== gone
					);
					const pulls = places.map((x) => [lp.variable(0, each), x] as const);
					lp.zero([[f, line], ...pulls.map(([n]) => [n, -1] as const)]);
					lp.zero([[f, line / 2], ...pulls.map(([n, x]) => [n, -x] as const)]);
					return greatest(lp, f);
				};
				expect(all?.margin ?? 0).toBeLessThanOrEqual(factor(-1) * slack);
				expect(lost?.margin ?? 0).toBeLessThanOrEqual(
					Math.min(...Array.from({ length: hangers }, (_, i) => factor(i))) * slack
				);
			}),
			{ numRuns: 200 }
		);
	});

	it('of an upright on its lags', () => {
		const sum = sumByName('upright') as NonNullable<ReturnType<typeof sumByName>>;
		fc.assert(
			fc.property(inputsArbitrary(sum), (any) => {
				const i = any as {
					lags: number[];
					arms: number[];
					foot: number;
					length: number;
					load: number;
					reach: number;
					depth: number;
				};
				const told = margin('upright', 'lag', any);
				const A = told?.lines.find((l) => l.label === 'head holds')?.result.value;
				const T = told?.lines.find((l) => l.label === 'thread holds')?.result.value;
				if (told?.margin === null || told === undefined || A === undefined || T === undefined || i.load < 0.01) return;
				const lp = new Programme();
				const f = lp.variable(0, 1e6);
				const couple = i.arms.length * i.load * G * (i.reach + i.depth);
				const pulls = i.lags.map((y) => [lp.variable(0, Math.min(A, T)), y] as const);
				const presses = [i.foot, ...i.lags, i.foot + i.length].map((y) => [lp.variable(0, Infinity), y] as const);
				lp.zero([...pulls.map(([n]) => [n, 1] as const), ...presses.map(([n]) => [n, -1] as const)]);
				lp.zero([
					[f, couple / 1000],
					...pulls.map(([n, y]) => [n, -y / 1000] as const),
					...presses.map(([n, y]) => [n, y / 1000] as const)
				]);
				expect(told.margin).toBeLessThanOrEqual(greatest(lp, f) * slack + 1e-9);
			}),
			{ numRuns: 300 }
		);
	});

	it('of a swinging leaf at every angle, its hinge line past the studs too', () => {
		const sum = sumByName('leaf') as NonNullable<ReturnType<typeof sumByName>>;
		let past = 0;
		fc.assert(
			fc.property(inputsArbitrary(sum), fc.double({ min: 0, max: 1, noNaN: true }), (any, turn) => {
				const i = any as {
					load: number;
					reach: number;
					hingeOut: number;
					hinge: number;
					studs: number;
					height: number;
					stop: number;
					perStud: number;
				};
				const told = margin('leaf', 'screws of the leaf', any);
				const A = told?.lines.find((l) => l.label === 'head holds')?.result.value;
				const T = told?.lines.find((l) => l.label === 'thread holds')?.result.value;
				const Z = told?.lines.find((l) => l.label === 'holds across')?.result.value;
				if (told?.margin === null || told === undefined || A === undefined || T === undefined || Z === undefined)
					return;
				if (i.hinge < 0 || i.hinge > i.studs) past++;
				const a = (turn * i.stop * Math.PI) / 180;
				const lp = new Programme();
				const f = lp.variable(0, 1e6);
				const body = new Body();
				const [x, z] = [i.hinge + i.reach * Math.cos(a), i.hingeOut + i.reach * Math.sin(a)];
				const W = i.load * G;
				// The hinge hands its pull to the board along its own line: down at the leaf's place along the wall, turning
				// out at the hinge line.
				body.force(f, [x, 0, 0], [0, -W, 0]);
				body.force(f, [i.hinge, i.height, 0], [0, 0, (W * z) / i.height]);
				body.force(f, [i.hinge, 0, 0], [0, 0, (-W * z) / i.height]);
				// As many as said, at the top; the board bears on the wall at its foot and top, from stud to stud.
				for (const stud of [0, i.studs]) {
					body.force(lp.variable(0, Math.min(A, T)), [stud, i.height, 0], [0, 0, -1]);
					for (let k = 0; k < i.perStud; k++) body.force(lp.variable(-Z, Z), [stud, 0, 0], [0, 1, 0]);
					for (const y of [0, i.height]) body.force(lp.variable(0, Infinity), [stud, y, 0], [0, 0, 1]);
				}
				for (const y of [0, i.height]) body.force(lp.variable(0, Infinity), [i.hinge, y, 0], [0, 0, 1]);
				body.balance(lp);
				expect(told.margin).toBeLessThanOrEqual(greatest(lp, f) * slack + 1e-9);
			}),
			{ numRuns: 400 }
		);
		expect(past).toBeGreaterThan(10);
	});
});
