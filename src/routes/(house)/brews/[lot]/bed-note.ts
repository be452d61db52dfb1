import type { WateredBed } from '$lib/core/brews';
import type { Caution } from '$lib/core/cautions';

/** A caution in a few words, for a row. */
const shortly: Readonly<Record<string, string>> = {
	'ash-acid-lover': 'loves sour ground: never',
	'ash-sweet-ground': 'pH 7 or more: none',
	'ash-untested': 'no pH within a year',
	'ash-nitrogen': 'nitrogen within two weeks',
	'nitrogen-ash': 'ash within two weeks',
	'ash-cap': 'past the year’s ash',
	'nitrogen-manure': 'past the year’s manure',
	'nitrogen-much': 'past the year’s nitrogen',
	'germs-near-food': 'eaten raw: not this one'
};

/** What speaks against a brew on a bed whatever the amount, in a few words; nothing where nothing does. */
export function bedNote(found: readonly Caution[], { name, size }: WateredBed): string {
	const first = found.find(({ of, code }) => of === name && shortly[code] !== undefined);
	if (first) return shortly[first.code]!;
	if (size.watered === 'trees') return 'under the edge of the crown';
	return size.watered === 'pots' ? 'a tenth of the pot at most' : '';
}
