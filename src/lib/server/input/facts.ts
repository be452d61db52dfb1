import { z } from 'zod';
import { celsius } from '../../core/units';
import type { RemarkInput, Seen, TemperatureInput } from '../usecases/see-fact';
import { fields, text, type Reading } from './form';

export function remarkSchema(at: Seen['at'], name: string) {
	return z
		.object({ words: text(1000) })
		.transform(({ words }): RemarkInput => ({ at, name, words }));
}

export function temperatureSchema(reading: Reading, at: 'lot' | 'fire', name: string) {
	return z
		.object({ temperature: fields(reading).temperature(celsius, -30, 1300) })
		.transform(({ temperature }): TemperatureInput => ({ at, name, temperature }));
}
