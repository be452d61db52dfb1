import type { System } from '$lib/core/units';
import { sayMoment, type Almanac } from '$lib/format/dates';
import { joined, say, sayOfSoil, sayWater, show } from '$lib/format/figure';
import { said, type Sentence } from '$lib/format/sentence';
import { sayIssue } from '$lib/format/issues';
import { lineFieldHints, zoneWords } from '$lib/format/line-words';
import { nextCheckWords, proofReason } from '$lib/format/proof-words';
import { count, failingWords, list, moistureWords } from '$lib/format/words';
import type { Completion } from '$lib/server/line/complete';
import type { Preview } from '$lib/server/line/log';
import type { Consequence } from '$lib/server/line/sending';
import type { Issue } from '$lib/server/usecases/act';
import type { LineView } from './view';

/** A reading of a line in words: what was understood, and what the books would then say. */
export function viewOf(
	line: string,
	{ reading, completions }: Preview,
	almanac: Almanac,
	system: System | undefined
): LineView {
	const ways = completions.map((way) => wayOf(way, system));
	if (reading.status === 'trouble')
		return {
			status: line.trim() === '' ? 'empty' : 'trouble',
			head: '',
			text: sayTrouble(reading.issues, system),
			ways
		};
	const { head, text } = sayConsequence(reading.consequence, almanac, system);
	const when = reading.happenedAt === '' ? '' : ` On ${reading.happenedAt.replace('T', ', ')}.`;
	return { status: 'understood', head, text: said`${text}${when}`, ways };
}

export function sayTrouble(issues: readonly Issue[], system: System | undefined): string {
	return issues
		.map((issue) => [sayIssue(issue, system), lineFieldHints[issue.field] ?? ''].join(' ').trim())
		.join(' ');
}

const wayOf = ({ line, shows, about, litres }: Completion, system: System | undefined) => ({
	line,
	shows,
	about: litres === undefined ? about : `${about}, ${say(litres, 'L', system)}`
});

function sayConsequence(
	c: Consequence,
	almanac: Almanac,
	system: System | undefined
): { head: Sentence | string; text: Sentence | string } {
	const volume = (value: number) => say(value, 'L', system);
	switch (c.verb) {
		case 'spread':
			return saySpread(c, system);
		case 'moist':
			return {
				head: `Readings of ${c.code} ${c.name}`,
				text: `${c.state?.mean === undefined ? '' : `It holds ${sayWater(c.state.mean, c.state.bound)} water, wet basis: `}${moistureWords[c.state?.verdict ?? 'unread']}.`
			};
		case 'temp':
			return {
				head: `${c.name}${c.vessel ? ` in ${c.vessel}` : ''} at ${say(c.celsius, '°C', system)}`,
				text: c.zone
					? `${zoneWords[c.zone]}.`
					: c.proving
						? `${c.quenched_ms === undefined ? '' : `Quenched ${sayMoment(c.quenched_ms, almanac)}. `}Kept as a reading. Only a check in three places proves a fire out.`
						: 'Kept as a reading.'
			};
		case 'check':
			return {
				head: `${c.code} checked in ${count(c.places, 'place', 'places')}`,
				text:
					c.failings.length > 0
						? `It does not pass: ${list(c.failings.map((failing) => failingWords[failing]))}. ${nextCheckWords(c.proof, almanac)}`
						: `All cold. ${proofReason(c.proof)} ${nextCheckWords(c.proof, almanac)}`.trim()
			};
		case 'count':
			return {
				head: `${c.code} counted at ${volume(c.to_l)}`,
				text: `The books had ${volume(c.from_l)}: ${volume(Math.abs(c.to_l - c.from_l))} ${c.to_l < c.from_l ? 'less' : 'more'}.`
			};
		case 'crush':
			return sayCrush(c, system);
		case 'stir':
		case 'turn':
			return {
				head: `${c.code} ${c.verb === 'stir' ? 'stirred' : 'turned'}`,
				text: 'Kept with its time.'
			};
		case 'put':
			return {
				head: `Put ${volume(c.mix_l)} of ${c.lot} ${c.name} on ${c.bed}`,
				text: `Laid on top, with all that it brings; ${c.lot} keeps ${volume(c.left_l)}.`
			};
		case 'note':
			return { head: `A note at ${c.name}`, text: `"${c.words}"` };
	}
}

function saySpread(
	{ lot, bed, mix_l, char_l, ...c }: Extract<Consequence, { verb: 'spread' }>,
	system: System | undefined
): { head: string; text: string } {
	const volume = (value: number) => say(value, 'L', system);
	return {
		head: `Spread ${volume(mix_l)} of ${lot} on ${bed}`,
		text: `That is ${volume(char_l)} of char; ${bed} goes from ${sayOfSoil(c.shareBefore)} to ${sayOfSoil(c.shareAfter)}, and ${lot} keeps ${volume(c.left_l)}.`
	};
}

function sayCrush(
	{ code, made, before_l, after_l }: Extract<Consequence, { verb: 'crush' }>,
	system: System | undefined
): { head: string; text: string } {
	const volume = (value: number) => say(value, 'L', system);
	const away = joined(show({ value: 1 - after_l / before_l, unit: 'share' }, system));
	return {
		head: `${volume(before_l)} of ${code} crushed to ${volume(after_l)}`,
		text: `It becomes ${made}; ${away} packed away, the kilograms stay.`
	};
}
