import type { Kit, Lack, PileStuff, PileUse } from '../core/fate';

export const pileWords: Readonly<Record<PileStuff, string>> = {
	'soft-tops': 'soft tops: comfrey, nettle',
	'leafy-green': 'green leaves and clippings',
	'dry-leaves': 'dry leaves',
	'woody-thin': 'twigs and prunings, thin',
	'woody-thick': 'branches, thicker than a thumb',
	'seedy-weeds': 'weeds with seed',
	'fruit-waste': 'fruit and kitchen waste',
	straw: 'straw'
};

export const useOfPile: Readonly<Record<PileUse, string>> = {
	any: 'anything',
	mulch: 'mulch',
	feed: 'a feed',
	potting: 'potting',
	char: 'char'
};

export const kitWords: Readonly<Record<Kit, string>> = {
	shredder: 'a shredder',
	barrel: 'a lidded barrel',
	'worm-bin': 'a worm bin',
	hoop: 'a leaf hoop',
	path: 'a path to fill',
	kiln: 'a kiln or pit',
	sugar: 'sugar'
};

export const fateWords: Readonly<Record<string, string>> = {
	mulch: 'plain mulch',
	'chip-mulch': 'chips for mulch',
	'sugar-ferment': 'sugar ferment',
	'steeped-liquor': 'steeped liquor',
	'worm-feed': 'feed for worms',
	'hot-compost': 'hot compost',
	'compost-path': 'compost path',
	'long-ferment': 'long ferment',
	'leaf-mould': 'leaf mould',
	char: 'dry and char'
};

export const lackWords: Readonly<Record<Lack, string>> = {
	stuff: 'not of this stuff',
	use: 'it gives something else',
	late: 'ready too late',
	early: 'ready too early: it would not keep so long',
	kit: 'not everything for it is at hand',
	little: 'too little of it',
	much: 'it takes a part of it only',
	smell: 'neighbours would smell it',
	hours: 'more work than there is time',
	mulched: 'no bed would take it: they have their mulch, or bear its kin',
	suspect: 'never hot enough for what may be ill'
};

export const smellWords = ['no smell', 'hardly a smell', 'it smells', 'it stinks'] as const;
