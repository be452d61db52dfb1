import { sayDay, type Almanac } from '$lib/format/dates';
import { capital, count } from '$lib/format/words';

/** From which beds may one eat raw, and from when? */
export function kitchenAnswer(
	waiting: readonly { readonly onSoilFrom_ms: number }[],
	free: number,
	almanac: Almanac
): string {
	if (waiting.length + free === 0) return 'No bed is in the books yet, so nothing is known of any';
	if (waiting.length === 0) return 'By what the books know, nothing raw has to wait on any bed';
	const last = Math.max(...waiting.map(({ onSoilFrom_ms }) => onSoilFrom_ms));
	return capital(
		`${count(waiting.length, 'bed has', 'beds have')} to wait before anything of it is eaten raw, the last until ${sayDay(last, almanac)}`
	);
}
