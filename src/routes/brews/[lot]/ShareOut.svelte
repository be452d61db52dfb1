<script lang="ts">
	import { limits } from '$lib/input/limits';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import type { Sent } from '$lib/components/entry/form-here';
	import Form from '$lib/components/entry/Form.svelte';
	import { dilutedAs, fillsOf, recipeOf, type RecipeId } from '$lib/core/brews';
	import { litres, type OwnMeasure, type System } from '$lib/core/units';
	import { sayDay, type Almanac } from '$lib/format/dates';
	import { plain, say } from '$lib/format/figure';
	import { count } from '$lib/format/words';
	import { shareOut, usualDrench } from './sharing';
	/** Who gets it, thinned by how much: litres as they are poured, and the brew in them. */
	let {
		recipe,
		held_l,
		beds,
		actId,
		form,
		almanac,
		system,
		measures
	}: {
		recipe: RecipeId;
		held_l: number;
		beds: readonly {
			readonly name: string;
			readonly area_m2: number;
			readonly eatenRaw: boolean;
			readonly last_ms: number | null;
		}[];
		actId: string;
		form: Sent | null;
		almanac: Almanac;
		system: System | undefined;
		measures: readonly OwnMeasure[];
	} = $props();
	const sent = $derived(form?.form === 'drench' ? form : undefined);
	const errors = $derived(sent?.errors ?? {});
	// A form starts from what was sent; afterwards it belongs to the person typing.
	// svelte-ignore state_referenced_locally
	let parts = $state(sent?.values.parts ?? '4');
	// svelte-ignore state_referenced_locally
	let amounts = $state<Record<string, string>>(
		Object.fromEntries(beds.map(({ name }) => [name, sent?.values[`diluted:${name}`] ?? '']))
	);
	// svelte-ignore state_referenced_locally
	let reason = $state(sent?.values.reason ?? '');
	const shared = $derived(
		shareOut(held_l, parts, amounts, { measures, ...(system ? { system } : {}) })
	);
	const can = $derived(system === 'us' ? 9.46 : 9);
	const cans = $derived(
		shared && shared.total_l > 0
			? fillsOf(dilutedAs(litres(shared.total_l), shared.parts), litres(can))
			: undefined
	);
	const [strongest, finest] = $derived(recipeOf(recipe).dilution);
	const brewOf = $derived((bed: string) => shared?.stops.find((stop) => stop.bed === bed));
</script>

<Form name="drench" sent={form} known={{ parts: '4' }} limits={limits.drench}>
	<h2 class="text-xl">Who gets it</h2>
	<p class="mb-2" aria-live="polite">
		{#if shared}<strong
				>{say(held_l, 'L', system)} go as far as {say(shared.goes_l, 'L', system)}</strong
			>
			at 1 : {plain(shared.parts, 1)}, one part of brew in {plain(shared.parts + 1, 1)}.
			{#if cans}In all {say(shared.total_l, 'L', system)}: {count(
					cans.whole + (cans.last > 0.02 ? 1 : 0),
					'can',
					'cans'
				)} of {say(can, 'L', system)} with {say(cans.brewInEach, 'L', system)} of brew in each.{/if}
		{:else}How many parts of water to one of brew?{/if}
	</p>
	<div class="mb-3 max-w-72">
		<Field
			label="Parts of water to one of brew"
			name="parts"
			bind:value={parts}
			inputmode="decimal"
			hint="{plain(strongest, 0)} (undiluted) to {plain(finest, 0)} on the ground"
		/>
	</div>
	<div class="overflow-x-auto">
		<table class="ledger-table">
			<thead
				><tr
					><th>bed</th><th>as poured, diluted</th><th class="num">brew in it</th><th
						class="max-sm:hidden">last had any</th
					></tr
				></thead
			>
			<tbody>
				{#each beds as bed, i (bed.name)}
					{@const stop = brewOf(bed.name)}
					<tr>
						<td
							><label class="font-semibold" for="diluted-{i}">{bed.name}</label>
							<span class="quiet text-sm"
								>{bed.eatenRaw
									? 'eaten raw: not on leaves'
									: `about ${say(usualDrench(bed.area_m2), 'L', system)}`}</span
							></td
						>
						<td
							><input
								id="diluted-{i}"
								name="diluted:{bed.name}"
								bind:value={amounts[bed.name]}
								class="input min-h-12 w-32 border-base-content/60 bg-base-200 {errors[
									`diluted:${bed.name}`
								]
									? 'border-2 border-error'
									: ''}"
								autocomplete="off"
								aria-invalid={errors[`diluted:${bed.name}`] ? 'true' : undefined}
							/>
							{#if errors[`diluted:${bed.name}`]}<p class="font-semibold text-error">
									{errors[`diluted:${bed.name}`]}
								</p>{/if}</td
						>
						<td class="num">{stop?.brew_l === undefined ? '–' : say(stop.brew_l, 'L', system)}</td>
						<td class="quiet max-sm:hidden"
							>{bed.last_ms === null ? 'never' : sayDay(bed.last_ms, almanac)}</td
						>
					</tr>
				{/each}
				<tr>
					<td><strong>left over</strong></td><td></td>
					<td class="num {shared && shared.left_l < 0 ? 'font-semibold text-error' : ''}"
						>{shared
							? shared.left_l < -0.001
								? `${say(-shared.left_l, 'L', system)} short`
								: say(Math.max(0, shared.left_l), 'L', system)
							: '–'}</td
					><td class="max-sm:hidden"></td>
				</tr>
			</tbody>
		</table>
	</div>
	{#if errors.reason}<div class="mt-3">
			<Field label="Why it is right here" name="reason" bind:value={reason} />
		</div>{:else}<input type="hidden" name="reason" value={reason} />{/if}
	<ActFoot {actId} label="It is poured" />
</Form>
