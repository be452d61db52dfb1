import {
	kilograms,
	litres,
	parseMass,
	parseVolume,
	type Parsed,
	type ParseContext
} from '../units';
import type { Measure } from './brings';

export type ReadMeasure =
	{ readonly status: 'ok'; readonly measure: Measure } | Exclude<Parsed, { status: 'ok' }>;

const most = 1e6;

/**
 * An amount as people have it: litres or own measures, or what the scale says. A bare number is litres
 * or US gallons, as everywhere.
 * @example readMeasure('20 kg') // { status: 'ok', measure: { kg: 20 } }
 */
export function readMeasure(text: string, context: ParseContext = {}): ReadMeasure {
	const volume = parseVolume(text, context);
	if (volume.status === 'ok')
		return volume.value <= most
			? { status: 'ok', measure: { litres: litres(volume.value) } }
			: { status: 'bad', code: 'number', part: text.trim() };
	if (volume.status === 'ask') return volume;
	const mass = parseMass(text, context);
	if (mass.status === 'ok' && mass.value <= most)
		return { status: 'ok', measure: { kg: kilograms(mass.value) } };
	return volume;
}
