/** How much was laid on at once, by eye. */
export const layerSizes = ['thin', 'usual', 'thick'] as const;
export type LayerSize = (typeof layerSizes)[number];

/** What its pieces were like beside the rest of the load. */
export const pieceSizes = ['fine-stuff', 'as-usual', 'thick-pieces'] as const;
export type PieceSize = (typeof pieceSizes)[number];

/** What is seen or heard of a fire. */
export const signs = [
	'white-edges',
	'flames-high',
	'smoke-none',
	'smoke-some',
	'smoke-thick',
	'gust',
	'glow-at-floor',
	'ash-drops',
	'short-blue-flame',
	'rod-through',
	'steam',
	'gas-lit',
	'gas-fading',
	'went-out'
] as const;
export type Sign = (typeof signs)[number];

/** What is done with it, beside feeding and water. */
export const doings = [
	'poke',
	'feeding-done',
	'burner-on',
	'stir',
	'cap',
	'tip',
	'shut',
	'lit-again',
	'given-up'
] as const;
export type Doing = (typeof doings)[number];

/** Water of its quench: a hose that runs and stops, or so much from a can or tank. */
export const waterings = ['start', 'stop', 'poured'] as const;
export type Watering = (typeof waterings)[number];

/** What one tap says, without who and when. */
export type Told =
	| {
			readonly is: 'layer';
			readonly layer: LayerSize;
			readonly pieces?: PieceSize;
			/** As it was measured, loose. */
			readonly litres?: number;
	  }
	| { readonly is: 'sign'; readonly sign: Sign }
	| { readonly is: 'doing'; readonly doing: Doing }
	| {
			readonly is: 'water';
			readonly water: Watering;
			readonly litres?: number;
			/** What the hose gives, L a minute. */
			readonly l_min?: number;
	  }
	| { readonly is: 'heat'; readonly temperature_c: number; readonly by?: 'gun' | 'probe' }
	/** Dipped: how high char and embers stand, m. */
	| { readonly is: 'depth'; readonly depth_m: number }
	| { readonly is: 'quenched' };

export type Tap = Told & {
	readonly id: string;
	readonly at_ms: number;
	readonly person: string;
};

/** By the name a finding of the books has, what kind of tap it is. */
export const tapKinds = Object.freeze({
	layer: 'layer',
	'fire-sign': 'sign',
	'fire-doing': 'doing',
	'fire-water': 'water',
	temperature: 'heat',
	'fire-depth': 'depth',
	quenched: 'quenched'
} as const satisfies Record<string, Told['is']>);
export type TapWhat = keyof typeof tapKinds;

/** A tap as the books keep it. */
export const tapOf = (
	what: TapWhat,
	found: object,
	told: { readonly id: string; readonly at_ms: number; readonly person: string }
): Tap => ({ ...found, ...told, is: tapKinds[what] }) as Tap;

/** As they happened; of one moment as they were given. */
export const inTurn = (taps: readonly Tap[]): readonly Tap[] =>
	taps.toSorted((a, b) => a.at_ms - b.at_ms);
