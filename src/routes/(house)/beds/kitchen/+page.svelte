<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import Caution from '$lib/components/answer/Caution.svelte';
	import { sayDay } from '$lib/format/dates';
	import { booksPath, pathOf } from '$lib/format/paths';
	import { kitchenAnswer } from './answer';
	let { data } = $props();
	const touches = (bed: (typeof data.waiting)[number]) => bed.onSoilFrom_ms > bed.from_ms;
</script>

<Answer
	title="For the kitchen door"
	answer={kitchenAnswer(data.waiting, data.free.length, data.almanac)}
	crumbs={[{ label: 'Beds', href: '/beds' }]}
>
	{#snippet reason()}<p>
			{data.place ? `${data.place}, ` : ''}as of {sayDay(data.almanac.now_ms, data.almanac)}. By
			what went on the beds, as it stands in the books. Print it, and hang it by the kitchen door.
		</p>{/snippet}
</Answer>

{#if data.waiting.length > 0}
	<table class="ledger-table mb-6 max-w-3xl text-lg">
		<thead>
			<tr><th>Bed</th><th>Eaten raw from</th><th>Because of</th></tr>
		</thead>
		<tbody>
			{#each data.waiting as bed (bed.name)}
				<tr>
					<td
						><a class="font-semibold underline" href={pathOf('bed', bed.name)}>{bed.name}</a>
						<span class="quiet block text-sm">{bed.crop}</span></td
					>
					<td
						>{#if touches(bed)}{bed.from_ms > data.almanac.now_ms
								? sayDay(bed.from_ms, data.almanac)
								: 'now'}; what touches the soil from {sayDay(
								bed.onSoilFrom_ms,
								data.almanac
							)}{:else}{sayDay(bed.onSoilFrom_ms, data.almanac)}{/if}</td
					>
					<td><a class="underline" href={booksPath('lot', bed.code)}>{bed.code}</a></td>
				</tr>
			{/each}
		</tbody>
	</table>
{/if}
{#if data.free.length > 0}
	<h2 class="mb-1 text-xl">Nothing to wait for</h2>
	<p class="mb-4 max-w-3xl text-lg">{data.free.join(', ')}.</p>
{/if}
<Caution
	>Wash all of it. What was put on and not written down is not in this list; children, the old, the
	pregnant and the ill eat cooked what grew near manure.</Caution
>
