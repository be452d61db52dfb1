import { beforeEach, describe, expect, it } from 'vitest';
import { emptyBooks, start, yard } from '../../../../tests/fixtures/garden';
import type { Books } from '../db/books';
import type { Reading } from '../../input/form';
import { tryNotebook, writeNotebook, type Notebook } from './notebook';

const reading: Reading = {
	timeZone: 'UTC',
	person: 'Ines',
	now_ms: start + 200 * 86_400_000,
	measures: [{ name: 'barrow', litres: 78 }]
};
const notebook: Notebook = {
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
let books: Books;
beforeEach(() => {
	books = yard();
});

describe('an old notebook', () => {
	it('becomes stacks, burns, checks and spreads, in one batch and with its dates', () => {
		const before = acts();
		expect(tryNotebook(books, reading, notebook)).toMatchObject({ right: true });
		expect(acts()).toBe(before);
		const { rows, right } = writeNotebook(books, reading, notebook, 'batch-of-the-test');
		expect(right).toBe(true);
		// Two stacks, a reading, a burn, its check, a spread.
		expect(acts()).toBe(before + 6);
		expect(rows.map(({ path }) => path)).toEqual([
			'/woodyard/S2',
			'/woodyard/S3',
			'/fires/F1',
			'/beds/Mere%202'
		]);
		expect(books.ledger.lot('S2').volume_ml).toBe(1_200_000);
		expect(books.ledger.lot('S3').volume_ml).toBe(0);
		expect(books.ledger.lot('K1').volume_ml).toBe(300_000);
		expect(books.burns.maybeOne('F1')?.record?.quenchedAt_ms).toBe(Date.UTC(2026, 3, 2, 16, 30));
	});

	it('sent twice is one', () => {
		writeNotebook(books, reading, notebook, 'batch-of-the-test');
		const before = acts();
		expect(writeNotebook(books, reading, notebook, 'batch-of-the-test').right).toBe(true);
		expect(acts()).toBe(before);
	});

	it('with one bad row writes nothing at all', () => {
		const before = acts();
		const spreads = notebook.spreads.replace('Mere 2', 'Nowhere');
		expect(writeNotebook(books, reading, { ...notebook, spreads }, 'batch-bad').right).toBe(false);
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
			'spreads 2 reason: reason-wanted'
		]);
		expect(bad({ spreads: notebook.spreads.replace('2026-04-10', '10.4.26') })).toEqual([
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
