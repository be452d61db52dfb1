import { z } from 'zod';
import { litres, type Litres } from '../core/units';
import { complain, type Reading } from './form';
import { volume } from './limit';
import { readField } from './read-field';

/** So many arms take two things each at most. */
export const mostGifts = 12;
const giftNumbers = Array.from({ length: mostGifts }, (_, n) => n);
/** Of one pot or plot. */
export const giftLimit = volume(0.001, 10_000, '0.6 L', '2 1/2 US cups');

/** One thing given to an arm: which of what its arms are to get, out of which lot, how much each pot or plot. */
export interface GiftInput {
	/** Its place among all that the arms are to get, from 0. */
	readonly n: number;
	readonly lot?: string;
	/** Of one pot or plot; left out, the share of the plan. */
	readonly each_l?: Litres;
}

export interface TreatTrialInput {
	readonly trial: string;
	readonly gifts: readonly GiftInput[];
}

/** A line for each thing: what has neither lot nor amount is passed by. */
export const treatTrialSchema = (reading: Reading, trial: string) =>
	z.looseObject({}).transform((typed, ctx): TreatTrialInput => ({
		trial,
		gifts: giftNumbers.flatMap((n) => {
			const told = (field: string) => {
				const said = typed[`${field}${n + 1}`];
				return typeof said === 'string' ? said.trim() : '';
			};
			const [lot, per] = [told('lot'), told('per')];
			if (lot === '' && per === '') return [];
			const each = per === '' ? undefined : readField(per, giftLimit, reading);
			if (each && each.status !== 'ok') complain(ctx, `per${n + 1}`, each.code, each.facts);
			return [
				{
					n,
					...(lot === '' ? {} : { lot: lot.slice(0, 12) }),
					...(each?.status === 'ok' ? { each_l: litres(each.value as number) } : {})
				}
			];
		})
	}));
