<script lang="ts">
	import ActFoot from '$lib/components/entry/ActFoot.svelte';
	import Field from '$lib/components/entry/Field.svelte';
	import Form from '$lib/components/entry/Form.svelte';
	import Tiles from '$lib/components/entry/Tiles.svelte';
	import type { Sent } from '$lib/components/entry/form-here';
	import { sayDay, type Almanac } from '$lib/format/dates';
	import { capital } from '$lib/format/words';
	import { kitWords } from '$lib/format/vessel-words';
	import type { PageData } from './$types';
	/** What became of a vessel, and one more thing that did. */
	let {
		kit,
		before,
		actId,
		form,
		almanac
	}: {
		kit: PageData['kit'];
		/** Of its books, not listed here. */
		before: number;
		actId: string;
		form: Sent | null;
		almanac: Almanac;
	} = $props();
	const options = Object.entries(kitWords).map(([value, { name, means }]) => ({
		value,
		label: name,
		means
	}));
</script>

<section class="mt-10">
	<h2 class="mb-2 text-xl">What became of it</h2>
	<ul class="mb-3">
		{#each kit as event (event.actId)}<li class="border-b border-base-300 py-2">
				<strong>{capital(kitWords[event.what].name)}</strong>
				{sayDay(event.at_ms, almanac)}, {event.person}: {event.words}
			</li>{:else}<li class="quiet">Nothing is noted of it yet.</li>{/each}
	</ul>
	{#if before > 0}<p class="quiet text-sm">{before} before that, in its books.</p>{/if}
	<details open={form?.form === 'log-kit'}>
		<summary class="inline-flex min-h-11 cursor-pointer items-center underline"
			>Note what became of it</summary
		>
		<Form name="log-kit" sent={form} class="grid max-w-3xl gap-3 pb-4">
			<Tiles legend="It was" name="what" {options} />
			<Field
				label="What happened"
				name="words"
				hint="Such as: the floor burnt through at the seam"
			/>
			<ActFoot {actId} label="Keep it" quiet />
		</Form>
	</details>
</section>
