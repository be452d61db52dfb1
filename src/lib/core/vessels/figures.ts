import { found, known, litres, type Estimate, type Leaf, type Litres } from '../units';
import type { Shape } from './shape';

/** Litres in a vessel, with the measures they were worked out from. */
export function heldFigure(shape: Shape | undefined, value: number): Estimate<Litres> {
	const measures = Object.entries(shape ?? {}).flatMap(([key, measure]): Leaf[] =>
		typeof measure === 'number' ? [known(words(key), measure, 'm', 'measured', 'tape')] : []
	);
	return found(litres, known('held', value, 'L', 'computed', ruleOf(shape)), measures, {
		unit: 'L',
		basis: 'inside, flat floor and level rim'
	});
}

const words = (key: string) => key.replace(/[A-Z]/, (c) => ` ${c.toLowerCase()}`);

const ruleOf = (shape: Shape | undefined): string => {
	if (shape?.kind === 'lying') return 'length × [r²·acos((r−d)/r) − (r−d)·√(2rd−d²)]';
	if (shape?.kind === 'pile') return 'half of its length × width × height';
	return 'h/6 × (floor + 4 × middle + top section)';
};
