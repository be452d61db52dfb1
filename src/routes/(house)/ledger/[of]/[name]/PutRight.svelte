<script lang="ts">
	import { inLitres } from '$lib/core/units';
	import { limits } from '$lib/input/limits';
	import Say from '$lib/components/answer/Say.svelte';
	import { slipped } from '$lib/format/sentence';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Ticks from '$lib/components/entry/Ticks.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import type { System } from '$lib/core/units';
	import { say } from '$lib/format/figure';
	import type { ActionData, PageData } from './$types';
	/** Where books and tub differ, and what leaves the yard for good. */
	let {
		data,
		lot,
		form,
		system
	}: {
		data: PageData;
		lot: NonNullable<PageData['lot']>;
		form: ActionData;
		system: System | undefined;
	} = $props();
	const of = (name: string) => (form?.form === name ? form : undefined);
	const recount = $derived(of('recount'));
	const takeAway = $derived(of('takeAway'));
	const held = $derived(say(inLitres(lot.volume_ul), 'L', system));
	const hold = $derived(of('hold'));
	const ways = $derived(
		[
			{ value: 'lose', label: 'lost' },
			{ value: 'give-away', label: 'given away' },
			{ value: 'dispose', label: 'disposed of' }
		].filter(({ value }) => data.held === undefined || value === 'dispose')
	);
</script>

{#if data.held === undefined}
	<details class="mb-2" open={recount !== undefined}>
		<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
			>Count it again</summary
		>
		<Form name="recount" sent={form} limits={limits.recount} class="grid gap-3 pb-4">
			<p class="quiet text-sm">
				The books say <Say sentence={[slipped(held, 'Holds')]} />. Type what is really there; the
				difference is kept by name, dry weight in proportion.
			</p>
			<Field label="Really there" name="found" />
			<Field label="Why they differ" name="recountReason" />
			<ActFoot actId={data.recountId} label="Keep the count" />
		</Form>
	</details>
{/if}
<details class="mb-6" open={takeAway !== undefined}>
	<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
		>It was lost, given away or disposed of</summary
	>
	<Form
		name="takeAway"
		sent={form}
		known={data.held === undefined ? {} : { how: 'dispose' }}
		limits={limits.takeAway}
		class="grid gap-3 pb-4"
	>
		<p class="quiet text-sm">
			Out of the books under its own name. Painted and treated wood goes where the local waste rules
			say{data.held === undefined ? '' : '; a quarantined lot can only be disposed of'}.
		</p>
		<Ticks legend="How it left" name="how" options={ways} />
		<Field label="How much" name="taken" hint="Empty: all {held}" />
		<Field label="Where to, and why" name="takenReason" />
		<ActFoot actId={data.takeAwayId} label="Take it out of the books" />
	</Form>
</details>

<details class="mb-6" open={hold !== undefined || data.heldItself}>
	<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
		>{data.heldItself ? 'Quarantined' : 'Suspect after all?'}</summary
	>
	<Form name="hold" sent={form} class="grid gap-3 pb-4">
		<p class="quiet text-sm">
			A quarantined lot, and everything made of it, goes nowhere but to the tip.
		</p>
		<input type="hidden" name="held" value={data.heldItself ? 'no' : 'yes'} />
		<Field label={data.heldItself ? 'Why release it' : 'Why hold it'} name="reason" />
		<input type="hidden" name="actId" value={hold?.values.actId || data.holdId} />
		<div>
			<button class="btn min-h-12 btn-outline"
				>{data.heldItself ? 'Release it' : 'Quarantine it'}</button
			>
		</div>
	</Form>
</details>
