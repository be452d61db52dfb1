import {
	litres,
	parseNumber,
	parseVolume,
	type Litres,
	type Parsed,
	type ParseContext
} from '../units';
import { wateringRates } from './data/rates';
import type { WaterSize } from './targets';
import type { WateringAsk } from './watering-ask';

export type ReadWatering =
	{ readonly status: 'ok'; readonly ask: WateringAsk } | Exclude<Parsed, { status: 'ok' }>;

const squareFoot_m2 = 0.3048 ** 2;

/**
 * An amount of watering as people say it: "24 L", "2 cans", "3 L/m2", "1 gal per sq ft", "10 L a tree", "12 plants".
 * @example readWatering('3 L/m2', {}) // { status: 'ok', ask: { by: 'each', litres: 3 } }
 */
export function readWatering(text: string, context: ParseContext): ReadWatering {
	const plants = /^(.+?)\s*plants?$/i.exec(text.trim());
	if (plants) {
		const n = parseNumber(plants[1] ?? '');
		return n.status === 'ok' ? { status: 'ok', ask: { by: 'plants', n: n.value } } : n;
	}
	const each =
		/^(.+?)\s*(?:\/|\bper\b|\bto the\b|\ban?\b|\beach\b)\s*(m2|m²|sqm|sq ?m|square met(?:re|er)|ft2|ft²|sq ?ft|square f(?:oo|ee)t|trees?|pots?|plants?)?$/i.exec(
			text.trim()
		);
	const read = parseVolume(each?.[1] ?? text, context);
	if (read.status !== 'ok') return read;
	if (!each) return { status: 'ok', ask: { by: 'all', litres: read.value } };
	const perFoot = /f(?:oo|ee)?t/i.test(each[2] ?? '') && !/met/i.test(each[2] ?? '');
	return { status: 'ok', ask: { by: 'each', litres: read.value / (perFoot ? squareFoot_m2 : 1) } };
}

/** The litres that it comes to on a target, diluted. */
export function wateringOf(ask: WateringAsk, { watered, size }: WaterSize, pieces = 1): Litres {
	if (ask.by === 'all') return litres(ask.litres);
	if (ask.by === 'plants') return litres(ask.n * wateringRates.plants.usual);
	return litres(ask.litres * (watered === 'pots' ? pieces : size));
}
