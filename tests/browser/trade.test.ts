import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { By } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import type { Plan } from '$core/plan/types';
import type { Shop } from '$core/shop/types';
import { useScreen } from '../support/running';
import { scratch, until } from '../support/server';

/** What the trade does with holders, from the stock-take to the cut list, pressed in a browser. */
const kammer = useScreen();
const holdersOf = async (id: string) => (await kammer.screen.stored(id)).plan.holders;
const shop = async () => ((await (await fetch(`${kammer.url}/api/shops/main`)).json()) as { shop: Shop }).shop;
const DRAWING = By.css('main.drawing');
const NOWHERE = By.css('[aria-label="Hangs nowhere yet"]');
const thing = (name: string) => By.xpath(`//section[@aria-label="Hangs nowhere yet"]//button[contains(., "${name}")]`);
const offer = (title: string) =>
	By.xpath(`//div[@class and contains(@class, "offers")]//button[.//strong[text()="${title}"]]`);
const undo = () => kammer.screen.button('Undo');

/** Opens the long wall and takes a thing to a carrier: the holder that was made. */
async function taken(name: string, title: string) {
	const id = await kammer.screen.openWall(slipwayWall(), 'holders');
	await kammer.screen.click(thing(name));
	await kammer.screen.click(offer(title));
	await until(async () => (await holdersOf(id)).length === 7, `${title} to hang`);
	return { id, made: (await holdersOf(id)).at(-1)! };
}

describe('without a back', () => {
	it('a thing with a hole on one screw in a stud: offered, judged, moved off the stud and back by undo', async () => {
		const id = await kammer.screen.openWall(slipwayWall(), 'holders');
		await kammer.screen.click(thing('Bench brush'));
		await kammer.screen.button('Put it there by one screw or nail');
		await until(async () => (await holdersOf(id)).length === 7, 'it to hang');
		const made = (await holdersOf(id)).at(-1)!;
		expect(made.back).toBeUndefined();
		expect(made.carriers[0]!.loads[0]).toMatchObject({ thing: 'bench-brush', count: 1 });
		await kammer.screen.says(/Holds: .*its screw at stud/);
		const { mount } = made;
		if (!('y' in mount)) throw new Error('not on the wall itself');
		await kammer.screen.type('Screw from the left', `${Math.round(mount.x + 10 + 60)}`);
		await kammer.screen.says(/Does not hold: .*misses every stud/);
		await kammer.screen.type('Screw from the left', 'there');
		await kammer.screen.says(/there/);
		await undo();
		await kammer.screen.says(/Holds: .*its screw at stud/);
		await undo();
		await until(async () => (await holdersOf(id)).length === 6, 'it to be undone');
		await kammer.screen.says(/Bench brush/, NOWHERE);
	});
});

describe('on bare studs', () => {
	const bare = (): Plan => {
		const studs = Array.from({ length: 13 }, (_, i) => ({
			id: `s${i}`,
			x: 60 + 420 * i,
			width: 45,
			depth: 120,
			species: 'c24' as const
		}));
		const wall = {
			width: 5200,
			height: 2900,
			cladding: { kind: 'none' as const, thickness: 0 },
			studs,
			obstructions: []
		};
		return { ...slipwayWall(), name: 'Bare studs', wall, rows: [], holders: [] };
	};

	it('a rod rack from the lumber list: boards on it, uprights on studs, rods and lags to buy, all undone', async () => {
		const id = await kammer.screen.openWall(bare(), 'holders');
		await kammer.screen.click(thing('Larch planking'));
		await kammer.screen.button('Put it there by rod rack');
		await until(async () => (await holdersOf(id)).length === 1, 'the rack to stand');
		const [made] = await holdersOf(id);
		expect(made!.carriers[0]!.loads[0]).toMatchObject({ thing: 'b3', width: 4200, height: 16, depth: 180 });
		// Every upright on a stud: none is said to stand beside one.
		expect(await kammer.screen.slip()).not.toMatch(/stands on no stud/);
		await kammer.screen.type('First upright from the left', '333');
		await kammer.screen.says(/Cannot be built so: The upright at .* stands on no stud/);
		await kammer.screen.button('Onto the studs');
		await until(async () => {
			const { mount } = (await holdersOf(id))[0]!;
			return 'x' in mount && Math.abs(mount.x + 22 - (60 + 420)) < 1;
		}, 'its first upright on the second stud');
		await kammer.screen.stage('Cut and buy');
		await kammer.screen.says(/lag, \d+ mm/);
		await kammer.screen.stage('Holders');
		await undo();
		await undo();
		await undo();
		await until(async () => (await holdersOf(id)).length === 0, 'all to be undone');
	});

	it('a deck from the bins: hung from the joists, judged, its ceiling seen from below, cut across, all undone', async () => {
		const plan = bare();
		const ceiling = {
			kind: 'joists' as const,
			direction: 'across' as const,
			first: 60,
			pitch: 420,
			width: 45,
			depth: 195,
			height: 2860,
			species: 'c24' as const,
			span: 3600,
			attic: 'limited' as const
		};
		const id = await kammer.screen.openWall({ ...plan, wall: { ...plan.wall, ceiling } }, 'holders');
		await kammer.screen.click(thing('Bin of sails'));
		await kammer.screen.button('Put it there by overhead deck');
		await until(async () => (await holdersOf(id)).length === 1, 'the deck to hang');
		const [deck] = await holdersOf(id);
		expect(deck!.carriers[0]!.loads[0]).toMatchObject({ thing: 'sail-bin', count: 4 });
		await kammer.screen.says(/Holds: /);
		await kammer.screen.says(/a ladder on firm floor, a helper/);
		const said = deck!.carriers[0]!.params as { spreader: { at: number[] } };
		const x = deck!.mount.kind === 'own' ? deck!.mount.x : 0;
		// Every lag of its spreader is under a joist: 60 and every 420 from there.
		for (const at of said.spreader.at) expect((at + x - 60) % 420).toBeCloseTo(0, 1);
		await kammer.screen.button('All holders');
		await kammer.screen.button('Ceiling');
		await kammer.screen.says(/Looking up from eye height/, DRAWING);
		await kammer.screen.button('Cut across');
		await kammer.screen.type('Along the wall', `${x + 300}`);
		await kammer.screen.says(/Cut there: Bin of sails/, DRAWING);
		await kammer.screen.type('Along the wall', 'there');
		await kammer.screen.says(/"there"/, DRAWING);
		await kammer.screen.button('From above');
		await kammer.screen.says(/where the walkway begins/, DRAWING);
		await kammer.screen.button('Front');
		await undo();
		await until(async () => (await holdersOf(id)).length === 0, 'all to be undone');
	});
	it('a rack is loaded well from the lumber list, and that is undone', async () => {
		const id = await kammer.screen.openWall(bare(), 'holders');
		await kammer.screen.click(thing('Larch planking'));
		await kammer.screen.button('Put it there by rod rack');
		await until(async () => (await holdersOf(id)).length === 1, 'the rack to hang');
		const before = (await holdersOf(id))[0]!.carriers[0]!.loads;
		await kammer.screen.button('Load it well');
		await kammer.screen.says(/Heaviest lowest, what is used often in reach/);
		await until(async () => (await holdersOf(id))[0]!.carriers[0]!.loads.length > before.length, 'it to be loaded');
		expect((await holdersOf(id))[0]!.carriers[0]!.loads.filter((l) => l.count > 0).length).toBeGreaterThan(1);
		await kammer.screen.says(/Holds: /);
		await undo();
		await until(async () => (await holdersOf(id))[0]!.carriers[0]!.loads.length === before.length, 'it to be undone');
	});
	it('two bicycles on hooks: judged once the maker’s load is said', async () => {
		const id = await kammer.screen.openWall(bare(), 'holders');
		await kammer.screen.click(thing('Bicycle'));
		await kammer.screen.button('Put it there by bicycle hooks');
		await until(async () => (await holdersOf(id)).length === 1, 'the hooks to hang');
		await kammer.screen.says(/Cannot be judged: the hook maker's load is not known/);
		await kammer.screen.type("Maker's load, of one", '25 kg');
		await kammer.screen.says(/Holds: /);
		await kammer.screen.type("Maker's load, of one", '8 kg');
		await kammer.screen.says(/Does not hold: 0.57, by its maker's load/);
		await kammer.screen.type("Maker's load, of one", 'much');
		await kammer.screen.says(/much/);
		for (let i = 0; i < 3; i++) await undo();
		await until(async () => (await holdersOf(id)).length === 0, 'all to be undone');
		await kammer.screen.says(/Bicycle/, NOWHERE);
	});
});

describe('from the stock-take to the cut list', () => {
	it('a bottle grid: its holes counted, its boards on the list', async () => {
		const { id, made } = await taken('Bottle of paint', 'Pigeonholes');
		const { params, loads } = made.carriers[0]!;
		expect(loads[0]).toMatchObject({ thing: 'paint', count: 9 });
		// Nine, and two spare: 68 and 2 of slack.
		expect(params).toMatchObject({ hole: 70 });
		expect((params.columns as number) * (params.rows as number)).toBeGreaterThanOrEqual(11);
		await kammer.screen.says(/Bottle of paint: on (Top|Second|Third|Window|Low) row/, NOWHERE);
		await kammer.screen.stage('Cut and buy');
		await kammer.screen.says(/418 mm/, By.css('.strip'));
		await kammer.screen.stage('Holders');
		await undo();
		await until(async () => (await holdersOf(id)).length === 6, 'it to be undone');
		await kammer.screen.says(/Bottle of paint/, NOWHERE);
	});

	it('a cabinet with doors from the bins: panels that cannot be lifted in, another level, doors that swing', async () => {
		const { id, made } = await taken('Bin of bronze screws', 'Cabinet');
		const params = made.carriers[0]!.params as { levels: unknown[]; doors: { kind: string } };
		expect(params.doors.kind).toBe('sliding');
		const now = async () => (await holdersOf(id)).at(-1)!.carriers[0]!.params as typeof params;
		// Doors, and what lies behind others, are drawn in dashes that can be seen.
		const dashed = await kammer.screen.shape('path.behind');
		expect(await dashed.getCssValue('display')).toBe('inline');
		expect((await dashed.getAttribute('d'))?.length).toBeGreaterThan(100);
		await kammer.screen.says(/Square when both diagonals|square when both diagonals/);
		await kammer.screen.type('Panels higher than the opening by', '12');
		await kammer.screen.says(
			/A panel 12 mm higher than its opening cannot be lifted in: the upper groove is 11 mm deep/
		);
		await kammer.screen.type('Panels higher than the opening by', '4');
		await kammer.screen.says(/falls out: it stands 5 mm deep/);
		await kammer.screen.type('Panels higher than the opening by', 'two');
		await kammer.screen.says(/two/);
		await kammer.screen.type('Panels higher than the opening by', '8');
		await kammer.screen.button('Add a level');
		await until(async () => (await now()).levels.length === params.levels.length + 1, 'one more level');
		await kammer.screen.button(`take level ${params.levels.length + 1} out`);
		await until(async () => (await now()).levels.length === params.levels.length, 'it taken out');
		await kammer.screen.choose('Doors', 'Hinged');
		await until(async () => (await now()).doors.kind === 'hinged', 'doors on hinges');
		await kammer.screen.says(/opened by 110.*they come/);
		for (let i = 0; i < 6; i++) await undo();
		await until(async () => JSON.stringify(await now()) === JSON.stringify(params), 'all of that undone');
	});

	it('a battery dock, and its charger within its cord of an outlet', async () => {
		const { id } = await taken('Battery', 'Docks');
		await kammer.screen.says(/nobody has said what one dock carries: ask its maker/);
		await kammer.screen.type('One carries, by its maker', '4 kg');
		await kammer.screen.says(/(Holds|Close)/);
		await kammer.screen.click(thing('Battery charger'));
		await kammer.screen.click(offer('Shelf'));
		await until(async () => (await holdersOf(id)).length === 8, 'the charger to stand');
		await kammer.screen.says(/Charges here/);
		await kammer.screen.type('Cord', '100 mm');
		await kammer.screen.says(/Its cord of 100 mm does not reach (bench|charger) outlet/);
		await undo();
		await undo();
		await until(async () => (await holdersOf(id)).length === 7, 'the charger gone');
	});
});

describe('patterns of the shop', () => {
	it('are kept of a holder, hung again, scaled, mirrored, offered to a thing, saved and deleted', async () => {
		const { id, made } = await taken('Bottle of paint', 'Pigeonholes');
		const before = (await shop()).patterns.length;
		await kammer.screen.type('Keep as a pattern named', 'Paint grid');
		await kammer.screen.button('Keep as a pattern');
		await kammer.screen.says(/Kept as “Paint grid”/);
		await until(async () => (await shop()).patterns.length === before + 1, 'it kept on the server');
		expect(JSON.stringify((await shop()).patterns.at(-1))).not.toContain('"thing"');

		await kammer.screen.type('Places, times as many', '2');
		await kammer.screen.says(/Counts and boards scaled/);
		const once = made.carriers[0]!.params as Record<string, number>;
		const now = async () => (await holdersOf(id)).at(-1)!.carriers[0]!.params as Record<string, number>;
		await until(async () => {
			const { rows, columns } = await now();
			return rows! * columns! >= 2 * once.rows! * once.columns! - 1;
		}, 'twice as many holes');
		expect((await now()).hole).toBe(once.hole);
		await kammer.screen.type('Places, times as many', '0');
		await kammer.screen.says(/From 0\.1 to 10 times as many/);
		await kammer.screen.button('Mirror');
		await kammer.screen.says(/Mirrored: left is right/);
		await undo();
		await undo();
		await until(async () => JSON.stringify((await holdersOf(id)).at(-1)) === JSON.stringify(made), 'both undone');

		await kammer.screen.button('All holders');
		await kammer.screen.click(
			By.xpath('//button[starts-with(normalize-space(), "Hang it") and contains(., "Paint grid")]')
		);
		await until(async () => (await holdersOf(id)).length === 8, 'the pattern to hang');
		// It is offered to what it fits, made to its measure.
		await kammer.screen.click(thing('Cartridge of bedding compound'));
		await kammer.screen.click(offer('Paint grid'));
		await until(async () => (await holdersOf(id)).length === 9, 'a grid for cartridges');
		expect((await holdersOf(id)).at(-1)!.carriers[0]!.params).toMatchObject({ hole: 54 });

		await kammer.screen.button('All holders');
		await kammer.screen.button('Save as a file');
		const saved = JSON.parse(readFileSync(await kammer.file(/patterns\.json$/), 'utf8')) as { patterns: unknown[] };
		expect(saved.patterns).toHaveLength(before + 1);
		await kammer.screen.click(By.xpath('//button[contains(@class, "link") and contains(., "delete Paint grid")]'));
		await until(async () => (await shop()).patterns.length === before, 'it deleted');
		await kammer.screen.button('bring it back');
		await until(async () => (await shop()).patterns.length === before + 1, 'it brought back');
	});

	it('begin with a first set, which is put in once, and take other names', async () => {
		await kammer.screen.openWall(slipwayWall(), 'holders');
		const before = (await shop()).patterns.length;
		await kammer.screen.button('Put in the first set');
		await kammer.screen.says(/10 patterns brought in/);
		await kammer.screen.button('Put in the first set');
		await kammer.screen.says(/0 patterns brought in/);
		await until(async () => (await shop()).patterns.length === before + 10, 'ten more on the server');
		expect(await kammer.screen.errors()).toEqual([]);
	});

	it('that are not right are refused, with what is wrong, and nothing is brought in', async () => {
		await kammer.screen.openWall(slipwayWall(), 'holders');
		const before = (await shop()).patterns.length;
		const broken = join(scratch(), 'broken.json');
		writeFileSync(broken, '{"format":"kammer-plan"}');
		await (await kammer.screen.shape('input[aria-label="Pattern file"]')).sendKeys(broken);
		await kammer.screen.says(/These are no Kammer patterns/);
		expect((await shop()).patterns).toHaveLength(before);
	});
});

describe('ways side by side', () => {
	it('are compared on width, how far out, wood, hours, money and margin', async () => {
		await kammer.screen.openWall(slipwayWall(), 'holders');
		await kammer.screen.click(thing('Tin of varnish'));
		for (const title of ['Cabinet', 'Shelf'])
			await kammer.screen.click(
				By.xpath(`//label[contains(@class, "compare") and contains(normalize-space(.), "compare ${title}")]/input`)
			);
		await kammer.screen.says(
			/Wide\s+Out\s+Wood\s+Hours\s+About\s+Margin[\s\S]*Cabinet[\s\S]* EUR[\s\S]*Shelf/,
			NOWHERE
		);
		await kammer.screen.says(/pieces, \d+ set-ups, \d+ screws/, NOWHERE);
	});
});

describe('small things in what is free', () => {
	it('are put on a back that hangs already, and taken back by undo', async () => {
		const id = await kammer.screen.openWall(slipwayWall(), 'holders');
		await kammer.screen.click(thing('Face of the grinder'));
		await kammer.screen.says(/In what is free already/, NOWHERE);
		await kammer.screen.click(By.xpath('//button[starts-with(normalize-space(), "Put it there")]'));
		const carriers = async () => (await holdersOf(id)).reduce((n, h) => n + h.carriers.length, 0);
		await until(async () => (await carriers()) === 7, 'one more carrier, on a back that was there');
		expect(await holdersOf(id)).toHaveLength(6);
		await undo();
		await until(async () => (await carriers()) === 6, 'it to be undone');
		expect(await kammer.screen.errors()).toEqual([]);
	});
});
