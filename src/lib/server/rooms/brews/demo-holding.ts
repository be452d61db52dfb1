import { dueDays } from '../../../core/brews';
import { days, localMoment } from '../../../core/time';
import { celsius, kilograms, litres } from '../../../core/units';
import type { Diary, Moment } from '../../demo/diary';
import { readTemperature, smellBrew, tendBrew } from '../../demo/small';
import { stockUp } from '../../usecases/bring-in';
import { endProgramme, setProgramme, walkRound } from '../../usecases/brews/programmes';
import { startBrew } from '../../usecases/brews/start-brew';
import { takeAway } from '../../usecases/count-lot';
import { layTub } from './demo-cultures';

const on = (daysAgo: number, hour: number): Moment => ({
	daysAgo: Math.max(0, daysAgo),
	hour,
	by: 'Ines',
	reason: 'as it is done here every week'
});
const year_days = 365;
const teaEvery_days = 7;
/** So that a year has an odd number of jars, and the next begins in the other. */
const teasOfCulture = 8;
/** The one works while the other is used. */
const jars = ['First jar', 'Second jar'] as const;
const liquorEvery_days = 30;

/**
 * Brews of a holding of many years: one line of cultures kept on, a tea a week that a programme of that year
 * waters four rows with, worm tea, and a barrel of leaf liquor a month; the newest of each still stand.
 */
export function workBrews(diary: Diary, years: number): void {
	const first = years * year_days;
	for (const jar of jars) layTub(diary, jar, 0.14, 0.2, first + 70);
	for (const name of ['Tea tub', 'Worm pail']) layTub(diary, name, 0.4, 0.35, first + 70);
	layTub(diary, 'Leaf barrel', 0.48, 0.7, first + 70);
	let culture = catchCulture(diary, first + 62);
	for (let daysAgo = first; daysAgo > 0; daysAgo -= year_days)
		culture = waterFor(diary, daysAgo, culture);
	for (let daysAgo = first; daysAgo > 2; daysAgo -= liquorEvery_days)
		steepLeaves(diary, daysAgo, daysAgo > liquorEvery_days + 2);
	brewCastings(diary, first);
}

const nameOf = (daysAgo: number) => `Rows, year ${Math.ceil(daysAgo / year_days)} back`;

const dayOf = (diary: Diary, daysAgo: number) =>
	localMoment(diary.books.settings.current().timeZone, diary.at(on(0, 12)) - days(daysAgo)).slice(
		0,
		10
	);

/** A year's programme and its rounds, from so many days ago; that of the last year still runs. */
function waterFor(diary: Diary, daysAgo: number, from: string): string {
	const runs = daysAgo <= year_days;
	const name = nameOf(daysAgo);
	const until = dayOf(diary, runs ? -60 : daysAgo - year_days + teaEvery_days);
	const phases = [{ from: dayOf(diary, daysAgo), until, every_days: teaEvery_days }];
	diary.enter(on(daysAgo + 1, 20), setProgramme, {
		name,
		isNew: true,
		recipe: 'microbe-tea',
		phases,
		parts: 10,
		onto: 'soil',
		temperature: celsius(18),
		stops: [1, 2, 3, 4].map((n) => ({
			bed: `Row ${n}`,
			ask: { by: 'each' as const, litres: 3 },
			field: 'each'
		}))
	});
	let culture = from;
	for (const [i, due] of dueDays(phases).entries()) {
		const at = daysAgo - i * teaEvery_days;
		if (at < 1) break;
		if (i % teasOfCulture === 0)
			culture = keepCulture(
				diary,
				at + 13,
				culture,
				jars[(daysAgo / year_days + i / teasOfCulture) % 2 ? 1 : 0]
			);
		const code = brewTea(diary, at + 2, culture);
		diary.enter(on(at, 17), walkRound, { name, due, lot: code });
		diary.enter(on(at, 18), takeAway, { code, part: 'all', how: 'dispose', reason: 'the rest' });
	}
	if (!runs) diary.enter(on(daysAgo - year_days, 6), endProgramme, { name });
	return culture;
}

function catchCulture(diary: Diary, daysAgo: number): string {
	const code = diary.enter(on(daysAgo, 10), startBrew, {
		recipe: 'grain-culture',
		base: { litres: litres(1.2) },
		baseStuff: { stuff: 'cereal-grain' },
		parts: [],
		temperature: celsius(18)
	});
	diary.enter(on(daysAgo - 8, 10), smellBrew, { code, smell: 'pale-threads' });
	return code;
}

/** The jar is begun anew from the last, of which what is left goes on the heap. */
function keepCulture(diary: Diary, daysAgo: number, from: string, vessel: string): string {
	const stuff = diary.books.brews.maybeOne(from)?.recipe ?? 'kept-culture';
	const code = diary.enter(on(daysAgo, 6), startBrew, {
		recipe: 'kept-culture',
		vessel,
		base: { kg: kilograms(0.3) },
		baseStuff: { stuff, lot: from },
		parts: [{ id: 'sugar', stuff: 'sugar' }],
		place: { lid: 'breathing' },
		temperature: celsius(19)
	});
	diary.enter(on(daysAgo - 9, 9), smellBrew, { code, smell: 'dough-and-fruit' });
	diary.enter(on(daysAgo - 10, 7), takeAway, {
		code: from,
		part: 'all',
		how: 'dispose',
		reason: 'the rest on the heap'
	});
	return code;
}

function brewTea(diary: Diary, daysAgo: number, starter: string): string {
	const code = diary.enter(on(daysAgo, 7), startBrew, {
		recipe: 'microbe-tea',
		vessel: 'Tea tub',
		base: { litres: litres(20) },
		water: { source: 'rain' },
		parts: [
			{ id: 'starter', stuff: 'kept-culture', lot: starter, measure: { litres: litres(0.03) } },
			{ id: 'molasses', stuff: 'molasses' }
		],
		place: { lid: 'breathing' },
		temperature: celsius(19)
	});
	diary.enter(on(daysAgo - 2, 8), smellBrew, { code, smell: 'bread-like' });
	return code;
}

/** Leaves in rain water, a kilogram to ten litres, where nobody is bothered by it. */
export function setSteeping(
	diary: Diary,
	moment: Moment,
	vessel: string,
	water_l: number,
	name?: string
): string {
	return diary.enter(moment, startBrew, {
		recipe: 'steeped-liquor',
		...(name === undefined ? {} : { name }),
		vessel,
		base: { litres: litres(water_l) },
		water: { source: 'rain' },
		parts: [{ id: 'leaves', stuff: 'fresh-leaves', measure: { kg: kilograms(water_l / 10) } }],
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

function steepLeaves(diary: Diary, daysAgo: number, isOver: boolean): void {
	const code = setSteeping(diary, on(daysAgo, 10), 'Leaf barrel', 90);
	for (const later of [5, 12, 19]) {
		if (daysAgo - later < 0) return;
		diary.enter(on(daysAgo - later, 9), tendBrew, { code, how: 'stirred' });
		diary.enter(on(daysAgo - later, 10), readTemperature, {
			at: 'lot',
			name: code,
			temperature: celsius(16)
		});
	}
	if (isOver)
		diary.enter(on(daysAgo - liquorEvery_days + 1, 9), takeAway, {
			code,
			part: 'all',
			how: 'give-away',
			reason: 'to a neighbour'
		});
}

/** Worm tea each month, forgotten in its pail and poured out; that of today still works. */
function brewCastings(diary: Diary, first: number): void {
	for (let daysAgo = first; daysAgo >= 0; daysAgo -= liquorEvery_days) {
		const lot = diary.enter(on(daysAgo + 1, 8), stockUp, {
			material: 'castings',
			name: 'castings',
			measure: { litres: litres(3) }
		});
		const code = diary.enter(on(daysAgo, 7), startBrew, {
			recipe: 'aerated-tea',
			vessel: 'Worm pail',
			base: { litres: litres(20) },
			water: { source: 'rain' },
			parts: [{ id: 'bag', stuff: 'castings', lot, measure: { litres: litres(2) } }],
			temperature: celsius(18)
		});
		const gone = { part: 'all', how: 'dispose', reason: 'on the heap' } as const;
		diary.enter(on(daysAgo, 9), takeAway, { code: lot, ...gone });
		if (daysAgo > liquorEvery_days) diary.enter(on(daysAgo - 3, 9), takeAway, { code, ...gone });
	}
}
