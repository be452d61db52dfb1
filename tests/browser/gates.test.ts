import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
	burnInput,
	day,
	done,
	envelope,
	later,
	start,
	withRipeSoak,
	yard
} from '../fixtures/garden';
import { recordBurn } from '../../src/lib/server/usecases/record-burn';
import { readBooks } from './support/books';
import { openPage, type Page } from './support/page';
import { actId, post } from './support/post';
import { ownFolder, startServer, type Server } from './support/server';

const folder = ownFolder();
let server: Server;
let page: Page;
let books: ReturnType<typeof readBooks>;

/** S1 part burnt twice: F1 proven and charged as C1, F2 hot with char K3; K2 is crushed and raw. */
beforeAll(async () => {
	const seeded = yard(folder.database);
	withRipeSoak(seeded);
	done(
		recordBurn(seeded, later, envelope(start + 11 * day), {
			...burnInput,
			loads: [{ code: 'S1', litres: 600 }],
			measured: { by: 'litres', litres: 150 as never }
		})
	);
	seeded.db.close();
	server = await startServer({
		database: folder.database,
		now: new Date(start + 12 * day).toISOString()
	});
	page = await openPage(server.address);
	books = readBooks(folder.database);
});
afterAll(async () => {
	books.close();
	await page.close();
	await server.stop();
	folder.drop();
});

/** The same must hold for whatever is sent, not only for what the page offers. */
async function refusedWhenSent(path: string, fields: Record<string, string>, words: RegExp) {
	const before = books.everything();
	const answer = await post(server, path, { actId: actId(), ...fields });
	expect(answer.status).toBe(400);
	expect(await answer.text()).toMatch(words);
	expect(books.everything()).toBe(before);
}

describe('a suspect stack', () => {
	it('is quarantined when measured, is not offered for a fire, and is released with a reason', async () => {
		await page.go('/woodyard');
		await page.tick('in barrows, tubs or litres');
		await page.fill('How much', '400 L');
		await page.choose('Anything suspect about it', 'paint');
		await page.fill('Your name for it', 'grey boards');
		await page.press('Keep this stack');
		const path = await page.path();
		const code = path.split('/').at(-1) as string;
		await page.answers('is quarantined: it may not burn');
		await page.go('/fires/plan');
		expect(await page.text()).not.toContain('grey boards');
		await refusedWhenSent(
			'/fires/plan?/record',
			{
				vessel: 'Lantern',
				loads: code,
				measuredBy: 'litres',
				char: '20 L',
				wetness: 'dry'
			},
			/is quarantined, or was made of something that is/
		);
		await page.go(path);
		await page.press('Release it');
		expect(await page.complaintAt('Why release it')).toMatch(/needed/);
		await page.fill('Why release it', 'the paint was limewash, tested');
		await page.press('Release it');
		await page.go('/fires/plan');
		expect(await page.text()).toContain('grey boards');
	});
});

describe('char of a fire not proven out', () => {
	it('offers no way on, and none is taken when it is sent all the same', async () => {
		await page.go('/char/K3');
		await page.answers('not to be moved until F2 is proven out');
		expect(await page.text()).not.toContain('Log it crushed');
		await refusedWhenSent(
			'/char/K3?/crush',
			{ after: '100 L', wetness: 'drained' },
			/F2 is (not )?proven out/
		);
		await refusedWhenSent(
			'/charging/plan?/charge',
			{
				char: 'K3',
				school: 'compost-rest',
				partner: 'finished-compost',
				ratio: '1',
				temperature: '15'
			},
			/F2 is (not )?proven out/
		);
		await refusedWhenSent(
			'/beds/Mere%202?/spread',
			{ lot: 'K3', form: 'L/m2', amount: '1', reason: 'in a hurry' },
			/F2 is (not )?proven out/
		);
	});

	it('stays so after a check that fails, and Today says so first', async () => {
		await page.go('/fires/F2');
		for (const [i, probe] of ['24', '31', '78'].entries()) await page.fill(`Place ${i + 1}`, probe);
		await page.press('Log the check');
		await page.answers('F2 is not proven out');
		expect(await page.text()).toContain('heat felt, or a probe too hot');
		await page.go('/');
		await page.answers(/^One fire is not proven out/);
	});
});

describe('a dose that should be thought over', () => {
	it('of raw char says so, wants a reason, keeps what was typed, and keeps the reason', async () => {
		await page.go('/beds/Mere%202?lot=K2');
		await page.fill('Rate', '1.5');
		expect(await page.text()).toContain('Raw char: it takes water and nitrogen');
		const before = books.everything();
		await page.press('Log it spread');
		expect(await page.complaintAt('Why it is right here')).toMatch(/raw char.*Say why/i);
		expect(await page.value('Rate')).toBe('1.5');
		expect(books.everything()).toBe(before);
		await page.fill('Why it is right here', 'the trial wants an uncharged strip');
		await page.press('Log it spread');
		expect(await page.text()).toContain('the trial wants an uncharged strip');
		expect(books.acts('spread')).toBe(1);
	});

	it('past the ceiling says so and wants a reason; more than the lot holds is refused outright', async () => {
		await page.go('/beds/Mere%202?lot=C1');
		await page.fill('Rate', '7');
		expect(await page.text()).not.toContain('10 % ceiling for life');
		await page.choose('in', '% of the soil');
		await page.fill('Rate', '10.2');
		expect(await page.text()).toContain('Past the 10 % ceiling for life');
		await refusedWhenSent(
			'/beds/Mere%202?/spread',
			{ lot: 'C1', form: 'percent', amount: '10.2', reason: 'why not' },
			/C1 holds only/
		);
		await refusedWhenSent(
			'/beds/Mere%202?/spread',
			{ lot: 'K2', form: 'percent', amount: '10.2', reason: '' },
			/past the 10 % ceiling for life/
		);
	});
});
