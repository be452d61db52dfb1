import { z } from 'zod';
import { celsius, type Celsius } from '../core/units';
import { fields, text, type Reading } from './form';
import { limits } from './limits';

export interface RemarkInput extends Seen {
	readonly words: string;
}

/** A lot or fire by its code, a bed by its name. */
export interface Seen {
	readonly at: 'lot' | 'fire' | 'bed';
	readonly name: string;
}

export interface TemperatureInput extends Seen {
	readonly at: 'lot' | 'fire';
	readonly temperature: Celsius;
}

export function remarkSchema(at: Seen['at'], name: string) {
	return z
		.object({ words: text(1000) })
		.transform(({ words }): RemarkInput => ({ at, name, words }));
}

export function temperatureSchema(reading: Reading, at: 'lot' | 'fire', name: string) {
	return z
		.object({ temperature: fields(reading).quantity(limits.temperature.temperature, celsius) })
		.transform(({ temperature }): TemperatureInput => ({ at, name, temperature }));
}
