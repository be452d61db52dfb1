<script lang="ts">
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Fold from '$lib/components/entry/Fold.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import type { Sent } from '$lib/components/entry/form-here';
	import { limits } from '$lib/input/limits';
	/** The water of the quench, noted or put right afterwards: by litres, by the hose, or by fills. */
	let { actId, noted, form }: { actId: string; noted: boolean; form: Sent | null } = $props();
</script>

<Fold
	name="water"
	class="mt-2"
	label={noted ? 'Put its water right' : 'Note its water'}
	open={form?.form === 'water'}
>
	<Form
		name="water"
		sent={form}
		limits={{ ...limits.burn, ...limits.told }}
		class="grid gap-3 pb-4"
	>
		<p class="quiet text-sm">One of the three is enough.</p>
		<Field label="Water used" name="water" />
		<Field label="Times it was filled" name="fills" inputmode="decimal" />
		<Field label="Minutes of hose" name="hoseMinutes" inputmode="decimal" />
		<Field label="What the hose gives a minute" name="hoseRate" hint="Empty: as last said" />
		<ActFoot {actId} label="Keep the water" quiet noted={false} />
	</Form>
</Fold>
