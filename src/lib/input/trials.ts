import { z } from 'zod';
import {
	armKinds,
	measureIds,
	orders,
	type Arm,
	type ArmKind,
	type MeasureId,
	type Order
} from '../core/trials';
import { complain, fields, maybeText, oneOf, optional, text, ticked, type Reading } from './form';
import { inUnitOfMeasure, trialLimits, valueLimits } from './limits-of-trials';

/** So many arms have a line in the form. */
export const mostArms = 6;
export const armNumbers = Object.freeze(Array.from({ length: mostArms }, (_, i) => i + 1));
const measure = oneOf(measureIds as [MeasureId, ...MeasureId[]]);

export interface PlanTrialInput {
	readonly question: string;
	readonly unit: 'pot' | 'plot';
	readonly arms: readonly Arm[];
	readonly blocks: number;
	readonly order: Order;
	readonly seed: number;
	readonly differs?: string;
	readonly isBlind: boolean;
	readonly measures: readonly MeasureId[];
	readonly bed?: string;
}

/** A question, its arms, and how they stand. */
export const planTrialSchema = (reading: Reading) => {
	const { quantity } = fields(reading);
	return z
		.looseObject({
			question: text(120),
			unit: oneOf(['pot', 'plot']).default('pot'),
			blocks: quantity(trialLimits.blocks, Math.round),
			order: oneOf([...orders]).default('drawn'),
			seed: maybeText(12),
			differs: maybeText(60),
			blind: ticked,
			measure,
			measure2: maybeText(20),
			bed: maybeText(60)
		})
		.transform((typed, ctx): PlanTrialInput => {
			const arms = armNumbers.flatMap((n) => armOf(typed, n, reading, ctx) ?? []);
			if (arms.length < 2) complain(ctx, 'arm2', 'few-arms');
			const second = measureIds.find((id) => id === typed.measure2);
			return {
				question: typed.question,
				unit: typed.unit,
				arms,
				blocks: typed.blocks,
				order: typed.order,
				seed: /^\d{1,9}$/.test(typed.seed) ? Number(typed.seed) : 1,
				...(typed.differs === '' ? {} : { differs: typed.differs }),
				isBlind: typed.blind,
				measures: second && second !== typed.measure ? [typed.measure, second] : [typed.measure],
				...(typed.bed === '' ? {} : { bed: typed.bed })
			};
		});
};

function armOf(
	typed: Readonly<Record<string, unknown>>,
	n: number,
	reading: Reading,
	ctx: z.core.$RefinementCtx
): Arm | undefined {
	const told = (field: string) => {
		const said = typed[`${field}${n}`];
		return typeof said === 'string' ? said.trim() : '';
	};
	const kind = armKinds.find((one): one is ArmKind => one === told('arm'));
	if (!kind) return undefined;
	const share = optional(fields(reading).quantity(trialLimits.share)).safeParse(told('share'));
	if (!share.success) complain(ctx, `share${n}`, 'bad-number', { part: told('share') });
	const name = told('called').slice(0, 40);
	return {
		kind,
		...(share.data === undefined ? {} : { share: Number(share.data) }),
		...(name === '' ? {} : { name })
	};
}

export interface LookInput {
	readonly trial: string;
	readonly unit: number;
	readonly measure: MeasureId;
	readonly value: number;
}

/** One pot or plot, and one figure. */
export const lookSchema = (
	reading: Reading,
	trial: string,
	values: Readonly<Record<string, string>>
) => {
	const { quantity } = fields(reading);
	const id = measureIds.find((one) => one === values.measure) ?? 'score';
	const by = inUnitOfMeasure[id] ?? 1;
	return z
		.object({
			unit: quantity(trialLimits.unit, Math.round),
			measure,
			value: quantity(valueLimits[id], (value) => Number((value * by).toPrecision(12)))
		})
		.transform((typed): LookInput => ({ trial, ...typed }));
};

export interface LostInput {
	readonly trial: string;
	readonly unit: number;
	readonly why?: string;
}

export const lostSchema = (reading: Reading, trial: string) =>
	z
		.object({ unit: fields(reading).quantity(trialLimits.unit, Math.round), why: maybeText(120) })
		.transform(({ unit, why }): LostInput => ({ trial, unit, ...(why === '' ? {} : { why }) }));

export interface StripLookInput {
	readonly bed: string;
	readonly measure: MeasureId;
	readonly untreated: number;
	readonly treated: number;
}

/** A bed beside its strip, in one measure. */
export const stripLookSchema = (reading: Reading, values: Readonly<Record<string, string>>) => {
	const { quantity } = fields(reading);
	const id = measureIds.find((one) => one === values.measure) ?? 'score';
	const by = inUnitOfMeasure[id] ?? 1;
	// What was weighed or counted of a strip has no bounds of a score.
	const limit = id === 'score' ? { ...valueLimits.score, low: 0, high: 10 } : valueLimits[id];
	const value = () => quantity(limit, (read) => Number((read * by).toPrecision(12)));
	return z
		.object({ bed: text(60), measure, untreated: value(), treated: value() })
		.transform((typed): StripLookInput => typed);
};

/** All of a trial's pots stand elsewhere. */
export interface MoveTrialInput {
	readonly trial: string;
	readonly where: string;
}

export const moveTrialSchema = (trial: string) =>
	z.object({ where: text(60) }).transform(({ where }): MoveTrialInput => ({ trial, where }));

export interface TrialInput {
	readonly trial: string;
}

export const trialSchema = (trial: string) => z.object({}).transform((): TrialInput => ({ trial }));

/** A strip of a bed is left as it is until it is looked at. */
export interface LeaveStripInput {
	readonly bed: string;
	/** Until its one look. */
	readonly weeks: number;
}

export const leaveStripSchema = (reading: Reading) =>
	z.object({
		bed: text(60),
		weeks: fields(reading).quantity(trialLimits.weeks, Math.round)
	});

export interface EndTrialInput {
	readonly trial: string;
	readonly why?: string;
}

export const endTrialSchema = (trial: string) =>
	z
		.object({ why: maybeText(200) })
		.transform(({ why }): EndTrialInput => ({ trial, ...(why === '' ? {} : { why }) }));
