import { burnSchema, checkSchema } from '$lib/input/fires';
import { act, deskOf, newActId, undo } from '$lib/server/page';
import { burnLine, woodTaken } from '$lib/server/questions/fires';
import { ownResults, threeMeasures } from '$lib/server/questions/own';
import { checkQuench } from '$lib/server/usecases/check-quench';
import { recordBurn } from '$lib/server/usecases/record-burn';
import { error } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const burn = books.burns.maybeOne(event.params.burn) ?? error(404, 'No such fire');
	const line = burnLine(books, burn, now_ms);
	const record = burn.record;
	const char = record ? books.char.maybeOne(line.charCode ?? '') : null;
	const brands = record?.brandsLotId == null ? null : books.ledger.lotById(record.brandsLotId);
	const sources = record ? woodTaken(books, record.actId) : [];
	const own = line.vessel.usedFor === 'tub' ? [] : ownResults(books, line.vessel.usedFor).yields;
	return {
		actId: newActId(),
		undoId: newActId(),
		line,
		char,
		brands,
		sources,
		checks: books.checks.of(burn.id),
		measures3: threeMeasures(books, burn) ?? null,
		remarks: books.facts.remarks({ burnId: burn.id }),
		temperatures: books.facts.temperatures({ burnId: burn.id }),
		own
	};
};

export const actions: Actions = {
	check: (event) =>
		act(event, 'check', (reading) => checkSchema(reading, event.params.burn), checkQuench),
	record: (event) => act(event, 'record', burnSchema, recordBurn),
	undo: (event) => undo(event, '/fires')
};
