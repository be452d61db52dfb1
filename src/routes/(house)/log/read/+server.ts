import { deskOf } from '$lib/server/page';
import { json } from '@sveltejs/kit';
import { answerLine } from '../answer.server';
import type { RequestHandler } from './$types';

/** What a line would do, asked while one types. Writes nothing. */
export const GET: RequestHandler = (event) => json(answerLine(deskOf(event), event.url));
