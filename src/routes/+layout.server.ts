import { keysCookie, keysOff } from '$lib/server/device';
import { deskOf, newActId, todayOf } from '$lib/server/page';
import { didOf } from '$lib/server/questions/did';
import { benchOf } from '$lib/server/questions/bench';
import { sayDid } from './did.server';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = (event) => {
	const { books, now_ms, reading, settings } = deskOf(event);
	const did = didOf(books, event.url.searchParams.get('did') ?? '');
	const { place, system, timeZone } = settings;
	const seen = todayOf(event);
	const wrong = seen.hot.length + seen.failed.length;
	const counts: Record<string, string> = {};
	const say = (href: string, n: number, word: string) => {
		if (n > 0) counts[href] = `${n} ${word}`;
	};
	say('/', wrong, 'wrong');
	say('/woodyard', seen.ready.length, 'dry');
	say('/fires', seen.hot.length, 'hot');
	say('/charging', seen.ripe.length, 'ripe');
	return {
		place,
		person: reading.person,
		system,
		measures: reading.measures ?? [],
		almanac: { timeZone, now_ms },
		counts,
		bench: benchOf(seen, now_ms).slice(0, 4),
		keys: event.cookies.get(keysCookie) !== keysOff,
		lineId: newActId(),
		did: did && sayDid(did, system)
	};
};
