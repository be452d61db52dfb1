import { isPress, presses, type Asked, type Told } from '../core/tending';
import type { ParseContext } from '../core/units';
import type { Values } from './form';
import type { Limit } from './limit';
import { fireLimits } from './limits-of-fires';
import { readField } from './read-field';

/** A tap with a figure: its act, the field of its figure, what else is meant, and what it says. */
interface AskedTap {
	readonly verb: string;
	readonly field: string;
	readonly limit: Limit;
	readonly also: Values;
	readonly told: (value: number, values: Values) => Told;
}

export const askedTaps: Readonly<Record<Asked, AskedTap>> = Object.freeze({
	heat: {
		verb: 'read-fire',
		field: 'temperature',
		limit: fireLimits.temperature,
		also: {},
		told: (temperature_c, { by }) => ({
			is: 'heat',
			temperature_c,
			...(by === 'gun' || by === 'probe' ? { by } : {})
		})
	},
	measured: {
		verb: 'lay-layer',
		field: 'litres',
		limit: fireLimits.litres,
		also: { layer: 'usual' },
		told: (litres) => ({ is: 'layer', layer: 'usual', litres })
	},
	poured: {
		verb: 'fire-water',
		field: 'litres',
		limit: fireLimits.poured,
		also: { water: 'poured' },
		told: (litres) => ({ is: 'water', water: 'poured', litres })
	},
	depth: {
		verb: 'dip-fire',
		field: 'depth',
		limit: fireLimits.depth,
		also: {},
		told: (depth_m) => ({ is: 'depth', depth_m })
	}
});

const isAsked = (name: string): name is Asked => name in askedTaps;

/** The act a tap stands for; undefined where there is no such tap. */
export function verbOfTap({ tap = '' }: Values): string | undefined {
	if (isPress(tap)) return presses[tap].verb;
	return isAsked(tap) ? askedTaps[tap].verb : undefined;
}

/** The fields of the form of that act. A gun tells °C or °F whatever the books are kept in. */
export function valuesOfTap(values: Values): Values {
	const { tap = '', unit = '', ...rest } = values;
	const also = isPress(tap) ? presses[tap].values : isAsked(tap) ? askedTaps[tap].also : {};
	const temperature = rest.temperature?.trim();
	const isBare = temperature && unit && /^[-−]?[\d.,\s]+$/.test(temperature);
	return { ...also, ...rest, ...(isBare ? { temperature: `${temperature} ${unit}` } : null) };
}

/** What a tap says, read on the device before the books have it; undefined where its figure can't be read. */
export function toldOfTap(values: Values, context: ParseContext): Told | undefined {
	const { tap = '' } = values;
	if (isPress(tap)) return presses[tap].told;
	if (!isAsked(tap)) return undefined;
	const { field, limit, told } = askedTaps[tap];
	const meant = valuesOfTap(values);
	const read = readField(meant[field] ?? '', limit, context);
	return read.status === 'ok' ? told(Number(read.value), meant) : undefined;
}
