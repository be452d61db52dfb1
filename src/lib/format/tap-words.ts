import type { Asked, PressName } from '../core/tending';

/** What stands on a button, and under it. */
export interface TapWords {
	readonly label: string;
	readonly under?: string;
}

export const tapWords: Readonly<Record<PressName | Asked, TapWords>> = {
	layer: { label: 'Layer is on' },
	'layer-thin': { label: 'Thin layer' },
	'layer-thick': { label: 'Thick layer' },
	'layer-thick-pieces': { label: 'Thick pieces', under: 'a layer of them' },
	'layer-fine-pieces': { label: 'Fine stuff', under: 'a layer of it' },
	white: { label: 'White edges', under: 'seen' },
	flames: { label: 'Flames high', under: 'over my head' },
	'smoke-none': { label: 'No smoke' },
	'smoke-some': { label: 'Some smoke' },
	'smoke-thick': { label: 'Thick smoke' },
	gust: { label: 'Gust' },
	glow: { label: 'Glow at the holes', under: 'seen below' },
	'ash-drops': { label: 'Ash drops', under: 'through the floor' },
	'blue-flame': { label: 'Short blue flame' },
	rod: { label: 'Rod goes through' },
	steam: { label: 'White steam', under: 'it warms up' },
	'gas-lit': { label: 'Gas is burning', under: 'flames at the ports' },
	'gas-fading': { label: 'Gas fades', under: 'flames get small' },
	'went-out': { label: 'It went out' },
	poke: { label: 'Poked' },
	fed: { label: 'Done feeding' },
	burner: { label: 'Burner is on', under: 'embers spread, chimney up' },
	stir: { label: 'Stirred' },
	cap: { label: 'Capped', under: 'on bare soil' },
	tip: { label: 'Tipped out' },
	shut: { label: 'All shut', under: 'openings closed' },
	'lit-again': { label: 'Lit again' },
	'give-up': { label: 'Give it up' },
	'water-start': { label: 'Water on' },
	'water-stop': { label: 'Water off' },
	quenched: { label: 'It is quenched' },
	heat: { label: 'Temperature' },
	measured: { label: 'Measured layer' },
	poured: { label: 'Can or tank' },
	depth: { label: 'Dip a stick' }
};
