import { limits } from '$lib/input/limits';
import { amountIn } from '$lib/input/read-field';
import {
	dilutedAs,
	fillsOf,
	firsts,
	goesTo,
	oddWatering,
	readWatering,
	serve,
	targetOn,
	wateringOf,
	type Fills,
	type First,
	type WateredBed,
	type WaterSize
} from '$lib/core/brews';
import { litres, type Litres, type ParseContext } from '$lib/core/units';

/** A bed as a round sees it. */
export interface ShareBed extends WateredBed {
	readonly last_ms: number | null;
}

export interface ShareTyped {
	readonly parts: string;
	readonly onto: 'soil' | 'leaves';
	readonly basis: 'diluted' | 'brew';
	/** None: nobody said who goes first. */
	readonly first: string;
	readonly can: string;
	readonly amounts: Readonly<Record<string, string>>;
}

export interface Stop {
	readonly bed: string;
	/** L diluted that is wanted, and that it gets; undefined where what is typed can't be read. */
	readonly total_l?: number;
	readonly gets_l?: number;
	/** Of the brew in what it gets. */
	readonly brew_l?: number;
	/** Cans that carry it. */
	readonly cans?: number;
	/** So far from what it drinks that concentrate may have been told for diluted: the usual range, L diluted. */
	readonly odd?: { readonly low_l: number; readonly high_l: number };
}

export interface Shared {
	readonly parts: number;
	/** As far as all of it goes, L diluted. */
	readonly goes_l: number;
	readonly stops: readonly Stop[];
	/** Diluted that is poured. */
	readonly total_l: number;
	readonly needs_l: number;
	readonly left_l: number;
	/** Brew that is wanting, whoever goes first. */
	readonly short_l: number;
	/** Somebody said who goes first: what each gets is what there is. */
	readonly inTurn: boolean;
	readonly can_l: number;
	readonly fills: Fills;
}

/** How far a brew goes at a ratio, and what each bed's amount takes of it; undefined until the ratio can be read. */
export function shareOut(
	held_l: number,
	typed: ShareTyped,
	beds: readonly ShareBed[],
	context: ParseContext
): Shared | undefined {
	const parts = amountIn(typed.parts, limits.drench.parts, context, 'second');
	if (parts === undefined) return undefined;
	const wanted = beds.flatMap((bed) => {
		const asked = wantedOn(bed, typed, parts, context);
		return asked === undefined ? [] : [{ name: bed.name, last_ms: bed.last_ms, ...asked }];
	});
	const known = wanted.flatMap(({ name, total, last_ms }) =>
		total === null ? [] : [{ name, total, last_ms }]
	);
	const isSaid = firsts.some((one) => one === typed.first);
	const sharing = serve(
		// Until somebody says who goes first, each is told what it wants.
		litres(isSaid ? held_l : known.reduce((sum, { total }) => sum + total, 0)),
		parts,
		known,
		isSaid ? (typed.first as First) : 'as-listed'
	);
	const can_l = amountIn(typed.can, limits.drench.can, context) ?? 9;
	const gets = new Map(sharing.served.map((one) => [one.name, one.gets]));
	const total_l = sharing.served.reduce((sum, one) => sum + one.gets.total, 0);
	const brewIn = sharing.served.reduce((sum, one) => sum + one.gets.brew, 0);
	return {
		parts,
		goes_l: goesTo(litres(held_l), parts),
		stops: wanted.map(({ name, total, target }): Stop => {
			const served = gets.get(name);
			return total === null || !served
				? { bed: name }
				: {
						bed: name,
						total_l: total,
						gets_l: served.total,
						brew_l: served.brew,
						cans: served.total / can_l,
						...oddOn(total, target)
					};
		}),
		total_l,
		needs_l: sharing.needs,
		// What the books can't count is none.
		left_l: held_l - brewIn < 5e-7 ? 0 : held_l - brewIn,
		short_l: Math.max(0, sharing.needs - held_l),
		inTurn: isSaid,
		can_l,
		fills: fillsOf(dilutedAs(litres(total_l), parts), litres(can_l))
	};
}

function oddOn(total: Litres, target: WaterSize): Pick<Stop, 'odd'> {
	const verdict = oddWatering(total, target);
	if (verdict.is === 'usual') return {};
	return { odd: { low_l: verdict.usual.low, high_l: verdict.usual.high } };
}

/** Litres diluted that were typed for a bed, and what they are for: undefined where nothing was, null where it can't be read. */
function wantedOn(
	bed: ShareBed,
	{ amounts, onto, basis }: ShareTyped,
	parts: number,
	context: ParseContext
): { readonly total: Litres | null; readonly target: WaterSize } | undefined {
	const typed = amounts[bed.name]?.trim() ?? '';
	if (typed === '') return undefined;
	const read = readWatering(typed, context);
	if (read.status !== 'ok') return { total: null, target: targetOn(bed, onto) };
	const target = targetOn(bed, onto, read.ask);
	const asked = wateringOf(read.ask, target, bed.pieces);
	return { total: basis === 'brew' ? goesTo(asked, parts) : asked, target };
}
