/** On what ground something is said, the surest first. */
export const evidenceKinds = [
	'own-trial',
	'own-pairs',
	'own-observation',
	'published',
	'seller',
	'hearsay',
	'assumption'
] as const;
export type EvidenceKind = (typeof evidenceKinds)[number];

const hearsay = /\bpractice\b|\bgardeners\b|\bgrowers\b/i;
const assumed = /\bassum|\bjudged?\b|\bjudge?ment/i;
/** What names where it was printed: a year, authors, a body that publishes, a table. */
const printed =
	/\b(?:18|19|20)\d\d\b|\bet al\b|\btrials? reports?\b|\bhandbook\b|\b(?:NIST|IPCC|USDA|WHO|CFR)\b|\bordinance\b|\bextension\b|\btables?\b/i;

/**
 * The ground of a figure that the program brings along, by how its source is told: what is only handed on among
 * those who do the work is hearsay, however many say it; published is what names where; the rest is an assumption,
 * so that no figure claims more than its source tells.
 * @param source as it stands beside the figure
 * @example groundOfSource('Practice: 2–5 L/m² a time') // 'hearsay'
 */
export function groundOfSource(source: string): 'published' | 'hearsay' | 'assumption' {
	if (hearsay.test(source)) return 'hearsay';
	return printed.test(source) && !assumed.test(source) ? 'published' : 'assumption';
}

/** What an own result was got by. */
export interface OwnResult {
	readonly hasControl: boolean;
	/** Several of each, so that chance can be told from treatment. */
	readonly isRepeated: boolean;
}

/** A trial without a control, or with one of each, is something seen and no more. */
export const groundOfTrial = ({ hasControl, isRepeated }: OwnResult): EvidenceKind =>
	hasControl && isRepeated ? 'own-trial' : 'own-observation';
