<script lang="ts">
	import { inLitres } from '$lib/core/units';
	import { limits } from '$lib/input/limits';
	import Caution from '$lib/components/answer/Caution.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import type { Sent } from '$lib/components/entry/form-here';
	import Form from '$lib/components/entry/Form.svelte';
	import { waysOfPutting } from '$lib/core/beds';
	import { materialOf } from '$lib/core/materials';
	import type { System } from '$lib/core/units';
	import { say } from '$lib/format/figure';
	import { capital } from '$lib/format/words';
	import type { PageData } from './$types';
	/** Anything else in stock on this bed: compost, ash, leaf mould, manure. */
	let {
		stock,
		actId,
		chosen,
		form,
		system
	}: {
		stock: PageData['stock'];
		actId: string;
		/** The lot an address asked for. */
		chosen: string;
		form: Sent | null;
		system: System | undefined;
	} = $props();
	const sent = $derived(form?.form === 'put' ? form : undefined);
	// svelte-ignore state_referenced_locally
	let lot = $state(sent?.values.putLot ?? (chosen || stock[0]?.code) ?? '');
	const material = $derived(stock.find(({ code }) => code === lot)?.material);
	// svelte-ignore state_referenced_locally
	let putAs = $state(sent?.values.putAs ?? 'carried');
	const reads = $derived(
		putAs === 'depth'
			? limits.put.depth
			: putAs === 'per-area'
				? limits.put.perArea
				: limits.put.part
	);
	const isAsh = $derived(material !== undefined && materialOf(material).sort === 'ash');
	const isRaw = $derived(
		material !== undefined && ['raw-manure', 'urine'].includes(materialOf(material).germs)
	);
</script>

<details id="put" class="mt-6" open={sent !== undefined || chosen !== ''}>
	<summary class="inline-flex min-h-11 cursor-pointer items-center font-semibold underline"
		>Put something else on it</summary
	>
	{#if stock.length === 0}
		<p class="mt-2">
			Nothing else is in stock. <a class="underline" href="/stock">Bring something in</a>.
		</p>
	{:else}
		<Form
			name="put"
			sent={form}
			known={{ way: 'top-dressed' }}
			limits={{ part: reads }}
			class="mt-2"
		>
			<div class="form-grid">
				<Choice
					label="From stock"
					name="putLot"
					bind:value={lot}
					options={stock.map(({ code, name, volume_ul }) => ({
						value: code,
						label: `${code} ${name}, ${say(inLitres(volume_ul), 'L', system)} left`
					}))}
				/>
				<div class="grid grid-cols-[minmax(0,1fr)_8rem] gap-2">
					<Field label="How much of it" name="part" />
					<Choice
						label="as"
						name="putAs"
						bind:value={putAs}
						options={[
							{ value: 'carried', label: 'carried' },
							{ value: 'per-area', label: system === 'us' ? 'on each ft²' : 'on each m²' },
							{ value: 'depth', label: 'deep' }
						]}
					/>
				</div>
				<Choice
					label="How"
					name="way"
					options={waysOfPutting.map(({ id, name }) => ({ value: id, label: capital(name) }))}
				/>
				<Field label="Why, where it asks" name="putReason" />
			</div>
			{#if isAsh}<Caution
					>Ash is lime: read the pH first, thin and even, no wind, gloves and glasses. Never in one
					pass with urine, fresh manure or an ammonium feed: the nitrogen goes off.</Caution
				>{/if}
			{#if isRaw}<Caution
					>Raw manure and urine want months before anything eaten raw is picked here. Ask the
					certifier where you have one.</Caution
				>{/if}
			<ActFoot {actId} label="Put it on the bed" quiet />
		</Form>
	{/if}
</details>
