import type { Rule } from '../cautions';
import { germClasses, materialOf, type Composition } from '../materials';

/** Part of a mix as its rules look at it. */
export interface MixedPart {
	readonly name: string;
	readonly isAsh: boolean;
	/** It carries ammonium, urea, urine or fresh manure. */
	readonly isRich: boolean;
	/** Ash that was soaked with urine and dried. */
	readonly soak?: { readonly urine: 'fresh' | 'stored'; readonly ph?: number | undefined };
	readonly refused?: string | undefined;
	/** Share of the litres of the mix. */
	readonly share: number;
	readonly most?: number | undefined;
}

export interface MixCase {
	readonly name: string;
	readonly use: MixUse;
	readonly parts: readonly MixedPart[];
}

/** What a mix is for. */
export const mixUses = Object.freeze(['feed', 'pots', 'seed'] as const);
export type MixUse = (typeof mixUses)[number];

/** Above it urea keeps in a soak. Source: Senecal & Vinnerås 2017, Sci. Total Environ. 586. */
const holds_ph = 10;

const isFed = ({ germs }: Composition) =>
	germClasses.indexOf(germs) >= germClasses.indexOf('urine') && germs !== 'sugar-fed';

/** What is in a part that ash drives off, by what is known of it: of an own soak by how it was made. */
export function partTraits(
	composition: Composition,
	soak: MixedPart['soak']
): Pick<MixedPart, 'isAsh' | 'isRich' | 'soak'> {
	const isAsh = materialOf(composition.material).sort === 'ash';
	return { isAsh, isRich: !isAsh && isFed(composition), ...(soak ? { soak } : {}) };
}

const isKept = ({ soak }: MixedPart) =>
	soak?.urine === 'fresh' && (soak.ph === undefined || soak.ph >= holds_ph);

/** What speaks against a mix. */
export const mixRules: readonly Rule<MixCase>[] = Object.freeze([
	{
		code: 'mix-refused',
		weight: 'never',
		when: 'A lot whose source is refused for soil, in any mix',
		lifted: 'Nothing',
		source: 'Paint, glue, salts and metals go on with it',
		finds: ({ parts }) => {
			const one = parts.find(({ refused }) => refused !== undefined);
			return (
				one !== undefined && { of: one.name, facts: { code: one.name, what: one.refused ?? '' } }
			);
		}
	},
	{
		code: 'mix-ash-ammonium',
		weight: 'never',
		when: 'Ash in one blend with urine, fresh manure or other ammonium',
		lifted: 'They go on apart, 14 days between them',
		source: 'Lime drives ammonia off: it is lost, and burns lungs',
		finds: ({ parts }) => {
			const ash = parts.find((one) => one.isAsh);
			const rich = parts.find((one) => one.isRich);
			return (
				ash !== undefined && rich !== undefined && { facts: { ash: ash.name, with: rich.name } }
			);
		}
	},
	{
		code: 'mix-soak-stored',
		weight: 'ask',
		when: `A dried soak of stored urine, or one read below pH ${holds_ph}: hardly any of its nitrogen is left`,
		lifted: 'A laboratory’s result of it',
		source:
			'Senecal & Vinnerås 2017, Sci. Total Environ. 586: alkaline drying keeps fresh urea only',
		finds: ({ parts }) => {
			const one = parts.find((part) => part.soak && !isKept(part));
			return one !== undefined && { of: one.name, facts: { code: one.name } };
		}
	},
	{
		code: 'mix-seed-ash',
		weight: 'ask',
		when: 'Ash in a seed mix',
		lifted: 'It is left out',
		source: 'Potting practice: seedlings bear little salt and no lye',
		finds: ({ use, parts }) => {
			const one = use === 'seed' ? parts.find((part) => part.isAsh) : undefined;
			return one !== undefined && { facts: { code: one.name } };
		}
	},
	{
		code: 'mix-pot-much',
		weight: 'ask',
		when: 'More of a rich or salty part in a potting mix than roots bear; in a seed mix half of that',
		lifted: 'Less of it',
		source: 'Potting practice: compost at most 30 %, castings 20 %, char 10 %, half of it for seed',
		finds: ({ use, parts }) => {
			if (use === 'feed') return false;
			const by = use === 'seed' ? 0.5 : 1;
			const one = parts.find(({ share, most }) => most !== undefined && share > most * by * 1.001);
			return (
				one !== undefined && {
					of: one.name,
					facts: { code: one.name, share: one.share, most: (one.most ?? 0) * by }
				}
			);
		}
	},
	{
		code: 'mix-dust',
		weight: 'tell',
		when: 'Any mix',
		lifted: 'Nothing',
		source: 'Perlite, ash, char and meals are dust: damp, a mask, upwind',
		finds: ({ use }) => ({ facts: { use } })
	}
]);
