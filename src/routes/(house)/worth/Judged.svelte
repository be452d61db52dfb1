<script lang="ts">
	import type { PageData } from './$types';
	/** Hours to a litre of char by stuff or by way, the dearest first, with whether that was worth it. */
	let { title, rows }: { title: string; rows: PageData['byStuff'] } = $props();
</script>

{#if rows.length > 0}
	<h2 class="mt-6 mb-2 text-xl">{title}</h2>
	<ul class="mb-4 max-w-2xl">
		{#each rows as one (one.name)}<li class="border-b border-base-300 py-2">
				<span class="flex justify-between gap-4"
					><strong class="min-w-0">{one.name}</strong><span class="whitespace-nowrap"
						>{one.perLitre} a litre</span
					></span
				>
				<span class="block text-sm {one.isBad ? 'font-semibold text-error' : 'quiet'}"
					>{one.hours} for {one.litres} L of char{one.brings
						? `; an hour at it brought ${one.brings}`
						: ''}: {one.verdict}</span
				>
			</li>{/each}
	</ul>
{/if}
