<script lang="ts">
	import CheckFields from '$lib/components/entry/CheckFields.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import type { System } from '$lib/core/units';
	import { sayTime, type Almanac } from '$lib/format/dates';
	import { nextCheckWords, proofReason, proofWords } from '$lib/format/proof-words';
	import { capital, failingWords, list } from '$lib/format/words';
	import { limits } from '$lib/input/limits';
	import type { LiveFire } from './live-fire.svelte';
	import type { FireSent } from './shown';
	import type { Taps } from './tapping.svelte';
	/** Is it out? Only walks that passed prove it; which is next, and what to do with what came out. */
	let {
		live,
		almanac,
		system,
		sent,
		actId,
		taps
	}: {
		live: LiveFire;
		almanac: Almanac;
		system: System | undefined;
		sent: FireSent;
		actId: string;
		taps: Taps;
	} = $props();
	const told = $derived(live.told);
	const here = $derived({ ...almanac, now_ms: live.now_ms });
</script>

<section class="mt-4 border-t border-base-300 pt-3" aria-label="Proof">
	{#if told.proof}
		<h2 class="text-xl">{capital(proofWords(told.proof))}</h2>
		<p>{proofReason(told.proof)} {nextCheckWords(told.proof, here)}</p>
	{:else}
		<h2 class="text-xl">Not proven out</h2>
		<p>The first look is half an hour after the quench, in three places down to the floor.</p>
	{/if}
	<ul class="mt-1">
		{#each told.checks as check (check.actId)}<li>
				{sayTime(check.at_ms, almanac)}: {check.failings.length === 0
					? 'passed'
					: `did not pass: ${list(check.failings.map((one) => failingWords[one]))}`}
			</li>{/each}
	</ul>
	<Form
		id="form"
		name="check"
		sent={sent?.form === 'check'
			? { form: 'check', values: sent.values ?? {}, errors: sent.errors ?? {} }
			: undefined}
		limits={limits.check}
		class="mt-3"
		onsubmit={(event: SubmitEvent) => void taps.check(event)}
	>
		<CheckFields {system} withAir={told.proof?.stage === 'series'} />
		<input type="hidden" name="actId" value={actId} />
		<button class="btn mt-3 min-h-14 w-full text-lg btn-primary">Log this walk</button>
	</Form>
	<p class="mt-3">
		{#if told.charCode}Its char is {told.charCode}:
			<a class="underline" href="/char/{told.charCode}">go to it</a>.{:else}<a
				class="inline-flex min-h-14 items-center underline"
				href="/fires/{live.code}">Measured what came out? Set it down</a
			>, filled in from these taps.{/if}
	</p>
</section>
