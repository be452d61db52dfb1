import { smallSchema } from '$lib/input/small';
import { checkSchema } from '$lib/input/fires';
import { lightPlannedSchema } from '$lib/input/lighting';
import { valuesOfTap, verbOfTap } from '$lib/input/taps';
import { act, deskOf, newActId, undo } from '$lib/server/page';
import { isBurning, openFires } from '$lib/server/questions/fires';
import { isDarkAt } from '$lib/server/questions/standing';
import type { UseCase } from '$lib/server/send';
import { checkQuench } from '$lib/server/usecases/check-quench';
import { lightBurn } from '$lib/server/usecases/light-burn';
import { doSmall } from '$lib/server/usecases/small-act';
import { error, type RequestEvent } from '@sveltejs/kit';
import { fireOf } from './told.server';
import type { Actions, PageServerLoad } from './$types';

/** Two fires are as many as one can look after from one page. */
const mostBeside = 1;

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const burn = books.burns.maybeOne(event.params.burn) ?? error(404, 'No such fire');
	const wanted = event.url.searchParams.getAll('with').filter((code) => code !== burn.code);
	const beside = wanted.slice(0, mostBeside).flatMap((code) => books.burns.maybeOne(code) ?? []);
	return {
		fires: [burn, ...beside].map((one) => fireOf(books, one, now_ms)),
		others: openFires(books, now_ms)
			.filter((line) => isBurning(line) && line.burn.code !== burn.code)
			.map(({ burn: { code }, vessel: { name } }) => ({ code, name })),
		isDark: isDarkAt(books, now_ms),
		actId: newActId(),
		undoId: newActId()
	};
};

/** An act leads back to the fire, not to its books. */
const here =
	<T>(code: string, useCase: UseCase<T>): UseCase<T> =>
	(...given) => {
		const outcome = useCase(...given);
		return outcome.status === 'done' ? { ...outcome, path: `/fires/${code}/now` } : outcome;
	};

/** Which tap it is stands in a field of the form: the act is known once that is read. */
async function tapIn(event: RequestEvent & { params: { burn: string } }) {
	const { burn } = event.params;
	let verb: string | undefined;
	return act(
		event,
		'tap',
		(reading) => smallSchema(reading, verb ?? error(400, 'No such tap'), 'fire', burn),
		here(burn, doSmall),
		(values) => {
			verb = verbOfTap(values);
			return valuesOfTap(values);
		}
	);
}

export const actions: Actions = {
	light: (event) => act(event, 'light', () => lightPlannedSchema(event.params.burn), lightBurn),
	tap: tapIn,
	check: (event) =>
		act(
			event,
			'check',
			(reading) => checkSchema(reading, event.params.burn),
			here(event.params.burn, checkQuench)
		),
	undo: (event) => undo(event, `/fires/${event.params.burn}/now`)
};
