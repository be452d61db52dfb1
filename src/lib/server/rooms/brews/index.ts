import { brewsInStock, vesselVersions } from '../../questions/in-stock';
import { inLitres } from '../../../core/units';
import { recipeOf } from '../../../core/brews';
import { days } from '../../../core/time';
import { brewTaskWords } from '../../../format/brew-words';
import { sayDay, sayFromNow, sayMoment } from '../../../format/dates';
import { say } from '../../../format/figure';
import { brewWords } from '../../../format/rooms/brews';
import type { Books } from '../../db/books';
import type { Vessel } from '../../db/vessels';
import type { Saying } from '../../line/saying';
import { brewLines, type BrewLine } from '../../questions/brews';
import { lotsAs } from '../lots';
import type { Duty, Room } from '../room';
import { brewVerb } from './brew-verb';
import { grow } from './demo';
import { workBrews } from './demo-holding';
import { programmeDuties } from './programme-duties';
import { sheets } from './sheets';
import { brewOnto, drenchVerb, feedVerb, pourVerb, smellVerb, strainVerb } from './verbs';

export const brews: Room = {
	id: 'brews',
	verbs: [brewVerb, smellVerb, drenchVerb, feedVerb, strainVerb, pourVerb],
	ontoBed: { brew: brewOnto },
	things: (books, now_ms) => {
		const ripe = new Set(
			brewLines(books, now_ms).flatMap(({ brew, state }) => (state === 'ripe' ? [brew.code] : []))
		);
		return lotsAs('brew', brewsInStock(books), ({ code, recipe }) => ({
			ripe: ripe.has(code),
			facts: { works: 'yes', recipe }
		}));
	},
	counts: (books, now_ms) => ({
		href: '/brews',
		n: brewLines(books, now_ms).filter(({ state, brew }) => state === 'ripe' && isUsed(brew))
			.length,
		word: 'ripe'
	}),
	duties: (books, now_ms, saying) => [
		...dutiesOfBrews(books, now_ms, saying),
		...programmeDuties(books, now_ms, saying)
	],
	sheets,
	grow,
	work: workBrews
};

/** Goes on a bed: a culture waits in its jar and presses nobody. */
const isUsed = ({ recipe }: BrewLine['brew']) => recipeOf(recipe).soil !== undefined;

/** What keeps for weeks more waits for its day and presses nobody. */
const keepsLong = ({ window }: BrewLine, now_ms: number) =>
	window.past_ms === null || window.past_ms > now_ms + days(14);

const stands: Readonly<
	Record<BrewLine['state'], Pick<Duty, 'is' | 'act' | 'told'> & { readonly clock?: string }>
> = {
	failed: { is: 'wrong', act: 'Discard it', told: ['brew has failed', 'brews have failed'] },
	past: { is: 'fading', act: 'Discard it', told: ['brew is off', 'brews are off'] },
	'wants-smell': {
		is: 'due',
		act: 'Smell it',
		told: ['brew wants a nose', 'brews want a nose'],
		clock: 'Smell'
	},
	ripe: {
		is: 'ripe',
		act: 'Use it',
		told: ['brew is ripe', 'brews are ripe'],
		clock: 'Use up'
	},
	fading: {
		is: 'due',
		act: 'Use it now',
		told: ['brew is fading', 'brews are fading'],
		clock: 'Use up'
	},
	working: { is: 'working', clock: 'Smell' }
};

function dutiesOfBrews(books: Books, now_ms: number, saying: Saying): readonly Duty[] {
	const vessels = vesselVersions(books);
	return brewLines(books, now_ms).map((line) => dutyOf(vessels, line, saying));
}

function dutyOf(
	vessels: ReadonlyMap<number, Pick<Vessel, 'name'>>,
	line: BrewLine,
	saying: Saying
): Duty {
	const { brew, window, state } = line;
	const { clock, ...stand } = stands[state];
	const task = line.tasks.find(({ due_ms }) => due_ms <= saying.almanac.now_ms);
	const isOver = state === 'ripe' || state === 'fading';
	const waits = isOver && (!isUsed(brew) || keepsLong(line, saying.almanac.now_ms));
	const how =
		task && (state === 'working' || waits)
			? {
					is: 'due' as const,
					act: brewTaskWords[task.does].act,
					told: ['brew wants tending', 'brews want tending'] as const
				}
			: waits
				? { is: 'working' as const }
				: stand;
	const due_ms = isOver ? window.past_ms : window.usable_ms;
	const vessel = brew.vesselVersionId === null ? null : vessels.get(brew.vesselVersionId);
	const place = vessel ? ` in ${vessel.name}` : '';
	return {
		...how,
		code: brew.code,
		name: `${brew.name}${place}, ${say(inLitres(brew.volume_ul), 'L', saying.system)}`,
		href: `/brews/${brew.code}`,
		state: brewWords[state],
		says: [...(task ? [brewTaskWords[task.does].says] : []), nextOf(line, saying)].join('; '),
		window,
		...(clock === undefined || due_ms === null || waits ? {} : { clock: { does: clock, due_ms } })
	};
}

/** What comes next for a brew, by the hour. */
export function nextOf(
	{ brew, window, state, asleep }: BrewLine,
	{ almanac }: Pick<Saying, 'almanac'>
): string {
	const { usable_ms, past_ms } = window;
	/** What lies days off is told by its day. */
	const at = (ms: number) =>
		Math.abs(ms - almanac.now_ms) > days(3) ? sayDay(ms, almanac) : sayMoment(ms, almanac);
	if (state === 'working')
		return usable_ms === null
			? asleep
				? 'it sleeps: too cold to work'
				: 'it will come to nothing'
			: `ripe ${sayFromNow(usable_ms, almanac)}, ${at(usable_ms)}`;
	if (state === 'wants-smell') return 'its hour has come: smell it';
	if (state === 'failed')
		return recipeOf(brew.recipe).end === 'unopened'
			? 'discard it unopened'
			: 'pour it on a heap, not on food';
	if (past_ms === null) return '';
	if (state === 'past') return `since ${at(past_ms)}`;
	return isUsed(brew) ? `use it before ${at(past_ms)}` : `it keeps until ${at(past_ms)}`;
}
