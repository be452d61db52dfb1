import { z } from 'zod';
import { schools, type CressTest, type SchoolId } from '../core/charging';
import { isMaterial, readMeasure, type Measure, type MaterialId } from '../core/materials';
import { celsius, litres, type Part, type Litres, type Celsius } from '../core/units';
import {
	fields,
	ids,
	maybeText,
	oneOf,
	raiseRead,
	optional,
	text,
	unused,
	type Check,
	type Reading,
	type Values
} from './form';
import { limits } from './limits';

export interface ChargeInput {
	readonly char: string;
	readonly part: Part;
	readonly school: SchoolId;
	readonly partner: MaterialId;
	/** A lot of it in stock, or undefined when it is brought in now. */
	readonly partnerLot?: string | undefined;
	/** Litres of partner to one of char (solids). */
	readonly ratio: number;
	/** g mineral N wanted per kg dry char (soaks). */
	readonly wantedN: number;
	/** What really went in, where it was not what the recipe asked for. */
	readonly really?:
		{ readonly partner?: Measure | undefined; readonly water?: Litres | undefined } | undefined;
	readonly tub?: string | undefined;
	readonly temperature: Celsius;
}

export interface TestInput {
	readonly code: string;
	readonly passed: boolean;
	readonly cress?: CressTest | undefined;
}

export interface JoinInput {
	/** The batch that goes on, and the one that goes into it. */
	readonly into: string;
	readonly code: string;
	readonly part: Part;
}

export interface SplitInput {
	readonly code: string;
	readonly part: Part;
}

export interface MoveInput {
	readonly code: string;
	/** The vessel it stands in from now on; none named is a heap or sack. */
	readonly vessel?: string | undefined;
}

export interface TendInput {
	readonly code: string;
	readonly how: 'stirred' | 'turned';
}

/** What is added: part of a lot in stock, or so much of a material brought in now. */
export type Addition =
	| { readonly from: string; readonly part: Part }
	| { readonly material: MaterialId; readonly measure: Measure };

export interface TopUpInput {
	readonly code: string;
	readonly add: Addition;
}

/** Litres, own measures or kilograms as used. */
export const measureField = (reading: Reading) =>
	z.string({ error: 'bad-empty' }).transform((typed, ctx): Measure => {
		const read = readMeasure(typed, reading);
		if (read.status === 'ok') return read.measure;
		return raiseRead(read, ctx);
	});

/** The partner field names a kind to bring in, or a lot in the books as `lot:M3:urine`. */
export function chargeSchema(reading: Reading, values: Values) {
	const { part, quantity } = fields(reading);
	const soak = schools.find(({ id }) => id === values.school)?.kind === 'soak';
	return z
		.object({
			char: text(12),
			part: optional(part(limits.charge.part)),
			school: oneOf(ids(schools)),
			partner: text(60),
			ratio: soak ? unused : quantity(limits.charge.ratio),
			wantedN: soak ? quantity(limits.charge.wantedN) : unused,
			tub: optional(z.string().max(60)),
			reallyPartner: optional(measureField(reading)),
			reallyWater: optional(quantity(limits.charge.reallyWater, litres)),
			temperature: quantity(limits.charge.temperature, celsius)
		})
		.transform((typed, ctx): ChargeInput => {
			const lot = /^lot:(M\d{1,7}):(.+)$/.exec(typed.partner);
			const partner = lot?.[2] ?? typed.partner;
			if (!isMaterial(partner)) {
				ctx.addIssue({ code: 'custom', message: 'choose', path: ['partner'] });
				return z.NEVER;
			}
			return {
				char: typed.char,
				part: typed.part ?? 'all',
				school: typed.school,
				partner,
				partnerLot: lot?.[1],
				ratio: soak ? 1 : (typed.ratio as number),
				wantedN: soak ? (typed.wantedN as number) : 5,
				tub: soak ? typed.tub : undefined,
				really: { partner: typed.reallyPartner, water: typed.reallyWater },
				temperature: typed.temperature
			};
		});
}

const cressNames = [
	'germinated',
	'seeds',
	'root',
	'controlGerminated',
	'controlSeeds',
	'controlRoot'
] as const;

/** The school's own test, and the cress test when any of its six numbers is given. */
export function testSchema(reading: Reading, code: string, values: Values) {
	const { quantity } = fields(reading);
	const given = cressNames.some((name) => values[name]?.trim());
	const cell = given ? quantity(limits.cress) : unused;
	return z
		.object({
			passed: oneOf(['yes', 'no']),
			...Object.fromEntries(cressNames.map((name) => [name, cell]))
		})
		.transform((typed): TestInput => {
			const cells = typed as Record<string, number | string>;
			const at = (name: (typeof cressNames)[number]) => Number(cells[name]);
			const cress: CressTest | undefined = given
				? {
						germinated: at('germinated'),
						seeds: at('seeds'),
						meanRoot_mm: at('root'),
						controlGerminated: at('controlGerminated'),
						controlSeeds: at('controlSeeds'),
						controlMeanRoot_mm: at('controlRoot')
					}
				: undefined;
			return { code, passed: typed.passed === 'yes', cress };
		});
}

/** What is added: `lot:M3` for part of a lot in stock, or a material brought in now. */
export function topUpSchema(reading: Reading, code: string, values: Values) {
	const { part } = fields(reading);
	const isLot = values.add?.startsWith('lot:') ?? false;
	return z
		.object({
			add: text(60),
			amount: isLot ? part(limits.batch.part) : measureField(reading)
		})
		.transform(({ add, amount }, ctx): TopUpInput => ({ code, add: additionOf(add, amount, ctx) }));
}

function additionOf(add: string, amount: unknown, ctx: Check): Addition {
	if (add.startsWith('lot:')) return { from: add.slice(4), part: amount as Part };
	if (isMaterial(add)) return { material: add, measure: amount as Measure };
	ctx.addIssue({ code: 'custom', message: 'choose', path: ['add'] });
	return z.NEVER;
}

export const tendSchema = (_reading: Reading, code: string) =>
	z
		.object({ how: oneOf(['stirred', 'turned']) })
		.transform(({ how }): TendInput => ({ code, how }));

export const moveSchema = (_reading: Reading, code: string) =>
	z
		.object({ vessel: maybeText(60) })
		.transform(({ vessel }): MoveInput => ({ code, vessel: vessel === '' ? undefined : vessel }));

export const splitSchema = (reading: Reading, code: string) =>
	z
		.object({ part: fields(reading).part(limits.batch.part) })
		.transform(({ part }): SplitInput => ({ code, part }));

export const joinSchema = (reading: Reading, code: string) =>
	z
		.object({ into: text(12), part: optional(fields(reading).part(limits.batch.part)) })
		.transform(({ into, part }): JoinInput => ({ code, into, part: part ?? 'all' }));
