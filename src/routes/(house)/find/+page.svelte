<script lang="ts">
	import { inLitres } from '$lib/core/units';
	import Answer from '$lib/components/answer/Answer.svelte';
	import { say } from '$lib/format/figure';
	import { kindOf } from '$lib/core/kinds';
	import { pathOf } from '$lib/format/paths';
	import { capital, count } from '$lib/format/words';
	let { data } = $props();
	const all = $derived(data.hits.length + data.recipes.length);
	const answer = $derived(
		data.asked === ''
			? 'Search by code, name, crop or what was noted'
			: data.meant !== undefined
				? `Nothing goes by "${data.asked}"; ${count(data.hits.length, 'thing does', 'things do')} by "${data.meant}"`
				: data.hits.length >= data.most
					? `The first ${data.most} for "${data.asked}"`
					: `${capital(count(all, 'thing', 'things'))} found for "${data.asked}"`
	);
	/** Where a key stands under every finger, it stands ready to be pressed once more. */
	const ready = (field: HTMLInputElement) => {
		if (all > 0 && matchMedia('(pointer: fine)').matches) field.focus({ preventScroll: true });
	};
</script>

<Answer title="Search" {answer}>
	{#snippet reason()}<p>
			{data.asked !== '' && all > 0
				? 'Enter once more opens the first.'
				: data.asked !== ''
					? 'Try the beginning of a code (C4, F6), or a part of a name, of a crop or of a note.'
					: 'A full code, or the full name of a bed or vessel, goes straight to its page.'}
		</p>{/snippet}
</Answer>

<form class="mb-6 flex max-w-xl gap-2" role="search" aria-label="Search again">
	{#if all > 0}<input type="hidden" name="seen" value={data.meant ?? data.asked} />{/if}
	<label class="sr-only" for="q">Code or name</label>
	<input
		id="q"
		name="q"
		type="search"
		value={data.meant ?? data.asked}
		{@attach ready}
		autocomplete="off"
		maxlength="80"
		class="input min-h-14 flex-1 border-base-content/60 bg-base-200 text-lg"
	/>
	<button class="btn min-h-14 btn-primary">Search</button>
</form>

<ul class="max-w-2xl">
	{#each data.hits as hit (hit.kind + hit.code)}
		<li class="thing-row flex min-h-12 items-center justify-between gap-4 py-2">
			<span
				><a class="row-link font-semibold underline" href={pathOf(hit.kind, hit.code)}>{hit.code}</a
				>
				{hit.name}</span
			>
			<span class="quiet text-sm"
				>{kindOf(hit.kind).word}{#if hit.volume_ul === 0}, used up{:else if hit.volume_ul !== null},
					{say(inLitres(hit.volume_ul), 'L', data.system)}{/if}</span
			>
		</li>
	{/each}
</ul>
{#if data.recipes.length > 0}
	<h2 class="mt-6 mb-1 text-lg">How it is made</h2>
	<ul class="max-w-2xl">
		{#each data.recipes as recipe (recipe.href)}
			<li class="thing-row flex min-h-12 items-center justify-between gap-4 py-2">
				<span
					><a class="row-link font-semibold underline" href={recipe.href}>{capital(recipe.name)}</a>
					{#if recipe.word}with {recipe.word}{/if}</span
				>
				<span class="quiet text-sm">{recipe.what === 'brew' ? 'a brew' : 'a charge'}</span>
			</li>
		{/each}
	</ul>
{/if}
