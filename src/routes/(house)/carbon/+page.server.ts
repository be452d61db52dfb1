import { elsewise, type Elsewise } from '$lib/core/carbon';
import { doubtWords, elsewiseWords, sayCo2 } from '$lib/format/carbon-words';
import { plain, say } from '$lib/format/figure';
import type { System } from '$lib/core/units';
import { asked, deskOf, partOf } from '$lib/server/page';
import {
	carbonOf,
	carbonOfBeds,
	carbonOfBurns,
	type CarbonTold,
	type KeptRow
} from '$lib/server/questions/carbon';
import { carbonAnswer } from './answer';
import type { PageServerLoad } from './$types';

/** Burns that a page draws at once. */
const perPage = 10;
/** Measures that are worth naming: they narrow it by so much at least. */
const narrows = 0.97;

export const load: PageServerLoad = (event) => {
	const { books, reading } = deskOf(event);
	const { system } = reading;
	const wanted = asked(event.url).else;
	const counts = Object.keys(elsewise).find((one): one is Elsewise => one === wanted) ?? '';
	const told = carbonOf(books, counts);
	const { rows, ...part } = partOf(event.url, told.burns, perPage);
	const beds = partOf(event.url, told.beds, perPage, 'beds');
	const burns = carbonOfBurns(
		books,
		rows.map(({ code }) => code),
		counts
	);
	return {
		...part,
		counts,
		choices: [
			{ value: '', label: 'is not counted' },
			...Object.entries(elsewiseWords).map(([value, label]) => ({ value, label }))
		],
		answer: carbonAnswer(told, system),
		soil: shown(told.soil, system),
		methane: sayCo2(told.soil.methane, system),
		gross: sayCo2(told.soil.gross, system),
		else: counts === '' ? '' : sayCo2(told.soil.else, system),
		elseSource: counts === '' ? '' : elsewise[counts].source,
		apart: [
			{ ...shown(told.stock, system), why: 'counts once it is in soil' },
			{ ...shown(told.away, system), why: 'whoever has it may count it, not you' },
			{ ...shown(told.potted, system), why: 'in pots that stand in no books' }
		].filter(({ char_kg }) => char_kg > 0),
		lost: told.lost.char_kg > 0.05 && {
			char: say(told.lost.char_kg, 'kg', system),
			methane: say(told.lost.methane, 'kg', system)
		},
		elsewhere: told.elsewhere_kg > 0.05 ? say(told.elsewhere_kg, 'kg', system) : '',
		beds: carbonOfBeds(books, { names: beds.rows.map(({ name }) => name), counts }).map((row) =>
			shown(row, system)
		),
		bedPage: { page: beds.page, pages: beds.pages },
		years: told.byYear.map((row) => shown(row, system)),
		burns: burns.map((row) => shown(row, system)),
		grounds: groundRows(told.grounds),
		doubts: told.halved
			.filter(({ width }) => width < narrows)
			.slice(0, 3)
			.map(({ doubt, width }) => ({ ...doubtWords(doubt), to: `${plain(width * 100, 0)} %` }))
	};
};

/** On what ground each figure of it stands. */
const groundRows = ({ fires, weighed, ash, heat, methane }: CarbonTold['grounds']) =>
	fires === 0
		? []
		: [
				`how much dry char: own, weighed, of ${weighed} of ${fires} fires; else litres by a published density`,
				`carbon in it: own ash of ${ash}; else published`,
				`what of it lasts: published, at the heat that was read of ${heat}, else usual for its way`,
				`methane: published or judged, by wood and smoke that were told of ${methane}; else as in the field`
			];

const shown = ({ name, net, char_kg }: KeptRow, system: System | undefined) => ({
	...{ name, char_kg, value: net.value, low: net.low, high: net.high },
	says: sayCo2(net, system),
	char: say(char_kg, 'kg', system)
});
