import { deskOf, pageOf, partOf } from '$lib/server/page';
import { dutiesOf } from '$lib/server/rooms/duties';
import type { Duty } from '$lib/server/rooms/room';
import { ahead } from '$lib/server/rooms/views';
import { todayAnswer } from './answer';
import type { PageServerLoad } from './$types';

/** As many as one looks through at once. */
const most = Object.freeze({ pressing: 20, waiting: 20, open: 3, ahead: 8, next: 8 });

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const { url } = event;
	const duties = dutiesOf(books, now_ms);
	const begun = books.woodyard.any() || books.burns.count() > 0;
	const being = (...which: readonly string[]) =>
		duties.filter(({ is }) => which.includes(is)).map(shown);
	// Beyond as many as an eye takes in, what presses least is asked for by its count.
	const waiting = being('fading', 'watch', 'working');
	const isOpen = waiting.length <= most.open || url.searchParams.has('waits');
	const next = being('next');
	const { rows, ...span } = ahead(duties, now_ms);
	return {
		answer: todayAnswer(duties, begun),
		pressing: partOf(url, being('wrong', 'due', 'ripe'), most.pressing),
		waiting: isOpen
			? { ...partOf(url, waiting, most.waiting, 'waits'), isOpen }
			: { ...pageOf(url, waiting.length, most.waiting), n: waiting.length, rows: [], isOpen },
		next: { rows: next.slice(0, most.next), more: Math.max(0, next.length - most.next) },
		ahead: { ...span, ...partOf(url, rows, most.ahead, 'weeks') },
		begun
	};
};

/** The axis has its moments; a page is sent no more than it shows. */
const shown = ({ moments: _moments, clock: _clock, told: _told, ...duty }: Duty) => duty;
