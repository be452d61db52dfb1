<script lang="ts">
	import { limitFields } from '$lib/components/entry/typing.svelte';
	import { limits } from '$lib/input/limits';
	import Answer from '$lib/components/answer/Answer.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import Say from '$lib/components/answer/Say.svelte';
	import Sourced from '$lib/components/answer/Sourced.svelte';
	import VesselCutaway from '$lib/components/cutaway/VesselCutaway.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Ticks from '$lib/components/entry/Ticks.svelte';
	import Undo from '$lib/components/entry/Undo.svelte';
	import { soakOver_m } from '$lib/core/charging';
	import { litres, metres } from '$lib/core/units';
	import { depthAtVolume, volumeAtDepth, heldFigure } from '$lib/core/vessels';
	import { say } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { figured, said, slipped } from '$lib/format/sentence';
	import Inside from './Inside.svelte';
	import KindChoice from './KindChoice.svelte';
	import MeasureGuide from './MeasureGuide.svelte';
	import { freshVessel, reckonVessel } from './reckoning';
	let { data, form } = $props();
	limitFields(limits.vessel);
	// svelte-ignore state_referenced_locally
	let entry = $state(
		freshVessel(form?.form === 'measure' ? form.values : data.asked, data.vessel, data.system)
	);
	const errors = $derived(form?.form === 'measure' ? form.errors : {});
	const figures = $derived(reckonVessel(entry, data));
	const name = $derived(entry.name || 'It');
	const litresOf = (value: number) => say(value, 'L', data.system);
	const answer = $derived.by(() => {
		if (!figures) return 'How many litres? Measure rim, floor and depth';
		const rim = slipped(litresOf(figures.capacity), 'To the rim');
		if (figures.at)
			return said`${name} holds ${slipped(litresOf(figures.at.litres), 'At that depth')} at ${slipped(say(figures.at.depth * 100, 'cm', data.system), 'At that depth')}, of ${rim}`;
		return said`${name} holds ${rim} to the rim`;
	});
	const table = $derived(
		figures
			? [0.25, 0.5, 0.75, 1].map((part) => ({
					depth: part * figures.shape.depth,
					litres: volumeAtDepth(figures.shape, metres(part * figures.shape.depth))
				}))
			: []
	);
	/** What stands in it now, drawn at its height; a soak under its liquid. */
	const held = $derived.by(() => {
		const now = data.inside?.now;
		const shape = data.vessel?.shape;
		if (!now?.litres || !shape) return undefined;
		const at = depthAtVolume(shape, litres(now.litres));
		const depth = at.status === 'holds' ? at.depth : shape.depth;
		const liquid = now.does === 'soaks' ? Math.min(shape.depth, depth + soakOver_m) : 0;
		return { code: now.code, litres: now.litres, depth, liquid };
	});
	const volumeSlip = (label: string, value: number) =>
		slip(label, heldFigure(figures?.shape, value), data.system);
	const long = $derived(data.system === 'us' ? 'Like 51 in or 4.25 ft' : 'Like 1.30 m or 130 cm');
</script>

<Answer
	title={data.vessel?.name ?? 'Measure a vessel'}
	{answer}
	crumbs={[{ label: 'Fires', href: '/fires' }]}
>
	{#snippet reason()}<p>
			{#if data.inside?.now?.does === 'soaks'}<a class="underline" href={data.inside.now.href}
					>{data.inside.now.code}</a
				> stands in it.{:else if data.vessel?.usedFor === 'tub'}It is free.{/if}
			Measured once, a stick is enough afterwards: depth of char is litres of char.
		</p>{/snippet}
</Answer>

<form method="get" class="sheet">
	<div>
		{#if figures}
			<Figures
				slips={[
					volumeSlip('To the rim', figures.capacity),
					...(figures.at ? [volumeSlip('At that depth', figures.at.litres)] : [])
				]}
			/>
		{/if}
		{#if figures}
			<div class="form-grid mb-6 max-w-xl">
				<Field label="Depth on the stick" name="at" bind:value={entry.at} hint={long} />
				<Field
					label="Or litres in it"
					name="litres"
					bind:value={entry.litres}
					hint="To see how high they stand; own measures too"
				/>
			</div>
		{/if}
		<h2 class="mb-3 text-xl">{data.vessel ? 'Measure it again' : 'Measure it'}</h2>
		<KindChoice bind:value={entry.usedFor} error={errors.usedFor} system={data.system} />
		{#if entry.usedFor !== 'trench'}
			<div class="mb-5">
				<Ticks
					legend="Seen from above"
					name="outline"
					bind:value={entry.outline}
					error={errors.outline}
					options={[
						{ value: 'round', label: 'round' },
						{ value: 'square', label: 'square' }
					]}
				/>
			</div>
		{/if}
		<div class="form-grid">
			{#if !data.vessel}<Field
					label="Name"
					name="name"
					bind:value={entry.name}
					error={errors.name}
				/>{/if}
			<Field
				label="Width at the rim"
				name="rimWidth"
				bind:value={entry.rimWidth}
				error={errors.rimWidth}
				hint={long}
			/>
			<Field
				label="Width at the floor"
				name="floorWidth"
				bind:value={entry.floorWidth}
				error={errors.floorWidth}
				hint="Empty: straight sides"
			/>
			{#if entry.usedFor === 'trench' || errors.rimLength}
				<Field
					label="Length at the rim"
					name="rimLength"
					bind:value={entry.rimLength}
					error={errors.rimLength}
				/>
				<Field
					label="Length at the floor"
					name="floorLength"
					bind:value={entry.floorLength}
					error={errors.floorLength}
					hint="Empty: straight ends"
				/>
			{/if}
			<Field label="Depth" name="depth" bind:value={entry.depth} error={errors.depth} />
			{#if entry.usedFor === 'open-kiln'}<Field
					label="Weight empty"
					name="emptyMass"
					bind:value={entry.emptyMass}
					error={errors.emptyMass}
					hint="Empty: 2 mm steel is taken"
				/>{/if}
		</div>
		<noscript><button class="btn mt-4 min-h-12 btn-neutral">Work it out</button></noscript>
		<ActFoot
			actId={data.actId}
			action="?/measure"
			label="Keep these measures"
			values={form?.values}
			{errors}
			noted={false}
		/>
	</div>
	<aside class={figures ? '' : 'order-first min-[72rem]:order-none'}>
		{#if figures?.over}<p class="mb-2 font-semibold text-error">
				{say(figures.over, 'L', data.system)} more than it holds.
			</p>{/if}
		{#if figures}
			<VesselCutaway
				shape={figures.shape}
				depth={figures.at?.depth ?? held?.depth}
				liquidDepth={figures.at ? 0 : (held?.liquid ?? 0)}
				caption={figures.at
					? said`${name}, filled to ${slipped(litresOf(figures.at.litres), 'At that depth')}.`
					: held
						? said`${name}, with ${figured(litresOf(held.litres), 'lot', held.code, 'litres')} of ${held.code} in it.`
						: `${name}.`}
				system={data.system}
			/>
			{#if data.inside && data.vessel}<Inside
					inside={data.inside}
					isTub={data.vessel.usedFor === 'tub'}
					almanac={data.almanac}
					system={data.system}
				/>{/if}
			<table class="ledger-table mt-4">
				<thead><tr><th>Depth</th><th class="num">Holds</th></tr></thead>
				<tbody
					>{#each table as row (row.depth)}<tr
							><td
								><Say
									sentence={[slipped(say(row.depth * 100, 'cm', data.system), 'To the rim')]}
								/></td
							><td class="num"
								><Sourced
									slip={volumeSlip(`At ${say(row.depth * 100, 'cm', data.system)}`, row.litres)}
								/></td
							></tr
						>{/each}</tbody
				>
			</table>
		{:else}
			<MeasureGuide trench={entry.usedFor === 'trench'} />
		{/if}
	</aside>
</form>
{#if data.vessel}
	<Undo
		act={data.vessel.actId}
		actId={data.undoId}
		label="Take the last measuring back"
		explain="The measures before it stand again; a vessel measured once is gone from the list. Burns keep the measures they were made with."
		errors={form?.form === 'undo' ? form.errors : {}}
	/>
{/if}
