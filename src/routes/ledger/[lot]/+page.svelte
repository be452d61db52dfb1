<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import Trace from '$lib/components/answer/Trace.svelte';
	import { sayMoment } from '$lib/format/dates';
	import { say } from '$lib/format/figure';
	import { capital, count, verbWords } from '$lib/format/words';
	import { lotAnswer } from './answer';
	let { data, form } = $props();
	const system = $derived(data.system);
	const lot = $derived(data.lot);
	const pages = {
		stack: 'woodyard',
		char: 'char',
		charge: 'charging',
		partner: 'ledger',
		bed: 'beds'
	} as const;
	const steps = (list: typeof data.trace.back) =>
		list.map((step) => {
			const bed = step.node.startsWith('bed:') ? step.node.slice(4) : undefined;
			return {
				label: bed ?? `${step.node} ${step.name}`,
				href: `/${pages[step.kind]}/${encodeURIComponent(bed ?? step.node)}`,
				detail: '',
				depth: step.depth
			};
		});
	const beds = $derived(data.trace.forward.filter((step) => step.kind === 'bed').length);
	const home = $derived(
		{ stack: 'woodyard', char: 'char', charge: 'charging', partner: '' }[lot.kind]
	);
	const signed = (value: number, unit: 'L' | 'kg') =>
		value === 0 ? '–' : `${value > 0 ? '+' : '−'}${say(Math.abs(value) / 1000, unit, system)}`;
	const failed = $derived(form?.form === 'reverse' ? form : undefined);
</script>

<Answer
	title="{lot.code} in the ledger"
	answer={lotAnswer(
		{
			code: lot.code,
			volume_ml: lot.volume_ml,
			dry_g: lot.dry_g,
			from: data.trace.back.length,
			beds
		},
		system
	)}
	crumbs={home
		? [{ label: `${lot.code} ${lot.name}`, href: `/${home}/${lot.code}` }]
		: [{ label: 'Char and charging', href: '/charging' }]}
>
	{#snippet reason()}<p>
			Nothing is ever deleted: a mistake is put right by its opposite, and both stay in the books.{data.held ===
			undefined
				? ''
				: ` Held because: ${data.held}.`}
		</p>{/snippet}
</Answer>

<div class="sheet">
	<div>
		{#if failed}<p
				class="mb-4 border-l-4 border-error py-1 pl-4 font-semibold text-error"
				role="alert"
			>
				{Object.values(failed.errors).join(' ')}
			</p>{/if}
		<ul>
			{#each data.acts as act (act.id)}
				<li class="border-b border-base-300 py-3 {act.reversed || act.isReversal ? 'quiet' : ''}">
					<div class="flex flex-wrap items-baseline justify-between gap-x-4">
						<span
							><strong class={act.reversed ? 'line-through' : ''}
								>{capital(verbWords[act.verb] ?? act.verb)}</strong
							>
							{sayMoment(act.at_ms, data.almanac)}, {act.person}{act.reversed
								? ' (reversed)'
								: ''}</span
						>
						<span
							>{signed(act.volume_ml, 'L')}
							<span class="quiet">{signed(act.dry_g, 'kg')}{act.dry_g === 0 ? '' : ' dry'}</span
							></span
						>
					</div>
					{#if act.note}<p>{act.note}</p>{/if}
					{#if !act.reversed && !act.isReversal}
						<details>
							<summary class="inline-flex min-h-11 cursor-pointer items-center text-sm underline"
								>Reverse it</summary
							>
							<form method="post" action="?/reverse" class="pb-3">
								<input type="hidden" name="actId" value="{data.actId}-{act.id.slice(0, 8)}" />
								<input type="hidden" name="act" value={act.id} />
								{#if act.resting.length > 0}
									<p>
										{capital(count(act.resting.length, 'later act rests', 'later acts rest'))} on it and
										would be undone first:
									</p>
									<ol class="mb-2 list-decimal pl-6 text-sm">
										{#each act.resting as rest (rest.id)}<li>
												{verbWords[rest.verb] ?? rest.verb}, {sayMoment(rest.at_ms, data.almanac)}
											</li>{/each}
									</ol>
									<label class="flex min-h-12 items-center gap-3"
										><input type="checkbox" class="checkbox" name="withDependents" />Undo {act
											.resting.length === 1
											? 'it'
											: 'them'} too</label
									>
								{/if}
								<button class="btn min-h-12 btn-outline"
									>Reverse: {verbWords[act.verb] ?? act.verb}</button
								>
							</form>
						</details>
					{/if}
				</li>
			{/each}
		</ul>
	</div>
	<aside>
		<Trace title="Came of" steps={steps(data.trace.back)} />
		<Trace title="Went into" steps={steps(data.trace.forward)} />
	</aside>
</div>
