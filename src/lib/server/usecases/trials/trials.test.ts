import Papa from 'papaparse';
import { beforeEach, describe, expect, it } from 'vitest';
import { day, done, envelope, refused, start, yard } from '../../../../../tests/fixtures/garden';
import { faultsOf } from '../../../../../tests/fixtures/faults';
import type { LookInput, PlanTrialInput } from '../../../input/trials';
import { lookSchema, planTrialSchema, stripLookSchema } from '../../../input/trials';
import { metres } from '../../../core/units';
import type { Books } from '../../db/books';
import { trialSheet } from '../../keeping/trial-sheet';
import { stripOffer, stripsOf } from '../../questions/strips';
import { outcomesOf, readOn, trialLineOf } from '../../questions/trials';
import { dutiesOf } from '../../rooms/duties';
import { markPart } from '../mark-part';
import { doSmall } from '../small-act';
import { reverseAct } from '../reverse-act';
import { lookAtStrip, lookAtUnit, loseUnit } from './look-at';
import { planTrial } from './plan-trial';
import { endTrial } from './run-trial';

const now = start + 30 * day;
const reading = (system: 'metric' | 'us' = 'metric') => ({
	...{ measures: [], timeZone: 'UTC', person: 'Oda', now_ms: now },
	system
});
const plan: PlanTrialInput = {
	question: 'Does it help?',
	unit: 'pot',
	arms: [{ kind: 'nothing' }, { kind: 'charged', share: 5 }],
	blocks: 4,
	order: 'drawn',
	seed: 7,
	differs: 'sun to shade',
	isBlind: false,
	measures: ['height', 'score'],
	bed: 'mere 2'
};
let books: Books;
beforeEach(() => {
	books = yard();
	done(planTrial(books, now, envelope(start), plan));
});
const look = (unit: number, value: number, at = now, more: Partial<LookInput> = {}) =>
	lookAtUnit(books, now, envelope(at), { trial: 'T1', unit, measure: 'height', value, ...more });
const line = () => trialLineOf(books, 'T1')!;
const outcomes = () => outcomesOf(books, line()).map(({ last }) => last);

describe('a trial', () => {
	it('has a code, stands where its seed drew it, and is a duty until it ends', () => {
		expect(line()).toMatchObject({ trial: { code: 'T1', bed: 'Mere 2' } });
		expect(outcomes()).toEqual([]);
		expect(line().units.length).toBe(8);
		const asked = () => dutiesOf(books, now).filter(({ code }) => code === 'T1');
		expect(asked()).toMatchObject([{ is: 'due', href: '/trials/T1/round' }]);
		done(endTrial(books, now, envelope(now), { trial: 'T1', why: 'frost' }));
		expect(asked()).toEqual([]);
		expect(refused(endTrial(books, now, envelope(now), { trial: 'T1' }))).toEqual(['trial-over']);
	});

	it('a code is never given twice, also when the trial was taken back', () => {
		const made = envelope(now);
		done(planTrial(books, now, made, plan));
		done(
			reverseAct(books, now, envelope(now), {
				actId: made.actId,
				withDependents: true,
				backTo: '/'
			})
		);
		expect(done(planTrial(books, now, envelope(now), plan))).toBe('/trials/T3');
		expect(trialLineOf(books, 'T2')).toBeNull();
	});

	it('a reading of the same day is put right by the later, and taken back with it', () => {
		done(look(3, 14));
		const again = envelope(now + 60_000);
		done(
			lookAtUnit(books, now + 60_000, again, {
				...{ trial: 'T1', unit: 3, measure: 'height', value: 12 }
			})
		);
		const given = () => outcomes()[0]!.given.map(({ n, value }) => [n, value]);
		expect(given()).toEqual([[3, 12]]);
		done(
			reverseAct(books, now + 120_000, envelope(now + 120_000), {
				actId: again.actId,
				withDependents: false,
				backTo: '/'
			})
		);
		expect(given()).toEqual([[3, 14]]);
	});

	it('readings of several days are one curve', () => {
		done(look(3, 4, now - 4 * day));
		done(look(3, 8));
		expect(outcomes()[0]!.given).toMatchObject([{ n: 3, value: 8 }]);
		expect(readOn(line(), '2026-03-31', 'height')).toEqual({ 3: 8 });
	});

	it('a lost pot counts in nothing, is not read, and is lost once', () => {
		done(look(3, 14));
		done(loseUnit(books, now, envelope(now), { trial: 'T1', unit: 3, why: 'snails' }));
		expect(line().lost).toEqual([{ unit: 3, why: 'snails' }]);
		expect(outcomes()[0]?.given ?? []).toEqual([]);
		expect(refused(look(3, 12))).toEqual(['unit-is-lost']);
		expect(refused(loseUnit(books, now, envelope(now), { trial: 'T1', unit: 3 }))).toEqual([
			'unit-is-lost'
		]);
	});

	it('refuses what it has not: a pot, a measure, a trial, a bed', () => {
		expect(refused(look(9, 14))).toEqual(['no-unit']);
		expect(refused(look(1, 14, now, { measure: 'harvest' }))).toEqual(['not-measured']);
		expect(refused(look(1, 14, now, { trial: 'T9' }))).toEqual(['no-trial']);
		expect(refused(planTrial(books, now, envelope(now), { ...plan, bed: 'Moon' }))).toEqual([
			'unknown-bed'
		]);
	});

	it('is judged once all are read, and its books close', () => {
		for (const { n, arm, block } of line().units) done(look(n, 10 + 4 * arm + block + (n % 3) / 5));
		const [height] = outcomes();
		expect(height!.raw.status).toBe('judged');
		expect(height!.findings).toMatchObject([{ arm: 1, beside: 0, is: 'shown' }]);
		expect(faultsOf(books)).toEqual([]);
	});
});

describe('what is taken out, and what is offered', () => {
	it('a sheet has a row for each look and each pot not read, and says which are lost', () => {
		done(look(3, 14.5, now - day));
		done(look(3, 15));
		done(loseUnit(books, now, envelope(now), { trial: 'T1', unit: 4 }));
		const { data } = Papa.parse<Record<string, string>>(trialSheet(line()), {
			header: true,
			skipEmptyLines: true
		});
		expect(data.length).toBe(9);
		expect(data.filter(({ unit }) => unit === '3').map(({ value }) => value)).toEqual([
			'14.5',
			'15'
		]);
		expect(data.filter(({ lost }) => lost === 'yes').map(({ unit }) => unit)).toEqual(['4']);
		expect(data[0]).toMatchObject({ trial: 'T1', block: '1', value: '' });
	});

	it('a strip of a metre, off the ends, until one is left', () => {
		const bed = () => books.beds.maybeOne('Mere 2')!;
		const offer = stripOffer(books, bed(), now);
		expect(offer).toMatchObject({ length_m: 1 });
		expect(stripOffer(books, bed(), now)).toEqual(offer);
		done(
			markPart(books, now, envelope(now), {
				...{ bed: 'Mere 2', name: 'Mere 2 strip', along: metres(3), length: metres(1) }
			})
		);
		done(
			doSmall(books, now, envelope(now), {
				...{ verb: 'leave-untreated', of: 'bed', name: 'Mere 2 strip', found: {} }
			})
		);
		expect(stripOffer(books, bed(), now)).toBeUndefined();
		expect(stripOffer(books, books.beds.maybeOne('Mere 2 strip')!, now)).toBeUndefined();
	});
});

describe('what forms say of trials', () => {
	const fields = { question: 'Does it help?', blocks: '4', measure: 'height' };

	it('arms are as many as are named, each with its share', () => {
		const read = planTrialSchema(reading()).parse({
			...fields,
			...{ arm1: 'nothing', arm3: 'charged', share3: '7,5', called3: 'ours', measure2: 'height' }
		});
		expect(read.arms).toEqual([{ kind: 'nothing' }, { kind: 'charged', share: 7.5, name: 'ours' }]);
		expect(read.measures).toEqual(['height']);
		expect(read.differs).toBeUndefined();
	});

	it('one arm is none, and a share must be one', () => {
		expect(planTrialSchema(reading()).safeParse({ ...fields, arm1: 'raw' }).success).toBe(false);
		const odd = { ...fields, arm1: 'nothing', arm2: 'raw', share2: 'some' };
		expect(planTrialSchema(reading()).safeParse(odd).success).toBe(false);
	});

	it('a height is kept in cm and a harvest in g, whatever it was read in', () => {
		const read = (measure: string, value: string, system: 'metric' | 'us') =>
			lookSchema(reading(system), 'T1', { measure }).parse({ unit: '2', measure, value }).value;
		expect(read('height', '14 cm', 'metric')).toBeCloseTo(14, 9);
		expect(read('height', '5 in', 'us')).toBeCloseTo(12.7, 9);
		expect(read('harvest', '31 g', 'metric')).toBeCloseTo(31, 9);
		expect(read('harvest', '1 oz', 'us')).toBeCloseTo(28.3495, 3);
		expect(() => read('score', '6', 'metric')).toThrow();
	});
});

describe('strips', () => {
	it('are pairs over beds, the oldest first; a half and a nought are scores of a strip', () => {
		const values = { bed: 'Mere 2', measure: 'score', untreated: '3.5', treated: '4' };
		const input = stripLookSchema(reading(), values).parse(values);
		done(lookAtStrip(books, now, envelope(now - day), input));
		done(lookAtStrip(books, now, envelope(now), { ...input, untreated: 4, treated: 3 }));
		expect(stripsOf(books)).toMatchObject({
			n: 2,
			ups: 1,
			looks: [{ bed: 'Mere 2', untreated: 3.5 }, { untreated: 4 }]
		});
		expect(refused(lookAtStrip(books, now, envelope(now), { ...input, bed: 'Moon' }))).toEqual([
			'unknown-bed'
		]);
	});
});
