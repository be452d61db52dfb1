import { asked, deskOf } from '$lib/server/page';
import { vesselsInUse } from '$lib/server/questions/in-stock';
import type { Kit } from '$lib/core/fate';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books } = deskOf(event);
	const uses = vesselsInUse(books).map(({ usedFor }) => usedFor);
	const has = (is: RegExp) => uses.some((use) => is.test(use));
	// What the books know of; the rest is ticked.
	const kit: readonly Kit[] = [
		...(has(/kiln|barrel|retort|pit/) ? ['kiln' as const] : []),
		...(has(/tub|bucket|pail|drum|barrel/) ? ['barrel' as const] : [])
	];
	return {
		asked: asked(event.url),
		kit
	};
};
