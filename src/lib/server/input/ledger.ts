import { z } from 'zod';
import { kgDry, litres } from '../../core/units';
import type { RecountInput, TakeAwayInput } from '../usecases/count-lot';
import type { SampleInput } from '../usecases/re-measure-char';
import type { ReverseInput } from '../usecases/reverse-act';
import { fields, oneOf, optional, text, ticked, type Reading } from './form';

export function reverseSchema(backTo: string) {
	return z
		.object({ act: text(64), withDependents: ticked })
		.transform(({ act, withDependents }): ReverseInput => ({ actId: act, withDependents, backTo }));
}

export function recountSchema(reading: Reading, code: string) {
	const { volume } = fields(reading);
	return z
		.object({ found: volume(litres, 0, 500_000), recountReason: text(200) })
		.transform(({ found, recountReason }): RecountInput => ({
			code,
			found,
			reason: recountReason
		}));
}

/** An empty amount means all of it. */
export function takeAwaySchema(reading: Reading, code: string) {
	const { part } = fields(reading);
	return z
		.object({
			how: oneOf(['dispose', 'lose', 'give-away']),
			taken: optional(part(500_000)),
			takenReason: text(200)
		})
		.transform(({ how, taken, takenReason }): TakeAwayInput => ({
			code,
			how,
			part: taken ?? 'all',
			reason: takenReason
		}));
}

/** One filled, struck off, dried and weighed measure of a char lot. */
export function sampleSchema(reading: Reading, code: string) {
	const { volume, mass } = fields(reading);
	return z
		.object({ sampleVolume: volume(litres, 0.1, 500), sampleMass: mass(kgDry, 0.01, 200) })
		.transform(({ sampleVolume, sampleMass }): SampleInput => ({
			code,
			litres: sampleVolume,
			kg: sampleMass
		}));
}
