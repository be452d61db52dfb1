<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import { charShareLimits, roomUnder } from '$lib/core/beds';
	import { joined, say, show } from '$lib/format/figure';
	import { capital, wantWords } from '$lib/format/words';
	import BedFields from './BedFields.svelte';
	import { bedsAnswer, whyWanted } from './answer';
	let { data, form } = $props();
	const system = $derived(data.system);
	const target = $derived(data.lot ? `?lot=${data.lot}` : '');
</script>

<Answer title="Beds" answer={bedsAnswer(data.beds, system)}>
	{#snippet reason()}
		{#if data.beds[0]}
			<p>
				{capital(whyWanted(data.beds[0], system))}. Char is for ever: reach 5 % of the top soil in
				two seasons, at most 3 % at first, 10 % for life.
				{data.ready.length
					? `Ready to spread: ${data.ready.map((lot) => `${lot.code}, ${say(lot.litresLeft, 'L', system)}`).join('; ')}.`
					: 'Nothing charged is ready to spread.'}
			</p>
			<p class="mt-3">
				<a
					class="btn min-h-12 text-base btn-primary"
					href="/beds/{encodeURIComponent(data.beds[0].name)}{target}">Dose {data.beds[0].name}</a
				>
			</p>
		{:else}<p>
				Every rate people quote means litres on a known area and depth; with the bed measured the
				program can say what any of them is.
			</p>{/if}
	{/snippet}
</Answer>

<div>
	{#if data.beds.length > 0}
		<div
			class="mb-10 overflow-x-auto"
			tabindex="0"
			role="region"
			aria-label="Beds by how much they want char"
		>
			<table class="ledger-table">
				<thead
					><tr
						><th>Bed</th><th>Why</th><th class="num">Holds</th><th class="num">Room to 5 %</th><th
							class="num">Room to the ceiling, 10 %</th
						></tr
					></thead
				>
				<tbody>
					{#each data.beds as bed (bed.name)}
						<tr>
							<td
								><a
									class="inline-block min-h-6 font-semibold underline"
									href="/beds/{encodeURIComponent(bed.name)}{target}">{bed.name}</a
								></td
							>
							<td
								>{capital(wantWords[bed.want])}:
								<span class="quiet">{whyWanted(bed, system)}</span></td
							>
							<td class="num">{joined(show({ value: bed.share, unit: 'share' }, system))}</td>
							<td class="num"
								>{say(roomUnder(charShareLimits.target, bed.char_l, bed.ground), 'L', system)}</td
							>
							<td class="num"
								>{say(roomUnder(charShareLimits.ceiling, bed.char_l, bed.ground), 'L', system)}</td
							>
						</tr>
					{/each}
				</tbody>
			</table>
		</div>
	{/if}
	<form method="post" action="?/measure">
		<h2 class="mb-3 text-xl">Measure {data.beds.length ? 'another' : 'a'} bed</h2>
		<BedFields values={form?.values ?? {}} errors={form?.errors ?? {}} {system} />
		<ActFoot
			actId={data.actId}
			action="?/measure"
			label="Keep this bed"
			values={form?.values}
			errors={form?.errors}
			noted={false}
		/>
	</form>
</div>
