import type { RescueStepId } from '../core/detective';

/** What a step does, and why it stands where it stands. */
export const rescueWords: Readonly<
	Record<RescueStepId, { readonly does: string; readonly why: string }>
> = {
	water: {
		does: 'Water deep and slowly, in three goes, until it goes in',
		why: 'Dry ground sheds water at first; nothing feeds in dust.'
	},
	'cut-nothing': {
		does: 'Cut nothing that carries another plant; leave roots in the ground',
		why: 'What stands shades the soil and keeps it open.'
	},
	compost: {
		does: 'Castings or compost on top',
		why: 'Life first, then food.'
	},
	minerals: {
		does: 'Lime, ash or minerals only after a reading',
		why: 'What is not short does harm.'
	},
	feed: { does: 'One mild feed', why: 'A tired root takes little; a strong feed burns it.' },
	cover: { does: 'Cover it 3 to 5 cm deep', why: 'Or all of it dries again.' },
	look: { does: 'Look again', why: 'Then decide on the next thing, and on one alone.' }
};
