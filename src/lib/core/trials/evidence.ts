/** On what ground something is said, the surest first. */
export const evidenceKinds = [
	'own-trial',
	'own-pairs',
	'own-observation',
	'published',
	'seller',
	'hearsay'
] as const;
export type EvidenceKind = (typeof evidenceKinds)[number];
