import { settingsOf } from './settings';
import {
	brewOfRound,
	isCulture,
	recipeOf,
	roundsOf,
	startsFor,
	type DueRound,
	type Have,
	type StartBy
} from '../../core/brews';
import { days } from '../../core/time';
import { celsius, inLitres } from '../../core/units';
import type { Books } from '../db/books';
import { groupBy } from '../db/group';
import { priorities, type Programme } from '../db/programmes';
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
	const bare = bareProgrammes(books, now_ms);
	const served = servedBy(bare, lines, now_ms);
	return bare.map((one) => lineOf(books, one, lines, served, now_ms));
});

interface Bare {
	readonly programme: Programme;
	/** Brew that one round takes, L. */
	readonly needs_l: number;
	readonly rounds: readonly DueRound[];
}

function bareProgrammes(books: Books, now_ms: number): readonly Bare[] {
	const running = books.programmes.running();
	if (running.length === 0) return [];
	const walked = books.programmes.roundsOfRunning();
	const skipped = groupBy(
		books.findings.everywhere('round-skipped'),
		({ thingId }) => thingId,
		({ found }) => found.due
	);
	const { timeZone } = settingsOf(books);
	return running.map(({ id, ...programme }) => ({
		programme,
		needs_l: brewOfRound(programme),
		rounds: roundsOf(
			programme.phases,
			walked.get(id) ?? [],
			now_ms,
			timeZone,
			skipped.get(id) ?? []
		)
	}));
}

const isComing = ({ state, at_ms }: DueRound, now_ms: number) =>
	(state === 'due' || state === 'ahead') && at_ms <= now_ms + planned;

const keyOf = ({ name }: Programme, { due }: DueRound) => `${name} ${due}`;
const rankOf = ({ priority = 'usual' }: Programme) => priorities.indexOf(priority);

/**
 * Which brew serves which round: what a round takes of one is not there for the next. Programmes that come first
 * are served first, then by their day.
 */
function servedBy(
	bare: readonly Bare[],
	lines: readonly BrewLine[],
	now_ms: number
): ReadonlyMap<string, string> {
	const left = new Map(lines.map(({ brew }) => [brew.code, inLitres(brew.volume_ul)]));
	const wanted = bare
		.flatMap(({ programme, needs_l, rounds }) =>
			rounds
				.filter((round) => isComing(round, now_ms))
				.map((round) => ({ programme, needs_l, round }))
		)
		.sort((a, b) => rankOf(a.programme) - rankOf(b.programme) || a.round.at_ms - b.round.at_ms);
	const served = new Map<string, string>();
	for (const { programme, needs_l, round } of wanted) {
		const line = lines.find(
			(one) =>
				serves(one, programme, round.at_ms) && (left.get(one.brew.code) ?? 0) >= needs_l * 0.999
		);
		if (!line) continue;
		const { code } = line.brew;
		left.set(code, (left.get(code) ?? 0) - needs_l);
		served.set(keyOf(programme, round), code);
	}
	return served;
}

function lineOf(
	books: Books,
	{ programme, needs_l, rounds: bare }: Bare,
	lines: readonly BrewLine[],
	servedRounds: ReadonlyMap<string, string>,
	now_ms: number
): ProgrammeLine {
	const { timeZone } = settingsOf(books);
	const haves = lines.flatMap(haveOf);
	let neverRipe = false;
	const rounds = bare.map((round): PlannedRound => {
		if (!isComing(round, now_ms)) return { ...round, starts: [] };
		const served = servedRounds.get(keyOf(programme, round));
		if (served !== undefined) return { ...round, starts: [], served };
		const starts = startsFor(
			programme.recipe,
			round.at_ms,
			celsius(programme.temperature_c),
			haves,
			timeZone,
			needs_l
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
					past_ms: window.past_ms ?? Infinity,
					left_l: inLitres(brew.volume_ul)
				}
			]
		: [];

/** Whether a brew that stands will be good at a moment. */
const serves = ({ brew, window, state }: BrewLine, { recipe }: Programme, at_ms: number): boolean =>
	brew.recipe === recipe &&
	state !== 'failed' &&
	window.usable_ms !== null &&
	// An evening's round may be walked some hours early or late.
	window.usable_ms <= at_ms + days(0.5) &&
	(window.past_ms ?? Infinity) > at_ms - days(0.5);

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
