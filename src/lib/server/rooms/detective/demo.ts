import type { SignId } from '../../../core/detective';
import type { Diary, Moment } from '../../demo/diary';
import { closeBedCase, openBedCase, testBed } from '../../usecases/detective/see-signs';
import { judgeAdvice, keepAdvice } from '../../usecases/detective/keep-advice';
import { beginRescue, doRescueStep } from '../../usecases/detective/rescue-bed';
import { doSmall } from '../../usecases/small-act';

const on = (daysAgo: number, by: Moment['by'] = 'Bram', hour = 17): Moment => ({
	daysAgo,
	hour,
	by
});
const said = (bed: string, seen: readonly SignId[], vain: readonly SignId[] = []) => ({
	bed,
	seen,
	vain,
	asked: []
});

/** One case that was right, one that was wrong, one that is open; and what was read of the ground. */
export function growCases(diary: Diary): void {
	diary.enter(on(96), openBedCase, said('Upper 2', ['gap', 'wilts-dry'], ['sour-smell']));
	diary.enter(on(85), closeBedCase, {
		bed: 'Upper 2',
		outcome: 'right',
		between: 'two days of rain in between'
	});
	diary.enter(on(75, 'Oda'), openBedCase, said('Pots', ['tip-burn', 'white-crust', 'wilts-wet']));
	diary.enter(on(66, 'Oda'), closeBedCase, { bed: 'Pots', outcome: 'wrong', cause: 'pests' });
	const crusted = said(
		'Middle 4',
		['gap', 'crust', 'wilts-dry', 'few-worms'],
		['pale-old', 'purple']
	);
	diary.enter(on(3), testBed, { ...crusted, test: 'bone-dry', isSo: true });
	diary.enter(on(3, 'Bram', 18), openBedCase, crusted);
	diary.enter(on(140, 'Oda'), keepAdvice, {
		text: 'A cup and a half of char to the foot, five years, never fails',
		who: 'a neighbour over the fence',
		ground: 'hearsay',
		...{ bed: 'Mere 2', taken: 0 }
	});
	diary.enter(on(139, 'Oda'), keepAdvice, {
		text: 'A barrow of char to the row, every spring',
		who: 'a seller at the market',
		ground: 'seller',
		...{ bed: 'Mere 2', taken: 0 }
	});
	diary.enter(on(20, 'Oda'), judgeAdvice, {
		...{ name: 'Heard 1', helped: 'unclear' },
		words: 'the rows beside it grew as well'
	});
	diary.enter(on(3, 'Bram', 19), beginRescue, { bed: 'Middle 4' });
	for (const step of ['water', 'cut-nothing', 'compost'] as const)
		diary.enter(on(2, 'Bram', step === 'water' ? 8 : 9), doRescueStep, { bed: 'Middle 4', step });
	readGround(diary, 'Mere 2', 210, 3);
	readGround(diary, 'Mere 2', 12, 7);
	readGround(diary, 'Middle 4', 3, 2);
}

/** Every small reading of a bed's ground on one day. */
function readGround(diary: Diary, name: string, daysAgo: number, worms: number): void {
	const read = (verb: string, found: Readonly<Record<string, unknown>>) =>
		diary.enter(on(daysAgo, 'Ines', 11), doSmall, { verb, of: 'bed', name, found });
	read('read-seep', { water_l: 0.444, minutes: worms * 5 + 6, run: 'second' });
	read('count-worms', { worms });
	read('try-spade', { depth_m: 0.12 + worms / 100 });
	read('read-bed-salt', { dS_m: 0.2 });
	read('rate-vigour', { vigour: worms > 4 ? 4 : 2 });
	read('smell-bed', { is: 'earthy' });
	read('time-standing-water', { hours: 1 });
}

/** A case a year, closed, and the ground read. */
export function workCases(diary: Diary, years: number): void {
	const [bed] = diary.books.beds.names();
	if (!bed) return;
	for (let year = years; year > 0; year -= 1) {
		diary.enter(on(year * 365 - 99), keepAdvice, {
			...{ text: `${year} litres of char to the square metre`, who: '', ground: 'hearsay' },
			...{ bed, taken: 0 }
		});
		diary.enter(on(year * 365 - 100), openBedCase, said(bed, ['pale-old', 'stunted']));
		diary.enter(on(year * 365 - 112), closeBedCase, { bed, outcome: 'right' });
		readGround(diary, bed, year * 365 - 120, 4);
		diary.enter(on(year * 365 - 121), beginRescue, { bed });
		diary.enter(on(year * 365 - 142), doRescueStep, { bed, step: 'look' });
	}
}
