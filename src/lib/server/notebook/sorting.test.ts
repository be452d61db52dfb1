import { describe, expect, it } from 'vitest';
import { notebookSheets, templateOf } from './columns';
import { sheetOf, sortedOut } from './sorting';

const burns = templateOf('burns');
const spreads = templateOf('spreads');

describe('a sheet', () => {
	it.each(notebookSheets)('of %s is known by its columns, in any order and case', (sheet) => {
		const [head = '', ...rows] = templateOf(sheet).split('\r\n');
		const turned = head.toUpperCase().split(',').reverse().join(' ,');
		expect(sheetOf([head, ...rows].join('\n'))).toBe(sheet);
		expect(sheetOf(`\uFEFF${turned}\n`)).toBe(sheet);
	});

	it('that lacks a column is still known by the others', () => {
		expect(sheetOf('date,vessel,stacks,char\n')).toBe('burns');
	});

	it.each(['', 'when,what', 'date,note', 'date', '\u0000', '"'])('%j is none of them', (text) => {
		expect(sheetOf(text)).toBeUndefined();
	});

	it('whose columns go by other names is known by what they were said to be', () => {
		const text = 'day,plot,what,how much\n';
		expect(sheetOf(text)).toBeUndefined();
		const spreads = { day: 'date', plot: 'bed', what: 'lot', 'how much': 'amount' };
		expect(sheetOf(text, { spreads })).toBe('spreads');
	});
});

describe('what is dropped together', () => {
	it('is sorted out, whichever file it came in', () => {
		const { notebook, unknown } = sortedOut({ tests: 'typed' }, [
			{ name: 'b.csv', text: spreads },
			{ name: 'a.csv', text: burns }
		]);
		expect(notebook).toEqual({ tests: 'typed', spreads, burns });
		expect(unknown).toEqual([]);
	});

	it('and is of one kind follows on where the columns are the same, else waits to be told apart', () => {
		const more = 'date,bed,lot,amount\n2026-05-23,Mere 3,spring,20 L';
		const [head, row] = spreads.split('\r\n');
		const other = { name: 'more.csv', text: more };
		const twice = sortedOut({}, [
			{ name: 'a.csv', text: spreads },
			{ name: 'b.csv', text: spreads },
			other
		]);
		expect(twice.notebook.spreads?.split(/\r?\n/)).toEqual([head, row, row, '']);
		expect(twice.unknown).toEqual([other]);
	});

	it('takes the place of what was sent before: it was mended', () => {
		const { notebook } = sortedOut({ burns: 'as it was', spreads }, [{ name: '', text: burns }]);
		expect(notebook).toEqual({ burns, spreads });
	});

	it('is taken apart where sheets stand below one another, its gaps left as they were', () => {
		const [head = '', row = ''] = burns.split('\r\n');
		const gap = `${head}\n${row}\n,,,\n\n${row}`;
		const { notebook } = sortedOut({}, [{ name: '', text: `${gap}\n\n${spreads}` }]);
		expect(notebook).toEqual({ burns: gap, spreads });
	});

	it('and is said to be something is that, whatever its columns', () => {
		const one = { name: 'x.csv', text: 'when,what\nMay,tea' };
		expect(sortedOut({}, [one]).unknown).toEqual([one]);
		expect(sortedOut({}, [{ ...one, is: 'tests' }]).notebook).toEqual({ tests: one.text });
	});
});
