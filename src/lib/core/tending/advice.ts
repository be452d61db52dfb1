import { inMinutes } from '../time';
import type { WayId } from '../fires';
import type { Bed } from './amount';
import { smokesNow, type Course } from './course';
import type { Pace, Timing } from './pace';
import { throughAt, type Stage } from './stages';

/** What a fire says to the person beside it, by a code whose words stand at the edge. */
export type AdviceCode =
	| 'given-up'
	| 'smoulders'
	| 'water-on'
	| 'white-now'
	| 'late'
	| 'fed-early'
	| 'fed-late'
	| 'heavy'
	| 'flames-high'
	| 'gusty'
	| 'full'
	| 'stock-out'
	| 'fine-last'
	| 'thick-now'
	| 'thick-no-more'
	| 'thick-too-soon'
	| 'too-cool'
	| 'cap-late'
	| 'look-at-floor'
	| 'gas-still'
	| 'never-lit'
	| 'smokes'
	| 'embers-gas';

export interface Advice {
	readonly code: AdviceCode;
	readonly facts: Readonly<Record<string, number>>;
}

/**
 * Thick pieces go in around the middle and never last; past seven tenths they come out as brands. From nine tenths on
 * only fine stuff; nothing more where it is full. Source: burn practice.
 */
export const feedingLimits = Object.freeze({
	thickFrom: 0.25,
	thickUntil: 0.7,
	fineFrom: 0.85,
	full: 0.95,
	/** Below it much tar stays, °C. */
	cool_C: 400,
	/** Gusts within so many minutes still count. */
	gustFor_min: 5,
	/** A barrel is looked at so often, and is late by so many minutes from its front's end on. */
	look_min: 10,
	capWithin_min: 5,
	/** Of its char, each so many minutes that it is capped late. */
	capLoss: { low: 0.05, high: 0.1, each_min: 5 },
	/** Without a sign by then it has not caught. */
	caught_min: 20
});

/** What is known of a fire at a moment. */
export interface Tended {
	readonly way: WayId;
	readonly stage: Stage;
	readonly course: Course;
	readonly bed: Bed;
	readonly pace?: Pace | undefined;
	/** How its last layer came. */
	readonly timing?: Timing | undefined;
	/** Dry wood that was set down for it, kg. */
	readonly load_kg?: number | undefined;
	/** Water that went on and what it wants at least, L. */
	readonly water: { readonly used_l: number; readonly least_l: number };
	/** From lit to through, minutes, as it is expected. */
	readonly front?: { readonly low: number; readonly high: number } | undefined;
}

type Rule = (of: Tended, now_ms: number) => Advice | readonly Advice[] | undefined;

const say = (code: AdviceCode, facts: Advice['facts'] = {}): Advice => ({ code, facts });
const minutesSince = (moment_ms: number, now_ms: number) =>
	Math.max(0, inMinutes(now_ms - moment_ms));

const ofFeeding: Rule = ({ stage, course, bed, pace, timing, load_kg }, now_ms) => {
	if (stage !== 'feeding') return undefined;
	const last = course.layers.at(-1);
	const full = bed.full.value;
	const said: Advice[] = [];
	if (full >= feedingLimits.full) said.push(say('full', { full }));
	else if (load_kg !== undefined && bed.wood.value >= load_kg * 0.98) said.push(say('stock-out'));
	if (pace?.isSeen)
		said.push(say('white-now', { min: minutesSince(last?.white_ms ?? now_ms, now_ms) }));
	else if (pace && now_ms > pace.high_ms)
		said.push(say('late', { min: minutesSince(pace.high_ms, now_ms) }));
	if (last?.isHigh) said.push(say(timing === 'early' ? 'fed-early' : 'flames-high'));
	else if (timing === 'early') said.push(say('fed-early'));
	else if (timing === 'late') said.push(say('fed-late'));
	if (last?.isSmoky) said.push(say('heavy'));
	if (full >= feedingLimits.fineFrom && full < feedingLimits.full)
		said.push(say('fine-last', { full }));
	else if (full >= feedingLimits.thickUntil) said.push(say('thick-no-more', { full }));
	else if (full >= feedingLimits.thickFrom) said.push(say('thick-now', { full }));
	if (last?.pieces === 'thick-pieces' && full < feedingLimits.thickFrom)
		said.push(say('thick-too-soon', { full }));
	return said;
};

const ofWeather: Rule = ({ course, stage }, now_ms) => {
	const last = course.gusts.at(-1);
	const isNear = last !== undefined && minutesSince(last, now_ms) < feedingLimits.gustFor_min;
	return isNear && stage !== 'quenched' ? say('gusty') : undefined;
};

const ofHeat: Rule = ({ course, stage }, now_ms) => {
	const last = course.heats.at(-1);
	if (!last || stage === 'quenched' || minutesSince(last.at_ms, now_ms) > 30) return undefined;
	return last.c < feedingLimits.cool_C && course.layers.length > 2
		? say('too-cool', { c: last.c })
		: undefined;
};

const ofBarrel: Rule = ({ way, stage, course, front }, now_ms) => {
	if (way !== 'barrel' || course.lit_ms === undefined) return undefined;
	const burning = minutesSince(course.lit_ms, now_ms);
	if (stage === 'burner' && burning > feedingLimits.caught_min)
		return say('never-lit', { min: burning });
	const through_ms = throughAt(course);
	if (through_ms !== undefined && (stage === 'through' || stage === 'stirred')) {
		const late = minutesSince(through_ms, now_ms);
		const { each_min, low, high } = feedingLimits.capLoss;
		const times = Math.floor(late / each_min);
		return say('cap-late', { min: late, low: low * times, high: high * times });
	}
	if (stage === 'front' && front && burning >= front.low)
		return say('look-at-floor', { min: burning, low: front.low, high: front.high });
	return undefined;
};

const ofRetort: Rule = ({ stage }) =>
	stage === 'steaming' || stage === 'gassing' ? say('gas-still') : undefined;

const ofPail: Rule = ({ stage }) => (stage === 'skimming' ? say('embers-gas') : undefined);

const ofQuench: Rule = ({ stage, course, water }, now_ms) => {
	if (stage === 'quenching') return say('water-on', { ...water });
	if (stage !== 'quenched') return undefined;
	const smoke = smokesNow(course);
	const isShort = water.used_l < water.least_l;
	const smokesOn = smoke !== undefined && smoke.from_ms >= (course.quenched_ms ?? now_ms);
	return smokesOn || (isShort && water.used_l > 0) ? say('smoulders', { ...water }) : undefined;
};

const ofSmoke: Rule = ({ course, stage }, now_ms) => {
	const smoke = smokesNow(course);
	if (!smoke || smoke.is !== 'thick' || stage === 'quenched') return undefined;
	return say('smokes', { min: minutesSince(smoke.from_ms, now_ms) });
};

const rules: readonly Rule[] = [
	ofQuench,
	ofBarrel,
	ofRetort,
	ofPail,
	ofFeeding,
	ofWeather,
	ofHeat,
	ofSmoke
];

/** What is said, the most pressing first. Never that a fire may be left. */
export const adviceOf = (of: Tended, now_ms: number): readonly Advice[] =>
	rules.flatMap((rule) => rule(of, now_ms) ?? []);
