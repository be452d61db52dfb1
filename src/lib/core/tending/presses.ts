import type { Doing, LayerSize, PieceSize, Sign, Told } from './taps';

/** A tap that needs no figure: the small act it is, what its fields hold, and the key that does it. */
export interface Press {
	readonly verb: 'lay-layer' | 'see-fire' | 'tend-fire' | 'fire-water' | 'quench-fire';
	readonly values: Readonly<Record<string, string>>;
	readonly told: Told;
	readonly key?: string;
}

const laying = (layer: LayerSize, key: string, pieces?: PieceSize): Press => ({
	verb: 'lay-layer',
	values: { layer, ...(pieces ? { pieces } : {}) },
	told: { is: 'layer', layer, ...(pieces ? { pieces } : {}) },
	key
});
const seeing = (sign: Sign, key?: string): Press => ({
	verb: 'see-fire',
	values: { sign },
	told: { is: 'sign', sign },
	...(key ? { key } : {})
});
const doing = (done: Doing, key?: string): Press => ({
	verb: 'tend-fire',
	values: { doing: done },
	told: { is: 'doing', doing: done },
	...(key ? { key } : {})
});

/** Every such tap by its name; keys are letters that lie under a thumb or say what they do. */
export const presses = Object.freeze({
	layer: laying('usual', 'l'),
	'layer-thin': laying('thin', 'n'),
	'layer-thick': laying('thick', 'k'),
	'layer-thick-pieces': laying('usual', 'b', 'thick-pieces'),
	'layer-fine-pieces': laying('usual', 'i', 'fine-stuff'),
	white: seeing('white-edges', 'w'),
	flames: seeing('flames-high', 'f'),
	'smoke-none': seeing('smoke-none', '0'),
	'smoke-some': seeing('smoke-some', '1'),
	'smoke-thick': seeing('smoke-thick', '2'),
	gust: seeing('gust', 'u'),
	glow: seeing('glow-at-floor', 'o'),
	'ash-drops': seeing('ash-drops', 'a'),
	'blue-flame': seeing('short-blue-flame', 'e'),
	rod: seeing('rod-through', 'r'),
	steam: seeing('steam', 's'),
	'gas-lit': seeing('gas-lit', 'j'),
	'gas-fading': seeing('gas-fading', 'd'),
	'went-out': seeing('went-out', 'x'),
	poke: doing('poke', 'p'),
	fed: doing('feeding-done', 'y'),
	burner: doing('burner-on', 'b'),
	stir: doing('stir', 'i'),
	cap: doing('cap', 'c'),
	tip: doing('tip', 't'),
	shut: doing('shut', 'h'),
	'lit-again': doing('lit-again', 'z'),
	'give-up': doing('given-up'),
	'water-start': {
		verb: 'fire-water',
		values: { water: 'start' },
		told: { is: 'water', water: 'start' },
		key: 'v'
	},
	'water-stop': {
		verb: 'fire-water',
		values: { water: 'stop' },
		told: { is: 'water', water: 'stop' },
		key: 'v'
	},
	quenched: { verb: 'quench-fire', values: {}, told: { is: 'quenched' }, key: 'q' }
} satisfies Readonly<Record<string, Press>>);
export type PressName = keyof typeof presses;

export const isPress = (name: string): name is PressName => name in presses;

/** Which of those that are offered a key stands for. */
export const pressOf = (key: string, offered: readonly string[]): PressName | undefined =>
	offered.filter(isPress).find((name) => (presses[name] as { key?: string }).key === key);

/** Taps that ask for a figure. */
export const asked = ['heat', 'measured', 'poured', 'depth'] as const;
export type Asked = (typeof asked)[number];
