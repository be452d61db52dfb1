<script lang="ts">
	import { inLitres } from '$lib/core/units';
	import RipeningBand from '$lib/components/band/RipeningBand.svelte';
	import { schoolOf, type Readiness, type SchoolId } from '$lib/core/charging';
	import { bandParts, type Window, days } from '$lib/core/time';
	import type { System } from '$lib/core/units';
	import { sayDay, sayFromNow, type Almanac } from '$lib/format/dates';
	import { say } from '$lib/format/figure';
	import { readinessWords } from '$lib/format/words';
	/** A charge at a glance: litres, state, its band and when it next changes. */
	interface Line {
		readonly charge: {
			readonly code: string;
			readonly school: SchoolId;
			readonly volume_ul: number;
		};
		readonly window: Window;
		readonly state: Readiness;
	}
	let { line, almanac, system }: { line: Line; almanac: Almanac; system: System | undefined } =
		$props();
	const from = $derived(line.window.start_ms);
	const to = $derived(
		Math.max(
			almanac.now_ms + days(7),
			Math.min(line.window.past_ms ?? Infinity, line.window.start_ms + days(90))
		)
	);
	const next = $derived.by((): string => {
		const { usable_ms, best_ms, fading_ms } = line.window;
		if (line.state === 'working')
			return usable_ms === null ? 'too cold to cure' : `earliest ${sayFromNow(usable_ms, almanac)}`;
		if (line.state === 'wants-test')
			return usable_ms === null ? '' : `its date came ${sayFromNow(usable_ms, almanac)}`;
		if (best_ms !== null && best_ms > almanac.now_ms)
			return `at its best ${sayFromNow(best_ms, almanac)}`;
		return fading_ms === null
			? ''
			: fading_ms > almanac.now_ms
				? `good until ${sayDay(fading_ms, almanac)}`
				: '';
	});
</script>

<p class="py-1">
	<a
		href="/charging/{line.charge.code}"
		class="inline-block min-h-11 content-center hover:underline"
	>
		<strong>{line.charge.code}</strong>
		{schoolOf(line.charge.school).name}
	</a>
	· {say(inLitres(line.charge.volume_ul), 'L', system)}
</p>
<RipeningBand parts={bandParts(line.window, from, to)} {from} {to} now={almanac.now_ms} />
<p class="text-sm">
	<strong
		class={line.state === 'failed' || line.state === 'past'
			? 'text-error'
			: line.state === 'ripe'
				? 'text-success'
				: ''}>{readinessWords[line.state]}</strong
	>{#if next}; {next}{/if}
</p>
