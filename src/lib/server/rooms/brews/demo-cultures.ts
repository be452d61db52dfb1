import { doubtBrew, skipRound, smellBrew } from '../../demo/small';
import { dueDays } from '../../../core/brews';
import { days, localMoment } from '../../../core/time';
import { celsius, kilograms, litres, metres } from '../../../core/units';
import type { StuffIn } from '../../../core/brews';
import type { Diary, Moment } from '../../demo/diary';
import { setProgramme, walkRound } from '../../usecases/brews/programmes';
import { startBrew } from '../../usecases/brews/start-brew';
import { takeAway } from '../../usecases/count-lot';
import { measureVessel } from '../../usecases/measure-vessel';

const on = (daysAgo: number, hour: number, by: Moment['by'], note = ''): Moment => ({
	daysAgo,
	hour,
	by,
	...(note ? { note } : {})
});

/** A small round vessel for liquids. */
export function layTub(
	diary: Diary,
	name: string,
	wide: number,
	deep: number,
	daysAgo = 170
): void {
	diary.enter(on(daysAgo, 9, 'Oda'), measureVessel, {
		name,
		usedFor: 'tub',
		isNew: true,
		shape: { kind: 'round', rimWidth: metres(wide), floorWidth: metres(wide), depth: metres(deep) }
	});
}

/**
 * The barley-grain line: caught wild in the coppice, kept and kept again; the jar of its fourth generation went
 * mouldy. Its teas water the dye beds by a programme in its second month, of which one round was missed.
 */
export function growCultures(diary: Diary): void {
	for (const name of ['First jar', 'Second jar', 'Third jar']) layTub(diary, name, 0.1, 0.2);
	layTub(diary, 'Grain box', 0.25, 0.1);
	layTub(diary, 'Tea tub', 0.4, 0.35);
	const grain = diary.enter(on(160, 10, 'Oda', 'under the alders, in a mesh box'), startBrew, {
		recipe: 'grain-culture',
		name: 'barley line B',
		vessel: 'Grain box',
		base: { litres: litres(1.2) },
		baseStuff: { stuff: 'cereal-grain' },
		parts: [],
		temperature: celsius(18)
	});
	diary.enter(on(152, 10, 'Oda'), smellBrew, { code: grain, smell: 'pale-threads' });
	const keep = (daysAgo: number, jar: string, from: StuffIn, grams: number) =>
		diary.enter(on(daysAgo, 11, 'Oda'), startBrew, {
			recipe: 'kept-culture',
			vessel: jar,
			base: { kg: kilograms(grams / 1000) },
			baseStuff: from,
			parts: [{ id: 'sugar', stuff: 'sugar' }],
			place: { lid: 'breathing' },
			temperature: celsius(19)
		});
	const second = keep(152, 'First jar', { stuff: 'grain-culture', lot: grain }, 300);
	diary.enter(on(143, 9, 'Oda'), smellBrew, { code: second, smell: 'dough-and-fruit' });
	const third = keep(98, 'Second jar', { stuff: 'kept-culture', lot: second }, 220);
	diary.enter(on(89, 9, 'Oda'), smellBrew, { code: third, smell: 'dough-and-fruit' });
	const fourth = keep(40, 'Third jar', { stuff: 'kept-culture', lot: third }, 120);
	diary.enter(on(29, 9, 'Bram', 'the cloth had got wet'), smellBrew, {
		code: fourth,
		smell: 'mouldy'
	});
	const gone = (daysAgo: number, code: string, reason: string) =>
		diary.enter(on(daysAgo, 12, 'Oda'), takeAway, { code, part: 'all', how: 'dispose', reason });
	gone(150, grain, 'the rest on the heap');
	gone(28, fourth, 'mould on top: out, and the jar scalded');
	const loose = diary.enter(on(70, 10, 'Bram', 'in the reeds'), startBrew, {
		recipe: 'grain-culture',
		name: 'oats from the reeds',
		base: { litres: litres(0.8) },
		baseStuff: { stuff: 'cereal-grain' },
		parts: [],
		temperature: celsius(17)
	});
	diary.enter(on(63, 10, 'Bram'), smellBrew, { code: loose, smell: 'yellow-growth' });
	diary.enter(on(62, 10, 'Oda'), doubtBrew, {
		code: loose,
		why: 'orange in one corner; kept apart'
	});
	gone(60, loose, 'nothing was made of it');
	waterByProgramme(diary, third);
}

/** A tea of the kept culture, ripe in a day and a half. */
const tea = (diary: Diary, daysAgo: number, starter: string, water: number): string => {
	const code = diary.enter(on(daysAgo, 7, 'Ines'), startBrew, {
		recipe: 'microbe-tea',
		vessel: 'Tea tub',
		base: { litres: litres(water) },
		water: { source: 'rain' },
		parts: [
			{
				id: 'starter',
				stuff: 'kept-culture',
				lot: starter,
				measure: { litres: litres(water * 0.0025) }
			},
			{ id: 'molasses', stuff: 'molasses' }
		],
		place: { lid: 'breathing' },
		temperature: celsius(19)
	});
	diary.enter(on(daysAgo - 2, 8, 'Ines'), smellBrew, { code, smell: 'bread-like' });
	return code;
};

/** Weekly for four weeks, then each second week. */
function waterByProgramme(diary: Diary, starter: string): void {
	const { timeZone } = diary.books.settings.current();
	const dayOf = (daysAgo: number) =>
		localMoment(timeZone, diary.at(on(0, 12, 'Ines')) - days(daysAgo)).slice(0, 10);
	const phases = [
		{ from: dayOf(42), until: dayOf(21), every_days: 7 },
		{ from: dayOf(21), until: dayOf(-49), every_days: 14 }
	];
	const name = 'Dye beds';
	const beds = ['Middle 1', 'Middle 2', 'Middle 3', 'Mere 1'];
	diary.enter(on(45, 20, 'Oda'), setProgramme, {
		name,
		isNew: true,
		recipe: 'microbe-tea',
		phases,
		parts: 10,
		onto: 'soil',
		temperature: celsius(18),
		stops: beds.map((bed) => ({ bed, ask: { by: 'each' as const, litres: 3 }, field: 'each' }))
	});
	const due = dueDays(phases);
	for (const [i, daysAgo] of [42, 35, 21, 7].entries()) {
		const code = tea(diary, daysAgo + 2, starter, 12);
		diary.enter(on(daysAgo, 17, 'Ines'), walkRound, {
			name,
			due: due[[0, 1, 3, 4][i]!]!,
			lot: code
		});
		diary.enter(on(daysAgo, 18, 'Ines'), takeAway, {
			code,
			part: 'all',
			how: 'dispose',
			reason: 'the rest on the heap by the kiln yard'
		});
	}
	// By then the beds are mulched.
	diary.enter(on(3, 20, 'Oda'), skipRound, { name, due: due.at(-1)!, why: 'mulched by then' });
	// Set going for yesterday's watering and forgotten in the dye house.
	tea(diary, 5, starter, 10);
}
