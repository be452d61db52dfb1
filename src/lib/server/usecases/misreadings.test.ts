import { topUpBatch } from './top-up-batch';
import { beforeEach, describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/fixtures/brewing';
import {
	burnInput,
	day,
	done,
	envelope,
	hour,
	later,
	refused,
	start,
	withCrushed,
	yard
} from '../../../../tests/fixtures/garden';
import { burnFigures } from '../../core/fires';
import { celsius, kilograms, litres, metres } from '../../core/units';
import type { ChargeInput } from '../../input/charging';
import type { Books } from '../db/books';
import { previewLine, writeLine } from '../line/log';
import { outcomeOf } from '../questions/own';
import { stockUp } from './bring-in';
import { findOfChar } from './char-in';
import { crushChar } from './crush-char';
import { drainCharge } from './drain-charge';
import { measureVessel } from './measure-vessel';
import { planBurn } from './plan-burn';
import { recordBurn } from './record-burn';
import { doSmall } from './small-act';
import { startCharge } from './start-charge';

let books: Books;
beforeEach(() => {
	books = yard();
	withCrushed(books);
	tub(books, 'Pail', 0.32, 0.38);
	tub(books, 'Barrel', 0.58, 0.9);
});

const at = (days: number) => envelope(start + days * day);
const reading = { timeZone: 'UTC', person: 'Oda', now_ms: start + 20 * day, measures: [] };
const said = (line: string) => {
	const { reading: read } = previewLine(books, reading, line);
	return read.status === 'trouble' ? read.issues.map(({ code }) => code) : ['understood'];
};
const charge: ChargeInput = {
	char: 'K2',
	part: 30,
	school: 'compost-rest',
	partner: 'finished-compost',
	ratio: 1,
	wantedN: 5,
	temperature: celsius(20)
};

describe('what is far from the usual is asked', () => {
	it('five parts of compost where five percent may have been meant', () => {
		const far = startCharge(books, later, at(3), { ...charge, ratio: 5 });
		expect(far).toMatchObject({ issues: [{ field: 'sure-far-ratio-partner', code: 'far-ratio' }] });
		done(
			startCharge(books, later, { ...at(3), sure: ['far-ratio-partner'] }, { ...charge, ratio: 5 })
		);
	});

	it('a recipe of one’s own is what is usual for it', () => {
		done(
			startCharge(
				books,
				later,
				{ ...at(3), sure: 'all' },
				{ ...charge, part: 10, ratio: 5, recipeName: 'Rich' }
			)
		);
		done(startCharge(books, later, at(3), { ...charge, part: 10, ratio: 5, ownRecipe: 'Rich' }));
	});

	it('three quarters of a lot of castings in a pail of water', () => {
		done(
			stockUp(books, later, at(2), {
				material: 'castings',
				name: 'castings',
				measure: { litres: litres(20) }
			})
		);
		expect(said('brew Pail 8 L rain castings M1 75 %')).not.toEqual(['understood']);
		expect(said('brew Pail 8 L rain castings M1 6 L')).toEqual(['far-part']);
		expect(said('brew Pail 8 L rain castings M1 0.6 L')).toEqual(['understood']);
	});

	it('a stuff that is named and has no place is told, not dropped', () => {
		done(
			stockUp(books, later, at(2), {
				material: 'finished-compost',
				name: 'compost',
				measure: { litres: litres(20) }
			})
		);
		expect(said('brew aerated tea Pail 18 L rain castings 1 L compost 2 L')).toEqual([
			'line-unused'
		]);
		expect(said('brew aerated tea Pail 18 L rain compost 1 L M1 1 L')).toEqual(['line-unused']);
	});

	it('a vessel that failed is lit only where that is meant, until it is mended', () => {
		const kit = (what: 'failed' | 'mended', days: number) =>
			done(
				doSmall(books, later, at(days), {
					verb: 'log-kit',
					of: 'vessel',
					name: 'Lantern',
					found: { what, words: 'burnt through at the seam' }
				})
			);
		kit('failed', 15);
		const plan = (days: number) =>
			planBurn(books, start + days * day, at(days), {
				vessel: 'Lantern',
				loads: [{ code: 'S1', litres: 50 }],
				plannedFor_ms: start + days * day
			});
		expect(plan(16)).toMatchObject({ issues: [{ field: 'why-vessel-failed' }] });
		expect(
			refused(
				recordBurn(books, later, at(16), {
					...burnInput,
					loads: [{ code: 'S1', litres: 50 }],
					measured: { by: 'litres', litres: litres(12) }
				})
			)
		).toEqual(['vessel-failed']);
		kit('mended', 17);
		done(plan(18));
	});

	it('more than half gone in crushing', () => {
		const fresh = yard();
		withCrushed(fresh);
		const held = litres((fresh.char.maybeOne('K2')?.volume_ul ?? 0) / 1e6);
		expect(held).toBeGreaterThan(30);
		const crush = (after: number) =>
			crushChar(fresh, later, at(4), {
				code: 'K2',
				before: 30,
				after: litres(after),
				wetness: 'drained'
			});
		// Crushed already, a second pass packs little; all but vanished it is asked.
		expect(refused(crush(8))).toEqual(['implausible-crush']);
	});
});

describe('what cannot be is refused', () => {
	it('a fire quenched before it was lit, or a year after', () => {
		const burnt = (lit: number, sure: readonly string[] = []) =>
			recordBurn(
				books,
				later,
				{ ...at(20), sure },
				{ ...burnInput, told: { lit_ms: start + lit * day } }
			);
		expect(refused(burnt(21))).toEqual(['lit-after-quench']);
		expect(refused(burnt(20))).toEqual(['lit-after-quench']);
		expect(refused(burnt(-400))).toEqual(['lit-too-long']);
		expect(refused(burnt(10))).toEqual(['burns-long']);
		done(burnt(10, ['burns-long']));
	});

	it('more in a pail than it holds, by all that stands there', () => {
		tub(books, 'Jug', 0.3, 0.2);
		done(
			startCharge(books, later, at(3), {
				...charge,
				part: 5,
				school: 'nitrogen-soak',
				partner: 'urine',
				tub: 'Jug'
			})
		);
		const pour = (l: number) =>
			topUpBatch(books, later, at(4), {
				code: 'C1',
				add: { material: 'rain-water', measure: { litres: litres(l) } }
			});
		expect(refused(pour(12))).toEqual(['overfull']);
		done(pour(2));
		expect(refused(pour(6))).toEqual(['overfull']);
	});

	it('more liquor than a soak holds', () => {
		done(
			startCharge(books, later, at(3), {
				...charge,
				school: 'nitrogen-soak',
				partner: 'urine',
				tub: 'Barrel'
			})
		);
		const drain = (liquor: number) =>
			drainCharge(books, later, envelope(start + 10 * day + hour), {
				code: 'C1',
				liquor: litres(liquor),
				places: [],
				smoke: false,
				whiteSpots: false
			});
		expect(refused(drain(500))).toEqual(['more-than-liquid']);
		done(drain(8));
	});
});

describe('what people note of fires', () => {
	it('a running pail: skimmed in twice, quenched as one fire with one series of checks', () => {
		done(
			measureVessel(books, later, envelope(start), {
				name: 'Ember pail',
				usedFor: 'stove',
				isNew: true,
				shape: {
					kind: 'round',
					rimWidth: metres(0.3),
					floorWidth: metres(0.25),
					depth: metres(0.3)
				}
			})
		);
		const write = (line: string, days: number) =>
			writeLine(
				books,
				{ ...reading, now_ms: start + days * day },
				line,
				`a-line-of-pails-${String(days)}`
			);
		expect(said('quench Ember pail')).toEqual(['pail-empty']);
		done(write('skim Ember pail 2 L', 20));
		done(write('skim ember pail 1,5 L', 21));
		const path = done(write('quench Ember pail', 22));
		const code = path.split('/').at(-1)!;
		expect(books.burns.maybeOne(code)?.record).toMatchObject({
			charLitres: 3.5,
			woodFrom: 'reckoned'
		});
		expect(write('quench Ember pail', 23).status).toBe('refused');
		done(write('skim Ember pail 1 L', 24));
	});

	it('brands by weight, outer fuel and gas of a retort, with its yield overall', () => {
		const path = done(
			recordBurn(books, later, at(16), {
				...burnInput,
				brands: { kg: kilograms(4) },
				told: { outer_kg: 12, gas_min: 50 }
			})
		);
		const { record, id } = books.burns.maybeOne(path.split('/').at(-1)!)!;
		expect(id).toBeGreaterThan(0);
		expect(record?.brandsKg).toBeCloseTo(4 * 0.82, 1);
		const char = books.char.maybeOne(record!.charCode)!;
		const { massYield, overall } = burnFigures(record!, char.density, outcomeOf(record!));
		expect(overall?.value).toBeLessThan(massYield.value);
		expect(record?.told.gas_min).toBe(50);
	});

	it('char weighed wet is as doubtful as the guess at its water, until that is read', () => {
		const path = done(
			recordBurn(books, later, at(16), {
				...burnInput,
				sample: undefined,
				measured: { by: 'weight', kg: kilograms(40) },
				wetness: 'quench-wet'
			})
		);
		const { record } = books.burns.maybeOne(path.split('/').at(-1)!)!;
		const code = record!.charCode;
		const char = () => books.char.maybeOne(code)!;
		expect(char().dry_g / 1000).toBeCloseTo(40 * 0.3, 6);
		expect(
			char().density.from.some(({ origin, name }) => origin === 'default' && /look/.test(name))
		).toBe(true);
		done(
			findOfChar(books, later, at(17), {
				code,
				found: { kind: 'wetness', wetness: 'quench-wet', water: 0.6 }
			})
		);
		expect(char().dry_g / 1000).toBeCloseTo(40 * 0.4, 5);
	});
});
