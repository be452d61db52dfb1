<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import { capital } from '$lib/format/words';
	import { notebookAnswer } from './answer';
	let { data, form } = $props();
	const shown = $derived(form ?? undefined);
	const bad = $derived(shown?.rows.filter(({ says }) => says.length > 0) ?? []);
	const headOf = (sheet: (typeof data.sheets)[number]) =>
		data.columns[sheet].map(({ name }) => name).join(',');
</script>

<Answer
	title="Notebook"
	answer={notebookAnswer(shown, data.written)}
	crumbs={[{ label: 'Keeping', href: '/keeping' }]}
>
	{#snippet reason()}<p>
			Three sheets of CSV with a head, from any spreadsheet. They are tried first, row by row,
			through the same checks as every form here; nothing is written until all rows are right, and
			then all of them at once. Beds and vessels must be measured here before.
		</p>{/snippet}
</Answer>

{#if shown && (bad.length > 0 || shown.sheets.length > 0)}
	<section class="mb-8 border-l-4 border-error pl-4" role="alert">
		<h2 class="mb-1 text-xl">To mend</h2>
		<ul>
			{#each shown.sheets as { sheet, says } (sheet)}
				{#each says as words (words)}<li class="py-1">
						<strong>{capital(sheet)}:</strong>
						{words}
					</li>{/each}
			{/each}
			{#each bad as row (row.sheet + row.line)}
				{#each row.says as { column, words } (column + words)}<li class="py-1">
						<strong>{capital(row.sheet)}, line {row.line}, {column}:</strong>
						{words}
						<span class="quiet">{row.about}</span>
					</li>{/each}
			{/each}
		</ul>
	</section>
{/if}

<form method="post" enctype="multipart/form-data" class="grid gap-8">
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
	{#each data.sheets as sheet (sheet)}
		<section>
			<h2 class="text-xl">{capital(sheet)}</h2>
			<details class="mb-2">
				<summary class="quiet inline-flex min-h-11 cursor-pointer items-center underline"
					>Its columns</summary
				>
				<dl class="max-w-2xl">
					{#each data.columns[sheet] as { name, needed, says } (name)}<div
							class="grid grid-cols-[7rem_1fr] border-b border-base-300 py-1"
						>
							<dt class="font-semibold">{name}{needed ? '' : ' (may be left out)'}</dt>
							<dd>{says}</dd>
						</div>{/each}
				</dl>
			</details>
			<label class="sr-only" for="text-{sheet}">{capital(sheet)} as CSV</label>
			<textarea
				id="text-{sheet}"
				name={sheet}
				rows={shown?.notebook[sheet] ? 8 : 3}
				spellcheck="false"
				wrap="off"
				placeholder={headOf(sheet)}
				class="textarea w-full border-base-content/60 bg-base-200 text-base"
				>{shown?.notebook[sheet] ?? ''}</textarea
			>
			<p class="mt-2">
				<label for="file-{sheet}">or a file</label>
				<input
					id="file-{sheet}"
					type="file"
					name="{sheet}-file"
					accept=".csv,text/csv,text/plain"
					class="file-input min-h-11 max-w-full"
				/>
			</p>
		</section>
	{/each}
	<p>
		<button
			class="btn min-h-12 text-base {shown?.right ? 'btn-outline' : 'btn-primary'}"
			formaction="?/try">Try it, write nothing</button
		>
	</p>
</form>
