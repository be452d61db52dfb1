import { isZone } from '../core/time';
import { z } from 'zod';
import { foldName, litres, type OwnMeasure } from '../core/units';
import type { System } from '../core/units';
import { fields, maybeText, oneOf, optional, refuseMisread, text, type Reading } from './form';
import { limits } from './limits';

export interface Settings {
	readonly place: string;
	/** Degrees, north and east positive; both or neither say where the sun sets. */
	readonly latitude: number | null;
	readonly longitude: number | null;
	readonly timeZone: string;
	/** Undefined until somebody chose: doubtful units are then asked back. */
	readonly system?: System;
	/** Of ISO 4217. */
	readonly currency?: string;
	/** The day a week begins with: 1 for Monday, 6 for Saturday, 7 for Sunday. */
	readonly firstWeekday?: number;
	readonly people: readonly string[];
}

const zone = text(60).superRefine((typed, ctx) => {
	if (!isZone(typed))
		ctx.addIssue({ code: 'custom', message: 'bad-zone', params: { part: typed } });
});

const currencies: ReadonlySet<string> = new Set(Intl.supportedValuesOf('currency'));

const currency = optional(
	z
		.string()
		.transform((typed) => typed.trim().toUpperCase())
		.superRefine((typed, ctx) => {
			if (!currencies.has(typed))
				ctx.addIssue({ code: 'custom', message: 'bad-currency', params: { part: typed } });
		})
);

/** Degrees north or east; south and west are below nought. */
const degrees = (most: number) =>
	optional(
		z.string().transform((typed, ctx): number => {
			const value = Number(typed.trim().replace(',', '.').replace('−', '-'));
			if (Number.isFinite(value) && Math.abs(value) <= most) return value;
			ctx.addIssue({
				code: 'custom',
				message: Number.isFinite(value) ? 'out-of-range-number' : 'bad-number',
				params: { part: typed, low: -most, high: most }
			});
			return z.NEVER;
		})
	);

export function settingsSchema() {
	return z
		.object({
			place: maybeText(80),
			latitude: degrees(90),
			longitude: degrees(180),
			timeZone: zone,
			system: oneOf(['metric', 'us']),
			currency,
			firstWeekday: optional(oneOf(['1', '6', '7'])),
			people: maybeText(600)
		})
		.transform((typed): Settings => ({
			place: typed.place,
			latitude: typed.latitude ?? null,
			longitude: typed.longitude ?? null,
			timeZone: typed.timeZone,
			system: typed.system,
			...(typed.currency === undefined ? {} : { currency: typed.currency }),
			...(typed.firstWeekday === undefined ? {} : { firstWeekday: Number(typed.firstWeekday) }),
			people: [
				...new Set(
					typed.people
						.split(/[,\n]/)
						.map((name) => name.trim().slice(0, 60))
						.filter(Boolean)
				)
			].slice(0, 20)
		}));
}

export function measureSchema(reading: Reading) {
	const { quantity } = fields(reading);
	return z
		.object({
			measure: text(40)
				.transform(foldName)
				.pipe(
					z
						.string()
						.regex(/^[\p{L}][\p{L}\d '-]*$/u, { error: 'bad-name' })
						.superRefine(refuseMisread('measure'))
				),
			holds: quantity(limits.measure.holds, litres)
		})
		.transform(({ measure, holds }): OwnMeasure => ({
			name: measure.toLowerCase(),
			litres: holds
		}));
}
