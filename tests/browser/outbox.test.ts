import { By, Key } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { setScene } from './support/scene';

const scene = setScene({ size: 'phone' });
const connected = (yes: boolean) =>
	scene.page.driver.sendDevToolsCommand('Network.emulateNetworkConditions', {
		offline: !yes,
		latency: 0,
		downloadThroughput: -1,
		uploadThroughput: -1
	});
const says = (words: string | RegExp) =>
	scene.page.driver.wait(
		async () => {
			const text = await scene.page.text();
			return typeof words === 'string' ? text.includes(words) : words.test(text);
		},
		20_000,
		`never said "${words}"`
	);
const write = async (line: string) => {
	const field = await scene.page.driver.findElement(By.css('main [name=line]'));
	await field.clear();
	await field.sendKeys(line, Key.ENTER);
};
const remarks = () =>
	scene.books.one<{ n: number }>("SELECT count(*) AS n FROM finding WHERE what = 'remark'").n;

describe('a line without a connection', () => {
	it('is kept on the device, and the field is free for the next', async () => {
		await scene.page.go('/log');
		await scene.page.driver.sendDevToolsCommand('Network.enable', {});
		await connected(false);
		await write('note Mere 2 slugs in the woad');
		await says('is kept on this device');
		await says('One act waits for a connection');
		await write('12 L C1 > Mere 2');
		await says('Two acts wait for a connection');
		expect([remarks(), scene.books.acts('spread')]).toEqual([0, 0]);
	});

	it('is written once there is one, in its order and with the moment it was written', async () => {
		await connected(true);
		await scene.page.driver.executeScript("window.dispatchEvent(new Event('online'))");
		await scene.page.driver.wait(async () => remarks() === 1, 20_000, 'nothing was sent');
		await scene.page.driver.wait(
			async () => !(await scene.page.text()).includes('for a connection'),
			20_000,
			'the note of what waits stayed'
		);
		expect(scene.books.acts('spread')).toBe(1);
		expect(scene.books.balance('C1').volume_ul).toBe(48_000_000);
		const order = scene.books.one<{ verbs: string }>(
			"SELECT group_concat(verb) AS verbs FROM (SELECT verb FROM act WHERE verb IN ('remark', 'spread') ORDER BY seq)"
		);
		expect(order.verbs).toBe('remark,spread');
	});

	it('outlives the page it was written on', async () => {
		await connected(false);
		await write('note Mere 2 rain');
		await says('One act waits for a connection');
		await connected(true);
		await scene.page.go('/beds');
		await scene.page.driver.wait(async () => remarks() === 2, 20_000, 'it was lost with its page');
	});

	it('that the books refuse is shown with why, and is put right by hand', async () => {
		await scene.page.go('/log');
		await connected(false);
		await write('500 L C1 > Mere 2');
		await says('One act waits for a connection');
		await connected(true);
		await scene.page.driver.executeScript("window.dispatchEvent(new Event('online'))");
		await says(/Not written: 500 L C1 > Mere 2.*holds only 48 L/s);
		expect(await scene.page.accessibility()).toEqual([]);
		await scene.page.go('/woodyard');
		await says('Not written: 500 L C1 > Mere 2');
		await scene.page.follow('Put it right');
		expect(
			await scene.page.driver.findElement(By.css('main [name=line]')).getAttribute('value')
		).toBe('500 L C1 > Mere 2');
		expect(await scene.page.text()).not.toContain('Not written');
		expect(scene.books.acts('spread')).toBe(1);
	});
});
