import { pathOf } from '$lib/format/paths';
import { deskOf } from '$lib/server/page';
import { found, meantBy } from '$lib/server/questions/search';
import { redirect } from '@sveltejs/kit';
import { recipesLike } from './recipes';
import type { PageServerLoad } from './$types';

const mostShown = 40;
const longest = 80;

/** One thing that goes by exactly what was typed is gone to; else everything like it is listed. */
export const load: PageServerLoad = (event) => {
	const { books } = deskOf(event);
	const asked = (event.url.searchParams.get('q') ?? '').trim().slice(0, longest);
	if (asked === '') return { asked, hits: [], recipes: [], most: mostShown };
	const [hit, ...others] = books.search.exact(asked);
	if (hit && others.length === 0) redirect(303, pathOf(hit.kind, hit.code));
	const hits = found(books, asked, mostShown);
	// Enter once more on what is listed opens the first of it.
	const first = hits[0];
	if (first && event.url.searchParams.get('seen') === asked)
		redirect(303, pathOf(first.kind, first.code));
	const recipes = recipesLike(asked);
	// One recipe and nothing else of that name: Enter once more goes there as well.
	if (!first && recipes[0] && event.url.searchParams.get('seen') === asked)
		redirect(303, recipes[0].href);
	const meant = hits.length + recipes.length === 0 ? meantBy(books, asked) : undefined;
	return {
		asked,
		hits: meant === undefined ? hits : found(books, meant, mostShown),
		recipes,
		...(meant === undefined ? {} : { meant }),
		most: mostShown
	};
};
