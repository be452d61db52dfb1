import { recipes } from '$lib/core/brews';
import { schools } from '$lib/core/charging';
import { materialOf } from '$lib/core/materials';
import { stuffName } from '$lib/format/brew-words';

/** A way to make something, and which of its words was asked for. */
export interface Made {
	readonly name: string;
	readonly what: 'brew' | 'charge';
	/** What of it goes by the word, where its name does not. */
	readonly word?: string;
	readonly href: string;
}

/** Recipes of brews and schools of charging that go by a word: by their name, or by what goes into them. */
export function recipesLike(asked: string): readonly Made[] {
	const wanted = asked.trim().toLowerCase();
	if (wanted.length < 3) return [];
	const like = (name: string) => name.toLowerCase().includes(wanted);
	const made = (one: Omit<Made, 'word'>, stuffs: readonly string[]): readonly Made[] => {
		if (like(one.name)) return [one];
		const word = stuffs.find(like);
		return word === undefined ? [] : [{ ...one, word }];
	};
	return [
		...recipes.flatMap(({ id, name, base, parts }) =>
			made(
				{ name, what: 'brew', href: `/brews/plan?recipe=${id}` },
				[...(base.of === 'water' ? [] : base.of), ...parts.flatMap(({ from }) => from)].map(
					stuffName
				)
			)
		),
		...schools.flatMap(({ id, name, partners, liquids, extras }) =>
			made(
				{ name, what: 'charge', href: `/charging/plan?school=${id}` },
				[...partners, ...liquids, ...extras.flatMap(({ materials }) => materials)].map(
					(material) => materialOf(material).name
				)
			)
		)
	];
}
