<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import Pager from '$lib/components/answer/Pager.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import { stages } from '$lib/core/heaps';
	import { sayDay } from '$lib/format/dates';
	import { heapStateWords, wayWords } from '$lib/format/heap-words';
	import { limits } from '$lib/input/limits';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const wanting = $derived(
		data.corners.filter(({ state }) => ['wants', 'forgotten', 'look'].includes(state)).length
	);
	const answer = $derived(
		data.corners.length === 0
			? 'No corner has a heap yet'
			: wanting === 0
				? 'No corner needs you; walk by all the same'
				: `${wanting} of ${data.corners.length} corners ${wanting === 1 ? 'wants' : 'want'} you`
	);
	const sentOf = (code: string) => (form?.values.code === code ? form : undefined);
	const taps = [
		{ verb: 'look', says: 'Looked' },
		{ verb: 'turn', says: 'Turned' },
		{ verb: 'moisten', says: 'Watered' }
	] as const;
</script>

<Answer title="Round of the corners" {answer} crumbs={[{ label: 'Heaps', href: '/heaps' }]}>
	{#snippet reason()}<p>
			One tap for what you saw or did; what you did not see is not asked. In the order you walk: a
			heap’s own page takes its number.
		</p>{/snippet}
</Answer>

<ol class="max-w-2xl">
	{#each data.stops as stop (stop.code)}
		<li class="border-t-2 border-base-content py-3">
			<h2 class="text-xl">
				<a class="underline" href="/heaps/{stop.code}">{stop.name}</a>
				<span class="text-base">{heapStateWords[stop.state]}</span>
			</h2>
			<p class="mb-2">
				{wayWords[stop.way]}: {stop.says}.
				<span class="quiet">Seen {sayDay(stop.seen_ms, data.almanac)}.</span>
			</p>
			<div class="flex flex-wrap gap-3">
				{#each taps as { verb, says } (verb)}<Form name={verb} sent={sentOf(stop.code)}>
						<input type="hidden" name="code" value={stop.code} />
						<input type="hidden" name="actId" value="{stop.actId}-{verb}" />
						<button
							class="btn min-h-14 min-w-24 btn-outline text-base"
							aria-label="{says}: {stop.name}">{says}</button
						>
					</Form>{/each}
			</div>
			<div class="mt-3 grid gap-3 sm:grid-cols-2">
				{#if stop.hasSize}<Form
						name="read-depth"
						sent={sentOf(stop.code)}
						limits={{ sunk: limits.heap.sunk }}
						class="flex items-start gap-2"
					>
						<input type="hidden" name="code" value={stop.code} />
						<input type="hidden" name="actId" value="{stop.actId}-depth" />
						<div class="grow"><Field label="Sunk to" name="sunk" /></div>
						<button class="btn mt-7 min-h-12 btn-outline" aria-label="Keep the depth of {stop.name}"
							>Keep</button
						>
					</Form>{/if}
				<Form
					name="tell-stage"
					sent={sentOf(stop.code)}
					known={{ stage: stop.stage ?? 'packed' }}
					class="flex items-start gap-2"
				>
					<input type="hidden" name="code" value={stop.code} />
					<input type="hidden" name="actId" value="{stop.actId}-stage" />
					<div class="grow">
						<Choice
							label="It is"
							name="stage"
							options={stages.map((value) => ({ value, label: value }))}
						/>
					</div>
					<button class="btn mt-7 min-h-12 btn-outline" aria-label="Keep the stage of {stop.name}"
						>Keep</button
					>
				</Form>
			</div>
		</li>
	{/each}
</ol>
<Pager
	page={data.page}
	pages={data.pages}
	label="More corners"
	href={(page) => `/heaps/round?page=${page}`}
/>
{#if data.corners.length === 0}<p>
		<a class="btn min-h-12 btn-primary" href="/heaps/plan">What would leaves come to?</a>
	</p>{/if}
