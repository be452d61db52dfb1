import type { System } from '$lib/core/units';
import { verbWords } from '$lib/format/room-words';
import { say } from '$lib/format/figure';
import { capital } from '$lib/format/words';
import { newActId } from '$lib/server/page';
import type { Did } from '$lib/server/questions/did';

/** What was just done, in words, with an id for its undoing. */
export function sayDid({ actId, line, name, state, took, verb }: Did, system: System | undefined) {
	const stands = state === 'stands';
	const amount = took && stands ? `, ${say(took.litres, 'L', system)} of ${took.code}` : '';
	const words = `${verbWords[verb] ?? verb}${amount}`;
	const says = capital(line || [name, words].filter(Boolean).join(': '));
	return { says, stands, actId, undoId: newActId() };
}
