/** Who holds this device: chosen once, kept in a cookie. */
export type Person = string;

export const personCookie = 'ashdrift_person';

/** Before anybody gave a name, acts are signed like this. */
export const unnamed: Person = 'keeper';

/** Single keys are on unless this device switched them off. */
export const keysCookie = 'ashdrift_keys';
export const keysOff = 'off';
