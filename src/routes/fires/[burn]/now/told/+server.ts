import { deskOf } from '$lib/server/page';
import { error, json } from '@sveltejs/kit';
import { toldOf } from '../told.server';
import type { RequestHandler } from './$types';

/** What was tapped at a fire, by whatever phone: asked every few seconds. */
export const GET: RequestHandler = (event) => {
	const { books, now_ms } = deskOf(event);
	const burn = books.burns.maybeOne(event.params.burn) ?? error(404, 'No such fire');
	return json(toldOf(books, burn, now_ms), { headers: { 'cache-control': 'no-store' } });
};
