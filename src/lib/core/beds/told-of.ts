import type { PhIn } from '../liming';
import type { SeepRead } from './seep';
import type { CropKind } from './want';
import type { Span } from './within';

/** What grows on a target, or comes next, with its share of the ground. */
export interface Crop {
	readonly name: string;
	readonly kind: CropKind;
	/** 0 … 1 of the ground. */
	readonly share: number;
	readonly when: 'now' | 'next';
	/** The local day on which it was sown or planted, where that was told. */
	readonly since?: string;
}

/** A dated fact of a target, with the way it is known: "grower", or how it was read. */
export type TargetFact = Span & { readonly way: string; readonly seq: number } & (
		| { readonly what: 'crop'; readonly found: Crop }
		| { readonly what: 'acid-lover' | 'eaten-raw'; readonly found: { readonly is: boolean } }
		| { readonly what: 'sown'; readonly found: { readonly name: string; readonly share?: number } }
		| { readonly what: 'cleared'; readonly found: { readonly name?: string } }
		| {
				readonly what: 'ph';
				readonly found: { readonly ph: number | null; readonly in?: PhIn };
		  }
		| { readonly what: 'seep'; readonly found: SeepRead }
		| { readonly what: 'ground-cover'; readonly found: { readonly words: string } }
	);
