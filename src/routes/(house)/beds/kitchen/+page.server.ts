import { deskOf } from '$lib/server/page';
import { harvestFrom } from '$lib/server/questions/germs';
import { allBeds } from '$lib/server/questions/kept-beds';
import type { PageServerLoad } from './$types';

/** Every bed in use, with the day from which it may be eaten from. */
export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const beds = allBeds(books).map((bed) => {
		const harvest = harvestFrom(books, bed, now_ms);
		return {
			name: bed.name,
			crop: bed.crop,
			from_ms: Math.max(harvest?.from_ms ?? 0, 0),
			onSoilFrom_ms: Math.max(harvest?.onSoilFrom_ms ?? 0, 0),
			code: harvest?.code ?? ''
		};
	});
	return {
		waiting: beds
			.filter(({ onSoilFrom_ms }) => onSoilFrom_ms > now_ms)
			.sort((a, b) => b.onSoilFrom_ms - a.onSoilFrom_ms),
		free: beds.filter(({ onSoilFrom_ms }) => onSoilFrom_ms <= now_ms).map(({ name }) => name)
	};
};
