import { celsius, kgDry, litres, metres, inLitres } from '../../core/units';
import type { StackFormId, WoodClassId } from '../../core/woodyard';
import type { Books } from '../db/books';
import { takeAway } from '../usecases/count-lot';
import { crushChar } from '../usecases/crush-char';
import { measureStack } from '../usecases/measure-stack';
import { readMoisture } from '../usecases/read-moisture';
import { recordBurn } from '../usecases/record-burn';
import type { BurnInput } from '../../input/burns';
import { spreadLot } from '../usecases/spread-lot';
import { minutes } from '../../core/time';
import { startCharge } from '../usecases/start-charge';
import { testCharge } from '../usecases/test-charge';
import { coolOff, proveOut, walk } from './burns';
import { sequence } from './chance';
import { drain } from './charges';
import type { Diary, Moment } from './diary';

const burns = 24;
/** From eighteen months back to where the garden's own diary begins. */
const [oldest_days, newest_days] = [545, 250] as const;
const seed = 7;

interface Wood {
	readonly name: string;
	readonly wood: WoodClassId;
	readonly form: StackFormId;
	/** Usual density of its char, kg dry per litre. */
	readonly density: number;
}

const woods: readonly Wood[] = [
	{ name: 'alder rods', wood: 'light-hardwood', form: 'rods', density: 0.15 },
	{ name: 'hazel thinnings', wood: 'dense-hardwood', form: 'rods', density: 0.19 },
	{ name: 'split ash limbs', wood: 'dense-hardwood', form: 'split', density: 0.2 },
	{ name: 'bramble and dog-rose', wood: 'light-hardwood', form: 'brush', density: 0.13 }
];
/** Beds that had char in the first year, thinly; the others were left as they were. */
const beds = ['Upper 1', 'Upper 3', 'Middle 1', 'Middle 2', 'Middle 4', 'Middle 6'];

/** What went wrong with some of them. */
const troubles: Readonly<Record<number, 'wet' | 'relit' | 'thick'>> = {
	4: 'wet',
	11: 'relit',
	17: 'thick'
};

interface Season {
	readonly diary: Diary;
	readonly books: Books;
	readonly pick: (n: number) => number;
}

/**
 * The year before the garden's own diary, brought in from a paper notebook after it: its codes are
 * later than its dates. Two dozen burns, each crushed, charged, tested and put out thinly, what was
 * over given away; one wet, one that lit again in the night, one with thick limbs last.
 */
export function firstYear(diary: Diary, books: Books): void {
	const season: Season = { diary, books, pick: sequence(seed) };
	let brands = '';
	for (let n = 0; n < burns; n += 1) {
		const daysAgo = Math.round(oldest_days - (n * (oldest_days - newest_days)) / (burns - 1));
		const burn = burnOne(season, n, daysAgo, brands);
		brands = burn.brands;
		useUp(season, n, daysAgo, burn.char);
	}
}

const on = (daysAgo: number, hour: number, note = ''): Moment => ({
	daysAgo,
	hour,
	by: (['Oda', 'Bram', 'Ines'] as const)[daysAgo % 3] ?? 'Oda',
	note: note || 'from the paper notebook'
});

function burnOne(
	{ diary, books, pick }: Season,
	n: number,
	daysAgo: number,
	brands: string
): { readonly char: string; readonly brands: string } {
	const kind = woods[n % woods.length] as Wood;
	const trouble = troubles[n];
	const stack = layStack({ diary, books, pick }, kind, daysAgo + 9, trouble === 'wet');
	const vessel = n % 3 === 2 ? 'Ditch' : 'Lantern';
	const loads = [stack, ...(brands === '' ? [] : [brands])];
	const wood = loads.reduce((kg, code) => kg + books.ledger.lot(code).dry_g / 1000, 0);
	const usual = (vessel === 'Ditch' ? 0.14 : 0.2) * (trouble === 'wet' ? 0.55 : 1);
	const brandsLitres = trouble === 'thick' ? 140 : n % 2 ? 0 : 8 + pick(12);
	const yieldOfBurn = usual * (0.86 + pick(28) / 100);
	const density = kind.density * (0.93 + pick(15) / 100);
	const input: BurnInput = {
		vessel,
		loads: loads.map((code) => ({ code, litres: 'all' })),
		measured: { by: 'litres', litres: litres(Math.round((wood * yieldOfBurn) / density)) },
		...(n % 3 === 0
			? { sample: { litres: litres(10), kg: kgDry(Math.round(density * 1000) / 100) } }
			: {}),
		wetness: 'quench-wet',
		...(brandsLitres > 0 ? { brands: { litres: litres(brandsLitres) } } : {}),
		water_l: 180 + pick(160),
		smoke_min: trouble === 'wet' ? 65 : 4 + pick(14),
		told: {
			lit_ms: diary.at(on(daysAgo, 16)) - minutes(105 + ((n * 17) % 60)),
			layers: 7 + ((n * 5) % 8),
			wind: `${(n * 7) % 22} km/h`
		}
	};
	const code = diary.enter(on(daysAgo, 16, noteOf(trouble)), recordBurn, input);
	const record = books.burns.maybeOne(code)?.record;
	if (!record) throw new Error(`demo: burn ${code} has no record`);
	const char = record.charCode;
	const from_ms =
		trouble === 'relit' ? relight({ diary, books, pick }, code, char, daysAgo) : undefined;
	proveOut(diary, books, code, 'Oda', from_ms);
	coolOff(diary, daysAgo - (trouble === 'relit' ? 2 : 0), code, 'Oda');
	const left = record.brandsLotId;
	return { char, brands: left === null ? '' : books.ledger.lotById(left).code };
}

const noteOf = (trouble: 'wet' | 'relit' | 'thick' | undefined): string =>
	trouble === undefined
		? ''
		: {
				wet: 'Rained into the stack; smoked for an hour.',
				relit: 'Looked out in the evening.',
				thick: 'Thick limbs went on last and stayed brown.'
			}[trouble];

/** Out in the evening, glowing in the morning: the next check fails, and most of it is ash. */
function relight({ diary, books }: Season, burn: string, char: string, daysAgo: number): number {
	walk(diary, on(daysAgo, 16.7), burn, [36, 39, 44]);
	walk(diary, on(daysAgo, 18.3), burn, [28, 35, 41]);
	walk(diary, on(daysAgo - 1, 7, 'It lit again in the night.'), burn, [22, 160, 240]);
	diary.enter(on(daysAgo - 1, 9), takeAway, {
		code: char,
		part: Math.round(inLitres(books.ledger.lot(char).volume_ul) / 1.6),
		how: 'lose',
		reason: 'It lit again in the night; most of it is ash'
	});
	return diary.at(on(daysAgo - 1, 7));
}

function layStack({ diary, pick }: Season, kind: Wood, daysAgo: number, wet: boolean): string {
	const loose = kind.form === 'brush';
	const code = diary.enter(on(daysAgo, 11), measureStack, {
		name: kind.name,
		suspicion: 'none',
		measure: {
			form: kind.form,
			wood: kind.wood,
			seasoned: true,
			size: {
				by: 'outline',
				outline: loose ? 'dome' : 'box',
				length: metres(loose ? 2.6 : 1 + pick(6) / 10),
				width: metres(loose ? 2 : 0.8),
				height: metres(loose ? 1.3 : 0.8)
			}
		}
	});
	const percents = wet ? [27, 29, 30] : [16 + pick(4), 18 + pick(4), 20 + pick(3)];
	diary.enter(on(daysAgo - 1, 10), readMoisture, {
		code,
		method: 'pin',
		pieces: percents.map((percent) => ({ percent }))
	});
	return code;
}

/** Crushed, a part of it charged and put on two beds, all the rest given away. */
function useUp({ diary, books, pick }: Season, n: number, daysAgo: number, whole: string): void {
	const before = inLitres(books.ledger.lot(whole).volume_ul);
	const crushed = diary.enter(on(daysAgo - 3, 10), crushChar, {
		code: whole,
		before: 'all',
		after: litres(Math.round(before * (0.63 + pick(9) / 100))),
		wetness: 'drained'
	});
	const soaked = n % 2 === 0;
	const charge = diary.enter(on(daysAgo - 5, 10), startCharge, {
		char: crushed,
		part: 20 + pick(15),
		school: soaked ? 'nitrogen-soak' : 'compost-rest',
		partner: soaked ? 'urine' : 'finished-compost',
		ratio: 1,
		wantedN: 4,
		tub: soaked ? 'Dye vat' : undefined,
		temperature: celsius(11 + pick(6))
	});
	const rest_days = soaked ? 16 : 60;
	diary.enter(on(daysAgo - 5 - rest_days, 10), testCharge, { code: charge, passed: true });
	if (soaked) drain(diary, on(daysAgo - 5 - rest_days, 11), charge);
	const spread = { ...on(daysAgo - 6 - rest_days, 11), reason: 'old notebook' };
	diary.enter(spread, spreadLot, {
		bed: beds[n % beds.length] ?? '',
		lot: charge,
		ask: { by: 'rate', form: 'L/m2', amount: 0.7 }
	});
	for (const code of [crushed, charge])
		diary.enter(on(daysAgo - 7 - rest_days, 9), takeAway, {
			code,
			part: 'all',
			how: 'give-away',
			reason: 'to the growers over the lane'
		});
}
