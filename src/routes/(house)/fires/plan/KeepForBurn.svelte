<script lang="ts">
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	/** A vessel and wood that were typed on the spot come into the books, and the plan goes on with them. */
	let {
		actId,
		isExample,
		vessel,
		wood
	}: { actId: string; isExample: boolean; vessel: boolean; wood: boolean } = $props();
</script>

<section class="mt-6 max-w-prose border-t-2 border-base-300 pt-4">
	<h2 class="text-lg">{isExample ? 'If you have a vessel and wood like this' : 'Keep this'}</h2>
	<p>
		{vessel ? 'The vessel is put down as round, with straight sides. ' : ''}{wood
			? 'The wood is put down as seasoned, by its litres. '
			: ''}Both can be measured again; the plan goes on with them.
	</p>
	<div class="form-grid mt-2">
		{#if vessel}<Field label="What you call the vessel" name="spotName" />{/if}
		{#if wood}<Field label="What you call the wood" name="spotLabel" hint="Like hazel brush" />{/if}
	</div>
	<ActFoot {actId} label="Keep this" noted={false} />
</section>
