import { capital, count } from '$lib/format/counted';

interface Planned {
	readonly unit: 'pot' | 'plot';
	readonly units: readonly unknown[];
	readonly blocks: number;
	readonly arms: readonly string[];
	readonly hasControl: boolean;
	readonly isWalked: boolean;
}

/** How many it takes, and what it will not be able to say. */
export function planAnswer(plan: Planned | undefined): string {
	if (!plan) return 'A trial wants a question, two arms at least, and so many of each';
	const { unit, units, blocks, arms } = plan;
	const lacks = [
		...(plan.hasControl
			? []
			: ['without bare soil among them it tells nothing of whether it helps']),
		...(blocks < 2 ? ['one of each tells nothing of chance'] : []),
		...(plan.isWalked ? ['an order that was walked is weaker than one that was drawn'] : [])
	];
	return capital(
		[
			`${count(units.length, unit, `${unit}s`)}: ${count(blocks, 'of each', 'of each')} of ${arms.length} arms`,
			...lacks
		].join('; ')
	);
}
