import { bedKind } from '../beds/kinds';
import { brewKind } from '../brews/kinds';
import { charKind } from '../char/kinds';
import { chargeKind } from '../charging/kinds';
import { burnKind } from '../fires/kinds';
import {
	cropKind,
	deviceKind,
	measureKind,
	personKind,
	placeKind,
	programmeKind,
	recipeKind,
	adviceKind,
	trialKind
} from './named';
import { ashKind, stockKind } from '../materials/kinds';
import { heapKind } from '../heaps/kinds';
import { mixKind } from '../mixes/kinds';
import { vesselKind } from '../vessels/kinds';
import { stackKind } from '../woodyard/kinds';

export { warmthOf, type Warmth } from './warm';

/** What has a page and books of its own. */
export interface KindFacts {
	readonly id: string;
	/** What its books are kept by: a lot or a fire by its code, a bed or vessel by its name. */
	readonly of: string;
	/** Before the number of each, where it goes by a code. */
	readonly letter?: string;
	readonly word: string;
	/** Where its room stands. */
	readonly path: string;
	/** The room that lists it, where that is another. */
	readonly home?: string;
}

/** Every kind of thing, each stated by its room. */
export const kinds = Object.freeze([
	stackKind,
	burnKind,
	charKind,
	chargeKind,
	stockKind,
	ashKind,
	brewKind,
	heapKind,
	mixKind,
	bedKind,
	vesselKind,
	programmeKind,
	trialKind,
	adviceKind,
	recipeKind,
	cropKind,
	measureKind,
	placeKind,
	deviceKind,
	personKind
] as const satisfies readonly KindFacts[]);

export type Kind = (typeof kinds)[number];
export type Place = Kind['id'];
/** What has books of its own. */
export type Booked = Kind['of'];
export type LotKind = Extract<Kind, { readonly of: 'lot' }>['id'];

export const lotKinds: readonly (KindFacts & { readonly id: LotKind; readonly letter: string })[] =
	kinds.filter((kind): kind is Extract<Kind, { readonly of: 'lot' }> => kind.of === 'lot');

export type NamedKind = Exclude<Kind, { readonly letter: string }>['id'];

/** Kinds that go by a name that people give and change; a thing of one is kept under its id. */
export const namedKinds: readonly KindFacts[] = kinds.filter((kind) => !('letter' in kind));

export const isNamedKind = (id: string): id is NamedKind =>
	namedKinds.some((kind) => kind.id === id);

/** @throws RangeError for a kind that is in no table */
export function kindOf(id: Place): KindFacts {
	const known = kinds.find((kind) => kind.id === id);
	if (!known) throw new RangeError(`kindOf: "${id}" is no kind`);
	return known;
}

/** The kind of what goes by a code: by the letter it starts with, in either case. */
export const kindByCode = (code: string): Kind | undefined =>
	kinds.find((kind) => 'letter' in kind && kind.letter === code.charAt(0).toUpperCase());

export { readingRules } from './reading';
