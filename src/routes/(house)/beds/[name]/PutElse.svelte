<script lang="ts">
	import { inLitres } from '$lib/core/units';
	import { limits } from '$lib/input/limits';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import type { Sent } from '$lib/components/entry/form-here';
	import Fold from '$lib/components/entry/Fold.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import { judgeApplying } from '$lib/core/applying';
	import { litresOnBed, waysOfPutting } from '$lib/core/beds';
	import { part } from '$lib/core/ledger';
	import { putSchema } from '$lib/input/beds';
	import type { System } from '$lib/core/units';
	import { say } from '$lib/format/figure';
	import { capital } from '$lib/format/words';
	import type { PageData } from './$types';
	/** Anything else in stock on this bed: compost, ash, leaf mould, manure. */
	let {
		stock,
		rest,
		actId,
		chosen,
		askedPart = '',
		form,
		bed,
		now_ms,
		measures,
		system
	}: {
		stock: PageData['stock'];
		rest: PageData['otherStock'];
		actId: string;
		/** The lot an address asked for. */
		chosen: string;
		/** And how much of it. */
		askedPart?: string;
		form: Sent | null;
		bed: PageData['bed'];
		now_ms: number;
		measures: PageData['measures'];
		system: System | undefined;
	} = $props();
	const sent = $derived(form?.form === 'put' ? form : undefined);
	// svelte-ignore state_referenced_locally
	let lot = $state(sent?.values.putLot ?? (chosen || stock[0]?.code) ?? '');
	// svelte-ignore state_referenced_locally
	let putAs = $state(sent?.values.putAs ?? 'carried');
	const reads = $derived(
		putAs === 'depth'
			? limits.put.depth
			: putAs === 'per-area'
				? limits.put.perArea
				: limits.put.part
	);
	// svelte-ignore state_referenced_locally
	let typed = $state(sent?.values.part ?? askedPart);
	// svelte-ignore state_referenced_locally
	let way = $state(sent?.values.way ?? 'top-dressed');
	const cautions = $derived.by(() => {
		const chosen = stock.find(({ code }) => code === lot);
		const context = { measures, ...(system ? { system } : {}) };
		const read = putSchema({ ...context, timeZone: 'UTC', person: '', now_ms }, bed.name, {
			putAs
		}).safeParse({ putLot: lot, putAs, part: typed, way });
		if (!chosen || !read.success) return [];
		const held_l = inLitres(chosen.volume_ul);
		const litres = litresOnBed(read.data.part, bed.ground, held_l);
		return judgeApplying({
			thing: chosen.thing,
			target: bed.stands,
			way: read.data.way,
			at_ms: now_ms,
			litres,
			gives: part(chosen.contents, held_l > 0 ? Math.min(1, litres / held_l) : 0)
		});
	});
</script>

<Fold
	name="put"
	class="mt-6"
	line="font-semibold"
	label="Put something else on it"
	open={sent !== undefined || chosen !== ''}
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
					{rest}
					bind:value={lot}
					options={stock.map(({ code, name, volume_ul }) => ({
						value: code,
						label: `${code} ${name}, ${say(inLitres(volume_ul), 'L', system)} left`
					}))}
				/>
				<div class="grid grid-cols-[minmax(0,1fr)_8rem] gap-2">
					<Field label="How much of it" name="part" bind:value={typed} />
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
					bind:value={way}
					options={waysOfPutting.map(({ id, name }) => ({ value: id, label: capital(name) }))}
				/>
			</div>
			<ActFoot {actId} label="Put it on the bed" {cautions} {system} quiet />
		</Form>
	{/if}
</Fold>
