/** The stages of the work by which hours are told, in the order in which they come. */
export const stages = Object.freeze([
	'gather',
	'cut',
	'carry',
	'load',
	'tend',
	'quench',
	'crush',
	'charge',
	'brew',
	'turn',
	'spread',
	'other'
] as const);
export type Stage = (typeof stages)[number];

/** Stages that go into a litre of char, before it is charged. */
export const charStages: ReadonlySet<Stage> = new Set([
	'gather',
	'cut',
	'carry',
	'load',
	'tend',
	'quench',
	'crush'
]);
/** Stages that make and turn what feeds. */
export const feedStages: ReadonlySet<Stage> = new Set(['charge', 'brew', 'turn']);

/** Where minutes that are told with an act belong: by its verb. What is not named here is other work. */
const verbsOf: Partial<Record<Stage, string>> = {
	gather: 'measure-stack read-moisture',
	carry: 'stock-up bring-ash char-in join-stacks split-stack move move-brew',
	load: 'plan-burn plan-day',
	tend: 'light-burn relit record-burn lay-layer see-fire tend-fire',
	quench: 'check-quench quench-water',
	crush: 'crush riddle analyse find-of-char',
	charge: 'charge drain top-up test-charge',
	brew: 'brew feed strain',
	turn: 'heap heap-add lift-heap turn stir moisten muck-out',
	spread: 'spread put-on-bed put-own drench pot-up'
};
const stageOfVerbs: ReadonlyMap<string, Stage> = new Map(
	stages.flatMap((stage) =>
		(verbsOf[stage] ?? '').split(' ').map((verb): [string, Stage] => [verb, stage])
	)
);

/** @example stageOfVerb('crush') // 'crush' */
export const stageOfVerb = (verb: string): Stage => stageOfVerbs.get(verb) ?? 'other';

/** Acts that tell hours or money by themselves: none took a time besides. */
const tellThemselves: ReadonlySet<string> = new Set([
	'log-hours',
	'share-hours',
	'log-paid',
	'tell-prices'
]);
export const tellsItself = (verb: string): boolean => tellThemselves.has(verb);

/** A share of a day is a guess: so many times more or less. Source: judged. */
export const guessed = 1.3;
