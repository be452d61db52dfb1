import { heldLots } from '$lib/server/questions/held';
import { inLitres } from '$lib/core/units';
import { isRecipe, recipes } from '$lib/core/brews';
import type { MaterialId } from '$lib/core/materials';
import { brewSchema } from '$lib/input/brews';
import { act, asked, deskOf, newActId } from '$lib/server/page';
import type { Books } from '$lib/server/db/books';
import { brewLines, kinPlaced } from '$lib/server/questions/brews';
import { compositionNow } from '$lib/server/questions/stock';
import { tubsHold } from '$lib/server/questions/vessels';
import { startBrew } from '$lib/server/usecases/brews/start-brew';
import { brewWords } from '$lib/format/rooms/brews';
import type { BrewStock } from './reckoning';
import type { Actions, PageServerLoad } from './$types';

const used = new Set(
	recipes.flatMap(({ base, parts }) => [
		...(base.of === 'water' ? [] : base.of),
		...parts.flatMap(({ from }) => from)
	])
);
const materials = [...used].filter((stuff): stuff is MaterialId => !isRecipe(stuff));

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const holds = tubsHold(books, now_ms);
	return {
		actId: newActId(),
		asked: asked(event.url),
		vessels: books.vessels
			.all()
			.filter(({ usedFor }) => usedFor === 'tub')
			.map(({ name, shape, capacity_l }) => ({ name, shape, capacity_l, holds: holds.get(name) })),
		stock: [...stockFor(books), ...startersFor(books, now_ms)],
		densities: Object.fromEntries(
			materials.map((id) => [id, compositionNow(books, id).density.value])
		)
	};
};

/** What is held may not go in: it is not offered. */
function stockFor(books: Books): readonly BrewStock[] {
	const held = heldLots(books);
	return books.stock
		.inStock()
		.filter(({ material, lotId }) => used.has(material) && !held.has(lotId))
		.map(({ code, name, material, volume_ul, mass_mg }) => ({
			code,
			name,
			stuff: material,
			left_l: inLitres(volume_ul),
			density: volume_ul > 0 ? mass_mg / volume_ul : 1
		}));
}

function startersFor(books: Books, now_ms: number): readonly BrewStock[] {
	const held = heldLots(books);
	const placed = kinPlaced(books, now_ms);
	return brewLines(books, now_ms)
		.filter(({ brew }) => used.has(brew.recipe) && !held.has(brew.lotId))
		.map(({ brew, state }) => {
			const kin = placed.get(brew.code);
			const doubted = kin?.doubtedFor.join(', ');
			const doubt =
				state !== 'ripe' && state !== 'fading'
					? brewWords[state]
					: doubted
						? `doubtful for ${doubted}`
						: undefined;
			return {
				code: brew.code,
				name: `${brew.name}, generation ${kin?.generation ?? 1}`,
				stuff: brew.recipe,
				left_l: inLitres(brew.volume_ul),
				density: brew.volume_ul > 0 ? brew.mass_mg / brew.volume_ul : 1,
				...(doubt ? { doubt } : {})
			};
		});
}

export const actions: Actions = {
	start: (event) => act(event, 'start', brewSchema, startBrew)
};
