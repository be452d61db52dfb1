import type { BurnInput } from '../../input/burns';
import type { LoadInput } from '../../input/fires';
import { forecastYield, workOutLoad, type WayId } from '../../core/fires';
import { dryKg, type Amount } from '../../core/ledger';
import {
	between,
	earlier,
	kgDry,
	known,
	less,
	over,
	reckon,
	times,
	type Estimate,
	type KgDry
} from '../../core/units';
import { partOfWood, type StackFormId, type WoodClassId } from '../../core/woodyard';
import type { Books } from '../db/books';
import { NotFound } from '../db/errors';
import type { Load } from '../db/burns';
import { amountOfDry } from '../db/movements';
import { refuse } from './act';
import { lotOrRefuse, partOf, refuseHeld, takenOf } from './gates';

/** Stacks taken up for a burn: what leaves each, and the dry wood of all with its range. */
export interface LoadedWood {
	readonly loads: readonly Load[];
	/** Without a lot it was brought straight to the fire. */
	readonly takes: readonly (Amount & { readonly lotId?: number })[];
	readonly dry: Estimate<KgDry>;
	/** The class that makes up most of the dry mass; it decides the density of the char. */
	readonly wood: WoodClassId;
	/** Acts that let it be loaded: a lifted quarantine. */
	readonly gates: readonly string[];
	/** How most of it was stacked; nobody knows of what came from no stack. */
	readonly form?: StackFormId | undefined;
}

/** Resolve whole or part stacks against the books; held and empty ones are refused. */
export function loadStacks(books: Books, inputs: readonly LoadInput[], at_ms: number): LoadedWood {
	if (inputs.length === 0) refuse('loads', 'no-load');
	const rows = inputs.map((input) => {
		const lot = lotOrRefuse(books, input.code, 'loads', at_ms);
		if (lot.kind !== 'stack') refuse('loads', 'no-stack', { code: lot.code });
		const gates = refuseHeld(books, lot, 'loads');
		const volume_ul = partOf(books, lot, input.litres, 'loads');
		const stack = books.woodyard.maybeOne(lot.code);
		if (!stack) throw new NotFound(`stack ${lot.code}`);
		return { lot, stack, volume_ul, gates, part: takenOf(books, lot, volume_ul, at_ms) };
	});
	const { dry, wood, form } = workOutLoad(
		rows.map(({ lot, stack, part }) => ({
			code: lot.code,
			name: lot.name,
			form: stack.measure.form,
			wood: stack.measure.wood,
			dry: partOfWood(stack.measured, kgDry(dryKg(part.contents)))
		})),
		'oven-dry wood loaded'
	);
	if (!wood) refuse('loads', 'no-load');
	return {
		loads: rows.map(({ lot, volume_ul }) => ({
			code: lot.code,
			volume_ul,
			all: volume_ul === lot.volume_ul
		})),
		takes: rows.map(({ lot, part }) => ({ lotId: lot.id, ...part })),
		dry,
		wood,
		gates: rows.flatMap(({ gates }) => gates),
		form
	};
}

/** Water in wood nobody read, share of its weight. */
const usualWater = between(0.14, 0.22);

/** Wood that came from no stack: by its weight as it went in, or worked back from the char it gave. */
export function unstacked(
	{ wood }: Pick<BurnInput, 'wood'>,
	kind: WoodClassId,
	way: WayId,
	charKg: number
): LoadedWood {
	if (!wood) return refuse('loads', 'no-load');
	const dry = wood.by === 'weighed' ? dryOfWeight(wood) : dryBehind(way, charKg);
	return {
		loads: [],
		takes: [amountOfDry('wood', 0, dry.value)],
		dry,
		gates: [],
		wood: kind
	};
}

/** Wood as it lay, less its water. */
export const dryOfWeight = ({ kg, water }: Extract<BurnInput['wood'], { by: 'weighed' }>) =>
	reckon(
		kgDry,
		times(
			known('wood as it lay', kg, 'kg', 'measured', 'weighed as it went in'),
			less(
				1,
				known(
					'water in it',
					water ?? usualWater,
					'share',
					water === undefined ? 'default' : 'typed',
					water === undefined ? 'Seasoned wood under cover, not read' : 'as it was read, wet basis'
				)
			)
		),
		{ unit: 'kg', basis: 'oven-dry wood' }
	);

const dryBehind = (way: WayId, charKg: number) =>
	reckon(
		kgDry,
		over(
			known('dry char', charKg, 'kg', 'computed', 'what came out'),
			earlier('yield of the way', forecastYield(way))
		),
		{ unit: 'kg', basis: 'oven-dry wood, worked back from its char' }
	);
