import { z } from 'zod';
import type { Measure } from '../core/materials';
import { litres, type Litres } from '../core/units';
import type { StuffIn } from '../core/brews';
import { chosenStuffIn } from './chosen';
import { measureField } from './charging';
import { complain, fields, maybeText, text, type Reading } from './form';
import { limits } from './limits';

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
}

/** Fed: more of something went in. */
export const feedSchema = (reading: Reading, code: string) =>
	z
		.object({ feed: text(60), feedAmount: measureField(reading) })
		.transform(({ feed, feedAmount }, ctx): FeedInput => {
			const stuff = chosenStuffIn(feed);
			if (!stuff) {
				complain(ctx, 'feed', 'choose');
				return z.NEVER;
			}
			return { code, with: stuff, measure: feedAmount };
		});
