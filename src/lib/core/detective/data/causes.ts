import type { SignId } from './signs';

/** How strongly a sign or a clue speaks for a cause, or against it. */
export type Weight = '++' | '+' | '-' | '--';

/** What the books, or the grower when asked, can say. */
export const clueIds = [
	'no-cover',
	'ten-dry-days',
	'raw-char-lately',
	'chips-lately',
	'no-raw-no-chips',
	'no-nitrogen',
	'heavy-feeder',
	'fed-enough',
	'light-soil',
	'ash-within-year',
	'much-potash',
	'cold-soil',
	'over-cap',
	'ph-7.3',
	'ph-6.5',
	'ph-5.4',
	'ph-5.8',
	'ph-6.2',
	'strong-lately',
	'salty',
	'suspect-stuff',
	'failed-beans',
	'slow-5',
	'slow-15',
	'much-rain',
	'stays-wet',
	'trodden',
	'same-family',
	'out-of-window'
] as const;
export type ClueId = (typeof clueIds)[number];

export const causeIds = [
	'dried-out',
	'raw-char',
	'nitrogen',
	'potash',
	'magnesium',
	'phosphorus',
	'over-limed',
	'sour',
	'salt',
	'residue',
	'waterlogged',
	'compacted',
	'pests',
	'season',
	'something-else'
] as const;
export type CauseId = (typeof causeIds)[number];

interface CauseRow {
	/** Odds before anything is known of the bed; they need not sum to one. */
	readonly prior: number;
	readonly signs: Readonly<Partial<Record<SignId, Weight>>>;
	readonly clues: Readonly<Partial<Record<ClueId, Weight>>>;
}

/** Source: general agronomy, judged and not fitted. */
export const causes: Readonly<Record<CauseId, CauseRow>> = Object.freeze({
	'dried-out': {
		prior: 0.14,
		signs: {
			...{ gap: '++', crust: '+', 'runs-off': '++', 'wilts-dry': '++', 'few-worms': '+' },
			...{ 'wilts-wet': '--', 'sour-smell': '-' }
		},
		clues: { 'no-cover': '+', 'ten-dry-days': '++' }
	},
	'raw-char': {
		prior: 0.08,
		signs: { 'pale-old': '++', stunted: '+', 'dark-leaves': '--' },
		clues: { 'raw-char-lately': '++', 'chips-lately': '++', 'no-raw-no-chips': '--' }
	},
	nitrogen: {
		prior: 0.1,
		signs: { 'pale-old': '++', stunted: '+', 'dark-leaves': '--', 'tip-burn': '-' },
		clues: { 'no-nitrogen': '+', 'heavy-feeder': '+', 'fed-enough': '-' }
	},
	potash: {
		prior: 0.07,
		signs: { 'scorched-old': '++', 'weak-stems': '+', 'poor-ripening': '+', 'young-first': '-' },
		clues: { 'light-soil': '+', 'ash-within-year': '-' }
	},
	magnesium: {
		prior: 0.05,
		signs: { 'old-between-veins': '++', 'young-first': '--' },
		clues: { 'ph-5.4': '+', 'ph-5.8': '+', 'much-potash': '+' }
	},
	phosphorus: {
		prior: 0.06,
		signs: { purple: '++', stunted: '+' },
		clues: { 'cold-soil': '++', 'ph-5.4': '+', 'ph-5.8': '+' }
	},
	'over-limed': {
		prior: 0.07,
		signs: { 'young-between-veins': '++', 'only-some': '+', 'pale-old': '-' },
		clues: { 'over-cap': '++', 'ph-7.3': '++', 'ph-6.5': '--' }
	},
	sour: {
		prior: 0.07,
		signs: { 'stubby-roots': '++', stunted: '+', moss: '+', 'pulses-worst': '+' },
		clues: { 'ph-5.4': '++', 'ph-5.8': '+', 'ph-6.2': '--' }
	},
	salt: {
		prior: 0.07,
		signs: { 'tip-burn': '++', 'white-crust': '+', 'wilts-wet': '+', 'dead-at-edge': '++' },
		clues: { 'strong-lately': '++', salty: '++' }
	},
	residue: {
		prior: 0.04,
		signs: { cupped: '++', 'fern-like': '++', 'beans-worst': '++', 'grasses-too': '-' },
		clues: { 'suspect-stuff': '++', 'failed-beans': '++' }
	},
	waterlogged: {
		prior: 0.07,
		signs: { 'wilts-wet': '++', 'sour-smell': '++', mottled: '++', gap: '--' },
		clues: { 'slow-5': '++', 'much-rain': '+', 'stays-wet': '+' }
	},
	compacted: {
		prior: 0.06,
		signs: { 'forked-roots': '++', 'water-stands': '++', 'spade-stops': '+' },
		clues: { 'slow-5': '+', 'slow-15': '+', trodden: '+' }
	},
	pests: {
		prior: 0.09,
		signs: { bitten: '++', ringed: '+', 'one-sided': '++', 'whole-bed': '-' },
		clues: { 'same-family': '+' }
	},
	season: {
		prior: 0.03,
		signs: { bolting: '++', leafless: '+' },
		clues: { 'out-of-window': '++' }
	},
	'something-else': { prior: 0.1, signs: {}, clues: {} }
});
