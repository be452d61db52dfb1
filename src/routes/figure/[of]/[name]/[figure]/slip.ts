import { fieldWords } from '$lib/format/act-words';
import { slip, type Slip } from '$lib/format/figure';
import type { System } from '$lib/core/units';
import type { PageData } from './$types';

/** The slip of a figure told by itself: its inputs, then what was typed. */
export function toldSlip({ told }: PageData, system: System | undefined): Slip {
	const { label, figure, typed = [], bounds = false } = told;
	const shown = slip(label, figure, system);
	const lines = typed.map(([field, value, by]) => ({
		name: fieldWords[field] ?? field,
		amount: value,
		origin: 'as typed',
		source: by
	}));
	const { range, ...whole } = { ...shown, bounds, lines: [...shown.lines, ...lines] };
	if (range === undefined) return whole;
	// A rule goes from one end to the other: there is no figure between them.
	return bounds ? { ...whole, text: range } : { ...whole, range };
}
