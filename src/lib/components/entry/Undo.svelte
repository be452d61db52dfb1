<script lang="ts">
	/** Undo one act from where its result is shown. Lots have their books for it; this is for the rest. */
	let {
		act,
		actId,
		label,
		explain,
		errors = {}
	}: {
		/** The act to reverse. */
		act: string;
		/** Id of the reversing act. */
		actId: string;
		label: string;
		/** What undoing it means, in a sentence. */
		explain: string;
		errors?: Readonly<Record<string, string>>;
	} = $props();
	const complaints = $derived(Object.values(errors));
</script>

<form method="post" action="?/undo" class="mt-4">
	<input type="hidden" name="actId" value={actId} />
	<input type="hidden" name="act" value={act} />
	<p class="quiet mb-2 text-sm">{explain}</p>
	{#each complaints as complaint (complaint)}<p class="mb-2 font-semibold text-error" role="alert">
			{complaint}
		</p>{/each}
	{#if complaints.length > 0}<label class="flex min-h-12 items-center gap-3"
			><input type="checkbox" class="checkbox" name="withDependents" />Undo what rests on it too</label
		>{/if}
	<button class="btn min-h-12 btn-outline">{label}</button>
</form>
