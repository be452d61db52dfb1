import { vesselsInUse } from '$lib/server/questions/in-stock';
import { keysCookie, keysOff, personCookie, signerOf } from '$lib/server/device';
import { measureSchema, settingsSchema } from '$lib/input/settings';
import { act, deskOf, newActId, submitted } from '$lib/server/page';
import { calibrateMeasure, keepSettings } from '$lib/server/usecases/keep-settings';
import { namingSchema } from '$lib/input/naming';
import { nameThing } from '$lib/server/usecases/naming';
import { redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad, RequestEvent } from './$types';

/** Sent over TLS alone where the page came that way. */
const onThisDevice = ({ url }: Pick<RequestEvent, 'url'>) =>
	({
		path: '/',
		maxAge: 365 * 24 * 3600,
		httpOnly: true,
		sameSite: 'lax',
		secure: url.protocol === 'https:'
	}) as const;

const mostVessels = 12;

export const load: PageServerLoad = (event) => {
	const { books, settings } = deskOf(event);
	return {
		actId: newActId(),
		measureId: newActId(),
		settings,
		hasPassphrase: Boolean(process.env.ASHDRIFT_PASSPHRASE),
		nameId: newActId(),
		named: (['person', 'place', 'device', 'measure', 'recipe', 'programme'] as const).map(
			(kind) => ({
				kind,
				names: books.things
					.all(kind)
					.map(({ name }) => name)
					.filter(Boolean)
			})
		),
		vessels: vesselsInUse(books)
			.slice(0, mostVessels)
			.map(({ name, usedFor, capacity_l }) => ({ name, usedFor, capacity_l })),
		moreVessels: Math.max(0, vesselsInUse(books).length - mostVessels)
	};
};

export const actions: Actions = {
	name: (event) => act(event, 'name', namingSchema, nameThing),
	keep: (event) => act(event, 'keep', settingsSchema, keepSettings),
	measure: (event) => act(event, 'measure', measureSchema, calibrateMeasure),
	person: async (event) => {
		const name = signerOf((await submitted(event.request)).person);
		if (name) event.cookies.set(personCookie, name, onThisDevice(event));
		redirect(303, '/settings');
	},
	keys: async (event) => {
		const { on } = await submitted(event.request);
		event.cookies.set(keysCookie, on === 'on' ? 'on' : keysOff, onThisDevice(event));
		redirect(303, '/settings#keys');
	}
};
