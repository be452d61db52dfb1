import { coverStack, logKit } from '../demo/small';
import { coverOf } from '../questions/found';
import { beforeEach, describe, expect, it } from 'vitest';
import {
	burnInput,
	day,
	done,
	envelope,
	hour,
	later,
	refused,
	start,
	walkSeries,
	yard
} from '../../../../tests/fixtures/garden';
import { wayOf } from '../../core/fires';
import { kgDry, kilograms, litres, metres, wetBasis } from '../../core/units';
import type { BurnInput } from '../../input/burns';
import type { Reading } from '../../input/form';
import { vesselSchema } from '../../input/vessels';
import type { Books } from '../db/books';
import { burnLine, isHot } from '../questions/fires';
import { ownResults } from '../questions/own';
import { send } from '../send';
import { planDay, recordDay } from './burn-day';
import { measureStack } from './measure-stack';
import { measureVessel } from './measure-vessel';
import { poolChar } from './pool-char';
import { noteWater } from './quench-water';
import { readMoisture } from './read-moisture';
import { recordBurn } from './record-burn';
import { joinStacks, splitStack } from './shift-stacks';
import { relightBurn } from './relight-burn';
import { reverseWhole } from './reverse-round';

let books: Books;
beforeEach(() => void (books = yard()));

const reading: Reading = { timeZone: 'UTC', person: 'Ines', now_ms: later, system: 'metric' };
let sentForms = 0;
const vessel = (values: Record<string, string>) =>
	done(
		send(
			books,
			reading,
			{ ...values, actId: `vessel-form-${(sentForms += 1)}`, happenedAt: '2026-03-01T09:00' },
			(r, v) => vesselSchema(r, undefined, v),
			measureVessel
		)
	);
const burn = (input: Partial<BurnInput> & Pick<BurnInput, 'vessel'>, at = start + day) =>
	recordBurn(books, later, envelope(at), { ...burnInput, ...input });
const recordOf = (code: string) => books.burns.maybeOne(code)!.record!;

describe('fires as people know them', () => {
	it('a cone pit measured by paces and fed with bramble brush', () => {
		vessel({
			name: 'Hollow',
			usedFor: 'trench',
			outline: 'round',
			rimWidth: '6 ft',
			floorWidth: '0',
			depth: '3 ft'
		});
		const hollow = books.vessels.maybeOne('Hollow')!;
		expect(hollow.shape.kind).toBe('round');
		expect(hollow.capacity_l).toBeCloseTo((Math.PI / 12) * 1.8288 ** 2 * 0.9144 * 1000, 0);
		done(
			measureStack(books, later, envelope(start), {
				name: 'bramble brush',
				suspicion: 'none',
				measure: {
					form: 'brush',
					wood: 'canes',
					seasoned: true,
					size: { by: 'measures', litres: litres(4000), typed: '4 m³' }
				}
			})
		);
		done(
			burn({
				vessel: 'Hollow',
				loads: [{ code: 'S2', litres: 'all' }],
				measured: { by: 'depth', depth: metres(0.6) },
				sample: undefined
			})
		);
		const record = recordOf('F1');
		expect(record.way).toBe('trench');
		expect(record.charLitres).toBeCloseTo(hollow.capacity_l * (0.6 / 0.9144) ** 3, 0);
	});

	it('half a boiler shell on its side, measured by the stick', () => {
		vessel({
			name: 'Shell',
			usedFor: 'open-kiln',
			outline: 'lying',
			rimWidth: '0.8',
			rimLength: '1.5',
			depth: '40 cm'
		});
		done(burn({ vessel: 'Shell', measured: { by: 'depth', depth: metres(0.4) } }));
		expect(recordOf('F1').charLitres).toBeCloseTo((Math.PI / 8) * 0.64 * 1500, 3);
	});

	it('a retort charge known by the weight of its blocks, its char by a scale', () => {
		vessel({ name: 'Kettle', usedFor: 'retort', rimWidth: '42 cm', depth: '70 cm' });
		done(
			burn({
				vessel: 'Kettle',
				loads: [],
				wood: { by: 'weighed', kg: kilograms(36), class: 'dense-hardwood' },
				measured: { by: 'weight', kg: kilograms(9) },
				wetness: 'dry',
				sample: { litres: litres(10), kg: kgDry(2) },
				told: { troubles: ['opened-early'] }
			})
		);
		const record = recordOf('F1');
		expect(record.woodFrom).toBe('weighed');
		expect(record.told.troubles).toEqual(['opened-early']);
		expect(record.charLitres).toBeCloseTo((9 * 0.95) / 0.2, 6);
		expect(record.wood.low).toBeLessThan(36 * 0.82);
		expect(ownResults(books, 'retort').yields).toHaveLength(1);
	});

	it('embers from an oven each week: no stack, and no yield to learn from', () => {
		vessel({ name: 'Pail', usedFor: 'stove', rimWidth: '32 cm', depth: '33 cm' });
		for (let week = 1; week <= 4; week += 1)
			done(
				burn(
					{
						vessel: 'Pail',
						loads: [],
						wood: { by: 'reckoned', class: 'dense-hardwood' },
						measured: { by: 'litres', litres: litres(30 + week) },
						sample: undefined
					},
					start + week * 7 * day
				)
			);
		expect(ownResults(books, 'stove').yields).toEqual([]);
		const { wood, charKg } = recordOf('F4');
		expect(charKg / wood.value).toBeCloseTo(wayOf('stove').massYield.mean, 2);
	});

	it('a bonfire heap that gives seven in a hundred', () => {
		vessel({ name: 'Heap', usedFor: 'open-pile', rimWidth: '2', rimLength: '2', depth: '1' });
		done(
			burn({
				vessel: 'Heap',
				loads: [{ code: 'S1', litres: 2000 }],
				measured: { by: 'litres', litres: litres(170) },
				sample: { litres: litres(10), kg: kgDry(1.5) }
			})
		);
		const { outcome } = burnLine(books, books.burns.maybeOne('F1')!, later);
		expect(outcome?.massYield).toBeGreaterThan(0.05);
		expect(outcome?.massYield).toBeLessThan(0.12);
		expect(outcome?.verdict).not.toBe('implausible');
	});

	it('a trench of unknown mixed wood, half of it punky, is no suspicion but a wide range', () => {
		for (const wood of ['mixed', 'rotten', 'dense-hardwood'] as const)
			done(
				measureStack(books, later, envelope(start), {
					name: wood,
					suspicion: 'none',
					measure: {
						form: 'split',
						wood,
						seasoned: true,
						size: { by: 'measures', litres: litres(500), typed: '500' }
					}
				})
			);
		const [mixed, rotten, known] = ['S2', 'S3', 'S4'].map(
			(code) => books.woodyard.maybeOne(code)!.measured
		);
		expect(mixed!.high / mixed!.low).toBeGreaterThan((known!.high / known!.low) * 1.3);
		expect(rotten!.value).toBeLessThan(mixed!.value * 0.6);
	});

	it('one that lit again loses char under that name, and its proof begins anew', () => {
		done(burn({ vessel: 'Lantern' }));
		walkSeries(books, 'F1', start + day);
		const burnAt = start + 3 * day;
		expect(isHot(burnLine(books, books.burns.maybeOne('F1')!, burnAt))).toBe(false);
		expect(
			refused(relightBurn(books, later, envelope(burnAt), { burn: 'F1', left: litres(400) }))
		).toEqual(['relit-more']);
		done(
			relightBurn(books, later, envelope(burnAt, 'it-lit-again'), { burn: 'F1', left: litres(180) })
		);
		expect(books.char.maybeOne('K1')?.volume_ul).toBe(180_000_000);
		expect(isHot(burnLine(books, books.burns.maybeOne('F1')!, burnAt + hour))).toBe(true);
		done(
			reverseWhole(books, later, envelope(burnAt + hour), {
				actId: 'it-lit-again',
				withDependents: false,
				backTo: '/'
			})
		);
		expect(books.char.maybeOne('K1')?.volume_ul).toBe(300_000_000);
	});

	it('water is set right after the fire, by the hose once its rate was said', () => {
		done(burn({ vessel: 'Lantern', water_l: 100 }));
		const at = envelope(start + day + hour);
		expect(
			refused(noteWater(books, later, at, { burn: 'F1', used: { by: 'hose', min: 12 } }))
		).toEqual(['no-hose-rate']);
		done(
			noteWater(books, later, envelope(start + day + hour), {
				burn: 'F1',
				used: { by: 'hose', min: 12, l_min: litres(11) }
			})
		);
		expect(recordOf('F1').water_l).toBe(132);
		done(
			noteWater(books, later, envelope(start + day + 2 * hour), {
				burn: 'F1',
				used: { by: 'hose', min: 20 }
			})
		);
		expect(recordOf('F1').water_l).toBe(220);
		expect(ownResults(books, 'open-kiln').waterPerLitre[0]).toBeCloseTo(220 / 300, 6);
	});
});

describe('what is known otherwise', () => {
	it('a stack of bundles by count and one of them weighed; covered, then spread; of walnut', () => {
		const stack = {
			name: 'hazel faggots',
			suspicion: 'none' as const,
			walnut: true,
			cover: 'top' as const,
			measure: {
				size: { by: 'weighed' as const, count: 14, one: kilograms(9), water: wetBasis(0.2) },
				form: 'rods' as const,
				wood: 'light-hardwood' as const,
				seasoned: true,
				standingDead: true
			}
		};
		const code = done(measureStack(books, later, envelope(start), stack))
			.split('/')
			.at(-1)!;
		const kept = books.woodyard.maybeOne(code)!;
		expect(kept).toMatchObject({ measure: stack.measure, walnut: true });
		expect(kept.dry_g / 1000).toBeCloseTo(14 * 9 * 0.8, 3);
		expect(coverOf(books, kept.lotId)?.cover).toBe('top');
		done(coverStack(books, later, envelope(start + hour), { code, cover: 'spread' }));
		expect(coverOf(books, kept.lotId)).toEqual({ cover: 'spread', at_ms: start + hour });
		// A part of it is of walnut too, and lies as the whole lay.
		const half = done(
			splitStack(books, later, envelope(start + 2 * hour), { code, part: litres(200) })
		)
			.split('/')
			.at(-1)!;
		const part = books.woodyard.maybeOne(half)!;
		expect(part.walnut).toBe(true);
		expect(part.measure.standingDead).toBe(true);
		expect(coverOf(books, part.lotId)?.cover).toBe('spread');
	});

	it('char lifted, not weighed: as much, less surely', () => {
		const measured = { by: 'weight' as const, kg: kilograms(40) };
		done(burn({ vessel: 'Lantern', measured, wetness: 'drained' }));
		const weighed = books.char.maybeOne('K1')!;
		books = yard();
		done(burn({ vessel: 'Lantern', measured: { ...measured, byFeel: true }, wetness: 'drained' }));
		const lifted = books.char.maybeOne('K1')!;
		expect(lifted.volume_ul).toBe(weighed.volume_ul);
		expect(lifted.density.high).toBeGreaterThan(weighed.density.high);
		expect(lifted.density.low).toBeLessThan(weighed.density.low);
	});

	it('water by fills: the gaps between the pieces, each time', () => {
		done(burn({ vessel: 'Lantern', told: { fills: 2 } }));
		const voids = Math.sqrt(0.5 * 0.7);
		expect(recordOf('F1').water_l).toBeCloseTo(300 * voids * 2, 0);
		done(
			noteWater(books, later, envelope(start + day + hour), {
				burn: 'F1',
				used: { by: 'fills', fills: 1 }
			})
		);
		expect(recordOf('F1').water_l).toBeCloseTo(300 * voids, 0);
	});
});

describe('a vessel and its history', () => {
	it('has failed until it is mended; what was changed says nothing of that', () => {
		const happens = (what: 'failed' | 'changed' | 'mended', at: number) =>
			done(logKit(books, later, envelope(at), { name: 'Lantern', what, words: 'the seam' }));
		happens('failed', start + day);
		happens('changed', start + 2 * day);
		expect([...books.vessels.ailing().values()]).toEqual([{ what: 'failed', words: 'the seam' }]);
		happens('mended', start + 3 * day);
		expect(books.vessels.ailing().size).toBe(0);
	});
});

describe('char of several fires on one heap', () => {
	const two = () => {
		const half = {
			loads: [{ code: 'S1', litres: 1000 }],
			measured: { by: 'litres' as const, litres: litres(200) }
		};
		done(burn({ vessel: 'Lantern', ...half }));
		walkSeries(books, 'F1', start + day);
		done(
			burn(
				{ vessel: 'Lantern', ...half, sample: { litres: litres(10), kg: kgDry(2) } },
				start + 5 * day
			)
		);
	};
	const pool = (at: number) => poolChar(books, later, envelope(at), { codes: ['K1', 'K2'] });

	it('is one lot, its kilograms kept, ruled by the youngest fire', () => {
		two();
		walkSeries(books, 'F2', start + 5 * day);
		done(pool(start + 8 * day));
		const heap = books.char.maybeOne('K3')!;
		expect(heap.volume_ul).toBe(400_000_000);
		expect(heap.burnCode).toBe('F2');
		expect(heap.density.value).toBeCloseTo((0.16 + 0.2) / 2, 6);
		expect(heap.dry_g / 1000).toBeCloseTo(200 * 0.16 + 200 * 0.2, 2);
		// Cold on cold needs no new proof.
		expect(isHot(burnLine(books, books.burns.maybeOne('F2')!, start + 8 * day))).toBe(false);
	});

	it('with one of them hot begins its proof anew, and whole and crushed stay apart', () => {
		two();
		done(pool(start + 5 * day + hour));
		const line = burnLine(books, books.burns.maybeOne('F2')!, start + 5 * day + 2 * hour);
		expect(isHot(line)).toBe(true);
		expect(refused(pool(start + 6 * day)).length).toBe(1);
	});
});

describe('stacks', () => {
	const stack = (code: string) => books.woodyard.maybeOne(code)!;

	it('are split with their moisture, and laid together without one', () => {
		done(
			readMoisture(books, later, envelope(start + hour), {
				code: 'S1',
				method: 'pin',
				pieces: [18, 19, 20].map((percent) => ({ percent }))
			})
		);
		done(splitStack(books, later, envelope(start + day), { code: 'S1', part: 600 }));
		expect([stack('S1').volume_ul, stack('S2').volume_ul]).toEqual([1_800_000_000, 600_000_000]);
		expect(books.woodyard.readings(stack('S2').lotId)).toHaveLength(1);
		const dry = stack('S1').dry_g + stack('S2').dry_g;
		done(joinStacks(books, later, envelope(start + 2 * day), { code: 'S1', other: 'S2' }));
		expect(stack('S3').volume_ul).toBe(2_400_000_000);
		expect(stack('S3').dry_g).toBeCloseTo(dry, 0);
		expect(books.woodyard.readings(stack('S3').lotId)).toEqual([]);
		expect(
			refused(joinStacks(books, later, envelope(start + 3 * day), { code: 'S3', other: 'S3' }))
		).toEqual(['same-lot']);
		expect(
			refused(splitStack(books, later, envelope(start + 3 * day), { code: 'S3', part: 'all' }))
		).toEqual(['split-all']);
	});
});

describe('a day of five drums', () => {
	const names = ['One', 'Two', 'Three', 'Four', 'Five'];
	const typed = {
		barrels: names.join('\n'),
		rounds: '1',
		hands: '1',
		burners: '5',
		hoses: '1',
		fill: '12',
		light: '6',
		burn: '60',
		cap: '5',
		cool: '40',
		tip: '10'
	};

	it('is set down, and each drum written up as a fire of its own, or none of them', () => {
		for (const name of names)
			vessel({
				name,
				usedFor: 'barrel',
				rimWidth: '57 cm',
				depth: '85 cm',
				holes: '96',
				holeWidth: '10 mm'
			});
		const startsAt_ms = start + 5 * day;
		done(
			planDay(books, later, envelope(startsAt_ms), {
				startsAt_ms,
				barrels: names,
				typed,
				found: ''
			})
		);
		const kept = books.days.newest(start)!;
		expect(kept.timetable.steps.filter(({ stage }) => stage === 'tip')).toHaveLength(5);
		const stops = names.map((name, i) => ({
			vessel: name,
			field: `char:${name}:0`,
			litres: litres(70),
			quenched_ms: startsAt_ms + (i + 3) * hour
		}));
		const load = { code: 'S1', part: 400 };
		const before = books.burns.count();
		const write = (each: number) =>
			recordDay(books, later, envelope(startsAt_ms + 10 * hour), {
				stops,
				load: { ...load, part: each },
				wetness: 'quench-wet'
			});
		// Five times six hundred is more than the stack holds: nothing is written.
		expect(refused(write(600)).length).toBe(1);
		expect(books.burns.count()).toBe(before);
		done(write(400));
		expect(books.burns.count()).toBe(before + 5);
		expect(books.burns.latest(5).map(({ record }) => record?.charLitres)).toEqual([
			70, 70, 70, 70, 70
		]);
	});
});
