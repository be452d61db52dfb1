import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { By, logging, until, type WebElement } from 'selenium-webdriver';
import type { Driver } from 'selenium-webdriver/chrome';
import { openBrowser } from '../../../scripts/browser.mjs';

const axeSource = readFileSync(
	createRequire(import.meta.url).resolve('axe-core/axe.min.js'),
	'utf8'
);
const patience_ms = 10_000;

/** What axe only recommends, and those who go by headings and landmarks or touch with gloves need. */
const beyondWcag = [
	'region',
	'target-size',
	'landmark-unique',
	'heading-order',
	'empty-table-header'
];

export type Page = Awaited<ReturnType<typeof openPage>>;

/** A browser page spoken to as a person would: by labels, words on buttons and the heading. */
export async function openPage(
	address: string,
	size: 'desk' | 'phone' = 'desk',
	{ script = true, dark = false } = {}
) {
	const { driver, close } = await openBrowser(size, { script, dark });
	return { ...actsOn(driver, address, script), driver, close };
}

function actsOn(driver: Driver, address: string, script: boolean) {
	/** The visible field of that label; a folded-away form may have one of the same name. */
	const byLabel = async (label: string): Promise<WebElement> =>
		driver.wait(
			async () => {
				const labels = await driver.findElements(
					By.xpath(`//label[normalize-space(text())=${quoted(label)}][@for]`)
				);
				for (const named of labels)
					if (await named.isDisplayed())
						return driver.findElement(By.id((await named.getAttribute('for')) ?? ''));
				const [spoken] = await driver.findElements(
					By.xpath(`//*[self::input or self::select][@aria-label=${quoted(label)}]`)
				);
				return spoken ?? null;
			},
			patience_ms,
			`no field labelled "${label}"`
		) as Promise<WebElement>;
	/** Nothing is run in a page whose script is off: even the driver's own may never come back. */
	const settled = async () => {
		await driver.wait(until.elementLocated(By.css('h1')), patience_ms, 'the page did not load');
		if (script)
			await driver.wait(
				until.elementLocated(By.css('html[data-live]')),
				patience_ms,
				'the page did not come alive'
			);
	};
	/** The driver itself would scroll a thing just under the phone's bottom bar. */
	const click = async (target: WebElement) => {
		if (script)
			await driver.executeScript("arguments[0].scrollIntoView({ block: 'center' })", target);
		await target.click();
	};
	const isGone = (element: WebElement) =>
		element.getTagName().then(
			() => false,
			() => true
		);
	/** A link may swap the page in place, a button loads a new one: either way the old heading goes. */
	const leadOn = async (locator: By, words: string) => {
		const before = await driver.getCurrentUrl();
		const heading = await driver.findElement(By.css('h1'));
		await click(await driver.findElement(locator));
		await driver.wait(
			async () => (await isGone(heading)) || (await driver.getCurrentUrl()) !== before,
			patience_ms,
			`"${words}" led nowhere`
		);
		await settled();
	};
	const h1 = async () => (await driver.findElement(By.css('h1'))).getText();
	return {
		async go(path: string): Promise<void> {
			await driver.get(address + path);
			await settled();
		},
		/** Open what stands behind a figure. */
		figure: async (label: string) =>
			click(await driver.findElement(By.css(`button[aria-label^="${label}:"]`))),
		path: async () => decodeURIComponent(new URL(await driver.getCurrentUrl()).pathname),
		h1,
		text: async () => (await driver.findElement(By.css('body'))).getText(),
		/** Wait until the answer has these words. */
		async answers(words: string | RegExp): Promise<string> {
			let last = '';
			await driver
				.wait(async () => {
					last = await h1().catch(() => '');
					return typeof words === 'string' ? last.includes(words) : words.test(last);
				}, patience_ms)
				.catch(() => {
					throw new Error(`the answer never had ${words}; it says "${last}"`);
				});
			return last;
		},
		async fill(label: string, text: string): Promise<void> {
			const field = await byLabel(label);
			// A date picker takes keys in the order of the machine's locale; its value has one form.
			if ((await field.getAttribute('type')) === 'datetime-local')
				await driver.executeScript(
					"arguments[0].value = arguments[1]; arguments[0].dispatchEvent(new Event('input', { bubbles: true }))",
					field,
					text
				);
			else {
				await field.clear();
				await field.sendKeys(text);
			}
		},
		/** A file let go of over a field, as from the folder beside the browser. */
		async drop(label: string, files: Readonly<Record<string, string>>): Promise<void> {
			await driver.executeScript(
				`const carried = new DataTransfer();
				for (const [name, text] of Object.entries(arguments[1]))
					carried.items.add(new File([text], name, { type: 'text/csv' }));
				const event = { bubbles: true, cancelable: true, dataTransfer: carried };
				for (const kind of ['dragover', 'drop']) arguments[0].dispatchEvent(new DragEvent(kind, event));`,
				await byLabel(label),
				files
			);
		},
		async choose(label: string, option: string): Promise<void> {
			const list = await byLabel(label);
			await (
				await list.findElement(
					By.xpath(`.//option[starts-with(normalize-space(),${quoted(option)})]`)
				)
			).click();
		},
		value: async (label: string) => (await byLabel(label)).getAttribute('value'),
		/** What stands in red at a field, or nothing. */
		async complaintAt(label: string): Promise<string> {
			const field = await byLabel(label);
			if ((await field.getAttribute('aria-invalid')) !== 'true') return '';
			const id = (await field.getAttribute('aria-describedby')) ?? '';
			return (await driver.findElement(By.id(id))).getText();
		},
		/** Tick a box or choose a radio by the words beside it. */
		async tick(words: string): Promise<void> {
			const label = await driver.findElement(
				By.xpath(`//label[contains(normalize-space(),${quoted(words)})][.//input]`)
			);
			// The box itself where it can be seen: within the words a figure may be a tap of its own.
			const box = await label.findElement(By.xpath('.//input'));
			const { width } = await box.getRect();
			await click(width >= 16 ? box : label);
		},
		/** Choose one of a named group of options. */
		async tap(group: string, words: string): Promise<void> {
			await click(
				await driver.findElement(
					By.xpath(
						`//fieldset[@aria-label=${quoted(group)}]//label[starts-with(normalize-space(), ${quoted(words)})]`
					)
				)
			);
		},
		async unfold(words: string): Promise<void> {
			await click(
				await driver.findElement(By.xpath(`//summary[normalize-space()=${quoted(words)}]`))
			);
		},
		/** Open the first line of the books that says so much. */
		async unfoldLine(words: string): Promise<void> {
			await click(
				await driver.findElement(
					By.xpath(`//summary[contains(normalize-space(), ${quoted(words)})]`)
				)
			);
		},
		/** Press a button and wait for the page it leads to. */
		press: (words: string) =>
			leadOn(By.xpath(`//button[normalize-space()=${quoted(words)}]`), words),
		/** Press a button that changes something on this very page. */
		pressHere: async (words: string) =>
			click(await driver.findElement(By.xpath(`//button[normalize-space()=${quoted(words)}]`))),
		follow: (words: string) =>
			leadOn(By.xpath(`//a[contains(normalize-space(),${quoted(words)})]`), words),
		/** Warnings and errors the browser wrote since last asked. */
		async complaints(): Promise<string[]> {
			const entries = await driver.manage().logs().get(logging.Type.BROWSER);
			return entries
				.filter((entry) => entry.level.value >= logging.Level.WARNING.value)
				.map((entry) => entry.message);
		},
		/** What axe finds against WCAG 2.2 AA and what is beyond it, one line each. */
		async accessibility(): Promise<string[]> {
			await driver.executeScript(axeSource);
			return driver.executeAsyncScript<string[]>(
				`
				const done = arguments[arguments.length - 1];
				axe.run(document, {
					runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'],
					rules: Object.fromEntries(arguments[0].map((rule) => [rule, { enabled: true }])),
					resultTypes: ['violations']
				})
					.then((found) => done(found.violations.map((v) =>
						v.id + ': ' + v.nodes.map((n) => n.target.join(' ') + ' ' + n.html.slice(0, 90)).join(' | '))))
					.catch((error) => done(['axe failed: ' + error]));
			`,
				beyondWcag
			);
		}
	};
}

function quoted(text: string): string {
	if (!text.includes("'")) return `'${text}'`;
	return `concat('${text.split("'").join(`', "'", '`)}')`;
}
