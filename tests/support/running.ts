import { afterAll, beforeAll } from 'vitest';
import { browser, Screen, type Browser } from './screen';
import { cleanUp, scratch, startKammer, type Running } from './server';

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

/** The same with a browser in front of it. */
export function useScreen(): { readonly url: string; readonly screen: Screen } {
	const kammer = useKammer();
	let chromium: Browser;
	let screen: Screen;
	beforeAll(async () => {
		chromium = await browser();
		screen = new Screen(chromium.driver, kammer.url);
	});
	afterAll(() => chromium.close());
	return {
		get url() {
			return kammer.url;
		},
		get screen() {
			return screen;
		}
	};
}
