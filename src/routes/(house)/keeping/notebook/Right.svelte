<script lang="ts">
	import { capital } from '$lib/format/words';
	import type { PageData } from './$types';

	/** Rows that may be written: what each is about. */
	let { shown }: { shown: NonNullable<PageData['shown']> } = $props();
	const more = $derived(shown.all - shown.rightRows.length);
</script>

<section>
	<div class="overflow-x-auto">
		<table class="ledger-table min-w-[30rem]">
			<thead><tr><th>Sheet</th><th class="num">Line</th><th>Date</th><th>About</th></tr></thead>
			<tbody>
				{#each shown.rightRows as row (row.sheet + row.line)}<tr>
						<td>{capital(row.sheet)}</td><td class="num">{row.line}</td><td>{row.date}</td><td
							>{row.about}</td
						>
					</tr>{/each}
			</tbody>
		</table>
	</div>
	{#if more > 0}<p class="mt-2">And {more.toLocaleString('en')} more, all right.</p>{/if}
	<button class="btn mt-4 min-h-12 text-base btn-primary" formaction="?/write"
		>Write all of them</button
	>
</section>
