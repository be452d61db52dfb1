import { days, localDay } from '../../../core/time';
import { sayFromNow, sayLocalDay } from '../../../format/dates';
import { utc } from '../../keeping/sheet-sql';
import { lookVerb, lostVerb, stripVerb } from '../../line/verbs/trial';
import { stripsWaiting, type StripWaits } from '../../questions/strips';
import { trialLines, type TrialLine } from '../../questions/trials';
import type { Saying } from '../../line/saying';
import type { Duty, Room } from '../room';
import { growTrials, workTrials } from './demo';

/** A trial that runs wants a look so often. */
const lookEvery_ms = days(7);

const runs = ({ ended_ms }: TrialLine) => ended_ms === undefined;

export const trials: Room = {
	id: 'trials',
	verbs: [lookVerb, lostVerb, stripVerb],
	things: (books) =>
		trialLines(books)
			.filter(runs)
			.map(({ trial: { code, question, measures } }) => ({
				code,
				kind: 'trial' as const,
				name: question,
				facts: { measures: measures.join(' ') }
			})),
	duties: (books, now_ms, saying) => [
		...trialLines(books)
			.filter(runs)
			.map((line) => dutyOf(line, now_ms, saying)),
		...stripsWaiting(books).map((strip) => stripDuty(strip, saying))
	],
	sheets: {
		trials: `SELECT c.name AS trial, json_extract(v.told_json, '$.question') AS question, json_extract(v.told_json, '$.unit') AS unit, json_array_length(v.told_json, '$.arms') AS arms, json_extract(v.told_json, '$.blocks') AS blocks, json_extract(v.told_json, '$.seed') AS seed, ${utc('a.happened_at_ms')} AS planned_at_utc, a.person
			FROM thing_called c JOIN thing_version v ON v.thing_id = c.id JOIN standing_act a ON a.id = v.act_id WHERE c.kind = 'trial' ORDER BY c.id`,
		'trial-looks': `SELECT c.name AS trial, json_extract(f.found_json, '$.unit') AS unit, json_extract(f.found_json, '$.measure') AS measure, json_extract(f.found_json, '$.value') AS value, ${utc('a.happened_at_ms')} AS looked_at_utc, a.person
			FROM finding f JOIN standing_act a ON a.id = f.act_id JOIN thing_called c ON c.id = f.thing_id WHERE f.what = 'looked' ORDER BY a.happened_at_ms`,
		strips: `SELECT b.name AS bed, json_extract(f.found_json, '$.measure') AS measure, json_extract(f.found_json, '$.untreated') AS untreated, json_extract(f.found_json, '$.treated') AS treated, ${utc('a.happened_at_ms')} AS looked_at_utc, a.person
			FROM finding f JOIN standing_act a ON a.id = f.act_id JOIN bed_called b ON b.id = f.thing_id WHERE f.what = 'strip-looked' ORDER BY a.happened_at_ms`
	},
	grow: growTrials,
	work: workTrials
};

function dutyOf({ trial, looked_ms }: TrialLine, now_ms: number, { almanac }: Saying): Duty {
	const due_ms = looked_ms === undefined ? now_ms : looked_ms + lookEvery_ms;
	const isDue = due_ms <= now_ms;
	return {
		is: isDue ? 'due' : 'working',
		code: trial.code,
		name: trial.question,
		href: isDue ? `/trials/${trial.code}/round` : `/trials/${trial.code}`,
		state: isDue ? 'wants a look' : 'runs',
		says:
			looked_ms === undefined
				? 'nothing was read of it yet'
				: `last looked at ${sayFromNow(looked_ms, almanac)}`,
		...(isDue
			? { act: 'Read them', told: ['trial wants a look', 'trials want a look'] as const }
			: {})
	};
}

/** A strip wants one look in its season, on the day that was named when it was left. */
function stripDuty({ bed, part, lookDay }: StripWaits, { almanac }: Saying): Duty {
	const isDue = lookDay <= localDay(almanac.timeZone, almanac.now_ms);
	return {
		is: isDue ? 'due' : 'working',
		code: bed,
		name: part,
		href: `/trials?look=${encodeURIComponent(bed)}#look`,
		state: isDue ? 'wants its look' : 'is left as it is',
		says: isDue
			? 'one number of it, and one of what was treated'
			: `one look, ${sayLocalDay(lookDay, almanac)}`,
		...(isDue
			? { act: 'Look', told: ['strip wants its look', 'strips want their look'] as const }
			: {})
	};
}
