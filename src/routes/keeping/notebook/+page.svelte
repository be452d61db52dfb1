<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import { capital } from '$lib/format/words';
	import { notebookAnswer } from './answer';
	import Drop from './Drop.svelte';
	import Kinds from './Kinds.svelte';
	import Sheet from './Sheet.svelte';
	import Unknown from './Unknown.svelte';

	let { data, form } = $props();
	const shown = $derived(form ?? undefined);
	const held = $derived(data.sheets.filter((sheet) => shown?.notebook[sheet]?.trim()));
</script>

<Answer
	title="Notebook"
	answer={notebookAnswer(shown, data.written)}
	crumbs={[{ label: 'Keeping', href: '/keeping' }]}
>
	{#snippet reason()}<p>
			Sheets of CSV with a head, from any spreadsheet. They are tried together first, row by row,
			through the same checks as every form here; nothing is written until all rows are right, and
			then all of them at once. Beds and vessels must be measured here before.
		</p>{/snippet}
</Answer>

<form method="post" enctype="multipart/form-data" class="mb-8 grid gap-6">
	<input type="hidden" name="batch" value={shown?.batch ?? data.batch} />
	{#if shown?.right}
		<section>
			<div class="overflow-x-auto">
				<table class="ledger-table min-w-[30rem]">
					<thead><tr><th>Sheet</th><th class="num">Line</th><th>Date</th><th>About</th></tr></thead>
					<tbody>
						{#each shown.rows as row (row.sheet + row.line)}<tr>
								<td>{capital(row.sheet)}</td><td class="num">{row.line}</td><td>{row.date}</td><td
									>{row.about}</td
								>
							</tr>{/each}
					</tbody>
				</table>
			</div>
			<button class="btn mt-4 min-h-12 text-base btn-primary" formaction="?/write"
				>Write all of them</button
			>
		</section>
	{/if}
	{#if shown}<Unknown unknown={shown.unknown} sheets={data.sheets} />
		{#each held as sheet (sheet)}<Sheet {sheet} {shown} columns={data.columns[sheet]} />{/each}{/if}
	<Drop more={shown !== undefined} />
	<p>
		<button
			class="btn min-h-12 text-base {shown?.right ? 'btn-outline' : 'btn-primary'}"
			formaction="?/try">Try them, write nothing</button
		>
	</p>
</form>

<Kinds {data} />
