import type { PageData } from './$types';

type Laid = PageData['laid'][number];

/** Layers that lie on one another of the same stuff, as one. */
export interface Layer extends Pick<Laid, 'material' | 'litres'> {
	/** The lot it came from, where it is of one. */
	readonly fromCode: string | null;
	readonly first_ms: number;
	readonly last_ms: number;
	readonly times: number;
}

/** From the ground up; what was laid again and again on its own kind is one layer. */
export function layersOf(laid: readonly Laid[]): readonly Layer[] {
	return laid.reduce<Layer[]>((layers, { material, litres, fromCode, at_ms }) => {
		const below = layers.at(-1);
		if (below?.material !== material)
			return [...layers, { material, litres, fromCode, first_ms: at_ms, last_ms: at_ms, times: 1 }];
		return [
			...layers.slice(0, -1),
			{
				...below,
				litres: below.litres + litres,
				fromCode: null,
				last_ms: at_ms,
				times: below.times + 1
			}
		];
	}, []);
}
