import { deskOf, todayOf } from '$lib/server/page';
import { ahead } from '$lib/server/questions/ahead';
import { chargeRow } from '$lib/server/questions/charging';
import { burnRow } from '$lib/server/questions/fires';
import type { Today } from '$lib/server/questions/today';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { now_ms } = deskOf(event);
	const today = todayOf(event);
	return { today: shown(today), ahead: ahead(today, now_ms) };
};

/** The same, with what its rows say of each thing. */
const shown = ({
	hot,
	watch,
	cooling,
	planned,
	unread,
	ready,
	has,
	rawLitres,
	...charges
}: Today) => ({
	hot: hot.map(burnRow),
	watch: watch.map(burnRow),
	cooling: cooling.map(burnRow),
	planned: planned.map(burnRow),
	unread: unread.map(({ stack: { code, name } }) => ({ stack: { code, name } })),
	ready: ready.map(({ left }) => ({ left })),
	ripe: charges.ripe.map(chargeRow),
	wantTest: charges.wantTest.map(chargeRow),
	failed: charges.failed.map(chargeRow),
	fading: charges.fading.map(chargeRow),
	curing: charges.curing.map(chargeRow),
	rawLitres,
	has
});
