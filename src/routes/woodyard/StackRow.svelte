<script lang="ts">
	import type { System } from '$lib/core/units';
	import { joined, sayRange, show } from '$lib/format/figure';
	import { sayDay, type Almanac } from '$lib/format/dates';
	import { moistureWords } from '$lib/format/words';
	import { woodClass } from '$lib/core/woodyard';
	import type { PageData } from './$types';
	/** One stack in the yard: how much, how dry, may it burn. */
	let {
		line,
		system,
		almanac
	}: { line: PageData['stacks'][number]; system: System | undefined; almanac: Almanac } = $props();
	const state = $derived(line.reading?.state);
	const marks: Readonly<Record<string, string>> = {
		ready: '✓',
		slower: '✓',
		unread: '?',
		wet: '✕',
		held: '✕'
	};
	const verdict = $derived(
		line.held === undefined
			? moistureWords[state?.verdict ?? 'unread']
			: 'quarantined: never loaded'
	);
</script>

<li class="border-b border-base-300">
	<a
		href="/woodyard/{line.stack.code}"
		class="grid min-h-16 grid-cols-[1.5rem_1fr_auto] items-center gap-3 py-2 hover:bg-base-200"
	>
		<span
			aria-hidden="true"
			class="text-xl font-bold {line.burnable === 'ready' || line.burnable === 'slower'
				? 'text-success'
				: line.burnable === 'unread'
					? 'quiet'
					: 'text-error'}">{marks[line.burnable] ?? ''}</span
		>
		<span>
			<strong>{line.stack.code} {line.stack.name}</strong>
			<span class="quiet block text-sm"
				>{woodClass(line.stack.measure.wood).name} · {verdict}{line.reading
					? `, read ${sayDay(line.reading.at_ms, almanac)}`
					: ''}</span
			>
		</span>
		<span class="text-right">
			<strong class="block">{sayRange({ ...line.left, unit: 'kg' }, system)} dry</strong>
			<span class="quiet text-sm"
				>{state?.mean === undefined
					? 'moisture unknown'
					: `${joined(show({ value: state.mean, unit: 'share' }, system))} wet basis`}</span
			>
		</span>
	</a>
</li>
