<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import { notebookAnswer } from './answer';
	import Drop from './Drop.svelte';
	import Kinds from './Kinds.svelte';
	import Right from './Right.svelte';
	import Sheet from './Sheet.svelte';
	import Unknown from './Unknown.svelte';
	import Way from './Way.svelte';

	let { data } = $props();
	/** How far it is, as it was last asked. */
	let way = $state<Pick<typeof data.job, 'state' | 'done' | 'of'>>();
	const job = $derived(data.job.isUnderWay && way ? { ...data.job, ...way } : data.job);
	const shown = $derived(data.shown);
	const held = $derived(data.sheets.filter((sheet) => shown?.notebook[sheet]?.trim()));
</script>

<Answer
	title="Notebook"
	answer={notebookAnswer(job, shown)}
	crumbs={[{ label: 'Keeping', href: '/keeping' }]}
>
	{#snippet reason()}<p>
			{#if data.job.why}{data.job.why}
			{/if}Sheets of CSV with a head, from any spreadsheet. They are tried together first, row by
			row, through the same checks as every form here; nothing is written until all rows are right.
			What was written can be taken back as one. Beds and vessels must be measured here before.
		</p>{/snippet}
</Answer>

<Way job={data.job} bind:way />
{#if !data.job.isUnderWay}
	<form method="post" enctype="multipart/form-data" class="mb-8 grid gap-6">
		<input type="hidden" name="batch" value={data.batch} />
		<input type="hidden" name="job" value={data.job.id} />
		{#if shown?.right && data.job.state !== 'taken-back'}<Right {shown} />{/if}
		{#if shown}<Unknown unknown={shown.unknown} sheets={data.sheets} />
			{#each held as sheet (sheet)}<Sheet
					{sheet}
					{shown}
					columns={data.columns[sheet]}
				/>{/each}{/if}
		<Drop more={shown !== undefined} />
		<p>
			<button
				class="btn min-h-12 text-base {shown?.right ? 'btn-outline' : 'btn-primary'}"
				formaction="?/try">Try them, write nothing</button
			>
		</p>
	</form>
{/if}

<Kinds {data} />
