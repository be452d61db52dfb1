import { boils_K, noWater, parts_K, toPiece, wood, zeroC_K } from './tuning';
import type { Layer } from './state';

/** What a layer takes up and gives off in a second. */
export interface Flux {
	/** Heat it takes up, W. */
	readonly heat_W: number;
	/** Shares of it that part and dry in a second. */
	readonly parting: number;
	readonly drying: number;
}

const none: Flux = { heat_W: 0, parting: 0, drying: 0 };

/**
 * A shrinking core: heat goes through the char that has grown to the front where wood parts, or through dry wood to
 * the front where its water boils.
 * @param around_K what the pieces see
 */
export function takeUp(layer: Layer, around_K: number): Flux {
	const { dry_kg, diameter_m, moisture, dried, parted } = layer;
	if (dry_kg <= 0 || parted >= 1 || around_K <= boils_K) return none;
	const surface_m2 = (4 * dry_kg) / (wood.density * diameter_m);
	const through = (share: number, conductivity: number) =>
		1 /
		(1 / toPiece +
			((diameter_m / 2) * (-0.5 * Math.log(Math.max(1e-6, 1 - share)))) / conductivity);
	if (around_K > parts_K) {
		const heat_W = surface_m2 * (around_K - parts_K) * through(parted, wood.charConductivity);
		// Only water that is still ahead of the front takes heat from it.
		const ahead = moisture * ((1 - dried) / Math.max(1e-6, 1 - parted));
		const parting = heat_W / (dry_kg * (wood.pyrolysis + ahead * wood.boiling));
		return { heat_W, parting, drying: (parting * (1 - dried)) / Math.max(1e-6, 1 - parted) };
	}
	if (dried >= 1 || moisture < noWater) return none;
	const heat_W = surface_m2 * (around_K - boils_K) * through(dried, wood.conductivity);
	return { heat_W, parting: 0, drying: heat_W / (dry_kg * moisture * wood.boiling) };
}

/** Char that a kilogram of wood leaves where it parts at this heat, its ash aside. */
export const charOf = (around_K: number): number =>
	0.2 + 0.1 * Math.min(1, Math.exp(-(around_K - zeroC_K - 400) / 130));
