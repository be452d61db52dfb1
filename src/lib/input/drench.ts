import { z } from 'zod';
import { firsts, readWatering, type First, type WateringAsk } from '../core/brews';
import type { OwnMeasure } from '../core/units';
import {
	complain,
	fields,
	maybeText,
	oneOf,
	optional,
	text,
	ticked,
	type Check,
	type Reading
} from './form';
import { limits } from './limits';
import { issueOf } from './read-field';

export interface DrenchStop {
	readonly bed: string;
	readonly ask: WateringAsk;
	readonly field: string;
}

export interface DrenchInput {
	readonly lot: string;
	/** Parts of water to one of brew. */
	readonly parts: number;
	/** What the amounts are of: the diluted liquid, or the brew that goes into it. */
	readonly basis: 'diluted' | 'brew';
	readonly onto: 'soil' | 'leaves';
	/** Who is served first where there is not enough; none: nobody said. */
	readonly first?: First | undefined;
	/** Read of the diluted liquid, and whether seedlings get it. */
	readonly salt?: number | undefined;
	readonly seedlings?: boolean;
	readonly stops: readonly DrenchStop[];
	/** The round of a programme that this is. */
	readonly programme?: { readonly name: string; readonly due: string } | undefined;
}

const stopPrefix = 'diluted:';

/** How much to pour, within limits, complaints standing at its field. */
export function readStop(
	typed: string,
	reading: Pick<Reading, 'system'> & { readonly measures?: readonly OwnMeasure[] },
	ctx: Check,
	field: string
): WateringAsk | undefined {
	const read = readWatering(typed, reading);
	if (read.status !== 'ok') {
		const { code, facts } = issueOf(read);
		complain(ctx, field, code, facts);
		return undefined;
	}
	const { ask } = read;
	const { low, high } = limits.drench.diluted;
	if (ask.by === 'all' && (ask.litres < low || ask.litres > high)) {
		complain(ctx, field, 'out-of-range-volume', { low, high });
		return undefined;
	}
	return ask;
}

const drenchFields = (reading: Reading) => {
	const { quantity } = fields(reading);
	return {
		parts: quantity(limits.drench.parts, Number, 'second'),
		basis: oneOf(['diluted', 'brew']).default('diluted'),
		onto: oneOf(['soil', 'leaves']).default('soil'),
		first: optional(oneOf([...firsts] as [First, ...First[]])),
		salt: optional(quantity(limits.drench.salt)),
		seedlings: ticked,
		programme: maybeText(60),
		due: maybeText(10)
	};
};

type DrenchTold = Omit<DrenchInput, 'lot' | 'stops' | 'programme'> & {
	readonly programme: string;
	readonly due: string;
};

const toldOf = ({
	parts,
	basis,
	onto,
	first,
	salt,
	seedlings,
	programme,
	due
}: DrenchTold): Omit<DrenchInput, 'lot' | 'stops'> => ({
	parts,
	basis,
	onto,
	first,
	salt,
	...(seedlings ? { seedlings } : {}),
	...(programme && /^\d{4}-\d{2}-\d{2}$/.test(due) ? { programme: { name: programme, due } } : {})
});

/** One brew over several beds, thinned alike: `diluted:<bed>` is how much of the liquid is poured. */
export const drenchSchema = (reading: Reading, lot: string) =>
	z.looseObject(drenchFields(reading)).transform((typed, ctx): DrenchInput => {
		const stops = Object.entries(typed).flatMap(([field, amount]) => {
			if (!field.startsWith(stopPrefix) || typeof amount !== 'string') return [];
			if (amount.trim() === '') return [];
			const ask = readStop(amount, reading, ctx, field);
			return ask ? [{ bed: field.slice(stopPrefix.length), ask, field }] : [];
		});
		return { lot, stops, ...toldOf(typed) };
	});

/** The same for the beds of a line, each given as much. */
export const drenchLineSchema = (reading: Reading, lot: string, beds: readonly string[]) =>
	z
		.object({ ...drenchFields(reading), diluted: text(60) })
		.transform(({ diluted, ...typed }, ctx): DrenchInput => {
			const ask = readStop(diluted, reading, ctx, 'diluted');
			return {
				...toldOf(typed),
				lot,
				stops: ask ? beds.map((bed) => ({ bed, ask, field: 'diluted' })) : []
			};
		});
