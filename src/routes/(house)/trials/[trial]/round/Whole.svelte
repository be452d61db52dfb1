<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import { capital } from '$lib/format/counted';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const scores = [1, 2, 3, 4, 5];
	const answer = $derived(
		data.next
			? `${data.unit === 'pot' ? 'Pot' : 'Plot'} ${data.next.n}: ${data.measures.find(({ id }) => id === data.measure)?.label}`
			: `All ${data.of} are read today`
	);
</script>

<Answer
	title="Round of {data.code}"
	{answer}
	crumbs={[
		{ label: 'Trials', href: '/trials' },
		{ label: data.code, href: `/trials/${data.code}` }
	]}
>
	{#snippet reason()}<p>
			{#if data.next?.arm}{capital(data.next.arm)}.{/if}
			{data.left} of {data.of} to go, in walking order. Each is kept as it is typed.
		</p>{/snippet}
</Answer>

{#if data.measures.length > 1}
	<p class="mb-3 flex flex-wrap gap-x-5">
		{#each data.measures as { id, label } (id)}<a
				class="inline-flex min-h-14 items-center {id === data.measure
					? 'font-semibold'
					: 'underline'}"
				href="?measure={id}"
				aria-current={id === data.measure ? 'true' : undefined}>{label}</a
			>{/each}
	</p>
{/if}
{#if data.next}
	{#key data.next.n + data.measure}
		<div class="max-w-md">
			<Form
				name="look"
				sent={form}
				limits={{ value: data.limit }}
				known={{ unit: String(data.next.n) }}
				keep="&measure={data.measure}"
			>
				<input type="hidden" name="actId" value={data.actId} />
				<input type="hidden" name="unit" value={data.next.n} />
				<input type="hidden" name="measure" value={data.measure} />
				{#if data.measure === 'score'}
					<div class="grid grid-cols-5 gap-2">
						{#each scores as score (score)}<button class="tile" name="value" value={score}
								>{score}</button
							>{/each}
					</div>
				{:else}
					<Field label="It reads" name="value" inputmode="decimal" />
					<button class="btn mt-3 min-h-14 w-full text-lg btn-primary">Keep it, next</button>
				{/if}
			</Form>
			<details class="mt-4" open={form?.form === 'lost'}>
				<summary class="inline-flex min-h-14 cursor-pointer items-center underline"
					>It is lost</summary
				>
				<Form name="lost" sent={form} keep="&measure={data.measure}">
					<input type="hidden" name="actId" value={data.lostId} />
					<input type="hidden" name="unit" value={data.next.n} />
					<Field label="Why" name="why" />
					<button class="btn mt-3 min-h-14 btn-outline">Number {data.next.n} is lost</button>
				</Form>
			</details>
		</div>
	{/key}
{/if}
{#if data.read.length > 0}
	<h2 class="mt-8 text-lg">Read today</h2>
	<ul class="flex flex-wrap gap-x-5">
		{#each data.read as { n, value } (n)}<li>
				<a
					class="inline-flex min-h-14 items-center underline"
					href="?measure={data.measure}&unit={n}">{n}: {value}</a
				>
			</li>{/each}
	</ul>
	<p class="quiet">Read one again to put it right: the later stands.</p>
{/if}
