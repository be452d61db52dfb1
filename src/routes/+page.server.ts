import { deskOf } from '$lib/server/page';
import { dutiesOf } from '$lib/server/rooms/duties';
import { ahead } from '$lib/server/rooms/views';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const duties = dutiesOf(books, now_ms);
	return {
		// The axis below has their moments; a page is sent no more than it shows.
		duties: duties.map(({ moments: _moments, clock: _clock, ...duty }) => duty),
		ahead: ahead(duties, now_ms),
		begun: books.woodyard.any() || books.burns.count() > 0
	};
};
