import { capacity } from '../vessels';
import type { Range } from '../units';
import { worstOf, type MoistureVerdict, type StackFormId, type WoodClassId } from '../woodyard';
import { workOutLoad } from './load';
import { forecastBurn, type BurnGrounds } from './plan';

interface Vessel extends BurnGrounds {
	readonly name: string;
	/** It failed when it was last looked at. */
	readonly failed?: string | undefined;
	/** Fires that still lie or are planned in it. */
	readonly stays: readonly unknown[];
}

interface Stack {
	readonly code: string;
	readonly name: string;
	readonly wood: WoodClassId;
	readonly form: StackFormId;
	/** Oven-dry, kg. */
	readonly left: Range;
	readonly verdict: MoistureVerdict | 'unread';
}

/** A burn to begin a plan with. */
export interface Proposal {
	readonly vessel: string;
	readonly loads: readonly string[];
}

/**
 * A burn to begin a plan with, to be changed by whoever knows better: the driest wood there is, into the vessel that
 * it fills best without running over. A vessel that failed, or that another fire waits for, comes after all others.
 * Undefined where there is no vessel or no wood.
 * @param stacks in the order in which they are offered, those that may not burn left out
 */
export function proposeBurn(
	vessels: readonly Vessel[],
	stacks: readonly Stack[]
): Proposal | undefined {
	const driest = driestFirst(stacks);
	const proposals = vessels.map((vessel) => ({ vessel, ...filling(vessel, driest) }));
	const best = proposals
		.filter(({ loads }) => loads.length > 0)
		.sort((a, b) => hindrance(a.vessel) - hindrance(b.vessel) || b.share - a.share)[0];
	return best && { vessel: best.vessel.name, loads: best.loads };
}

const hindrance = ({ failed, stays }: Vessel): number =>
	(failed === undefined ? 0 : 2) + (stays.length > 0 ? 1 : 0);

/** By verdict; among the like as they came. */
function driestFirst(stacks: readonly Stack[]): Stack[] {
	const isWorse = (a: Stack, b: Stack) => worstOf([a.verdict, b.verdict]) === a.verdict;
	return [...stacks].sort((a, b) => (a.verdict === b.verdict ? 0 : isWorse(a, b) ? 1 : -1));
}

/** Stack after stack of the driest kind there is, as long as their char still fits the vessel. */
function filling(vessel: Vessel, driest: readonly Stack[]) {
	const room = capacity(vessel.shape);
	const alike = driest.filter(({ verdict }) => verdict === driest[0]?.verdict);
	const loads: Stack[] = [];
	let char = 0;
	for (const stack of alike) {
		const with_l = charOf(vessel, [...loads, stack]);
		if (with_l > room) continue;
		loads.push(stack);
		char = with_l;
	}
	// All are too large for it: the smallest of them, of which a part is burnt.
	const smallest = [...alike].sort((a, b) => a.left.value - b.left.value)[0];
	if (loads.length === 0 && smallest) return { loads: [smallest.code], share: 0 };
	return { loads: loads.map(({ code }) => code), share: char / room };
}

/** Char to expect of some stacks, L. */
function charOf(vessel: Vessel, stacks: readonly Stack[]): number {
	const { dry, wood, form } = workOutLoad(
		stacks.map((stack) => ({ ...stack, dry: stack.left })),
		'oven-dry wood to load'
	);
	return wood && dry.value > 0
		? forecastBurn({ ...vessel, wood, form, load: dry }).charLitres.value
		: 0;
}
