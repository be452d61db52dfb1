import type { ZoneVerdict } from '../core/fires';
import type { System } from '../core/units';
import { inSystem } from './examples';

export const zoneWords: Readonly<Record<ZoneVerdict, string>> = {
	tarry: 'below 400 °C much tar stays in the char; feed thinner, drier wood',
	rising: 'still rising: 450 to 600 °C makes good char',
	good: 'good char forms at 450 to 600 °C',
	hot: 'usual for a flame zone, and the most stable carbon',
	'burning-away': 'above 750 °C char is going to ash: cover it with the next layer, or quench'
};

type Facts = Readonly<Record<string, string | number>>;

/** What a line lacks, and how it would be right, in the units of whoever wrote it. */
export const lineSentences: Readonly<
	Record<string, (facts: Facts, system: System | undefined) => string>
> = {
	'line-empty': (_, system) => `Write what you did, like ${inSystem('38 L C4 > Mere 2', system)}.`,
	'many-lines': ({ most }) => `That is more than ${most} lines: paste them in parts.`,
	'line-which-pail': () => 'Which pail? Write its name, like quench Ember pail.',
	'line-no-verb': ({ typed, verbs, near }) =>
		`"${typed}" begins no line. ${near === undefined ? '' : `Did you mean ${near}? `}Begin with an amount to spread, or with one of ${verbs}.`,
	'line-each': ({ amount, beds }) =>
		`Is ${amount} for each of the ${beds} beds? Write "each" after them. What is for all of them together is shared out under Beds, with one lot round the beds.`,
	'line-two-beds': ({ name }) =>
		`One line puts on one bed; "${name}" would be left out. Write a line for each.`,
	'line-holes': () => 'How many holes? Like a mug of C4 per planting hole, 12 holes > Mere 2.',
	'line-no-ash': ({ code }) => `${code} is no ash.`,
	'line-no-lime': () =>
		'No ground limestone is in stock. Bring it in under Stock first, then it can be put on.',
	'line-plants': () => 'Round how many plants? Like ring A2 6 plants > Mere 2.',
	'line-no-spread': ({ code }) => `${code} is nothing that goes on a bed.`,
	'line-which-lot': ({ typed = '', near }) =>
		typed === ''
			? 'Of which lot? Write its code, like C4.'
			: `"${typed}" is no lot. ${near === undefined ? 'Write its code, like C4, or its full name.' : `Did you mean ${near}?`}`,
	'line-which-stack': () => 'Which stack? Write its code, like moist S7 19 22 24.',
	'line-which-char': (_, system) =>
		`Which char? Write its code, like crush K9 ${inSystem('60 L', system)}.`,
	'line-which-fire': ({ typed }) =>
		typed === ''
			? 'Which fire? Write its code or its vessel.'
			: `"${typed}" is no fire, vessel or lot. Write a code like F6, or the vessel’s name.`,
	'line-no-fire': ({ name }) =>
		`${name} has no fire planned or lately burnt. Plan it first, or name the fire by its code.`,
	'line-which-readings': ({ code }) =>
		`What did the meter say? Write one figure for each piece: moist ${code} 19 22 24.`,
	'line-how-hot': ({ name }, system) =>
		`How hot? Write temp ${name} and the figure, like ${inSystem('640 C', system)}.`,
	'line-how-much': ({ code }) => `How much of ${code}? Write an amount or one of your measures.`,
	'line-which-bed': () => 'On which bed? Write > or "to", and its name.',
	'line-which': ({ typed, names }) => `"${typed}" could be ${names}. Write a little more of it.`,
	'line-no-places': ({ code }) =>
		`What did each place say? Write a figure or cold or warm for each: check ${code} 32 35 cold.`,
	'line-many-places': ({ most }) =>
		`Write at most ${most} places in a line; the fire’s page takes more checks.`,
	'line-why': ({ code }, system) =>
		`Why do the books and the tub differ? Add it after a semicolon: count ${code} ${inSystem('62 L', system)}; spilt.`,
	'line-crushed-to': ({ code }, system) => {
		const [part, left] = [inSystem('90 L', system), inSystem('60 L', system)];
		return `How much is it now? Write crush ${code} ${left}, or crush ${code} ${part} > ${left} for a part of it.`;
	},
	'line-note-where': ({ typed }) =>
		`"${typed}" is no bed, lot or fire. Begin the note with one: note Mere 2 slugs in the woad.`,
	'line-note-what': ({ name }) => `What did you see at ${name}?`,
	'line-bad-when': ({ typed }) =>
		`"${typed}" is no moment. Write @ 16:30, @ yesterday 9am, @ mon, @ 20 Nov or @ 2 days ago.`
};

/** Fields that a line has in its own way: how to add what one of them wants. */
export const lineFieldHints: Readonly<Record<string, string>> = {
	reason: 'In a line it goes after a semicolon: "; because …".',
	happenedAt: 'In a line the moment goes at its end: "@ yesterday 16:30".',
	moisture: 'A weight as sold is spread on the bed’s own page.'
};

/** Complaints that elsewhere speak of a field, a list or a page: in a line there is none. */
export const lineOverrides: Readonly<Record<string, (facts: Facts) => string>> = {
	'bad-empty': () => 'Something is missing: look at the examples of this line.',
	'bad-number': ({ part }) => `"${part}" is no number that can be read. Try 12.5 or 1 1/2.`,
	'bad-unit': ({ part }) =>
		`"${part}" is no unit, and no measure of yours. Say once under Settings how much one holds, and it is read everywhere.`,
	'bad-kind': ({ part }) => `"${part}" measures something else than is asked here.`,
	'hour-twice': ({ part }) =>
		`The clocks were put back that night, and ${part} came twice: write "first" or "second" behind it.`,
	'bad-date': ({ part }) => `"${part}" is no moment. Write @ 16:30, @ yesterday 9am or @ 20 Nov.`,
	'bad-form': () => 'This line has grown stale. Write it once more.',
	'sent-before': () => 'This line was already written, with other words. Write it once more.',
	'moisture-wanted': () =>
		'A weight as sold has water in it: spread it on the bed’s own page, or give the weight dry.',
	choose: ({ options }) =>
		options === undefined ? 'That is none of the choices.' : `Write one of ${options}.`,
	future: () => 'That lies in the future. Say when it happened, or say nothing for now.'
};
