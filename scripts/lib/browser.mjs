import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Builder } from 'selenium-webdriver';
import { Options, ServiceBuilder } from 'selenium-webdriver/chrome.js';
import { which } from './run.mjs';

/**
 * A headless Chromium with a fresh profile, driven by Debian's ChromeDriver.
 * @param {{ width?: number, height?: number, dark?: boolean, downloads?: string }} [options]
 */
export async function openBrowser({ width = 1280, height = 800, downloads } = {}) {
	const profile = mkdtempSync(join(tmpdir(), 'kammer-browser-'));
	const options = new Options();
	options.setBinaryPath(which('chromium'));
	options.addArguments(
		'--headless',
		'--no-sandbox',
		'--disable-quic',
		'--no-first-run',
		'--disable-background-networking',
		'--disable-component-update',
		'--disable-sync',
		'--disable-gpu',
		'--hide-scrollbars',
		'--force-device-scale-factor=1',
		`--user-data-dir=${profile}`,
		`--window-size=${width},${height}`
	);
	if (downloads)
		options.setUserPreferences({ 'download.default_directory': downloads, 'download.prompt_for_download': false });
	const logs = { browser: 'ALL' };
	options.set('goog:loggingPrefs', logs);
	const driver = await new Builder()
		.forBrowser('chrome')
		.setChromeOptions(options)
		.setChromeService(new ServiceBuilder(which('chromedriver')))
		.build();
	// The window's frame takes some of the size asked for: the page gets exactly this much, also narrower than a window
	// can be.
	await driver.sendDevToolsCommand('Emulation.setDeviceMetricsOverride', {
		width,
		height,
		deviceScaleFactor: 1,
		mobile: false
	});
	return {
		driver,
		async close() {
			await driver.quit().catch(() => undefined);
			rmSync(profile, { recursive: true, force: true });
		}
	};
}
