import { z } from 'zod';
import { recipeOf } from '../core/brews';
import { pileMaterial, type Begins, type PileStuff } from '../core/fate';
import { materialOf, type MaterialId } from '../core/materials';
import { putSchema, type PutInput } from './beds';
import { brewSchema, type BrewInput } from './brews';
import { pileFrom, pileRows, type PilePart, type PileRow } from './fate';
import { complain, unused, type Check, type Reading, type Values } from './form';
import { heapSchema, type HeapInput } from './heaps';
import { limits } from './limits';
import { readField } from './read-field';
import { stockSchema, type StockInput } from './stock';
import { splitStackSchema, stackSchema, type SplitStackInput, type StackInput } from './woodyard';

/** How a part of a pile begins its way: through the door that the room of that way has. */
export type Begun =
	| { readonly does: 'heap'; readonly heap: HeapInput }
	| { readonly does: 'brew'; readonly brew: BrewInput }
	| { readonly does: 'stack'; readonly stack: StackInput }
	| { readonly does: 'split'; readonly split: SplitStackInput }
	| { readonly does: 'lay'; readonly stock: StockInput; readonly bed: string }
	| { readonly does: 'put'; readonly put: PutInput };

export interface FateStop {
	readonly row: PileRow;
	readonly part: PilePart;
	readonly begun: Begun;
}

export interface FateInput {
	readonly stops: readonly FateStop[];
}

/** A batch of which nobody has read the warmth yet. A working assumption, as for a heap. */
const usualWarmth = '15 °C';

type Door = {
	readonly schema: z.ZodType<Begun>;
	readonly values: Values;
};

/** What is known of a part, written into the form of its way. */
function doorOf(begins: Begins, told: Told, reading: Reading): Door {
	const { amount, where, name } = told;
	const through = <T>(
		values: Values,
		schema: (values: Values) => z.ZodType<T>,
		begun: (value: T) => Begun
	) => ({ values, schema: schema(values).transform(begun) as z.ZodType<Begun> });
	if ('heap' in begins)
		return through(
			{ heapWay: begins.heap, name: where, stuff1: told.stuff, part1: amount },
			(values) => heapSchema(reading, values),
			(heap) => ({ does: 'heap', heap })
		);
	if ('brew' in begins)
		return through(
			brewValues(begins.brew, told),
			(values) => brewSchema(reading, values),
			(brew) => ({ does: 'brew', brew })
		);
	if ('stack' in begins)
		return told.from
			? through(
					{ part: amount },
					() => splitStackSchema(reading, told.from ?? ''),
					(split) => ({ does: 'split', split })
				)
			: through(
					{
						...{ name, wood: 'mixed', form: 'brush', seasoned: 'no', sizedBy: 'measures' },
						...{ filled: amount, suspicion: told.isSuspect ? 'unknown' : 'none' }
					},
					() => stackSchema(reading),
					(stack) => ({ does: 'stack', stack })
				);
	return told.from
		? through(
				{ putLot: told.from, putAs: 'carried', part: amount, way: 'top-dressed' },
				(values) => putSchema(reading, where, values),
				(put) => ({ does: 'put', put })
			)
		: through(
				{ material: told.material, amount, name: '' },
				() => stockSchema(reading),
				(stock) => ({ does: 'lay', stock, bed: where })
			);
}

interface Told {
	readonly amount: string;
	readonly litres: number;
	readonly where: string;
	readonly name: string;
	/** As a form of heaps says it: a material, or a lot. */
	readonly stuff: string;
	readonly material: MaterialId;
	readonly from: string | undefined;
	readonly warmth: string;
	readonly isSuspect: boolean;
}

/** As much of the rest as the recipe asks for so much of the stuff. */
function brewValues(id: string, told: Told): Values {
	const recipe = recipeOf(id);
	const chosen = told.from ? `lot:${told.from}:${told.material}` : told.material;
	const common = {
		recipe: id,
		vessel: told.where,
		temperature: told.warmth.trim() === '' ? usualWarmth : told.warmth
	};
	if (recipe.base.of !== 'water') return { ...common, base: told.amount, 'with-base': chosen };
	const leaves = recipe.parts[0]!;
	const [light, heavy] = materialOf(told.material).density;
	const kg = (told.litres * (light + heavy)) / 2;
	const per10 = (leaves.per10[0] + leaves.per10[1]) / 2;
	const water_l = Number(((10 * kg) / per10).toPrecision(2));
	return {
		...common,
		base: `${water_l} L`,
		[`with-${leaves.id}`]: chosen,
		[`amount-${leaves.id}`]: told.amount
	};
}

/** What a brew that takes soft stuff calls it. */
const brewed: Readonly<Partial<Record<PileStuff, MaterialId>>> = {
	'soft-tops': 'greens',
	'leafy-green': 'greens',
	'seedy-weeds': 'greens',
	'fruit-waste': 'greens'
};

const chips = 'to be chipped';
const char = 'to dry for char';

/** A pile whose parts are begun, each its own way; what a room would complain of stands at the part. */
export function fateSchema(reading: Reading, values: Values) {
	return unused.transform((_value, ctx): FateInput => {
		const pile = pileFrom(values, reading);
		for (const row of pileRows) refuseUnread(values, row, reading, ctx);
		if (pile.parts.length === 0 && !(values.part1 ?? '').trim())
			complain(ctx, 'part1', 'bad-empty');
		const stops = pile.parts.flatMap((part): FateStop[] => {
			const { row, fate, stuff, litres, where } = part;
			if (!fate || fate.no !== undefined) {
				complain(ctx, `goes${row}`, 'choose');
				return [];
			}
			const { begins } = fate.way;
			if ('bed' in begins && pile.from && where === '') complain(ctx, `where${row}`, 'bad-empty');
			const material = ('brew' in begins && brewed[stuff]) || pileMaterial[stuff];
			const door = doorOf(
				begins,
				{
					...{
						where,
						litres: Math.min(litres, fate.takes_l),
						material,
						from: pile.from,
						warmth: values.warmth ?? ''
					},
					// A way that takes a part of it only begins with that: the rest still lies there, as the sum says.
					amount: litres > fate.takes_l ? `${fate.takes_l} L` : (values[`part${row}`] ?? ''),
					stuff: pile.from ? `lot:${pile.from}` : material,
					name: 'stack' in begins ? (begins.stack === 'chips' ? chips : char) : '',
					isSuspect: values.suspect === 'on'
				},
				reading
			);
			const read = door.schema.safeParse(door.values);
			if (read.success) return [{ row, part, begun: read.data }];
			for (const { path, message, ...more } of read.error.issues) {
				const params = 'params' in more ? (more.params as Record<string, never>) : {};
				complain(ctx, fieldOfPart(String(path[0] ?? ''), row), message, params);
			}
			return [];
		});
		return { stops };
	});
}

/** What a room calls the place and the amount, as the line of a part has them. */
export function fieldOfPart(field: string, row: PileRow): string {
	if (['name', 'vessel', 'bed'].includes(field)) return `where${row}`;
	if (field === 'temperature') return 'warmth';
	return /^(why|sure)-/.test(field) ? field : `part${row}`;
}

function refuseUnread(values: Values, row: PileRow, reading: Reading, ctx: Check): void {
	const typed = values[`part${row}`]?.trim() ?? '';
	if (typed === '') return;
	const read = readField(typed, limits.fate.part, reading);
	if (read.status !== 'ok') complain(ctx, `part${row}`, read.code, read.facts);
}
