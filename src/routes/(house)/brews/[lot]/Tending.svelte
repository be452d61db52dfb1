<script lang="ts">
	import { choiceText } from '$lib/input/chosen';
	import { limits } from '$lib/input/limits';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import type { Sent } from '$lib/components/entry/form-here';
	import Fold from '$lib/components/entry/Fold.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import SmallForm from '$lib/components/entry/SmallForm.svelte';
	import { isRecipe, recipeOf, type BrewStuff, type RecipeId } from '$lib/core/brews';
	import type { System } from '$lib/core/units';
	import { stuffName } from '$lib/format/brew-words';
	import { say } from '$lib/format/figure';
	import { capital } from '$lib/format/words';
	/** What one does with a brew besides smelling and pouring it: warmth, lid, straining, feeding, doubt. */
	let {
		recipe: id,
		isStrained,
		pumpRuns,
		leaks,
		isLost,
		feeds,
		vessels,
		actId,
		form,
		system
	}: {
		recipe: RecipeId;
		isStrained: boolean;
		pumpRuns: boolean;
		leaks: boolean;
		/** It is discarded elsewhere on its page. */
		isLost: boolean;
		feeds: {
			readonly takes: readonly BrewStuff[];
			readonly stock: readonly {
				readonly code: string;
				readonly name: string;
				readonly left_l: number;
				readonly stuff: BrewStuff;
			}[];
		};
		/** Free tubs it may be put into. */
		vessels: readonly { readonly name: string; readonly capacity_l: number }[];
		actId: string;
		form: Sent | null;
		system: System | undefined;
	} = $props();
	const of = (name: string) => form?.form === name;
	const recipe = $derived(recipeOf(id));
	const feedOptions = $derived([
		...feeds.stock.map(({ code, name, left_l, stuff }) => ({
			value: choiceText({ lot: code, stuff }),
			label: `${code} ${name}, ${say(left_l, 'L', system)}`
		})),
		...feeds.takes
			.filter((stuff) => !isRecipe(stuff))
			.map((stuff) => ({
				value: stuff as string,
				label: `${capital(stuffName(stuff))}, brought in now`
			}))
	]);
	/** One tap each: what was done, or seen of its lid. */
	const taps = $derived([
		...(recipe.air === 'pump' ? [{ verb: pumpRuns ? 'stop-pump' : 'start-pump' }] : []),
		...(recipe.air === 'stirred' ? [{ verb: 'stir', label: 'It is stirred' }] : []),
		...(recipe.gas ? [{ verb: 'vent' }] : []),
		...(recipe.air === 'vented' || recipe.gas ? [{ verb: leaks ? 'mend-lid' : 'lid-leaks' }] : [])
	]);
</script>

<Form name="read-temperature" sent={form} limits={limits.temperature}>
	<Field
		label="It is now, {system === 'us' ? '°F' : '°C'}"
		name="temperature"
		inputmode="decimal"
	/>
	<ActFoot {actId} label="Keep the reading" quiet noted={false} />
</Form>
{#if taps.length > 0}
	<div class="mt-4 flex flex-wrap gap-2">
		{#each taps as { verb, label }, i (verb)}<SmallForm
				{verb}
				{label}
				actId="{actId}-{i}"
				sent={form}
			/>{/each}
	</div>
{/if}
{#if recipe.strained && !isStrained}
	<Fold name="strain" class="mt-3" label="Strain it" open={of('strain')}>
		<Form name="strain" sent={form} limits={limits.strain}>
			<Field label="Drawn off" name="drawn" hint="What stays on the cloth goes on a heap" />
			<ActFoot {actId} label="It is strained" quiet noted={false} />
		</Form>
	</Fold>
{/if}
<Fold name="move" label="Put it elsewhere" open={of('move')}>
	<Form name="move" sent={form}>
		<Choice
			label="Into"
			name="into"
			options={[
				...vessels.map(({ name, capacity_l }) => ({
					value: name,
					label: `${name}, ${say(capacity_l, 'L', system)}`
				})),
				{ value: '', label: 'Bottles, nothing that is measured' }
			]}
		/>
		<ActFoot {actId} label="It stands there" quiet noted={false} />
	</Form>
</Fold>
{#if feedOptions.length > 0}
	<Fold name="feed" label="Feed it" open={of('feed')}>
		<Form name="feed" sent={form}>
			<Choice label="With" name="feed" options={feedOptions} />
			<Field label="How much of it" name="feedAmount" hint="Like 200 g or 50 mL" />
			<ActFoot {actId} label="It is fed" quiet noted={false} />
		</Form>
	</Fold>
{/if}
<SmallForm verb="read-salt" actId="{actId}-salt" sent={form} />
<SmallForm verb="doubt" actId="{actId}-doubt" sent={form} />
{#if !isLost}
	<Fold name="pour" label="Pour it out" open={of('pour')}>
		<Form name="pour" sent={form} limits={limits.takeAway}>
			<input type="hidden" name="how" value="dispose" />
			<Field label="How much" name="taken" hint="Empty: all that is left" />
			<Field label="Where to, and why" name="takenReason" />
			<ActFoot {actId} label="It is poured out" quiet noted={false} />
		</Form>
	</Fold>
{/if}
