import { deskOf, partOf } from '$lib/server/page';
import { burnLines, given, openFires } from '$lib/server/questions/fires';
import { standingAt } from '$lib/server/questions/standing';
import type { PageServerLoad } from './$types';

const perPage = 20;

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const standing = standingAt(books, now_ms);
	const { page, pages, skip } = partOf(event.url, books.burns.count(), perPage);
	const open = openFires(books, now_ms, standing);
	const listed = burnLines(books, books.burns.latest(perPage, skip), standing);
	return {
		lines: listed,
		// Those that need somebody are named whatever page is shown.
		hot: open.filter((line) => line.proof?.proven === false).map((line) => line.burn.code),
		given: given(books),
		planned: open.filter((line) => !line.burn.record).length,
		page,
		pages,
		vessels: books.vessels.all()
	};
};
