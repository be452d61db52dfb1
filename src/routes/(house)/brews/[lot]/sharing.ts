import { limits } from '$lib/input/limits';
import { amountIn } from '$lib/input/read-field';
import { pouring, judgeApplying, type PutThing, type TargetStands } from '$lib/core/applying';
import {
	dilutedAs,
	fillsOf,
	firsts,
	goesTo,
	oddWatering,
	pourOut,
	readWatering,
	type Fills,
	type First,
	type PourBed,
	type PourStop
} from '$lib/core/brews';
import { onceEach, type Caution } from '$lib/core/cautions';
import type { Contents } from '$lib/core/ledger';
import { litres, type ParseContext } from '$lib/core/units';

/** A bed as a round sees it, and judges it by. */
export interface ShareBed extends PourBed {
	readonly stands: TargetStands;
}

/** The brew that is shared out. */
export interface SharedBrew {
	readonly held_l: number;
	readonly contents: Contents;
	readonly thing: PutThing;
}

export interface ShareTyped {
	readonly parts: string;
	readonly onto: 'soil' | 'leaves';
	readonly basis: 'diluted' | 'brew';
	/** None: nobody said who goes first. */
	readonly first: string;
	readonly can: string;
	readonly amounts: Readonly<Record<string, string>>;
	readonly salt: string;
	readonly seedlings: boolean;
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
	readonly cautions: readonly Caution[];
}

/** How far a brew goes at a ratio, and what each bed's amount takes of it; undefined until the ratio can be read. */
export function shareOut(
	brew: SharedBrew,
	typed: ShareTyped,
	beds: readonly ShareBed[],
	at_ms: number,
	context: ParseContext
): Shared | undefined {
	const parts = amountIn(typed.parts, limits.drench.parts, context, 'second');
	if (parts === undefined) return undefined;
	const { onto, basis } = typed;
	const { held_l } = brew;
	const read = beds.flatMap((bed) => {
		const text = typed.amounts[bed.name]?.trim() ?? '';
		if (text === '') return [];
		const watering = readWatering(text, context);
		return [{ bed, ask: watering.status === 'ok' ? watering.ask : undefined }];
	});
	const first = firsts.find((one) => one === typed.first) as First | undefined;
	const poured = pourOut(litres(held_l), {
		parts,
		basis,
		onto,
		first,
		stops: read.flatMap(({ bed, ask }) => (ask ? [{ bed, ask }] : []))
	});
	const can_l = amountIn(typed.can, limits.drench.can, context) ?? 9;
	const byBed = new Map(poured.stops.map((stop) => [stop.bed.name, stop]));
	const brewIn = poured.stops.reduce((sum, { gets }) => sum + gets.brew, 0);
	const how = {
		parts,
		onto,
		salt: amountIn(typed.salt, limits.drench.salt, context),
		seedlings: typed.seedlings
	};
	const found = read.flatMap(({ bed }) => {
		const stop = byBed.get(bed.name);
		return stop && stop.gets.total > 0
			? judgeApplying(pouring(brew.thing, bed.stands, how, stop, brew.contents, held_l, at_ms))
			: [];
	});
	return {
		parts,
		goes_l: goesTo(litres(held_l), parts),
		stops: read.map(({ bed }) => stopShown(bed.name, byBed.get(bed.name), can_l)),
		total_l: poured.total,
		needs_l: poured.needs,
		// What the books can't count is none.
		left_l: held_l - brewIn < 5e-7 ? 0 : held_l - brewIn,
		short_l: Math.max(0, poured.needs - held_l),
		inTurn: first !== undefined,
		can_l,
		fills: fillsOf(dilutedAs(poured.total, parts), litres(can_l)),
		cautions: onceEach(found)
	};
}

function stopShown(bed: string, stop: PourStop | undefined, can_l: number): Stop {
	if (!stop) return { bed };
	const { wanted, gets, size } = stop;
	const verdict = oddWatering(wanted, size);
	return {
		bed,
		total_l: wanted,
		gets_l: gets.total,
		brew_l: gets.brew,
		cans: gets.total / can_l,
		...(verdict.is === 'usual'
			? {}
			: { odd: { low_l: verdict.usual.low, high_l: verdict.usual.high } })
	};
}
