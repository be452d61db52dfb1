import { burntIn } from '$lib/server/questions/in-stock';
import { kitOf } from '$lib/server/questions/found';
import { vesselSchema } from '$lib/input/vessels';
import { act, smallActions, asked, deskOf, newActId, undo } from '$lib/server/page';
import { insideOf } from '$lib/server/questions/vessels';
import { pailSchema } from '$lib/input/after-burn';
import { quenchPail, skimmedInto } from '$lib/server/usecases/quench-pail';
import { measureVessel } from '$lib/server/usecases/measure-vessel';
import { error } from '@sveltejs/kit';
import type { Actions, PageServerLoad, RequestEvent } from './$types';

/** Of what became of it; its books have the rest. */
const mostKit = 12;

/** The name under which a vessel not yet measured is asked for. */
const unmeasured = 'new';

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const vessel = books.vessels.maybeOne(event.params.name);
	if (!vessel && event.params.name !== unmeasured) error(404, 'No such vessel');
	const kit = vessel ? kitOf(books, vessel.id) : [];
	return {
		actId: newActId(),
		undoId: newActId(),
		asked: asked(event.url),
		vessel,
		kitId: newActId(),
		skimmed_l: vessel?.usedFor === 'stove' ? skimmedInto(books, vessel, now_ms) : 0,
		kit: kit.slice(0, mostKit),
		kitBefore: Math.max(0, kit.length - mostKit),
		done: vessel ? burntIn(books).get(vessel.id) : undefined,
		inside: vessel ? insideOf(books, vessel, now_ms) : undefined
	};
};

export const actions: Actions = {
	measure: (event) => {
		const { name } = event.params;
		const known = name === unmeasured ? undefined : name;
		return act(
			event,
			'measure',
			(reading, values) => vesselSchema(reading, known, values),
			measureVessel
		);
	},
	...smallActions('vessel', ({ params }: RequestEvent) => params.name, [
		'log-kit',
		'remark',
		'skim'
	]),
	quench: (event) => act(event, 'quench', () => pailSchema(event.params.name), quenchPail),
	undo: (event) => undo(event, '/fires')
};
