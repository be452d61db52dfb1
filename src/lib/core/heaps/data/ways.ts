import type { MaterialId } from '../../materials';
import type { Range } from '../../units';

/** How slow stuff is kept. */
export type HeapWay = 'leaf-mould' | 'compost' | 'path' | 'worms' | 'ash-soak';

/** What becomes of what goes in, as shares of it. */
export interface WayFacts {
	readonly id: HeapWay;
	readonly name: string;
	/** What comes out, as a material of the books. */
	readonly gives: MaterialId;
	/** Of the litres as they were laid. */
	readonly left: Range;
	/** Of the dry matter. */
	readonly dryLost: Range;
	/** Of the nitrogen, where the C : N does not say it. */
	readonly nitrogenLost: Range;
	/** Days until it can be used at all, and until it is best; then it only shrinks. */
	readonly usable_days: readonly [low: number, high: number];
	readonly best_days: readonly [low: number, high: number];
	/** A look now and then: what lies in far corners is forgotten. */
	readonly look_days: number;
	readonly source: string;
}

const span = (low: number, high: number): Range => ({ value: (low + high) / 2, low, high });

/** Source: practice of heaps, with the losses that trials of composting give. */
export const ways: readonly WayFacts[] = Object.freeze([
	{
		id: 'leaf-mould',
		name: 'leaf mould',
		gives: 'leaf-mould',
		left: span(0.25, 0.4),
		dryLost: span(0.5, 0.7),
		nitrogenLost: span(0.1, 0.2),
		usable_days: [180, 365],
		best_days: [365, 730],
		look_days: 60,
		source:
			'Leaves alone: rough mulch after 6–12 months, crumbly after 1–2 years; volume falls by 60–75 %'
	},
	{
		id: 'compost',
		name: 'compost heap',
		gives: 'finished-compost',
		left: span(0.4, 0.6),
		dryLost: span(0.4, 0.55),
		nitrogenLost: span(0.15, 0.3),
		usable_days: [56, 112],
		best_days: [112, 240],
		look_days: 14,
		source:
			'Compost: volume falls by 40–60 %, dry matter by 40–55 %; hot heaps are done in 6–12 weeks and cure'
	},
	{
		id: 'path',
		name: 'compost path',
		gives: 'finished-compost',
		left: span(0.4, 0.6),
		dryLost: span(0.35, 0.5),
		nitrogenLost: span(0.05, 0.2),
		usable_days: [120, 210],
		best_days: [180, 300],
		look_days: 30,
		source: 'A trodden path: one season; 0.4–0.6 of the filled volume is left'
	},
	{
		id: 'worms',
		name: 'worm bed',
		gives: 'castings',
		left: span(0.2, 0.3),
		dryLost: span(0.4, 0.6),
		nitrogenLost: span(0.05, 0.2),
		usable_days: [90, 180],
		best_days: [120, 240],
		look_days: 7,
		source: 'From 10 L of scraps 2–3 L of castings, in 3–6 months'
	},
	{
		id: 'ash-soak',
		name: 'ash soak',
		gives: 'hardwood-ash',
		left: span(0.85, 1.05),
		dryLost: span(0, 0.02),
		nitrogenLost: span(0.1, 0.3),
		usable_days: [21, 60],
		best_days: [28, 90],
		look_days: 7,
		source: 'Ash soaked with urine and dried thin: weeks; what nitrogen stays depends on the urine'
	}
]);

/** @throws RangeError for a way that is none */
export function heapWay(id: HeapWay): WayFacts {
	const way = ways.find((one) => one.id === id);
	if (!way) throw new RangeError(`heapWay: "${id}" is none`);
	return way;
}
