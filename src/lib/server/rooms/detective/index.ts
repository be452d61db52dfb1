import { rescue } from '../../../core/detective';
import { rescueWords } from '../../../format/rescue-words';
import { sayDay, sayLocalDay } from '../../../format/dates';
import { causeWords } from '../../../format/why-words';
import { utc } from '../../keeping/sheet-sql';
import { heardVerb, seepVerb, signVerb } from '../../line/verbs/why';
import type { Saying } from '../../line/saying';
import { allBeds } from '../../questions/kept-beds';
import { rescueOn, stepDue } from '../../questions/rescue-on';
import type { Bed } from '../../db/beds';
import { allCases, isToLook, type CaseAt } from '../../questions/cases';
import type { Books } from '../../db/books';
import type { Duty, Room } from '../room';
import { growCases, workCases } from './demo';

export const detective: Room = {
	id: 'detective',
	verbs: [signVerb, seepVerb, heardVerb],
	duties: (books, now_ms, saying) => [
		...allCases(books)
			.filter(({ closed }) => closed === undefined)
			.map((one) => dutyOf(books, one, now_ms, saying)),
		...allBeds(books).flatMap((bed) => rescueDuty(books, bed, now_ms, saying))
	],
	sheets: {
		'bed-rescues': `SELECT b.name AS bed, f.what, json_extract(f.found_json, '$.step') AS step, ${utc('a.happened_at_ms')} AS at_utc, a.person
			FROM finding f JOIN standing_act a ON a.id = f.act_id JOIN bed_called b ON b.id = f.thing_id WHERE f.what IN ('rescue-begun', 'rescue-step') ORDER BY a.happened_at_ms`,
		advices: `SELECT c.name, json_extract(v.told_json, '$.text') AS said, json_extract(v.told_json, '$.stuff') AS stuff, json_extract(v.told_json, '$.perM2.value') AS l_per_m2, json_extract(v.told_json, '$.ground') AS ground, json_extract(v.told_json, '$.who') AS who, ${utc('a.happened_at_ms')} AS heard_at_utc, a.person
			FROM thing_called c JOIN thing_version v ON v.thing_id = c.id JOIN standing_act a ON a.id = v.act_id WHERE c.kind = 'advice' ORDER BY c.id`,
		'bed-signs': `SELECT b.name AS bed, json_extract(f.found_json, '$.seen') AS seen, json_extract(f.found_json, '$.vain') AS looked_for_in_vain, ${utc('a.happened_at_ms')} AS seen_at_utc, a.person
			FROM finding f JOIN standing_act a ON a.id = f.act_id JOIN bed_called b ON b.id = f.thing_id WHERE f.what = 'signs' ORDER BY a.happened_at_ms`,
		'bed-cases': `SELECT b.name AS bed, f.what, json_extract(f.found_json, '$.cause') AS cause, json_extract(f.found_json, '$.probability') AS probability, json_extract(f.found_json, '$.change') AS change, json_extract(f.found_json, '$.outcome') AS outcome, json_extract(f.found_json, '$.between') AS came_between, ${utc('a.happened_at_ms')} AS at_utc, a.person
			FROM finding f JOIN standing_act a ON a.id = f.act_id JOIN bed_called b ON b.id = f.thing_id WHERE f.what IN ('case-opened', 'case-closed') ORDER BY a.happened_at_ms`
	},
	grow: growCases,
	work: workCases
};

/** The next step of a bed that is brought round. */
function rescueDuty(books: Books, bed: Bed, now_ms: number, { almanac }: Saying): Duty[] {
	const run = rescueOn(books, bed);
	const next = run && rescue(bed.ground.area, {}).find(({ id }) => !run.done.includes(id));
	if (!run || !next) return [];
	const due_ms = stepDue(run, next.day);
	const isDue = due_ms <= now_ms;
	return [
		{
			is: isDue ? 'due' : 'working',
			code: bed.name,
			name: 'is brought round',
			href: `/beds/${encodeURIComponent(bed.name)}/why`,
			state: isDue ? 'wants its next step' : 'is brought round',
			says: `${rescueWords[next.id].does}${isDue ? '' : `, ${sayDay(due_ms, almanac)}`}`,
			...(isDue
				? { act: 'Do it', told: ['bed wants its next step', 'beds want their next step'] as const }
				: {})
		}
	];
}

/** A bed whose change waits to be looked at. */
function dutyOf(books: Books, one: CaseAt, now_ms: number, { almanac }: Saying): Duty {
	const isDue = isToLook(books, one, now_ms);
	return {
		is: isDue ? 'due' : 'working',
		code: one.bed,
		name: causeWords[one.cause],
		href: `/beds/${encodeURIComponent(one.bed)}/why`,
		state: isDue ? 'wants to be looked at again' : 'a change works',
		says: isDue ? 'was it that?' : `look again ${sayLocalDay(one.lookDay, almanac)}`,
		...(isDue
			? { act: 'Look', told: ['bed wants another look', 'beds want another look'] as const }
			: {})
	};
}
