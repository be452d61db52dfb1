import { localDay } from '$lib/core/time';
import { asked, deskOf } from '$lib/server/page';
import { sayCo2 } from '$lib/format/carbon-words';
import { plain, say } from '$lib/format/figure';
import { closesWords, sayKg } from '$lib/format/season-words';
import { trialAnswer } from '$lib/format/trial-words';
import { causeWords } from '$lib/format/why-words';
import { capital } from '$lib/format/words';
import { percent, standsWords } from '$lib/format/yield-words';
import { money, moneyAbout } from '$lib/format/money';
import { sayEnds } from '$lib/format/worth-words';
import { sparedByYear } from '$lib/server/questions/worth';
import { yearReport, type YearReport } from '$lib/server/questions/year-report';
import { yearsMoved } from '$lib/server/questions/season';
import type { System } from '$lib/core/units';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, now_ms, reading, settings } = deskOf(event);
	const { system } = reading;
	const years = yearsMoved(books);
	const year =
		years.find((one) => String(one) === asked(event.url).year) ??
		years[0] ??
		Number(localDay(reading.timeZone, now_ms).slice(0, 4));
	const report = yearReport(books, year, now_ms);
	const worth = sparedByYear(books).find((one) => one.year === year);
	return {
		year,
		place: settings.place,
		answer:
			years.length === 0
				? `Nothing has moved in ${year} yet: its report is still empty`
				: `${year} at ${settings.place || 'your place'}: ${say(report.season.made_l, 'L', system)} of char made, ${count(report.put.length, 'bed')} treated`,
		closes: [
			closesWords('char', report.season.char.closes, system),
			closesWords('wood', report.season.wood.closes, system)
		],
		made: madeOf(report, system),
		burns: report.burns.slice(0, mostRows).map(({ code, vessel, litres, stands, yield: y }) => ({
			code,
			says: `${vessel}, ${say(litres, 'L', system)}, ${percent(y.value)} %${stands && stands !== 'as-usual' ? `, ${standsWords[stands]}` : ''}`
		})),
		put: report.put.slice(0, mostRows).map(({ name, char, nitrogen, ash, times }) => ({
			name,
			says: [
				count(times, 'time'),
				...(char > 0.005 ? [`${say(char, 'kg', system)} of dry char`] : []),
				...(nitrogen > 0.0005 ? [`${say(nitrogen * 1000, 'g', system)} of nitrogen`] : []),
				...(ash > 0.0005 ? [`${say(ash * 1000, 'g', system)} of ash`] : [])
			].join(', ')
		})),
		off: report.off.slice(0, mostRows).map(({ name, kg }) => ({ name, says: sayKg(kg, system) })),
		learned: learnedIn(report).slice(0, mostRows),
		more: {
			burns: Math.max(0, report.burns.length - mostRows),
			put: Math.max(0, report.put.length - mostRows),
			off: Math.max(0, report.off.length - mostRows),
			lies: Math.max(0, report.lies.length - mostRows)
		},
		lies: report.lies.slice(0, mostRows).map(({ code, name, litres }) => ({
			code,
			says: `${name}, ${say(litres, 'L', system)}`
		})),
		worth: worth && {
			hours: sayEnds(worth.hours),
			cash: money(worth.cash, settings.currency),
			spared: moneyAbout(worth.spared, settings.currency)
		}
	};
};

/** As many rows as one part of the paper bears; the sheets of the books have all. */
const mostRows = 36;

const count = (n: number, word: string) => `${n} ${word}${n === 1 ? '' : 's'}`;

const madeOf = ({ season, kept }: YearReport, system: System | undefined) => [
	`${count(season.fires, 'fire')}, ${say(season.made_l, 'L', system)} of char, ${say(season.brands, 'kg', system)} of brands`,
	`${say(season.charged, 'kg', system)} of dry char charged`,
	...(kept ? [`${sayCo2(kept.net, system)} of CO₂e kept by what went into soil`] : [])
];

/** What cases, trials and burns taught. */
const learnedIn = ({ cases, trials, burns }: YearReport) => [
	...trials.map(
		({ trial, outcomes }) =>
			`${trial.code}, ${trial.question}${trial.question.endsWith('?') ? '' : ':'} ${capital(trialAnswer(trial.arms, outcomes[0]?.last))}`
	),
	...cases.map(
		({ bed, cause, outcome }) =>
			`${bed}: ${outcome === 'unclear' ? 'it stayed unclear what ailed it' : `it was ${causeWords[cause]}${outcome === 'wrong' ? ', not what was thought first' : ''}`}`
	),
	...burnsOut(burns)
];

function burnsOut(burns: YearReport['burns']): readonly string[] {
	const out = burns.filter(({ stands }) => stands !== undefined && stands !== 'as-usual');
	if (out.length === 0) return [];
	return [
		`${capital(count(out.length, 'burn'))} of ${plain(burns.length, 0)} gave other than expected: ${out
			.slice(0, mostRows)
			.map(({ code, stands }) => `${code} ${stands === 'above' ? 'more' : 'less'}`)
			.join(', ')}`
	];
}
