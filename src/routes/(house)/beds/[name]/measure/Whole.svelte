<script lang="ts">
	import Answer from '$lib/components/answer/Answer.svelte';
	import Figures from '$lib/components/answer/Figures.svelte';
	import { limits } from '$lib/input/limits';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Undo from '$lib/components/entry/Undo.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import { shareFigure } from '$lib/core/beds';
	import { sayDay } from '$lib/format/dates';
	import { typedAmount } from '$lib/format/figure';
	import { slip } from '$lib/format/slip';
	import { said } from '$lib/format/sentence';
	import { sizeOf } from '../answer';
	import BedFields from '../../BedFields.svelte';
	import type { PageProps } from './$types';
	let { data, form }: Pick<PageProps, 'data' | 'form'> = $props();
	const system = $derived(data.system);
	const bed = $derived(data.bed);
	const known = $derived({
		target: bed.target,
		pieces: String(bed.pieces),
		length: typedAmount(bed.length_m, 'm', system),
		width: typedAmount(bed.width_m, 'm', system),
		depth: typedAmount(bed.ground.depth, 'm', system),
		texture: bed.texture,
		drainage: bed.drainage,
		humus: bed.humus,
		cropKind: bed.cropKind,
		ph: bed.ph === undefined ? '' : String(bed.ph),
		crop: bed.crop,
		acidLover: bed.acidLover ? 'on' : '',
		eatenRaw: bed.eatenRaw ? 'on' : ''
	});
	const measured = $derived(
		said`${bed.name} is ${sizeOf(bed, system)}, as measured ${sayDay(bed.measuredAt_ms, data.almanac)}`
	);
</script>

<Answer
	title="Measure {bed.name}"
	answer={measured}
	crumbs={[
		{ label: 'Beds', href: '/beds' },
		{ label: bed.name, href: `/beds/${encodeURIComponent(bed.name)}` }
	]}
>
	{#snippet reason()}<p>
			What was spread keeps its volume; its share of the soil is told by the newest measures. Read
			pH again after lime or ash, and say what grows there now: both decide whether char helps.
		</p>{/snippet}
</Answer>

<Figures slips={[slip('Holds now', shareFigure(bed.char, bed.ground), system)]} />
<Form id="form" name="measure" sent={form} {known} limits={limits.bed}>
	<BedFields {system} named={false} />
	<ActFoot actId={data.actId} label="Keep these measures" noted={false} />
</Form>
<Undo
	act={bed.actId}
	actId={data.undoId}
	label="Take the last measuring back"
	explain="The measures before it stand again; a bed measured once is gone from the list."
	errors={form?.form === 'undo' ? form.errors : {}}
/>
