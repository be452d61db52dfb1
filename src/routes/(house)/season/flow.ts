import type { FlowEdge, FlowNode } from '$lib/components/chart/flow-option';

const named = [
	['wood-then', 'stack', 'Wood that lay', 'lay'],
	['gathered', 'partner', 'Gathered', 'gathered'],
	['wood', 'stack', 'Wood', 'wood'],
	['fires', 'burn', 'Fires', 'fires'],
	['wood-now', 'stack', 'Wood that lies', 'lies'],
	['wood-gone', 'gas-and-ash', 'Wood gone otherwise', 'gone'],
	['gas', 'gas-and-ash', 'Gas and ash', 'gas'],
	['char-then', 'char', 'Char that lay', 'lay'],
	['bought', 'partner', 'Char from elsewhere', 'bought'],
	['char', 'char', 'Char', 'char'],
	['beds', 'bed', 'Beds', 'beds'],
	['char-gone', 'gas-and-ash', 'Given away, lost', 'gone'],
	['char-now', 'char', 'Char that lies', 'lies']
] as const;

/** Where wood and char stand in the picture of a season, from left to right. */
export const nodesOf = (): readonly FlowNode[] =>
	named.map(([node, kind, label, short]) => ({ node, kind, label, short }));

interface Substance {
	readonly opening: { readonly value: number };
	readonly closing: { readonly value: number };
	readonly flows: readonly { readonly of: string; readonly kg: { readonly value: number } }[];
}

/** A season as edges, kg dry: all that enters a node leaves it. */
export function edgesOf({
	wood,
	char
}: {
	readonly wood: Substance;
	readonly char: Substance;
}): readonly FlowEdge[] {
	const flow = ({ flows }: Substance, ...of: readonly string[]) =>
		flows.reduce((sum, one) => (of.includes(one.of) ? sum + one.kg.value : sum), 0);
	const burnt = -flow(wood, 'made', 'gas-and-ash');
	const made = flow(char, 'made');
	const others = (of: Substance, known: readonly string[]) =>
		of.flows.reduce((sum, one) => (known.includes(one.of) ? sum : sum + one.kg.value), 0);
	const woodElse = others(wood, ['made', 'gas-and-ash', 'gathered']);
	const charElse = others(char, ['made', 'gathered', 'bed']);
	const edge = (from: string, to: string, amount: number): FlowEdge => ({ from, to, amount });
	return [
		edge('wood-then', 'wood', wood.opening.value),
		edge('gathered', 'wood', flow(wood, 'gathered') + Math.max(0, woodElse)),
		edge('wood', 'fires', burnt),
		edge('wood', 'wood-now', wood.closing.value),
		edge('wood', 'wood-gone', Math.max(0, -woodElse)),
		edge('fires', 'char', made),
		edge('fires', 'gas', burnt - made),
		edge('char-then', 'char', char.opening.value),
		edge('bought', 'char', flow(char, 'gathered') + Math.max(0, charElse)),
		edge('char', 'beds', -flow(char, 'bed')),
		edge('char', 'char-gone', Math.max(0, -charElse)),
		edge('char', 'char-now', char.closing.value)
	].filter(({ amount }) => amount > 0);
}
