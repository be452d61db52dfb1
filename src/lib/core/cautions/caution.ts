/** Figures and names that the words of a caution need. */
export type Facts = Readonly<Record<string, string | number>>;

/** `never`: no reason makes it right. `ask`: the grower may have one. `tell`: said, and nothing asked. */
export type Weight = 'never' | 'ask' | 'tell';

/** What a rule found: of which of several, with what figures, and on which day it is over by itself. */
export interface Found {
	/** Which of several like it: a bed, a part, a lot. */
	readonly of?: string | undefined;
	readonly facts?: Facts;
	readonly lifts_ms?: number | undefined;
}

/** A row of a table: what speaks against an act of one kind, how much it weighs, and who says so. */
export interface Rule<Case> {
	readonly code: string;
	readonly weight: Weight;
	/** Far from the usual rather than wrong: that it is so answers it, without a reason. */
	readonly isSlip?: boolean;
	/** In which case, for the list of all cautions. */
	readonly when: string;
	/** What lifts it, for the same list. */
	readonly lifted: string;
	readonly source: string;
	readonly finds: (of: Case) => Found | readonly Found[] | false | undefined;
}

/** What speaks against an act. */
export interface Caution {
	readonly code: string;
	readonly of?: string | undefined;
	readonly weight: Weight;
	readonly isSlip: boolean;
	readonly facts: Facts;
	readonly lifts_ms?: number | undefined;
	readonly source: string;
}

const weights: readonly Weight[] = ['never', 'ask', 'tell'];

/** What speaks against a case: first what is never right, then what is asked, then what is only told; each in the order of its table. */
export const judge = <Case>(rules: readonly Rule<Case>[], of: Case): readonly Caution[] =>
	inOrder(rules.flatMap((rule) => cautionsOf(rule, of)));

/** Cautions of several judgements in one order. */
export const inOrder = (cautions: readonly Caution[]): readonly Caution[] =>
	weights.flatMap((weight) => cautions.filter((one) => one.weight === weight));

function cautionsOf<Case>(rule: Rule<Case>, of: Case): readonly Caution[] {
	const found = rule.finds(of);
	if (!found) return [];
	const { code, weight, isSlip = false, source } = rule;
	return (Array.isArray(found) ? (found as readonly Found[]) : [found as Found]).map((one) => ({
		code,
		weight,
		isSlip,
		source,
		of: one.of,
		facts: { ...one.facts, ...(one.lifts_ms === undefined ? {} : { until_ms: one.lifts_ms }) },
		lifts_ms: one.lifts_ms
	}));
}

/** What a caution is answered by: its code, and which of several it is. */
export const keyOf = ({ code, of }: Pick<Caution, 'code' | 'of'>): string =>
	of === undefined ? code : `${code}-${of}`;

/** Each one time, where several beds of a round find the same of their lot. */
export const onceEach = (cautions: readonly Caution[]): readonly Caution[] => [
	...new Map(inOrder(cautions).map((one) => [`${one.weight} ${keyOf(one)}`, one])).values()
];

export const asks = (cautions: readonly Caution[]): readonly Caution[] =>
	cautions.filter(({ weight }) => weight === 'ask');
