<script lang="ts">
	import { PencilLine, Search, SlidersHorizontal } from 'lucide';
	import Icon from './Icon.svelte';
	import { path, roomOf } from './path';
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
	const bar = path.filter(({ onBar }) => onBar);
	// Where the thumb rests, in the middle of the bar.
	const middle = bar.length / 2;
	const current = $derived(roomOf(here)?.href);
	let menu = $state<HTMLDetailsElement>();
	$effect(() => {
		if (here && menu) menu.open = false;
	});
	function log(event: MouseEvent) {
		if (event.ctrlKey || event.metaKey || event.shiftKey) return;
		event.preventDefault();
		onlog();
	}
</script>

<header
	class="flex items-center justify-between bg-neutral px-4 text-neutral-content lg:hidden print:hidden"
>
	<a href="/" class="flex min-h-12 items-center font-slab text-lg font-semibold">Ashdrift</a>
	<span class="flex">
		<a href="/find" class="flex size-12 items-center justify-center" aria-label="Search"
			><Icon of={Search} size={22} /></a
		>
		<a href="/settings" class="flex size-12 items-center justify-center" aria-label="Settings"
			><Icon of={SlidersHorizontal} size={22} /></a
		>
		<details bind:this={menu} class="relative">
			<summary class="flex min-h-12 cursor-pointer list-none items-center px-2 font-semibold"
				>Rooms</summary
			>
			<ul class="absolute right-0 z-20 w-60 bg-neutral py-2 shadow-2xl">
				{#each path as room (room.href)}<li>
						<a
							href={room.href}
							aria-current={current === room.href ? 'page' : undefined}
							class="flex min-h-12 items-center gap-3 px-4 aria-[current]:bg-white/10"
							><Icon of={room.icon} size={20} /><span class="flex-1">{room.name}</span
							>{#if counts[room.href]}<span class="text-sm font-semibold text-[#f0c46c]"
									>{counts[room.href]}</span
								>{/if}</a
						>
					</li>{/each}
				<li><a class="flex min-h-12 items-center px-4" href="/keeping">Keeping</a></li>
			</ul>
		</details>
	</span>
</header>

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
		<Icon of={PencilLine} size={18} /><span class="flex-1">Log</span>
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
	<ul class="flex lg:hidden">
		{#each bar as room, i (room.href)}
			{#if i === middle}<li class="flex-1">
					<a
						href="/log"
						onclick={log}
						class="-mt-4 flex min-h-[4.5rem] flex-col items-center justify-center gap-0.5 rounded-t-xl bg-[#b8431a] text-sm font-semibold text-white"
					>
						<Icon of={PencilLine} size={26} />Log
					</a>
				</li>{/if}
			<li class="flex-1">
				<a
					href={room.href}
					aria-current={current === room.href ? 'page' : undefined}
					class="flex min-h-14 flex-col items-center justify-center gap-0.5 px-1 text-xs aria-[current]:shadow-[inset_0_3px_0_#e0754a]"
					><Icon of={room.icon} size={20} />{room.name}</a
				>
			</li>
		{/each}
	</ul>
	<!-- The path itself: each room a stop on a line, with a gap where the work changes. -->
	<ul class="hidden lg:block">
		{#each path as room (room.href)}
			<li class="path-stop {room.opens ? 'mt-4' : ''}">
				<a
					href={room.href}
					aria-current={current === room.href ? 'page' : undefined}
					class="flex min-h-11 items-center gap-3 pr-4 pl-12 aria-[current]:bg-white/10 aria-[current]:font-semibold"
				>
					<span class="flex-1">{room.name}</span>
					{#if counts[room.href]}<span class="text-sm font-semibold text-[#f0c46c]"
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
