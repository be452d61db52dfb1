<script lang="ts">
	import Say from '$lib/components/answer/Say.svelte';
	import { phOf } from './answer';
	import { weighWant, type BedTraits, type WantVoice } from '$lib/core/beds';
	import {
		capital,
		cropKindWords,
		drainageWords,
		humusWords,
		reasonWords,
		saysWords,
		textureWords,
		voiceWords
	} from '$lib/format/words';
	/** Should this bed have char at all: every trait of it, and what it says. */
	let { bed }: { bed: BedTraits & { readonly name: string; readonly crop: string } } = $props();
	const readings = $derived<Readonly<Record<WantVoice['about'], string>>>({
		soil: textureWords[bed.texture],
		water: drainageWords[bed.drainage],
		humus: humusWords[bed.humus],
		pH: 'not read',
		crop: bed.crop || cropKindWords[bed.cropKind],
		'so-far': ''
	});
	const voices = $derived(
		weighWant(bed).filter(({ about, says }) => about !== 'so-far' || says !== 'nothing')
	);
	const marks = { for: '+', against: '−', care: '!', nothing: '·' } as const;
</script>

<ul>
	{#each voices as voice (voice.about)}
		<li class="grid grid-cols-[1.25rem_1fr] py-1">
			<strong aria-hidden="true">{marks[voice.says]}</strong>
			<span>
				{#if voice.about === 'pH' && bed.ph !== undefined}<Say
						sentence={[phOf(bed.name, bed.ph)]}
					/>{:else}{voiceWords[voice.about]}{readings[voice.about]
						? `: ${readings[voice.about]}`
						: ''}{/if}.
				<span class="quiet text-sm"
					>{voice.reason
						? `${capital(saysWords[voice.says])}: ${reasonWords[voice.reason]}.`
						: `${capital(saysWords[voice.says])}.`}</span
				>
			</span>
		</li>
	{/each}
</ul>
