import { beforeEach, describe, expect, it } from 'vitest';
import { emptyBooks, start, yard } from '../../../../tests/fixtures/garden';
import type { Books } from '../db/books';
import type { Reading } from '../../input/form';
import { notebookSheets, templateOf } from './columns';
import { tryOut } from '../send';
import { notebookJobs } from './jobs';
import { writeThrough, type Matches, type Notebook } from './notebook';

const reading: Reading = {
	timeZone: 'UTC',
	person: 'Ines',
	now_ms: start + 200 * 86_400_000,
	measures: [{ name: 'barrow', litres: 78 }]
};
const notebook = {
	stacks: `label,date,name,form,wood,seasoned,outline,length,width,height,filled,moisture
A,2026-03-03,alder rods,rods,light-hardwood,yes,box,2 m,1 m,1.2 m,,18 21 19
B,2026-03-04,hazel,rods,dense-hardwood,yes,,,,,8 barrows,
`,
	burns: `label,date,vessel,stacks,char,sample,wetness,cold
first,2026-04-02 16:30,Lantern,A: 1200 L + B,320 L,10 L = 1.6 kg,quench-wet,2026-04-03
`,
	spreads: `date,bed,lot,amount,reason
2026-04-10,Mere 2,first,20 L,to see what raw char does
`
};
const bad = (change: Partial<Notebook>) => {
	const { rows, sheets, right } = tryNotebook(books, reading, { ...notebook, ...change });
	expect(right).toBe(false);
	return [
		...sheets.flatMap(({ sheet, issues }) => issues.map(({ code }) => `${sheet}: ${code}`)),
		...rows.flatMap(({ sheet, line, issues }) =>
			issues.map(({ field, code }) => `${sheet} ${line} ${field}: ${code}`)
		)
	];
};
const acts = () => books.acts.count();
const tryNotebook = (of: Books, how: Reading, notebook: Notebook, matches: Matches = {}) =>
	tryOut(of, () => writeThrough(of, { batch: 'notebook-tried', reading: how, notebook, matches }));
/** Tried and written as the page does it. */
const bring = async (notebook: Notebook, batch: string) => {
	const jobs = notebookJobs(books, () => {});
	jobs.try({ batch, job: '', notebook, matches: {}, unknown: [] }, reading);
	await jobs.settled(batch, 60_000);
	jobs.write(batch);
	await jobs.settled(batch, 60_000);
	return { jobs, job: jobs.find(batch) };
};
let books: Books;
beforeEach(() => {
	books = yard();
});

describe('an old notebook', () => {
	it('becomes stacks, burns, checks and spreads, in one batch and with its dates', async () => {
		const before = acts();
		expect(tryNotebook(books, reading, notebook)).toMatchObject({ right: true });
		expect(acts()).toBe(before);
		const { job } = await bring(notebook, 'batch-of-the-test');
		expect(job?.state).toBe('written');
		const rows = job?.result?.rows ?? [];
		// Two stacks, a reading, a burn, its check, a spread.
		expect(acts()).toBe(before + 6);
		expect(rows.map(({ path }) => path)).toEqual([
			'/woodyard/S2',
			'/woodyard/S3',
			'/fires/F1',
			'/beds/Mere%202'
		]);
		expect(books.ledger.lot('S2').volume_ul).toBe(1_200_000_000);
		expect(books.ledger.lot('S3').volume_ul).toBe(0);
		expect(books.ledger.lot('K1').volume_ul).toBe(300_000_000);
		expect(books.burns.maybeOne('F1')?.record?.quenchedAt_ms).toBe(Date.UTC(2026, 3, 2, 16, 30));
	});

	it('sent twice is one', async () => {
		await bring(notebook, 'batch-of-the-test');
		const before = acts();
		expect((await bring(notebook, 'batch-of-the-test')).job?.state).toBe('written');
		expect(acts()).toBe(before);
	});

	it('with one bad row writes nothing at all', async () => {
		const before = acts();
		const spreads = notebook.spreads.replace('Mere 2', 'Nowhere');
		const { job } = await bring({ ...notebook, spreads }, 'batch-bad');
		expect(job).toMatchObject({ state: 'tried', result: { right: false } });
		expect(acts()).toBe(before);
	});

	it('names each bad row, its column and what is wrong', () => {
		expect(bad({ spreads: notebook.spreads.replace('Mere 2', 'Nowhere') })).toEqual([
			'spreads 2 bed: unknown-bed'
		]);
		expect(bad({ spreads: notebook.spreads.replace('20 L', '20 sacks') })).toEqual([
			'spreads 2 amount: bad-unit'
		]);
		expect(bad({ spreads: notebook.spreads.replace('to see what raw char does', '') })).toEqual([
			'spreads 2 why-char-raw-K1: char-raw',
			'spreads 2 why-char-whole-K1: char-whole'
		]);
		expect(bad({ spreads: notebook.spreads.replace('2026-04-10', '31.31.26') })).toEqual([
			'spreads 2 date: bad-date'
		]);
		expect(bad({ burns: notebook.burns.replace(',2026-04-03', ',') })).toEqual([
			'spreads 2 lot: not-proven'
		]);
		expect(bad({ burns: notebook.burns.replace(',2026-04-03', ',2026-04-01') })).toContain(
			'burns 2 cold: before-quench'
		);
		expect(bad({ stacks: notebook.stacks.replace('light-hardwood', 'alder') })).toContain(
			'stacks 2 wood: choose'
		);
		expect(bad({ stacks: notebook.stacks.replace('\nB,', '\nA,') })).toContain(
			'stacks 3 label: notebook-label-twice'
		);
		expect(bad({ burns: notebook.burns.replace('10 L = 1.6 kg', '10 L') })).toContain(
			'burns 2 sample: bad-empty'
		);
	});

	it('says what is wrong in the words of the sheet, never by codes that nobody wrote', () => {
		const facts = (change: Partial<Notebook>) =>
			tryNotebook(books, reading, { ...notebook, ...change }).rows.flatMap(({ issues }) =>
				issues.flatMap((issue) => Object.values(issue.facts ?? {}))
			);
		const overdrawn = facts({
			burns: notebook.burns.replace('A: 1200 L', 'A: 5000 L')
		});
		expect(overdrawn).toContain('A');
		expect(overdrawn.filter((fact) => /^[SKC]\d+$/.test(String(fact)))).toEqual([]);
		const unknown = facts({ spreads: notebook.spreads.replace(',first,', ',b9,') });
		expect(unknown).toContain('b9');
		expect(unknown).not.toContain('B9');
	});

	it('takes crushings, charges and tests too, so that last season’s spreads are not raw', async () => {
		const season: Notebook = {
			...notebook,
			crushings: 'label,date,char,before,after\nfine,5 Apr 2026,first,150 L,100 L\n',
			charges:
				'label,date,char,part,school,partner,ratio\nspring,6 Apr 2026,fine,60 L,compost-rest,finished-compost,1:1\n',
			tests: 'date,charge,passed\n20.5.2026,spring,yes\n',
			spreads: 'date,bed,lot,amount\n22 May 2026 5pm,Mere 2,spring,20 L\n'
		};
		const { job } = await bring(season, 'batch-of-a-season');
		expect(job?.result?.rows.flatMap(({ issues }) => issues)).toEqual([]);
		expect(job?.state).toBe('written');
		const [charge] = books.batches.inStock();
		expect(charge?.code).toBe('C1');
		const bed = books.beds.maybeOne('Mere 2')!;
		expect(books.applications.ofBed(bed.id, 1)[0]).toMatchObject({
			lotCode: 'C1',
			at_ms: Date.UTC(2026, 4, 22, 17)
		});
	});

	it('reads short dates in the grower’s own order', () => {
		const spreads = notebook.spreads.replace('2026-04-10', '5/6/2026');
		const dates = (system: 'metric' | 'us') => {
			const { rows } = tryNotebook(books, { ...reading, system }, { ...notebook, spreads });
			return rows.at(-1)?.issues;
		};
		expect([dates('metric'), dates('us')]).toEqual([[], []]);
		expect(
			tryNotebook(
				books,
				{ ...reading, system: 'us' },
				{ ...notebook, spreads: notebook.spreads.replace('2026-04-10', '25/6/2026') }
			).rows.at(-1)?.issues
		).toEqual([expect.objectContaining({ code: 'bad-date' })]);
	});

	it('names all that is wrong with a row at once, and what there is to choose from', () => {
		const stacks = `label,date,form,wood,seasoned\n,,logs,oak,maybe\n`;
		const { rows } = tryNotebook(books, reading, { stacks });
		expect(rows[0]?.issues.map(({ field }) => field)).toEqual(
			expect.arrayContaining(['date', 'label', 'form', 'wood', 'seasoned'])
		);
		const seasoned = rows[0]?.issues.find(({ field }) => field === 'seasoned');
		expect(seasoned?.facts).toEqual({ options: 'yes, no, dead' });
	});

	it('takes columns that were matched by hand, and leaves out what is left out', () => {
		const spreads = notebook.spreads.replace(
			'date,bed,lot,amount,reason',
			'day,where,lot,amount,why'
		);
		const { sheets } = tryNotebook(books, reading, { ...notebook, spreads });
		expect(sheets[0]?.strange).toEqual(['day', 'where', 'why']);
		const matches = { spreads: { day: 'date', where: 'bed', why: 'reason' } };
		expect(tryNotebook(books, reading, { ...notebook, spreads }, matches).right).toBe(true);
		const without = { spreads: { day: 'date', where: 'bed', why: '' } };
		expect(
			tryNotebook(books, reading, { ...notebook, spreads }, without).rows.at(-1)?.issues
		).toEqual([
			expect.objectContaining({ code: 'char-raw' }),
			expect.objectContaining({ code: 'char-whole' })
		]);
	});

	it('has a sheet to begin with for each, which is read as it stands', () => {
		const templates = Object.fromEntries(
			notebookSheets.map((sheet) => [sheet, templateOf(sheet)])
		) as Notebook;
		expect(tryNotebook(books, reading, templates).sheets).toEqual([]);
		expect(tryNotebook(books, reading, templates).rows.flatMap(({ issues }) => issues)).toEqual([]);
	});

	it('names what is wrong with a sheet', () => {
		expect(bad({ stacks: 'label,date\nA,2026-03-03' })).toContain('stacks: notebook-missing');
		expect(bad({ spreads: `${notebook.spreads.replace('reason', 'why')}` })).toContain(
			'spreads: notebook-strange'
		);
		expect(bad({ spreads: 'date,bed,lot,amount\n2026-04-10,"Mere 2,C1,20 L' })).toContain(
			'spreads: notebook-quotes'
		);
		expect(bad({ spreads: `date,bed,lot,amount\n${'x,,,\n'.repeat(3001)}` })).toContain(
			'spreads: notebook-long'
		);
	});

	it('reads what other programs write: semicolons, a byte mark, Windows line ends', () => {
		const semicolons = (text: string) =>
			`\uFEFF${text.replaceAll(',', ';').replaceAll('\n', '\r\n')}`;
		const same = {
			stacks: semicolons(notebook.stacks),
			burns: semicolons(notebook.burns),
			spreads: semicolons(notebook.spreads)
		};
		expect(tryNotebook(books, reading, same)).toEqual(tryNotebook(books, reading, notebook));
	});

	it('of nothing is not right, and says nothing is wrong', () => {
		const empty = tryNotebook(emptyBooks(), reading, { stacks: '', burns: ' \n', spreads: '' });
		expect(empty).toEqual({ rows: [], sheets: [], right: false });
	});
});
