import type { ChargeTask, ReadyCheck, SchoolId } from '../core/charging';
import type { QualityTest, QualityVerdict } from '../core/char';

/** What shows that a charge is ready, as one would tick it off. */
export const checkWords: Readonly<Record<ReadyCheck, string>> = {
	earthy: 'It smells of earth, not sour',
	'no-ammonia': 'No ammonia on the nose, fresh from its middle',
	sinks: 'Its pieces sink: the pores are full',
	'brew-smell': 'It smells as its liquor should, not of rot',
	threads: 'White threads run through it',
	sweet: 'It smells sweet, like bread or mushrooms',
	cooled: 'Its heat is gone: as cool in the middle as outside',
	'heap-done': 'The heap is done: what went in cannot be told any more'
};

/** What is due, as a bidding, and once it is done. */
export const taskWords: Readonly<
	Record<ChargeTask, { readonly due: string; readonly done: string }>
> = {
	stir: { due: 'Stir', done: 'stirred' },
	turn: { due: 'Turn', done: 'turned' },
	'top-up': { due: 'Moisten', done: 'topped up' },
	'muck-out': { due: 'Muck out', done: 'mucked out' },
	drain: { due: 'Drain', done: 'drained' },
	test: { due: 'Test', done: 'tested' }
};

/** What a school is, in a line, and the caution that goes with it. */
export const schoolWords: Readonly<
	Record<SchoolId, { readonly how: string; readonly caution: string; readonly work: string }>
> = {
	'compost-rest': {
		how: 'Char and ripe compost, moist, turned now and then.',
		work: 'mix once, turn twice or three times',
		caution:
			'Compost carries moulds and Legionella: damp, mask, wash. People with weak lungs or immunity keep away.'
	},
	'manure-cure': {
		how: 'Char and manure by equal parts, a little water, weeks of rest.',
		work: 'mix once, turn weekly',
		caution:
			'Raw manure: gloves, wash, away from wells and streams; what is eaten raw waits until its harvest date. Ask where hay and straw came from: some weedkillers pass through the animal. Poultry manure is composted hot first where bird flu is about.'
	},
	'nitrogen-soak': {
		how: 'Char under rain water with as much urine as the nitrogen wants.',
		work: 'pour once, stir every other day, drain',
		caution:
			'Urine of your own household, on your own garden; not of unknown people. Keep ash and lime out: ammonia goes off. Under a lid, outdoors, away from children. Its use on food eaten raw has waiting times, and some organic standards bar it: ask the certifier.'
	},
	'plant-soak': {
		how: 'Char under plant liquor or tea.',
		work: 'pour once, stir every other day, drain',
		caution:
			'Open it outdoors and stand back: rotting liquor gives off gases. Keep it out of streams. Teas made with manure or sugar stay off what is eaten raw.'
	},
	'living-soil-soak': {
		how: 'Three parts of char to one of your own good soil and compost, under water.',
		work: 'fill once, stir every other day',
		caution:
			'Soil and compost carry tetanus and Legionella: gloves, wash, keep your cover up to date.'
	},
	'everything-soak': {
		how: 'Char with as much of mixed composts, moulds and old manure, under plant liquor.',
		work: 'fill once, stir every other day, drain',
		caution:
			'Manure inside: what is eaten raw waits until its harvest date. Under a lid, outdoors; gases gather over rotting liquor: do not bend over it.'
	},
	'fed-culture': {
		how: 'Moist char with bran, castings and life that feeds on it; it warms, threads and cools.',
		work: 'mix once, turn every other day',
		caution:
			'Green or black mould: out, unopened, with a mask. Bran dust and spores: damp and masked. Fed with sugar it stays off what is eaten raw.'
	},
	'co-compost': {
		how: 'Char in layers through a new heap, a twentieth to a seventh of it.',
		work: 'layer once, turn fortnightly',
		caution:
			'Compost carries moulds and Legionella: damp, mask, wash. Heat in a heap kills less at its edges: turn them in.'
	},
	bedding: {
		how: 'Char in the litter, mucked out with it, then composted.',
		work: 'strew with fresh litter, muck out, turn',
		caution:
			'Char near animals, as bedding or feed, is for the vet and the feed law to say; no amount is given here. Dust: damp it first. What comes out is raw manure until it is composted.'
	},
	'under-mulch': {
		how: 'Raw char, thin, under manure or chips, on the bed itself.',
		work: 'spread once',
		caution:
			'The exception: raw char draws water and nitrogen from the bed for its first season. Nothing sensitive goes in before that, and manure on top has its harvest date.'
	}
};

/** What goes in besides, by its part in the school. */
export const extraWords: Readonly<Record<string, string>> = {
	compost: 'Compost or castings',
	mould: 'Leaf mould or castings',
	manure: 'Manure',
	liquor: 'Liquor or tea',
	castings: 'Castings or greens',
	brew: 'Tea or liquor',
	sugar: 'Sugar or molasses'
};

export const qualityWords: Readonly<Record<QualityTest, string>> = {
	ring: 'Dry pieces ring bright when they are dropped',
	washes: 'It washes off hands with water alone',
	sinks: 'It floats, then slowly sinks',
	'no-tar-smell': 'It does not smell of tar'
};

export const verdictWords: Readonly<Record<QualityVerdict, string>> = {
	'soil-char': 'clean enough for soil',
	back: 'tarry or never hot enough: back into a fire, or into a heap; not into beds',
	heap: 'for a heap, which finishes it',
	untried: 'not tried enough to say'
};
