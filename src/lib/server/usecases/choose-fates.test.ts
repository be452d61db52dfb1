import { beforeEach, describe, expect, it } from 'vitest';
import { faultsOf } from '../../../../tests/fixtures/faults';
import { day, start, yard } from '../../../../tests/fixtures/garden';
import { fateSchema } from '../../input/fate-doors';
import type { Values } from '../../input/form';
import type { Books } from '../db/books';
import { heapLines } from '../questions/heaps';
import { didOf } from '../questions/did';
import { send } from '../send';
import { chooseFates } from './choose-fates';
import { reverseWhole } from './reverse-round';

let books: Books;
const now_ms = start + 5 * day;
const read = { timeZone: 'UTC', person: 'Oda', system: 'metric', now_ms } as const;
beforeEach(() => {
	books = yard();
});
const actId = 'fate-0001';
const begin = (values: Values, id = actId) =>
	send(books, read, { actId: id, ...values }, fateSchema, chooseFates);
const issues = (values: Values) => {
	const outcome = begin(values);
	return outcome.status === 'refused' ? outcome.issues.map(({ field, code }) => [field, code]) : [];
};
const lots = () =>
	books.db
		.prepare<[], { code: string; name: string }>(
			`SELECT l.code, l.name FROM lot l JOIN standing_act a ON a.id = l.act_id WHERE a.id LIKE 'fate-%' ORDER BY l.id`
		)
		.all();
const kit = { 'kit-barrel': 'on', 'kit-sugar': 'on', 'kit-hoop': 'on', 'kit-kiln': 'on' };

describe('a pile whose parts are begun', () => {
	const three = {
		...kit,
		...{ stuff1: 'dry-leaves', part1: '400 L', use1: 'potting', where1: 'Boathouse' },
		...{ stuff2: 'soft-tops', part2: '20 L', use2: 'feed', day2: '2026-03-27', where2: 'Tub' },
		...{ stuff3: 'woody-thin', part3: '300 L', use3: 'char' }
	};

	it('becomes a heap, a brew and a stack by one form, what they are made of brought in, and all of it is undone at once', () => {
		const outcome = begin({ ...three, goes2: 'sugar-ferment' });
		expect(outcome).toMatchObject({ status: 'done', repeated: false });
		expect(
			lots()
				.map(({ code }) => code[0])
				.toSorted()
		).toEqual(['B', 'H', 'M', 'M', 'M', 'S']);
		const heap = heapLines(books, now_ms).find(({ heap: one }) => one.name === 'Boathouse');
		expect(heap?.heap.start.way).toBe('leaf-mould');
		expect(faultsOf(books)).toEqual([]);
		expect(didOf(books, actId)).toMatchObject({ verb: 'begun', state: 'stands' });
		// The same form sent again writes nothing more.
		expect(begin({ ...three, goes2: 'sugar-ferment' })).toMatchObject({ repeated: true });
		expect(lots()).toHaveLength(6);
		const undone = reverseWhole(
			books,
			now_ms,
			{ ...envelopeOf('undo-0001') },
			{ actId, backTo: '/fate', withDependents: false }
		);
		expect(undone.status).toBe('done');
		expect(lots()).toEqual([]);
		expect(faultsOf(books)).toEqual([]);
	});

	it('keeps what it is wanted for, and by when', () => {
		begin({
			...{ ...kit, stuff1: 'soft-tops', part1: '20 L' },
			...{ use1: 'feed', day1: '2026-03-27', where1: 'Tub' }
		});
		const [note] = books.db
			.prepare<[], { note: string }>(`SELECT note FROM act WHERE id = '${actId}.1'`)
			.all();
		expect(note?.note).toBe('Wanted as a feed, by 27 Mar');
	});

	it('goes on the heap of its kind that stands in its corner', () => {
		const leaves = { ...kit, stuff1: 'dry-leaves', part1: '400 L', where1: 'Boathouse' };
		begin({ ...leaves, use1: 'potting' });
		begin({ ...leaves, use1: 'potting', part1: '100 L' }, 'fate-0002');
		expect(lots().filter(({ code }) => code.startsWith('H'))).toHaveLength(1);
	});

	it('is laid on the bed that was named, brought in first', () => {
		const bed = books.db.prepare<[], { name: string }>('SELECT name FROM bed_called').get()!.name;
		const laid = { stuff1: 'leafy-green', part1: '40 L', use1: 'mulch', where1: bed };
		expect(begin(laid).status).toBe('done');
		const [lot] = lots();
		expect(lot?.code).toMatch(/^M/);
		const id = books.db
			.prepare<[], { bed_id: number }>(`SELECT bed_id FROM application WHERE act_id = '${actId}.2'`)
			.get();
		expect(id).toBeDefined();
		expect(faultsOf(books)).toEqual([]);
	});

	it('writes nothing where one part can’t be begun, and says so at that part', () => {
		expect(issues({ ...three, where1: '' })).toEqual([['where1', 'bad-empty']]);
		expect(issues({ ...three, where2: 'No such tub' })[0]?.[0]).toBe('where2');
		expect(issues({ ...three, goes3: 'leaf-mould' })).toEqual([['goes3', 'choose']]);
		expect(issues({ ...three, part3: 'a lot' })[0]?.[0]).toBe('part3');
		expect(issues({})).toEqual([['part1', 'bad-empty']]);
		expect(lots()).toEqual([]);
	});

	it('begins with as much as its way takes: the rest still lies there', () => {
		begin({
			...{ 'kit-worm-bin': 'on', stuff1: 'leafy-green', part1: '50 L' },
			...{ use1: 'potting', goes1: 'worm-feed', where1: 'Steps' }
		});
		const heap = heapLines(books, now_ms).find(({ heap: one }) => one.name === 'Steps');
		expect(heap?.heap.laid_l).toBeCloseTo(30, 6);
	});

	it('out of a stack is split off it, and what is left last stays', () => {
		const stack = begin({ ...kit, stuff1: 'woody-thin', part1: '800 L', use1: 'char' });
		expect(stack.status).toBe('done');
		const [{ code } = { code: '' }] = lots();
		const from = {
			...{ ...kit, 'kit-shredder': 'on', from: `lot:${code}` },
			...{ stuff1: 'woody-thin', part1: '400 L', use1: 'mulch', day1: '2026-12-30' },
			...{ stuff2: 'woody-thin', part2: 'all', use2: 'char', day2: '2027-12-30' }
		};
		// A part is litres: "all" is none.
		expect(begin(from, 'fate-0003').status).toBe('refused');
		expect(begin({ ...from, part2: '400 L' }, 'fate-0004').status).toBe('done');
		expect(lots()).toHaveLength(2);
		expect(faultsOf(books)).toEqual([]);
	});
});

const envelopeOf = (id: string) => ({
	...{ actId: id, person: 'Oda', happenedAt_ms: now_ms, note: '', reason: '' },
	...{ typed: {}, sure: [] }
});
