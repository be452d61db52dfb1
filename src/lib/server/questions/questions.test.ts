import { gardenBooks } from '../../../../tests/fixtures/grown';
import { beforeAll, describe, expect, it } from 'vitest';
import { done, envelope } from '../../../../tests/fixtures/garden';
import type { Books } from '../db/books';
import { checkQuench } from '../usecases/check-quench';
import { holdLot } from '../usecases/hold-lot';
import { spreadable, spreadables } from './beds';
import { chargeLines } from './charging';
import { burnLine, burnLines, isHot, openFires } from './fires';
import { traceOf } from './ledger';
import { ownResults } from './own';
import { typedWords } from './booked';
import { found } from './search';
import { remark } from '../demo/small';
import { heldBecause, proofOf, standingAt } from './standing';
import { dutiesOf } from '../rooms/duties';
import { stackLine, stackLines } from './woodyard';

const now = Date.UTC(2026, 10, 24, 12);
const lines = () => burnLines(books, books.burns.latestIds(99), standingAt(books, now));
let books: Books;

/** The demo garden, in which the alder of four fires turns out to be suspect. */
beforeAll(() => {
	books = gardenBooks();
	holdLot(books, now, envelope(now), { code: 'S1', held: true, reason: 'wire found in it' });
});

describe('a question asked of one and of all', () => {
	it('has one answer for holds and proofs', () => {
		const all = standingAt(books, now);
		const lots = books.db.prepare<[], { id: number }>('SELECT id FROM lot').all();
		for (const { id } of lots) expect(all.heldBecause(id)).toBe(heldBecause(books, id));
		for (const { id } of books.burns.latest(99))
			expect(all.proofOf(id)).toEqual(proofOf(books, id, now));
	});
	it('has one answer for stacks', () => {
		for (const line of stackLines(books))
			expect(stackLine(books, line.stack, books.woodyard.readings(line.stack.lotId)[0])).toEqual(
				line
			);
	});
	it('has one answer for fires', () => {
		for (const line of lines()) expect(burnLine(books, line.burn, now)).toEqual(line);
	});
	it('has one answer for what may go on a bed', () => {
		const all = spreadables(books, now);
		expect(all.length).toBeGreaterThan(6);
		for (const lot of all) expect(spreadable(books, lot.code, now)).toEqual(lot);
	});
});

describe('quarantine', () => {
	it('reaches everything that was made of a lot, and nothing else', () => {
		const made = traceOf(books, { lot: books.ledger.lot('S1') }, 500).forward.steps.filter(
			({ kind }) => kind !== 'bed'
		);
		const codes = new Set(['S1', ...made.map(({ code }) => code)]);
		const held = books.flows.held();
		const lots = books.db
			.prepare<[], { id: number; code: string }>('SELECT id, code FROM lot')
			.all();
		const suspects = lots.filter(({ id }) => held.get(id) === 'wire found in it');
		expect(new Set(suspects.map(({ code }) => code))).toEqual(codes);
		expect(codes.size).toBeGreaterThan(8);
		// The urine and compost that went in with it came from elsewhere.
		expect([...codes].some((code) => code.startsWith('P'))).toBe(false);
	});
});

describe('today', () => {
	it('says of every room what its own question says', () => {
		const codes = (is: string) =>
			dutiesOf(books, now).flatMap((d) => (d.is === is && /^[FC]/.test(d.code) ? d.code : []));
		expect(codes('wrong')).toEqual(
			lines()
				.filter(isHot)
				.map(({ burn }) => burn.code)
		);
		const ripe = chargeLines(books, now).filter(({ state }) => state === 'ripe');
		expect(codes('ripe')).toEqual(ripe.map(({ charge }) => charge.code));
	});
});

describe('open fires', () => {
	it('hold every fire that is planned or not proven out, and leave old, emptied ones alone', () => {
		const open = openFires(books, now).map(({ burn }) => burn.code);
		const wanted = lines().filter(({ burn, proof }) => !burn.record || proof?.stage === 'unproven');
		// One is planned, one was found hot, one burns.
		expect(wanted.length).toBe(3);
		for (const { burn } of wanted) expect(open).toContain(burn.code);
		expect(open).not.toContain('F12');
		expect(lines().map(({ burn }) => burn.code)).toContain('F12');
	});
	it('take in an old fire that a late check found hot', () => {
		checkQuench(books, now, envelope(now), {
			burn: 'F1',
			places: [{ heatFelt: true }],
			smoke: false,
			whiteSpots: false
		});
		const open = openFires(books, now);
		expect(open.find(({ burn }) => burn.code === 'F1')?.proof?.stage).toBe('unproven');
	});
});

describe('own results', () => {
	it('are of one way alone, and leave out what can’t have been', () => {
		expect(ownResults(books, 'open-kiln').yields.length).toBe(20);
		expect(ownResults(books, 'trench').yields.length).toBe(10);
		for (const { value } of ownResults(books, 'trench').yields) {
			expect(value).toBeGreaterThan(0.03);
			expect(value).toBeLessThan(0.35);
		}
	});
});

describe('a search', () => {
	it('knows crops, and what somebody noted of a thing, each once', () => {
		const books = gardenBooks();
		const codes = (word: string) => found(books, word, 40).map(({ code }) => code);
		expect(codes('madder')).toEqual(expect.arrayContaining(['Upper 1', 'Mere 2']));
		done(
			remark(books, now, envelope(now, 'noted-on-mere'), {
				at: 'bed',
				name: 'Mere 3',
				words: 'a blackbird nests'
			})
		);
		expect(found(books, 'BLACKBIRD', 40)).toMatchObject([
			{ kind: 'bed', code: 'Mere 3', name: 'a blackbird nests' }
		]);
		expect(codes('mere').filter((code) => code === 'Mere 3')).toHaveLength(1);
	});
});

describe('what was typed in an act', () => {
	it('names what was chosen, and leaves what somebody wrote as it was', () => {
		expect(typedWords({ partner: 'castings', texture: 'clay-loam', name: 'castings' })).toEqual([
			['partner', 'worm castings'],
			['texture', 'clay loam'],
			['name', 'castings']
		]);
		expect(typedWords({ name: 'dry-oak', amount: '2 L', at: 'lot', note: 'x' })).toEqual([
			['name', 'dry-oak'],
			['amount', '2 L']
		]);
	});
});
