<script lang="ts">
	import House from '@lucide/svelte/icons/house';
	import Axe from '@lucide/svelte/icons/axe';
	import Flame from '@lucide/svelte/icons/flame';
	import Droplets from '@lucide/svelte/icons/droplets';
	import Sprout from '@lucide/svelte/icons/sprout';
	import Pencil from '@lucide/svelte/icons/pencil-line';
	import Search from '@lucide/svelte/icons/search';
	import Settings from '@lucide/svelte/icons/sliders-horizontal';
	/**
	 * The path: rooms in the order of the work, with live counts. A rail at the desk; on the phone a
	 * bar with the log in its middle, search and settings above the page.
	 */
	let {
		here,
		counts,
		place,
		person,
		units,
		keys,
		onlog,
		search = $bindable()
	}: {
		here: string;
		counts: Readonly<Record<string, string>>;
		place: string;
		person: string;
		units: string;
		/** Single keys are on, so they are worth naming. */
		keys: boolean;
		/** Open the log here instead of going to its page. */
		onlog: () => void;
		search?: HTMLInputElement | undefined;
	} = $props();
	const rooms = [
		{ href: '/', name: 'Today', icon: House },
		{ href: '/woodyard', name: 'Woodyard', icon: Axe },
		{ href: '/fires', name: 'Fires', icon: Flame },
		{ href: '/charging', name: 'Charging', icon: Droplets },
		{ href: '/beds', name: 'Beds', icon: Sprout }
	] as const;
	// Where the thumb rests, between the rooms of wood and fire and those of tub and bed.
	const middle = 3;
	const isHere = (href: string) =>
		href === '/'
			? here === '/'
			: here.startsWith(href) ||
				(href === '/charging' && (here.startsWith('/char') || here.startsWith('/stock'))) ||
				(href === '/fires' && here.startsWith('/vessels'));
	function log(event: MouseEvent) {
		if (event.ctrlKey || event.metaKey || event.shiftKey) return;
		event.preventDefault();
		onlog();
	}
</script>

<div
	class="flex items-center justify-between bg-neutral px-4 text-neutral-content lg:hidden print:hidden"
>
	<a href="/" class="flex min-h-12 items-center font-slab text-lg font-semibold">Ashdrift</a>
	<span class="flex">
		<a href="/find" class="flex size-12 items-center justify-center" aria-label="Search"
			><Search size={22} aria-hidden="true" /></a
		>
		<a href="/settings" class="flex size-12 items-center justify-center" aria-label="Settings"
			><Settings size={22} aria-hidden="true" /></a
		>
	</span>
</div>

<nav
	aria-label="Rooms"
	class="fixed inset-x-0 bottom-0 z-10 bg-neutral text-neutral-content lg:sticky lg:inset-auto lg:top-0 lg:flex lg:h-screen lg:w-52 lg:shrink-0 lg:flex-col lg:py-6 print:hidden"
>
	<a href="/" class="mb-4 hidden px-5 font-slab text-2xl font-semibold lg:block">Ashdrift</a>
	<a
		href="/log"
		onclick={log}
		class="mx-4 mb-3 hidden min-h-11 items-center gap-3 rounded-field border border-[#e0754a] px-3 font-semibold lg:flex"
		aria-keyshortcuts={keys ? 'l' : undefined}
	>
		<Pencil size={18} aria-hidden="true" /><span class="flex-1">Log</span>
		{#if keys}<kbd class="text-sm font-normal text-[#d8cdbd]">l</kbd>{/if}
	</a>
	<form action="/find" role="search" class="mx-4 mb-4 hidden lg:block">
		<label class="sr-only" for="find-anything">Search by code or name</label>
		<input
			bind:this={search}
			id="find-anything"
			name="q"
			type="search"
			placeholder={keys ? 'Search  /' : 'Search'}
			autocomplete="off"
			class="min-h-11 w-full rounded-field border border-white/40 bg-transparent px-3 placeholder:text-[#d8cdbd]"
		/>
	</form>
	<ul class="flex lg:block">
		{#each rooms as room, i (room.href)}
			{#if i === middle}<li class="flex-1 lg:hidden">
					<a
						href="/log"
						onclick={log}
						class="-mt-4 flex min-h-[4.5rem] flex-col items-center justify-center gap-0.5 rounded-t-xl bg-[#b8431a] text-sm font-semibold text-white"
					>
						<Pencil size={26} aria-hidden="true" />Log
					</a>
				</li>{/if}
			<li class="flex-1 lg:flex-none">
				<a
					href={room.href}
					aria-current={isHere(room.href) ? 'page' : undefined}
					class="flex min-h-14 flex-col items-center justify-center gap-0.5 px-1 text-xs lg:min-h-12 lg:flex-row lg:justify-start lg:gap-3 lg:px-5 lg:text-base {isHere(
						room.href
					)
						? 'bg-base-content/0 shadow-[inset_0_3px_0_#e0754a] lg:bg-white/10 lg:shadow-[inset_4px_0_0_#e0754a]'
						: ''}"
				>
					<room.icon size={20} aria-hidden="true" />
					<span class="lg:flex-1">{room.name}</span>
					{#if counts[room.href]}<span class="hidden text-sm font-semibold text-[#f0c46c] lg:inline"
							>{counts[room.href]}</span
						>{/if}
				</a>
			</li>
		{/each}
	</ul>
	<a
		href="/keeping"
		class="mt-auto hidden px-5 py-1 text-sm underline-offset-4 hover:underline lg:block"
		aria-current={here.startsWith('/keeping') ? 'page' : undefined}>Keeping</a
	>
	<a href="/settings" class="hidden px-5 py-2 text-sm underline-offset-4 hover:underline lg:block">
		{place || 'Settings: place, units, people'}<br />{person} · {units}
	</a>
</nav>
