<script lang="ts">
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	/** A pail that was typed on the spot comes into the books, and the plan goes on with it. */
	let { actId, isExample }: { actId: string; isExample: boolean } = $props();
</script>

<section class="mt-6 max-w-prose border-t-2 border-base-300 pt-4">
	<h2 class="text-lg">{isExample ? 'If you have a pail like this' : 'Keep this'}</h2>
	<p>
		The pail is put down by what it holds, drawn as pails mostly are until you measure it, and the
		plan goes on with it.
	</p>
	<div class="mt-2 max-w-xs"><Field label="What you call it" name="spotName" /></div>
	<ActFoot {actId} label="Keep this" noted={false} />
</section>
