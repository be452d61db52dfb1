<script lang="ts">
	import { capital } from '$lib/format/words';
	import type { PageData } from './$types';

	/** Which sheets are read, and what may stand in each column. */
	let { data }: { data: Pick<PageData, 'sheets' | 'columns'> } = $props();
</script>

<section>
	<h2 class="text-xl">What is read</h2>
	{#each data.sheets as sheet (sheet)}
		<details class="border-b border-base-300">
			<summary class="flex min-h-11 cursor-pointer flex-wrap items-center gap-x-3">
				<strong>{capital(sheet)}</strong>
				<span class="quiet"
					>{data.columns[sheet]
						.filter(({ needed }) => needed)
						.map(({ name }) => name)
						.join(', ')}</span
				>
			</summary>
			<dl class="max-w-2xl">
				{#each data.columns[sheet] as { name, needed, says } (name)}<div
						class="grid grid-cols-[7rem_1fr] border-b border-base-300 py-1"
					>
						<dt class="font-semibold">{name}{needed ? '' : ' (may be left out)'}</dt>
						<dd>{says}</dd>
					</div>{/each}
			</dl>
			<a
				class="inline-block min-h-11 content-center underline"
				href="/keeping/notebook/{sheet}.csv"
				download>A sheet of {sheet} to begin with</a
			>
		</details>
	{/each}
</section>
