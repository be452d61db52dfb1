<script lang="ts">
	import Say from '$lib/components/answer/Say.svelte';
	import Caution from '$lib/components/answer/Caution.svelte';
	import type { System } from '$lib/core/units';
	import { say } from '$lib/format/figure';
	import { slipped } from '$lib/format/sentence';
	import { goWords, moistureWords } from '$lib/format/words';
	import type { PlanEntry, ReckonedPlan } from './reckoning';
	import Field from '$lib/components/entry/Field.svelte';
	/** Before the match: what the program can judge, and what only the grower can say. */
	let {
		plan,
		entry = $bindable(),
		system
	}: {
		plan: ReckonedPlan | undefined;
		/** What was seen to, and the wind as it was read. */
		entry: PlanEntry;
		system: System | undefined;
	} = $props();
	const marks = { go: '✓', no: '✕', ask: '?' } as const;
</script>

<h2 class="mt-6 mb-2 text-xl">Before the match</h2>
<Caution>
	A ban, a missing permit, gusts or dry grass are a no. Never on peat, roots, buried cables, river
	stones or concrete. No galvanised metal. A still evening holds the smoke down. Two people; never
	left; water first.
</Caution>
{#if plan}
	<ul>
		{#each plan.go as { item, state } (item)}
			<li class="border-b border-base-300">
				<label class="flex min-h-12 items-center gap-3 py-1">
					{#if item === 'wood' || item === 'water' || item === 'fits'}
						<span
							aria-hidden="true"
							class="w-6 text-center text-xl font-bold {state === 'go'
								? 'text-success'
								: state === 'no'
									? 'text-error'
									: 'quiet'}">{marks[state]}</span
						>
					{:else}
						<input
							type="checkbox"
							class="checkbox"
							name="said"
							value={item}
							bind:group={entry.said}
						/>
					{/if}
					<span>
						{goWords(item, system)}
						{#if item === 'wind' && entry.windSpeed + entry.gustSpeed !== ''}<strong
								class="block {state === 'no' ? 'text-error' : ''}"
								>{state === 'no'
									? 'Too much wind as it was read: not today'
									: state === 'go'
										? 'As it was read, it may be lit'
										: 'Read the gusts, too'}</strong
							>{/if}
						{#if item === 'wood'}<span class="quiet block text-sm">{moistureWords[plan.worst]}</span
							>{/if}
						{#if item === 'water'}<span class="quiet block text-sm"
								><Say
									sentence={[
										slipped(say(plan.forecast.water.onSite.value, 'L', system), 'Water on site')
									]}
								/> wanted{state === 'no'
									? ': too little on site'
									: state === 'ask'
										? ': type what you have'
										: ''}</span
							>{/if}
						{#if item === 'fits' && state === 'no' && plan.forecast.fill.status === 'overflows'}<span
								class="block text-sm text-error"
								>{say(plan.forecast.fill.over, 'L', system)} too much for {plan.vessel.name}</span
							>{/if}
					</span>
				</label>
			</li>
		{/each}
	</ul>
	<div class="form-grid mt-2 max-w-md">
		<Field
			label="Wind, {system === 'us' ? 'mph' : 'km/h'}"
			name="windSpeed"
			inputmode="decimal"
			bind:value={entry.windSpeed}
		/>
		<Field
			label="Gusts, {system === 'us' ? 'mph' : 'km/h'}"
			name="gustSpeed"
			inputmode="decimal"
			bind:value={entry.gustSpeed}
		/>
	</div>
{/if}
