import { stuffName } from '../../../format/brew-words';
import { microlitres } from '../../../core/units';
import {
	dissolvedOf,
	recipeOf,
	workOutBrew,
	type BrewWorked,
	type BrewYard,
	type PartWorked,
	type Recipe,
	type StuffIn
} from '../../../core/brews';
import { minus, nothing, plus } from '../../../core/ledger';
import type { Measure } from '../../../core/materials';
import { pathOf } from '../../../format/paths';
import type { Envelope } from '../../../input/act';
import type { BrewInput } from '../../../input/brews';
import type { Books } from '../../db/books';
import type { Stamp } from '../../db/ledger';
import type { Vessel } from '../../db/vessels';
import { moves, type NewMovement } from '../../db/movements';
import { densitiesOf, lotThere, vesselThere } from '../../questions/brew-yard';
import { perform, postOrRefuse, refuse, type Outcome } from '../act';
import { vesselOrRefuse } from './brew-gates';
import { stuffFor, type BrewPart } from './brew-parts';

/** A part of the recipe as it goes in, and what the recipe asked for. */
interface GoingIn {
	readonly asked: PartWorked;
	readonly part: BrewPart;
}

interface Making {
	readonly worked: BrewWorked;
	readonly code: string;
	readonly name: string;
	readonly vessel: Vessel | undefined;
	/** What it is counted by, where that is not water. */
	readonly base: BrewPart | undefined;
	readonly parts: readonly GoingIn[];
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
		const vessel = vesselOrRefuse(books, input, recipe);
		refuseWrongParts(input, recipe);
		const worked = workOutBrew(input, yardOf(books, input, vessel, at_ms), stuffName);
		const into = (part: StuffIn & { measure: Measure }, choice: string, amount: string) =>
			stuffFor(books, part, part.measure, { choice, amount, at_ms });
		const base = worked.base && into(worked.base, 'with-base', 'base');
		const parts = worked.parts.map((asked): GoingIn => {
			const { id } = asked.part;
			return { asked, part: into(asked, `with-${id}`, `amount-${id}`) };
		});
		const code = books.ledger.nextCode('brew');
		const name = input.name ?? recipe.name;
		const making: Making = { worked, code, name, vessel, base, parts };
		return {
			path: pathOf('brew', code),
			cautions: worked.cautions,
			fieldOf: ({ code: caution }) => fieldsOf[caution] ?? 'vessel',
			write: (stamp) => writeBrew(books, stamp, input, making, envelope.reason)
		};
	});
}

/** Where on its form stands what no reason makes right. */
const fieldsOf: Readonly<Record<string, string>> = {
	'no-room-for-froth': 'base',
	'plastic-only': 'plastic'
};

/** The lots that were named, and the vessel, as they stand at that moment. */
function yardOf(
	books: Books,
	{ baseStuff, parts, recipe }: BrewInput,
	vessel: Vessel | undefined,
	at_ms: number
): BrewYard {
	const named = [baseStuff, ...parts].flatMap((one) => one?.lot ?? []);
	const { base, parts: places } = recipeOf(recipe);
	const stuffs = [...(base.of === 'water' ? [] : base.of), ...places.flatMap(({ from }) => from)];
	return {
		stock: named.flatMap((code) => lotThere(books, code, at_ms) ?? []),
		densities: densitiesOf(books, stuffs),
		...(vessel ? { vessel: vesselThere(books, vessel, at_ms) } : {}),
		start_ms: at_ms
	};
}

/** What has no place in the recipe. */
function refuseWrongParts({ baseStuff, parts }: BrewInput, { base, parts: places, name }: Recipe) {
	if (baseStuff && (base.of === 'water' || !base.of.includes(baseStuff.stuff)))
		refuse('with-base', 'wrong-part', { recipe: name });
	for (const { id, stuff } of parts)
		if (!places.find((one) => one.id === id)?.from.includes(stuff))
			refuse(`with-${id}`, 'wrong-part', { recipe: name });
}

function writeBrew(
	books: Books,
	stamp: Stamp,
	input: BrewInput,
	making: Making,
	reason: string | undefined
): void {
	const { worked, code, name, vessel, base, parts } = making;
	const { recipe } = worked;
	const { actId } = stamp;
	const lotId = books.ledger.insertLot({ code, kind: 'brew', name, actId });
	const went = parts.map(({ asked, part }) => ({ asked, part, ...part.take(stamp) }));
	const based = base?.take(stamp);
	const water_ul = base ? 0 : microlitres(worked.base_l);
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
			moves('in', { lotId }, { ...inside, volume_ul: microlitres(worked.made) }),
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
		...(reason ? { reason } : {})
	};
	books.findings.insert({ actId, thingId: lotId, what: 'brew-start', found: start });
}

/** What was asked by weight, as the litres this stuff fills. */
const plannedLitres = (kg: number, part: BrewPart): number =>
	part.kg > 0 ? (kg * part.litres) / part.kg : 0;
