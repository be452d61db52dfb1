import { sheets } from './sheets/charging';
import { schoolOf } from '../../core/charging';
import { sayDay, sayFromNow, type Almanac } from '../../format/dates';
import { say } from '../../format/figure';
import { readinessWords } from '../../format/words';
import { spreadOnto } from '../line/verbs/onto-bed';
import { stirVerb, turnVerb } from '../line/verbs/tend';
import type { Saying } from '../line/saying';
import { rawWaiting, spreadables } from '../questions/beds';
import { chargeLines, type ChargeLine } from '../questions/charging';
import { lotsAs } from './lots';
import type { Duty, Room } from './room';

export const charging: Room = {
	id: 'charging',
	sheets,
	verbs: [stirVerb, turnVerb],
	ontoBed: { charge: spreadOnto },
	things: (books, now_ms) => {
		const ripe = new Set(
			spreadables(books, now_ms)
				.filter((lot) => lot.warnings.length === 0 && lot.held === undefined && lot.mayLie)
				.map((lot) => lot.code)
		);
		return lotsAs('charge', books.batches.inStock(), ({ code }) => ({
			ripe: ripe.has(code),
			facts: { works: 'yes' }
		}));
	},
	counts: (books, now_ms) => ({
		href: '/charging',
		n: chargeLines(books, now_ms).filter(({ state }) => state === 'ripe').length,
		word: 'ripe'
	}),
	duties: (books, now_ms, saying) => {
		const raw_l = rawWaiting(books, now_ms).reduce((total, lot) => total + lot.charLitresLeft, 0);
		return [
			...chargeLines(books, now_ms).map((line) => dutyOf(line, saying)),
			...(raw_l > 0 ? [rawDuty(raw_l, saying)] : [])
		];
	}
};

const rawDuty = (raw_l: number, { system }: Saying): Duty => ({
	is: 'next',
	code: '',
	name: '',
	title: 'Charge what is raw',
	href: '/charging',
	state: 'raw',
	says: `${say(raw_l, 'L', system)} of char: raw it takes from a bed instead of giving.`
});

const stands: Readonly<
	Record<ChargeLine['state'], Pick<Duty, 'is' | 'act' | 'told'> & { readonly clock?: string }>
> = {
	failed: {
		is: 'wrong',
		act: 'Look',
		told: ['charge has failed', 'charges have failed']
	},
	'wants-test': {
		is: 'due',
		act: 'Test it',
		told: ['charge wants its test', 'charges want their test'],
		clock: 'Test'
	},
	ripe: { is: 'ripe', act: 'Spread it', told: ['charge is ripe', 'charges are ripe'] },
	fading: {
		is: 'fading',
		act: 'Spread it',
		told: ['charge is fading or past', 'charges are fading or past']
	},
	past: {
		is: 'fading',
		act: 'Look',
		told: ['charge is fading or past', 'charges are fading or past']
	},
	working: { is: 'working', clock: 'Ripe by date:' }
};

function dutyOf({ charge, window, state }: ChargeLine, saying: Saying): Duty {
	const { clock, ...how } = stands[state];
	const due_ms = window.usable_ms;
	return {
		...how,
		code: charge.code,
		name: `${schoolOf(charge.school).name}, ${say(charge.volume_ml / 1000, 'L', saying.system)}`,
		href: `/charging/${charge.code}`,
		state: readinessWords[state],
		says: nextOf(window, state, saying.almanac),
		window,
		...(clock === undefined || due_ms === null ? {} : { clock: { does: clock, due_ms } })
	};
}

/** What comes next for a charge. */
export function nextOf(
	{ usable_ms, best_ms, fading_ms }: ChargeLine['window'],
	state: ChargeLine['state'],
	almanac: Almanac
): string {
	if (state === 'working')
		return usable_ms === null ? 'too cold to cure' : `earliest ${sayFromNow(usable_ms, almanac)}`;
	if (state === 'wants-test') return 'its date has come; test it';
	if (best_ms !== null && best_ms > almanac.now_ms)
		return `at its best ${sayFromNow(best_ms, almanac)}`;
	return fading_ms !== null && fading_ms > almanac.now_ms
		? `good until ${sayDay(fading_ms, almanac)}`
		: '';
}
