import { vesselsInUse } from '$lib/server/questions/in-stock';
import { deskOf, pageOf } from '$lib/server/page';
import {
	firesListed,
	given,
	isBurning,
	isHot,
	momentOf,
	openFires,
	type BurnLine
} from '$lib/server/questions/fires';
import type { Books } from '$lib/server/db/books';
import type { PageServerLoad } from './$types';

const perPage = 12;
const mostVessels = 12;

/** Vessels that fires burn in. */
const burnt = (books: Books) =>
	vesselsInUse(books)
		.filter(({ usedFor }) => usedFor !== 'tub')
		.slice(0, mostVessels);

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const { page, pages, skip } = pageOf(event.url, books.burns.count(), perPage);
	const open = openFires(books, now_ms);
	const listed = firesListed(books, now_ms, perPage, skip);
	return {
		lines: listed.map(shown),
		// Those that need somebody are named whatever page is shown.
		hot: open.filter(isHot).map((line) => line.burn.code),
		given: given(books),
		planned: open.filter((line) => !line.burn.record && !line.burn.lit).length,
		burning: open
			.filter(isBurning)
			.map(({ burn, vessel }) => ({ code: burn.code, name: vessel.name })),
		page,
		pages,
		hasBarrel: vesselsInUse(books).some(({ usedFor }) => usedFor === 'barrel'),
		vessels: burnt(books).map(({ name, usedFor, capacity_l }) => ({
			name,
			usedFor,
			capacity_l
		}))
	};
};

/** What a row of the list says of a fire. */
const shown = (line: BurnLine) => {
	const { burn, vessel, proof, outcome, yield: massYield } = line;
	const isReckoned = burn.record?.woodFrom === 'reckoned';
	return {
		code: burn.code,
		vessel: vessel.name,
		shape: vessel.shape,
		use: vessel.usedFor,
		at_ms: momentOf(line),
		burns: isBurning(line),
		gaveUp: burn.lit?.gaveUp_ms !== undefined,
		charLitres: burn.record?.charLitres,
		expected: burn.record ? undefined : burn.plan?.figures.charLitres,
		proof,
		hot: isHot(line),
		isAbout: line.isAbout,
		verdict: isReckoned ? undefined : outcome?.verdict,
		massYield: isReckoned ? undefined : massYield
	};
};
