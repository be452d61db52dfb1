import { recipeOf } from '../../../core/brews';
import { days, hours } from '../../../core/time';
import { sayDay, sayMoment } from '../../../format/dates';
import { say } from '../../../format/figure';
import { brewPlanPath } from '../../../format/paths';
import type { Books } from '../../db/books';
import type { Saying } from '../../line/saying';
import { programmeLines, type ProgrammeLine } from '../../questions/programmes';
import type { Duty } from '../room';

const href = '/programmes';

/** Rounds that are due or were missed, and what must be set going for those that come. */
export const programmeDuties = (books: Books, now_ms: number, saying: Saying): readonly Duty[] =>
	programmeLines(books, now_ms).flatMap((line) => [
		...roundDuty(line, saying),
		...missedDuty(line, saying),
		...startDuties(line, now_ms, saying),
		...aheadDuty(line, now_ms)
	]);

function roundDuty({ programme, now, needs_l }: ProgrammeLine, { system }: Saying): Duty[] {
	if (!now) return [];
	return [
		{
			is: 'due',
			act: 'Walk it',
			told: ['round is due', 'rounds are due'],
			code: programme.name,
			name: '',
			title: `${programme.name}: its round is due`,
			href,
			state: 'due',
			says: now.served
				? `${say(needs_l, 'L', system)} of ${now.served} serve it`
				: `no ${recipeOf(programme.recipe).name} is there for it`,
			clock: { does: 'Round of', due_ms: now.at_ms }
		}
	];
}

/** Told until the next round: it moved on, nothing was forgotten. */
function missedDuty({ programme, missed, next }: ProgrammeLine, { almanac }: Saying): Duty[] {
	const last = missed.at(-1);
	if (!last || almanac.now_ms - last.at_ms > days(14)) return [];
	return [
		{
			is: 'watch',
			code: programme.name,
			name: '',
			title: `${programme.name}: a round was missed`,
			href,
			state: 'missed',
			says: `that of ${sayDay(last.at_ms, almanac)}${next ? `; it moved on to ${sayDay(next.at_ms, almanac)}` : ''}`
		}
	];
}

function startDuties(
	{ programme, rounds, needs_l }: ProgrammeLine,
	now_ms: number,
	{ almanac }: Saying
): Duty[] {
	const open = rounds.flatMap((round) =>
		round.starts
			.filter(({ uses }) => uses === undefined)
			.map((start) => ({ ...start, for_ms: round.at_ms }))
	);
	// Each kind once: the first that must be set going within a day, and is not too late by a whole day.
	const soon = open.filter(
		({ start_ms }) => start_ms <= now_ms + hours(24) && start_ms > now_ms - days(1)
	);
	return [...new Map(soon.map((start) => [start.recipe, start])).values()].map(
		({ recipe, start_ms, for_ms }) => ({
			is: 'due',
			act: 'Set it going',
			told: ['brew must be started', 'brews must be started'],
			code: programme.name,
			name: '',
			title: `Start ${recipeOf(recipe).name} for ${programme.name}`,
			href: brewPlanPath(recipe, { recipe: programme.recipe, needs_l }),
			state: `start ${recipeOf(recipe).name}`,
			says: `by ${sayMoment(start_ms, almanac)}, for the round of ${sayDay(for_ms, almanac)}`,
			clock: { does: `Start ${recipeOf(recipe).name} for`, due_ms: start_ms }
		})
	);
}

const aheadDuty = ({ programme, rounds }: ProgrammeLine, now_ms: number): Duty[] => {
	const coming = rounds.filter(
		({ state, at_ms }) => state === 'ahead' && at_ms < now_ms + days(28)
	);
	if (coming.length === 0) return [];
	return [
		{
			is: 'working',
			code: programme.name,
			name: '',
			title: programme.name,
			href,
			state: 'running',
			says: `${coming.length} more within four weeks`,
			moments: coming.map(({ at_ms }) => ({ is: 'round', at_ms }))
		}
	];
};
