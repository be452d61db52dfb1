import { litres, type Litres } from '../units';
import { dilutedAs, goesTo, serve, type Diluted, type First } from './share-out';
import { targetOn, type WateredBed, type WaterSize } from './targets';
import { wateringOf } from './read-watering';
import type { WateringAsk } from './watering-ask';

/** A bed as a round sees it. */
export interface PourBed extends WateredBed {
	/** When it last had any brew; null where never. */
	readonly last_ms: number | null;
}

/** A brew as it would be shared out: so many parts of water to one, on the ground or on leaves. */
export interface PourAsked {
	readonly parts: number;
	/** What the amounts are of: the diluted liquid, or the brew that goes into it. */
	readonly basis: 'diluted' | 'brew';
	readonly onto: 'soil' | 'leaves';
	/** Who is served first where there is not enough; none: nobody said, and each is told what it wants. */
	readonly first?: First | undefined;
	readonly stops: readonly { readonly bed: PourBed; readonly ask: WateringAsk }[];
}

export interface PourStop {
	readonly bed: PourBed;
	readonly size: WaterSize;
	/** Diluted, as it was asked for. */
	readonly wanted: Litres;
	/** What it gets of that. */
	readonly gets: Diluted;
}

export interface Poured {
	readonly stops: readonly PourStop[];
	/** What all want, in litres of the brew itself. */
	readonly needs: Litres;
	readonly total: Litres;
}

/** What each bed wants of a brew and gets of what there is. */
export function pourOut(held: Litres, { parts, basis, onto, first, stops }: PourAsked): Poured {
	const wanted = stops.map(({ bed, ask }) => {
		const size = targetOn(bed, onto, ask);
		const asked = wateringOf(ask, size, bed.pieces);
		const total = basis === 'brew' ? goesTo(asked, parts) : asked;
		return { bed, size, name: bed.name, total, last_ms: bed.last_ms };
	});
	const all = wanted.reduce((sum, { total }) => sum + dilutedAs(total, parts).brew, 0);
	// Until somebody says who goes first, each is told what it wants.
	const supply = first === undefined ? litres(all) : held;
	const { served, needs } = serve(supply, parts, wanted, first ?? 'as-listed');
	return {
		needs,
		total: litres(served.reduce((sum, { gets }) => sum + gets.total, 0)),
		stops: wanted.map(({ bed, size, total }, i) => ({
			bed,
			size,
			wanted: total,
			// What nobody shared stays exactly what was asked.
			gets: first === undefined ? dilutedAs(total, parts) : served[i]!.gets
		}))
	};
}
