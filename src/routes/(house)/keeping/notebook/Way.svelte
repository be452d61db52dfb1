<script lang="ts">
	import { invalidateAll } from '$app/navigation';
	import { untrack } from 'svelte';
	import type { PageData } from './$types';

	type Way = Pick<PageData['job'], 'state' | 'done' | 'of'>;
	/** How far a notebook is on its way into the books, and how to turn it back. */
	let { job, way = $bindable() }: { job: PageData['job']; way: Way | undefined } = $props();

	const again_ms = 400;
	$effect(() => {
		if (!job.isUnderWay) return;
		untrack(() => (way = job));
		const timer = setInterval(() => void look(), again_ms);
		return () => clearInterval(timer);
	});
	async function look() {
		const answer = await fetch(`/keeping/notebook/way?job=${encodeURIComponent(job.id)}`);
		if (!answer.ok) return;
		const next = (await answer.json()) as Way;
		if (next.state === job.state) way = next;
		else await invalidateAll();
	}
	const share = $derived(way?.of ? (way.done ?? 0) / way.of : 0);
</script>

<svelte:head>
	{#if job.isUnderWay}<noscript><meta http-equiv="refresh" content="2" /></noscript>{/if}
</svelte:head>

{#if job.isUnderWay}
	<form method="post" class="mb-8 flex flex-wrap items-center gap-4">
		<input type="hidden" name="job" value={job.id} />
		<progress class="progress h-4 w-full max-w-md" value={share} max="1" aria-label="Rows done"
		></progress>
		{#if job.state !== 'taking-back'}<button
				class="btn min-h-12 btn-outline text-base"
				formaction="?/cancel"
				>{job.state === 'writing' ? 'Stop, and take back what was written' : 'Cancel'}</button
			>{/if}
	</form>
{:else if job.standing > 0}
	<form method="post" class="mb-8 flex flex-wrap items-center gap-4">
		<input type="hidden" name="job" value={job.id} />
		<button class="btn min-h-12 btn-outline text-base" formaction="?/takeBack"
			>Take the whole notebook back</button
		>
	</form>
{/if}
