import { celsius, kgDry, kilograms, litres } from '../../core/units';
import type { Books } from '../db/books';
import { setProgramme } from '../usecases/brews/programmes';
import { bringAsh } from '../usecases/bring-ash';
import { stockUp } from '../usecases/bring-in';
import { planBurn } from '../usecases/plan-burn';
import { recordBurn } from '../usecases/record-burn';
import { days, localDay } from '../../core/time';
import { layHeap } from '../rooms/heaps/demo-holding';
import { mixSome } from '../rooms/mixes/demo';
import { layTrial } from '../rooms/trials/demo';
import { layBarrels } from './barrels';
import { openDiary, type Diary, type Moment } from './diary';
import { layBed, layStack } from './holding';
import { layTub } from '../rooms/brews/demo-cultures';
import { setSteeping } from '../rooms/brews/demo-holding';
import { restBag } from './holding-stores';
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
		layHeap(diary, n, first - n);
		mixSome(diary, n, first - n);
		layTrial(diary, on(25, 8), n);
		restBag(diary, `bag ${n}`, on(40, 8), on(30, 9));
		setSteeping(diary, on(3 + (n % 9), 8), `Pail ${n}`, 18, `liquor ${n}`);
		diary.enter(on(20, 8), bringAsh, {
			...{ source: 'hearth', material: 'hardwood-ash', name: `ash of stove ${n}` },
			...{ measure: { kg: kilograms(4) }, sifted: false, unsure: false, measured: {} }
		});
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
