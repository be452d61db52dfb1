import { books } from '$lib/server/runtime';
import { healthOf } from '$lib/server/keeping/health';
import { lastBackupTrouble } from '$lib/server/keeping/routine';
import { json } from '@sveltejs/kit';

/** For a supervisor: whether the books answer, are whole, have room, and are copied. */
export function GET() {
	const health = healthOf(books().db, lastBackupTrouble()?.why);
	return json(health, { status: health.status === 'damaged' ? 503 : 200 });
}
