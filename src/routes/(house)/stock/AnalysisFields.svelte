<script lang="ts">
	import Field from '$lib/components/entry/Field.svelte';
	import { materialOf, type MaterialId } from '$lib/core/materials';
	/** What a sheet of a laboratory or a scale says, on the basis that the material is told by. */
	let { material }: { material: MaterialId | undefined } = $props();
	const of = $derived(material ? materialOf(material).basis : 'kg');
	const basis = $derived(of === 'L' ? 'g per L' : 'g per kg');
	const dry = $derived(of === 'kg dry' ? ' dry' : ' as used');
</script>

<Field label="A filled measure" name="sampleVolume" />
<Field label="Its weight, as used" name="sampleMass" />
<Field label="Water, % of the weight" name="water" inputmode="decimal" />
<Field label="Total N, {basis}{dry}" name="nitrogen" inputmode="decimal" />
<Field
	label="P, {basis}{dry}"
	name="phosphorus"
	inputmode="decimal"
	hint="The element: P₂O₅ × 0.436"
/>
<Field
	label="K, {basis}{dry}"
	name="potassium"
	inputmode="decimal"
	hint="The element: K₂O × 0.83"
/>
<Field label="Lime value, % calcium carbonate" name="lime" inputmode="decimal" />
<Field label="pH" name="ph" inputmode="decimal" />
