import { stuffName } from '../../../format/brew-words';
import { microlitres } from '../../../core/units';
import {
	dissolvedOf,
	isFarFromAsked,
	levelOf,
	madeOf,
	partsFor,
	recipeOf,
	type PartAsked,
	type Recipe
} from '../../../core/brews';
import { minus, nothing, plus } from '../../../core/ledger';
import { pathOf } from '../../../format/paths';
import type { Envelope } from '../../../input/act';
import type { BrewInput } from '../../../input/brews';
import type { Books } from '../../db/books';
import type { Stamp } from '../../db/ledger';
import type { Vessel } from '../../db/vessels';
import { moves, type NewMovement } from '../../db/movements';
import { askUnlessSure, perform, postOrRefuse, refuse, type Outcome, type Unusual } from '../act';
import { refuseOverflow, refuseUnsaid, vesselOrRefuse } from './brew-gates';
import { stuffFor, usualMeasure, type BrewPart } from './brew-parts';

/** A part of the recipe as it goes in, and what the recipe asked for. */
interface GoingIn {
	readonly asked: PartAsked;
	readonly part: BrewPart;
}

interface Making {
	readonly recipe: Recipe;
	readonly code: string;
	readonly name: string;
	readonly vessel: Vessel | undefined;
	readonly base_l: number;
	/** What it is counted by, where that is not water. */
	readonly base: BrewPart | undefined;
	readonly parts: readonly GoingIn[];
	readonly made_l: number;
}

/**
 * Water or a stuff, and what goes in besides, become a brew that works by the hour. What hangs in a bag gives what
 * dissolves and is strained off; what is loose stays in until the brew is strained.
 */
export function startBrew(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: BrewInput
): Outcome {
	return perform(books, now_ms, 'brew', envelope, { ...input }, () => {
		const at_ms = envelope.happenedAt_ms;
		const recipe = recipeOf(input.recipe);
		const vessel = vesselOrRefuse(books, input, recipe, at_ms);
		const base = input.baseStuff && baseIn(books, input, recipe, at_ms);
		const base_l = base?.litres ?? ('litres' in input.base ? input.base.litres : 0);
		const counted = recipe.base.by === 'kg' ? (base?.kg ?? 0) : base_l;
		const parts = partsIn(books, input, counted, at_ms);
		refuseOverflow(vessel, recipe.id, levelOf(recipe.id, base_l, parts.map(partOfRecipe)));
		refuseUnsaid(books, input, recipe, base_l, at_ms);
		askUnlessSure(envelope, ...unusualParts(recipe, parts));
		const code = books.ledger.nextCode('brew');
		const made_l = madeOf(recipe.id, base_l, parts.map(partOfRecipe));
		const making: Making = {
			recipe,
			code,
			name: input.name ?? recipe.name,
			vessel,
			base_l,
			base,
			parts,
			made_l
		};
		return {
			path: pathOf('brew', code),
			write: (stamp) => writeBrew(books, stamp, input, making)
		};
	});
}

/** Parts that lie far from what the recipe takes: a slip is likelier. */
const unusualParts = ({ name }: Recipe, parts: readonly GoingIn[]): readonly Unusual[] =>
	parts.flatMap(({ asked, part: { material, litres, kg } }) => {
		const { id, by } = asked.part;
		const amount = by === 'L' ? litres : kg;
		const { low, high } = asked;
		const facts = {
			stuff: stuffName(material as Parameters<typeof stuffName>[0]),
			recipe: name,
			by,
			amount,
			low,
			high
		};
		return isFarFromAsked(asked, amount) ? [{ code: 'far-part', of: id, facts }] : [];
	});

const partOfRecipe = ({ asked, part }: GoingIn) => ({
	part: asked.part,
	litres: part.litres,
	kg: part.kg
});

function baseIn(books: Books, input: BrewInput, recipe: Recipe, at_ms: number): BrewPart {
	const chosen = input.baseStuff!;
	if (recipe.base.of === 'water' || !recipe.base.of.includes(chosen.stuff))
		refuse('with-base', 'wrong-part', { recipe: recipe.name });
	return stuffFor(books, chosen, input.base, { choice: 'with-base', amount: 'base', at_ms });
}

/** The parts as they were measured, else as the recipe usually takes them. */
function partsIn(
	books: Books,
	input: BrewInput,
	counted: number,
	at_ms: number
): readonly GoingIn[] {
	return partsFor(input.recipe, counted).flatMap((asked): GoingIn[] => {
		const { id, from, isOption } = asked.part;
		const given = input.parts.find((one) => one.id === id);
		if (!given && isOption) return [];
		const chosen = given ?? { id, stuff: from[0]! };
		const at = { choice: `with-${id}`, amount: `amount-${id}`, at_ms };
		if (!from.includes(chosen.stuff))
			refuse(at.choice, 'wrong-part', { recipe: recipeOf(input.recipe).name });
		const measure = chosen.measure ?? usualMeasure(asked.part, asked.usual);
		return [{ asked, part: stuffFor(books, chosen, measure, at) }];
	});
}

function writeBrew(books: Books, stamp: Stamp, input: BrewInput, making: Making): void {
	const { recipe, code, name, vessel, base, parts, made_l } = making;
	const { actId } = stamp;
	const lotId = books.ledger.insertLot({ code, kind: 'brew', name, actId });
	const went = parts.map(({ asked, part }) => ({ asked, part, ...part.take(stamp) }));
	const based = base?.take(stamp);
	const water_ul = base ? 0 : microlitres(making.base_l);
	let inside = base?.amount ?? { ...nothing, mass_mg: water_ul };
	const strained: NewMovement[] = [];
	for (const { asked, part } of went) {
		const { amount } = part;
		if (!asked.part.inBag) {
			inside = {
				...inside,
				mass_mg: inside.mass_mg + amount.mass_mg,
				contents: plus(inside.contents, amount.contents)
			};
			continue;
		}
		const liquid = dissolvedOf(amount.contents, recipe.dissolves);
		inside = { ...inside, contents: plus(inside.contents, liquid) };
		strained.push(
			moves(
				'in',
				{ account: 'strained-off' },
				{ ...amount, contents: minus(amount.contents, liquid) }
			)
		);
	}
	postOrRefuse(
		books,
		stamp,
		[
			...(based?.lines ?? []),
			...went.flatMap(({ lines }) => lines),
			moves('in', { lotId }, { ...inside, volume_ul: microlitres(made_l) }),
			...strained
		],
		'base'
	);
	books.batches.insert({
		lotId,
		actId,
		school: recipe.id,
		temperature_c: input.temperature,
		burnIds: []
	});
	books.batches.insertPlace({ actId, lotId, vesselVersionId: vessel?.versionId ?? null });
	const ingredient = (row: {
		fromLotId: number | null;
		material: BrewPart['material'];
		volume_ul: number;
		planned_ul: number | null;
	}) => books.batches.insertIngredient({ actId, batchLotId: lotId, ...row });
	ingredient({
		fromLotId: based?.fromLotId ?? null,
		material: base?.material ?? 'rain-water',
		volume_ul: base ? microlitres(base.litres) : water_ul,
		planned_ul: null
	});
	for (const { asked, part, fromLotId } of went)
		ingredient({
			fromLotId,
			material: part.material,
			volume_ul: microlitres(part.litres),
			planned_ul: microlitres(
				asked.part.by === 'L' ? asked.usual : plannedLitres(asked.usual, part)
			)
		});
	const start = {
		...(input.water ? { water: input.water } : {}),
		...(input.place && Object.keys(input.place).length > 0 ? { place: input.place } : {}),
		...(input.reason ? { reason: input.reason } : {})
	};
	books.findings.insert({ actId, thingId: lotId, what: 'brew-start', found: start });
}

/** What was asked by weight, as the litres this stuff fills. */
const plannedLitres = (kg: number, part: BrewPart): number =>
	part.kg > 0 ? (kg * part.litres) / part.kg : 0;
