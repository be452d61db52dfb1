/** One line of an act that carries char. */
export interface CharLine {
	/** A lot, a bed or an account, each under its own name. */
	readonly node: string;
	readonly is: 'lot' | 'bed' | 'account';
	readonly direction: 'in' | 'out';
	/** Dry char, kg. */
	readonly kg: number;
}

/** Lines of one act, in the order of time among all acts. */
export interface CharAct {
	readonly at_ms: number;
	/** The burn that the act records: what char it brings is of that. */
	readonly burn?: string;
	readonly lines: readonly CharLine[];
}

/** Char of one origin that reached a bed, an account, or lies in a lot still. */
export interface Reached {
	readonly origin: string;
	readonly kg: number;
	readonly at_ms: number;
}

export interface CharFates {
	/** Every time that char of an origin came onto a bed. */
	readonly onBeds: readonly (Reached & { readonly bed: string })[];
	/** What went out to accounts: given away, lost, burnt again. */
	readonly gone: readonly (Reached & { readonly to: string })[];
	/** What lies in lots still, by origin, kg. */
	readonly inLots: ReadonlyMap<string, number>;
}

/** Origin of char that no fire here made. */
export const elsewhere = 'elsewhere';

type Mix = Map<string, number>;

/** What lots are corrected by belongs to whatever lies in them. */
const corrections: ReadonlySet<string> = new Set(['counted', 're-measured', 'settled']);

/**
 * Where the char of every fire went. What lies in a lot is mixed through and through: what is taken of it has each
 * origin by its share at that moment. What an act brings that no lot gave is of its burn, else from elsewhere; what a
 * count or a better density adds or takes falls on what lies there.
 */
export function charFates(acts: readonly CharAct[]): CharFates {
	const lots = new Map<string, Mix>();
	const onBeds: (Reached & { bed: string })[] = [];
	const gone: (Reached & { to: string })[] = [];
	for (const { at_ms, burn, lines } of acts) {
		const pool = takenIn(lines, lots);
		const brought = sum(lines, 'in') - total(pool);
		if (brought > least) add(pool, burn ?? sourceOf(lines, lots, pool), brought);
		spread(lines, pool, (line, origin, kg) => {
			if (line.is === 'lot') add(mixOf(lots, line.node), origin, kg);
			else if (line.is === 'bed') onBeds.push({ origin, kg, at_ms, bed: line.node });
			else if (!corrections.has(line.node)) gone.push({ origin, kg, at_ms, to: line.node });
		});
	}
	const inLots: Mix = new Map();
	for (const mix of lots.values()) for (const [origin, kg] of mix) add(inLots, origin, kg);
	return { onBeds, gone, inLots };
}

/** Below this it is the rounding of milligrams. */
const least = 1e-6;

const add = (mix: Mix, origin: string, kg: number): void => {
	const all = (mix.get(origin) ?? 0) + kg;
	if (all > least) mix.set(origin, all);
	else mix.delete(origin);
};
const mixOf = (lots: Map<string, Mix>, node: string): Mix => {
	const known = lots.get(node) ?? new Map<string, number>();
	lots.set(node, known);
	return known;
};
const total = (mix: Mix): number => [...mix.values()].reduce((all, kg) => all + kg, 0);
const sum = (lines: readonly CharLine[], direction: 'in' | 'out'): number =>
	lines.reduce((all, line) => (line.direction === direction ? all + line.kg : all), 0);

/** Take from lots what the act takes of them, each origin by its share. */
function takenIn(lines: readonly CharLine[], lots: Map<string, Mix>): Mix {
	const pool: Mix = new Map();
	for (const { node, is, direction, kg } of lines) {
		if (direction !== 'out' || is !== 'lot') continue;
		const mix = mixOf(lots, node);
		const all = total(mix);
		if (all <= 0) continue;
		const share = Math.min(1, kg / all);
		for (const [origin, held] of [...mix]) {
			add(pool, origin, held * share);
			add(mix, origin, -held * share);
		}
	}
	return pool;
}

/** Of what an account added to a lot: what lies in that lot, mostly; where none lies there, it came from elsewhere. */
function sourceOf(lines: readonly CharLine[], lots: Map<string, Mix>, pool: Mix): string {
	const isCorrection = lines.some(({ node, is }) => is === 'account' && corrections.has(node));
	const there = isCorrection
		? [...pool, ...lines.flatMap(({ node, is }) => (is === 'lot' ? [...mixOf(lots, node)] : []))]
		: [];
	const [most] = there.sort((a, b) => b[1] - a[1]);
	return most?.[0] ?? elsewhere;
}

/** Share the pool over all that the act brings char to, each origin alike. */
function spread(
	lines: readonly CharLine[],
	pool: Mix,
	to: (line: CharLine, origin: string, kg: number) => void
): void {
	const all = sum(lines, 'in');
	if (all <= least) return;
	const held = total(pool);
	for (const line of lines) {
		if (line.direction !== 'in' || line.kg <= 0) continue;
		for (const [origin, kg] of pool) to(line, origin, (line.kg * kg) / held);
	}
}
