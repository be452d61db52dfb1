<script lang="ts">
	import { choiceText } from '$lib/input/chosen';
	import { inLitres } from '$lib/core/units';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Fold from '$lib/components/entry/Fold.svelte';
	import type { School } from '$lib/core/charging';
	import { materialOf, type MaterialId } from '$lib/core/materials';
	import type { System } from '$lib/core/units';
	import { say } from '$lib/format/figure';
	import { extraWords } from '$lib/format/charge-words';
	import { capital } from '$lib/format/words';
	import { extraChoice } from './parts';
	import type { ChargeEntry, PlanStock } from './reckoning';
	/** What goes in besides: each with how much, and out of which lot. */
	let {
		entry = $bindable(),
		school,
		char_l,
		stock,
		system
	}: {
		entry: ChargeEntry;
		school: School;
		char_l: number;
		stock: readonly PlanStock[];
		system: System | undefined;
	} = $props();
	const choicesOf = (materials: readonly MaterialId[]) => [
		...stock
			.filter(({ material }) => materials.includes(material))
			.map(({ code, name, material, volume_ul }) => ({
				value: choiceText({ lot: code, stuff: material }),
				label: `${code} ${name}, ${say(inLitres(volume_ul), 'L', system)} left`
			})),
		...materials.map((id) => ({
			value: id as string,
			label: `${capital(materialOf(id).name)}, brought in now`
		}))
	];
	const isSet = $derived(school.extras.some(({ id }) => entry.extras[id]?.amount));
	const wanted = $derived(school.extras.filter(({ isOption }) => !isOption));
	const options = $derived(school.extras.filter(({ isOption }) => isOption));
</script>

{#snippet part(extra: School['extras'][number])}
	<Choice
		label={extraWords[extra.id] ?? extra.id}
		name="with-{extra.id}"
		bind:value={
			() => extraChoice(extra, entry.extras, stock),
			(chosen) =>
				(entry.extras[extra.id] = { amount: entry.extras[extra.id]?.amount ?? '', with: chosen })
		}
		options={choicesOf(extra.materials)}
	/>
	<Field
		label="{extraWords[extra.id] ?? extra.id}, how much"
		name="extra-{extra.id}"
		bind:value={
			() => entry.extras[extra.id]?.amount ?? '',
			(amount) => (entry.extras[extra.id] = { with: entry.extras[extra.id]?.with ?? '', amount })
		}
		hint={extra.isOption
			? `Empty: none; usual is ${say(char_l * extra.perChar.usual, 'L', system)}`
			: `Empty: ${say(char_l * extra.perChar.usual, 'L', system)}, as usual; 0 leaves it out`}
	/>
{/snippet}

{#if wanted.length > 0}
	<div class="form-grid mt-4">
		{#each wanted as extra (extra.id)}{@render part(extra)}{/each}
	</div>
{/if}
{#if options.length > 0}
	<Fold name="extras" label="What some add besides" class="mt-2" open={isSet}>
		<p class="quiet max-w-prose text-sm">
			{#if options.some(({ id }) => id === 'sugar')}Sugar is quick food for microbes and soon gone;
				with compost in it the gain is doubtful, and what was fed with sugar stays off what is eaten
				raw.{/if}
		</p>
		<div class="form-grid mt-2">
			{#each options as extra (extra.id)}{@render part(extra)}{/each}
		</div>
	</Fold>
{/if}
