<script lang="ts">
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import type { Sent } from '$lib/components/entry/form-here';
	import { limits } from '$lib/input/limits';
	/** It burnt again: what is left, and the rest is lost under that name. */
	let { actId, form }: { actId: string; form: Sent | null } = $props();
</script>

<details class="mt-6" open={form?.form === 'relit'}>
	<summary class="inline-flex min-h-11 cursor-pointer items-center underline">It lit again</summary>
	<Form name="relit" sent={form} limits={limits.relit} class="grid max-w-md gap-3 pb-4">
		<p class="quiet text-sm">
			Wet it, rake it, wet it again; then measure what is left. The rest went up as gas and ash, and
			its checks begin anew.
		</p>
		<Field label="Char that is left" name="left" />
		<ActFoot {actId} label="Log that it burnt again" quiet />
	</Form>
</details>
