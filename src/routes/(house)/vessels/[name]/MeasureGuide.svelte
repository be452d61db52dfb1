<script lang="ts">
	/** What to hold the tape against: the section of a vessel with the names of its measures. */
	let { trench }: { trench: boolean } = $props();
	const words = $derived(
		`A vessel from the side: its width at the rim, its width at the floor and its depth inside${trench ? '; the two lengths are the same, along the pit' : ''}.`
	);
</script>

<figure>
	<svg viewBox="-4 -30 330 232" class="block w-full max-w-md" role="img" aria-label={words}>
		<path
			d="M10 10L70 160H210L270 10"
			fill="none"
			stroke="var(--ink)"
			stroke-width="4"
			stroke-linejoin="round"
		/>
		<g stroke="var(--ember)" stroke-width="2" fill="none">
			<path d="M12 -8H268M12 -14v12M268 -14v12" />
			<path d="M72 176H208M72 170v12M208 170v12" />
			<path d="M290 12V160M284 12h12M284 160h12" stroke-dasharray="5 3" />
		</g>
		<g font-size="14" fill="currentColor" text-anchor="middle">
			<text x="140" y="-16">width at the rim</text>
			<text x="140" y="196">width at the floor</text>
			<text transform="translate(312 88) rotate(90)">depth</text>
		</g>
	</svg>
	<figcaption class="quiet text-sm">{words} Tape the inside, not the steel.</figcaption>
</figure>
