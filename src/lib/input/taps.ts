import { isPress, presses, tapKinds, type Asked, type TapWhat, type Told } from '../core/tending';
import type { ParseContext } from '../core/units';
import type { Values } from './form';
import { readField } from './read-field';
import { ofFires } from './small-acts/fires';

/** What a tap with a figure is: its act, the field of its figure, and what else is meant. */
export const askedTaps: Readonly<
	Record<Asked, { readonly verb: string; readonly field: string; readonly also: Values }>
> = Object.freeze({
	heat: { verb: 'read-fire', field: 'temperature', also: {} },
	measured: { verb: 'lay-layer', field: 'litres', also: { layer: 'usual' } },
	poured: { verb: 'fire-water', field: 'litres', also: { water: 'poured' } },
	depth: { verb: 'dip-fire', field: 'depth', also: {} }
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
	const act = ofFires.find(({ verb }) => verb === verbOfTap(values));
	if (!act) return undefined;
	const meant = valuesOfTap(values);
	const found: Record<string, unknown> = {};
	for (const field of act.fields) {
		const typed = meant[field.name]?.trim() ?? '';
		if (typed === '') {
			if (!field.isOptional) return undefined;
			continue;
		}
		if (!('reads' in field)) {
			found[field.key] = typed;
			continue;
		}
		const read = readField(typed, field.reads, context);
		if (read.status !== 'ok') return undefined;
		found[field.key] = read.value;
	}
	return { ...found, is: tapKinds[act.what as TapWhat] } as Told;
}
