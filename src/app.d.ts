import type { Person } from '$lib/server/device';

declare global {
	namespace App {
		interface Error {
			message: string;
			requestId?: string;
		}
		interface Locals {
			requestId: string;
			/** Worked out once for the page and its frame. */
			today?: import('$lib/server/questions/today').Today;
			person: Person;
		}
	}
}

export {};
