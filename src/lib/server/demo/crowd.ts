import { celsius, kgDry, kilograms, litres } from '../../core/units';
import type { Books } from '../db/books';
import { setProgramme } from '../usecases/brews/programmes';
import { startBrew } from '../usecases/brews/start-brew';
import { stockUp } from '../usecases/bring-in';
import { takeInChar } from '../usecases/char-in';
import { planBurn } from '../usecases/plan-burn';
import { recordBurn } from '../usecases/record-burn';
import { startCharge } from '../usecases/start-charge';
import { days, localDay } from '../../core/time';
import { layBarrels } from './barrels';
import { openDiary, type Diary, type Moment } from './diary';
import { layBed, layStack } from './holding';
import { layTub } from '../rooms/brews/demo-cultures';
import { layOut } from './place';

const on = (daysAgo: number, hour: number): Moment => ({
	daysAgo,
	hour,
	by: 'Ines',
	reason: 'there is a crowd of them'
});

/**
 * A holding that never finished anything: so many of each kind, all open at once. For what a list costs
 * that is as long as anybody's, not for showing.
 */
export function growCrowd(books: Books, now_ms: number, many: number): void {
	if (books.acts.recent(1).length > 0) return;
	const diary = openDiary(books, now_ms);
	const first = many + 60;
	layOut(diary, first);
	layBarrels(diary, on(first, 9));
	for (let n = 1; n <= many; n += 1) {
		layBed(diary, n, first);
		layTub(diary, `Pail ${n}`, 0.3, 0.38, first);
		setProgrammeOf(diary, n);
		if (n % 2) burnHalf(diary, n);
		else planHalf(diary, n);
		chargeOf(diary, n);
		brewIn(diary, n);
		diary.enter(on(20, 9), stockUp, {
			material: 'finished-compost',
			name: `compost of bay ${n}`,
			measure: { litres: litres(300) }
		});
	}
}

const dayOf = (diary: Diary, daysAgo: number) =>
	localDay(diary.books.settings.current().timeZone, diary.now_ms - days(daysAgo));

function setProgrammeOf(diary: Diary, n: number): void {
	diary.enter(on(30, 20), setProgramme, {
		name: `Row ${n} weekly`,
		isNew: true,
		recipe: 'microbe-tea',
		phases: [{ from: dayOf(diary, 28), until: dayOf(diary, -28), every_days: 7 }],
		parts: 10,
		onto: 'soil',
		temperature: celsius(18),
		stops: [{ bed: `Row ${n}`, ask: { by: 'each', litres: 3 }, field: 'each' }]
	});
}

/** A fire from a stack of which half is left, each on a day of its own; nobody walked round it. */
function burnHalf(diary: Diary, n: number): void {
	const stack = layStack(diary, n + 20);
	diary.enter(on(n, 15), recordBurn, {
		vessel: 'Lantern',
		loads: [{ code: stack, litres: 1100 }],
		measured: { by: 'litres', litres: litres(280) },
		sample: { litres: litres(10), kg: kgDry(1.5) },
		wetness: 'quench-wet'
	});
}

/** A fire that is planned, each for a day of its own, with a stack for it. */
function planHalf(diary: Diary, n: number): void {
	const stack = layStack(diary, 20);
	diary.enter(on(2, 19), planBurn, {
		vessel: 'Lantern',
		loads: [{ code: stack, litres: 1100 }],
		plannedFor_ms: diary.now_ms + days(1 + n)
	});
}

function chargeOf(diary: Diary, n: number): void {
	const bag = diary.enter(on(40, 8), takeInChar, {
		name: `bag ${n}`,
		origin: { from: 'bought', words: 'a bag', price: 24, ash: 0.05, ph: 8.9, sold_kg: 28 },
		state: 'crushed',
		wood: 'light-hardwood',
		wetness: 'drained',
		litres: litres(130),
		kg: kilograms(40),
		water: 0.4
	});
	diary.enter(on(30, 9), startCharge, {
		char: bag,
		part: 60,
		school: 'compost-rest',
		partner: 'finished-compost',
		ratio: 1,
		wantedN: 5,
		temperature: celsius(16)
	});
}

function brewIn(diary: Diary, n: number): void {
	diary.enter(on(3 + (n % 9), 8), startBrew, {
		recipe: 'steeped-liquor',
		name: `liquor ${n}`,
		vessel: `Pail ${n}`,
		base: { litres: litres(18) },
		water: { source: 'rain' },
		parts: [{ id: 'leaves', stuff: 'fresh-leaves', measure: { kg: kilograms(1.8) } }],
		place: {
			lid: 'breathing',
			downwind: true,
			shade: true,
			house_m: 45,
			boundary_m: 12,
			water_m: 60
		},
		temperature: celsius(17)
	});
}
