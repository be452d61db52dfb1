<script lang="ts">
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import type { Sent } from '$lib/components/entry/form-here';
	/** What failed or is off leaves the books: the one thing left to do with it. */
	let {
		reason,
		unopened,
		actId,
		form
	}: {
		/** What is written down unless it was otherwise. */
		reason: string;
		/** It goes as it stands, with its lid on. */
		unopened: boolean;
		actId: string;
		form: Sent | null;
	} = $props();
</script>

<Form name="pour" sent={form} known={{ how: 'dispose', takenReason: reason }} class="mt-3 max-w-xl">
	<input type="hidden" name="how" value="dispose" />
	<Field label="Where to, and why" name="takenReason" />
	<ActFoot {actId} label={unopened ? 'Discard it unopened' : 'Discard it'} />
</Form>
