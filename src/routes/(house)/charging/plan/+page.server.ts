import { ownResults } from '$lib/server/questions/own-results';
import { goodsInStock, vesselsInUse } from '$lib/server/questions/in-stock';
import { heldLots } from '$lib/server/questions/held';
import { compositionOf, type MaterialId } from '$lib/core/materials';
import { schools } from '$lib/core/charging';
import { chargeSchema } from '$lib/input/charging';
import { act, asked, choicesOf, deskOf, newActId } from '$lib/server/page';
import { charsToCharge } from '$lib/server/questions/charging';
import { standIns } from '$lib/server/questions/stand-ins';
import { analysesOf } from '$lib/server/questions/stock';
import { tubsHold } from '$lib/server/questions/vessels';
import type { CharInInput } from '$lib/input/char-in';
import { spotCharSchema, spotWood } from '$lib/input/spot';
import { usualCrushed } from '$lib/core/char';
import { usualDensity } from '$lib/server/questions/own';
import { rememberingAlways } from '$lib/server/questions/remember';
import type { UseCase } from '$lib/server/send';
import { takeInChar } from '$lib/server/usecases/char-in';
import { startCharge } from '$lib/server/usecases/start-charge';
import type { ChargeYard, PlanChar, PlanStock } from './entry';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
	const { books, now_ms } = deskOf(event);
	const chars = choicesOf(event, charsToCharge(books, now_ms), ({ code }) => code, 'char');
	const held = tubsHold(books, now_ms);
	const allTubs = vesselsInUse(books)
		.filter(({ usedFor }) => usedFor === 'tub')
		.map(({ name, shape, capacity_l }) => ({ name, shape, capacity_l, holds: held.get(name) }));
	const tubs = choicesOf(event, allTubs, ({ name }) => name, 'tub');
	const used = new Set(
		schools.flatMap(({ partners, liquids, extras }) => [
			...partners,
			...liquids,
			...extras.flatMap((extra) => extra.materials)
		])
	);
	// What is held may not be an ingredient: it is not offered.
	const kept = heldLots(books);
	const goods = goodsInStock(books)
		.filter(({ material, lotId }) => used.has(material) && !kept.has(lotId))
		.map(({ code, name, material, composition, volume_ul }) => ({
			code,
			name,
			material,
			composition,
			volume_ul
		}));
	const brews = standIns(books, now_ms).filter(({ material }) => used.has(material));
	const analyses = analysesOf(books, [...used]);
	return {
		actId: newActId(),
		asked: asked(event.url),
		chars: chars.rows.map(asTerm),
		spot: spotDensities(books),
		otherChars: chars.rest,
		tubs: tubs.rows,
		otherTubs: tubs.rest,
		stock: choicesOf(event, [...goods, ...brews], ({ code }) => code, 'from').rows.map(
			sentWith(analyses)
		),
		analyses,
		recipes: books.recipes.all(),
		own: ownResults(books)
	};
};

/** What char is known by of which only the litres are said. */
const spotDensities = rememberingAlways((books) => {
	const whole = usualDensity(books, spotWood);
	return { whole, crushed: { ...usualCrushed(whole), from: [] } };
});

/** A density is a term of what is planned with it: that says how it was found, and no more is sent. */
const asTerm = (char: PlanChar): PlanChar => ({ ...char, density: { ...char.density, from: [] } });

/** What a material of the table is made of is known to the page: only what was found of a lot is sent with it. */
function sentWith(analyses: ChargeYard['analyses']) {
	const known = new Map<MaterialId, string>();
	return ({ composition, ...lot }: PlanStock): PlanStock => {
		const usual =
			known.get(lot.material) ??
			JSON.stringify(compositionOf(lot.material, analyses[lot.material]));
		known.set(lot.material, usual);
		return composition === undefined || JSON.stringify(composition) === usual
			? lot
			: { ...lot, composition };
	};
}

/** Char that was typed on the spot comes into the books; the plan goes on with it. */
const keepChar: UseCase<CharInInput> = (...given) => {
	const outcome = takeInChar(...given);
	if (outcome.status === 'refused') return outcome;
	return { ...outcome, path: `/charging/plan?char=${outcome.path.split('/').at(-1)}` };
};

export const actions: Actions = {
	keep: (event) => act(event, 'keep', spotCharSchema, keepChar),
	charge: (event) => act(event, 'charge', chargeSchema, startCharge)
};
