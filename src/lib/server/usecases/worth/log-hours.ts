import { byClock } from '../../../core/worth';
import type { Envelope } from '../../../input/act';
import type { DayHoursInput, HoursInput, PaidInput, PricesInput } from '../../../input/worth';
import type { Books } from '../../db/books';
import { thingCalled } from '../../questions/things';
import { perform, refuse, type Outcome } from '../act';

const path = '/worth';

/** What hours or cash are about, where somebody named it. */
function aboutOrRefuse(books: Books, name: string): number | null {
	if (name === '') return null;
	return thingCalled(books, name)?.id ?? refuse('ofThing', 'no-such-thing', { name });
}

/** Hours of one stage by the clock. */
export function logHours(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: HoursInput
): Outcome {
	return perform(books, now_ms, 'log-hours', envelope, { ...input }, () => {
		const thingId = aboutOrRefuse(books, input.of);
		const { minutes, heads } = input.took;
		return {
			path,
			write: ({ actId }) =>
				books.effort.insertWork(actId, thingId, {
					stage: input.stage,
					minutes: byClock(minutes),
					heads
				})
		};
	});
}

/** A day's work, shared out over its stages by guess. */
export function shareHours(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: DayHoursInput
): Outcome {
	return perform(books, now_ms, 'share-hours', envelope, { ...input }, () => {
		const thingId = aboutOrRefuse(books, input.of);
		return {
			path,
			write: ({ actId }) => {
				for (const one of input.worked) books.effort.insertWork(actId, thingId, one);
			}
		};
	});
}

/** Cash that went out. */
export function logPaid(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: PaidInput
): Outcome {
	return perform(books, now_ms, 'log-paid', envelope, { ...input }, () => {
		const thingId = aboutOrRefuse(books, input.of);
		const { paidFor, paid } = input;
		return {
			path,
			write: ({ actId }) => books.effort.insertPaid({ actId, thingId, paidFor, paid })
		};
	});
}

/** What it costs to buy what one's own stands in for. */
export function tellPrices(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: PricesInput
): Outcome {
	return perform(books, now_ms, 'tell-prices', envelope, { ...input }, () => ({
		path,
		write: ({ actId }) => {
			for (const { of, price } of input.prices) books.effort.insertPrice(actId, of, price);
		}
	}));
}
