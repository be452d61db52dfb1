import type { Person } from '$lib/server/device';

declare global {
	namespace App {
		interface Error {
			message: string;
			requestId?: string;
		}
		interface Locals {
			requestId: string;
			/** Who holds this device, once that was said. */
			signed: Person | undefined;
			/** What a form just sent: what it named is offered again. */
			sent?: Readonly<Record<string, string>>;
			desk?: import('$lib/server/page').Desk;
		}
	}
}

export {};
