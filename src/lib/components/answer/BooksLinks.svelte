<script lang="ts">
	/** From a lot's page to its books and its trace. */
	let { code }: { code: string } = $props();
	const name = $derived(encodeURIComponent(code));
</script>

<ul class="print:hidden">
	<li>
		<a class="inline-block min-h-8 content-center underline" href="/trace/lot/{name}"
			>Trace and recall</a
		>
	</li>
	<li>
		<a class="inline-block min-h-8 content-center underline" href="/ledger/{name}"
			>Its books; put something right</a
		>
	</li>
</ul>
