<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import LineageTree from '$lib/components/cutaway/LineageTree.svelte';
	import Sourced from '$lib/components/answer/Sourced.svelte';
	import { trustFigure } from '$lib/core/brews';
	import { sayDay } from '$lib/format/dates';
	import { plain, say } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { capital, count } from '$lib/format/words';
	import Pager from '$lib/components/answer/Pager.svelte';
	let { data } = $props();
</script>

<Answer title="Lines" answer={data.answer} crumbs={[{ label: 'Brews', href: '/brews' }]}>
	{#snippet reason()}
		<p>
			A culture is caught wild, kept on sugar and brewed from; each of these names what it was
			started from. A line is trusted by how many of it worked. One that was marked, and what came
			of it, asks before it is brewed from.
		</p>
		{#if data.n === 0}<p class="mt-3">
				<a class="btn min-h-12 text-base btn-primary" href="/brews/plan?recipe=grain-culture"
					>Catch one</a
				>
			</p>{/if}
	{/snippet}
</Answer>

<div class="grid gap-x-10 gap-y-8 md:grid-cols-2">
	{#each data.rows as line (line.root)}
		<section class="min-w-0">
			<h2 class="text-xl">{capital(line.name)}</h2>
			<div class="mb-2">
				{line.worked + line.failed === 0
					? 'Nothing of it has come to an end yet'
					: `${plain(line.worked, 0)} of ${plain(line.worked + line.failed, 0)} worked`}; the next
				works with <Sourced
					slip={slip(`Trust in ${line.root}`, trustFigure(line), data.system)}
					named
				/>. {capital(count(line.generations, 'generation', 'generations'))} since {sayDay(
					line.since_ms,
					data.almanac
				)}.
				{#if line.doubted.length > 0}<strong class="text-error"
						>Doubtful for {line.doubted.join(', ')}.</strong
					>{/if}
			</div>
			<LineageTree
				leaves={line.leaves}
				say={(leaf) =>
					`${leaf.name}, gen. ${leaf.generation}, ${sayDay(leaf.at_ms, data.almanac)}${leaf.left_l > 0 ? `, ${say(leaf.left_l, 'L', data.system)} left` : ''}`}
			/>
			{#if line.earlier > 0}<p class="quiet text-sm">
					{line.earlier} earlier of it have pages of their own.
				</p>{/if}
		</section>
	{/each}
</div>
<Pager
	page={data.page}
	pages={data.pages}
	label="More lines"
	href={(page) => `/brews/lines?page=${page}`}
	before="More trusted"
	after="Less trusted"
/>
