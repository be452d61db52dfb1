import type { Component } from 'svelte';
import type { System } from '$lib/core/units';

/** A thing in section: fed by what its room sends, drawn where it is shown. */
export type Drawing = Component<Record<string, unknown> & { system: System | undefined }>;

type Loaded = Promise<{ default: unknown }>;

/** The drawing of each kind, loaded when one is shown. */
const drawings: Readonly<Record<string, () => Loaded>> = {
	burn: () => import('./cutaway/VesselCutaway.svelte')
};

/** The drawings of so many kinds, by kind. */
export async function drawingsOf(kinds: readonly string[]): Promise<Record<string, Drawing>> {
	const wanted = [...new Set(kinds)].flatMap((kind) => {
		const load = drawings[kind];
		return load ? [[kind, load] as const] : [];
	});
	const loaded = await Promise.all(
		wanted.map(async ([kind, load]) => [kind, (await load()).default as Drawing] as const)
	);
	return Object.fromEntries(loaded);
}
