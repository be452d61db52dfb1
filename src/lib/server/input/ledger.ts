import { z } from 'zod';
import { litres } from '../../core/units';
import type { DisposeInput, RecountInput } from '../usecases/count-lot';
import type { ReverseInput } from '../usecases/reverse-act';
import { fields, optional, text, ticked, type Reading } from './form';

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
export function disposeSchema(reading: Reading, code: string) {
	const { volume } = fields(reading);
	return z
		.object({ disposed: optional(volume(litres, 0.1, 500_000)), disposeReason: text(200) })
		.transform(({ disposed, disposeReason }): DisposeInput => ({
			code,
			part: disposed ?? 'all',
			reason: disposeReason
		}));
}
