import { settingsOf } from './settings';
import {
	dilutedAs,
	isCulture,
	recipeOf,
	roundsOf,
	startsFor,
	type DueRound,
	type Have,
	type StartBy
} from '../../core/brews';
import { days } from '../../core/time';
import { celsius, litres, inLitres } from '../../core/units';
import type { Books } from '../db/books';
import type { Programme } from '../db/programmes';
import { brewLines, type BrewLine } from './brews';
import { remembering } from './remember';

/** A round with what must be set going for it. */
export interface PlannedRound extends DueRound {
	readonly starts: readonly StartBy[];
	/** A brew that will be good on its day. */
	readonly served?: string;
}

export interface ProgrammeLine {
	readonly programme: Programme;
	readonly rounds: readonly PlannedRound[];
	/** The round that is due now, and the next to come. */
	readonly now?: PlannedRound;
	readonly next?: PlannedRound;
	readonly missed: readonly DueRound[];
	/** Brew that one round takes, L. */
	readonly needs_l: number;
	/** Too cold or hot for anything to ripen. */
	readonly neverRipe: boolean;
}

/** As far as one plans ahead. */
const planned = days(45);

/** Every programme with its rounds, and what is to be set going for each of those that come. */
export const programmeLines = remembering((books, now_ms): readonly ProgrammeLine[] => {
	const lines = brewLines(books, now_ms);
	return books.programmes.standing().map((programme) => lineOf(books, programme, lines, now_ms));
});

function lineOf(
	books: Books,
	programme: Programme,
	lines: readonly BrewLine[],
	now_ms: number
): ProgrammeLine {
	const { timeZone } = settingsOf(books);
	const haves = lines.flatMap(haveOf);
	const bare = roundsOf(
		programme.phases,
		books.programmes.rounds(programme.name),
		now_ms,
		timeZone
	);
	const needs_l = programme.stops.reduce(
		(sum, { total_l }) => sum + dilutedAs(litres(total_l), programme.parts).brew,
		0
	);
	let neverRipe = false;
	const rounds = bare.map((round): PlannedRound => {
		const isAhead = round.state === 'due' || round.state === 'ahead';
		if (!isAhead || round.at_ms > now_ms + planned) return { ...round, starts: [] };
		const served = lines.find((line) => serves(line, programme, round.at_ms, needs_l))?.brew.code;
		if (served !== undefined) return { ...round, starts: [], served };
		const starts = startsFor(
			programme.recipe,
			round.at_ms,
			celsius(programme.temperature_c),
			haves,
			timeZone
		);
		if (starts === null) neverRipe = true;
		return { ...round, starts: starts ?? [] };
	});
	const now = rounds.find(({ state }) => state === 'due');
	const next = rounds.find(({ state }) => state === 'ahead');
	return {
		programme,
		rounds,
		...(now ? { now } : {}),
		...(next ? { next } : {}),
		missed: rounds.filter(({ state }) => state === 'missed'),
		needs_l,
		neverRipe
	};
}

/** Cultures that are there, sound, with when they are ripe and off. */
const haveOf = ({ brew, window, state }: BrewLine): Have[] =>
	isCulture(brew.recipe) && state !== 'failed' && window.usable_ms !== null
		? [
				{
					code: brew.code,
					recipe: brew.recipe,
					ripe_ms: window.usable_ms,
					past_ms: window.past_ms ?? Infinity
				}
			]
		: [];

/** Whether a brew that stands will be good at a moment, and is enough. */
const serves = (
	{ brew, window, state }: BrewLine,
	{ recipe }: Programme,
	at_ms: number,
	needs_l: number
): boolean =>
	brew.recipe === recipe &&
	state !== 'failed' &&
	window.usable_ms !== null &&
	// An evening's round may be walked some hours early or late.
	window.usable_ms <= at_ms + days(0.5) &&
	(window.past_ms ?? Infinity) > at_ms - days(0.5) &&
	inLitres(brew.volume_ul) >= needs_l * 0.999;

/** Brews that could be poured on a round now, those that are ripe and enough first. */
export const brewsFor = (books: Books, programme: Programme, now_ms: number) =>
	brewLines(books, now_ms)
		.filter(
			({ brew, state }) =>
				brew.recipe === programme.recipe &&
				(state === 'ripe' || state === 'fading' || state === 'wants-smell')
		)
		.map(({ brew, state }) => ({
			code: brew.code,
			name: brew.name,
			state,
			left_l: inLitres(brew.volume_ul),
			recipe: recipeOf(brew.recipe).name
		}))
		.sort((a, b) => rank(a) - rank(b) || b.left_l - a.left_l);

const rank = ({ state }: Pick<BrewLine, 'state'>) => (state === 'wants-smell' ? 1 : 0);
