<script lang="ts">
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	/** Char that was typed on the spot comes into the books, and the plan goes on with it. */
	let { actId, isExample }: { actId: string; isExample: boolean } = $props();
</script>

<section class="mt-6 max-w-prose border-t-2 border-base-300 pt-4">
	<h2 class="text-lg">{isExample ? 'If you have char like this' : 'Keep this'}</h2>
	<p>
		It is measured in as it is typed here, known by what is usual for char until you weigh it, and
		the plan goes on with it. Char of your own fires comes into the books with
		<a class="underline" href="/fires/plan?burnt=yes">the fire</a>, with its checks.
	</p>
	<div class="mt-2 max-w-xs">
		<Choice
			label="It was"
			name="spotFrom"
			options={[
				{ value: 'bought', label: 'bought' },
				{ value: 'given', label: 'given' }
			]}
		/>
	</div>
	<ActFoot {actId} label="Keep this" />
</section>
