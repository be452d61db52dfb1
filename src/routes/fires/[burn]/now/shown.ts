import type { FireBehind } from '$lib/core/tending';
import type { Shape, VesselUse } from '$lib/core/vessels';
import type { FireTold } from './told';

/** A fire as its page is sent it. */
export interface FireShown {
	readonly code: string;
	readonly vessel: { readonly name: string; readonly shape: Shape; readonly use: VesselUse };
	readonly isPlanned: boolean;
	readonly onSite_l?: number | undefined;
	readonly behind: FireBehind;
	readonly told: FireTold;
}

/** What came back of a form that was sent without script. */
export type FireSent =
	| {
			readonly form?: string;
			readonly values?: Readonly<Record<string, string>>;
			readonly errors?: Readonly<Record<string, string>>;
	  }
	| null
	| undefined;
