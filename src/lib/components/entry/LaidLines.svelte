<script lang="ts">
	import Choice from './Choice.svelte';
	import Field from './Field.svelte';
	import { materialOf, type MaterialId } from '$lib/core/materials';
	import type { System } from '$lib/core/units';
	import { say } from '$lib/format/figure';
	import { capital } from '$lib/format/words';
	import { rows } from '$lib/input/heaps';
	/** What is laid, a line for each stuff; one more as the last is filled. */
	let {
		stuff = $bindable(),
		part = $bindable(),
		stock,
		materials,
		label = 'What is laid',
		system
	}: {
		stuff: string[];
		part: string[];
		stock: readonly { readonly code: string; readonly name: string; readonly left_l: number }[];
		/** What can be brought in as it is laid. */
		materials: readonly MaterialId[];
		label?: string;
		system: System | undefined;
	} = $props();
	const least = 3;
	const filled = $derived(part.findLastIndex((one) => one.trim() !== '') + 2);
	const shown = $derived(rows.slice(0, Math.min(rows.length, Math.max(least, filled))));
	const options = $derived([
		{ value: '', label: 'Choose' },
		...materials.map((id) => ({ value: id as string, label: capital(materialOf(id).name) })),
		...stock.map(({ code, name, left_l }) => ({
			value: `lot:${code}`,
			label: `${code} ${name}, ${say(left_l, 'L', system)} left`
		}))
	]);
</script>

{#each shown as row (row)}
	<div class="grid grid-cols-[minmax(0,1fr)_8.5rem] gap-3 {row > 1 ? 'mt-2' : ''}">
		<Choice
			label={row === 1 ? label : `Stuff ${row}`}
			name="stuff{row}"
			bind:value={() => stuff[row - 1] ?? '', (chosen) => (stuff[row - 1] = chosen)}
			{options}
		/>
		<Field
			label={row === 1 ? 'How much' : `Amount ${row}`}
			name="part{row}"
			bind:value={() => part[row - 1] ?? '', (typed) => (part[row - 1] = typed)}
		/>
	</div>
{/each}
