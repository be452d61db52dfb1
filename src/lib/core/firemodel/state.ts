/** Pieces that were laid on together: one size, one moisture, one place in the order. */
export interface Layer {
	/** Dry wood as it was laid on, kg. */
	readonly dry_kg: number;
	/** Of its pieces, m. */
	readonly diameter_m: number;
	/** Water to dry wood as it was laid on. */
	readonly moisture: number;
	/** How much of its water is gone, and how much of its wood has parted, 0…1. */
	readonly dried: number;
	readonly parted: number;
	/** What became of it so far, kg. */
	readonly char_kg: number;
	readonly ash_kg: number;
}

/** A kiln as the model sees it. */
export interface Hearth {
	/** m² of the surface when it is filled to so many m. */
	readonly areaAt: (fill_m: number) => number;
	/** m³ up to a fill of so many m. */
	readonly volumeTo: (fill_m: number) => number;
	readonly depth_m: number;
	/** A shield around it keeps half of what its wall would lose. */
	readonly isShielded?: boolean;
}

export interface Weather {
	/** m/s, the mean and what a gust adds. */
	readonly wind_m_s: number;
	readonly gust_m_s: number;
}

/** What has left the kiln since it was lit, kg. */
export interface Gone {
	readonly gas_kg: number;
	readonly steam_kg: number;
	/** Char that burnt. */
	readonly burnt_kg: number;
	/** Gas that left unburnt: smoke. */
	readonly smoke_kg: number;
	/** Seconds of smoke that is seen. */
	readonly visible_s: number;
}

/** Heat that came and went since it was lit, J. */
export interface Heat {
	readonly fromFlame: number;
	readonly fromChar: number;
	/** Brought into the bed by char that sank into it. */
	readonly withChar: number;
	readonly intoWood: number;
	readonly lost: number;
	/** What zone and bed hold more than when it was lit. */
	readonly held: number;
}

export interface FireState {
	readonly at_s: number;
	/** The lowest first. */
	readonly layers: readonly Layer[];
	readonly zone_K: number;
	readonly bed_K: number;
	/** Share of the surface under flame, 0…1. */
	readonly flame: number;
	/** Heat of the flame, W/m², and its height, m. */
	readonly flame_W_m2: number;
	readonly flame_m: number;
	/** Char burnt off the surface since the last layer, kg/m². */
	readonly white_kg_m2: number;
	readonly sinceLayer_s: number;
	readonly fill_m: number;
	/** Gas and steam just now, kg/(m²·s), and how much of the gas is unburnt. */
	readonly gas_kg_m2_s: number;
	readonly steam_kg_m2_s: number;
	readonly smoke_kg_m2_s: number;
	readonly gone: Gone;
	readonly heat: Heat;
}
