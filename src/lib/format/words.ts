import { factors } from '../core/units';
import type { Target } from '../core/beds';
import { goLimits, type BurnVerdict, type CheckFailing, type GoItem } from '../core/fires';
import type {
	CropKind,
	Drainage,
	DoseLimit,
	Humus,
	Texture,
	Want,
	WantReason,
	WantVoice
} from '../core/beds';
import type { NitrogenVerdict, Readiness } from '../core/charging';
import type { CharState, CharWetness } from '../core/char';
import type { MoistureVerdict } from '../core/woodyard';
import type { BandState } from '../core/time';
import type { System } from '../core/units';
import { say } from './figure';

export { capital, count, list } from './counted';

export const moistureWords: Readonly<Record<MoistureVerdict | 'unread', string>> = {
	ready: 'ready to burn',
	slower: 'will burn, slower and with more smoke',
	'hold-back': 'too wet: hold it back',
	'wont-burn': 'far too wet to carry a fire',
	undecided: 'undecided: wetter than a pin meter can tell, make an oven test',
	'too-few': 'not enough readings: at least three pieces',
	unread: 'not read yet'
};

export const burnWords: Readonly<Record<BurnVerdict, string>> = {
	'too-high':
		'more than this way gives: char not dry yet, wood not weighed, or char lighter than it was taken for',
	good: 'a good burn',
	middling: 'a middling burn',
	poor: 'a poor burn: much went to ash or brands',
	'more-out-than-in': 'more out than in',
	implausible: 'odd figures'
};

export const failingWords: Readonly<Record<CheckFailing, string>> = {
	places: 'fewer than three places',
	heat: 'heat felt, or a probe too hot',
	smoke: 'smoke seen',
	'white-spots': 'white spots seen'
};

/** The short list before the match, its limits in the grower's units. */
export function goWords(item: GoItem, system: System | undefined): string {
	const { wind_km_h, gust_km_h, distance_m, ground_m } = goLimits;
	const speed = (kmh: number) =>
		system === 'us' ? `${Math.floor(kmh / factors.speed.mph)} mph` : `${kmh} km/h`;
	const words: Readonly<Record<GoItem, string>> = {
		wood: 'Wood dry enough',
		water: 'Water on site before the match',
		fits: 'The char will fit',
		permit: 'Permit or notice where the local code asks, no fire ban',
		wind: `Wind steady below ${speed(wind_km_h)}, gusts below ${speed(gust_km_h)}, not toward houses or roads`,
		distance: `${say(distance_m, 'm', system)} from buildings and fences, nothing overhead`,
		ground: `Ground bare or wetted for ${say(ground_m, 'm', system)} around; no peat, roots or cables below`,
		second: 'A second person, and nobody leaves the fire',
		reach: 'A hose that reaches all sides, or cans that do',
		kit: 'Rake, fork, gloves, glasses; cotton, wool or leather; first-aid water',
		sleepers: 'No hedgehog, toad or nest in the stack: looked into it today',
		light: 'Daylight enough to finish and to watch'
	};
	return words[item];
}

export const wantWords: Readonly<Record<Want, string>> = {
	much: 'wants char',
	some: 'would gain from char',
	little: 'hardly needs char',
	careful: 'only with care',
	none: 'has had its fill'
};

export const reasonWords: Readonly<Record<WantReason, string>> = {
	sandy: 'sandy',
	'dries-out': 'dries out',
	heavy: 'heavy clay',
	'stays-wet': 'stays wet',
	'seeps-not': 'hardly drinks, by the ring',
	'seeps-slowly': 'drinks slowly, by the ring',
	sour: 'sour',
	poor: 'poor in humus',
	'leaf-and-fruit': 'leafy and fruiting crops gain most',
	'holds-its-own': 'soil that holds its own',
	rich: 'rich in humus',
	'grass-and-grain': 'grasses and small grains show little',
	alkaline: 'lime-rich already, and char lifts the pH',
	'acid-lover': 'acid lovers grow here',
	'fine-seed': 'fine seed comes up poorly in fresh char',
	'at-target': 'already past 5 %',
	full: 'at the 10 % ceiling'
};

export const voiceWords: Readonly<Record<WantVoice['about'], string>> = {
	soil: 'Soil',
	water: 'Water',
	humus: 'Humus',
	pH: 'pH',
	crop: 'Crop',
	'so-far': 'Char so far'
};
export const saysWords: Readonly<Record<WantVoice['says'], string>> = {
	for: 'for it',
	against: 'against it',
	care: 'with care',
	nothing: 'says nothing'
};

export const textureWords: Readonly<Record<Texture, string>> = {
	sand: 'sand',
	'sandy-silt': 'sandy silt',
	loam: 'loam',
	'clay-loam': 'clay loam',
	clay: 'clay'
};
export const drainageWords: Readonly<Record<Drainage, string>> = {
	'dries-out': 'dries out',
	even: 'even',
	'stays-wet': 'stays wet'
};

export const humusWords: Readonly<Record<Humus, string>> = {
	poor: 'poor, pale',
	usual: 'as usual',
	rich: 'rich, dark'
};
export const cropKindWords: Readonly<Record<CropKind, string>> = {
	mixed: 'mixed, or not said',
	'leaf-and-fruit': 'leafy or fruiting',
	'fine-seed': 'sown with fine seed',
	'grass-and-grain': 'grass or small grain'
};

export const limitWords: Readonly<
	Record<DoseLimit | 'raw' | 'uncrushed' | 'not-ripe' | 'failed' | 'fading' | 'past', string>
> = {
	ceiling: 'past the 10 % ceiling for life',
	'first-dose': 'more than a first dose should be',
	stock: 'more than the lot holds',
	raw: 'raw char: it takes water and nitrogen from the roots until it is filled',
	uncrushed: 'not crushed',
	'not-ripe': 'not ripe: its date or its test is still open',
	failed: 'its last test failed',
	fading: 'fading: nitrogen and air are going',
	past: 'past its time: drain, wet and test it again'
};

export const readinessWords: Readonly<Record<Readiness, string>> = {
	working: 'curing',
	'wants-test': 'wants its test',
	failed: 'failed its test',
	ripe: 'ripe',
	fading: 'fading',
	past: 'past'
};

export const bandWords: Readonly<Record<BandState, string>> = {
	working: 'working',
	usable: 'may be used',
	best: 'at its best',
	fading: 'fading',
	past: 'past'
};

export const nitrogenWords: Readonly<Record<NitrogenVerdict, string>> = {
	'too-little': 'too little: it may still draw nitrogen from the bed',
	partial: 'partly fed',
	full: 'fully fed',
	wasteful: 'more than char holds: the rest is lost as ammonia or drained',
	'fed-by-curing': 'fed slowly, by the life in what it cures with'
};

export const wetnessWords: Readonly<Record<CharWetness, string>> = {
	dry: 'dry',
	drained: 'drained, damp',
	'quench-wet': 'wet from the quench'
};
export const stateWords: Readonly<Record<CharState, string>> = {
	whole: 'whole-piece',
	crushed: 'crushed'
};

/** What goes on a bed and comes of no lot. */
export const ownWords: Readonly<Record<string, string>> = {
	water: 'water',
	'own-leaves': 'leaves cut here'
};

/** What a bed is. */
export const targetWords: Readonly<Record<Target, string>> = {
	area: 'an area',
	pots: 'a group of pots',
	trees: 'trees, by the ground under the crown',
	path: 'a path between beds'
};
