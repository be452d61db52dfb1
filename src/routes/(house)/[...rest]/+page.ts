import { error } from '@sveltejs/kit';
import type { PageLoad } from './$types';

/** What no other page is: said within the house, with the path beside it. */
export const load: PageLoad = () => error(404, 'There is nothing at this address');
