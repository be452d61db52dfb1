import { readTemperature, smellBrew, tendBrew } from '../../demo/small';
import { beforeEach, describe, expect, it } from 'vitest';
import { faultsOf } from '../../../../../tests/fixtures/faults';
import {
	day,
	done,
	envelope,
	hour,
	later,
	start,
	yard
} from '../../../../../tests/fixtures/garden';
import type { BrewInput } from '../../../input/brews';
import { celsius, litres, metres } from '../../../core/units';
import type { Books } from '../../db/books';
import { namesOf } from '../../line/names-of';
import { previewLine, writeLine } from '../../line/log';
import { brewLine } from '../../questions/brews';
import { waysOfLot } from '../../questions/ledger';
import { dutiesOf } from '../../rooms/duties';
import { stockUp } from '../bring-in';
import { takeAway } from '../count-lot';
import { holdLot } from '../hold-lot';
import { measureVessel } from '../measure-vessel';
import { reverseAct } from '../reverse-act';
import { drenchBeds } from './drench-beds';
import { startBrew } from './start-brew';

let books: Books;
const at = (h: number) => start + 5 * day + h * hour;
const tea: BrewInput = {
	recipe: 'aerated-tea',
	vessel: 'Pail',
	base: { litres: litres(20) },
	water: { source: 'rain' },
	parts: [{ id: 'bag', stuff: 'castings', lot: 'M1', measure: { litres: litres(1.5) } }],
	temperature: celsius(20)
};
const drench = (parts: number, total: number, reason = '', bed = 'Mere 2') => ({
	lot: 'B1',
	parts,
	reason,
	basis: 'diluted' as const,
	onto: 'soil' as const,
	stops: [{ bed, ask: { by: 'all' as const, litres: total }, field: 'diluted' }]
});
const state = (h: number) => brewLine(books.findings, books.brews.maybeOne('B1')!, at(h)).state;
const codes = (outcome: ReturnType<typeof startBrew>) =>
	outcome.status === 'refused' ? outcome.issues.map(({ code }) => code) : [];

beforeEach(() => {
	books = yard();
	done(
		measureVessel(books, later, envelope(start), {
			name: 'Pail',
			usedFor: 'tub',
			isNew: true,
			shape: {
				kind: 'round',
				rimWidth: metres(0.32),
				floorWidth: metres(0.28),
				depth: metres(0.38)
			}
		})
	);
	done(
		stockUp(books, later, envelope(start + hour), {
			material: 'castings',
			name: 'castings',
			measure: { litres: litres(30) }
		})
	);
});

const set = () => done(startBrew(books, later, envelope(at(0)), tea));

describe('a brew set going', () => {
	it('takes its castings from stock, keeps what dissolves and closes to the milligram', () => {
		expect(set()).toBe('/brews/B1');
		expect(books.ledger.lot('M1').volume_ul).toBe(28_500_000);
		const brew = books.brews.maybeOne('B1')!;
		expect(brew).toMatchObject({ made_l: 20, volume_ul: 20_000_000 });
		expect(brew.ingredients).toMatchObject([
			{ material: 'rain-water', fromCode: null, volume_ul: 20_000_000 },
			{ material: 'castings', fromCode: 'M1', volume_ul: 1_500_000, planned_ul: 1_500_000 }
		]);
		expect(brew.contents.nitrogen).toBe(brew.contents['mineral-nitrogen']);
		expect(brew.contents.other).toBeUndefined();
		expect(faultsOf(books)).toEqual([]);
	});

	it('refuses what runs over, another thing in the bag, a kiln, and a pail that is in use', () => {
		const start = (change: Partial<BrewInput>) =>
			codes(startBrew(books, later, envelope(at(1)), { ...tea, ...change }));
		expect(start({ base: { litres: litres(24) } })).toEqual(['no-room-for-froth']);
		expect(start({ vessel: 'Lantern' })).toEqual(['no-tub']);
		const bag = (stuff: 'castings' | 'molasses', lot: string) =>
			start({ parts: [{ id: 'bag', stuff, lot }] });
		expect(bag('castings', 'S1')).toEqual(['unknown-lot']);
		expect(bag('molasses', 'M1')).toEqual(['wrong-part']);
		set();
		expect(start({})).toEqual(['tub-busy']);
	});
});

describe('a brew by the clock and the nose', () => {
	it('works, wants a nose, is ripe, fades and is off', () => {
		set();
		expect(state(10)).toBe('working');
		expect(state(19)).toBe('wants-smell');
		done(smellBrew(books, later, envelope(at(20)), { code: 'B1', smell: 'earthy' }));
		expect([state(21), state(48), state(60)]).toEqual(['ripe', 'fading', 'past']);
	});

	it('is pushed back by a cold night, and keeps for hours once its pump is off', () => {
		set();
		done(
			readTemperature(books, later, envelope(at(6)), {
				at: 'lot',
				name: 'B1',
				temperature: celsius(10)
			})
		);
		expect(state(19)).toBe('working');
		expect(state(31)).toBe('wants-smell');
		done(tendBrew(books, later, envelope(at(31)), { code: 'B1', how: 'pump-stopped' }));
		expect(state(44)).toBe('past');
		expect(
			codes(tendBrew(books, later, envelope(at(32)), { code: 'B1', how: 'pump-stopped' }))
		).toEqual(['already-stopped']);
	});

	it('is a duty of Today by its state', () => {
		set();
		const is = (h: number) => dutiesOf(books, at(h)).find(({ code }) => code === 'B1')?.is;
		expect([is(2), is(20)]).toEqual(['working', 'due']);
		done(smellBrew(books, later, envelope(at(20)), { code: 'B1', smell: 'stink' }));
		expect(is(21)).toBe('wrong');
	});
});

describe('a brew on beds', () => {
	beforeEach(() => {
		set();
		done(smellBrew(books, later, envelope(at(20)), { code: 'B1', smell: 'earthy' }));
	});

	it('takes of the brew what is in the diluted litres, and the bed gets what was in it', () => {
		const before = books.brews.maybeOne('B1')!.contents.potassium ?? 0;
		done(drenchBeds(books, later, envelope(at(21)), drench(4, 25)));
		expect(books.ledger.lot('B1').volume_ul).toBe(15_000_000);
		const bed = books.beds.maybeOne('Mere 2')!;
		expect(books.applications.had(bed.id).potassium).toBeCloseTo(before / 4, -1);
		expect(books.brews.drenches(books.ledger.lot('B1').id)).toMatchObject([
			{ bed: 'Mere 2', brew_l: 5, water_l: 20, parts: 4 }
		]);
		done(
			takeAway(books, later, envelope(at(23)), {
				code: 'B1',
				part: 'all',
				how: 'dispose',
				reason: 'past its hours'
			})
		);
		expect(books.brews.inStock()).toEqual([]);
		expect(faultsOf(books)).toEqual([]);
	});

	it('is undone bed by bed, and with the castings it came of', () => {
		done(drenchBeds(books, later, envelope(at(21), 'drench-1'), drench(4, 25)));
		done(
			reverseAct(books, later, envelope(at(22)), {
				actId: 'drench-1',
				withDependents: false,
				backTo: '/'
			})
		);
		expect(books.ledger.lot('B1').volume_ul).toBe(20_000_000);
		const brewed = books.brews.maybeOne('B1')!.actId;
		done(
			reverseAct(books, later, envelope(at(24)), {
				actId: brewed,
				withDependents: true,
				backTo: '/'
			})
		);
		expect(books.brews.maybeOne('B1')).toBeNull();
		expect(books.ledger.lot('M1').volume_ul).toBe(30_000_000);
		expect(faultsOf(books)).toEqual([]);
	});

	it('wants a reason unripe or too fine, and is refused where there is not so much', () => {
		const refused = (h: number, ...asked: Parameters<typeof drench>) =>
			codes(drenchBeds(books, later, envelope(at(h)), drench(...asked)));
		expect(refused(10, 4, 25)).toEqual(['not-ripe']);
		expect(refused(21, 20, 25)).toEqual(['odd-dilution']);
		expect(refused(21, 0, 21)).toEqual(['short']);
		expect(refused(21, 4, 25, '', 'Nowhere')).toEqual(['unknown-bed']);
	});

	it('goes nowhere while its castings are held, and is traced from them to the bed', () => {
		done(drenchBeds(books, later, envelope(at(21)), drench(4, 25)));
		const castings = books.ledger.lot('M1').id;
		expect(waysOfLot(books, castings, 'M1').forward.steps.map(({ code }) => code)).toEqual(
			expect.arrayContaining(['B1', 'Mere 2'])
		);
		done(holdLot(books, later, envelope(at(22)), { code: 'M1', held: true, reason: 'bad hay' }));
		expect(codes(drenchBeds(books, later, envelope(at(23)), drench(4, 5)))).toContain('held');
	});
});

describe('a brew in the log', () => {
	const reading = { timeZone: 'UTC', person: 'Ines', now_ms: at(20.5) };
	const preview = (line: string) => {
		const read = previewLine(books, reading, line).reading;
		return read.status === 'understood'
			? `${String(read.told.head)}. ${String(read.told.text)}`
			: read.issues.map(({ code }) => code).join();
	};
	const write = (line: string, id: string) => done(writeLine(books, reading, line, id));

	it('is set going, smelt, put on a bed and poured out, a line each', () => {
		expect(preview('brew pail 20 L rain M1 1.5 L at 20 C')).toMatch(
			/^B1 aerated tea in Pail\. At 20 °C\. 20 L with 1\.5 L of worm castings/
		);
		write('brew Pail 20 L rain water of castings M1 1.5 L at 20 C @ 20 hours ago', 'line-brew');
		expect(preview('smell B1 earthy')).toContain('It is as it should be');
		write('smell B1 earthy', 'line-smell');
		expect(preview('drench mere2 B1 1:4 25 L')).toMatch(
			/5 L of the brew in 25 L poured; B1 keeps 15 L/
		);
		write('drench Mere 2 B1 1:4 25 L', 'line-drench');
		write('pour B1 all; gone off', 'line-pour');
		expect(books.ledger.lot('B1').volume_ul).toBe(0);
		expect(namesOf(books, reading.now_ms).things.map(({ code }) => code)).not.toContain('B1');
	});

	it('says what a line lacks: a ratio is never guessed', () => {
		write('brew Pail 20 L rain M1 1.5 L @ 20 hours ago', 'line-brew-2');
		expect(preview('5 L B1 > Mere 2')).toBe('line-drench');
		expect(preview('drench Mere 2 B1 25 L')).toBe('line-drench');
		expect(preview('brew Pail 20 L')).toBe('line-brew');
		expect(preview('smell B1 roses')).toBe('line-smell');
		expect(preview('pour B1')).toBe('line-pour-why');
	});
});
