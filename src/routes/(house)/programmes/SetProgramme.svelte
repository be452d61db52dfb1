<script lang="ts">
	import { limits } from '$lib/input/limits';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import type { Sent } from '$lib/components/entry/form-here';
	import Form from '$lib/components/entry/Form.svelte';
	import {
		drinks,
		firstRecipes,
		isRecipe,
		recipeOf,
		targetOn,
		type WateredBed
	} from '$lib/core/brews';
	import type { System } from '$lib/core/units';
	import { plain, say } from '$lib/format/figure';
	import { capital } from '$lib/format/words';
	import { typedOfSet, type ProgrammeSet } from './set';
	/** A programme to set: which brew, how often, from when to when, how much on which beds. */
	let {
		programme,
		recipes,
		beds,
		today,
		until,
		actId,
		form,
		system
	}: {
		/** One that is changed: it keeps its name and what was walked. */
		programme?: ProgrammeSet;
		recipes: readonly { readonly id: string; readonly name: string }[];
		beds: readonly (WateredBed & { readonly eatenRaw: boolean })[];
		today: string;
		until: string;
		actId: string;
		form: Sent | null;
		system: System | undefined;
	} = $props();
	const isMine = $derived(
		form?.form === 'set' &&
			(programme
				? form.values.again === 'yes' && form.values.name === programme.name
				: form.values.again !== 'yes')
	);
	const sent = $derived(isMine ? (form ?? undefined) : undefined);
	const errors = $derived(sent?.errors ?? {});
	// svelte-ignore state_referenced_locally
	let recipe = $state(sent?.values.recipe ?? programme?.recipe ?? firstRecipes.rounds);
	// What was sent may be no recipe at all.
	const kind = $derived(recipeOf(isRecipe(recipe) ? recipe : firstRecipes.rounds));
	const known = $derived({
		recipe: firstRecipes.rounds,
		from: today,
		until,
		every: '7',
		parts: plain(kind.soil?.usual ?? 10, 0),
		temperature: system === 'us' ? '64' : '18',
		...(programme ? typedOfSet(programme, system) : {})
	});
	// svelte-ignore state_referenced_locally
	let onto = $state(sent?.values.onto ?? programme?.onto ?? 'soil');
	const isSprayed = $derived(onto === 'leaves' && kind.leaves !== undefined);
	const thinning = $derived(isSprayed ? kind.leaves : kind.soil);
	const usual = (bed: WateredBed) =>
		say(drinks(targetOn(bed, isSprayed ? 'leaves' : 'soil')).value, 'L', system);
</script>

<Form
	name="set"
	{sent}
	{known}
	limits={{ ...limits.programme, ...limits.drench, temperature: limits.brew.temperature }}
>
	<div class="form-grid">
		{#if programme}<input type="hidden" name="again" value="yes" />
			<input type="hidden" name="name" value={programme.name} />{:else}<Field
				label="Its name"
				name="name"
			/>{/if}
		<Choice
			label="With"
			name="recipe"
			bind:value={recipe}
			options={recipes.map(({ id, name }) => ({ value: id, label: capital(name) }))}
		/>
		<Field label="From" name="from" hint="Like 1 Apr" />
		<Field label="Until" name="until" />
		<Field label="Every so many days" name="every" inputmode="decimal" />
		<Field
			label="Parts of water to one of brew"
			name="parts"
			inputmode="decimal"
			hint={thinning
				? `1 : ${plain(thinning.strongest, 0)} to 1 : ${plain(thinning.finest, 0)}`
				: ''}
		/>
		{#if kind.leaves}<Choice
				label="It goes on"
				name="onto"
				bind:value={onto}
				options={[
					{ value: 'soil', label: 'The ground' },
					{ value: 'leaves', label: 'Leaves, strained' }
				]}
			/>{/if}
		<Field label="Its brews stand at" name="temperature" inputmode="decimal" />
		<Choice
			label="Where a brew is short, it is served"
			name="priority"
			options={[
				{ value: 'usual', label: 'By its day' },
				{ value: 'first', label: 'Before the others' },
				{ value: 'last', label: 'After the others' }
			]}
		/>
	</div>
	<details
		class="mt-2"
		open={Boolean(errors.thenUntil || errors.thenEvery || programme?.phases[1])}
	>
		<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
			>Another pace after that</summary
		>
		<div class="form-grid">
			<Field label="Then until" name="thenUntil" />
			<Field label="Then every so many days" name="thenEvery" inputmode="decimal" />
		</div>
	</details>
	<h3 class="mt-3 text-lg">How much on which beds, diluted</h3>
	<div class="grid gap-x-6 sm:grid-cols-2">
		{#each beds as bed (bed.name)}
			<Field
				label={bed.name}
				name="each:{bed.name}"
				hint="{usual(bed)} is usual{bed.eatenRaw ? '; eaten raw' : ''}"
			/>
		{/each}
	</div>
	{#if errors.stops}<p class="font-semibold text-error">{errors.stops}</p>{/if}
	<ActFoot
		{actId}
		label={programme ? 'Keep the change' : 'Set the programme'}
		quiet={programme !== undefined}
	/>
</Form>
