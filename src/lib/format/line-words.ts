import type { ZoneVerdict } from '../core/fires';

export const zoneWords: Readonly<Record<ZoneVerdict, string>> = {
	tarry: 'below 400 °C much tar stays in the char; feed thinner, drier wood',
	rising: 'still rising: 450 to 600 °C makes good char',
	good: 'good char forms at 450 to 600 °C',
	hot: 'usual for a flame zone, and the most stable carbon',
	'burning-away': 'above 750 °C char is going to ash: cover it with the next layer, or quench'
};

type Facts = Readonly<Record<string, string | number>>;

/** What a line lacks, and how it would be right. */
export const lineSentences: Readonly<Record<string, (facts: Facts) => string>> = {
	'line-empty': () => 'Write what you did, like 38 L C4 > Mere 2.',
	'line-no-verb': ({ typed }) =>
		`"${typed}" begins no line. Begin with an amount to spread, or with moist, temp, check, count, crush or note.`,
	'line-which-lot': () => 'Of which lot? Write its code, like C4.',
	'line-which-stack': () => 'Which stack? Write its code, like moist S7 19 22 24.',
	'line-which-char': () => 'Which char? Write its code, like crush K9 60 L.',
	'line-which-fire': ({ typed }) =>
		typed === ''
			? 'Which fire? Write its code or its vessel.'
			: `"${typed}" is no fire, vessel or lot. Write a code like F6, or the vessel’s name.`,
	'line-no-fire': ({ name }) =>
		`${name} has no fire planned or lately burnt. Plan it first, or name the fire by its code.`,
	'line-which-readings': ({ code }) =>
		`What did the meter say? Write one figure for each piece: moist ${code} 19 22 24.`,
	'line-how-hot': ({ name }) => `How hot? Write temp ${name} and the figure, like 640.`,
	'line-how-much': ({ code }) => `How much of ${code}? Write litres or one of your measures.`,
	'line-which-bed': () => 'On which bed? Write > and its name.',
	'line-which': ({ typed, names }) => `"${typed}" could be ${names}. Write a little more of it.`,
	'line-no-places': ({ code }) =>
		`What did each place say? Write a figure or cold or warm for each: check ${code} 32 35 cold.`,
	'line-many-places': ({ most }) =>
		`Write at most ${most} places in a line; the fire’s page takes more checks.`,
	'line-why': ({ code }) =>
		`Why do the books and the tub differ? Add it after a semicolon: count ${code} 62 L; spilt.`,
	'line-crushed-to': ({ code }) =>
		`How much is it now? Write crush ${code} 60 L, or crush ${code} 90 L > 60 L for a part of it.`,
	'line-note-where': ({ typed }) =>
		`"${typed}" is no bed, lot or fire. Begin the note with one: note Mere 2 slugs in the woad.`,
	'line-note-what': ({ name }) => `What did you see at ${name}?`,
	'line-bad-when': ({ typed }) =>
		`"${typed}" is no moment. Write @ 16:30, @ yesterday 16:30, @ mon or @ 2026-11-20.`
};

/** Fields that a line has in its own way: how to add what one of them wants. */
export const lineFieldHints: Readonly<Record<string, string>> = {
	reason: 'In a line it goes after a semicolon: "; because …".',
	putReason: 'In a line it goes after a semicolon: "; because …".',
	oddReason: 'In a line it goes after a semicolon: "; because …".',
	happenedAt: 'In a line the moment goes at its end: "@ yesterday 16:30".',
	moisture: 'A weight as sold is spread on the bed’s own page.'
};

/** One example for each kind of line. */
export const lineExamples: readonly { readonly line: string; readonly does: string }[] = [
	{ line: '38 L C4 > Mere 2', does: 'spread 38 L of C4 on a bed' },
	{ line: '2 barrows C4 > Mere 2', does: 'the same in your own measure; all C4 > … empties it' },
	{ line: '5 L/m2 C4 > Mere 2', does: 'the same as a rate: L/m2, %, lb/ft2, t/ha and so on' },
	{ line: 'moist S7 19 22 24', does: 'pin readings of a stack; add oven for an oven test' },
	{ line: 'temp F7 640', does: 'what the probe says of a fire; a vessel’s name means its fire' },
	{ line: 'check F6 35 32 cold', does: 'is it out: a figure, cold or warm for each place' },
	{ line: 'count C4 62 L; spilt some', does: 'what is really there, and why it differs' },
	{ line: 'crush K9 90 L > 60 L', does: 'part of a lot crushed; crush K9 60 L for all of it' },
	{ line: 'turn C5', does: 'a batch was turned; stir C6 for a stirring' },
	{ line: '40 L M31 > Mere 2', does: 'compost, ash or what else is in stock, laid on top' },
	{ line: 'note Mere 2 slugs in the woad', does: 'something seen at a bed, lot or fire' }
];
