import { z } from 'zod';
import { kgDry, litres, type Litres, type Part, type KgDry } from '../core/units';
import { fields, oneOf, optional, text, ticked, type Reading } from './form';
import { limits } from './limits';

export interface RecountInput {
	readonly code: string;
	/** What is really there now, litres as it lies. */
	readonly found: Litres;
	readonly reason: string;
}

/** How something leaves the yard otherwise than by the work. */
export type WayOut = 'dispose' | 'lose' | 'give-away';

export interface TakeAwayInput {
	readonly code: string;
	readonly part: Part;
	readonly how: WayOut;
	/** Where it went and why. */
	readonly reason: string;
}

export interface SampleInput {
	readonly code: string;
	readonly litres: Litres;
	/** Of the sample, dried. */
	readonly kg: KgDry;
}

export interface ReverseInput {
	readonly actId: string;
	/** Undo with it everything that rests on it. */
	readonly withDependents: boolean;
	/** Where the person stands now; shown again afterwards. */
	readonly backTo: string;
}

export function reverseSchema(backTo: string) {
	return z
		.object({ act: text(64), withDependents: ticked })
		.transform(({ act, withDependents }): ReverseInput => ({ actId: act, withDependents, backTo }));
}

export function recountSchema(reading: Reading, code: string) {
	const { quantity } = fields(reading);
	return z
		.object({ found: quantity(limits.recount.found, litres), recountReason: text(200) })
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
			taken: optional(part(limits.takeAway.taken)),
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
	const { quantity } = fields(reading);
	return z
		.object({
			sampleVolume: quantity(limits.sample.sampleVolume, litres),
			sampleMass: quantity(limits.sample.sampleMass, kgDry)
		})
		.transform(({ sampleVolume, sampleMass }): SampleInput => ({
			code,
			litres: sampleVolume,
			kg: sampleMass
		}));
}
