import { smellBrew, doubtBrew } from '../demo/small';
import { beforeEach, describe, expect, it } from 'vitest';
import { bed as newBed, tub } from '../../../../tests/fixtures/brewing';
import { faultsOf } from '../../../../tests/fixtures/faults';
import { writeSeen } from '../../../../tests/fixtures/lines';
import {
	because,
	day,
	done,
	envelope,
	later,
	start,
	withCrushed,
	withRipeSoak,
	yard
} from '../../../../tests/fixtures/garden';
import { celsius, kilograms, litres } from '../../core/units';
import type { MaterialId } from '../../core/materials';
import { putSchema, roundSchema, spreadSchema } from '../../input/beds';
import { brewSchema } from '../../input/brews';
import { chargeSchema } from '../../input/charging';
import { drenchSchema } from '../../input/drench';
import type { Reading, Values } from '../../input/form';
import { walkSchema } from '../../input/programmes';
import { sayIssue } from '../../format/issues';
import type { Books } from '../db/books';
import { previewLine, writeLine } from '../line/log';
import { send, tryOut, type Schema, type UseCase } from '../send';
import type { Outcome } from './act';
import { startBrew } from './brews/start-brew';
import { drenchBeds } from './brews/drench-beds';
import { setProgramme, walkRound } from './brews/programmes';
import { stockUp } from './bring-in';
import { findOfChar } from './char-in';
import { putOnBed } from './put-on-bed';
import { reverseAct } from './reverse-act';
import { spreadLot } from './spread-lot';
import { spreadRound } from './spread-round';
import { startCharge } from './start-charge';
import { topUpBatch } from './top-up-batch';
import { testCharge } from './test-charge';
import { holdLot } from './hold-lot';

let books: Books;
const now = start + 60 * day;
const at = (d: number, id?: string) => envelope(start + d * day, id);
const reading: Reading = { timeZone: 'UTC', person: 'Ines', now_ms: now, system: 'metric' };
const bed = (name: string, more: Parameters<typeof newBed>[2] = {}) => newBed(books, name, more);

/** What a door says of an act that it does not do: each code with its words, in order. */
type Said = readonly string[];
const none: Said = ['nothing'];
const said = (outcome: Outcome): Said =>
	outcome.status === 'done'
		? none
		: outcome.issues.map((issue) => `${issue.code}: ${sayIssue(issue, 'metric')}`);

let sendings = 0;
/** Sent by a page, and the books left as they were. */
const page = <T>(values: Values, schema: Schema<T>, useCase: UseCase<T>): Said =>
	tryOut(books, () =>
		said(
			send(books, reading, { actId: `by-a-page-${(sendings += 1)}`, ...values }, schema, useCase)
		)
	);
const line = (text: string): Said =>
	tryOut(books, () => said(writeLine(books, reading, text, `by-a-line-${(sendings += 1)}`)));

const doors = {
	put: (lot: string, name: string, part: string, more: Values = {}): Said =>
		page(
			{ putLot: lot, part, way: 'top-dressed', ...more },
			(r, v) => putSchema(r, name, v),
			putOnBed
		),
	spread: (lot: string, name: string, amount: string, more: Values = {}): Said =>
		page({ lot, form: 'carried', amount, ...more }, (r) => spreadSchema(r, name), spreadLot),
	round: (lot: string, amounts: Readonly<Record<string, string>>, more: Values = {}): Said =>
		page(
			{
				lot,
				form: 'carried',
				...Object.fromEntries(
					Object.entries(amounts).map(([name, amount]) => [`amount:${name}`, amount])
				),
				...more
			},
			roundSchema,
			spreadRound
		),
	drench: (lot: string, amounts: Readonly<Record<string, string>>, more: Values = {}): Said =>
		page(
			{
				parts: '10',
				onto: 'soil',
				...Object.fromEntries(
					Object.entries(amounts).map(([name, amount]) => [`diluted:${name}`, amount])
				),
				...more
			},
			(r) => drenchSchema(r, lot),
			drenchBeds
		),
	walk: (lot: string, more: Values = {}): Said =>
		page({ name: 'Rounds', due: '2026-04-15', lot, ...more }, walkSchema, walkRound)
};

const stock = (material: MaterialId, kg: number, d = 30): string =>
	done(
		stockUp(books, later, at(d), {
			material,
			name: material,
			measure: { kg: kilograms(kg) }
		})
	)
		.split('/')
		.at(-1)!;

const ashTea = (): string => {
	const code = done(
		startBrew(books, later, at(30), {
			recipe: 'ash-tea',
			vessel: 'Pail',
			base: { litres: litres(15) },
			water: { source: 'rain' },
			parts: [{ id: 'ash', stuff: 'hardwood-ash', measure: { kg: kilograms(0.12) } }],
			place: { plastic: true },
			temperature: celsius(20)
		})
	)
		.split('/')
		.at(-1)!;
	done(smellBrew(books, later, at(38), { code, smell: 'amber' }));
	return code;
};

const programme = (recipe: 'ash-tea' | 'microbe-tea', beds: readonly string[]) =>
	done(
		setProgramme(books, later, at(20), {
			name: 'Rounds',
			isNew: true,
			recipe,
			phases: [{ from: '2026-04-15', until: '2026-05-20', every_days: 14 }],
			parts: 10,
			onto: 'soil',
			temperature: celsius(20),
			stops: beds.map((name) => ({
				bed: name,
				ask: { by: 'all', litres: 20 },
				field: `each:${name}`
			}))
		})
	);

beforeEach(() => {
	books = yard();
	withRipeSoak(books);
	tub(books, 'Pail', 0.28, 0.38);
	tub(books, 'Jar', 0.12, 0.24);
});

describe('ash, by every door', () => {
	it('never goes onto ground of pH 7.6 or under acid lovers, whatever is said with it', () => {
		bed('Sweet', { ph: 7.6 });
		bed('Camellias', { acidLover: true });
		const ash = stock('hardwood-ash', 1);
		const tea = ashTea();
		programme('ash-tea', ['Sweet']);
		const reason = { reason: 'it looks pale' };
		for (const [name, words] of [
			['Sweet', /^ash-sweet-ground: Sweet has pH 7\.6: from 7 on no ash/],
			['Camellias', /^ash-acid-lover: What grows on Camellias loves sour ground/]
		] as const) {
			const first = doors.put(ash, name, '0.3 L', reason);
			expect(first[0]).toMatch(words);
			expect(line(`0.3 L ${ash} > ${name}; it looks pale`)[0]).toBe(first[0]);
			expect(doors.drench(tea, { [name]: '20 L' }, reason)[0]).toBe(first[0]);
			expect(line(`drench ${name} ${tea} 1:10 20 L; it looks pale`)[0]).toBe(first[0]);
		}
		expect(doors.walk(tea, reason)[0]).toMatch(/^ash-sweet-ground/);
	});

	it('stays two weeks from nitrogen, whichever came first', () => {
		const urine = stock('urine', 4);
		const ash = stock('hardwood-ash', 1);
		bed('Beans');
		bed('Peas');
		const put = (d: number, lot: string, name: string, litres_: number) =>
			putOnBed(books, later, at(d), {
				bed: name,
				lot,
				part: litres_,
				way: 'top-dressed'
			});
		done(put(40, urine, 'Beans', 1));
		expect(said(put(49, ash, 'Beans', 0.2))).toEqual([
			expect.stringMatching(
				/^ash-nitrogen: Beans had M\d+ 9 days before: ash drives its nitrogen off/
			)
		]);
		done(put(40, ash, 'Peas', 0.2));
		expect(said(put(49, urine, 'Peas', 1))).toEqual([
			expect.stringMatching(/^nitrogen-ash: Peas had M\d+ 9 days before/)
		]);
		// Written down late, it looks ahead as well.
		expect(said(put(35, ash, 'Beans', 0.2))).toEqual([
			expect.stringMatching(/^ash-nitrogen: Beans has had since M\d+ 5 days after/)
		]);
		done(put(56, urine, 'Peas', 1));
	});
});

describe('germs, by every door', () => {
	it('a fresh charge of poultry, and raw manure, ask on salad alike', () => {
		bed('Salad', { eatenRaw: true });
		bed('Weld');
		const manure = stock('poultry-litter', 3);
		const charge = done(
			startCharge(books, later, at(31), {
				char: 'K2',
				part: 20,
				school: 'manure-cure',
				partner: 'poultry-litter',
				partnerLot: manure,
				ratio: 0.3,
				wantedN: 5,
				temperature: celsius(15)
			})
		)
			.split('/')
			.at(-1)!;
		done(testCharge(books, later, at(59), { code: charge, passed: true }));
		const asks = doors.spread(charge, 'Salad', '2 L');
		expect(asks).toEqual([expect.stringMatching(/^germs-near-food: .* 120 days/)]);
		expect(line(`2 L ${charge} > Salad`)).toEqual(asks);
		expect(doors.round(charge, { Weld: '2 L', Salad: '2 L' })).toEqual(asks);
		const raw = doors.put(manure, 'Salad', '0.5 L');
		expect(raw).toEqual([expect.stringMatching(/^germs-near-food/)]);
		expect(line(`0.5 L ${manure} > Salad`)).toEqual(raw);
	});

	it('a programme set before its bed grew salad asks on the day it is walked', () => {
		bed('Salad', { eatenRaw: true });
		bed('Weld');
		done(
			startBrew(books, later, at(30), {
				recipe: 'grain-wash',
				vessel: 'Jar',
				base: { litres: litres(1) },
				parts: [],
				water: { source: 'rain' },
				temperature: celsius(20)
			})
		);
		done(
			startBrew(books, later, because('to hand', at(45)), {
				recipe: 'microbe-tea',
				vessel: 'Pail',
				base: { litres: litres(12) },
				water: { source: 'rain' },
				parts: [
					{ id: 'starter', stuff: 'bread-yeast' },
					{ id: 'molasses', stuff: 'molasses' }
				],
				temperature: celsius(20)
			})
		);
		programme('microbe-tea', ['Weld', 'Salad']);
		const walked = doors.walk('B2');
		expect(walked).toContainEqual(
			expect.stringMatching(/^germs-near-food: B2 may carry germs, and what grows on Salad/)
		);
		expect(walked.filter((one) => one.includes('Weld'))).toEqual([]);
	});
});

describe('one reason', () => {
	it('answers what was shown with it, and nothing else', () => {
		bed('Salad', { eatenRaw: true });
		done(
			topUpBatch(books, later, at(40), {
				code: 'C1',
				add: { material: 'urine', measure: { litres: litres(1) } }
			})
		);
		const asked = doors.spread('C1', 'Salad', '2 L');
		expect(asked.map((one) => one.split(':')[0])).toEqual(['not-ripe', 'germs-near-food']);
		const reason = 'it was tested by the neighbour';
		const first = doors.spread('C1', 'Salad', '2 L', { reason, 'why-not-ripe-C1': 'on' });
		expect(first).toEqual([asked[1]]);
		expect(
			doors.spread('C1', 'Salad', '2 L', {
				reason,
				'why-not-ripe-C1': 'on',
				'why-germs-near-food-Salad': 'on'
			})
		).toEqual(none);
		// Shown, and no reason given: it is asked for.
		expect(
			doors
				.spread('C1', 'Salad', '2 L', {
					'why-not-ripe-C1': 'on',
					'why-germs-near-food-Salad': 'on'
				})
				.at(-1)
		).toMatch(/^reason-empty/);
		// A line's reason answers what its preview showed; unseen it answers nothing.
		expect(line(`2 L C1 > Salad; ${reason}`)).toEqual(asked);
		done(writeSeen(books, reading, `2 L C1 > Salad; ${reason}`, 'a-line-that-was-seen'));
		expect(books.answers.of('a-line-that-was-seen')).toMatchObject([
			{ code: 'not-ripe', reason },
			{ code: 'germs-near-food', reason, facts: { name: 'Salad', days: 30 } }
		]);
		expect(faultsOf(books)).toEqual([]);
	});
});

describe('a round', () => {
	it('of thirteen beds in which one may not is told of that one', () => {
		const names = Array.from({ length: 13 }, (_, i) => `Row ${i + 1}`);
		for (const name of names) bed(name, name === 'Row 7' ? { ph: 7.4 } : {});
		const tea = ashTea();
		const amounts = Object.fromEntries(names.map((name) => [name, '10 L']));
		expect(doors.drench(tea, amounts)).toEqual([
			expect.stringMatching(/^ash-sweet-ground: Row 7 has pH 7\.4/)
		]);
		const others = Object.fromEntries(Object.entries(amounts).filter(([name]) => name !== 'Row 7'));
		expect(doors.drench(tea, others)).toEqual(none);
	});

	it('of a charge whose test lapsed asks one time, not bed by bed', () => {
		bed('Weld');
		bed('Madder');
		done(
			topUpBatch(books, later, at(40), {
				code: 'C1',
				add: { material: 'rain-water', measure: { litres: litres(2) } }
			})
		);
		const asked = doors.round('C1', { Weld: '2 L', Madder: '2 L' });
		expect(asked).toEqual([expect.stringMatching(/^not-ripe: C1/)]);
		expect(doors.spread('C1', 'Weld', '2 L')).toEqual(asked);
		expect(line('2 L C1 > Weld')).toEqual(asked);
	});
});

describe('nitrogen by area', () => {
	it('of hen litter on five square metres asks, on the page and in a line', () => {
		bed('Small', { length_m: 5, width_m: 1 });
		const litter = stock('poultry-litter', 10);
		expect(doors.put(litter, 'Small', '14 L')).toContainEqual(
			expect.stringMatching(/^nitrogen-manure: With it Small has .* of nitrogen from manures/)
		);
		expect(line(`14 L ${litter} > Small`)).toEqual(doors.put(litter, 'Small', '14 L'));
	});
});

describe('char that failed its smell test', () => {
	it('asks to be charged, and to be spread', () => {
		const fresh = yard();
		withCrushed(fresh);
		books = fresh;
		bed('Weld');
		done(
			findOfChar(books, later, at(20), {
				code: 'K2',
				found: { kind: 'quality', passed: [], failed: ['no-tar-smell'] }
			})
		);
		const charged = page(
			{
				char: 'K2',
				part: '20 L',
				school: 'compost-rest',
				partner: 'finished-compost',
				temperature: '15 C'
			},
			chargeSchema,
			startCharge
		);
		expect(charged).toEqual([
			expect.stringMatching(/^char-tarry: K2 smells of tar: tarry char goes back/)
		]);
		expect(doors.spread('K2', 'Weld', '2 L').map((one) => one.split(':')[0])).toEqual([
			'char-raw',
			'char-tarry'
		]);
	});
});

describe('a brew in a pail that holds another, with chloramine and a doubted starter', () => {
	it('is told all of it at once, by page and line', () => {
		const wild = done(
			startBrew(books, later, at(20), {
				recipe: 'grain-culture',
				vessel: 'Pail',
				base: { litres: litres(2) },
				baseStuff: { stuff: 'cereal-grain' },
				parts: [],
				temperature: celsius(20)
			})
		)
			.split('/')
			.at(-1)!;
		done(smellBrew(books, later, at(26), { code: wild, smell: 'pale-threads' }));
		done(
			startBrew(books, later, at(27), {
				recipe: 'kept-culture',
				vessel: 'Jar',
				base: { kg: kilograms(0.3) },
				baseStuff: { stuff: 'grain-culture', lot: wild },
				parts: [],
				temperature: celsius(20)
			})
		);
		done(smellBrew(books, later, at(35), { code: 'B2', smell: 'dough-and-fruit' }));
		done(doubtBrew(books, later, at(36), { code: 'B2', why: 'smells thin' }));
		const asked = page(
			{
				recipe: 'microbe-tea',
				vessel: 'Pail',
				base: '10 L',
				water: 'tap-chloramine',
				'with-starter': 'lot:B2:kept-culture',
				'with-molasses': 'molasses',
				temperature: '20'
			},
			brewSchema,
			startBrew
		);
		expect(asked.map((one) => one.split(':')[0])).toEqual([
			'tub-busy',
			'water-wants-acid',
			'doubtful-line'
		]);
		expect(line('brew Pail 10 L chloramine B2 35 mL molasses 70 mL at 20 C')).toEqual(asked);
	});
});

describe('what lets an act through', () => {
	it('is rested on: the test, the proof and the lifted quarantine, in their order', () => {
		bed('Weld');
		const holding = (held: boolean, d: number, id: string) =>
			done(holdLot(books, later, at(d, id), { code: 'S1', held, reason: 'a nail' }));
		holding(true, 12, 'hold-the-stack');
		expect(doors.spread('C1', 'Weld', '2 L')[0]).toMatch(/^held/);
		holding(false, 13, 'free-the-stack');
		done(
			spreadLot(books, later, at(14, 'spread-of-it'), {
				bed: 'Weld',
				lot: 'C1',
				ask: { by: 'rate', form: 'L/m2', amount: 1 }
			})
		);
		const undo = reverseAct(books, later, at(15), {
			actId: 'free-the-stack',
			withDependents: false,
			backTo: '/'
		});
		expect(undo).toMatchObject({ issues: [{ code: 'rests-on-it' }] });
	});
});

describe('the same entry typed on a page and in a line', () => {
	const lately = () => {
		const [newest] = books.applications.ofBed(books.beds.maybeOne('Weld')!.id, 1);
		// The same but for its id and the second in which it was sent.
		return { ...newest!, actId: '', at_ms: 0 };
	};
	const kept = <T>(values: Values, schema: Schema<T>, useCase: UseCase<T>): Said =>
		said(
			send(
				books,
				reading,
				{ actId: `kept-of-a-page-${(sendings += 1)}`, ...values },
				schema,
				useCase
			)
		);

	it('is the same act: a charge, compost, a brew', () => {
		const compost = stock('finished-compost', 20);
		const tea = ashTea();
		const keptLine = (text: string): Said =>
			said(writeLine(books, reading, text, `kept-of-a-line-${(sendings += 1)}`));
		const pairs: readonly (readonly [() => Said, string])[] = [
			[
				() =>
					kept(
						{ lot: 'C1', form: 'carried', amount: '3 L', happenedAt: '2026-03-20T09:00' },
						(r) => spreadSchema(r, 'Weld'),
						spreadLot
					),
				'3 L C1 > Weld @ 41 days ago'
			],
			[
				() =>
					kept(
						{ putLot: compost, part: '5 L', way: 'top-dressed' },
						(r, v) => putSchema(r, 'Weld', v),
						putOnBed
					),
				`5 L ${compost} > Weld`
			],
			[
				() =>
					kept({ parts: '10', 'diluted:Weld': '20 L' }, (r) => drenchSchema(r, tea), drenchBeds),
				`drench Weld ${tea} 1:10 20 L`
			]
		];
		bed('Weld');
		for (const [byPage, text] of pairs) {
			const [a, b] = [byPage, () => keptLine(text)].map((write) =>
				tryOut(books, () => {
					expect(write(), text).toEqual(none);
					return lately();
				})
			);
			expect(a).toEqual(b);
			expect(previewLine(books, reading, text).reading.status).toBe('understood');
		}
	});
});
