<script lang="ts">
	import { inSystem } from '$lib/format/examples';
	import Answer from '$lib/components/answer/Answer.svelte';
	import Undo from '$lib/components/entry/Undo.svelte';
	import { sayMoment } from '$lib/format/dates';
	import { joinDevice } from '../../joins-device.svelte';
	import LineEntry from '../LineEntry.svelte';
	let { data, form } = $props();
	joinDevice();
	const refusal = $derived(form && 'says' in form ? { shown: undefined, ...form } : undefined);
	const undoErrors = $derived(form && 'errors' in form ? form.errors : {});
	const refused = $derived(form && 'values' in form ? form.values?.act : undefined);
	const answer = $derived(
		data.written ? `Written down: ${data.written.line}` : 'One line writes one act'
	);
	// svelte-ignore state_referenced_locally
	let line = $state(refusal?.line ?? data.line);
</script>

<Answer title="Log" {answer}>
	{#snippet reason()}
		{#if data.written}<p>
				<a class="underline" href={data.written.href}>See what it did</a>, or write the next one.
			</p>{:else}<p>
				It is read as you write, with what the books would then say. Nothing is written down before
				you say so, and every line can be taken back.
			</p>{/if}
	{/snippet}
</Answer>

<div class="mb-8 max-w-3xl">
	{#if data.written || refused}
		<div class="mb-6">
			<Undo
				act={refused ?? data.written?.actId ?? ''}
				actId={data.actId}
				label="Take it back"
				explain="It is reversed by its opposite; both stay in the books."
				errors={undoErrors}
			/>
		</div>
	{/if}
	<LineEntry
		first={refusal?.shown
			? { ...data, of: refusal.line, view: { ...data.view, shown: refusal.shown } }
			: data}
		bind:line
		refusal={refusal?.says}
	/>
</div>

<div class="grid gap-x-12 gap-y-8 lg:grid-cols-2">
	<section>
		<h2 class="mb-2 text-xl">What a line can say</h2>
		<dl>
			{#each data.examples as { line, does } (line)}
				<div class="border-b border-base-300 py-2">
					<dt class="font-semibold">{line}</dt>
					<dd class="quiet">{does}</dd>
				</div>
			{/each}
		</dl>
		<p class="quiet mt-2">
			A reason goes after a semicolon, a moment after an at sign: <strong class="text-base-content"
				>{inSystem('38 L C4 > Mere 2; dry spot @ yesterday 16:30', data.system)}</strong
			>.
		</p>
	</section>
	<section>
		<h2 class="mb-2 text-xl">Written down lately</h2>
		{#if data.lately.length === 0}<p class="quiet">
				Nothing yet. The first act of any page will stand here.
			</p>{/if}
		<ul>
			{#each data.lately as act (act.id)}
				<li class="border-b border-base-300 pb-1">
					<a class="inline-block min-h-11 content-center underline" href={act.href}
						>{act.line || `${act.name} ${act.did}`.trim()}</a
					>{act.reversed ? ' (reversed)' : ''}
					<span class="quiet block text-sm">{sayMoment(act.at_ms, data.almanac)}, {act.person}</span
					>
				</li>
			{/each}
		</ul>
	</section>
</div>
