import type { Range, System } from '../core/units';
import { plain, say, sayRange } from './figure';

/** Where wood and char came from and went to. */
const flowNames: Readonly<Record<string, string>> = {
	made: 'made',
	bed: 'put on beds',
	gathered: 'brought in',
	'gas-and-ash': 'gone in gas and ash',
	rotted: 'rotted',
	counted: 'found by counting',
	're-measured': 'found by measuring anew',
	settled: 'settled',
	drained: 'drained off',
	'strained-off': 'strained off',
	lees: 'left on the cloth',
	potted: 'potted up',
	disposed: 'thrown away',
	lost: 'lost',
	'given-away': 'given away'
};

/** Of char "made"; of wood what turned into char is that. */
export const flowWords = (of: string, substance: 'wood' | 'char', kg: number): string =>
	of === 'made'
		? substance === 'char'
			? kg < 0
				? 'turned into other matter'
				: 'made'
			: kg < 0
				? 'turned into char'
				: 'made'
		: (flowNames[of] ?? of);

export const sayKg = (kg: Range, system: System | undefined): string =>
	sayRange({ value: kg.value, low: kg.low, high: kg.high, unit: 'kg' }, system);

interface Closes {
	readonly is: 'closes' | 'off' | 'uncounted' | 'empty';
	readonly found: number;
	readonly foundShare: number;
	readonly uncountedShare: number;
}

/** Whether books close, in a sentence with figures. */
export function closesWords(of: string, closes: Closes, system: System | undefined): string {
	switch (closes.is) {
		case 'empty':
			return `Of ${of} nothing moved.`;
		case 'closes':
			return closes.foundShare >= 0.001
				? `Its ${of} closes: counting put ${plain(closes.foundShare * 100, 1)} % right.`
				: `Its ${of} closes.`;
		case 'off':
			return `Its ${of} does not close: counting found ${say(Math.abs(closes.found), 'kg', system)} ${closes.found < 0 ? 'less' : 'more'} than the books had, ${plain(closes.foundShare * 100, 0)} % of what passed through.`;
		case 'uncounted':
			return `Whether its ${of} closes nobody knows: ${plain(closes.uncountedShare * 100, 0)} % of what lies was not counted or made in it.`;
	}
}
