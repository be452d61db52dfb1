<script lang="ts">
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import type { System } from '$lib/core/units';
	import { say } from '$lib/format/figure';
	import type { ActionData, PageData } from './$types';
	/** Where books and tub differ, and what leaves the yard for good. */
	let { data, form, system }: { data: PageData; form: ActionData; system: System | undefined } =
		$props();
	const of = (name: string) => (form?.form === name ? form : undefined);
	const recount = $derived(of('recount'));
	const dispose = $derived(of('dispose'));
	const held = $derived(say(data.lot.volume_ml / 1000, 'L', system));
	const recountErrors = $derived(recount?.errors ?? {});
	const disposeErrors = $derived(dispose?.errors ?? {});
</script>

{#if data.held === undefined}
	<details class="mb-2" open={recount !== undefined}>
		<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
			>Count it again</summary
		>
		<form method="post" action="?/recount" class="grid gap-3 pb-4">
			<p class="quiet text-sm">
				The books say {held}. Type what is really there; the difference is kept by name, dry weight
				in proportion.
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
<details class="mb-6" open={dispose !== undefined}>
	<summary class="inline-flex min-h-11 cursor-pointer items-center underline">Dispose of it</summary
	>
	<form method="post" action="?/dispose" class="grid gap-3 pb-4">
		<p class="quiet text-sm">
			Out of the yard for good: to a licensed tip, back under the hedge. Painted and treated wood
			goes where the local waste rules say.
		</p>
		<Field
			label="How much"
			name="disposed"
			value={dispose?.values.disposed ?? ''}
			error={disposeErrors.disposed}
			hint="Empty: all {held}"
		/>
		<Field
			label="Where to, and why"
			name="disposeReason"
			value={dispose?.values.disposeReason ?? ''}
			error={disposeErrors.disposeReason}
		/>
		<ActFoot
			actId={data.disposeId}
			action="?/dispose"
			label="Log it disposed of"
			values={dispose?.values}
			errors={disposeErrors}
		/>
	</form>
</details>
