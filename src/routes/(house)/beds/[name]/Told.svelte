<script lang="ts">
	import SmallForm from '$lib/components/entry/SmallForm.svelte';
	import type { Sent } from '$lib/components/entry/form-here';
	import { formedActs } from '$lib/input/small-acts/formed';
	import { sayLocalDay, type Almanac } from '$lib/format/dates';
	import { plain } from '$lib/format/figure';
	import type { PageData } from './$types';
	/** What is known of a bed beside its measure, how, and since when; and saying more of it. */
	let {
		data,
		form,
		almanac
	}: { data: Pick<PageData, 'told' | 'ids'>; form: Sent | null; almanac: Almanac } = $props();
	const from = (day: string) => sayLocalDay(day, almanac);
	const most = 6;
	const wayWords = Object.fromEntries(
		formedActs.flatMap(({ ways }) => (ways ?? []).map(({ value, label }) => [value, label]))
	);
	function words({ what, found }: PageData['told'][number]): string {
		if (what === 'ph')
			return 'ph' in found && found.ph !== null ? `pH ${plain(found.ph, 1)}` : 'pH not known';
		if (what === 'crop' && 'kind' in found && 'share' in found) {
			const share = found.share < 1 ? ` on ${plain(found.share * 100, 0)} %` : '';
			return `${found.when === 'next' ? 'next ' : ''}${found.name || 'nothing named'}${share}`;
		}
		return 'words' in found ? found.words : 'untreated';
	}
</script>

<h2 class="mb-2 border-b-2 border-base-content text-lg">What is known of it</h2>
{#if data.told.length === 0}<p class="quiet mb-2">Nothing but its measure.</p>{/if}
<ul class="mb-2">
	{#each data.told.slice(0, most) as fact, i (`${fact.actId} ${i}`)}<li class="py-0.5">
			{words(fact)}
			<span class="quiet text-sm"
				>{fact.firstDay ? `from ${from(fact.firstDay)}` : ''}{fact.lastDay
					? ` to ${from(fact.lastDay)}`
					: ''}, {(wayWords[fact.way] ?? fact.person).toLowerCase()}</span
			>
		</li>{/each}
</ul>
<div class="mb-6 print:hidden">
	<SmallForm
		verb="tell-crop"
		actId="{data.ids.small}-crop"
		sent={form}
		known={{ cropShare: '100', cropWhen: 'now', cropKind: 'mixed' }}
	/>
	<SmallForm verb="read-ph" actId="{data.ids.small}-ph" sent={form} />
	<SmallForm verb="cover-ground" actId="{data.ids.small}-cover" sent={form} />
</div>
