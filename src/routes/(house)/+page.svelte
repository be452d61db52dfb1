<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import WeeksAhead from '$lib/components/band/WeeksAhead.svelte';
	import { sayToday } from '$lib/format/dates';
	import { capital, count } from '$lib/format/words';
	import Pager from '$lib/components/answer/Pager.svelte';
	import DutyRow from './DutyRow.svelte';
	import FirstSteps from './FirstSteps.svelte';
	let { data } = $props();
	/** What is wrong, and what is never left, stands large, as long as it is few. */
	const most = 3;
	const isWrong = ({ is, isNeverLeft }: { is: string; isNeverLeft?: boolean }) =>
		is === 'wrong' || isNeverLeft === true;
	const wrong = $derived(data.pressing.rows.filter(isWrong).slice(0, most));
	const acting = $derived(data.pressing.rows.filter((duty) => !wrong.includes(duty)));
	const waitingWords = $derived(
		capital(count(data.waiting.n, 'thing works or waits', 'things work or wait'))
	);
</script>

<Answer title="Today" answer={data.answer}>
	{#snippet reason()}
		<p class="quiet">{sayToday(data.almanac)}{data.place ? `, ${data.place}` : ''}</p>
	{/snippet}
</Answer>

<div class="sheet">
	<div class="min-w-0">
		{#if !data.begun}<FirstSteps />{/if}
		{#each wrong as duty, i (duty.code + duty.state)}
			{@const Drawn = duty.drawing && data.drawings[duty.drawing.of]}
			<section
				class="mb-4 grid gap-4 border-l-4 border-error bg-error/10 p-4 sm:grid-cols-[1fr_auto]"
			>
				<div>
					<h2 class="text-lg">{duty.code} {duty.name}: {duty.state}</h2>
					<p class="max-w-prose">{capital(duty.says)}</p>
					<a
						class="btn mt-3 min-h-12 text-base {i === 0 ? 'btn-primary' : 'btn-outline'}"
						href={duty.href}>{duty.act ?? 'Look'}</a
					>
				</div>
				{#if Drawn}<div class="w-56 max-sm:hidden">
						<Drawn {...duty.drawing?.data} system={data.system} />
					</div>{/if}
			</section>
		{/each}
		{#if acting.length > 0}
			<ul class="mb-6 border-t-2 border-base-content">
				{#each acting as duty (duty.code + duty.state)}<DutyRow
						{duty}
						almanac={data.almanac}
					/>{/each}
			</ul>
		{/if}
		<Pager
			page={data.pressing.page}
			pages={data.pressing.pages}
			label="More that presses"
			href={(page) => `/?page=${page}`}
			before="Back"
			after="More that presses"
		/>
		{#if data.waiting.n > 0}
			<section id="waits" class="mb-6">
				{#if data.waiting.isOpen}
					<h2 class="min-h-11 content-center text-base font-semibold">{waitingWords}</h2>
					<ul>
						{#each data.waiting.rows as duty (duty.code + duty.state)}<DutyRow
								{duty}
								almanac={data.almanac}
							/>{/each}
					</ul>
					<Pager
						page={data.waiting.page}
						pages={data.waiting.pages}
						label="More that works or waits"
						href={(page) => `/?waits=${page}#waits`}
						before="Back"
						after="More"
					/>
				{:else}
					<a
						class="inline-block min-h-11 content-center font-semibold underline"
						href="/?waits=1#waits"
						data-sveltekit-noscroll>{waitingWords}</a
					>
				{/if}
			</section>
		{/if}
		{#if data.ahead.rows.length > 0}
			<WeeksAhead
				rows={data.ahead.rows}
				from={data.ahead.from_ms}
				to={data.ahead.to_ms}
				almanac={data.almanac}
			/>
			<Pager
				page={data.ahead.page}
				pages={data.ahead.pages}
				label="More of the next four weeks"
				href={(page) => `/?weeks=${page}#weeks`}
				before="Back"
				after="More"
			/>
		{/if}
	</div>
	<aside>
		<h2 class="mb-1 text-lg">Next in the yard</h2>
		<ul>
			{#each data.next.rows as duty (duty.href + duty.title)}<li
					class="border-b border-base-300 pb-1"
				>
					<a class="inline-block min-h-11 content-center font-semibold underline" href={duty.href}
						>{duty.title ?? duty.name}</a
					>
					<span class="quiet block text-sm">{duty.says}</span>
				</li>{:else}<li class="quiet">Nothing waits.</li>{/each}
		</ul>
		{#if data.next.more > 0}<p class="quiet mt-2 text-sm">
				and {data.next.more} more, in their rooms
			</p>{/if}
	</aside>
</div>
