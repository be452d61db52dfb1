<script lang="ts">
	import { plain } from '$lib/format/figure';
	import { round } from '../cutaway/geometry';
	/** A blend as what it is and what it brings: a bar of its mass and one of each nutrient, by its parts. */
	let {
		parts,
		caption
	}: {
		parts: readonly {
			readonly name: string;
			readonly kg: number;
			readonly brings: readonly [number, number, number];
		}[];
		caption: string;
	} = $props();
	const looks = [
		'--char',
		'--moss',
		'--wood',
		'--straw',
		'--soil',
		'--moss-light',
		'--ash',
		'--subsoil'
	];
	const width = 190;
	const bars = $derived(
		[
			{ name: 'Weight', of: parts.map(({ kg }) => kg) },
			{ name: 'N', of: parts.map(({ kg, brings }) => kg * brings[0]) },
			{ name: 'P₂O₅', of: parts.map(({ kg, brings }) => kg * brings[1]) },
			{ name: 'K₂O', of: parts.map(({ kg, brings }) => kg * brings[2]) }
		].map(({ name, of }) => {
			const all = of.reduce((sum, one) => sum + one, 0);
			let from = 0;
			return {
				name,
				all,
				spans: of.map((one, i) => {
					const span = all > 0 ? (one / all) * width : 0;
					const x = from;
					from += span;
					return { x, span, look: looks[i % looks.length] ?? '--soil' };
				})
			};
		})
	);
</script>

<figure class="mb-4 max-w-xl">
	<svg viewBox="-60 0 330 {bars.length * 30}" class="block w-full" role="img" aria-label={caption}>
		{#each bars as bar, row (bar.name)}
			<text x="-8" y={row * 30 + 19} font-size="15" text-anchor="end" fill="currentColor"
				>{bar.name}</text
			>
			{#each bar.spans as one, i (i)}{#if one.span > 0}<rect
						x={round(one.x)}
						y={row * 30 + 4}
						width={round(one.span)}
						height="21"
						fill="var({one.look})"
						stroke="var(--color-base-100)"
					/>{/if}{/each}
			<text x={width + 8} y={row * 30 + 19} font-size="15" fill="currentColor"
				>{plain(bar.all * (row === 0 ? 1 : 1000), row === 0 ? 1 : 0)} {row === 0 ? 'kg' : 'g'}</text
			>
		{/each}
	</svg>
	<figcaption class="quiet text-sm">
		{caption}
		<span class="mt-1 flex flex-wrap gap-x-4">
			{#each parts as part, i (i)}<span class="inline-flex items-center gap-1.5"
					><span
						class="inline-block size-3"
						style="background: var({looks[i % looks.length]})"
						aria-hidden="true"
					></span>{part.name}</span
				>{/each}
		</span>
	</figcaption>
</figure>
