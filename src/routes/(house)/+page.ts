import { drawingsOf } from '$lib/components/drawings';
import type { PageLoad } from './$types';

/** With the drawings of what is shown drawn. */
export const load: PageLoad = async ({ data }) => ({
	...data,
	drawings: await drawingsOf(data.pressing.rows.flatMap(({ drawing }) => drawing?.of ?? []))
});
