import type { DoseLimit, WayOfPutting } from '../beds';
import type { Thinning, WaterSize } from '../brews';
import type { QualityVerdict } from '../char';
import type { ProofStage } from '../fires';
import type { Contents } from '../ledger';
import type { GermClass } from '../materials';
import type { Litres, Share } from '../units';
import type { Around, Given } from './given';

/** How a batch or brew stands that should be ripe before it goes out. */
export type Ripeness =
	'working' | 'wants-test' | 'wants-smell' | 'failed' | 'ripe' | 'fading' | 'past';

/** Char that something is or was made of, by what was tried of it. */
export interface CharTried {
	readonly code: string;
	readonly verdict: QualityVerdict;
	/** Tests that it failed, by their names. */
	readonly failed: string;
	readonly ph?: number;
}

/** A fire that is not proven out as far as it must be. */
export interface Unproven {
	readonly burn: string;
	readonly needed: ProofStage;
	readonly passed: number;
	readonly of: number;
}

/** What would be put somewhere, by its traits: no rule knows a kind by its name. */
export interface PutThing extends Pick<Given, 'isManure' | 'givesOff' | 'isLiquid'> {
	readonly code: string;
	readonly name: string;
	readonly germs: GermClass;
	/** A liming agent that bites: ash, or lye of it. */
	readonly isAsh: boolean;
	readonly isLye: boolean;
	/** Ground limestone: it limes, and does not bite. */
	readonly isLimestone?: boolean;
	/** Alive or curing: it has a time when it is ready. */
	readonly ripeness?: Ripeness;
	readonly isBrew: boolean;
	/** Char that nothing charged, and whether it lies in pieces as it was burnt. */
	readonly isRaw: boolean;
	readonly isWhole: boolean;
	readonly hasChar: boolean;
	readonly chars: readonly CharTried[];
	/** Of a brew: how it is thinned on the ground and on leaves; none: it goes there not at all. */
	readonly soil?: Thinning;
	readonly leaves?: Thinning;
	/** Something loose steeps in it still. */
	readonly isUnstrained: boolean;
	/** Last read of it as it stands, dS/m. */
	readonly salt?: number;
	/** In quarantine, and why. */
	readonly held?: string;
	/** Its source is refused for soil, and why. */
	readonly refused?: string;
	readonly unproven: readonly Unproven[];
}

/** A target as it stands in the books at a moment. */
export interface TargetStands {
	readonly name: string;
	readonly area_m2: number;
	readonly acidLover: boolean;
	readonly eatenRaw: boolean;
	/** Potatoes grow there, come next, or grew there within a year. */
	readonly scab: boolean;
	/** When something was last sown or planted there. */
	readonly sown_ms?: number;
	/** As it stands in water. */
	readonly ph?: number;
	/** It was read within a year. */
	readonly isPhFresh: boolean;
	/** Of a slurry 1 : 5 of its soil, dS/m, where one was read within half a year. */
	readonly salt_dS_m?: number;
	readonly around: Around;
}

/** A brew as it is poured or sprayed. */
export interface Poured {
	/** Parts of water to one of brew. */
	readonly parts: number;
	/** Litres diluted that were wanted, and what drinks them. */
	readonly wanted: Litres;
	readonly size: WaterSize;
	/** Read of the diluted liquid, dS/m. */
	readonly salt?: number;
	readonly isForSeedlings: boolean;
}

/** Something that would be put on a target: how much of it, how and when. */
export interface Putting {
	readonly thing: PutThing;
	readonly target: TargetStands;
	readonly way: WayOfPutting;
	readonly at_ms: number;
	/** Of the lot as it lies. */
	readonly litres: number;
	/** What goes on with it, mg. */
	readonly gives: Contents;
	/** Of what holds char: the share reached, and the limits passed. */
	readonly dose?: { readonly shareAfter: Share; readonly over: readonly DoseLimit[] };
	readonly poured?: Poured;
}
