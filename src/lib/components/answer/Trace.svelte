<script lang="ts">
	/** Steps of a trace as an indented list, nearest first. */
	let {
		title,
		steps
	}: {
		title: string;
		steps: readonly { label: string; href: string; detail: string; depth: number }[];
	} = $props();
</script>

{#if steps.length > 0}
	<section class="mb-6">
		<h2 class="mb-2 border-b-2 border-base-content text-lg">{title}</h2>
		<ol>
			{#each steps as step (step.label)}
				<li class="py-1 {['', 'pl-3', 'pl-6', 'pl-9', 'pl-12'][Math.min(4, step.depth - 1)]}">
					<a class="font-semibold underline" href={step.href}>{step.label}</a>
					<span class="quiet text-sm">{step.detail}</span>
				</li>
			{/each}
		</ol>
	</section>
{/if}
