<script lang="ts">
	import { limits } from '$lib/input/limits';
	import Answer from '$lib/components/answer/Answer.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import Say from '$lib/components/answer/Say.svelte';
	import Sourced from '$lib/components/answer/Sourced.svelte';
	import VesselCutaway from '$lib/components/cutaway/VesselCutaway.svelte';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import WorkOut from '$lib/components/entry/WorkOut.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Ticks from '$lib/components/entry/Ticks.svelte';
	import Undo from '$lib/components/entry/Undo.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import SmallForm from '$lib/components/entry/SmallForm.svelte';
	import { soakOver_m } from '$lib/core/charging';
	import { litres, metres } from '$lib/core/units';
	import {
		depthAtVolume,
		heldFigure,
		holeLimits,
		volumeAtDepth,
		type VesselUse
	} from '$lib/core/vessels';
	import { say } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { booksPath } from '$lib/format/paths';
	import { figured, said, slipped } from '$lib/format/sentence';
	import { holeWords, shapeWords, sideWords } from '$lib/format/vessel-words';
	import { measuresOf, shapeKindOf, shapesFor } from '$lib/input/vessel-shape';
	import About from './About.svelte';
	import Fitted from './Fitted.svelte';
	import Kit from './Kit.svelte';
	import Inside from './Inside.svelte';
	import KindChoice from './KindChoice.svelte';
	import MeasureGuide from './MeasureGuide.svelte';
	import { freshVessel, reckonVessel } from './reckoning';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	// svelte-ignore state_referenced_locally
	let entry = $state(
		freshVessel(form?.form === 'measure' ? form.values : data.asked, data.vessel, data.system)
	);
	const kind = $derived(shapeKindOf(entry.usedFor, entry.outline));
	const measures = $derived(measuresOf(kind));
	const shapes = $derived(
		shapesFor(entry.usedFor).map((value) => ({
			value,
			label: shapeWords[value]
		}))
	);
	const plainShare = (value: number) => say(value, 'share', data.system);
	/** Ticks know only what was sent or is in the books. */
	const fittedNow = $derived({ ...data.asked, shield: entry.shield, burner: entry.burner });
	const figures = $derived(reckonVessel(entry, data));
	const name = $derived(entry.name || 'It');
	const litresOf = (value: number) => say(value, 'L', data.system);
	const answer = $derived.by(() => {
		if (!figures) return 'How many litres? Measure rim, floor and depth';
		const rim = slipped(litresOf(figures.capacity), 'To the rim');
		if (figures.at)
			return said`${name} holds ${slipped(litresOf(figures.at.litres), 'At that depth')} at ${slipped(say(figures.at.depth * 100, 'cm', data.system), 'At that depth')}, of ${rim}`;
		const worst = data.kit[0];
		if (worst && (worst.what === 'failed' || worst.what === 'wear'))
			return said`${name} holds ${rim} to the rim, and ${worst.what === 'failed' ? 'has failed' : 'is worn'}`;
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
</script>

<Answer
	title={data.vessel?.name ?? 'Measure a vessel'}
	{answer}
	crumbs={[{ label: 'Fires', href: '/fires' }]}
>
	{#snippet reason()}<About {...data} shape={figures?.shape} />{/snippet}
</Answer>

{#if data.vessel?.usedFor === 'stove'}<section class="mb-6 max-w-xl">
		<h2 class="text-xl">
			{data.skimmed_l > 0
				? `${say(data.skimmed_l, 'L', data.system)} of embers since it was quenched last`
				: 'No embers in it since it was quenched last'}
		</h2>
		<SmallForm verb="skim" folded={false} actId="{data.kitId}-skim" sent={form} />
		{#if data.skimmed_l > 0}<Form name="quench" sent={form}>
				<ActFoot actId="{data.kitId}-quench" label="It is quenched: one fire" />
			</Form>{/if}
	</section>{/if}

<Form
	id="form"
	name="measure"
	method="get"
	sent={form}
	known={fittedNow}
	limits={limits.vessel}
	class="sheet"
>
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
				<Field label="Depth on the stick" name="at" bind:value={entry.at} />
				<Field
					label="Or what is in it"
					name="litres"
					bind:value={entry.litres}
					hint="To see how high they stand; own measures too"
				/>
			</div>
		{/if}
		<h2 class="mb-3 text-xl">{data.vessel ? 'Measure it again' : 'Measure it'}</h2>
		<KindChoice bind:value={entry.usedFor} system={data.system} />
		{#if shapes.length > 1}
			<div class="mb-5">
				<Ticks legend="Its shape" name="outline" bind:value={entry.outline} options={shapes} />
			</div>
		{/if}
		<div class="form-grid">
			{#if !data.vessel}<Field label="Name" name="name" bind:value={entry.name} />{/if}
			<Field label={sideWords[kind].width} name="rimWidth" bind:value={entry.rimWidth} />
			{#if measures.floor}<Field
					label="Width at the floor"
					name="floorWidth"
					bind:value={entry.floorWidth}
					hint={entry.usedFor === 'trench' && kind === 'round'
						? 'A pit that ends in a point: 0'
						: 'Empty: straight sides'}
				/>{/if}
			{#if measures.length}<Field
					label={sideWords[kind].length}
					name="rimLength"
					bind:value={entry.rimLength}
				/>{/if}
			{#if measures.length && measures.floor}<Field
					label="Length at the floor"
					name="floorLength"
					bind:value={entry.floorLength}
					hint="Empty: straight ends"
				/>{/if}
			<Field
				label={kind === 'pile' ? 'Height of the heap' : 'Depth'}
				name="depth"
				bind:value={entry.depth}
			/>
		</div>
		<Fitted bind:entry />
		{#if figures?.holes}<div class="mt-3" aria-live="polite">
				Its holes are <Sourced slip={slip('Holes', figures.holes.share, data.system)} /> of the floor:
				<strong>{holeWords[figures.holes.verdict]}</strong>. Between
				<Say sentence={[plainShare(holeLimits.low)]} /> and {plainShare(holeLimits.high)} is usual, each
				smaller than the smallest chip.
			</div>{/if}
		<WorkOut />
		<ActFoot actId={data.actId} label="Keep these measures" noted={false} />
	</div>
	<aside class={figures ? '' : 'order-first min-[72rem]:order-none'}>
		{#if figures?.over}<p class="mb-2 font-semibold text-error">
				{say(figures.over, 'L', data.system)} more than it holds.
			</p>{/if}
		{#if figures}
			<VesselCutaway
				shape={figures.shape}
				use={entry.usedFor as VesselUse}
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
			<MeasureGuide trench={measures.length && measures.floor} />
		{/if}
	</aside>
</Form>
{#if data.vessel}
	<Kit kit={data.kit} before={data.kitBefore} actId={data.kitId} {form} almanac={data.almanac} />
	<p class="mt-4">
		<a
			class="inline-block min-h-11 content-center underline"
			href={booksPath('vessel', data.vessel.name)}>Its books; take something back</a
		>
	</p>
	<Undo
		act={data.vessel.actId}
		actId={data.undoId}
		label="Take the last measuring back"
		explain="The measures before it stand again; a vessel measured once is gone from the list. Burns keep the measures they were made with."
		errors={form?.form === 'undo' ? form.errors : {}}
	/>
{/if}
