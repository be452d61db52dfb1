<script lang="ts">
	import { capital } from '$lib/format/words';
	import type { PageData } from './$types';

	/** What came and is no sheet that could be known by its columns: the grower says which it is. */
	let {
		unknown,
		sheets
	}: {
		unknown: NonNullable<PageData['shown']>['unknown'];
		sheets: PageData['sheets'];
	} = $props();
</script>

{#each unknown as { name, text, heads }, nth (nth)}
	<section class="border-t border-base-content/60 pt-4">
		<h2 class="text-xl">{name || 'A sheet that was pasted'}</h2>
		<p class="mb-2 border-l-4 border-error pl-4" role="alert">
			Its columns tell of no one sheet: {heads || 'it begins with an empty line'}.
		</p>
		<input type="hidden" name="name:{nth}" value={name} />
		<p class="mb-2 flex flex-wrap items-center gap-3">
			<label for="is-{nth}">It is a sheet of</label>
			<select
				id="is-{nth}"
				name="is:{nth}"
				class="select min-h-11 border-base-content/60 bg-base-200 text-base"
			>
				<option value="">not chosen yet</option>
				<option value="-">nothing here, leave it out</option>
				{#each sheets as sheet (sheet)}<option value={sheet}>{capital(sheet)}</option>{/each}
			</select>
		</p>
		<label class="sr-only" for="unknown-{nth}">{name || 'The sheet'} as text</label>
		<textarea
			id="unknown-{nth}"
			name="unknown:{nth}"
			rows="4"
			spellcheck="false"
			wrap="off"
			class="textarea w-full border-base-content/60 bg-base-200 font-mono text-sm">{text}</textarea
		>
	</section>
{/each}
