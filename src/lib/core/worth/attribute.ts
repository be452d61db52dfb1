import { woodClass, type WoodClassId } from '../woodyard';
import { charStages, type Stage } from './data/stages';
import type { Prices } from './data/prices';
import { headMinutes, type Worked } from './hours';
import { fallsTo, judgeEffort, type EachOf, type Judged } from './worth';

/** Hours with the things that they were told of, by their ids. */
export interface WorkTold extends Worked {
	readonly about: readonly number[];
}

export interface CashTold {
	readonly paid: number;
	readonly about: readonly number[];
}

/** A fire by what hours may be told of: itself, its wood, its char. */
export interface FireTold {
	readonly id: number;
	readonly charLotId: number;
	readonly charWood: WoodClassId;
	readonly charLitres: number;
	readonly stacks: readonly {
		readonly lotId: number;
		readonly name: string;
		readonly kg: number;
	}[];
}

export const litresOf = (burns: readonly FireTold[]) =>
	burns.reduce((sum, { charLitres }) => sum + charLitres, 0);

/** Fires of which, or of whose wood or char, somebody told hours, at one stage or at any. */
export function firesTold<F extends FireTold>(
	work: readonly WorkTold[],
	burns: readonly F[],
	stage?: Stage
): readonly F[] {
	const about = new Set(
		work
			.filter((one) => (stage ? one.stage === stage : charStages.has(one.stage)))
			.flatMap((one) => one.about)
	);
	return burns.filter((burn) => thingsOf(burn).some((id) => about.has(id)));
}

const thingsOf = ({ id, charLotId, stacks }: FireTold): readonly number[] => [
	...[id, charLotId],
	...stacks.map(({ lotId }) => lotId)
];

/**
 * Hours of a litre of char: stage by stage those told of a fire, its wood or its char by the litres of the fires of
 * which any were told at that stage, since those of the others were not free; those told of nothing by all litres.
 */
export function perLitreOf(
	work: readonly WorkTold[],
	burns: readonly FireTold[],
	cash: number
): EachOf | undefined {
	const all_l = litresOf(burns);
	if (!(all_l > 0)) return undefined;
	const things = new Set(burns.flatMap(thingsOf));
	const ofChar = work.filter(({ stage }) => charStages.has(stage));
	const told_l = new Map(
		[...charStages].map((stage) => [stage, litresOf(firesTold(work, burns, stage))])
	);
	const each = ofChar.map((one) => {
		const isTold = one.about.some((id) => things.has(id));
		return times(one, 1 / ((isTold && told_l.get(one.stage)) || all_l));
	});
	return { minutes: headMinutes(each), cash: cash / all_l };
}

/** A share of a fire that falls to a stuff or a way. */
export interface Falls {
	readonly name: string;
	readonly share: number;
}

/** The woods of a fire by their dry mass; of no stack, of whatever its char is told to be. */
export function stuffsOf({ stacks, charWood }: FireTold): readonly Falls[] {
	const all = stacks.reduce((sum, { kg }) => sum + kg, 0);
	if (all <= 0) return [{ name: woodClass(charWood).name, share: 1 }];
	return stacks.map(({ name, kg }) => ({ name, share: kg / all }));
}

/** Hours, cash and fires of a time, with what is bought. */
export interface EffortTold {
	readonly work: readonly WorkTold[];
	readonly cash: readonly CashTold[];
	readonly burns: readonly FireTold[];
	readonly prices: Prices;
}

/**
 * Hours and cash of the stages up to crushed char, by what they fall to: told of a stack, a fire or its char they fall
 * to those; told of nothing, by the litres of char.
 */
export function effortBy(
	{ work, cash, burns, prices }: EffortTold,
	fallsOf: (burn: FireTold) => readonly Falls[]
): readonly Judged[] {
	const told = work.filter(({ stage }) => charStages.has(stage));
	const sums = new Map<string, { work: WorkTold[]; cash: number; char_l: number }>();
	const at = (name: string) => {
		const sum = sums.get(name) ?? { work: [], cash: 0, char_l: 0 };
		sums.set(name, sum);
		return sum;
	};
	for (const burn of burns)
		for (const { name, share } of fallsOf(burn)) at(name).char_l += burn.charLitres * share;
	const timed = litresTimed(work, burns, fallsOf);
	const toWhat = fallsByThing(burns, fallsOf);
	const general: WorkTold[] = [];
	for (const one of told) {
		const to = fallOf(one, toWhat);
		if (to.length === 0) general.push(one);
		for (const { name, share } of to) at(name).work.push(times(one, share));
	}
	for (const one of cash)
		for (const { name, share } of fallOf(one, toWhat)) at(name).cash += one.paid * share;
	const rest = headMinutes(general);
	const all_l = litresOf(burns);
	return [...sums]
		.flatMap(([name, { work: own, cash: paid, char_l }]) => {
			if (own.length === 0) return [];
			// Of fires that nobody timed the hours are as those of the others, not none.
			const minutes = headMinutes(
				own.map((one) => times(one, char_l / (timed(name, one.stage) || char_l)))
			);
			const fell = fallsTo(rest, char_l, all_l);
			const sum = {
				value: minutes.value + fell.value,
				low: minutes.low + fell.low,
				high: minutes.high + fell.high
			};
			return judgeEffort({ name, minutes: sum, cash: paid, char_l }, prices) ?? [];
		})
		.sort((a, b) => b.perLitre.minutes.value - a.perLitre.minutes.value);
}

/** Litres of char of some stuff or way, of the fires of which hours were told at a stage. */
function litresTimed(
	work: readonly WorkTold[],
	burns: readonly FireTold[],
	fallsOf: (burn: FireTold) => readonly Falls[]
): (name: string, stage: Stage) => number {
	const litres = new Map<string, number>();
	for (const stage of charStages)
		for (const burn of firesTold(work, burns, stage))
			for (const { name, share } of fallsOf(burn)) {
				const key = `${stage} ${name}`;
				litres.set(key, (litres.get(key) ?? 0) + burn.charLitres * share);
			}
	return (name, stage) => litres.get(`${stage} ${name}`) ?? 0;
}

/** An act is about a fire, its wood, its char and its vessel at once: what it took falls once, evenly over those that tell. */
function fallOf(
	{ about }: { readonly about: readonly number[] },
	toWhat: ReadonlyMap<number, readonly Falls[]>
): readonly Falls[] {
	const told = about.flatMap((id) => {
		const falls = toWhat.get(id);
		return falls ? [falls] : [];
	});
	return told.flatMap((falls) =>
		falls.map(({ name, share }) => ({ name, share: share / told.length }))
	);
}

const times = (one: WorkTold, by: number): WorkTold => ({
	...one,
	minutes: {
		value: one.minutes.value * by,
		low: one.minutes.low * by,
		high: one.minutes.high * by
	}
});

/** What hours told of a stack, a fire or its char fall to. */
function fallsByThing(
	burns: readonly FireTold[],
	fallsOf: (burn: FireTold) => readonly Falls[]
): ReadonlyMap<number, readonly Falls[]> {
	const to = new Map<number, readonly Falls[]>();
	for (const burn of burns) {
		const falls = fallsOf(burn);
		to.set(burn.id, falls);
		to.set(burn.charLotId, falls);
		for (const { lotId, name } of burn.stacks)
			to.set(lotId, falls.some((one) => one.name === name) ? [{ name, share: 1 }] : falls);
	}
	return to;
}
