import { describe, expect, it } from 'vitest';
import { HELD } from '../../../tests/support/in-place';
import { cutOf } from '../solid/cut-part';
import type { HeldByScrews } from '../mounts/held';
import type { Back, Strips } from '../plan/types';
import { sayPhrase } from '../units/phrase';
import { buildHolder } from './build';
import { emptyHolder } from './empty-holder';
import { newCarrier } from './new-carrier';

const bare = emptyHolder('h', '', 'mm');
const back = (change: Partial<Back> = {}): Back => ({ ...bare.back, height: 180, ...change });
const battens = (at: number[], width = 70): Back => back({ height: 400, made: { kind: 'battens', width, at } });
const screwed = (xs: number[], ys = [60, 340]): HeldByScrews => ({
	kind: 'fixed',
	screws: { size: '#10', length: 80 },
	places: xs.flatMap((x) => ys.map((y) => ({ x, y })))
});
const said = (b: Back, held: Parameters<typeof buildHolder>[2] = HELD, kinds: readonly string[] = []) =>
	buildHolder(
		b,
		kinds.map((k) => newCarrier({ back: b, carriers: [] }, k, 'mm')),
		held
	)
		.warnings.map((w) => `${w.level}: ${sayPhrase(w.message, 'mm')}`)
		.join('\n');

describe('a back', () => {
	it('of one board is no higher than that is sold, of strips no higher than all of them', () => {
		const high = { stock: '1x8' as const, height: 350 };
		expect(said(back(high))).toMatch(/stop: The face is 350 mm high, but 1x8 SPF is 184/);
		expect(said(back({ ...high, made: { kind: 'glued', strips: 2 } }))).toBe('');
		expect(said(back({ ...high, height: 400, made: { kind: 'glued', strips: 2 } }))).toMatch(/but 2 strips of 1x8/);
		expect(said(back({ made: { kind: 'glued', strips: 2 } }))).toMatch(/mind: Sheets are not glued edge to edge/);
	});

	it('glued up is cut as its strips, half as wide each', () => {
		const { parts } = buildHolder(back({ stock: '1x8', height: 350, made: { kind: 'glued', strips: 2 } }), [], HELD);
		expect(cutOf(parts[0]!)).toMatchObject({ name: 'strip of the face', count: 2, width: 175, length: 600 });
	});
});

describe('a hook that is let in', () => {
	const held = (strips: Partial<Strips>) => ({ ...HELD, strips: { ...HELD.strips, recessed: true, ...strips } });
	const thick = back({ stock: '2x10' });
	it('brings the back against the wall, and needs no spacer', () => {
		const { front, parts } = buildHolder(thick, [], held({}));
		expect(front).toBeCloseTo(38.1, 6);
		expect(parts.map((p) => p.name)).toEqual(['face', 'hook']);
		// By hand: 600 x 180 x 38.1 less a bed 18 deep from the top down past hook, cleat and the height to lift off.
		const { front: f, back: b } = HELD.profile;
		const bed = 600 * (f + b + (f - b)) * 18;
		const hook = (600 * 18 * (f + b)) / 2;
		const wood = (600 * 180 * 38.1 - bed) / 1e9;
		const { mass } = buildHolder(thick, [], held({})).self;
		const spf = 455;
		expect(mass).toBeCloseTo(wood * spf + (hook * 560) / 1e9, 6);
	});
	it('needs a thick board, one row, and screws that stay in what is left', () => {
		expect(said(back(), held({}))).toMatch(/stop: Let into 18 mm, a hook 18 mm thick leaves less than 6 mm/);
		expect(said(thick, held({ secondHook: true }))).toMatch(/stop: A back whose hook is let in lies flat/);
		const hook = { ...HELD.strips.hook, screws: { ...HELD.strips.hook.screws, length: 45 } };
		// 18 of hook and 20.1 of wood left before it.
		expect(said(thick, held({ hook }))).toMatch(
			/stop: Hook screws of 45 mm poke out: hook and face together are 38.1 mm/
		);
	});
});

describe('battens', () => {
	const at = [60, 300, 540];
	it('are as many boards with their grain up, and what stands on them is screwed to each', () => {
		const b = battens(at);
		const built = buildHolder(b, [newCarrier({ back: b, carriers: [] }, 'flat-shelf', 'mm')], screwed(at));
		const made = built.parts.filter((p) => p.name === 'batten');
		expect(made.map((p) => [p.grain, p.stands.map((f) => f.at[0])])).toEqual([['y', [25, 265, 505]]]);
		expect(cutOf(made[0]!)).toMatchObject({ count: 3, width: 70, length: 400 });
		expect(built.carriers[0]?.joints[0]?.places.map(([x]) => x)).toEqual(at);
		expect(said(b, screwed(at), ['flat-shelf'])).toBe('');
	});
	it('do not run into each other, nor past the end, and each has a screw', () => {
		expect(said(battens([60, 110]), screwed([60, 110]))).toMatch(/stop: The battens at 60 mm and 110 mm run into each/);
		expect(said(battens([20]), screwed([20]))).toMatch(/stop: The batten at 20 mm stands out past the end/);
		expect(said(battens(at), screwed([60, 540]))).toMatch(/stop: The batten at 300 mm has no screw/);
	});
	it('take no screw between them, and none too near their sides or ends', () => {
		expect(said(battens(at), screwed([...at, 180]))).toMatch(/mind: A screw counts for nothing: stands between the/);
		expect(said(battens(at), screwed([...at, 90]))).toMatch(/counts for nothing: 5 mm from the edge of the back/);
		// 10 diameters of a #10 from where the grain ends.
		expect(said(battens(at), screwed(at, [40, 340]))).toMatch(
			/counts for nothing: 40 mm from the end .* at least 48.3/
		);
	});
	it('are bored only where they are: pegs between them are stopped', () => {
		expect(said(battens(at), screwed(at), ['pegs'])).toMatch(/stop: \d+ holes miss the battens/);
	});
	it('hang on no row', () => expect(said(battens(at))).toMatch(/stop: Battens stand by themselves/));
});

describe('screws in a back', () => {
	const meets = (y: number, held: Parameters<typeof buildHolder>[2] = HELD) => {
		const b = back({ height: 400 });
		const shelf = newCarrier({ back: b, carriers: [] }, 'flat-shelf', 'mm');
		return buildHolder(b, [{ ...shelf, at: { ...shelf.at, y: shelf.at.y + y } }], held)
			.warnings.filter((w) => /meets/.test(w.message.text))
			.map((w) => sayPhrase(w.message, 'mm'));
	};
	/** Where the shelf's first screw goes. */
	const first = () => {
		const b = back({ height: 400 });
		const [x, y] = buildHolder(b, [newCarrier({ back: b, carriers: [] }, 'flat-shelf', 'mm')], HELD).carriers[0]!
			.joints[0]!.places[0]!;
		return { x, y };
	};
	it('of a carrier may not meet one into the wall, and one beside it is no matter', () => {
		const { x, y } = first();
		const at = (dx: number): Parameters<typeof buildHolder>[2] => ({ ...screwed([]), places: [{ x: x + dx, y }] });
		expect(meets(0, at(3))[0]).toMatch(/a screw of the shelf meets a screw into the wall/);
		// Two diameters of 4.2 and 4.8 between their middles, and 2 of wood: 6.5.
		expect(meets(0, at(7))).toEqual([]);
	});
	it('from pockets, into the front of the back, may not meet one into the wall either', () => {
		const b = back({ height: 400 });
		const shelf = newCarrier({ back: b, carriers: [] }, 'flat-shelf', 'mm');
		const below = shelf.params.held as { screws: object };
		const held = { ...below, screws: { ...below.screws, length: 31.75, pockets: true } };
		const on = { ...shelf, params: { ...shelf.params, held } };
		const [place] = buildHolder(b, [on], HELD).carriers[0]!.joints[0]!.places;
		const at = { ...screwed([]), places: [{ x: place![0], y: place![1] }] };
		expect(
			buildHolder(b, [on], at)
				.warnings.map((w) => sayPhrase(w.message, 'mm'))
				.join()
		).toMatch(/a screw of the shelf meets a screw into the wall/);
	});
	it('of a carrier may not meet one of the hook', () => {
		const { y } = first();
		const hook = buildHolder(back({ height: 400 }), [], HELD).hookScrews[0]!;
		expect(meets(hook.y - y).join()).toMatch(/a screw of the shelf meets a screw of the hook/);
	});
});
