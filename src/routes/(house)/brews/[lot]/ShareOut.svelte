<script lang="ts">
	import { limits } from '$lib/input/limits';
	import Sourced from '$lib/components/answer/Sourced.svelte';
	import Cans from '$lib/components/cutaway/Cans.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import type { Sent } from '$lib/components/entry/form-here';
	import Form from '$lib/components/entry/Form.svelte';
	import Tick from '$lib/components/entry/Tick.svelte';
	import Tiles from '$lib/components/entry/Tiles.svelte';
	import { goesFigure, recipeOf, type RecipeId } from '$lib/core/brews';
	import type { PutThing } from '$lib/core/applying';
	import type { Contents } from '$lib/core/ledger';
	import { litres, type OwnMeasure, type System } from '$lib/core/units';
	import { firstWords } from '$lib/format/brew-words';
	import type { Almanac } from '$lib/format/dates';
	import { plain, say } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import ShareTable from './ShareTable.svelte';
	import { shareOut, type ShareBed } from './sharing';
	/** Who gets it, thinned by how much: litres as they are poured, the brew in them, and the cans that carry it. */
	let {
		recipe: id,
		held_l,
		contents,
		thing,
		beds,
		rest,
		startParts,
		isRead,
		actId,
		form,
		almanac,
		system,
		measures
	}: {
		recipe: RecipeId;
		held_l: number;
		/** As it lies, mg. */
		contents: Contents;
		thing: PutThing;
		beds: readonly (ShareBed & { readonly note: string })[];
		/** Where these are a part of a long list. */
		rest?: { readonly n: number; readonly href: string } | undefined;
		/** Parts to begin with: as its kind, or as its own salt asks. */
		startParts: number;
		/** A meter has read its salt. */
		isRead: boolean;
		actId: string;
		form: Sent | null;
		almanac: Almanac;
		system: System | undefined;
		measures: readonly OwnMeasure[];
	} = $props();
	const sent = $derived(form?.form === 'drench' ? form : undefined);
	const errors = $derived(sent?.errors ?? {});
	// svelte-ignore state_referenced_locally
	const given = sent?.values ?? {};
	// A form starts from what was sent; afterwards it belongs to the person typing.
	// svelte-ignore state_referenced_locally
	let parts = $state(given.parts ?? plain(startParts, startParts < 10 ? 1 : 0));
	let onto = $state<'soil' | 'leaves'>(given.onto === 'leaves' ? 'leaves' : 'soil');
	let basis = $state<'diluted' | 'brew'>(given.basis === 'brew' ? 'brew' : 'diluted');
	let first = $state(given.first ?? '');
	// svelte-ignore state_referenced_locally
	let can = $state(
		given.can ??
			(system === 'us' ? '2.5 gal' : measures.find(({ name }) => name === 'can') ? 'can' : '9 L')
	);
	// svelte-ignore state_referenced_locally
	let amounts = $state<Record<string, string>>(
		Object.fromEntries(beds.map(({ name }) => [name, given[`diluted:${name}`] ?? '']))
	);
	let salt = $state(given.salt ?? '');
	let seedlings = $state(given.seedlings === 'on');
	const recipe = $derived(recipeOf(id));
	const thinning = $derived((onto === 'leaves' ? recipe.leaves : recipe.soil) ?? recipe.soil!);
	const shared = $derived(
		shareOut(
			{ held_l, contents, thing },
			{ parts, onto, basis, first, can, amounts, salt, seedlings },
			beds,
			almanac.now_ms,
			{ measures, ...(system ? { system } : {}) }
		)
	);
	const isShort = $derived((shared?.short_l ?? 0) > 0.001);
	const firstOptions = Object.entries(firstWords).map(([value, { name, means }]) => ({
		value,
		label: name,
		means
	}));
	const ratioWords = $derived(
		thinning.strongest === 0
			? `undiluted to 1 : ${plain(thinning.finest, 0)}`
			: `1 : ${plain(thinning.strongest, 0)} to 1 : ${plain(thinning.finest, 0)}`
	);
</script>

<Form name="drench" sent={form} limits={limits.drench}>
	<h2 class="text-xl">Who gets it</h2>
	<div class="mb-3 flex flex-wrap items-end justify-between gap-x-6 gap-y-2">
		<div class="max-w-prose" aria-live="polite">
			{#if shared}<strong
					>{say(held_l, 'L', system)} go as far as
					<Sourced
						slip={slip('Goes as far as', goesFigure(litres(held_l), shared.parts), system)}
					/></strong
				>
				at 1 : {plain(shared.parts, 1)}: one part of brew, {plain(shared.parts, 1)} of water, {plain(
					shared.parts + 1,
					1
				)} parts in all.
			{:else}How many parts of water to one of brew?{/if}
		</div>
		{#if shared}<Cans
				fills={shared.fills}
				can_l={shared.can_l}
				total_l={shared.total_l}
				{system}
			/>{/if}
	</div>
	<div class="mb-3 grid gap-x-5 gap-y-2 sm:grid-cols-3">
		<Field
			label="Parts of water to one of brew"
			name="parts"
			bind:value={parts}
			inputmode="decimal"
			hint={ratioWords}
		/>
		<fieldset>
			<legend class="font-semibold">The litres below are</legend>
			{#each [['diluted', 'as poured, diluted'], ['brew', 'of the brew itself']] as [value, word] (value)}<label
					class="flex min-h-11 items-center gap-2"
					><input type="radio" class="radio" name="basis" {value} bind:group={basis} />{word}</label
				>{/each}
		</fieldset>
		<fieldset>
			<legend class="font-semibold">It goes on</legend>
			<label class="flex min-h-11 items-center gap-2"
				><input type="radio" class="radio" name="onto" value="soil" bind:group={onto} />the ground</label
			>
			{#if recipe.leaves}<label class="flex min-h-11 items-center gap-2"
					><input type="radio" class="radio" name="onto" value="leaves" bind:group={onto} />leaves,
					strained</label
				>{:else}<span class="quiet text-sm">not on leaves</span>{/if}
		</fieldset>
	</div>
	{#if thinning.finest / Math.max(1, thinning.strongest) >= 10 && !isRead}<p class="mb-3 text-sm">
			How strong it is nobody knows before a meter reads it: 1 : {plain(thinning.strongest, 0)} for the
			hungriest, 1 : {plain(thinning.finest, 0)} for seedlings; begin thin.
		</p>{/if}
	<ShareTable {beds} bind:amounts {shared} {onto} {basis} {errors} {almanac} {system} />
	{#if rest}<a
			class="inline-flex min-h-11 items-center text-sm underline"
			href={rest.href}
			data-sveltekit-noscroll>{rest.n} beds in all: others</a
		>{/if}
	{#if isShort || first !== ''}
		<div class="mt-4">
			<Tiles
				legend="There is not enough: who goes first"
				name="first"
				bind:value={first}
				options={firstOptions}
			/>
		</div>
	{/if}
	<div class="form-grid mt-3">
		<Field label="Can or sprayer" name="can" bind:value={can} />
		<Field
			label="Conductivity as poured, dS/m"
			name="salt"
			inputmode="decimal"
			bind:value={salt}
			hint="Where a meter is at hand: at most 2 to 2.5 on soil, 1 on seedlings"
		/>
		<Tick name="seedlings" label="Seedlings get it" bind:checked={seedlings} />
	</div>
	<ActFoot {actId} label="It is poured" cautions={shared?.cautions ?? []} {system} />
</Form>
