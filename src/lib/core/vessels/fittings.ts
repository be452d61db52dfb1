import { known, over, reckon, share, times, type Estimate, type Metres } from '../units';
import { sectionAt, type Shape } from './shape';

/** What is built onto a vessel, as far as it was said. */
export interface Fittings {
	/** A second wall that preheats the air. */
	readonly shield?: boolean;
	/** Rings or panels it is put together of. */
	readonly panels?: number;
	/** Air holes in the floor, all alike. */
	readonly holes?: { readonly count: number; readonly width: Metres };
	readonly burner?: boolean;
	readonly chimney?: Metres;
}

/** Air holes of a top-lit barrel, share of its section. Source: barrel practice; 1 % burns three hours. */
export const holeLimits = Object.freeze({
	low: 0.02,
	high: 0.05,
	source: 'Barrel practice: floor holes of 2–5 % of the section; 1 % makes a three-hour burn'
});

export type HoleVerdict = 'slow' | 'good' | 'fierce';

/** Share of a floor that is holes, and what that makes of the fire. */
export function holesOf(
	shape: Shape,
	{ count, width }: NonNullable<Fittings['holes']>
): { readonly share: Estimate; readonly verdict: HoleVerdict } {
	const figure = reckon(
		share,
		over(
			times(
				known('holes', count, 'times', 'measured', 'counted'),
				known(
					'area of one',
					(Math.PI / 4) * width ** 2,
					'm²',
					'measured',
					'π/4 × its width squared'
				)
			),
			known('floor', sectionAt(shape, 0), 'm²', 'computed', 'section at the floor')
		),
		{ unit: 'share', basis: 'of the floor', within: [0, 1] }
	);
	const verdict =
		figure.value < holeLimits.low ? 'slow' : figure.value > holeLimits.high ? 'fierce' : 'good';
	return { share: figure, verdict };
}
