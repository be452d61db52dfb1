import { testSchema } from '$lib/server/input/charging';
import { act, deskOf, newActId } from '$lib/server/page';
import { chargeLine } from '$lib/server/questions/charging';
import { heldBecause, mayLie } from '$lib/server/questions/standing';
import { drainSchema } from '$lib/server/input/fires';
import { drainCharge } from '$lib/server/usecases/drain-charge';
import { testCharge } from '$lib/server/usecases/test-charge';
import { error } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const charge = books.batches.maybeOne(event.params.lot) ?? error(404, 'No such charge');
	const tests = books.tests.of(charge.lotId);
	const tub =
		charge.vesselVersionId === null ? null : books.vessels.version(charge.vesselVersionId);
	return {
		actId: newActId(),
		drainId: newActId(),
		mayLie: mayLie(books, charge, now_ms),
		drainChecks: books.checks.ofLot(charge.lotId),
		line: chargeLine(charge, tests, now_ms),
		tub,
		held: heldBecause(books, charge.lotId)
	};
};

export const actions: Actions = {
	drain: (event) =>
		act(event, 'drain', (reading) => drainSchema(reading, event.params.lot), drainCharge),
	test: (event) =>
		act(
			event,
			'test',
			(reading, values) => testSchema(reading, event.params.lot, values),
			testCharge
		)
};
