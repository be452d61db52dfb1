<script lang="ts">
	import Say from '$lib/components/answer/Say.svelte';
	import { typingHere } from '$lib/components/entry/typing.svelte';
	import { inSystem } from '$lib/format/examples';
	import { enhance } from '$app/forms';
	import { invalidateAll } from '$app/navigation';
	import { untrack } from 'svelte';
	import type { LineAnswer } from './line-view';
	/**
	 * One line of the log: what it was understood as, what the books would then say, and the ways
	 * on. Without script the form asks with Read it and writes with Write it down.
	 */
	let {
		first,
		line = $bindable(''),
		refusal = '',
		focused = false
	}: {
		first: LineAnswer;
		line?: string;
		/** Why a line that was sent was not written. */
		refusal?: string;
		/** Put the cursor in the field at once. */
		focused?: boolean;
	} = $props();
	const uid = $props.id();
	const typing = typingHere();
	let asked = $state<LineAnswer>();
	let refused = $state<string>();
	let kept = $state('');
	let input = $state<HTMLTextAreaElement>();
	const answer = $derived(asked ?? first);
	const view = $derived(answer.view);
	const says = $derived(refused ?? refusal);

	let waiting: ReturnType<typeof setTimeout> | undefined;
	let asking: AbortController | undefined;
	// A line keeps its id until it is written, so that a doubled send is one act.
	let actId = $derived(first.actId);

	function ask(wait_ms: number, done = '') {
		clearTimeout(waiting);
		asking?.abort();
		const call = (asking = new AbortController());
		waiting = setTimeout(() => void read(call.signal, done), wait_ms);
	}

	async function read(signal: AbortSignal, done: string) {
		const query = new URLSearchParams({ line, ...(done ? { done } : {}) });
		try {
			const response = await fetch(`/log/read?${query}`, { signal });
			if (!response.ok) return;
			asked = (await response.json()) as LineAnswer;
			if (done) actId = asked.actId;
		} catch (error) {
			// The next key asks again; the line itself is sent with the form, understood or not.
			if (!(error instanceof Error)) throw error;
		}
	}

	/** Nobody answered: the device keeps it, with the moment and the id it was written under. */
	async function keep() {
		// The frame has it by now: it is what sends what waits.
		const { deviceActId, doneNow, lineWaiting, outbox, tellOthers } =
			await import('../device-outbox');
		// Of several each waits by itself, under the number it would have been written with.
		const lines = line.split('\n').flatMap((one) => one.trim() || []);
		const done = doneNow();
		let isKept = true;
		for (const [i, one] of lines.entries())
			isKept &&= await outbox.keep({
				...lineWaiting(lines.length > 1 ? `${actId}.${i + 1}` : actId, one, done.done_ms),
				...done
			});
		tellOthers();
		if (!isKept) {
			refused = 'There is no connection, and this device can’t keep the line. It is still here.';
			return;
		}
		kept = line;
		line = '';
		refused = '';
		actId = deviceActId();
	}

	function take(way: string) {
		line = way;
		refused = '';
		input?.focus();
		ask(0);
	}

	$effect(() => {
		if (!focused) return;
		input?.focus();
		untrack(() => ask(0));
	});
</script>

<form
	method="post"
	action="/log?/write"
	use:enhance={() =>
		async ({ result }) => {
			kept = '';
			if (result.type === 'redirect') {
				const written = actId;
				line = '';
				refused = '';
				await invalidateAll();
				ask(0, written);
			} else if (result.type === 'failure') {
				refused = String(result.data?.says ?? '');
				const shown: unknown = result.data?.shown;
				if (Array.isArray(shown))
					asked = { ...answer, of: line, view: { ...view, shown: shown.map(String) } };
				// Of several lines those that were written are gone from here, and the rest is a new form.
				if (typeof result.data?.actId === 'string') {
					actId = result.data.actId;
					line = String(result.data.line ?? line);
					await invalidateAll();
				}
			} else if (result.type === 'error' && result.status === undefined) await keep();
			else refused = 'The line did not reach the books. It is still here: send it again.';
			input?.focus();
		}}
>
	<input type="hidden" name="actId" value={actId} />
	<input type="hidden" name="shownOf" value={answer.of} />
	<input type="hidden" name="shown" value={(view.shown ?? []).join('\n')} />
	<label for="{uid}-line" class="block font-semibold">What was done</label>
	<div class="mt-1 flex flex-wrap gap-2">
		<textarea
			bind:this={input}
			bind:value={line}
			oninput={() => {
				refused = '';
				ask(120);
			}}
			onkeydown={(event) => {
				// A line ends with Enter; another begins with Shift and Enter, or by pasting several.
				if (event.key !== 'Enter' || event.shiftKey || event.isComposing) return;
				event.preventDefault();
				event.currentTarget.form?.requestSubmit();
			}}
			id="{uid}-line"
			name="line"
			rows="1"
			class="textarea field-sizing-content max-h-60 min-h-14 w-full min-w-0 flex-1 basis-72 resize-none border-base-content/60 bg-base-200 py-3 text-xl"
			autocomplete="off"
			autocapitalize="off"
			spellcheck="false"
			maxlength="6000"
			enterkeyhint="send"
			placeholder={inSystem('38 L C4 > Mere 2', typing?.context().system)}
			aria-describedby="{uid}-says"
			aria-invalid={says ? 'true' : undefined}></textarea>
		<button class="btn min-h-14 grow text-base btn-primary sm:grow-0">Write it down</button>
	</div>
	<noscript>
		<button class="btn mt-2 min-h-12 btn-outline" formmethod="get" formaction="/log">Read it</button
		>
	</noscript>
</form>

<div id="{uid}-says" aria-live="polite" class="mt-3 min-h-16">
	{#if says}
		<p class="border-l-4 border-error pl-3 font-semibold text-error">{says}</p>
	{:else if view.status === 'understood'}
		<p class="text-lg font-semibold"><Say sentence={view.head} /></p>
		<p><Say sentence={view.text} /></p>
		{@render against(view.cautions)}
		{@render linesRead()}
	{:else if kept !== '' && line === ''}
		<p class="border-l-4 border-warning pl-3">
			No connection: <strong>{kept}</strong> is kept on this device and sent when there is one.
		</p>
	{:else if answer.written && line === ''}
		<p class="border-l-4 border-success pl-3">
			Written down: <a class="underline" href={answer.written.href}>{answer.written.line}</a>
		</p>
	{:else}<p class="quiet"><Say sentence={view.text} /></p>
		{@render linesRead()}{/if}
</div>

{#snippet linesRead()}
	{#if view.lines}<ol class="mt-2">
			{#each view.lines as one, i (i)}<li
					class="border-l-4 py-1 pl-3 {one.isUnderstood ? 'border-success' : 'border-error'}"
				>
					<span class="block font-semibold">{one.line}</span>
					{#if one.isUnderstood}<Say sentence={one.head} />. <Say
							sentence={one.text}
						/>{@render against(one.cautions)}{:else}<span class="text-error"
							>To be mended: <Say sentence={one.text} /></span
						>{/if}
				</li>{/each}
		</ol>{/if}
{/snippet}

{#snippet against(cautions: LineAnswer['view']['cautions'] = [])}
	{#if cautions.length > 0}<ul class="mt-1">
			{#each cautions as { says, isAsked } (says)}<li
					class={isAsked ? 'border-l-4 border-warning pl-3' : 'quiet text-sm'}
				>
					{says}{isAsked ? ' Your reason answers it.' : ''}
				</li>{/each}
		</ul>{/if}
{/snippet}

{#if view.ways.length > 0}
	<ul class="mt-2 flex flex-wrap gap-2" aria-label="Ways on">
		{#each view.ways as way (way.line)}
			<li>
				<a
					href="/log?line={encodeURIComponent(way.line)}"
					data-sveltekit-replacestate
					onclick={(event) => {
						event.preventDefault();
						take(way.line);
					}}
					class="flex min-h-12 flex-col justify-center rounded-field border border-base-content/50 px-3 py-1 leading-tight"
				>
					<strong>{way.shows}</strong><span class="quiet text-sm">{way.about}</span>
				</a>
			</li>
		{/each}
	</ul>
{/if}
