<script lang="ts">
	import { inLitres } from '$lib/core/units';
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import type { System } from '$lib/core/units';
	import { say } from '$lib/format/figure';
	import type { ActionData, PageData } from './$types';
	/** Tipped onto one heap with others: one lot of several fires. */
	let { data, form, system }: { data: PageData; form: ActionData; system: System | undefined } =
		$props();
	const sent = $derived(form?.form === 'pool' ? form : undefined);
</script>

<details class="mt-4" open={sent !== undefined}>
	<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
		>Tip it onto one heap with others</summary
	>
	<Form name="pool" sent={form} class="max-w-xl pb-4">
		<p class="quiet mb-2 text-sm">
			The youngest fire rules the heap. Hot char on cold starts the proof of all of it again.
		</p>
		<fieldset>
			<legend class="font-semibold">Together with</legend>
			{#if sent?.errors.others}<p class="font-semibold text-error">{sent.errors.others}</p>{/if}
			{#each data.others as other (other.code)}<label class="flex min-h-12 items-center gap-3"
					><input type="checkbox" class="checkbox" name="others" value={other.code} />{other.code}
					{other.name}, {say(inLitres(other.volume_ul), 'L', system)}</label
				>{/each}
			{#if data.otherChars}<a
					class="inline-flex min-h-11 items-center text-sm underline"
					href={data.otherChars.href}
					data-sveltekit-noscroll>{data.otherChars.n} in all: others</a
				>{/if}
		</fieldset>
		<ActFoot actId={data.poolId} label="They are one heap now" quiet />
	</Form>
</details>
