<script lang="ts">
	import type { Booked } from '$lib/core/kinds';
	import { booksPath } from '$lib/format/paths';
	/** From the page of a thing to its books, and to the trace of a lot or bed. */
	let { code, of = 'lot' }: { code: string; of?: Booked } = $props();
	const name = $derived(encodeURIComponent(code));
</script>

<ul class="print:hidden">
	{#if of === 'lot' || of === 'bed'}<li>
			<a class="inline-block min-h-11 content-center underline" href="/trace/{of}/{name}"
				>Trace and recall</a
			>
		</li>{/if}
	<li>
		<a class="inline-block min-h-11 content-center underline" href={booksPath(of, code)}
			>Its books; put something right</a
		>
	</li>
</ul>
