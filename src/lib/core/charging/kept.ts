import { minus, part, type Contents } from '../ledger';
import { between } from '../units';
import { soakUptake } from './soak';

/** g per kg of dry char that its sites hold fast. Source: sorption of hot wood char. */
const sorbed = Object.freeze({
	'mineral-nitrogen': between(0.5, 3).value,
	potassium: between(0.5, 2).value,
	source:
		'Hot wood char sorbs 0.5–3 g ammonium-N and 0.5–2 g K per kg; the rest stands in its pores'
});

/** A soak before it is drained. */
export interface Soaked {
	/** Litres of char, and its dry weight. */
	readonly char_l: number;
	readonly char_kg: number;
	/** All the liquid: poured, and what the char held before. */
	readonly liquid_l: number;
	/** Solids lie with it: what is bound in them, organic N and P, does not run off. */
	readonly withSolids?: boolean | undefined;
	readonly contents: Contents;
}

/**
 * What stays with the char when a soak is drained, and what runs off: sites hold what they can of
 * ammonium and potash, the pores keep their share of the rest of the liquid. Dry matter stays.
 * Central values. Source: sorption plus pore liquid of the soak's own strength.
 */
export function keptBySoak({ char_l, char_kg, liquid_l, contents, withSolids }: Soaked): {
	readonly stays: Contents;
	readonly runsOff: Contents;
	/** mg on its sites. */
	readonly fast: { readonly nitrogen: number; readonly potassium: number };
} {
	const uptake_l = between(soakUptake.low, soakUptake.high).value * char_l;
	const inPores = liquid_l > 0 ? Math.min(1, uptake_l / liquid_l) : 1;
	const onSites = (substance: 'mineral-nitrogen' | 'potassium') =>
		Math.min(contents[substance] ?? 0, sorbed[substance] * char_kg * 1000);
	const keeps = (substance: 'mineral-nitrogen' | 'potassium'): number => {
		const offered = contents[substance] ?? 0;
		const fast = onSites(substance);
		return fast + (offered - fast) * inPores;
	};
	const mineral = Math.round(keeps('mineral-nitrogen'));
	const organic = (contents.nitrogen ?? 0) - (contents['mineral-nitrogen'] ?? 0);
	const dissolved: Contents = {
		nitrogen: contents.nitrogen ?? 0,
		'mineral-nitrogen': contents['mineral-nitrogen'] ?? 0,
		phosphorus: contents.phosphorus ?? 0,
		potassium: contents.potassium ?? 0
	};
	const held: Contents = {
		nitrogen: mineral + Math.round(Math.max(0, organic) * (withSolids ? 1 : inPores)),
		'mineral-nitrogen': mineral,
		potassium: Math.round(keeps('potassium')),
		phosphorus:
			part({ phosphorus: dissolved.phosphorus ?? 0 }, withSolids ? 1 : inPores).phosphorus ?? 0
	};
	const runsOff = minus(dissolved, held);
	return {
		stays: minus(contents, runsOff),
		runsOff,
		fast: { nitrogen: onSites('mineral-nitrogen'), potassium: onSites('potassium') }
	};
}
