<script lang="ts">
	import type { Snippet } from 'svelte';
	/** A caution where the act is planned or logged; local codes and licensed advice come first. */
	let { children }: { children: Snippet } = $props();
</script>

<div class="my-4 max-w-prose border-l-4 border-warning py-1 pl-4 text-sm" role="note">
	{@render children()}
	<span class="quiet">Local codes and licensed advice come first.</span>
</div>
