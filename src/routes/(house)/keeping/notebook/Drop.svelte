<script lang="ts">
	/** One place for every sheet: files dropped or chosen, several at once, or text pasted. */
	let { more }: { more: boolean } = $props();
	let over = $state(false);
	let files: HTMLInputElement;
	/** What is dropped is added to what was chosen; nothing is sent yet. */
	function drop(event: DragEvent) {
		over = false;
		const dropped = event.dataTransfer?.files;
		if (!dropped || dropped.length === 0) return;
		event.preventDefault();
		const all = new DataTransfer();
		for (const file of [...(files.files ?? []), ...dropped]) all.items.add(file);
		files.files = all.files;
	}
</script>

<!-- svelte-ignore a11y_no_static_element_interactions -->
<div
	ondrop={drop}
	ondragover={(event) => {
		event.preventDefault();
		over = true;
	}}
	ondragleave={() => (over = false)}
	class="grid gap-3 border-2 border-dashed p-4 {over ? 'border-accent' : 'border-base-content/60'}"
>
	<div>
		<label class="mb-1 block text-lg font-semibold" for="files"
			>{more ? 'More sheets, or mended ones' : 'Your sheets'}</label
		>
		<p class="mb-2" id="files-hint">
			Drop them here or choose them, several at once, in any order: which is which is known by their
			columns.
			{#if more}One dropped again takes the place of the one before.{/if}
		</p>
		<input
			bind:this={files}
			id="files"
			type="file"
			name="file"
			multiple
			aria-describedby="files-hint"
			accept=".csv,text/csv,text/plain"
			class="file-input min-h-12 w-full max-w-md border-base-content/60 bg-base-200 text-base"
		/>
	</div>
	<details>
		<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
			>Or paste them, one below another</summary
		>
		<label class="sr-only" for="pasted">Sheets as text</label>
		<textarea
			id="pasted"
			name="pasted"
			rows="6"
			spellcheck="false"
			wrap="off"
			placeholder="An empty line, then the head of the next"
			class="textarea w-full border-base-content/60 bg-base-200 text-base"></textarea>
	</details>
</div>
