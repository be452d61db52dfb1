import { sayFromNow, sayMoment } from '../../../format/dates';
import { say } from '../../../format/figure';
import { brewWords } from '../../../format/rooms/brews';
import type { Saying } from '../../line/saying';
import { brewLines, type BrewLine } from '../../questions/brews';
import { lotsAs } from '../lots';
import type { Duty, Room } from '../room';
import { grow } from './demo';
import { sheets } from './sheets';
import { brewOnto, brewVerb, drenchVerb, pourVerb, smellVerb } from './verbs';

export const brews: Room = {
	id: 'brews',
	verbs: [brewVerb, smellVerb, drenchVerb, pourVerb],
	ontoBed: { brew: brewOnto },
	things: (books, now_ms) => {
		const ripe = new Set(
			brewLines(books, now_ms).flatMap(({ brew, state }) => (state === 'ripe' ? [brew.code] : []))
		);
		return lotsAs('brew', books.brews.inStock(), ({ code }) => ({
			ripe: ripe.has(code),
			facts: { works: 'yes' }
		}));
	},
	counts: (books, now_ms) => ({
		href: '/brews',
		n: brewLines(books, now_ms).filter(({ state }) => state === 'ripe').length,
		word: 'ripe'
	}),
	duties: (books, now_ms, saying) =>
		brewLines(books, now_ms).map((line) => dutyOf(books.vessels, line, saying)),
	sheets,
	grow
};

const stands: Readonly<
	Record<BrewLine['state'], Pick<Duty, 'is' | 'act' | 'told'> & { readonly clock?: string }>
> = {
	failed: { is: 'wrong', act: 'Look', told: ['brew has failed', 'brews have failed'] },
	past: { is: 'fading', act: 'Pour it out', told: ['brew is off', 'brews are off'] },
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

function dutyOf(
	vessels: { version(id: number): { readonly name: string; readonly shape: unknown } | null },
	line: BrewLine,
	saying: Saying
): Duty {
	const { brew, window, state } = line;
	const { clock, ...how } = stands[state];
	const isOver = state === 'ripe' || state === 'fading';
	const due_ms = isOver ? window.past_ms : window.usable_ms;
	const vessel = brew.vesselVersionId === null ? null : vessels.version(brew.vesselVersionId);
	const place = vessel ? ` in ${vessel.name}` : '';
	return {
		...how,
		code: brew.code,
		name: `${brew.name}${place}, ${say(brew.volume_ml / 1000, 'L', saying.system)}`,
		href: `/brews/${brew.code}`,
		state: brewWords[state],
		says: nextOf(line, saying),
		window,
		...(clock === undefined || due_ms === null ? {} : { clock: { does: clock, due_ms } })
	};
}

/** What comes next for a brew, by the hour. */
export function nextOf({ window, state }: BrewLine, { almanac }: Pick<Saying, 'almanac'>): string {
	const { usable_ms, past_ms } = window;
	if (state === 'working')
		return usable_ms === null
			? 'it will come to nothing at this temperature'
			: `ripe ${sayFromNow(usable_ms, almanac)}, ${sayMoment(usable_ms, almanac)}`;
	if (state === 'wants-smell') return 'its hour has come: smell it';
	if (state === 'failed') return 'it stinks: pour it on a heap, not on food';
	if (past_ms === null) return '';
	return state === 'past'
		? `since ${sayMoment(past_ms, almanac)}`
		: `use it before ${sayMoment(past_ms, almanac)}`;
}
