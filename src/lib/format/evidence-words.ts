import type { EvidenceKind } from '../core/evidence';

/** On what ground something is said, in a word or two. */
export const evidenceWords: Readonly<Record<EvidenceKind, string>> = {
	'own-trial': 'own trial with control',
	'own-pairs': 'own pairs',
	'own-observation': 'own observation',
	published: 'published',
	seller: 'a seller’s word',
	hearsay: 'hearsay',
	assumption: 'assumed'
};
