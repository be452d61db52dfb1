// Headless Chromium for pictures and browser tests: the two sizes people work at.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Builder, logging } from 'selenium-webdriver';
import chrome from 'selenium-webdriver/chrome.js';
import { browser } from './ready.mjs';

const flags = [
	'--headless=new',
	'--no-sandbox',
	'--disable-gpu',
	'--disable-quic',
	'--no-first-run',
	'--disable-background-networking',
	'--disable-component-update',
	'--disable-sync',
	'--disable-dev-shm-usage',
	'--force-device-scale-factor=1',
	'--hide-scrollbars'
];

/**
 * A browser with a profile of its own.
 * @param {'desk' | 'phone'} size 1280 × 800, or 390 × 844 with touch
 * @param {{ script?: boolean, dark?: boolean, still?: boolean }} [options]
 */
export async function openBrowser(size, { script = true, dark = false, still = false } = {}) {
	const profile = mkdtempSync(join(tmpdir(), 'ashdrift-browser-'));
	const { chromium, driver: chromedriver } = browser();
	if (!chromium || !chromedriver) throw new Error('no Chromium here: ensureBrowser() comes first');
	const options = new chrome.Options();
	options.setChromeBinaryPath(chromium);
	options.addArguments(...flags, `--user-data-dir=${profile}`);
	if (size === 'phone')
		options.setMobileEmulation(
			/** @type {never} */ ({
				deviceMetrics: { width: 390, height: 844, pixelRatio: 2, touch: true, mobile: true }
			})
		);
	if (!script)
		options.setUserPreferences({ 'profile.managed_default_content_settings.javascript': 2 });
	const preferences = new logging.Preferences();
	preferences.setLevel(logging.Type.BROWSER, logging.Level.ALL);
	options.setLoggingPrefs(preferences);
	const driver = /** @type {import('selenium-webdriver/chrome.js').Driver} */ (
		await new Builder()
			.forBrowser('chrome')
			.setChromeOptions(options)
			.setChromeService(new chrome.ServiceBuilder(chromedriver))
			.build()
	);
	/** @type {(...asked: any[]) => any} */
	const wait = driver.wait.bind(driver);
	// What is waited for is mostly there in a few milliseconds; the driver would look again after 200.
	driver.wait = (/** @type {any[]} */ ...[until, timeout, message, poll = 15]) =>
		wait(until, timeout, message, poll);
	if (size === 'desk')
		await driver.sendDevToolsCommand('Emulation.setDeviceMetricsOverride', {
			width: 1280,
			height: 800,
			deviceScaleFactor: 1,
			mobile: false
		});
	const features = [
		...(dark ? [{ name: 'prefers-color-scheme', value: 'dark' }] : []),
		...(still ? [{ name: 'prefers-reduced-motion', value: 'reduce' }] : [])
	];
	if (features.length > 0)
		await driver.sendDevToolsCommand('Emulation.setEmulatedMedia', { features });
	return {
		driver,
		close: async () => {
			await driver.quit();
			rmSync(profile, { recursive: true, force: true, maxRetries: 5 });
		}
	};
}
