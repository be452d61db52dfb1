import { chargesInStock } from '../questions/in-stock';
import { workSchools } from '../demo/holding-stores';
import { inLitres } from '../../core/units';
import { sheets } from './sheets/charging';
import { growSchools } from '../demo/schools';
import { schoolOf } from '../../core/charging';
import { taskWords } from '../../format/charge-words';
import { sayDay, sayFromNow, type Almanac } from '../../format/dates';
import { say } from '../../format/figure';
import { readinessWords } from '../../format/words';
import { spreadOnto } from '../line/verbs/onto-bed';
import { drainVerb, testVerb } from '../line/verbs/tend';
import type { Saying } from '../line/saying';
import { rawWaiting, spreadables } from '../questions/beds';
import { chargeLines, type ChargeLine } from '../questions/charging';
import { lotsAs } from './lots';
import type { Duty, Room } from './room';

export const charging: Room = {
	id: 'charging',
	sheets,
	work: workSchools,
	grow: growSchools,
	verbs: [drainVerb, testVerb],
	ontoBed: { charge: spreadOnto },
	things: (books, now_ms) => {
		const ripe = new Set(
			spreadables(books, now_ms)
				.filter((lot) => lot.isReady && lot.held === undefined && lot.mayLie)
				.map((lot) => lot.code)
		);
		return lotsAs('charge', chargesInStock(books), ({ code, school, drainedAt_ms }) => ({
			ripe: ripe.has(code),
			facts: {
				works: 'yes',
				charges: 'yes',
				school,
				...(schoolOf(school).kind === 'soak' && drainedAt_ms === null ? { soaks: 'yes' } : {})
			}
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
			...chargeLines(books, now_ms).map((line) => dutyOf(line, saying, now_ms)),
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

/** A charge in one line: how it stands, and what it wants by today beside its test. */
function dutyOf(
	{ charge, window, state, tasks }: ChargeLine,
	saying: Saying,
	now_ms: number
): Duty {
	const { clock, ...stand } = stands[state];
	const due_ms = window.usable_ms;
	const wants = tasks.find((task) => task.does !== 'test' && task.due_ms <= now_ms);
	const tend = wants && taskWords[wants.does].due;
	const next = nextOf(window, state, saying.almanac);
	// While it works, tending it is what there is to do; later the tending stands behind its use.
	const how =
		tend && state === 'working'
			? {
					is: 'due' as const,
					act: `${tend} it`,
					told: ['charge wants tending', 'charges want tending'] as const
				}
			: stand;
	return {
		...how,
		code: charge.code,
		name: `${schoolOf(charge.school).name}, ${say(inLitres(charge.volume_ul), 'L', saying.system)}`,
		href: `/charging/${charge.code}`,
		state: readinessWords[state],
		says: tend ? `${tend.toLowerCase()} it${next ? `; ${next}` : ''}` : next,
		window,
		...(tend && wants && state === 'working'
			? { clock: { does: tend, due_ms: wants.due_ms } }
			: clock === undefined || due_ms === null
				? {}
				: { clock: { does: clock, due_ms } })
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
	if (state === 'wants-test')
		return usable_ms === null ? '' : `its date came ${sayFromNow(usable_ms, almanac)}`;
	if (best_ms !== null && best_ms > almanac.now_ms)
		return `at its best ${sayFromNow(best_ms, almanac)}`;
	return fading_ms !== null && fading_ms > almanac.now_ms
		? `good until ${sayDay(fading_ms, almanac)}`
		: '';
}
