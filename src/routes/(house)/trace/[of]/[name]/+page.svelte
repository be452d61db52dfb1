<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import Pager from '$lib/components/answer/Pager.svelte';
	import FlowChart from '$lib/components/chart/FlowChart.svelte';
	import { inUnit, unitName, say } from '$lib/format/figure';
	import { sayDay } from '$lib/format/dates';
	import { pathOf } from '$lib/format/paths';
	import RecallSheet from './RecallSheet.svelte';
	import { traceAnswer } from './answer';
	import { nodesOf, strandsOf } from './strands';
	let { data } = $props();
	const lots = $derived(nodesOf(data.picture));
	const nodes = $derived(new Map(lots.map((lot) => [lot.node, lot])));
	const start = $derived(nodes.get(data.start));
	const name = $derived(start?.code ?? '');
	const facts = $derived({
		name,
		isBed: start?.kind === 'bed',
		from: data.from,
		made: data.made,
		beds: new Set((data.recall?.spreads ?? []).map(({ bed }) => bed)).size,
		spreads: data.recall?.spreads.length ?? data.spreads,
		drawn: data.span,
		inStock_l: (data.recall?.inStock ?? []).reduce((sum, { litres }) => sum + litres, 0)
	});
	const unit = $derived(data.as);
	const edges = $derived(
		strandsOf(data.picture).map(({ from, to, amount }) => ({
			from,
			to,
			amount: inUnit(amount, unit, data.system)
		}))
	);
	const labelled = $derived(
		lots.map(({ node, kind, code, name }) => ({
			node,
			kind,
			label: `${code} ${name}`.trim(),
			short: code || name
		}))
	);

	/** This trace in another unit, of other spreadings, or with every row. */
	const href = (to: { as?: string; page?: number; rows?: string }) =>
		'?' +
		new URLSearchParams({
			as: to.as ?? unit,
			...((to.page ?? data.page) > 1 ? { page: String(to.page ?? data.page) } : {}),
			...(to.rows ? { rows: to.rows } : {})
		}).toString();

	const linkTo = (node: string) => {
		const known = nodes.get(node);
		return known && known.kind !== 'gas-and-ash' ? pathOf(known.kind, known.code) : undefined;
	};
	const label = $derived(
		`Flow of ${name} from its sources to where it went, in ${unitName(unit, data.system)}`
	);
</script>

{#snippet named(node: string)}
	{@const known = nodes.get(node)}
	{#if linkTo(node)}<a class="inline-block min-h-11 content-center underline" href={linkTo(node)}
			>{known?.code}</a
		>{/if}
	<span class="quiet">{known?.name}</span>
{/snippet}

<Answer
	title="Trace of {name}"
	answer={traceAnswer(facts, data.system)}
	crumbs={start && start.kind !== 'gas-and-ash'
		? [{ label: `${name} ${start.name}`, href: pathOf(start.kind, name) }]
		: []}
>
	{#snippet reason()}
		<p>
			Each strand is what one act moved, as thick as the {unit === 'kg'
				? 'dry matter that arrived'
				: 'volume that was taken'}; not all of it need have gone on to {name}.
			{#if data.held !== undefined}<strong class="text-error">Quarantined: {data.held}.</strong
				>{/if}
		</p>
	{/snippet}
</Answer>

<Pager
	page={data.page}
	pages={data.pages}
	label="Newer and older spreadings"
	href={(page) => href({ page })}
/>
{#if data.picture.strands.length > 0}
	<p class="mb-2 flex gap-2 print:hidden">
		{#each ['L', 'kg'] as const as choice (choice)}
			<a
				href={href({ as: choice })}
				data-sveltekit-noscroll
				aria-current={unit === choice ? 'true' : undefined}
				class="btn min-h-11 {unit === choice ? 'btn-neutral' : 'btn-outline'}"
				>{choice === 'L' ? 'litres' : 'kg dry'}</a
			>
		{/each}
	</p>
	<FlowChart
		nodes={labelled}
		{edges}
		unit={unitName(unit, data.system)}
		start={data.start}
		{label}
	/>
	{#if data.recall && (data.recall.spreads.length > 0 || data.recall.inStock.length > 0)}
		<RecallSheet {name} recall={data.recall} almanac={data.almanac} system={data.system} />
	{/if}
	<section class="mt-8">
		<h2 class="mb-2 text-xl">Every act on the way</h2>
		<div class="overflow-x-auto">
			<table class="ledger-table min-w-[36rem]">
				<thead>
					<tr
						><th>When</th><th>What</th><th>From</th><th>To</th><th class="num">Taken</th><th
							class="num">Dry, arrived</th
						></tr
					>
				</thead>
				<tbody>
					{#each data.rows as line (line.act + line.from + line.to)}
						<tr>
							<td class="whitespace-nowrap">{sayDay(line.at_ms, data.almanac)}</td>
							<td>{line.did} <span class="quiet">{line.person}</span></td>
							<td>{@render named(line.from)}</td>
							<td>{@render named(line.to)}</td>
							<td class="num whitespace-nowrap">{say(line.litres, 'L', data.system)}</td>
							<td class="num whitespace-nowrap"
								>{#if line.kgDry > 0}{say(line.kgDry, 'kg', data.system)}{:else}feeds it{/if}</td
							>
						</tr>
					{/each}
				</tbody>
			</table>
		</div>
		{#if data.earlier > 0}<p class="mt-2">
				<a class="underline" href={href({ rows: 'all' })}>and {data.earlier} before</a>
			</p>{/if}
	</section>
{/if}
