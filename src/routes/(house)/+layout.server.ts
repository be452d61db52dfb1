import { keysCookie, keysOff } from '$lib/server/device';
import { deskOf, newActId } from '$lib/server/page';
import { didOf } from '$lib/server/questions/did';
import { countsOf, dutiesOf } from '$lib/server/rooms/duties';
import { benchOf } from '$lib/server/rooms/views';
import { sayDid } from './did.server';
import type { LayoutServerLoad } from './$types';

const mostClocks = 4;

export const load: LayoutServerLoad = (event) => {
	const { books, now_ms, settings } = deskOf(event);
	const did = didOf(books, event.url.searchParams.get('did') ?? '');
	const { place, system } = settings;
	return {
		place,
		counts: Object.fromEntries(
			countsOf(books, now_ms).map(({ href, n, word }) => [href, `${n} ${word}`])
		),
		bench: benchOf(dutiesOf(books, now_ms)).slice(0, mostClocks),
		keys: event.cookies.get(keysCookie) !== keysOff,
		lineId: newActId(),
		did: did && sayDid(did, system)
	};
};
