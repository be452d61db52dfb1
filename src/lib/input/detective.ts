import { z } from 'zod';
import {
	causeIds,
	clueIds,
	signIds,
	rescueStepIds,
	testIds,
	type CauseId,
	type ClueId,
	type RescueStepId,
	type SignId,
	type TestId
} from '../core/detective';
import { complain, maybeText, oneOf, type Check } from './form';

/** What was seen on a bed, what was looked for in vain, and what was asked. */
export interface SignsInput {
	readonly bed: string;
	readonly seen: readonly SignId[];
	readonly vain: readonly SignId[];
	readonly asked: readonly ClueId[];
}

export interface BedTestInput extends SignsInput {
	readonly test: TestId;
	readonly isSo: boolean;
}

export interface RescueInput {
	readonly bed: string;
}

export const rescueSchema = (bed: string) => z.object({}).transform((): RescueInput => ({ bed }));

export interface RescueStepInput {
	readonly bed: string;
	readonly step: RescueStepId;
}

export const rescueStepSchema = (bed: string) =>
	z
		.object({ step: oneOf([...rescueStepIds]) })
		.transform(({ step }): RescueStepInput => ({ bed, step }));

export interface CloseCaseInput {
	readonly bed: string;
	readonly outcome: 'right' | 'wrong' | 'unclear';
	readonly cause?: CauseId;
	readonly between?: string;
}

/** Ids with blanks or lines between, as hidden fields and boxes of one name send them; others are passed by. */
const idsOf =
	<T extends string>(known: readonly T[]) =>
	(typed: string): readonly T[] => {
		const said = typed.split(/\s+/);
		return known.filter((id) => said.includes(id));
	};
const list = <T extends string>(known: readonly T[]) => maybeText(2000).transform(idsOf(known));

const said = { seen: list(signIds), vain: list(signIds), asked: list(clueIds) };
/** Seen is seen, whatever box was ticked besides. */
const notBoth = <T extends { readonly seen: readonly SignId[]; readonly vain: readonly SignId[] }>(
	typed: T
) => ({ ...typed, vain: typed.vain.filter((id) => !typed.seen.includes(id)) });

function refuseNothing(
	{ seen, vain }: { readonly seen: readonly SignId[]; readonly vain: readonly SignId[] },
	ctx: Check
): void {
	if (seen.length + vain.length === 0) complain(ctx, 'seen', 'no-signs');
}

export const signsSchema = (bed: string) =>
	z
		.object(said)
		.superRefine(refuseNothing)
		.transform((typed): SignsInput => notBoth({ bed, ...typed }));

export const bedTestSchema = (bed: string) =>
	z
		.object({
			...said,
			test: oneOf(testIds as [TestId, ...TestId[]]),
			so: oneOf(['yes', 'no'])
		})
		.transform(({ so, ...typed }): BedTestInput => notBoth({ bed, ...typed, isSo: so === 'yes' }));

export const closeCaseSchema = (bed: string) =>
	z
		.object({
			outcome: oneOf(['right', 'wrong', 'unclear']),
			trueCause: maybeText(40),
			between: maybeText(200)
		})
		.transform(({ outcome, trueCause, between }): CloseCaseInput => {
			const cause = causeIds.find((id) => id === trueCause);
			return {
				bed,
				outcome,
				...(outcome === 'wrong' && cause ? { cause } : {}),
				...(between === '' ? {} : { between })
			};
		});

/** What an address says of it: the page that is worked out as one ticks, without script. */
export const signsAsked = (params: URLSearchParams): Omit<SignsInput, 'bed'> => {
	const of = <T extends string>(name: string, known: readonly T[]) =>
		idsOf(known)(params.getAll(name).join(' '));
	return notBoth({
		seen: of('seen', signIds),
		vain: of('vain', signIds),
		asked: of('asked', clueIds)
	});
};
