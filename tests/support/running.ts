import { readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, beforeAll } from 'vitest';
import { moreWalls } from '$core/demo/slipway-more';
import { send } from '../../scripts/lib/send.mjs';
import { browser, Screen, type Browser } from './screen';
import { cleanUp, scratch, startKammer, until, type Running } from './server';

/** A server of its own for the tests of a file, on data that is thrown away. */
export function useKammer(): { readonly url: string } {
	let kammer: Running;
	const folder = scratch();
	beforeAll(async () => {
		kammer = await startKammer({ folder });
	});
	afterAll(async () => {
		await kammer.stop();
		cleanUp(folder);
	});
	return {
		get url() {
			return kammer.url;
		}
	};
}

/** Takes away the walls of the example on which all the rest of its things hang: here there is something to place. */
async function withoutMore(url: string): Promise<void> {
	const walls = (await (await fetch(`${url}/api/plans`)).json()) as { id: string; name: string }[];
	const more = new Set(moreWalls().map((w) => w.name));
	for (const { id, name } of walls) if (more.has(name)) await send(`${url}/api/plans/${id}`, 'DELETE', undefined);
}

/** The same with a browser in front of it, which puts what it downloads into a folder. */
export function useScreen(): {
	readonly url: string;
	readonly screen: Screen;
	readonly downloads: string;
	file(named: RegExp): Promise<string>;
} {
	const kammer = useKammer();
	const downloads = scratch();
	let chromium: Browser;
	let screen: Screen;
	beforeAll(async () => {
		await withoutMore(kammer.url);
		chromium = await browser({ downloads });
		screen = new Screen(chromium.driver, kammer.url);
	});
	afterAll(async () => {
		await chromium.close();
		cleanUp(downloads);
	});
	return {
		downloads,
		/** Path of a downloaded file, once all of it is there: its name is taken, empty, before the rest of it comes. */
		async file(named: RegExp) {
			const whole = (file: string) => named.test(file) && statSync(join(downloads, file)).size > 0;
			return join(downloads, await until(() => readdirSync(downloads).find(whole), `a file named ${named}`));
		},
		get url() {
			return kammer.url;
		},
		get screen() {
			return screen;
		}
	};
}
