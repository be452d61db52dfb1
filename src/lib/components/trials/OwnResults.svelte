<script lang="ts">
	/** What own trials and strips say, beside what schools do. */
	let {
		results
	}: {
		results: readonly { readonly says: string; readonly kind: string; readonly href: string }[];
	} = $props();
</script>

{#if results.length > 0}
	<ul class="my-2 max-w-prose text-sm print:hidden">
		{#each results as { says, kind, href } (says)}<li>
				<a class="inline-block min-h-11 content-center underline" {href}>{says}</a>
				<span class="quiet">({kind})</span>
			</li>{/each}
	</ul>
{:else}
	<p class="quiet my-2 text-sm print:hidden">
		Nothing of your own stands beside them yet: <a class="underline" href="/trials">try it out</a>.
	</p>
{/if}
