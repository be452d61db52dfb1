import type { System } from '$lib/core/units';
import type { Judged, Outcome } from '$lib/core/trials';
import type { Told } from '$lib/server/questions/trials';
import { plain } from '$lib/format/figure';
import {
	armName,
	besideControl,
	findingWords,
	measureWords,
	reachWords,
	sayP,
	saySpread,
	sayValue,
	shownWords
} from '$lib/format/trial-words';
import type { Trial } from '$lib/server/db/trials';

/** One measure of a trial as its page shows it: every word is made here, so that no statistics reach the browser. */
export function shownOutcome({ arms }: Trial, outcome: Outcome, system: System | undefined) {
	const { raw, measure, findings, given, ranks, area } = outcome;
	const judged = raw.status === 'judged' ? raw : undefined;
	const name = (arm: number) => armName(arms[arm] ?? { kind: 'other' });
	return {
		measure: measureWords[measure],
		means: raw.means.map((mean) => ({
			name: name(mean.arm),
			points: given.filter(({ arm }) => arm === mean.arm).map(({ value }) => value),
			n: mean.n,
			mean: mean.mean,
			says: sayValue(measure, mean.mean, system),
			...('low' in mean ? { low: mean.low as number, high: mean.high as number } : {})
		})),
		ticks: ticksOf(outcome, system),
		beside: besideControl(arms, outcome).map((one) => findingWords(arms, one, outcome, system)),
		rows: findings.map((one) => ({
			pair: `${name(one.arm)} – ${name(one.beside)}`,
			difference: `${one.difference < 0 ? '−' : ''}${sayValue(measure, Math.abs(one.difference), system)}`,
			interval: saySpread(measure, one, system),
			tukey: one.tukey === undefined ? '–' : sayP(one.tukey),
			shuffled: sayP(one.shuffled.p),
			is: shownWords[one.is]
		})),
		working: judged ? workingOf(judged, ranks) : '',
		area: area?.status === 'judged' ? `Over all looks as one curve: p ${sayP(area.p)}.` : '',
		trend:
			judged?.trend &&
			`For each percent more ${judged.trend.slope < 0 ? '−' : ''}${sayValue(measure, Math.abs(judged.trend.slope), system)}, ${saySpread(measure, judged.trend, system)}; p ${sayP(judged.trend.p)}.`,
		reach: reachWords(outcome),
		leftOver: judged?.residuals.map((one, i) => ({
			n: given[i]?.n ?? 0,
			arm: given[i]?.arm ?? 0,
			off: one,
			says: plain(one, 2)
		}))
	};
}

/** Each measure over its seasons: each season in a line, and all of them together, where there were several. */
export function shownSeasons({ arms }: Trial, told: readonly Told[], system: System | undefined) {
	return told.flatMap(({ measure, seasons, across }) => {
		if (seasons.length < 2) return [];
		const name = (arm: number) => armName(arms[arm] ?? { kind: 'other' });
		return {
			measure: measureWords[measure],
			rows: seasons.map(({ season, outcome }) => ({
				season: `Season ${season + 1}`,
				says: outcome.raw.means
					.map(({ arm, mean }) => `${name(arm)} ${sayValue(measure, mean, system)}`)
					.join(', ')
			})),
			together: across
				? besideControl(arms, across).map(
						(one) =>
							`${name(one.arm)}: ${plain(Math.abs(one.difference), 0)} % of the mean ${one.difference < 0 ? 'less' : 'more'} than ${name(one.beside)}, ${shownWords[one.is]}.`
					)
				: []
		};
	});
}

function workingOf({ f, df1, df2, p, shuffled }: Judged, ranks: Outcome['ranks']): string {
	const orders = shuffled.isExact
		? 'every order tried'
		: `${plain(shuffled.orders, 0)} orders drawn`;
	const byRank =
		ranks?.status === 'ranked' ? ` By ranks, which decide here: p ${sayP(ranks.shuffled.p)}.` : '';
	return `F ${plain(f, 2)} on ${df1} and ${df2} degrees of freedom, p ${sayP(p)}; shuffled within rows p ${sayP(shuffled.p)}, ${orders}.${byRank}`;
}

/** Round figures along the scale. */
function ticksOf({ given, measure }: Outcome, system: System | undefined) {
	const values = given.map(({ value }) => value);
	const [least, most] = [Math.min(...values), Math.max(...values)];
	const span = Math.max(most - least, Math.abs(most) / 10, 1e-6);
	const rough = span / 6;
	const power = 10 ** Math.floor(Math.log10(rough));
	const step = [1, 2, 5, 10].map((n) => n * power).find((one) => one >= rough) ?? rough;
	const first = Math.ceil(least / step) * step;
	const count = Math.floor((most - first) / step + 1e-9) + 1;
	return Array.from({ length: Math.max(1, count) }, (_, i) => first + i * step).map((at) => ({
		at,
		says: sayValue(measure, at, system)
	}));
}
