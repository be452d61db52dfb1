import { translateRate } from '$lib/core/beds';
import { evidenceKinds } from '$lib/core/evidence';
import { kgDryPerLitre, litresPerM2, metres, type System } from '$lib/core/units';
import { heardOpen, judgeAdviceSchema, keepAdviceSchema } from '$lib/input/advice';
import { act, asked, deskOf, newActId } from '$lib/server/page';
import { readHeard, type AdviceRead } from '$lib/server/questions/advice';
import { bedsInOrder } from '$lib/server/questions/kept-beds';
import { ownResults } from '$lib/server/questions/own-results';
import { judgeAdvice, keepAdvice } from '$lib/server/usecases/detective/keep-advice';
import { evidenceWords } from '$lib/format/evidence-words';
import { besideWords, faultWords, missingWords, takenWords } from '$lib/format/advice-words';
import { plain, say, sayOfSoil } from '$lib/format/figure';
import { rateUnits } from '$lib/format/rate-words';
import type { Books } from '$lib/server/db/books';
import { askedOpen, oftens, readAdvice, stuffs, type Reading } from '$lib/core/advice';
import { adviceAnswer } from './answer.server';
import { scaleOf } from './scale.server';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, now_ms, reading } = deskOf(event);
	const typed = { ...asked(event.url), ...event.locals.sent };
	const text = (typed.heard ?? '').slice(0, 300);
	const beds = bedsInOrder(books).map(({ name }) => name);
	const forBed = typed.forBed ?? beds[0] ?? '';
	const taken = Number(/^\d+$/.test(typed.taken ?? '') ? typed.taken : 0);
	const open = heardOpen(typed);
	const heard =
		text === '' ? undefined : readHeard(books, { text, bed: forBed, taken, ...open }, now_ms);
	return {
		actId: newActId(),
		judgeId: newActId(),
		known: {
			...{ heard: text, forBed, taken: String(taken) },
			...{ ofStuff: open.stuff ?? '', howOften: open.often ?? '' },
			...{ rawOrCharged: open.charged ?? '', weighed: open.weighed ?? '' },
			ground: heard?.advice.ground ?? 'hearsay'
		},
		...(heard ? { asks: asksOf(heard, text) } : {}),
		beds,
		...(heard ? { read: shownRead(books, heard, taken, reading.system) } : {}),
		answer: adviceAnswer(heard, taken, reading.system),
		own: ownResults(books),
		grounds: evidenceKinds.map((value) => ({ value, label: evidenceWords[value] })),
		kept: keptOf(books, reading.system)
	};
};

/** What is asked of it, since the sentence does not say. */
const asksOf = ({ missing, advice }: AdviceRead, text: string) => ({
	stuff: readAdvice(text).stuff === undefined ? stuffs : [],
	often: missing.includes('often') || readAdvice(text).often === undefined ? oftens : [],
	charged:
		advice.stuff === 'char' && readAdvice(text).isCharged === undefined ? askedOpen.charged : [],
	weighed:
		advice.claims[0]?.measure.of === 'kg' && readAdvice(text).isDry === undefined
			? askedOpen.weighed
			: []
});

/** What was made of a sentence, in words and on one scale. */
function shownRead(
	books: Books,
	{ here, readings, missing, faults, advice, beside }: AdviceRead,
	taken: number,
	system: System | undefined
) {
	const chosen = readings[taken] ?? readings[0];
	return {
		missing: missing.map((one) => missingWords[one]),
		faults: faults.map((one) => faultWords(one)),
		beside: beside ? besideWords(beside) : '',
		ways: readings.map((one, i) => ({ value: String(i), label: takenWords(one, system) })),
		bases: chosen ? basesOf(chosen, here, system) : [],
		on: here.name === '' ? 'a bed of 10 m², worked 15 cm deep' : here.name,
		weighed: here.lot ? `as ${here.lot} weighs` : 'as such stuff weighs',
		scale: scaleOf(books, readings, termsOf(here), {
			isChar: advice.stuff === undefined || advice.stuff === 'char',
			system
		})
	};
}

/** The same rate in every basis: forms by weight go by how heavy the stuff is. */
function basesOf(
	{ perM2, onBed, ofSoil, charOfSoil }: Reading,
	here: AdviceRead['here'],
	system: System | undefined
): readonly { readonly basis: string; readonly says: string }[] {
	const forms = translateRate(litresPerM2(perM2.value), termsOf(here));
	return [
		{ basis: 'on all of this bed', says: say(onBed.value, 'L', system) },
		{ basis: 'of the worked soil', says: sayOfSoil(ofSoil.value) },
		...(here.isCharged
			? [{ basis: 'the char in it, of the soil', says: sayOfSoil(charOfSoil.value) }]
			: []),
		...basesShown.flatMap((form) => {
			const amount = forms[form];
			return amount === undefined
				? []
				: [
						{
							basis: basisWords[form],
							says: `${plain(amount, amount < 1 ? 2 : 1)} ${rateUnits[form]}`
						}
					];
		})
	];
}

const basesShown = ['L/m2', 'cup/ft2', 'ft3/100ft2', 'kg/m2', 't/ha', 'lb/ft2'] as const;
const basisWords: Readonly<Record<(typeof basesShown)[number], string>> = {
	'L/m2': 'by volume',
	'cup/ft2': 'in cups',
	'ft3/100ft2': 'in cubic feet',
	'kg/m2': 'by weight, dry',
	't/ha': 'on a field',
	'lb/ft2': 'in pounds'
};

const termsOf = (here: AdviceRead['here']) => ({
	density: kgDryPerLitre(here.kgPerLitre.value),
	depth: metres(here.depth_m)
});

/** Kept advices, each with its ground and what came of it. */
const keptOf = (books: Books, system: System | undefined) =>
	books.advices
		.all()
		.toReversed()
		.map(({ id, name, text, who, ground, perM2 }) => {
			const judged = books.findings.of(id, 'advice-judged');
			const of = (helped: string) => judged.filter(({ found }) => found.helped === helped).length;
			return {
				name,
				text,
				says: perM2 ? `taken for ${say(perM2.value, 'L/m²', system)}` : 'names no amount',
				ground: `${who ? `${who}: ` : ''}${evidenceWords[ground]}`,
				came:
					judged.length === 0
						? 'not tried yet'
						: `helped ${of('yes')}, not ${of('no')}, unclear ${of('unclear')}`
			};
		});

export const actions: Actions = {
	keep: (event) => act(event, 'keep', keepAdviceSchema, keepAdvice),
	judge: (event) => act(event, 'judge', judgeAdviceSchema, judgeAdvice)
};
