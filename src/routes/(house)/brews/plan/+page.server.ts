import { goodsInStock, vesselsInUse } from '$lib/server/questions/in-stock';
import { heldLots } from '$lib/server/questions/held';
import { recipes } from '$lib/core/brews';
import { brewSchema } from '$lib/input/brews';
import { act, asked, choicesOf, deskOf, newActId } from '$lib/server/page';
import type { Books } from '$lib/server/db/books';
import { brewLines, kinPlaced } from '$lib/server/questions/brews';
import { brewThere, densitiesOf, stockThere } from '$lib/server/questions/brew-yard';
import { tubsHold } from '$lib/server/questions/vessels';
import { spotPailSchema } from '$lib/input/spot';
import type { VesselInput } from '$lib/input/vessels';
import type { UseCase } from '$lib/server/send';
import { measureVessel } from '$lib/server/usecases/measure-vessel';
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

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const holds = tubsHold(books, now_ms);
	const tubs = choicesOf(
		event,
		vesselsInUse(books).filter(({ usedFor }) => usedFor === 'tub'),
		({ name }) => name,
		'vessel'
	);
	return {
		actId: newActId(),
		asked: asked(event.url),
		otherVessels: tubs.rest,
		vessels: tubs.rows.map(({ name, shape, capacity_l }) => ({
			name,
			shape,
			capacity_l,
			holds: holds.get(name)
		})),
		stock: [
			...choicesOf(event, stockFor(books), ({ code }) => code, 'stock').rows,
			...choicesOf(event, startersFor(books, now_ms), ({ code }) => code, 'starter').rows
		],
		densities: densitiesOf(books, [...used])
	};
};

/** What is held may not go in: it is not offered. */
function stockFor(books: Books): readonly BrewStock[] {
	const held = heldLots(books);
	return goodsInStock(books)
		.filter(({ material, lotId }) => used.has(material) && !held.has(lotId))
		.map((lot) => ({ ...stockThere(lot), name: lot.name }));
}

function startersFor(books: Books, now_ms: number): readonly BrewStock[] {
	const held = heldLots(books);
	const placed = kinPlaced(books);
	return brewLines(books, now_ms)
		.filter(({ brew }) => used.has(brew.recipe) && !held.has(brew.lotId))
		.map((line) => {
			const { brew, state } = line;
			const there = brewThere(books, line);
			const { isRipe = true, doubted = '' } = there.starter ?? {};
			const doubt = !isRipe ? brewWords[state] : doubted ? `doubtful for ${doubted}` : undefined;
			return {
				...there,
				name: `${brew.name}, generation ${placed.get(brew.code)?.generation ?? 1}`,
				...(doubt ? { doubt } : {})
			};
		});
}

/** A pail that was typed on the spot comes into the books; the plan goes on with it. */
const keepPail: UseCase<VesselInput> = (...given) => {
	const outcome = measureVessel(...given);
	if (outcome.status === 'refused')
		return {
			...outcome,
			issues: outcome.issues.map((issue) =>
				issue.field === 'name' ? { ...issue, field: 'spotName' } : issue
			)
		};
	return { ...outcome, path: `/brews/plan?vessel=${outcome.path.split('/').at(-1)}` };
};

export const actions: Actions = {
	keep: (event) => act(event, 'keep', spotPailSchema, keepPail),
	start: (event) => act(event, 'start', brewSchema, startBrew)
};
