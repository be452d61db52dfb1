/** One line of an act at a lot, bed or named account; + comes, − goes. */
export interface ActLine {
	readonly node: string;
	/** A partner feeds char and gives it no dry char of its own. */
	readonly isPartner?: boolean;
	readonly volume_ml: number;
	readonly dry_g: number;
}

/** What one node gave another in an act. */
export interface Gift {
	readonly from: string;
	readonly to: string;
	/** As it lay where it was taken from. */
	readonly litres: number;
	/** Dry, as it arrived. */
	readonly kgDry: number;
}

/**
 * Who gave what to whom in one act. Everything taken is shared out over everything made by dry mass
 * (gas and ash are made too); what a child received is shared over its givers by the dry mass they
 * gave. A partner gives litres and no kg. The kg of all gifts to a child are what arrived there.
 * @example shareOut([{ node: 'K1', volume_ml: -60e3, dry_g: -9e3 }, { node: 'C1', volume_ml: 62e3, dry_g: 9e3 }])
 * // [{ from: 'K1', to: 'C1', litres: 60, kgDry: 9 }]
 */
export function shareOut(lines: readonly ActLine[]): readonly Gift[] {
	const givers = summed(lines.filter(isTaken));
	const children = summed(
		lines.filter((line) => !isTaken(line) && !givers.some(({ node }) => node === line.node))
	);
	const made_g = total(children, 'dry_g');
	const given_g = total(
		givers.filter((giver) => !giver.isPartner),
		'dry_g'
	);
	return givers.flatMap((giver) =>
		children.map((child) => ({
			from: giver.node,
			to: child.node,
			litres: (Math.abs(giver.volume_ml) / 1000) * partOf(child.dry_g, made_g, children.length),
			kgDry: giver.isPartner
				? 0
				: (child.dry_g / 1000) * partOf(giver.dry_g, given_g, givers.length)
		}))
	);
}

const isTaken = (line: ActLine) => line.volume_ml + line.dry_g < 0;

function summed(lines: readonly ActLine[]): readonly ActLine[] {
	const byNode = new Map<string, ActLine>();
	for (const line of lines) {
		const known = byNode.get(line.node);
		byNode.set(line.node, {
			...line,
			volume_ml: line.volume_ml + (known?.volume_ml ?? 0),
			dry_g: line.dry_g + (known?.dry_g ?? 0)
		});
	}
	return [...byNode.values()];
}

const total = (lines: readonly ActLine[], what: 'volume_ml' | 'dry_g') =>
	lines.reduce((sum, line) => sum + line[what], 0);

/** Without any mass to go by, in equal parts. */
const partOf = (mine: number, all: number, count: number) => (all === 0 ? 1 / count : mine / all);
