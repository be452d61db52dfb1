import { describe, expect, it } from 'vitest';
import { burnInput, day, done, envelope, later, start } from '../fixtures/garden';
import { litres } from '../../src/lib/core/units';
import { recordBurn } from '../../src/lib/server/usecases/record-burn';
import { actId, post } from './support/post';
import { setScene } from './support/scene';

const scene = setScene({
	// F2 is hot, with char K3.
	grow: (books) =>
		done(
			recordBurn(books, later, envelope(start + 11 * day), {
				...burnInput,
				loads: [{ code: 'S1', litres: 600 }],
				measured: { by: 'litres', litres: litres(150) }
			})
		)
});

/** The same must hold for whatever is sent, not only for what the page offers. */
async function refusedWhenSent(path: string, fields: Record<string, string>, words: RegExp) {
	const before = scene.books.everything();
	const answer = await post(scene.server, path, { actId: actId(), ...fields });
	expect(answer.status).toBe(400);
	expect(await answer.text()).toMatch(words);
	expect(scene.books.everything()).toBe(before);
}

describe('a suspect stack', () => {
	it('is quarantined when measured, is not offered for a fire, and is released with a reason', async () => {
		await scene.page.go('/woodyard');
		await scene.page.tick('in barrows, tubs or by volume');
		await scene.page.fill('How much', '400 L');
		await scene.page.choose('Anything suspect about it', 'paint');
		await scene.page.fill('Your name for it', 'grey boards');
		await scene.page.press('Keep this stack');
		const path = await scene.page.path();
		const code = path.split('/').at(-1) as string;
		await scene.page.answers('is quarantined: it may not burn');
		await scene.page.go('/fires/plan');
		expect(await scene.page.text()).not.toContain('grey boards');
		await refusedWhenSent(
			'/fires/plan?/record',
			{
				vessel: 'Lantern',
				loads: code,
				measuredBy: 'litres',
				char: '20 L',
				wetness: 'dry'
			},
			/is in quarantine/
		);
		await scene.page.go(path);
		await scene.page.press('Release it');
		expect(await scene.page.complaintAt('Why release it')).toMatch(/needed/);
		await scene.page.fill('Why release it', 'the paint was limewash, tested');
		await scene.page.press('Release it');
		await scene.page.go('/fires/plan');
		expect(await scene.page.text()).toContain('grey boards');
	});
});

describe('char of a fire not proven out', () => {
	it('offers no way on, and none is taken when it is sent all the same', async () => {
		await scene.page.go('/char/K3');
		await scene.page.answers('not to be moved until F2 is proven out');
		expect(await scene.page.text()).not.toContain('Log it crushed');
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
			/Fire F2 has none of four checks passed/
		);
	});

	it('stays so after a check that fails, and Today says so first', async () => {
		await scene.page.go('/fires/F2');
		for (const [i, probe] of ['24', '31', '78'].entries())
			await scene.page.fill(`Place ${i + 1}`, probe);
		await scene.page.press('Log the check');
		await scene.page.answers('F2 is not proven out');
		expect(await scene.page.text()).toContain('heat felt, or a probe too hot');
		await scene.page.go('/');
		await scene.page.answers(/^One fire is not proven out/);
	});
});

describe('what was done last week', () => {
	it('is told by its own date in the headline, before it is written down', async () => {
		await scene.page.go('/charging/plan?char=K2&school=compost-rest&part=20+L&temperature=20+C');
		await scene.page.answers('ready 20 Mar at the earliest');
		await scene.page.unfold('When, how long, or a note');
		await scene.page.fill('When', '2026-03-08T10:00');
		await scene.page.answers('ready 15 Mar at the earliest');
		await scene.page.go('/beds/Mere%202?lot=C1');
		await scene.page.fill('How much', '2');
		await scene.page.answers('Put 16 L of C1 on Mere 2');
		await scene.page.unfold('When, how long, or a note');
		await scene.page.fill('When', '2026-03-12T10:00');
		await scene.page.answers('16 L of C1 went on Mere 2 on 12 Mar');
	});

	it('of a lot that was not made yet is refused at its date', async () => {
		await scene.page.go('/woodyard/S1');
		await scene.page.fill('Percent of each piece', '19 20 21');
		await scene.page.unfold('When, how long, or a note');
		await scene.page.fill('When', '2026-02-01T10:00');
		await scene.page.press('Log the reading');
		expect(await scene.page.complaintAt('When')).toMatch(/S1 was not there by then/);
	});
});

describe('a dose that should be thought over', () => {
	it('of raw char says so, wants a reason, keeps what was typed, and keeps the reason', async () => {
		await scene.page.go('/beds/Mere%202?lot=K2');
		await scene.page.fill('How much', '1.5');
		expect(await scene.page.text()).toContain('is raw char: it takes water and nitrogen');
		const before = scene.books.everything();
		await scene.page.press('Log it spread');
		expect(await scene.page.complaintAt('Why it is right all the same')).toMatch(/Say why/);
		expect(await scene.page.value('How much')).toBe('1.5');
		expect(scene.books.everything()).toBe(before);
		await scene.page.fill('Why it is right all the same', 'the trial wants an uncharged strip');
		await scene.page.press('Log it spread');
		expect(await scene.page.text()).toContain('the trial wants an uncharged strip');
		expect(scene.books.acts('spread')).toBe(1);
	});

	it('past the ceiling says so and wants a reason; more than the lot holds is refused outright', async () => {
		await scene.page.go('/beds/Mere%202?lot=C1');
		await scene.page.fill('How much', '7');
		expect(await scene.page.text()).not.toContain('10 % ceiling for life');
		await scene.page.choose('in', '% char of the soil');
		await scene.page.fill('How much', '10.2');
		expect(await scene.page.text()).toContain('past the 10 % ceiling for life');
		await refusedWhenSent(
			'/beds/Mere%202?/spread',
			{ lot: 'C1', form: 'percent', amount: '10.2', reason: 'why not' },
			/C1 holds only/
		);
		await refusedWhenSent(
			'/beds/Mere%202?/spread',
			{ lot: 'K2', form: 'percent', amount: '10.2' },
			/past the 10 % ceiling for life/
		);
	});
});
