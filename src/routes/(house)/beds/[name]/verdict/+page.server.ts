import { putSchema } from '$lib/input/beds';
import { leadOn } from '$lib/server/lead-on';
import { act, asked, deskOf, newActId, smallActions } from '$lib/server/page';
import { bedToTreat } from '$lib/server/questions/targets';
import {
	ashAtHand,
	growingOn,
	limesOn,
	readOn,
	stoneInStock,
	verdictOn
} from '$lib/server/questions/verdict';
import { putOnBed } from '$lib/server/usecases/put-on-bed';
import type { Actions, PageServerLoad, RequestEvent } from './$types';

/** Readings a page tells of: its books have the rest. */
const mostReadings = 8;
const mostLimes = 12;

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const bed =
		bedToTreat(books, event.params.name, now_ms) ??
		leadOn(books, 'bed', event.params.name, 'No such bed');
	const ashes = ashAtHand(books);
	const wanted = asked(event.url).ash;
	const ash = ashes.find(({ code }) => code === wanted) ?? ashes[0];
	const { ph, own, ...verdict } = verdictOn(books, { bed, ash }, now_ms);
	const stone = stoneInStock(books);
	const { now, next } = growingOn(books, bed);
	const likings = [
		...now.map((one) => ({ ...one, when: 'now' as const })),
		...next.map((one) => ({ ...one, when: 'next' as const }))
	];
	return {
		actId: newActId(),
		smallId: newActId(),
		bed: {
			name: bed.name,
			area_m2: bed.ground.area,
			depth_m: bed.ground.depth,
			texture: bed.texture
		},
		verdict: { ...verdict, seasons: verdict.seasons.length },
		own: own && { value: own.value, low: own.low, high: own.high, seasons: own.seasons },
		ph: ph && { ...ph },
		ash: ash && {
			code: ash.code,
			name: ash.name,
			volume_ul: ash.volume_ul,
			density: ash.composition.density.value,
			water: ash.composition.water.value
		},
		stone: stone && { code: stone.code, density: stone.composition.density.value },
		ashes: ashes.map(({ code, name }) => ({ code, name })),
		likings: likings.flatMap(({ row, when }) =>
			row ? [{ name: row.names[0], when, ph: row.ph, remark: row.remark, family: row.family }] : []
		),
		unknown: likings.filter(({ row }) => !row).map(({ name }) => name),
		limes: limesOn(books, bed, now_ms).slice(-mostLimes),
		readings: readOn(books, bed, now_ms)
			.slice(0, mostReadings)
			.map(({ mean, method, at_ms, person, places, isSoon, in: stirredIn }) => ({
				...{ ph: mean.ph, error: mean.error, method, at_ms, person, isSoon, in: stirredIn },
				places: places.length
			}))
	};
};

export const actions: Actions = {
	...smallActions('bed', ({ params }: RequestEvent) => params.name, [
		'read-ph',
		'sow',
		'tell-crop'
	]),
	put: (event) =>
		act(event, 'put', (reading, values) => putSchema(reading, event.params.name, values), putOnBed)
};
