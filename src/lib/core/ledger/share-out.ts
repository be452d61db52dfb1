import { inLitres } from '../units';
import { dryKg, plus, type Contents, type Directed } from './contents';
import { drySorts, type Substance } from './data/substances';

/** One line of an act at a lot, bed or named account. */
export interface ActLine extends Directed {
	readonly node: string;
}

/** What one node gave another in an act. */
export interface Gift {
	readonly from: string;
	readonly to: string;
	/** As it lay where it was taken from. */
	readonly litres: number;
	/** Dry matter as it arrived, kg, and how much of that is char. */
	readonly kgDry: number;
	readonly kgChar: number;
}

interface Node {
	readonly node: string;
	readonly volume_ul: number;
	readonly contents: Contents;
}

/**
 * Who gave what to whom in one act. What a child holds of a sort of dry matter is shared over those
 * that gave that sort; what none of them gave (char, made of wood) over all of them by dry mass. The
 * litres of a giver are shared over its children by the dry mass each made. The kilograms of all
 * gifts to a child are what arrived there.
 * @example shareOut([{ node: 'K1', direction: 'out', volume_ul: 60e3, mass_mg: 0, contents: { char: 9e6 } },
 *   { node: 'C1', direction: 'in', volume_ul: 62e3, mass_mg: 0, contents: { char: 9e6 } }])
 * // [{ from: 'K1', to: 'C1', litres: 60, kgDry: 9, kgChar: 9 }]
 */
export function shareOut(lines: readonly ActLine[]): readonly Gift[] {
	const givers = summed(lines.filter(({ direction }) => direction === 'out'));
	const children = summed(
		lines.filter(
			({ direction, node }) => direction === 'in' && !givers.some((giver) => giver.node === node)
		)
	);
	const made = children.reduce((sum, { contents }) => sum + dryKg(contents), 0);
	return givers.flatMap((giver) =>
		children.map((child) => ({
			from: giver.node,
			to: child.node,
			litres: inLitres(giver.volume_ul) * ratio(dryKg(child.contents), made, children.length),
			kgDry: drySorts.reduce((sum, sort) => sum + givenOf(sort, giver, child, givers), 0),
			kgChar: givenOf('char', giver, child, givers)
		}))
	);
}

function givenOf(
	sort: (typeof drySorts)[number],
	giver: Node,
	child: Node,
	givers: readonly Node[]
): number {
	const arrived = (child.contents[sort] ?? 0) / 1e6;
	if (arrived === 0) return 0;
	const ofSort = total(givers, sort);
	if (ofSort > 0) return arrived * ratio(giver.contents[sort] ?? 0, ofSort, givers.length);
	const all = givers.reduce((sum, { contents }) => sum + dryKg(contents), 0);
	return arrived * ratio(dryKg(giver.contents), all, givers.length);
}

function summed(lines: readonly ActLine[]): readonly Node[] {
	const byNode = new Map<string, { node: string; volume_ul: number; contents: Contents }>();
	for (const { node, volume_ul, contents } of lines) {
		const known = byNode.get(node);
		byNode.set(node, {
			node,
			volume_ul: volume_ul + (known?.volume_ul ?? 0),
			contents: known ? plus(known.contents, contents) : contents
		});
	}
	return [...byNode.values()];
}

const total = (nodes: readonly Node[], substance: Substance) =>
	nodes.reduce((sum, { contents }) => sum + (contents[substance] ?? 0), 0);

/** Without any mass to go by, in equal parts. */
const ratio = (mine: number, all: number, count: number) => (all === 0 ? 1 / count : mine / all);
