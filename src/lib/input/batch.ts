import { z } from 'zod';
import { readyChecks, type CressTest, type ReadyCheck } from '../core/charging';
import { isMaterial, type Measure, type MaterialId } from '../core/materials';
import type { Part } from '../core/units';
import { measureField } from './charging';
import {
	fields,
	maybeText,
	oneOf,
	optional,
	text,
	unused,
	type Check,
	type Reading,
	type Values,
	complain,
	ticked
} from './form';
import { limits } from './limits';

export interface TestInput {
	readonly code: string;
	/** What the cress says where it alone was asked. */
	readonly passed: boolean | 'by-cress';
	/** What was looked at one by one and is so. */
	readonly checks?: readonly ReadyCheck[] | undefined;
	/** Read in its liquid or a slurry of it. */
	readonly ph?: number | undefined;
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

/** What is added: part of a lot in stock, or so much of a material brought in now. */
export type Addition =
	| { readonly from: string; readonly part: Part }
	| { readonly material: MaterialId; readonly measure: Measure };

export interface TopUpInput {
	readonly code: string;
	readonly add: Addition;
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
export function testSchema(
	reading: Reading,
	code: string,
	values: Values,
	wanted: readonly ReadyCheck[] = []
) {
	const { quantity } = fields(reading);
	const given = cressNames.some((name) => values[name]?.trim());
	const cell = given ? quantity(limits.cress) : unused;
	return z
		.object({
			passed: oneOf(['yes', 'no', 'by-checks', 'by-cress']),
			checks: z
				.string()
				.default('')
				.transform((ticked) => readyChecks.filter((one) => ticked.split('\n').includes(one))),
			failed: ticked,
			ph: optional(quantity(limits.testPh)),
			...Object.fromEntries(cressNames.map((name) => [name, cell]))
		})
		.superRefine(({ passed, checks, failed }, ctx) => {
			if (passed === 'by-checks' && !failed) refuseHalfLooked(checks as ReadyCheck[], wanted, ctx);
			if (passed === 'by-cress' && !given) complain(ctx, 'germinated', 'bad-empty');
		})
		.transform((typed): TestInput => {
			const cells = typed as unknown as Record<string, number | string>;
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
			const byChecks = typed.passed === 'by-checks';
			const checks = typed.checks as readonly ReadyCheck[];
			return {
				code,
				passed: byChecks
					? !typed.failed
					: typed.passed === 'by-cress'
						? typed.passed
						: typed.passed === 'yes',
				...(byChecks || checks.length > 0 ? { checks } : {}),
				...(typed.ph === undefined ? {} : { ph: typed.ph as number }),
				cress
			};
		});
}

/** A test that looked at a part of it neither passes nor fails: the rest is asked for. */
function refuseHalfLooked(
	checks: readonly ReadyCheck[],
	wanted: readonly ReadyCheck[],
	ctx: Check
): void {
	const strange = checks.filter((one) => !wanted.includes(one));
	const missing = wanted.filter((one) => !checks.includes(one));
	// Nothing ticked may be nothing looked at: that it failed is said.
	if (checks.length === 0) complain(ctx, 'checks', 'tick-or-failed');
	else if (strange.length > 0) complain(ctx, 'checks', 'not-its-check', { checks: strange.join() });
	else if (missing.length > 0) complain(ctx, 'checks', 'checks-rest', { checks: missing.join() });
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
