<script lang="ts">
	import { inLitres } from '$lib/core/units';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import type { Sent } from '$lib/components/entry/form-here';
	import { say } from '$lib/format/figure';
	import type { System } from '$lib/core/units';
	import { limits } from '$lib/input/limits';
	import BurntFields from '../BurntFields.svelte';
	import LoadPicker from '../LoadPicker.svelte';
	import WoodFrom from '../WoodFrom.svelte';
	import type { PlanStack } from '../plan/reckoning';
	/** What came out of a fire that was planned or tended: its wood as it was set down, or asked. */
	interface Load {
		readonly code: string;
		readonly volume_ul: number;
		readonly all: boolean;
	}
	let {
		code,
		vessel,
		loads,
		stacks,
		known,
		actId,
		sent,
		system
	}: {
		code: string;
		vessel: string;
		/** Of its plan; none where it was lit straight away. */
		loads: readonly Load[] | undefined;
		/** What may have been loaded, where no plan says. */
		stacks: readonly PlanStack[];
		/** What was tapped at the fire. */
		known: Readonly<Record<string, string>>;
		actId: string;
		sent: Sent | null | undefined;
		system: System | undefined;
	} = $props();
	const errors = $derived(sent?.form === 'record' ? sent.errors : {});
	// svelte-ignore state_referenced_locally
	let from = $state(sent?.form === 'record' ? (sent.values.woodFrom ?? 'stacks') : 'reckoned');
	let ticked = $state<string[]>([]);
	let parts = $state<Record<string, string>>({});
	const hasTaps = $derived(Object.keys(known).length > 0);
</script>

<Form id="form" name="record" {sent} {known} limits={{ ...limits.burn, ...limits.told }}>
	<h2 class="mb-3 text-xl">Burnt and quenched? What came out</h2>
	<input type="hidden" name="burn" value={code} />
	<input type="hidden" name="vessel" value={vessel} />
	{#if hasTaps}<p class="mb-3">
			Filled in from what was tapped at the fire, and what you type here wins. When it was lit and
			quenched stands as it was tapped.
		</p>{/if}
	{#if loads}
		{#each loads as load (load.code)}
			<input type="hidden" name="loads" value={load.code} />
			{#if !load.all}<input
					type="hidden"
					name="part-{load.code}"
					value="{inLitres(load.volume_ul)} L"
				/>{/if}
		{/each}
		<p class="mb-3">
			Loaded as planned: {loads
				.map((l) => `${l.all ? 'all' : say(inLitres(l.volume_ul), 'L', system)} of ${l.code}`)
				.join(', ')}. {errors.loads ?? ''}
		</p>
	{:else}
		<div class="mb-4">
			<WoodFrom bind:value={from} />
			{#if from === 'stacks'}<div class="mt-3">
					<LoadPicker {stacks} bind:loads={ticked} bind:parts error={errors.loads} {system} />
				</div>{/if}
		</div>
	{/if}
	<BurntFields />
	<ActFoot {actId} label="Set it down as burnt" />
</Form>
