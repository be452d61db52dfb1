import { deskOf } from '$lib/server/page';
import { burnLines, given, openFires } from '$lib/server/questions/fires';
import { standingAt } from '$lib/server/questions/standing';
import type { PageServerLoad } from './$types';

const perPage = 40;

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const standing = standingAt(books, now_ms);
	const asked = Number(event.url.searchParams.get('page') ?? 1);
	const page = Number.isInteger(asked) && asked > 0 && asked < 10_000 ? asked : 1;
	const open = openFires(books, now_ms, standing);
	const listed = burnLines(books, books.burns.latest(perPage, (page - 1) * perPage), standing);
	return {
		lines: listed,
		// Those that need somebody are named whatever page is shown.
		hot: open.filter((line) => line.proof?.proven === false).map((line) => line.burn.code),
		given: given(books),
		planned: open.filter((line) => !line.burn.record).length,
		page,
		pages: Math.ceil(books.burns.count() / perPage),
		vessels: books.vessels.all()
	};
};
