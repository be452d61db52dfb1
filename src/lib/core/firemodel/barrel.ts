import { air_K } from './tuning';

/** A barrel that burns from its top down. */
export interface Barrel {
	/** Cross-section, m². */
	readonly area_m2: number;
	/** What it was filled to, m. */
	readonly fill_m: number;
	/** Floor holes over the cross-section. */
	readonly holes: number;
	readonly chimney_m: number;
	/** Dry wood as it lies, kg/m³. */
	readonly dry_kg_m3: number;
	/** Water to dry wood. */
	readonly moisture: number;
}

/** Where its front is, and what it left. */
export interface BarrelState {
	readonly at_s: number;
	/** How far the front has come down, m. */
	readonly front_m: number;
	readonly char_kg: number;
	/** Char that burnt after the front was through, kg. */
	readonly burnt_kg: number;
}

const air = Object.freeze({
	density: 1.2,
	oxygen: 0.232,
	/** Mean of the gas in the chimney, K. */
	hot_K: 900,
	/** Of a hole through which it comes. */
	discharge: 0.62
});
const gravity = 9.81;
/** Above so much water to dry wood the front stands still. */
const tooWet = 0.55;

/**
 * Speed at which air rises through the fuel: the chimney's pull against holes, fuel and burner. The positive root of
 * a quadratic.
 * @returns m/s of the whole cross-section
 */
export function draught({
	holes,
	fill_m,
	chimney_m
}: Pick<Barrel, 'holes' | 'fill_m' | 'chimney_m'>): number {
	const pull = air.density * gravity * chimney_m * (1 - air_K / air.hot_K);
	const square = (0.5 * air.density) / (holes * air.discharge) ** 2;
	const plain = 50 * fill_m + 20;
	return (-plain + Math.sqrt(plain * plain + 4 * square * pull)) / (2 * square);
}

/** How fast the front comes down, m/s. */
export const frontSpeed = (
	air_m_s: number,
	{ moisture, dry_kg_m3 }: Pick<Barrel, 'moisture' | 'dry_kg_m3'>
): number =>
	moisture >= tooWet
		? 0
		: Math.max(
				0,
				(air.density * air_m_s * (1 - (air_m_s / 0.35) ** 2)) /
					(1.5 * (1 + 2 * moisture) * dry_kg_m3)
			);

/** Dry char of dry wood that the front leaves: the faster, the hotter and the less. */
export const frontYield = (air_m_s: number): number => 0.1 + 0.14 * Math.exp(-air_m_s / 0.09);

export const lit: BarrelState = Object.freeze({ at_s: 0, front_m: 0, char_kg: 0, burnt_kg: 0 });

/** One step of a barrel whose holes are open: the front goes down; once it is through the char itself burns. */
export function stepBarrel(state: BarrelState, barrel: Barrel, dt_s: number): BarrelState {
	const air_m_s = draught(barrel);
	const speed = frontSpeed(air_m_s, barrel);
	const left_m = barrel.fill_m - state.front_m;
	const down_m = Math.min(left_m, speed * dt_s);
	const grown_kg = down_m * barrel.area_m2 * barrel.dry_kg_m3 * frontYield(air_m_s);
	// Of this step, what was left of it after the front was through.
	const through_s = left_m <= 0 ? dt_s : speed > 0 ? Math.max(0, dt_s - left_m / speed) : 0;
	const held_kg = state.char_kg + grown_kg;
	const burnt_kg = Math.min(
		held_kg,
		barrel.area_m2 * air.density * air_m_s * air.oxygen * 0.6 * through_s
	);
	return {
		at_s: state.at_s + dt_s,
		front_m: state.front_m + down_m,
		char_kg: held_kg - burnt_kg,
		burnt_kg: state.burnt_kg + burnt_kg
	};
}
