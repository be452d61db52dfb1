import { tendBatch } from './small';
import type { SchoolId } from '../../core/charging';
import type { MaterialId } from '../../core/materials';
import { celsius, litres, inLitres, microlitres } from '../../core/units';
import { recountLot } from '../usecases/count-lot';
import { crushChar } from '../usecases/crush-char';
import { drainCharge } from '../usecases/drain-charge';
import { reverseAct } from '../usecases/reverse-act';
import { spreadLot } from '../usecases/spread-lot';
import { startCharge } from '../usecases/start-charge';
import { testCharge } from '../usecases/test-charge';
import type { Books } from '../db/books';
import type { Burnt } from './burns';
import type { Diary, Moment } from './diary';

const on = (daysAgo: number, by: Moment['by'], hour = 10, note = ''): Moment => ({
	daysAgo,
	hour,
	by,
	...(note ? { note } : {})
});

function crush(diary: Diary, moment: Moment, code: string, after: number): string {
	return diary.enter(moment, crushChar, {
		code,
		before: 'all',
		after: litres(after),
		wetness: 'drained'
	});
}

interface Mix {
	readonly char: string;
	readonly part: number;
	readonly warmth: number;
	readonly wantedN?: number;
	readonly ratio?: number;
}

function start(diary: Diary, moment: Moment, school: SchoolId, mix: Mix): string {
	const partner: MaterialId = school === 'compost-rest' ? 'finished-compost' : 'urine';
	return diary.enter(moment, startCharge, {
		char: mix.char,
		part: mix.part,
		school,
		partner,
		ratio: mix.ratio ?? 1,
		wantedN: mix.wantedN ?? 5,
		tub: school === 'nitrogen-soak' ? 'Dye vat' : undefined,
		temperature: celsius(mix.warmth)
	});
}

/** Drained and out of its tub; its fire was proven out long before. */
export function drain(diary: Diary, moment: Moment, code: string): void {
	diary.enter(moment, drainCharge, { code, places: [], smoke: false, whiteSpots: false });
}

/** Crushed and charged by both schools, spread on some beds; one charge ripe, one due a test, one curing. */
export function chargeAndSpread(
	diary: Diary,
	books: Books,
	char: Burnt
): { readonly resting: string } {
	const put = (moment: Moment, lot: string, bed: string, amount: number, reason?: string) =>
		diary.enter({ ...moment, ...(reason === undefined ? {} : { reason }) }, spreadLot, {
			bed,
			lot,
			ask: { by: 'rate', form: 'L/m2', amount }
		});
	const passed = (moment: Moment, code: string) =>
		diary.enter(moment, testCharge, { code, passed: true });

	const alder = crush(diary, on(172, 'Bram'), char.first, 192);
	const soaked = start(diary, on(165, 'Oda'), 'nitrogen-soak', {
		char: alder,
		part: 70,
		warmth: 15
	});
	passed(on(155, 'Oda'), soaked);
	drain(diary, on(153, 'Oda'), soaked);
	put(on(152, 'Oda'), soaked, 'Mere 1', 2.5);
	put(on(152, 'Oda', 11), soaked, 'Mere 2', 2.5);
	put(on(151, 'Bram'), soaked, 'Upper 2', 3);

	const rested = start(diary, on(162, 'Oda'), 'compost-rest', {
		char: alder,
		part: 90,
		warmth: 16
	});
	passed(on(140, 'Oda'), rested);
	put(on(138, 'Ines'), rested, 'Middle 3', 3);
	put(on(138, 'Ines', 11), rested, 'Upper 1', 3);
	const twice = put(on(137, 'Ines'), rested, 'Upper 3', 2);
	undoLast(diary, books, on(137, 'Oda', 18, 'Ines had written it down twice over.'), twice);
	put(on(136, 'Ines'), rested, 'Upper 3', 2);
	put(
		on(120, 'Bram'),
		alder,
		'Middle 6',
		1.5,
		'Raw on purpose: the potato row shows what it does uncharged'
	);

	const hazel = crush(diary, on(114, 'Bram'), char.hazel, 118);
	const kept = start(diary, on(104, 'Oda'), 'compost-rest', {
		char: hazel,
		part: 80,
		warmth: 17,
		ratio: 1.25
	});
	passed(on(88, 'Oda'), kept);
	put(on(86, 'Ines'), kept, 'Mere 1', 1.8);
	put(on(86, 'Ines', 11), kept, 'Middle 4', 3);
	diary.enter(on(30, 'Bram', 15), recountLot, {
		code: kept,
		found: litres(inLitres(books.ledger.lot(kept).volume_ul - microlitres(6))),
		reason: 'A tub tipped over on the path'
	});

	const fresh = crush(diary, on(70, 'Bram'), char.alder, 236);
	const ripe = start(diary, on(25, 'Oda'), 'nitrogen-soak', {
		char: fresh,
		part: 80,
		warmth: 10
	});
	passed(on(18, 'Oda'), ripe);
	drain(diary, on(17, 'Oda'), ripe);
	const resting = start(diary, on(12, 'Bram'), 'compost-rest', {
		char: fresh,
		part: 75,
		warmth: 8
	});

	for (const daysAgo of [9, 6, 3, 1])
		diary.enter(on(daysAgo, 'Ines', 17), tendBatch, { code: resting, how: 'turned' });

	const limbs = crush(diary, on(28, 'Ines'), char.limbs, 158);
	start(diary, on(9, 'Ines'), 'nitrogen-soak', {
		char: limbs,
		part: 60,
		warmth: 9,
		wantedN: 4
	});
	return { resting };
}

/** Reverse the newest spread on a bed. */
function undoLast(diary: Diary, books: Books, moment: Moment, bed: string): void {
	const id = books.beds.maybeOne(bed)?.id ?? 0;
	const [newest] = books.applications.ofBed(id, 1);
	if (!newest) throw new Error(`demo: nothing was spread on ${bed}`);
	diary.enter(moment, reverseAct, { actId: newest.actId, withDependents: false, backTo: '/' });
}
