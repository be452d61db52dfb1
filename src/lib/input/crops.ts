import { z } from 'zod';
import { hungers, takes, type OwnCrop } from '../core/crops';
import { complain, fields, maybeText, nameField, oneOf, ticked, type Reading } from './form';
import { limits } from './limits';

const keysOf = <K extends string>(table: Readonly<Record<K, unknown>>) =>
	Object.keys(table) as [K, ...K[]];

/** A crop as the grower knows it: it goes before the row of the table. */
export function cropSchema(reading: Reading) {
	const { quantity } = fields(reading);
	return z
		.object({
			crop: nameField,
			family: maybeText(40),
			phLow: quantity(limits.bed.ph),
			phHigh: quantity(limits.bed.ph),
			hunger: oneOf(keysOf(hungers)),
			raw: oneOf(['none', 'off-soil', 'touches', 'in-soil']),
			takes: oneOf(['nothing', ...keysOf(takes)]),
			acidLover: ticked,
			scab: ticked
		})
		.transform((typed, ctx): OwnCrop => {
			const { crop, family, phLow, phHigh, acidLover, scab } = typed;
			if (phHigh <= phLow) complain(ctx, 'phHigh', 'not-above', { low: phLow });
			return {
				...{ name: crop, family, ph: [phLow, phHigh], hunger: typed.hunger, raw: typed.raw },
				...(typed.takes === 'nothing' ? {} : { takes: typed.takes }),
				...(acidLover ? { acidLover } : {}),
				...(scab ? { scab } : {})
			};
		});
}
