import { days, hours, localDay } from '../../../core/time';
import { byGuess, type Stage } from '../../../core/worth';
import type { BurnFacts } from '../../db/burn-facts';
import type { Diary, Moment } from '../../demo/diary';
import { doSmall } from '../../usecases/small-act';
import { logHours, logPaid, shareHours, tellPrices } from '../../usecases/worth/log-hours';

/** So long after a fire was put out its hours are told. */
const after_ms = hours(1);

const at = (at_ms: number, by: Moment['by']): Moment => ({ at_ms, by });

/** Minutes at a burn, in the order in which they come. */
const atBurn: readonly (readonly [Stage, number, number])[] = [
	['load', 25, 1],
	['tend', 130, 1],
	['quench', 20, 2]
];

/** Hours, cash and prices of the garden: by the clock at fires, shares of a day in the wood, and what nobody timed. */
export function growWorth(diary: Diary): void {
	const burns = diary.books.burnFacts.all();
	diary.enter({ daysAgo: 200, hour: 20, by: 'Oda' }, tellPrices, {
		prices: [
			{ of: 'char', price: 1.2 },
			{ of: 'compost', price: 0.14 },
			{ of: 'lime', price: 0.9 },
			{ of: 'nitrogen', price: 7.5 },
			{ of: 'potash', price: 2.6 },
			{ of: 'hour', price: 9 }
		]
	});
	for (const burn of burns.slice(-24)) {
		const isLong = burn.way === 'trench' || burn.way === 'retort';
		for (const [stage, minutes, heads] of atBurn)
			diary.enter(at(burn.quenched_ms + after_ms, 'Bram'), logHours, {
				...{ stage, of: burn.code },
				took: { minutes: isLong ? minutes * 1.4 : minutes, heads }
			});
	}
	cutHazel(diary, burns);
	for (const daysAgo of [26, 61, 118, 160])
		diary.enter({ daysAgo, hour: 19, by: 'Ines' }, shareHours, {
			worked: (['gather', 'carry', 'crush'] as const).map((stage, i) => ({
				...{ stage, heads: 2 },
				minutes: byGuess([150, 70, 60][i] ?? 60)
			})),
			of: ''
		});
	for (const [daysAgo, stage, minutes] of [
		[24, 'charge', 50],
		[23, 'brew', 35],
		[18, 'turn', 40],
		[12, 'spread', 95],
		[9, 'spread', 60]
	] as const)
		diary.enter({ daysAgo, hour: 18, by: 'Bram' }, logHours, {
			...{ stage, of: '' },
			took: { minutes, heads: 1 }
		});
	for (const [daysAgo, paidFor, paid] of [
		[150, 'molasses', 3.2],
		[90, 'two sieves', 24],
		[31, 'gas for the torch', 8.5]
	] as const)
		diary.enter({ daysAgo, hour: 12, by: 'Oda' }, logPaid, { paidFor, paid, of: '' });
	const [newest] = burns.slice(-1);
	if (newest && burns.length > 8)
		diary.enter({ daysAgo: 5, hour: 14, by: 'Oda' }, doSmall, {
			...{
				verb: 'read-char-ash',
				of: 'lot',
				name: charCode(diary, burns[burns.length - 6] ?? newest)
			},
			found: { share: 0.07 }
		});
}

const charCode = (diary: Diary, { charLotId }: BurnFacts): string =>
	diary.books.ledger.lotById(charLotId).code;

/** Thin stuff by hand, with gloves and loppers: what it costs in hours is told of its stack. */
function cutHazel(diary: Diary, burns: readonly BurnFacts[]): void {
	const hazel = burns.flatMap(({ stacks, quenched_ms }) =>
		stacks.filter(({ name }) => name.includes('hazel')).map(({ code }) => ({ code, quenched_ms }))
	)[0];
	if (!hazel) return;
	const before = hazel.quenched_ms - days(5);
	diary.enter(at(before, 'Ines'), logHours, {
		...{ stage: 'cut', of: hazel.code },
		took: { minutes: 14 * 60, heads: 1 }
	});
}

/** A line a week for all the years, and what was paid each season. */
export function workWorth(diary: Diary, years: number): void {
	diary.enter({ daysAgo: years * 360, hour: 8, by: 'Oda' }, tellPrices, {
		prices: [{ of: 'char', price: 1.2 }]
	});
	for (let week = 1; week < years * 52; week += 1) {
		const moment: Moment = { daysAgo: week * 7, hour: 19, by: 'Bram' };
		diary.enter(moment, logHours, { stage: 'tend', of: '', took: { minutes: 120, heads: 1 } });
		if (week % 26 === 0)
			diary.enter(moment, logPaid, {
				...{ paidFor: `molasses of ${localDay('UTC', diary.at(moment))}`, paid: 3.2, of: '' }
			});
	}
}
