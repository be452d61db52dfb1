<script lang="ts">
	import Caution from '$lib/components/answer/Caution.svelte';
	import Choice from '$lib/components/entry/Choice.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Tick from '$lib/components/entry/Tick.svelte';
	import { formHere } from '$lib/components/entry/form-here';
	import Ticks from '$lib/components/entry/Ticks.svelte';
	import { wetnessWords } from '$lib/format/words';
	import ToldFields from './ToldFields.svelte';
	/** What came out of a finished burn, by whatever was measured; and what people noted of it. */
	let { noted = true }: { noted?: boolean } = $props();
	const form = formHere();
	const wetnesses = ['quench-wet', 'drained', 'dry'] as const;
</script>

<Ticks
	legend="Char measured"
	name="measuredBy"
	value={form.values.measuredBy ?? 'depth'}
	options={[
		{ value: 'depth', label: 'with a stick in the vessel' },
		{ value: 'litres', label: 'in tubs, by volume' },
		{ value: 'weight', label: 'on a scale, as it lay' }
	]}
/>
<div class="form-grid mt-4">
	<div class="by-depth">
		<Field label="Depth of char" name="depth" also="char" hint="From the floor up" />
	</div>
	<div class="by-litres">
		<Field label="Char" name="char" hint="Whole pieces, as they come out" />
	</div>
	<div class="by-weight">
		<Field
			label="Weight of the char, as it lay"
			name="charWeight"
			also="char"
			hint="Its volume follows, with the doubt of its wetness"
		/>
		<Tick name="byFeel" label="Lifted, not weighed: as heavy as something of that weight" />
	</div>
	<Choice
		label="How wet it is"
		name="wetness"
		options={wetnesses.map((value) => ({ value, label: wetnessWords[value] }))}
	/>
	<Field label="Brands taken out" name="brands" hint="Empty: none; they go back to the yard" />
	<Field
		label="Dried sample, its volume"
		name="sampleVolume"
		also="sample"
		hint="Your own density wins over the usual one"
	/>
	<Field label="Dried sample, its weight" name="sampleMass" hint="Dried through" />
	<Field
		label="All of it weighed, dry"
		name="charWeighed"
		hint="If you did; then weights need no density"
	/>
	<Field label="Water used" name="water" hint="Or minutes of hose, or fills, below" />
	<Field label="Minutes of visible smoke" name="smoke" inputmode="decimal" />
</div>
{#if noted}<ToldFields />{/if}
<Caution>
	Steam burns: quench from upwind, the edge first. A flooded kiln weighs many times its char and its
	water is caustic: drain it, never tip it by hand, and keep it out of streams. Never store fresh
	char indoors: it gives off carbon monoxide and can relight.
</Caution>
