import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { startInputs } from '$core/sums/inputs';
import { sumByName } from '$core/sums/registry';
import { inputsArbitrary } from '../../support/any-inputs';
import { Body, greatest, Programme, ready } from '../../support/linear-programme';
import { G, slack } from '../../support/limit-factors';

beforeAll(ready);

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
