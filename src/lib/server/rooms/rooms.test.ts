import { gardenBooks } from '../../../../tests/fixtures/grown';
import { beforeAll, describe, expect, it } from 'vitest';
import { path, roomOf } from '../../components/shell/path';
import { drawingsOf } from '../../components/drawings';
import { lotKinds } from '../../core/kinds';
import { wordsOf } from '../../format/sentence';
import type { Books } from '../db/books';
import { sheetNames } from '../keeping/sheets';
import { previewLine } from '../line/log';
import { namesOf } from '../line/names-of';
import { verbOf, verbs } from '../line/read';
import { dutiesOf } from './duties';
import { rooms } from '.';

const now = Date.UTC(2026, 10, 24, 12);
let books: Books;
beforeAll(() => {
	books = gardenBooks();
});

const twice = (names: readonly string[]) => names.filter((name, i) => names.indexOf(name) !== i);

describe('what rooms register', () => {
	it('goes by names of its own: rooms, verbs, sheets, ways onto a bed', () => {
		expect(twice(rooms.map(({ id }) => id))).toEqual([]);
		expect(twice(verbs.map(({ word }) => word))).toEqual([]);
		expect(twice(sheetNames)).toEqual([]);
		const keepers = rooms.flatMap(({ ontoBed }) => Object.keys(ontoBed ?? {}));
		expect(twice(keepers)).toEqual([]);
		expect(keepers.every((kind) => lotKinds.some(({ id }) => id === kind))).toBe(true);
	});

	it('has lines that its own verbs read, each told in words or refused for what the garden lacks', () => {
		const reading = {
			timeZone: 'UTC',
			person: 'Ines',
			now_ms: now,
			system: 'metric' as const,
			measures: books.settings.measures()
		};
		const examples = verbs.flatMap((verb) => verb.examples.map(({ line }) => ({ verb, line })));
		expect(examples.length).toBeGreaterThan(15);
		for (const { verb, line } of examples) {
			expect(verbOf(line, namesOf(books, reading.now_ms)), line).toBe(verb);
			const { reading: read } = previewLine(books, reading, line);
			if (read.status === 'understood') expect(wordsOf(read.told.head), line).not.toBe('');
			// A line that lacks something of its own form would be no example of it.
			else expect(read.issues.map(({ code }) => code).join(), line).not.toMatch(/^line-/);
		}
	});

	it('names each thing of the garden once, and nothing that is used up', () => {
		const { things } = namesOf(books, now);
		expect(twice(things.map(({ code, kind }) => `${kind} ${code}`))).toEqual([]);
		const empty = things.filter(({ litres }) => litres !== undefined && litres <= 0);
		expect(empty).toEqual([]);
	});

	it('has duties that lead somewhere, say how they stand and are told alike where they are alike', () => {
		const duties = dutiesOf(books, now);
		for (const duty of duties) {
			expect(roomOf(duty.href.split(/[?#]/)[0] ?? ''), duty.href).toBeDefined();
			expect(duty.state, duty.code).not.toBe('');
			expect(duty.title ?? duty.name, duty.code).not.toBe('');
			expect(duty.says, duty.code).not.toMatch(/undefined|NaN|null/);
		}
		const pressing = duties.filter(({ is }) => ['wrong', 'due', 'ripe', 'fading'].includes(is));
		expect(pressing.every(({ told }) => told?.length === 2)).toBe(true);
	});

	it('draws only what has a drawing', async () => {
		const wanted = dutiesOf(books, now).flatMap(({ drawing }) => drawing?.of ?? []);
		expect(wanted.length).toBeGreaterThan(0);
		expect(Object.keys(await drawingsOf([...wanted, 'moon']))).toEqual([...new Set(wanted)]);
	});
});

describe('the path', () => {
	it('has a key and an address of its own for each room, and four on the phone', () => {
		expect(twice(path.map(({ key }) => key))).toEqual([]);
		expect(twice(path.flatMap(({ href, also = [] }) => [href, ...also]))).toEqual([]);
		expect(path.filter(({ onBar }) => onBar)).toHaveLength(4);
	});

	it.each([
		['/', '/'],
		['/vessels/Lantern', '/fires'],
		['/char/K1', '/charging'],
		['/brews/B1', '/brews'],
		['/beds/Mere%202', '/beds'],
		['/settings', undefined]
	])('%s belongs to %s', (here, href) => expect(roomOf(here)?.href).toBe(href));
});
