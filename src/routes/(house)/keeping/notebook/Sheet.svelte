<script lang="ts">
	import { capital, count } from '$lib/format/words';
	import type { PageData } from './$types';

	/** One sheet that is known: what wants mending in its own rows, what its columns are, its text. */
	let {
		sheet,
		shown,
		columns
	}: {
		sheet: PageData['sheets'][number];
		shown: NonNullable<PageData['shown']>;
		columns: PageData['columns'][PageData['sheets'][number]];
	} = $props();
	const whole = $derived(shown.sheets.find((one) => one.sheet === sheet));
	const rows = $derived(shown.count[sheet] ?? 0);
	const bad = $derived(shown.badRows.filter((row) => row.sheet === sheet));
	const matched = $derived(Object.entries(shown.matches[sheet] ?? {}));
	const strange = $derived((whole?.strange ?? []).map((head) => [head, ''] as const));
	const isBad = (row: (typeof bad)[number], column: string) =>
		row.says.some((one) => one.column === column);
</script>

<section class="border-t border-base-content/60 pt-4">
	<h2 class="text-xl">{capital(sheet)}</h2>
	<p class="mb-2">
		{#if whole}It can’t be read yet.{:else if bad.length > 0}{capital(
				count(bad.length, 'row wants', 'rows want')
			)} mending, of {rows}.{:else}{capital(count(rows, 'row is', 'rows are'))} right.{/if}
	</p>
	{#if whole || bad.length > 0}
		<div class="mb-3 border-l-4 border-error pl-4" role="alert">
			<ul class="grid gap-3">
				{#each whole?.says ?? [] as words (words)}<li>{words}</li>{/each}
				{#each bad as row (row.line)}
					<li>
						<p class="overflow-x-auto font-mono text-sm whitespace-nowrap">
							<span class="quiet mr-2">line {row.line}</span
							>{#each row.cells as [column, cell], i (column)}{i > 0
									? ','
									: ''}{#if isBad(row, column)}<mark
										class="bg-transparent font-bold text-error underline decoration-2"
										>{cell || '(empty)'}</mark
									>{:else}{cell}{/if}{/each}
						</p>
						{#each row.says as { column, words } (column + words)}<p>
								<strong>{capital(column)}:</strong>
								{words}
							</p>{/each}
					</li>
				{/each}
			</ul>
		</div>
	{/if}
	{#each [...strange, ...matched] as [head, column] (head)}
		<label class="mb-2 flex flex-wrap items-center gap-3">
			<span>Your column <strong>{head}</strong> is</span>
			<select
				name="match:{sheet}:{head}"
				class="select min-h-11 border-base-content/60 bg-base-200 text-base"
			>
				<option value="" selected={column === ''}>not chosen yet</option>
				<option value="-" selected={column === '' && matched.some(([h]) => h === head)}
					>left out</option
				>
				{#each columns as { name } (name)}<option value={name} selected={name === column}
						>{name}</option
					>{/each}
			</select>
		</label>
	{/each}
	<label class="sr-only" for="text-{sheet}">{capital(sheet)} as text</label>
	<textarea
		id="text-{sheet}"
		name={sheet}
		rows={Math.min(10, 2 + rows)}
		spellcheck="false"
		wrap="off"
		class="textarea w-full border-base-content/60 bg-base-200 font-mono text-sm"
		>{shown.notebook[sheet] ?? ''}</textarea
	>
</section>
