import { proofLimits, type ProofStage, type ProofState, type SlotName } from '../core/fires';
import type { System } from '../core/units';
import { sayFromNow, sayMoment, type Almanac } from './dates';
import { sayWarmer } from './figure';
import { figured, said, type Sentence } from './sentence';
import { count, failingWords, list } from './words';

/** The looks of a series by their time of the day. */
export const slotWords: Readonly<Record<SlotName, string>> = {
	'half-hour': 'half an hour after the quench',
	'two-hours': 'two hours after the quench',
	sunset: 'at sunset, before dark',
	morning: 'at first light'
};

/** The same where a series was begun anew: its first check took the place of the half hour. */
const slotOf = (slot: SlotName, anew: boolean | undefined): string =>
	anew && slot === 'two-hours' ? 'an hour and a half after the first' : slotWords[slot];

/** "one of four checks passed" */
export const passedWords = ({ passed, of }: Pick<ProofState, 'passed' | 'of'>): string =>
	`${passed === 0 ? 'none' : count(passed, '', '').trim()} of ${count(of, 'check', 'checks')} passed`;

/** How far a fire is proven, for a row of a list. */
export function proofWords(proof: ProofState): string {
	switch (proof.stage) {
		case 'unproven':
			return proof.lapse === 'missed'
				? 'not proven out: a check was missed'
				: proof.lapse === 'failed'
					? 'not proven out: the last check failed'
					: 'not proven out: check it in three places';
		case 'once':
			return `cold so far: ${passedWords(proof)}`;
		case 'series':
			return 'proven out';
		case 'stored':
			return 'proven out and cooled off';
	}
}

/** Why a fire stands where it stands: what was found, or what was not looked at. */
export function proofReason(proof: ProofState): string {
	if (proof.lapse === 'failed')
		return `The last check did not pass: ${list((proof.lastFailings ?? []).map((f) => failingWords[f]))}. Rake it out thin, wet every white spot; the series starts again with the next check.`;
	if (proof.lapse === 'missed')
		return 'A check of its series was missed, so it counts as not proven: the series starts again with the next check.';
	if (proof.stage !== 'unproven') return `${capitalised(passedWords(proof))}.`;
	return proof.lastFailings === undefined
		? 'Nobody has checked it yet.'
		: 'What was looked at so far counts for no check: it was too early, or in fewer than three places.';
}

const capitalised = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** Which check is next and when; empty once the series is whole. */
export function nextCheckWords(
	{ next, overdue, lapse, anew }: ProofState,
	almanac: Almanac
): string {
	if (!next) return '';
	if (lapse)
		return overdue
			? 'The first check of a new series is wanted now.'
			: `The first check of a new series is wanted from ${sayMoment(next.at_ms, almanac)}.`;
	const until = next.until_ms === undefined ? '' : `, until ${sayMoment(next.until_ms, almanac)}`;
	return overdue
		? `The check ${slotOf(next.slot, anew)} is due: since ${sayMoment(next.at_ms, almanac)}${until}.`
		: `The next check is the one ${slotOf(next.slot, anew)}: ${sayMoment(next.at_ms, almanac)}, ${sayFromNow(next.at_ms, almanac)}.`;
}

/** What a stage of proof lets one do with the char. */
export function allowedWords(
	proof: ProofState,
	almanac: Almanac,
	system: System | undefined
): Sentence | string {
	switch (proof.stage) {
		case 'unproven':
			return 'Until three places pass at full depth its char counts as hot and cannot move on.';
		case 'once':
			return 'Its char may be handled, crushed damp, sunk under liquid or mixed into a wet heap outdoors, with somebody there and water at hand. It is not left alone or spread before the whole series has passed.';
		case 'series':
			return said`It may be left alone and its char spread. No bags, no dry store, no roof before ${sayMoment(proof.storedFrom_ms ?? 0, almanac)} and a check with its core no warmer than the air + ${figured(sayWarmer(proofLimits.coreAboveAir_C, system), 'rule', 'fires', 'cool-core')}.`;
		case 'stored':
			return 'Its char may be bagged, kept dry or under a roof.';
	}
}

/** What an act on char wants of the proof of its fire, as a refusal says it. */
export const neededWords: Readonly<
	Record<ProofStage, (burn: string, proof: string, system: System | undefined) => string>
> = {
	unproven: () => '',
	once: (burn) =>
		`Fire ${burn} is not proven out. Log a check that passes in three places before its char moves on.`,
	series: (burn, proof) =>
		`Fire ${burn} has ${proof}. Char is left on a bed only after the whole series; char that lay under liquid after one check when it is drained.`,
	stored: (burn, proof, system) =>
		`Dry or bagged char can heat itself: it wants the whole series of fire ${burn} (${proof}), ${proofLimits.storedAfter_h} h more, and a check with its core no warmer than the air + ${sayWarmer(proofLimits.coreAboveAir_C, system)}.`
};
