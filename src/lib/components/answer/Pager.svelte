<script lang="ts">
	/** To the pages before and after in a long list. */
	let {
		page,
		pages,
		href,
		label,
		before = 'Newer',
		after = 'Older'
	}: {
		page: number;
		pages: number;
		/** The address of a page of the list. */
		href: (page: number) => string;
		/** What is paged through. */
		label: string;
		before?: string;
		after?: string;
	} = $props();
</script>

{#if pages > 1}
	<nav aria-label={label} class="mt-4 flex items-center gap-6 print:hidden">
		{#if page > 1}<a class="inline-flex min-h-12 items-center underline" href={href(page - 1)}
				>{before}</a
			>{/if}
		<span class="quiet">{page} of {pages}</span>
		{#if page < pages}<a class="inline-flex min-h-12 items-center underline" href={href(page + 1)}
				>{after}</a
			>{/if}
	</nav>
{/if}
