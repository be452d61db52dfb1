import type { Phase } from '$lib/core/brews';
import type { System } from '$lib/core/units';
import { plain, typedAmount } from '$lib/format/figure';

/** A programme as it was set. */
export interface ProgrammeSet {
	readonly name: string;
	readonly recipe: string;
	readonly phases: readonly Phase[];
	readonly parts: number;
	readonly onto: 'soil' | 'leaves';
	readonly stops: readonly { readonly bed: string; readonly total_l: number }[];
	readonly temperature_c: number;
	readonly priority?: string;
}

/** The same as its form would hold it. */
export function typedOfSet(
	{ recipe, phases, parts, onto, stops, temperature_c, priority }: ProgrammeSet,
	system: System | undefined
): Readonly<Record<string, string>> {
	const [first, then] = phases;
	return {
		recipe,
		onto,
		parts: plain(parts, 1),
		temperature: typedAmount(temperature_c, '°C', system),
		priority: priority ?? 'usual',
		from: first?.from ?? '',
		until: first?.until ?? '',
		every: first ? plain(first.every_days, 0) : '',
		thenUntil: then?.until ?? '',
		thenEvery: then ? plain(then.every_days, 0) : '',
		...Object.fromEntries(
			stops.map(({ bed, total_l }) => [`each:${bed}`, typedAmount(total_l, 'L', system)])
		)
	};
}
