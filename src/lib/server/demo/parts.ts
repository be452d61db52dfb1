import { metres } from '../../core/units';
import { localDay } from '../../core/time';
import { doSmall } from '../usecases/small-act';
import { markPart } from '../usecases/mark-part';
import { nameThing } from '../usecases/naming';
import type { Diary, Moment } from './diary';

/** A strip across one bed that is left as it is, what was read of three beds, a place and a device. */
export function markOut(diary: Diary, begun: number) {
	const on = (daysAgo: number, by: Moment['by']): Moment => ({ daysAgo, hour: 9, by });
	const day = (daysAgo: number) => localDay('UTC', diary.at(on(daysAgo, 'Oda')));
	diary.enter(on(begun - 1, 'Oda'), markPart, {
		bed: 'Middle 5',
		name: 'Middle 5 strip',
		along: metres(4.8),
		length: metres(1.2)
	});
	diary.enter(on(begun - 1, 'Oda'), doSmall, {
		verb: 'leave-untreated',
		of: 'bed',
		name: 'Middle 5 strip',
		found: {},
		firstDay: day(begun - 1)
	});
	for (const [bed, ph, way, daysAgo] of [
		['Mere 1', 5.6, 'strip', begun - 20],
		['Middle 2', 6.4, 'slurry', begun - 50],
		['Upper 3', 5.9, 'probe', begun - 135]
	] as const)
		diary.enter(on(daysAgo, 'Bram'), doSmall, {
			verb: 'read-ph',
			of: 'bed',
			name: bed,
			found: { ph },
			firstDay: day(daysAgo),
			way
		});
	diary.enter(on(begun - 2, 'Bram'), nameThing, { kind: 'place', name: 'Behind the boathouse' });
	diary.enter(on(begun - 2, 'Bram'), nameThing, {
		kind: 'device',
		name: 'Long probe',
		reads: 'temperature'
	});
}
