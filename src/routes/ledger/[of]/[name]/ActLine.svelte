<script lang="ts">
	import type { System } from '$lib/core/units';
	import { sayMoment, type Almanac } from '$lib/format/dates';
	import { say } from '$lib/format/figure';
	import { fieldWords, verbWords } from '$lib/format/act-words';
	import { capital, count } from '$lib/format/words';
	import type { PageData } from './$types';
	/** One act of a lot: what it moved, what was typed, and its reversal. */
	let {
		act,
		moves = true,
		actId,
		almanac,
		system
	}: {
		act: PageData['acts'][number];
		/** What has an amount: a fire or vessel has none. */
		moves?: boolean;
		/** Id for the reversing act. */
		actId: string;
		almanac: Almanac;
		system: System | undefined;
	} = $props();
	const signed = (value: number, unit: 'L' | 'kg') =>
		value === 0 ? '–' : `${value > 0 ? '+' : '−'}${say(Math.abs(value) / 1000, unit, system)}`;
	const verb = $derived(verbWords[act.verb] ?? act.verb);
	const stands = $derived(!act.reversed && !act.isReversal);
	const late = $derived(act.recorded_ms - act.at_ms > 3_600_000);
</script>

<li class="border-b border-base-300 py-3 {stands ? '' : 'quiet'}">
	<div class="flex flex-wrap items-baseline justify-between gap-x-4">
		<span
			><strong class={act.reversed ? 'line-through' : ''}>{capital(verb)}</strong>
			{sayMoment(act.at_ms, almanac)}, {act.person}{act.reversed ? ' (reversed)' : ''}{late
				? `; written down ${sayMoment(act.recorded_ms, almanac)}`
				: ''}</span
		>
		{#if moves}<span
				>{signed(act.volume_ml, 'L')}
				<span class="quiet">{signed(act.dry_g, 'kg')}{act.dry_g === 0 ? '' : ' dry'}</span></span
			>{/if}
	</div>
	{#if act.note}<p>{act.note}</p>{/if}
	<div class="flex flex-wrap gap-x-6">
		{#if act.typed.length > 0}
			<details>
				<summary class="inline-flex min-h-11 cursor-pointer items-center text-sm underline"
					>What was typed</summary
				>
				<ul class="pb-2 text-sm">
					{#each act.typed as [field, value] (field)}
						<li>{fieldWords[field] ?? field}: <strong>{value}</strong></li>
					{/each}
				</ul>
			</details>
		{/if}
		{#if stands}
			<details>
				<summary class="inline-flex min-h-11 cursor-pointer items-center text-sm underline"
					>Reverse it</summary
				>
				<form method="post" action="?/reverse" class="pb-3">
					<input type="hidden" name="actId" value={actId} />
					<input type="hidden" name="act" value={act.id} />
					{#if act.resting.length > 0}
						<p>
							{capital(count(act.resting.length, 'later act rests', 'later acts rest'))} on it and would
							be undone first:
						</p>
						<ol class="mb-2 list-decimal pl-6 text-sm">
							{#each act.resting as rest (rest.id)}<li>
									{verbWords[rest.verb] ?? rest.verb}, {sayMoment(rest.at_ms, almanac)}
								</li>{/each}
						</ol>
						<label class="flex min-h-12 items-center gap-3"
							><input type="checkbox" class="checkbox" name="withDependents" />Undo {act.resting
								.length === 1
								? 'it'
								: 'them'} too</label
						>
					{/if}
					<button class="btn min-h-12 btn-outline">Reverse: {verb}</button>
				</form>
			</details>
		{/if}
	</div>
</li>
