<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import { sayFromNow, sayMoment } from '$lib/format/dates';
	import { capital, count } from '$lib/format/counted';
	import { keepingAnswer } from './answer';
	let { data, form } = $props();
	const trouble = $derived(form?.trouble ?? data.trouble?.why);
	const answer = $derived(
		keepingAnswer(
			{
				acts: data.acts,
				lastAct_ms: data.lastAct_ms,
				lastBackup_ms: data.backups[0]?.at_ms,
				trouble: trouble !== undefined
			},
			data.almanac
		)
	);
	const size = (bytes: number) =>
		bytes >= 1e6 ? `${(bytes / 1e6).toFixed(1)} MB` : `${Math.ceil(bytes / 1000)} kB`;
</script>

<Answer title="Keeping" {answer}>
	{#snippet reason()}
		<p>
			The program backs up once a day by itself, looks into each copy, and keeps one for each of the
			last 7 days, 4 weeks and 12 months. A copy on the same disk dies with the disk: name a folder
			on another one, or carry the open file away now and then.
		</p>
		{#if trouble}<p class="mt-2 font-semibold text-error" role="alert">{trouble}</p>{/if}
	{/snippet}
</Answer>

<div class="grid gap-x-12 gap-y-9 lg:grid-cols-2">
	<section>
		<h2 class="mb-2 text-xl">Backups</h2>
		{#if data.backups.length > 0}
			<ul>
				{#each data.backups as backup (backup.name)}
					<li class="flex justify-between gap-4 border-b border-base-300 py-2">
						<span
							>{sayMoment(backup.at_ms, data.almanac)}
							<span class="quiet">{sayFromNow(backup.at_ms, data.almanac)}</span></span
						><span>{size(backup.bytes)}</span>
					</li>
				{/each}
			</ul>
		{:else}<p class="quiet">
				None yet. The first is made once there is something in the books.
			</p>{/if}
		{#if data.ahead > 0}<p class="mt-2 border-l-4 border-warning pl-3" role="status">
				{capital(count(data.ahead, 'copy bears', 'copies bear'))} a day that is yet to come: the clock
				was ahead when {data.ahead === 1 ? 'it was' : 'they were'} made. {data.ahead === 1
					? 'It is'
					: 'They are'}
				kept and can be restored, but do not count as the newest.
			</p>{/if}
		<p class="quiet mt-2 text-sm break-words">
			They lie in {data.folder}, named after these books: {data.booksId}. Copies of other books in
			that folder are neither counted nor touched.
		</p>
		<form method="post" action="?/backUp" class="mt-3">
			<button class="btn min-h-12 text-base btn-primary">Back up now</button>
		</form>
		<h3 class="mt-6 text-lg">Are they whole?</h3>
		<p class="max-w-prose">
			Every act keeps a digest of what it wrote and of the act before it{#if data.digest}; the
				newest of
				{data.acts} begins with <strong>{data.digest.slice(0, 12)}</strong>, and backups and the
				open file carry it{/if}. It finds damage and what was cut out; it is no seal against
			somebody who reckons it anew.
		</p>
		{#if data.checked}<div class="mt-2 font-semibold" role="status">
				{#if data.checked.length === 0}<p>
						All {data.acts} acts are as they were written, every one closes, and all sums are those of
						their movements.
					</p>{:else}<ul class="grid gap-1">
						{#each data.checked.slice(0, 20) as says (says)}<li>{says}</li>{/each}
					</ul>
					<p>Restore a backup from before that.</p>{/if}
			</div>{/if}
		<form class="mt-2">
			<button class="btn min-h-12 btn-outline" name="check" value="yes"
				>Check every act and sum</button
			>
		</form>
		<h3 class="mt-6 text-lg">To restore</h3>
		<p class="max-w-prose">
			Stop the program, move the old file aside, and run <code class="font-sans font-semibold"
				>npm run restore -- FILE</code
			>
			with a backup or an open file. It fills an empty database only, checks the file first, and writes
			all of it or nothing.
		</p>
	</section>
	<section>
		<h2 class="mb-2 text-xl">Take everything with you</h2>
		<p class="mb-3 max-w-prose">
			One open file, a row of JSON to a line, with all {data.acts} acts and what they moved. It can be
			restored exactly, or read by any other program.
		</p>
		<p>
			<a class="btn min-h-12 btn-outline" href="/keeping/books.json" download>The open file</a>
		</p>
		<h3 class="mt-6 mb-1 text-lg">A sheet for each room</h3>
		<p class="quiet mb-2">CSV; the column names carry the units.</p>
		<ul class="flex flex-wrap gap-2">
			{#each data.sheets as sheet (sheet)}<li>
					<a
						class="inline-flex min-h-12 items-center rounded-field border border-base-content/50 px-3"
						href="/keeping/{sheet}.csv"
						download>{capital(sheet)}</a
					>
				</li>{/each}
		</ul>
		<h2 class="mt-9 mb-2 text-xl">Bring an old notebook in</h2>
		<p class="mb-3 max-w-prose">
			Stacks, burns and spreads from CSV, shown row by row before anything is written.
		</p>
		<p><a class="btn min-h-12 btn-outline" href="/keeping/notebook">Open the notebook</a></p>
		<p class="mt-9">
			<a
				class="quiet inline-block min-h-11 content-center text-sm underline"
				href="/licences.txt"
				data-sveltekit-reload>Whose work this is built from, and their licences</a
			>
		</p>
	</section>
</div>
