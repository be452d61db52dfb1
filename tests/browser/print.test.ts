import { describe, expect, it } from 'vitest';
import { setDemo } from './support/demo';
import { openPage } from './support/page';

const demo = setDemo();

/** A page as the browser prints it. */
async function printed(path: string): Promise<{ readonly sheets: number; readonly text: string }> {
	const page = await openPage(demo.server.address, 'desk');
	try {
		await page.go(path);
		const { data } = (await page.driver.sendAndGetDevToolsCommand(
			'Page.printToPDF',
			{}
		)) as unknown as {
			readonly data: string;
		};
		const pdf = Buffer.from(data, 'base64');
		await page.driver.sendDevToolsCommand('Emulation.setEmulatedMedia', { media: 'print' });
		return {
			sheets: pdf.toString('latin1').match(/\/Type\s*\/Page\b/g)?.length ?? 0,
			text: await page.text()
		};
	} finally {
		await page.close();
	}
}

describe('on paper', () => {
	it('who may eat from which bed is one sheet for the kitchen door, without controls', async () => {
		const { sheets, text } = await printed('/beds/kitchen');
		expect(sheets).toBe(1);
		expect(text).toMatch(/beds have to wait before anything of it is eaten raw/);
		expect(text).toMatch(/Upper 4\s+salad for the kitchen/);
		expect(text).not.toMatch(/Search|On the bench|Settings/);
	});

	it('a plan is one sheet, and its buttons and choices are not on it', async () => {
		const { sheets, text } = await printed(
			'/charging/plan?char=K10&part=60+L&school=nitrogen-soak'
		);
		expect(sheets).toBe(1);
		expect(text).toMatch(/^Add |Add .* of K10/);
		expect(text).not.toMatch(/Set it going|Manure cure|Which char/);
	});

	it('a round of the beds is one sheet', async () => {
		const { sheets, text } = await printed('/beds/round');
		expect(sheets).toBe(1);
		expect(text).toContain('Mere 2');
		expect(text).not.toContain('Log the round');
	});
});
