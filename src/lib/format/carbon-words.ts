import type { Doubt, Elsewise } from '../core/carbon';
import type { Range, System } from '../core/units';
import { sayRange } from './figure';

/** What carries the doubt, on what ground it stands, and the measure that would narrow it. */
export function doubtWords(doubt: Doubt): {
	readonly what: string;
	readonly ground: string;
	readonly measure: string;
} {
	const [is = '', of = ''] = doubt.split(' ');
	switch (is) {
		case 'share':
			return {
				what: `the carbon in char of ${shareWords[of] ?? of}`,
				ground: 'published',
				measure: 'burn a dried sample of your char off and weigh its ash'
			};
		case 'heat':
			return {
				what: `what lasts of char ${heatWords[of] ?? of}`,
				ground: 'published, at the heat that was read or is usual for its way',
				measure: 'read the bed with a probe or a gun while it burns'
			};
		case 'methane':
			return {
				what:
					of === 'field'
						? 'the methane of fires with wet wood or smoke, or of which neither was told'
						: 'the methane of dry and clean fires',
				ground: of === 'field' ? 'published' : 'assumed',
				measure: 'read the wood’s moisture before each fire and tell its minutes of smoke'
			};
		default:
			return {
				what: 'how much dry char it was',
				ground: 'own',
				measure: 'weigh a dried sample of a known volume'
			};
	}
}

const shareWords: Readonly<Record<string, string>> = {
	wood: 'wood',
	gasified: 'wood from top-lit barrels',
	herbaceous: 'canes and stalks',
	shells: 'shells and stones',
	manure: 'manure',
	straw: 'husks and straw'
};
const heatWords: Readonly<Record<string, string>> = {
	hot: 'made above 600 °C',
	warm: 'made at 450–600 °C',
	cool: 'made below 450 °C'
};

export const elsewiseWords: Readonly<Record<Elsewise, string>> = {
	bonfire: 'burnt openly',
	chips: 'chipped, and rotted in a heap',
	rot: 'left lying to rot'
};

/** kg of CO₂e between its 95 % ends. */
export const sayCo2 = (range: Range, system: System | undefined): string =>
	sayRange({ ...range, unit: 'kg' }, system);
