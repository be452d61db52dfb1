<script lang="ts">
	/** The years of the books, the one that is shown first of all marked. */
	let { years, year, path }: { years: readonly number[]; year: number; path: string } = $props();
</script>

{#if years.length > 0}
	<nav aria-label="Years" class="mb-4 print:hidden">
		{#each [0, ...years] as one (one)}<a
				class="mr-4 inline-block min-h-11 content-center {one === year
					? 'font-semibold'
					: 'underline'}"
				aria-current={one === year ? 'page' : undefined}
				href={one === 0 ? path : `${path}?year=${one}`}>{one === 0 ? 'All years' : one}</a
			>{/each}
	</nav>
{/if}
