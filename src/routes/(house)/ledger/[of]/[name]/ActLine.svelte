<script lang="ts">
	import { inLitres } from '$lib/core/units';
	import { hours } from '$lib/core/time';
	import type { System } from '$lib/core/units';
	import { whenOpened } from '$lib/components/entry/folds';
	import { sayMoment, type Almanac } from '$lib/format/dates';
	import { sayCaution } from '$lib/format/caution-words';
	import { say } from '$lib/format/figure';
	import { fieldWords, verbWords } from '$lib/format/room-words';
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
		value === 0 ? '–' : `${value > 0 ? '+' : '−'}${say(Math.abs(value), unit, system)}`;
	const verb = $derived(verbWords[act.verb] ?? act.verb);
	const stands = $derived(!act.reversed && !act.isReversal);
	/** What lies behind the line is made when it is opened. */
	let wasOpened = $state(false);
	const isMade = $derived(act.resting !== undefined || wasOpened);
	const late = $derived(act.recorded_ms - act.at_ms > hours(1));
</script>

<li id="act-{act.seq}" class="border-b border-base-300 {stands ? '' : 'quiet'}">
	<!-- One line to an act; what was typed and its reversal open on demand. -->
	<details open={act.resting !== undefined} {@attach whenOpened(() => (wasOpened = true))}>
		<summary
			class="flex min-h-11 cursor-pointer flex-wrap items-center gap-x-4 py-1 [&::-webkit-details-marker]:hidden"
		>
			<span class="min-w-0 flex-1"
				><strong class={act.reversed ? 'line-through' : ''}>{capital(verb)}</strong>
				<span class="quiet"
					>{sayMoment(act.at_ms, almanac)}, {act.person}{act.reversed ? ' (reversed)' : ''}{late
						? `; written down ${sayMoment(act.recorded_ms, almanac)}`
						: ''}</span
				>{#if act.note}<span class="block text-sm">{act.note}</span>{/if}</span
			>
			{#if moves}<span class="text-right"
					>{signed(inLitres(act.volume_ul), 'L')}
					<span class="quiet">{signed(act.dry_g / 1000, 'kg')}{act.dry_g === 0 ? '' : ' dry'}</span
					></span
				>{/if}
			<svg viewBox="0 0 12 12" class="size-3 shrink-0" aria-hidden="true"
				><path d="M1 4l5 5 5-5" fill="none" stroke="var(--ash)" stroke-width="2" /></svg
			>
		</summary>
		<div class="border-l-2 border-base-300 pb-3 pl-4">
			{#if !isMade}
				<!-- Without script it is asked for. -->
				<a
					class="inline-block min-h-11 content-center underline"
					href="?opened={act.id}#act-{act.seq}"
					data-sveltekit-noscroll>What was typed, and how it is undone</a
				>
			{:else}
				{#if act.typed.length > 0}
					<h3 class="text-sm">What was typed</h3>
					<ul class="pb-2 text-sm">
						{#each act.typed as [field, value] (field)}
							<li>{fieldWords[field] ?? field}: <strong>{value}</strong></li>
						{/each}
					</ul>
				{/if}
				{#if act.answered.length > 0}
					<h3 class="text-sm">What spoke against it, and why it was done</h3>
					<ul class="pb-2 text-sm">
						{#each act.answered as answer, i (i)}
							<li>{sayCaution(answer, system)} <strong>{answer.reason}</strong></li>
						{/each}
					</ul>
				{/if}
				{#if stands}
					<form method="post" action="?/reverse">
						<input type="hidden" name="actId" value={actId} />
						<input type="hidden" name="act" value={act.id} />
						{#if act.resting && act.resting.n > 0}
							<p>
								{capital(count(act.resting.n, 'later act rests', 'later acts rest'))} on it and would
								be undone first:
							</p>
							<ol class="mb-2 list-decimal pl-6 text-sm">
								{#each act.resting.first as rest (rest.id)}<li>
										{verbWords[rest.verb] ?? rest.verb}, {sayMoment(rest.at_ms, almanac)}
									</li>{/each}
							</ol>
							{#if act.resting.n > act.resting.first.length}<p class="quiet text-sm">
									and {act.resting.n - act.resting.first.length} more
								</p>{/if}
							<label class="flex min-h-12 items-center gap-3"
								><input type="checkbox" class="checkbox" name="withDependents" />Undo {act.resting
									.n === 1
									? 'it'
									: 'them'} too</label
							>
						{:else if act.isRestedOn}<p>
								<a
									class="inline-block min-h-11 content-center underline"
									href="?opened={act.id}#act-{act.seq}"
									data-sveltekit-noscroll>See what rests on it</a
								>
							</p>{/if}
						<button class="btn min-h-12 btn-outline">Reverse: {verb}</button>
					</form>
				{/if}
			{/if}
		</div>
	</details>
</li>
