interface Node<Kind extends string> {
	readonly node: string;
	readonly kind: Kind;
	readonly code: string;
	readonly name: string;
}

interface Strand {
	readonly from: string;
	readonly to: string;
	readonly amount: number;
}

/** A picture as it is sent: lots in rows, and strands between the places they have there. */
export interface Packed<Kind extends string> {
	/** What it goes by in the picture stands last, where that is not its code. */
	readonly nodes: readonly (readonly [kind: Kind, code: string, name: string, node?: string])[];
	readonly strands: readonly (readonly [from: number, to: number, amount: number])[];
}

/** Half of what a picture took to send were names of fields, and codes told three times. */
export function pack<Kind extends string>(
	nodes: readonly Node<Kind>[],
	strands: readonly Strand[]
): Packed<Kind> {
	const places = new Map(nodes.map(({ node }, place) => [node, place]));
	return {
		nodes: nodes.map(({ node, kind, code, name }) =>
			node === code ? [kind, code, name] : [kind, code, name, node]
		),
		strands: strands.map(({ from, to, amount }) => [
			places.get(from) ?? -1,
			places.get(to) ?? -1,
			drawn(amount)
		])
	};
}

/** An amount as closely as the thickness of a strand can tell. */
const drawn = (amount: number) => Number(amount.toPrecision(4));

/** The lots of a picture, as they were before they were sent. */
export const nodesOf = <Kind extends string>({ nodes }: Packed<Kind>): readonly Node<Kind>[] =>
	nodes.map(([kind, code, name, node = code]) => ({ node, kind, code, name }));

/** Its strands, as they were but for the last digits. */
export function strandsOf<Kind extends string>(packed: Packed<Kind>): readonly Strand[] {
	const nodes = nodesOf(packed);
	return packed.strands.map(([from, to, amount]) => ({
		from: nodes[from]?.node ?? '',
		to: nodes[to]?.node ?? '',
		amount
	}));
}
