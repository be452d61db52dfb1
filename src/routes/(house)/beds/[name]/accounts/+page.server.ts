import { leadOn } from '$lib/server/lead-on';
import { asked, deskOf, newActId, smallActions } from '$lib/server/page';
import { accountsOn } from '$lib/server/questions/accounts';
import { harvestFrom } from '$lib/server/questions/germs';
import { bedNamed } from '$lib/server/questions/kept-beds';
import { kgOf } from '$lib/core/ledger';
import type { Actions, PageServerLoad, RequestEvent } from './$types';

/** Seasons and things a page tells of; its sheet and the books of the bed have the rest. */
const mostSeasons = 10;
const mostMarks = 60;

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const bed =
		bedNamed(books, event.params.name) ?? leadOn(books, 'bed', event.params.name, 'No such bed');
	const { seasons, ever, put, off } = accountsOn(books, bed, now_ms);
	const { season, as } = asked(event.url);
	const year = seasons.find((one) => one.season === season)?.season ?? seasons[0]?.season;
	const within = ({ day }: { readonly day: string }) => day.slice(0, 4) === year;
	return {
		smallId: newActId(),
		limit: books.findings.of(bed.id, 'limit')[0]?.found.nitrogen_g_m2,
		bed: {
			...{ name: bed.name, area_m2: bed.ground.area, crop: bed.crop, eatenRaw: bed.eatenRaw },
			...{ char: bed.char, ground: bed.ground }
		},
		harvest: harvestFrom(books, bed, now_ms),
		asElement: as === 'element',
		seasons: seasons.slice(0, mostSeasons),
		ever,
		year,
		/** The year that is drawn: what went on, what came off. */
		went: put
			.filter(within)
			.slice(0, mostMarks)
			.map(({ day, name, contents }) => ({
				...{ day, name },
				of:
					kgOf(contents, 'char') > 0
						? 'char'
						: kgOf(contents, 'ash') > 0
							? 'ash'
							: kgOf(contents, 'lime') > 0
								? 'lime'
								: 'feed'
			})),
		came: off
			.filter(within)
			.slice(0, mostMarks)
			.map(({ day, name, kg }) => ({ day, name, kg: kg.value }))
	};
};

export const actions: Actions = {
	...smallActions('bed', ({ params }: RequestEvent) => params.name, [
		'harvest',
		'sow',
		'clear',
		'limit-nitrogen'
	])
};
