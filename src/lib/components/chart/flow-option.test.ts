import { describe, expect, it } from 'vitest';
import { flowOption } from './flow-option';

const ink = {
	text: '#000',
	ground: '#fff',
	paper: '#fff',
	font: 'serif',
	start: '#f00',
	ofKind: { char: '#222' }
};
const nodes = [
	{ node: 'K1', kind: 'char', label: 'K1 Lantern F1', short: 'K1' },
	{ node: 'P1', kind: 'partner', label: 'P1 compost', short: 'P1' },
	{ node: 'C1', kind: 'charge', label: 'C1 compost rest', short: 'C1' }
];
const option = flowOption(
	nodes,
	[
		{ from: 'K1', to: 'C1', amount: 20 },
		{ from: 'K1', to: 'C1', amount: 40.25 },
		{ from: 'P1', to: 'C1', amount: 0 }
	],
	{ unit: 'L', start: 'C1', narrow: false, ink }
);
const series = option.series as unknown as {
	links: { source: string; target: string; value: number }[];
	data: { name: string; itemStyle: { borderColor: string } }[];
};

describe('the picture of a trace', () => {
	it('adds what went the same way, and draws nothing that moved nothing', () => {
		expect(series.links).toEqual([{ source: 'K1', target: 'C1', value: 60.25 }]);
		expect(series.data.map(({ name }) => name)).toEqual(['K1', 'C1']);
	});

	it('marks the lot it is about', () =>
		expect(series.data.map(({ itemStyle }) => itemStyle.borderColor)).toEqual(['#000', '#f00']));

	it('stands at once', () => expect(option.animation).toBe(false));

	it('says names and amounts, not codes of the drawing', () => {
		const { formatter } = option.tooltip as { formatter: (shown: unknown) => string };
		expect(formatter({ data: { source: 'K1', target: 'C1' }, value: 60.25 })).toBe(
			'K1 Lantern F1 to C1 compost rest: 60 L'
		);
		expect(formatter({ data: { name: 'C1' }, value: 6.25 })).toBe('C1 compost rest: 6.3 L');
	});
});
