<script lang="ts">
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Fold from '$lib/components/entry/Fold.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import type { Sent } from '$lib/components/entry/form-here';
	import type { System } from '$lib/core/units';
	import { sayDay, type Almanac } from '$lib/format/dates';
	import { say } from '$lib/format/figure';
	import type { PageData } from './$types';
	/** The ring that the rain washes in: laid once more, it counts once more. */
	let {
		ring,
		actId,
		form,
		almanac,
		system
	}: {
		ring: NonNullable<PageData['ring']>;
		actId: string;
		form: Sent | null;
		almanac: Almanac;
		system: System | undefined;
	} = $props();
</script>

<Fold
	name="again"
	class="mt-6"
	line="font-semibold"
	label="It rained: lay the {ring.way === 'dusted' ? 'dust' : 'ring'} again"
	open={form?.form === 'again'}
>
	<Form name="again" sent={form} class="mt-2">
		<p class="max-w-prose">
			{say(ring.mix_l, 'L', system)} of {ring.lotCode} once more, as on {sayDay(
				ring.at_ms,
				almanac
			)}. Each time counts towards what a year may have.
		</p>
		<ActFoot {actId} label="Log it laid again" {system} quiet />
	</Form>
</Fold>
