<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import { capital } from '$lib/format/words';
	import { notebookAnswer } from './answer';
	let { data, form } = $props();
	const shown = $derived(form ?? undefined);
	const bad = $derived(shown?.rows.filter(({ says }) => says.length > 0) ?? []);
	const headOf = (sheet: (typeof data.sheets)[number]) =>
		data.columns[sheet].map(({ name }) => name).join(',');
	const strangeIn = (sheet: string) =>
		shown?.sheets.find((one) => one.sheet === sheet)?.strange ?? [];
	const matchedIn = (sheet: (typeof data.sheets)[number]) =>
		Object.entries(shown?.matches[sheet] ?? {});
	let over = $state('');
	/** A file dropped on a sheet is read into its field; nothing is sent yet. */
	async function drop(event: DragEvent & { currentTarget: HTMLElement }) {
		const file = event.dataTransfer?.files[0];
		over = '';
		if (!file) return;
		event.preventDefault();
		const field = event.currentTarget.querySelector('textarea');
		if (field) field.value = await file.text();
	}
</script>

<Answer
	title="Notebook"
	answer={notebookAnswer(shown, data.written)}
	crumbs={[{ label: 'Keeping', href: '/keeping' }]}
>
	{#snippet reason()}<p>
			Sheets of CSV with a head, from any spreadsheet, in the order of the work. They are tried
			first, row by row, through the same checks as every form here; nothing is written until all
			rows are right, and then all of them at once. Beds and vessels must be measured here before.
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
		<!-- svelte-ignore a11y_no_static_element_interactions -->
		<section
			ondrop={drop}
			ondragover={(event) => {
				event.preventDefault();
				over = sheet;
			}}
			ondragleave={() => (over = '')}
			class={over === sheet ? 'outline-3 outline-offset-4 outline-accent outline-dashed' : ''}
		>
			<h2 class="text-xl">{capital(sheet)}</h2>
			{#each [...strangeIn(sheet).map((head) => [head, ''] as const), ...matchedIn(sheet)] as [head, column] (head)}
				<label class="mb-2 flex flex-wrap items-center gap-3">
					<span>Your column <strong>{head}</strong> is</span>
					<select
						name="match:{sheet}:{head}"
						class="select min-h-11 border-base-content/60 bg-base-200"
					>
						<option value="" selected={column === ''}>not chosen yet</option>
						<option value="-" selected={column === '' && matchedIn(sheet).some(([h]) => h === head)}
							>left out</option
						>
						{#each data.columns[sheet] as { name } (name)}<option
								value={name}
								selected={name === column}>{name}</option
							>{/each}
					</select>
				</label>
			{/each}
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
				<a
					class="mr-4 inline-block min-h-11 content-center underline"
					href="/keeping/notebook/{sheet}.csv"
					download>A sheet to begin with</a
				>
				<label for="file-{sheet}">or a file, chosen or dropped here</label>
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
