import { z } from 'zod';
import { recipes, type Smell } from '../core/brews';
import type { Measure } from '../core/materials';
import { litres, type Litres } from '../core/units';
import { chosenStuffIn, type StuffIn } from './brews';
import { measureField } from './charging';
import { complain, fields, maybeText, oneOf, text, type Reading } from './form';
import { limits } from './limits';

export interface SmellInput {
	readonly code: string;
	readonly smell: Smell;
}

/** Everything any recipe asks a nose or an eye for; the act knows which of it is asked of this brew. */
export const everySmell = [
	...new Set(recipes.flatMap(({ senses }) => senses.map(([smell]) => smell)))
] as [Smell, ...Smell[]];

/** What a nose says of it. */
export const smellSchema = (_reading: Reading, code: string) =>
	z.object({ smell: oneOf(everySmell) }).transform(({ smell }): SmellInput => ({ code, smell }));

export interface TendBrewInput {
	readonly code: string;
	readonly how: 'pump-stopped' | 'stirred' | 'vented' | 'lid-leaks' | 'lid-mended';
}

const tendings = [
	'pump-stopped',
	'stirred',
	'vented',
	'lid-leaks',
	'lid-mended'
] as const satisfies readonly TendBrewInput['how'][];

/** Something was done with it, or seen of its lid. */
export const tendBrewSchema = (_reading: Reading, code: string) =>
	z.object({ how: oneOf(tendings) }).transform(({ how }): TendBrewInput => ({ code, how }));

export interface DoubtInput {
	readonly code: string;
	readonly why: string;
}

/** Somebody doubts it, and so all that is brewed from it. */
export const doubtSchema = (_reading: Reading, code: string) =>
	z.object({ doubt: text(300) }).transform(({ doubt }): DoubtInput => ({ code, why: doubt }));

export interface SaltInput {
	readonly code: string;
	readonly dS_m: number;
}

/** What a meter says of the brew itself. */
export const saltSchema = (reading: Reading, code: string) =>
	z
		.object({ salt: fields(reading).quantity(limits.salt.salt) })
		.transform(({ salt }): SaltInput => ({ code, dS_m: salt as number }));

export interface StrainInput {
	readonly code: string;
	readonly drawn: Litres;
}

/** Strained: so much liquid was drawn. */
export const strainSchema = (reading: Reading, code: string) =>
	z
		.object({ drawn: fields(reading).quantity(limits.strain.drawn, litres) })
		.transform(({ drawn }): StrainInput => ({ code, drawn }));

export interface MoveBrewInput {
	readonly code: string;
	/** None: it stands in nothing that is measured. */
	readonly vessel?: string | undefined;
}

/** It stands elsewhere from now on. */
export const moveBrewSchema = (_reading: Reading, code: string) =>
	z
		.object({ into: maybeText(60) })
		.transform(({ into }): MoveBrewInput => ({ code, ...(into ? { vessel: into } : {}) }));

export interface FeedInput {
	readonly code: string;
	readonly with: StuffIn;
	readonly measure: Measure;
	/** Why it is fed with what is doubted. */
	readonly reason?: string | undefined;
}

/** Fed: more of something went in. */
export const feedSchema = (reading: Reading, code: string) =>
	z
		.object({ feed: text(60), feedAmount: measureField(reading), feedReason: maybeText(300) })
		.transform(({ feed, feedAmount, feedReason }, ctx): FeedInput => {
			const stuff = chosenStuffIn(feed);
			if (!stuff) {
				complain(ctx, 'feed', 'choose');
				return z.NEVER;
			}
			return { code, with: stuff, measure: feedAmount, reason: feedReason };
		});
