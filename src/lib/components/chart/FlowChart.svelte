<script lang="ts">
	import { flowOption, type FlowEdge, type FlowNode, type Ink } from './flow-option';
	/** A trace as a flow from left to right. The same figures stand in a table beside it. */
	let {
		nodes,
		edges,
		unit,
		start,
		label
	}: {
		nodes: readonly FlowNode[];
		edges: readonly FlowEdge[];
		/** Of every amount. */
		unit: string;
		/** The node the page is about. */
		start: string;
		/** What the picture shows, in a sentence. */
		label: string;
	} = $props();
	let place = $state<HTMLDivElement>();
	let failed = $state(false);
	const height = $derived(Math.min(640, Math.max(220, nodes.length * 26)));

	const dark = '(prefers-color-scheme: dark)';

	function readInk(element: HTMLElement): Ink {
		const style = getComputedStyle(element);
		const of = (name: string) => style.getPropertyValue(name).trim();
		return {
			text: of('--color-base-content'),
			ground: of('--color-base-100'),
			paper: of('--color-base-200'),
			font: style.fontFamily,
			start: of('--ember'),
			ofKind: {
				stack: of('--wood'),
				char: of('--char-line'),
				charge: of('--moss'),
				partner: of('--straw'),
				bed: of('--soil'),
				'gas-and-ash': of('--ash')
			}
		};
	}

	$effect(() => {
		const element = place;
		if (!element) return;
		const wanted = { nodes, edges, unit, start };
		let stop = () => {};
		let left = false;
		void draw();

		async function draw() {
			try {
				const { openFlow } = await import('./flow-chart');
				if (left || !element) return;
				const chart = openFlow(element);
				chart.on('finished', () => {
					element.dataset.chart = 'drawn';
				});
				const show = () =>
					chart.setOption(
						flowOption(wanted.nodes, wanted.edges, {
							unit: wanted.unit,
							start: wanted.start,
							narrow: element.clientWidth < 600,
							ink: readInk(element)
						})
					);
				show();
				const resized = new ResizeObserver(() => chart.resize());
				resized.observe(element);
				matchMedia(dark).addEventListener('change', show);
				stop = () => {
					resized.disconnect();
					matchMedia(dark).removeEventListener('change', show);
					chart.dispose();
				};
			} catch (error) {
				if (!(error instanceof Error)) throw error;
				// The yard has poor signal: the table says the same.
				failed = true;
			}
		}
		return () => {
			left = true;
			stop();
		};
	});
</script>

<noscript><p class="quiet">The picture needs script; the table below says the same.</p></noscript>
{#if failed}<p class="quiet">
		The picture could not be loaded; the table below says the same.
	</p>{/if}
<div
	bind:this={place}
	data-chart="wanted"
	role="img"
	aria-label={label}
	class="live-only w-full print:hidden"
	style="height: {height}px"
></div>
