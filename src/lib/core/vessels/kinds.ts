/** What a vessel is used for. */
export type VesselUse = 'open-kiln' | 'trench' | 'tub';

/** What one burns or charges in. */
export const vesselKind = { id: 'vessel', of: 'vessel', word: 'vessel', path: 'vessels' } as const;
