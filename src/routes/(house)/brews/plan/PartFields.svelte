<script lang="ts">
	import { choiceText } from '$lib/input/chosen';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import {
		isRecipe,
		recipeOf,
		type BrewStuff,
		type BrewWorked,
		type Recipe,
		type RecipePart
	} from '$lib/core/brews';
	import { factors, type System } from '$lib/core/units';
	import { partWords, stuffName } from '$lib/format/brew-words';
	import { say, saySpan } from '$lib/format/figure';
	import { capital } from '$lib/format/words';
	import { choiceFor, type BrewEntry, type BrewStock } from './reckoning';
	/** What goes in besides what the recipe is counted by: each with how much, and out of which lot. */
	let {
		entry = $bindable(),
		recipe,
		reckoned,
		stock,
		system
	}: {
		entry: BrewEntry;
		recipe: Recipe;
		reckoned: BrewWorked | undefined;
		stock: readonly BrewStock[];
		system: System | undefined;
	} = $props();
	const options = (from: readonly BrewStuff[]) => [
		...stock
			.filter(({ stuff }) => from.includes(stuff))
			.map(({ code, name, stuff, left_l, doubt }) => ({
				value: choiceText({ lot: code, stuff }),
				label: `${code} ${name}, ${say(left_l, 'L', system)}${doubt ? ` (${doubt})` : ''}`
			})),
		...from
			.filter((stuff) => !isRecipe(stuff))
			.map((stuff) => ({
				value: stuff as string,
				label: `${capital(stuffName(stuff))}, brought in now`
			}))
	];
	/** None of it is there, and it can't be brought in: it must be brewed first. */
	const lacking = (from: readonly BrewStuff[]) => options(from).length === 0;
	const asked = (id: string) => reckoned?.parts.find(({ part }) => part.id === id);
	const { mass, volume } = factors;
	/** What the amounts of a recipe are told to: a round measure of the base, and its share of ten litres or kilograms. */
	const toThat = $derived(
		recipe.base.by === 'kg'
			? system === 'us'
				? { share: mass.pound / 10, words: 'a pound' }
				: { share: 1, words: 'ten kilograms' }
			: system === 'us'
				? { share: volume.usGallon / 10, words: 'a gallon' }
				: { share: 1, words: 'ten litres' }
	);
	const hint = ({ id, by, isOption, per10 }: RecipePart) => {
		const usual = asked(id);
		const range = usual
			? usual.high - usual.low < 1e-9
				? say(usual.usual, by, system)
				: saySpan(usual.low, usual.high, by, system)
			: `${saySpan(per10[0] * toThat.share, per10[1] * toThat.share, by, system)} to ${toThat.words}`;
		if (isOption) return `Empty: none; else ${range}`;
		return per10[0] === per10[1] ? `Empty: ${range}` : `Empty: ${range}, the middle`;
	};
	const needed = $derived(recipe.parts.filter(({ isOption }) => !isOption));
	const besides = $derived(recipe.parts.filter(({ isOption }) => isOption));
	const isSet = $derived(besides.some(({ id }) => entry.parts[id]?.amount));
</script>

{#snippet part(one: RecipePart)}
	{#if lacking(one.from)}
		<p class="border-l-4 border-warning pl-3 text-sm">
			No {stuffName(one.from[0]!)} is there.
			<a class="underline" href="/brews/plan?recipe={one.from[0]}">Set that going first</a>: {recipeOf(
				one.from[0]!
			).source}.
		</p>
	{:else}
		<Choice
			label={partWords[one.id] ?? one.id}
			name="with-{one.id}"
			bind:value={
				() => choiceFor(one.from, entry.parts[one.id]?.with ?? '', stock),
				(chosen) =>
					(entry.parts[one.id] = { amount: entry.parts[one.id]?.amount ?? '', with: chosen })
			}
			options={options(one.from)}
		/>
		<Field
			label="{partWords[one.id] ?? one.id}, how much"
			name="amount-{one.id}"
			bind:value={
				() => entry.parts[one.id]?.amount ?? '',
				(amount) => (entry.parts[one.id] = { with: entry.parts[one.id]?.with ?? '', amount })
			}
			hint={hint(one)}
		/>
	{/if}
{/snippet}

{#each needed as one (one.id)}{@render part(one)}{/each}
{#if reckoned?.parts.some(({ stuff }) => stuff === 'bread-yeast')}<p class="text-sm">
		Bread yeast is one organism and short-lived; many start with it. A wild grain culture has many:
		<a class="underline" href="/brews/plan?recipe=grain-culture">catch one</a>.
	</p>{/if}
{#if besides.length > 0}
	<details class="col-span-full" open={isSet}>
		<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
			>What some add besides</summary
		>
		<div class="form-grid mt-1">
			{#each besides as one (one.id)}{@render part(one)}{/each}
		</div>
	</details>
{/if}
