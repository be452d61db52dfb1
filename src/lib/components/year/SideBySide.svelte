<script lang="ts">
	/** Two of a kind, line by line; what differs is stronger. */
	let {
		names,
		lines,
		label
	}: {
		names: readonly string[];
		lines: readonly { readonly name: string; readonly cells: readonly string[] }[];
		label: string;
	} = $props();
</script>

<table class="mb-6 w-full text-left text-sm">
	<caption class="sr-only">{label}</caption>
	<thead>
		<tr
			><th class="py-1"><span class="sr-only">What</span></th>{#each names as name (name)}<th
					scope="col">{name}</th
				>{/each}</tr
		>
	</thead>
	<tbody>
		{#each lines as line (line.name)}<tr class="border-t border-base-300 align-top">
				<th scope="row" class="py-1 pr-2 font-normal">{line.name}</th>
				{#each line.cells as cell, i (i)}<td
						class="py-1 pr-2 {new Set(line.cells).size > 1 ? 'font-semibold' : ''}">{cell}</td
					>{/each}
			</tr>{/each}
	</tbody>
</table>
