<script lang="ts">
	import { inLitres } from '$lib/core/units';
	import type { System } from '$lib/core/units';
	import { sayRange, sayWater } from '$lib/format/figure';
	import { sayDay, type Almanac } from '$lib/format/dates';
	import { moistureWords } from '$lib/format/words';
	import StackCutaway from '$lib/components/cutaway/StackCutaway.svelte';
	import { looseVolume, solidVolume, woodClass } from '$lib/core/woodyard';
	import { faceOf } from './reckoning';
	import type { PageData } from './$types';
	/** One stack in the yard: how much, how dry, may it burn. */
	let {
		line,
		system,
		almanac
	}: { line: PageData['stacks']['rows'][number]; system: System | undefined; almanac: Almanac } =
		$props();
	const state = $derived(line.reading?.state);
	const loose = $derived(looseVolume(line.stack.measure).value);
	const marks: Readonly<Record<string, string>> = {
		ready: '✓',
		slower: '✓',
		unread: '?',
		wet: '✕',
		held: '✕'
	};
	const verdict = $derived(
		line.held === undefined
			? moistureWords[state?.verdict ?? 'unread']
			: 'quarantined: never loaded'
	);
</script>

<li
	class="thing-row grid min-h-16 grid-cols-[1.5rem_4.5rem_1fr] items-center gap-x-3 py-2 sm:grid-cols-[1.5rem_4.5rem_1fr_auto]"
>
	<span
		aria-hidden="true"
		class="text-xl font-bold {line.burnable === 'ready' || line.burnable === 'slower'
			? 'text-success'
			: line.burnable === 'unread'
				? 'quiet'
				: 'text-error'}">{marks[line.burnable] ?? ''}</span
	>
	<StackCutaway
		{...faceOf(line.stack.measure, loose)}
		solidShare={solidVolume(line.stack.measure).value / loose}
		leftShare={inLitres(line.stack.volume_ul) / loose}
		caption=""
		{system}
		small
	/>
	<span>
		<a class="row-link font-semibold" href="/woodyard/{line.stack.code}"
			>{line.stack.code} {line.stack.name}</a
		>
		<span class="quiet block text-sm"
			>{woodClass(line.stack.measure.wood).name} · {verdict}{line.reading
				? `, read ${sayDay(line.reading.at_ms, almanac)}`
				: ''}</span
		>
	</span>
	<span
		class="col-start-3 flex flex-wrap items-baseline gap-x-3 whitespace-nowrap sm:col-start-auto sm:block sm:text-right"
	>
		<strong>{sayRange({ ...line.left, unit: 'kg' }, system)} dry</strong>
		<span class="quiet text-sm sm:block"
			>{#if state?.mean === undefined}moisture unknown{:else}{sayWater(state.mean, state.bound)} wet basis{/if}</span
		>
	</span>
</li>
