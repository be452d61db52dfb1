/** How the char lies: as it came from the fire, or crushed. Litres of the two do not compare. */
export type CharState = 'whole' | 'crushed';

/** How wet it is, which decides how much more it can soak up. */
export type CharWetness = 'dry' | 'drained' | 'quench-wet';
