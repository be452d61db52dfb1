import type { Person } from '$lib/server/device';

declare global {
	namespace App {
		interface Error {
			message: string;
			requestId?: string;
		}
		interface Locals {
			requestId: string;
			person: Person;
		}
	}
}

export {};
