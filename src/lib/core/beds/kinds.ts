/** An area, pots or a tree that is given something. */
export const bedKind = { id: 'bed', of: 'bed', word: 'bed', path: 'beds' } as const;
