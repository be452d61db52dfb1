import { priceOf, stages } from '$lib/core/worth';
import { sayDay, type Almanac } from '$lib/format/dates';
import { money, moneyAbout } from '$lib/format/money';
import { sayEnds, sayMinutes, sparedWords, stageWords, worthWords } from '$lib/format/worth-words';
import { plain } from '$lib/format/figure';
import {
	priceField,
	dayHoursSchema,
	hoursSchema,
	paidSchema,
	pricesSchema
} from '$lib/input/worth';
import { act, asked, deskOf, newActId, undo } from '$lib/server/page';
import {
	newestTold,
	pricesTold,
	sparedByYear,
	worthOf,
	type WorthTold
} from '$lib/server/questions/worth';
import type { Books } from '$lib/server/db/books';
import { logHours, logPaid, shareHours, tellPrices } from '$lib/server/usecases/worth/log-hours';
import type { Actions, PageServerLoad } from './$types';

/** Entries a page tells of: the sheets have the rest. */
const mostEntries = 8;

export const load: PageServerLoad = (event) => {
	const { books, settings, now_ms, reading } = deskOf(event);
	const almanac = { timeZone: reading.timeZone, now_ms };
	const { currency } = settings;
	const years = sparedByYear(books);
	const wanted = Number(asked(event.url).year);
	const year = years.some((one) => one.year === wanted) ? wanted : 0;
	const told = worthOf(books, year);
	const prices = pricesTold(books);
	return {
		ids: { hours: newActId(), day: newActId(), paid: newActId(), prices: newActId() },
		year,
		years: years.map((one) => one.year),
		when: year === 0 ? 'so far' : `in ${year}`,
		told: {
			all: told.all,
			made: told.made,
			perLitre: told.perLitre,
			toldOf: told.toldOf,
			isGuessed: told.isGuessed
		},
		bars: told.stages.map(({ stage, minutes }) => ({
			name: stageWords[stage],
			says: sayMinutes(minutes),
			...minutes
		})),
		guess: guessOf(told),
		each: eachOf(told),
		byStuff: told.byStuff.map((one) => judgedRow(one, currency)),
		byWay: told.byWay.map((one) => judgedRow(one, currency)),
		spared: told.spared.map(({ of, amount, price, spared }) => ({
			what: `${plain(amount, amount < 20 ? 2 : 0)} ${sparedWords[of]}`,
			each: money(price, currency),
			spared: moneyAbout(spared, currency)
		})),
		overYears: years.map((one) => ({
			year: one.year,
			hours: sayEnds(one.hours),
			cash: money(one.cash, currency),
			spared: moneyAbout(one.spared, currency)
		})),
		prices,
		priceFields: priceOf.map(({ id }) => ({ id, name: priceField(id) })),
		currency,
		stages: stages.map((value) => ({ value, label: stageWords[value] })),
		entries: entriesOf(books, almanac, currency)
	};
};

function judgedRow(
	{ name, minutes, perLitre, char_l, brings, verdict }: WorthTold['byStuff'][number],
	currency: string | undefined
) {
	return {
		name,
		litres: plain(char_l, 0),
		hours: sayMinutes(minutes),
		perLitre: sayMinutes(perLitre.minutes),
		brings: brings ? money(brings.value, currency) : '',
		verdict: worthWords[verdict],
		isBad: verdict === 'not-worth'
	};
}

/** The stage whose guesses carry most of the doubt. */
function guessOf({ stages: told }: WorthTold): string {
	const [most] = told
		.map(({ stage, minutes }) => ({ stage, off: minutes.high - minutes.low }))
		.sort((a, b) => b.off - a.off);
	return most && most.off > 0 ? stageWords[most.stage] : '';
}

const eachOf = ({ perBed, perKgN, beds }: WorthTold) => [
	...(perBed && perBed.minutes.value > 0
		? [{ what: `of putting it on, for each of ${beds} beds`, says: sayMinutes(perBed.minutes) }]
		: []),
	...(perKgN && perKgN.minutes.value > 0
		? [
				{
					what: 'of charging, brewing and turning for each kilogram of nitrogen put on',
					says: sayMinutes(perKgN.minutes)
				}
			]
		: [])
];

/** The newest of what was told, each with its act to take back. */
function entriesOf(books: Books, almanac: Almanac, currency: string | undefined) {
	const { worked, paid: spent } = newestTold(books, mostEntries);
	const byAct = new Map<string, typeof worked>();
	for (const one of worked) byAct.set(one.actId, [...(byAct.get(one.actId) ?? []), one]);
	const hours = [...byAct].map(([actId, all]) => ({
		...{ actId, at_ms: all[0]?.at_ms ?? 0, seq: all[0]?.seq ?? 0, person: all[0]?.person ?? '' },
		says: all
			.map(
				({ stage, minutes, heads }) =>
					`${stageWords[stage]}, ${sayMinutes(minutes)}${heads > 1 ? ` × ${plain(heads, 0)}` : ''}`
			)
			.join('; '),
		mayUndo: isOwnAct(books, actId)
	}));
	const paid = spent.map(({ actId, at_ms, seq, person, paidFor, paid: cash }) => ({
		...{ actId, at_ms, seq, person, mayUndo: true },
		says: `${money(cash, currency)} for ${paidFor}`
	}));
	return [...hours, ...paid]
		.sort((a, b) => b.at_ms - a.at_ms || b.seq - a.seq)
		.slice(0, mostEntries)
		.map(({ at_ms, seq: _seq, ...one }) => ({
			...one,
			undoId: newActId(),
			when: sayDay(at_ms, almanac)
		}));
}

/** Hours that were told with another act go with that: it is taken back at its own place. */
const isOwnAct = (books: Books, actId: string): boolean =>
	['log-hours', 'share-hours'].includes(books.acts.maybeOne(actId)?.verb ?? '');

export const actions: Actions = {
	hours: (event) => act(event, 'hours', hoursSchema, logHours),
	day: (event) => act(event, 'day', dayHoursSchema, shareHours),
	paid: (event) => act(event, 'paid', paidSchema, logPaid),
	prices: (event) => act(event, 'prices', pricesSchema, tellPrices),
	undo: (event) => undo(event, '/worth')
};
