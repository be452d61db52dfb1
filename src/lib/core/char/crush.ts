import { allWeighed, weighedDensity } from './density';
import {
	between,
	earlier,
	kgDry,
	kgDryPerLitre,
	known,
	less,
	litres,
	over,
	reckon,
	times,
	type Estimate,
	type KgDryPerLitre,
	type Litres
} from '../units';

/** Crushing usually packs away 25–40 % of the loose volume; beyond 8–50 % a reading is doubtful. */
export const crushLimits = Object.freeze({
	usual: Object.freeze([0.25, 0.4] as const),
	plausible: Object.freeze([0.08, 0.5] as const),
	denser: Object.freeze([1.3, 1.6] as const),
	source: 'Crushing packs the heap 1.3–1.6 times'
});

export type CrushVerdict = 'usual' | 'unusual' | 'implausible';

/** Share of the loose volume that crushing packed away, and whether that is credible. */
export function judgeCrush(
	before: Litres,
	after: Litres
): { readonly packedAway: number; readonly verdict: CrushVerdict } {
	const packedAway = before > 0 ? 1 - after / before : 0;
	const within = ([low, high]: readonly number[]) =>
		packedAway >= (low ?? 0) && packedAway <= (high ?? 1);
	const verdict = within(crushLimits.usual)
		? 'usual'
		: within(crushLimits.plausible)
			? 'unusual'
			: 'implausible';
	return { packedAway, verdict };
}

/** Density after crushing: the same kg dry in fewer litres. */
export function crushedDensity(
	whole: Estimate<KgDryPerLitre>,
	before: Litres,
	after: Litres
): Estimate<KgDryPerLitre> {
	const all = allWeighed(whole);
	if (all) return weighedDensity(after, kgDry((all.kg * before) / all.litres), 'crushed');
	return reckon(
		kgDryPerLitre,
		over(
			times(
				earlier('density whole', whole, whole.from[0]?.origin),
				known('volume before', before, 'L', 'measured', 'measured before crushing')
			),
			known('volume after', after, 'L', 'measured', 'measured after crushing')
		),
		{ unit: 'kg/L', basis: 'dry, crushed' }
	);
}

/** Density of crushed char of which nothing but its wood is known: as whole, and packed as crushing usually packs. */
export function usualCrushed(whole: Estimate<KgDryPerLitre>): Estimate<KgDryPerLitre> {
	const packed = between(...crushLimits.denser);
	return reckon(
		kgDryPerLitre,
		times(
			earlier('density whole', whole, whole.from[0]?.origin),
			known('denser crushed', packed, 'times', 'default', crushLimits.source)
		),
		{ unit: 'kg/L', basis: 'dry, crushed' }
	);
}

/** Litres to expect after crushing, before it is done. */
export function expectCrushed(before: Litres): Estimate<Litres> {
	const [low, high] = crushLimits.usual;
	const packed = { value: 1 - Math.sqrt((1 - low) * (1 - high)), low, high };
	return reckon(
		litres,
		times(
			known('before', before, 'L', 'typed', 'as it lies, before this pass'),
			less(1, known('packed away', packed, 'share', 'default', crushLimits.source))
		),
		{ unit: 'L', basis: 'crushed' }
	);
}
