import { chanceOf } from './random';

/** What an arm gets. Raw char takes nitrogen; wet alone tells what water did; together: it went through a heap with the compost. */
export const armKinds = [
	'nothing',
	'wet-only',
	'raw',
	'charged',
	'compost',
	'char-and-compost',
	'composted-together',
	'other'
] as const;
export type ArmKind = (typeof armKinds)[number];

/** Arms that are char which nothing charged. */
const uncharged: readonly ArmKind[] = ['raw'];
export const isUncharged = ({ kind }: Pick<Arm, 'kind'>): boolean => uncharged.includes(kind);
const charred: readonly ArmKind[] = ['raw', 'charged', 'char-and-compost', 'composted-together'];
export const hasChar = ({ kind }: Pick<Arm, 'kind'>): boolean => charred.includes(kind);

/** One treatment of a trial. */
export interface Arm {
	/** As people call it, where its kind does not say. */
	readonly name?: string | undefined;
	readonly kind: ArmKind;
	/** Of the soil or mix, percent by volume; what a series of doses is told by. */
	readonly share?: number | undefined;
}

/** By which a plan calls its arms: A, B, C. */
export const armLetter = (arm: number): string => String.fromCharCode(65 + arm);

/** What all others are told beside. */
export const isControl = ({ kind }: Pick<Arm, 'kind'>): boolean => kind === 'nothing';

/** In which order pots stand: drawn from a seed, or as one walked past them. */
export const orders = ['drawn', 'walked'] as const;
export type Order = (typeof orders)[number];

export interface Design {
	readonly arms: readonly Arm[];
	/** Of each arm one stands in each block. */
	readonly blocks: number;
	readonly order: Order;
	/** A whole number. */
	readonly seed: number;
}

/** One pot or plot: its number in walking order, its block and arm by their places, from 0. */
export interface Unit {
	readonly n: number;
	readonly block: number;
	readonly arm: number;
}

/**
 * Where each stands: block by block, within each in an order drawn from the seed.
 * @throws RangeError without two arms and a block
 */
export function layOut({ arms, blocks, order, seed }: Design): readonly Unit[] {
	if (arms.length < 2 || !(blocks >= 1))
		throw new RangeError(`layOut: ${arms.length} arms in ${blocks} blocks`);
	const chance = chanceOf(seed);
	const inOrder = arms.map((_, arm) => arm);
	return Array.from({ length: blocks }, (_, block) => {
		const row = order === 'drawn' ? chance.shuffled(inOrder) : inOrder;
		return row.map((arm, i) => ({ n: block * arms.length + i + 1, block, arm }));
	}).flat();
}
