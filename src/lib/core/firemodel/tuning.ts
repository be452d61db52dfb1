/**
 * Parameters of the fire model. They were tuned so that the model keeps the bands of its tests, and were never fitted
 * to measured fires: it is good for the start of a pace and for practice, not for a record.
 */

/** Stefan and Boltzmann, W/(m²·K⁴). */
export const sigma = 5.670374419e-8;
/** °C to K. */
export const zeroC_K = 273.15;
/** The air, K. */
export const air_K = 288.15;

export const wood = Object.freeze({
	/** Of dry wood, kg/m³. */
	density: 480,
	/** Of dry wood, across the grain, W/(m·K). */
	conductivity: 0.2,
	/** Of the char that grows over it, W/(m·K). */
	charConductivity: 0.3,
	/** To heat and part a kilogram of dry wood, J. */
	pyrolysis: 0.855e6,
	/** To heat and boil a kilogram of its water, J. */
	boiling: 2.6e6,
	/** Ash of dry wood. */
	ash: 0.015
});

/** At which it parts, and at which its water boils, K. */
export const parts_K = 590;
export const boils_K = 373;

/** W/(m²·K): from what is around a piece to its surface. */
export const toPiece = 70;

export const flame = Object.freeze({
	/** Heat of the gas that burns, J/kg. */
	heat: 14e6,
	/** It follows what feeds it within so many seconds. */
	lag_s: 15,
	/** Above so much unburnt gas smoke is seen, kg/(m²·s). */
	visible: 0.0012,
	/** Below so much heat the char beneath is bare of it, W/m²: the second sign of the cue. */
	low: 100e3
});

export const skin = Object.freeze({
	/** Oxygen that reaches bare glowing char in still air, kg/(m²·s). */
	oxygen: 0.0032,
	/** Carbon burnt by a kilogram of oxygen, kg. */
	carbon: 0.45,
	/** Its heat, J/kg, and the share that stays. */
	heat: 25e6,
	kept: 0.8,
	/** Flames shield it: their heat by which the shield is about two thirds, W/m². */
	shield: 140e3,
	/** Steam keeps air away as well: like a flame of so much heat, J/kg. */
	bySteam: 8e6,
	/** Burnt since the last layer by which white edges are seen, kg/m². */
	white: 0.12
});

export const zone = Object.freeze({
	/** Of the glowing zone, kg/m² and J/(kg·K). */
	mass: 15,
	heat: 1250,
	/** To the bed below, W/(m²·K), and from the bed to the wall. */
	toBed: 30,
	toWall: 3.5,
	/** To the air that passes over it, W/(m²·K). */
	toAir: 8
});

/** Loose, kg of dry mass to the m³: char as it lies in a kiln, and wood that was thrown on. */
export const bulk = Object.freeze({ char: 130, wood: 220 });

/** Water to dry wood below which there is none to dry. */
export const noWater = 1e-6;
