import { describe, expect, it } from 'vitest';
import { nodesOf, pack, strandsOf } from './strands';

const nodes = [
	{ node: 'S1', kind: 'stack', code: 'S1', name: 'willow' },
	{ node: 'K2', kind: 'char', code: 'K2', name: '' },
	{ node: 'gas-and-ash', kind: 'gas-and-ash', code: '', name: 'gas and ash' },
	{ node: 'bed:Mere 2', kind: 'bed', code: 'Mere 2', name: '' }
];
const strands = [
	{ from: 'S1', to: 'K2', amount: 412.3 },
	{ from: 'S1', to: 'gas-and-ash', amount: 0.001234567 },
	{ from: 'K2', to: 'bed:Mere 2', amount: 123456.7 }
];

describe('a picture that is sent', () => {
	it('has the same lots again, what is no lot and what goes by another name among them', () => {
		expect(nodesOf(pack(nodes, strands))).toEqual(nodes);
	});

	it('has the same strands again, to four digits', () => {
		expect(strandsOf(pack(nodes, strands))).toEqual([
			strands[0],
			{ ...strands[1], amount: 0.001235 },
			{ ...strands[2], amount: 123500 }
		]);
	});

	it('takes less than half of the bytes', () => {
		const many = Array.from({ length: 50 }, () => strands).flat();
		const [packed, plain] = [pack(nodes, many).strands, many].map((one) => JSON.stringify(one));
		expect(packed!.length).toBeLessThan(plain!.length / 2);
	});
});
