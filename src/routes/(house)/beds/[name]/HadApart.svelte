<script lang="ts">
	import Sourced from '$lib/components/answer/Sourced.svelte';
	import Rule from '$lib/components/answer/Rule.svelte';
	import { ashCap, type HadOfOne } from '$lib/core/beds';
	import type { Estimate, System } from '$lib/core/units';
	import { say } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	/** What a bed has had, told apart: char, ash, what compost and the like bring, and their nutrients. */
	let {
		had,
		yearAsh,
		system
	}: {
		had: readonly HadOfOne[];
		/** Dry ash over twelve months, on a square metre. */
		yearAsh: Estimate;
		system: System | undefined;
	} = $props();
	const names: Readonly<Record<HadOfOne['of'], string>> = {
		char: 'Char, dry',
		ash: 'Ash, dry',
		other: 'Compost and the like, dry',
		nitrogen: 'Nitrogen',
		'mineral-nitrogen': 'of which mineral',
		phosphorus: 'Phosphorus, P',
		potassium: 'Potassium, K',
		lime: 'Lime, as CaCO₃'
	};
	const amount = (kg: number) => (kg < 1 ? say(kg * 1000, 'g', system) : say(kg, 'kg', system));
</script>

{#if had.length > 0}
	<h2 class="mt-6 mb-2 border-b-2 border-base-content text-lg">What it has had</h2>
	<table class="ledger-table mb-2">
		<thead><tr><th>Of</th><th class="num">In all</th><th class="num">Per area</th></tr></thead>
		<tbody>
			{#each had as one (one.of)}
				<tr>
					<td>{names[one.of]}</td>
					<td class="num whitespace-nowrap">{amount(one.kg)}</td>
					<td class="num whitespace-nowrap">{say(one.perM2, 'g/m²', system)}</td>
				</tr>
			{/each}
		</tbody>
	</table>
	{#if yearAsh.value > 0}<div class="mb-4 text-sm">
			Ash over twelve months: <Sourced slip={slip('Ash over twelve months', yearAsh, system)} /> of at
			most
			<Rule room="soil" figure="ash">{say(ashCap.g_per_m2, 'g/m²', system)}</Rule>.
		</div>{/if}
{/if}
