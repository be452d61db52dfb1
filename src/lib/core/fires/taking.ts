import type { Rule } from '../cautions';
import { reaches, type ProofStage, type ProofState } from './proof';

/** Something that would be taken out of where it lies. */
export interface Taking {
	readonly code: string;
	/** In quarantine, itself or by what it was made of. */
	readonly held?: string | undefined;
	/** It leaves for good and harms nothing: the one way on for what is held. */
	readonly isDisposed?: boolean;
	/** Fires its char came from, each as far as it is proven, and the stage this act needs. */
	readonly proofs: readonly { readonly burn: string; readonly proof: ProofState }[];
	readonly needed: ProofStage;
}

/**
 * The stage of proof an act on char needs. Dry char can heat itself: kept dry it wants the longest proof, as what
 * goes into bags does. Source: what each stage of proof allows.
 */
export function stageNeeded(verb: string, isDry: boolean): ProofStage {
	if (verb === 'give-away') return 'stored';
	if (verb === 'crush') return isDry ? 'stored' : 'once';
	return verb === 'charge' ? 'once' : 'series';
}

/** What speaks against taking a lot out: quarantine, and the proof of its fires. */
export const takingRules: readonly Rule<Taking>[] = Object.freeze([
	{
		code: 'held',
		weight: 'never',
		when: 'A lot in quarantine, or made of one that is; it may be disposed of',
		lifted: 'The quarantine is lifted, with a reason',
		source: 'Quarantine lets nothing through but disposal',
		finds: ({ held, isDisposed = false, code }) =>
			held !== undefined && !isDisposed && { of: code, facts: { code, reason: held } }
	},
	{
		code: 'not-proven',
		weight: 'never',
		when: 'Char of a fire that is not proven out: once for charging and damp crushing, the whole series to lie by itself, 48 h after it for bags and dry crushing',
		lifted: 'The checks of its proof have passed',
		source: 'Quench practice: what each stage of proof allows',
		finds: ({ proofs, needed, code }) =>
			proofs
				.filter(({ proof }) => !reaches(proof, needed))
				.map(({ burn, proof: { passed, of } }) => ({
					of: code,
					facts: { burn, needed, passed, of }
				}))
	}
] satisfies readonly Rule<Taking>[]);
