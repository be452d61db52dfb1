import { notebooks } from '$lib/server/runtime';
import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** How far a notebook is: asked every little while, where the whole page would be reckoned anew for each look. */
export const GET: RequestHandler = ({ url }) => {
	const job = notebooks().find(url.searchParams.get('job') ?? '');
	return json(job ? { state: job.state, done: job.done, of: job.of } : {}, {
		headers: { 'cache-control': 'no-store' }
	});
};
