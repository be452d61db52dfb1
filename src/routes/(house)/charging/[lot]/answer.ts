import { inLitres } from '$lib/core/units';
import type { Readiness } from '$lib/core/charging';
import type { Window } from '$lib/core/time';
import type { System } from '$lib/core/units';
import { sayWhen, type Almanac } from '$lib/format/dates';
import { say } from '$lib/format/figure';
import { figured, said, type Sentence } from '$lib/format/sentence';

export interface ChargeFacts {
	readonly code: string;
	readonly volume_ul: number;
	readonly state: Readiness;
	readonly window: Window;
}

/** Is it ready; if not, when, and what proves it? */
export function chargeAnswer(
	{ code, volume_ul, state, window }: ChargeFacts,
	system: System | undefined,
	almanac: Almanac
): Sentence | string {
	if (volume_ul <= 0) return `${code} is used up`;
	const amount = figured(say(inLitres(volume_ul), 'L', system), 'lot', code, 'litres');
	const on = (ms: number | null, stage: 'usable' | 'fading' | 'past') =>
		ms === null
			? 'not while it stands this cold'
			: figured(sayWhen(ms, almanac), 'lot', code, stage);
	const sentences: Readonly<Record<Readiness, Sentence>> = {
		working: said`${code} is not ready: earliest ${on(window.usable_ms, 'usable')}, and a passed test`,
		'wants-test': said`${code} has reached its date: test it, then its ${amount} may be used`,
		failed: said`${code} failed its test: not ready, whatever its date says`,
		ripe: said`${code} is ready: ${amount}, good until ${on(window.fading_ms, 'fading')}`,
		fading: said`${code} is fading: use its ${amount} before ${on(window.past_ms, 'past')}`,
		past: said`${code} is past its time: drain, wet and test its ${amount} again`
	};
	return sentences[state];
}
