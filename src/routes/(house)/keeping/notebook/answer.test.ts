import { describe, expect, it } from 'vitest';
import { notebookAnswer } from './answer';

const none = { standing: 0 };
const shown = { right: false, all: 4, bad: 0, unknown: [], sheets: [] };

describe('what a notebook came to', () => {
	it.each([
		[none, undefined, 'Bring an old notebook in'],
		[none, { ...shown, all: 0 }, 'There are no rows yet'],
		[none, { ...shown, right: true }, 'All four rows are right: write them'],
		[none, { ...shown, bad: 1 }, 'One row wants mending; nothing was written'],
		[none, { ...shown, sheets: [1, 2] }, 'Two sheets can’t be read yet'],
		[none, { ...shown, unknown: [1] }, 'Which sheet is this?'],
		[{ ...none, state: 'trying', of: 0 }, undefined, 'It waits for its turn'],
		[
			{ ...none, state: 'trying', done: 1200, of: 3000 },
			undefined,
			'1,200 of 3,000 rows tried; nothing is written yet'
		],
		[{ ...none, state: 'writing', done: 2, of: 9 }, undefined, '2 of 9 rows written'],
		[{ ...none, state: 'taking-back', done: 2, of: 9 }, undefined, '2 of 9 acts taken back'],
		[{ ...none, state: 'taken-back' }, shown, 'Nothing of this notebook is in the books'],
		[{ ...none, state: 'halted' }, shown, 'It stopped; nothing of it is in the books'],
		[{ standing: 3, state: 'halted' }, shown, 'three acts of it are in the books'],
		[{ standing: 5, state: 'written' }, undefined, 'Five acts are in the books now']
	])('%o, %o: %s', (job, told, answer) => expect(notebookAnswer(job, told)).toContain(answer));
});
