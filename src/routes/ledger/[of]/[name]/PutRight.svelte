<script lang="ts">
	import { limitFields } from '$lib/components/entry/typing.svelte';
	import { limits } from '$lib/input/limits';
	import Say from '$lib/components/answer/Say.svelte';
	import { slipped } from '$lib/format/sentence';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Ticks from '$lib/components/entry/Ticks.svelte';
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
	limitFields({ ...limits.recount, ...limits.takeAway });
	const of = (name: string) => (form?.form === name ? form : undefined);
	const recount = $derived(of('recount'));
	const takeAway = $derived(of('takeAway'));
	const held = $derived(say(lot.volume_ml / 1000, 'L', system));
	const recountErrors = $derived(recount?.errors ?? {});
	const hold = $derived(of('hold'));
	const takeAwayErrors = $derived(takeAway?.errors ?? {});
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
		<form method="post" action="?/recount" class="grid gap-3 pb-4">
			<p class="quiet text-sm">
				The books say <Say sentence={[slipped(held, 'Holds')]} />. Type what is really there; the
				difference is kept by name, dry weight in proportion.
			</p>
			<Field
				label="Really there"
				name="found"
				value={recount?.values.found ?? ''}
				error={recountErrors.found}
			/>
			<Field
				label="Why they differ"
				name="recountReason"
				value={recount?.values.recountReason ?? ''}
				error={recountErrors.recountReason}
			/>
			<ActFoot
				actId={data.recountId}
				action="?/recount"
				label="Keep the count"
				values={recount?.values}
				errors={recountErrors}
			/>
		</form>
	</details>
{/if}
<details class="mb-6" open={takeAway !== undefined}>
	<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
		>It was lost, given away or disposed of</summary
	>
	<form method="post" action="?/takeAway" class="grid gap-3 pb-4">
		<p class="quiet text-sm">
			Out of the books under its own name. Painted and treated wood goes where the local waste rules
			say{data.held === undefined ? '' : '; a quarantined lot can only be disposed of'}.
		</p>
		<Ticks
			legend="How it left"
			name="how"
			value={takeAway?.values.how ?? (data.held === undefined ? '' : 'dispose')}
			options={ways}
			error={takeAwayErrors.how}
		/>
		<Field
			label="How much"
			name="taken"
			value={takeAway?.values.taken ?? ''}
			error={takeAwayErrors.taken}
			hint="Empty: all {held}"
		/>
		<Field
			label="Where to, and why"
			name="takenReason"
			value={takeAway?.values.takenReason ?? ''}
			error={takeAwayErrors.takenReason}
		/>
		<ActFoot
			actId={data.takeAwayId}
			action="?/takeAway"
			label="Take it out of the books"
			values={takeAway?.values}
			errors={takeAwayErrors}
		/>
	</form>
</details>

<details class="mb-6" open={hold !== undefined || data.heldItself}>
	<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
		>{data.heldItself ? 'Quarantined' : 'Suspect after all?'}</summary
	>
	<form method="post" action="?/hold" class="grid gap-3 pb-4">
		<p class="quiet text-sm">
			A quarantined lot, and everything made of it, goes nowhere but to the tip.
		</p>
		<input type="hidden" name="held" value={data.heldItself ? 'no' : 'yes'} />
		<Field
			label={data.heldItself ? 'Why release it' : 'Why hold it'}
			name="reason"
			value={hold?.values.reason ?? ''}
			error={hold?.errors.reason}
		/>
		<input type="hidden" name="actId" value={hold?.values.actId || data.holdId} />
		<div>
			<button class="btn min-h-12 btn-outline"
				>{data.heldItself ? 'Release it' : 'Quarantine it'}</button
			>
		</div>
	</form>
</details>
