<script lang="ts">
	/** The way from wood to bed on empty books, and what each step will tell. */
	const steps = [
		{
			name: 'Measure one pile',
			href: '/woodyard#form',
			tells: 'how much dry wood is in it, and what it may give',
			path: 'M6 34h36M10 34V18h28v16M10 26h28M19 18v16M29 18v16'
		},
		{
			name: 'Burn it short of ash',
			href: '/fires/plan',
			tells: 'how much char, water to quench with, when it is proven out',
			path: 'M8 14l6 22h20l6-22M24 4c5 6 6 9 4 13-2-2-3-3-4-6-2 4-4 5-4 8-3-4-1-9 4-15'
		},
		{
			name: 'Charge it',
			href: '/charging/plan',
			tells: 'how much goes in, and the day it is ripe',
			path: 'M8 10l5 26h22l5-26zM11 20h26'
		},
		{
			name: 'Put it on a bed',
			href: '/beds',
			tells: 'how much, and what the bed has had',
			path: 'M4 20h40v14H4zM12 26h3M22 28h3M33 25h3M14 20c0-6 3-8 6-10M30 20c0-5-2-8-5-9'
		}
	];
</script>

<ol class="mb-8 grid gap-x-6 gap-y-5 sm:grid-cols-2 lg:grid-cols-4">
	{#each steps as step, i (step.name)}
		<li class="border-t-2 border-base-content pt-3">
			<svg viewBox="0 0 48 40" class="mb-2 h-16" aria-hidden="true"
				><path d={step.path} fill="none" stroke="var(--ink)" stroke-width="2" /></svg
			>
			{#if i === 0}<a
					class="btn min-h-12 px-3 text-base whitespace-nowrap btn-primary"
					href={step.href}>{step.name}</a
				>
			{:else}<a
					class="inline-block min-h-11 content-center font-semibold underline"
					href={step.href}>{step.name}</a
				>{/if}
			<p class="mt-1 text-sm">It tells {step.tells}.</p>
		</li>
	{/each}
</ol>
<p class="mb-8 max-w-prose">
	Everything later, how much char, how much water, how much on a bed, rests on how much dry wood
	goes in. Two numbers and a wood class are enough to begin.
</p>
