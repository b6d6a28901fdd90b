import { readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, beforeAll } from 'vitest';
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
