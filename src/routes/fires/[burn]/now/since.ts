import { beganAt, throughAt, type FireNow } from '$lib/core/tending';
import type { System } from '$lib/core/units';
import { say } from '$lib/format/figure';
import { sayClock } from '$lib/format/tending-words';

/** What the large clock counts from: what the next act waits for. */
export function sinceOf(
	{ course, stage }: FireNow,
	lit_ms: number | undefined
): { readonly label: string; readonly from_ms: number } | undefined {
	const last = course.layers.at(-1);
	if (course.quenched_ms !== undefined)
		return { label: 'since the quench', from_ms: course.quenched_ms };
	const through_ms = throughAt(course);
	if ((stage === 'through' || stage === 'stirred') && through_ms !== undefined)
		return { label: 'since it was through', from_ms: through_ms };
	const running = course.runs.at(-1);
	if (running && running.to_ms === undefined)
		return { label: 'the water runs', from_ms: running.from_ms };
	if (last && stage === 'feeding') return { label: `since layer ${last.n}`, from_ms: last.at_ms };
	return lit_ms === undefined ? undefined : { label: 'since it was lit', from_ms: lit_ms };
}

/** How long it has burnt in all, and what was read last while it burns. */
export function headOf({ course }: FireNow, now_ms: number, system: System | undefined): string {
	const began_ms = beganAt(course);
	const { quenched_ms, heats } = course;
	const hot = quenched_ms === undefined ? heats.at(-1) : undefined;
	return [
		...(began_ms === undefined ? [] : [sayClock((quenched_ms ?? now_ms) - began_ms)]),
		...(hot ? [say(hot.c, '°C', system)] : [])
	].join(' · ');
}
