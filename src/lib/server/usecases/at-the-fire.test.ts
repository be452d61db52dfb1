import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { beforeEach, describe, expect, it } from 'vitest';
import { done, envelope, start, yard } from '../../../../tests/fixtures/garden';
import { faultsOf } from '../../../../tests/fixtures/faults';
import { hours, minutes } from '../../core/time';
import { celsius, litres, metres } from '../../core/units';
import { lightSchema } from '../../input/lighting';
import { smallSchema } from '../../input/small';
import { valuesOfTap, verbOfTap } from '../../input/taps';
import { openBooks, type Books } from '../db/books';
import { openDatabase } from '../db/open';
import { isBurning, isHot, openFires } from '../questions/fires';
import { dutiesOf } from '../rooms/duties';
import { proofOf } from '../questions/standing';
import { tapsOf } from '../questions/tending';
import { send } from '../send';
import { checkQuench } from './check-quench';
import { lightBurn } from './light-burn';
import { measureVessel } from './measure-vessel';
import { recordBurn } from './record-burn';
import { reverseAct } from './reverse-act';
import { doSmall } from './small-act';

const lit = start + hours(24);
let books: Books;
let n = 0;
const reading = (now_ms: number) => ({
	measures: [],
	timeZone: 'UTC',
	person: 'Oda',
	now_ms,
	system: 'metric' as const
});
/** A tap as a phone sends it, by its own clock. */
function tap(min: number, values: Record<string, string>, by = lit + hours(3)) {
	const verb = verbOfTap(values) ?? '';
	const actId = `tap-at-the-fire-${(n += 1)}`;
	const meant = valuesOfTap(values);
	const sent = { ...meant, actId, doneAt: String(lit + minutes(min)) };
	const outcome = send(
		books,
		reading(by),
		sent,
		(r) => smallSchema(r, verb, 'fire', 'F1'),
		doSmall
	);
	return { actId, outcome };
}
const told = () => tapsOf(books, books.burns.maybeOne('F1')!.id);
const light = (at = lit, vessel = 'Lantern') =>
	lightBurn(books, at, envelope(at), { vessel, wood: { class: 'light-hardwood' } });

beforeEach(() => {
	books = yard();
	done(light());
});

describe('a fire lit without a plan', () => {
	it('has a code, burns, and leads to its page', () => {
		const [line] = openFires(books, lit);
		expect(line && isBurning(line)).toBe(true);
		expect(line).toMatchObject({
			burn: { code: 'F1', lit: { litAt_ms: lit } },
			vessel: { name: 'Lantern' }
		});
		expect(books.burns.count()).toBe(1);
	});

	it('holds its vessel until it is put out, however long', () => {
		expect(light(lit + hours(5))).toMatchObject({
			status: 'refused',
			issues: [{ field: 'vessel', code: 'vessel-busy' }]
		});
	});

	it('is read from its form in the grower’s units', () => {
		const read = lightSchema({ ...reading(lit), system: 'us' }).safeParse({
			vessel: 'Lantern',
			thick: '1 in',
			wet: '15'
		});
		expect(read.data).toMatchObject({ wood: { class: 'mixed', water: 0.15 } });
		expect(read.data?.wood?.diameter_m).toBeCloseTo(0.0254, 4);
	});
});

describe('taps', () => {
	it('are kept with the moment they were done, whenever they come', () => {
		tap(20, { tap: 'white' });
		tap(10, { tap: 'layer' });
		tap(15, { tap: 'heat', temperature: '1150', unit: 'F', by: 'probe' });
		expect(told().map(({ is, at_ms }) => [is, at_ms - lit])).toEqual([
			['layer', minutes(10)],
			['heat', minutes(15)],
			['sign', minutes(20)]
		]);
		expect(told()[1]).toMatchObject({ by: 'probe' });
		expect((told()[1] as { temperature_c: number }).temperature_c).toBeCloseTo(621, 0);
	});

	it('sent twice are one; told from the future they are of now', () => {
		const { actId } = tap(10, { tap: 'layer' });
		const again = send(
			books,
			reading(lit + hours(3)),
			{ layer: 'usual', actId, doneAt: String(lit + minutes(10)) },
			(r) => smallSchema(r, 'lay-layer', 'fire', 'F1'),
			doSmall
		);
		expect(again).toMatchObject({ status: 'done', repeated: true });
		tap(600, { tap: 'white' }, lit + hours(1));
		expect(told().at(-1)?.at_ms).toBe(lit + hours(1));
	});

	it('are taken back by their reversal', () => {
		const { actId } = tap(10, { tap: 'layer' });
		const now = lit + minutes(11);
		done(reverseAct(books, now, envelope(now), { actId, withDependents: false, backTo: '/' }));
		expect(told()).toEqual([]);
	});

	it('ask where something speaks against them', () => {
		expect(tap(10, { tap: 'heat', temperature: '1180', unit: 'C' }).outcome).toMatchObject({
			status: 'refused',
			issues: [{ field: 'sure-hotter-than-fires' }]
		});
		expect(
			tap(10, {
				tap: 'heat',
				temperature: '1180',
				unit: 'C',
				'sure-hotter-than-fires': 'on'
			}).outcome.status
		).toBe('done');
	});
});

describe('its end', () => {
	const quench = () => {
		for (const min of [2, 10, 18, 26]) tap(min, { tap: 'layer' });
		tap(12, { tap: 'smoke-some' });
		tap(16, { tap: 'smoke-none' });
		tap(30, { tap: 'heat', temperature: '640', unit: 'C', by: 'gun' });
		tap(90, { tap: 'poured', litres: '120 L' });
		tap(95, { tap: 'quenched' });
	};
	const walk = (min: number, probe: number) => {
		const at = lit + minutes(min);
		return checkQuench(books, at, envelope(at), {
			burn: 'F1',
			places: [1, 2, 3].map(() => ({ probe: celsius(probe) })),
			smoke: false,
			whiteSpots: false
		});
	};

	it('is walked around before its char is measured, and only what passed proves it', () => {
		expect(walk(100, 30)).toMatchObject({ status: 'refused' });
		quench();
		const id = books.burns.maybeOne('F1')!.id;
		done(walk(126, 80));
		expect(proofOf(books, id, lit + minutes(127))).toMatchObject({
			stage: 'unproven',
			lapse: 'failed'
		});
		done(walk(160, 30));
		expect(proofOf(books, id, lit + minutes(161))).toMatchObject({ stage: 'once', passed: 1 });
		expect(openFires(books, lit + minutes(127)).filter(isHot).length).toBe(1);
		expect(faultsOf(books)).toEqual([]);
	});

	const record = (more = {}) => {
		const at = lit + hours(20);
		return recordBurn(books, at, envelope(at), {
			burn: 'F1',
			vessel: 'Lantern',
			loads: [],
			wood: { by: 'reckoned', class: 'light-hardwood' },
			measured: { by: 'depth', depth: metres(0.3) },
			wetness: 'quench-wet',
			...more
		});
	};

	it('is recorded from what was tapped, quenched when that was tapped', () => {
		quench();
		done(record());
		expect(books.burns.maybeOne('F1')?.record).toMatchObject({
			quenchedAt_ms: lit + minutes(95),
			water_l: 120,
			smoke_min: 4,
			told: { lit_ms: lit, layers: 4, hottest: { c: 640, by: 'gun' }, people: 'Oda' }
		});
	});

	it('keeps what was typed; taps that come later join its course and change no figure', () => {
		quench();
		done(record({ water_l: 200, told: { layers: 9 } }));
		tap(33, { tap: 'layer' });
		const burn = books.burns.maybeOne('F1');
		expect(burn?.record).toMatchObject({ water_l: 200, told: { layers: 9, lit_ms: lit } });
		expect(told().filter(({ is }) => is === 'layer').length).toBe(5);
		expect(faultsOf(books)).toEqual([]);
	});

	it('rests on its quench: that is not taken back alone', () => {
		quench();
		const { id } = told().at(-1)!;
		done(record());
		const now = lit + hours(21);
		expect(
			reverseAct(books, now, envelope(now), { actId: id, withDependents: false, backTo: '/' })
		).toMatchObject({ status: 'refused', issues: [{ code: 'rests-on-it' }] });
	});

	it('comes before everything else there is to do', () => {
		const [first] = dutiesOf(books, lit + minutes(5));
		expect(first).toMatchObject({ code: 'F1', state: 'burning' });
	});

	it('may be to be given up: it is nobody’s duty, and its vessel is free', () => {
		tap(20, { tap: 'went-out' });
		tap(30, { tap: 'give-up' });
		expect(openFires(books, lit + hours(2)).filter(isBurning)).toEqual([]);
		done(light(lit + hours(2)));
	});

	it('litres typed as they lay', () => {
		quench();
		done(record({ measured: { by: 'litres', litres: litres(80) } }));
		expect(books.burns.maybeOne('F1')?.record?.charLitres).toBe(80);
	});
});

describe('a pail of embers', () => {
	const skim = (min: number) =>
		doSmall(books, lit + minutes(min), envelope(lit + minutes(min)), {
			verb: 'skim',
			of: 'vessel',
			name: 'Ember pail',
			found: { litres: 2 }
		});
	beforeEach(() => {
		done(
			measureVessel(books, start, envelope(start), {
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
	});

	it('that is tended takes no embers beside its taps', () => {
		done(light(lit, 'Ember pail'));
		expect(skim(5)).toMatchObject({ status: 'refused', issues: [{ code: 'pail-tended' }] });
	});

	it('that holds embers not quenched is not lit as a fire of its own', () => {
		done(skim(5));
		expect(light(lit + minutes(10), 'Ember pail')).toMatchObject({
			status: 'refused',
			issues: [{ code: 'pail-runs' }]
		});
	});
});

describe('two hours at a pit with one thumb', () => {
	/** A layer every eight minutes, white edges at seven; smoke at the sixth; a gust at minute 50; then its quench. */
	const course: readonly (readonly [min: number, values: Record<string, string>])[] = [
		...Array.from({ length: 14 }, (_, i) => [
			[i * 8 + 1, { tap: 'layer' }] as const,
			[i * 8 + 8, { tap: 'white' }] as const
		]).flat(),
		[42, { tap: 'smoke-thick' }] as const,
		[47, { tap: 'smoke-none' }] as const,
		[50, { tap: 'gust' }] as const,
		[60, { tap: 'heat', temperature: '1150', unit: 'F', by: 'gun' }] as const,
		[114, { tap: 'fed' }] as const,
		[116, { tap: 'water-start' }] as const,
		[124, { tap: 'water-stop', rate: '11 L' }] as const,
		[126, { tap: 'quenched' }] as const
	].toSorted(([a], [b]) => a - b);

	it('the signal lost twice and the server restarted once, is a complete record', () => {
		const folder = mkdtempSync(join(tmpdir(), 'ashdrift-two-hours-'));
		const file = join(folder, 'books.sqlite');
		books.db.close();
		books = yard(file);
		done(light());
		/** Each is sent when there is a signal again; what went out before the answer was lost goes out twice. */
		const sentAt = (min: number) => (min < 30 ? min : min < 58 ? 58 : min < 90 ? min : 140);
		const sent = course.map(([min, values]) => ({ min, values, by: lit + minutes(sentAt(min)) }));
		for (const [i, { min, values, by }] of sent.entries()) {
			if (i === 20) {
				books.db.close();
				books = openBooks(openDatabase(file));
			}
			const actId = `two-hours-${i}`;
			const meant = { ...valuesOfTap(values), actId, doneAt: String(lit + minutes(min)) };
			const once = () =>
				send(
					books,
					reading(by),
					meant,
					(r) => smallSchema(r, verbOfTap(values) ?? '', 'fire', 'F1'),
					doSmall
				);
			expect(once().status).toBe('done');
			if (sentAt(min) !== min) expect(once().status).toBe('done');
		}
		expect(told().length).toBe(course.length);
		expect(told().map(({ at_ms }) => (at_ms - lit) / minutes(1))).toEqual(
			course.map(([min]) => min)
		);
		done(
			recordBurn(books, lit + hours(20), envelope(lit + hours(20)), {
				vessel: 'Lantern',
				burn: 'F1',
				loads: [],
				wood: { by: 'reckoned', class: 'light-hardwood' },
				measured: { by: 'litres', litres: litres(90) },
				wetness: 'quench-wet'
			})
		);
		expect(books.burns.maybeOne('F1')?.record).toMatchObject({
			quenchedAt_ms: lit + minutes(126),
			smoke_min: 5,
			told: { lit_ms: lit, layers: 14, troubles: ['gusts'], people: 'Oda' }
		});
		expect(faultsOf(books)).toEqual([]);
		books.db.close();
		rmSync(folder, { recursive: true });
	});
});
