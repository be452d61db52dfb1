import { germinationIndex, type CressTest } from '$lib/core/charging';
import { plain } from '$lib/format/figure';

/** The six numbers as typed. */
export interface CressEntry {
	germinated: string;
	seeds: string;
	root: string;
	controlGerminated: string;
	controlSeeds: string;
	controlRoot: string;
}

export type ReadCress = (
	| { readonly status: 'valid'; readonly index: number }
	| { readonly status: 'void'; readonly why: 'seeds' | 'control' }
) & { readonly counted: CressTest };

/** The index of what is typed so far; undefined while a number is missing or can be none. */
export function cressOf(
	entry: CressEntry,
	read: (text: string) => number | undefined
): ReadCress | undefined {
	const [germinated, seeds, root, controlGerminated, controlSeeds, controlRoot] = [
		entry.germinated,
		entry.seeds,
		entry.root,
		entry.controlGerminated,
		entry.controlSeeds,
		entry.controlRoot
	].map((text) => (text.trim() === '' ? undefined : read(text)));
	if (germinated === undefined || seeds === undefined || root === undefined) return undefined;
	if (controlGerminated === undefined || controlSeeds === undefined || controlRoot === undefined)
		return undefined;
	const whole = [germinated, seeds, controlGerminated, controlSeeds].every(Number.isInteger);
	if (!whole || germinated > seeds || controlGerminated > controlSeeds) return undefined;
	const counted: CressTest = {
		germinated,
		seeds,
		meanRoot_mm: root,
		controlGerminated,
		controlSeeds,
		controlMeanRoot_mm: controlRoot
	};
	return { ...germinationIndex(counted), counted };
}

/** Does it harm seedlings? */
export function cressAnswer(code: string, cress: ReadCress | undefined): string {
	if (!cress) return `Does ${code} let seed come up? Count and measure both dishes`;
	if (cress.status === 'void')
		return cress.why === 'seeds'
			? 'Void: it takes 20 seeds or more in each dish'
			: 'Void: too few came up in plain water; the seed is at fault, not the char';
	const index = plain(cress.index, 0);
	if (cress.index >= 80) return `${code} is good for seedlings: index ${index}`;
	return cress.index >= 50
		? `${code} wants more time: index ${index}, and 80 is wanted`
		: `${code} harms seedlings: index ${index}; do not use it yet`;
}
