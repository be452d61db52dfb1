import type { CauseId } from './causes';

/** A test that tells causes apart: what it takes, and of which causes it comes out so. */
export interface TestRow {
	/** Hands-on minutes. */
	readonly minutes: number;
	/** Days to wait for it. */
	readonly days: number;
	/** Causes of which it likely comes out as it says. */
	readonly tells: readonly CauseId[];
}

/** How likely it comes out so of a cause that it tells, and of any other. Source: judged. */
export const comesOut = Object.freeze({ told: 0.85, other: 0.15 });
/** A day of waiting counts so many minutes. */
export const dayCounts_min = 2;

export const tests = Object.freeze({
	'bone-dry': { minutes: 1, days: 0, tells: ['dried-out'] },
	'glistening-wet': { minutes: 1, days: 0, tells: ['waterlogged', 'compacted'] },
	'sour-spit': { minutes: 2, days: 0, tells: ['waterlogged'] },
	'roots-washed': { minutes: 5, days: 0, tells: ['sour', 'compacted', 'pests'] },
	'ph-high': { minutes: 15, days: 0, tells: ['over-limed'] },
	'ph-low': { minutes: 15, days: 0, tells: ['sour', 'phosphorus'] },
	'ring-slow': { minutes: 30, days: 0, tells: ['compacted', 'waterlogged'] },
	'slurry-salty': { minutes: 20, days: 0, tells: ['salt'] },
	'fed-strip-greener': { minutes: 10, days: 8, tells: ['raw-char', 'nitrogen'] },
	'sprayed-row-greener': { minutes: 10, days: 7, tells: ['magnesium'] },
	'beans-twisted': { minutes: 15, days: 21, tells: ['residue'] },
	'lamp-finds': { minutes: 10, days: 0, tells: ['pests'] }
} satisfies Readonly<Record<string, TestRow>>);

export type TestId = keyof typeof tests;
export const testIds = Object.freeze(Object.keys(tests)) as readonly TestId[];
export const testOf = (id: TestId): TestRow => tests[id];
