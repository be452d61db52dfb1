/** What is seen on a bed, and how often it is seen where the cause has no bearing on it. */
interface SignRow {
	/** Signs of one group tell one story. */
	readonly group: string;
	/** Share of beds that show it whatever ails them. */
	readonly base: number;
}

/** Source: general agronomy, judged and not fitted. */
export const signs = Object.freeze({
	gap: { group: 'dry-surface', base: 0.15 },
	crust: { group: 'dry-surface', base: 0.2 },
	'runs-off': { group: 'dry-surface', base: 0.15 },
	'wilts-dry': { group: 'wilts-dry', base: 0.25 },
	'wilts-wet': { group: 'wet', base: 0.1 },
	'sour-smell': { group: 'wet', base: 0.07 },
	mottled: { group: 'wet', base: 0.07 },
	'few-worms': { group: 'few-worms', base: 0.3 },
	'pale-old': { group: 'pale-old', base: 0.25 },
	'dark-leaves': { group: 'dark-leaves', base: 0.1 },
	stunted: { group: 'stunted', base: 0.4 },
	'scorched-old': { group: 'old-margins', base: 0.12 },
	'weak-stems': { group: 'weak-stems', base: 0.15 },
	'poor-ripening': { group: 'poor-ripening', base: 0.15 },
	'old-between-veins': { group: 'old-between-veins', base: 0.1 },
	'young-between-veins': { group: 'young', base: 0.08 },
	'young-first': { group: 'young', base: 0.1 },
	purple: { group: 'purple', base: 0.08 },
	'tip-burn': { group: 'salt', base: 0.08 },
	'white-crust': { group: 'salt', base: 0.06 },
	'dead-at-edge': { group: 'salt', base: 0.05 },
	'stubby-roots': { group: 'stubby-roots', base: 0.1 },
	moss: { group: 'moss', base: 0.1 },
	'pulses-worst': { group: 'pulses-worst', base: 0.08 },
	cupped: { group: 'twisted', base: 0.05 },
	'fern-like': { group: 'twisted', base: 0.02 },
	'beans-worst': { group: 'twisted', base: 0.05 },
	'grasses-too': { group: 'grasses-too', base: 0.15 },
	'forked-roots': { group: 'hard', base: 0.1 },
	'water-stands': { group: 'hard', base: 0.1 },
	'spade-stops': { group: 'hard', base: 0.15 },
	bitten: { group: 'bitten', base: 0.2 },
	ringed: { group: 'bitten', base: 0.1 },
	'one-sided': { group: 'bitten', base: 0.08 },
	bolting: { group: 'season', base: 0.08 },
	leafless: { group: 'season', base: 0.04 },
	'only-some': { group: 'only-some', base: 0.3 },
	'whole-bed': { group: 'whole-bed', base: 0.5 }
} satisfies Readonly<Record<string, SignRow>>);

export type SignId = keyof typeof signs;
export const signIds = Object.freeze(Object.keys(signs)) as readonly SignId[];
export const signOf = (id: SignId): SignRow => signs[id];
