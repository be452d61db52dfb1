<script lang="ts">
	import House from '@lucide/svelte/icons/house';
	import Axe from '@lucide/svelte/icons/axe';
	import Flame from '@lucide/svelte/icons/flame';
	import Droplets from '@lucide/svelte/icons/droplets';
	import Sprout from '@lucide/svelte/icons/sprout';
	import Settings from '@lucide/svelte/icons/sliders-horizontal';
	/** The path: rooms in the order of the work, with live counts. A rail at the desk, a bar on the phone. */
	let {
		here,
		counts,
		place,
		person,
		units
	}: {
		here: string;
		counts: Readonly<Record<string, string>>;
		place: string;
		person: string;
		units: string;
	} = $props();
	const rooms = [
		{ href: '/', name: 'Today', icon: House },
		{ href: '/woodyard', name: 'Woodyard', icon: Axe },
		{ href: '/fires', name: 'Fires', icon: Flame },
		{ href: '/charging', name: 'Charging', icon: Droplets },
		{ href: '/beds', name: 'Beds', icon: Sprout }
	] as const;
	const isHere = (href: string) =>
		href === '/'
			? here === '/'
			: here.startsWith(href) ||
				(href === '/charging' && here.startsWith('/char')) ||
				(href === '/fires' && here.startsWith('/vessels'));
</script>

<nav
	aria-label="Rooms"
	class="fixed inset-x-0 bottom-0 z-10 bg-neutral text-neutral-content lg:sticky lg:inset-auto lg:top-0 lg:flex lg:h-screen lg:w-52 lg:shrink-0 lg:flex-col lg:py-6"
>
	<a href="/" class="mb-5 hidden px-5 font-slab text-2xl font-semibold lg:block">Ashdrift</a>
	<ul class="flex lg:block">
		{#each rooms as room (room.href)}
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
		<li class="flex-1 lg:hidden">
			<a
				href="/settings"
				class="flex min-h-14 flex-col items-center justify-center gap-0.5 text-xs"
				aria-current={here === '/settings' ? 'page' : undefined}
			>
				<Settings size={20} aria-hidden="true" />Settings
			</a>
		</li>
	</ul>
	<a
		href="/settings"
		class="mt-auto hidden px-5 py-2 text-sm underline-offset-4 hover:underline lg:block"
	>
		{place || 'Settings: place, units, people'}<br />{person} · {units}
	</a>
</nav>
