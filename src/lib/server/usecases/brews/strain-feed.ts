import { inLitres, microlitres, litres } from '../../../core/units';
import {
	dissolvedOf,
	recipeOf,
	starterRules,
	type Starter,
	type StuffIn
} from '../../../core/brews';
import { judge } from '../../../core/cautions';
import { minus } from '../../../core/ledger';
import { pathOf } from '../../../format/paths';
import type { Envelope } from '../../../input/act';
import type { FeedInput, StrainInput } from '../../../input/brew-care';
import type { Books } from '../../db/books';
import { moves } from '../../db/movements';
import { perform, postOrRefuse, refuse, type Outcome } from '../act';
import { lotOrRefuse, refuseHeld, refuseOverfull } from '../gates';
import { lotThere } from '../../questions/brew-yard';
import { stuffFor } from './brew-parts';
import { brewOrRefuse } from './move-brew';

/**
 * A brew is strained: the liquid that was drawn is the brew from then on, with what dissolved into it; the rest
 * stays on the cloth and is the grower's to put on a heap.
 */
export function strainBrew(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: StrainInput
): Outcome {
	return perform(books, now_ms, 'strain', envelope, { ...input }, () => {
		const brew = brewOrRefuse(books, input.code, 'drawn', envelope.happenedAt_ms);
		// What hung in a bag is lifted out, and there is nothing else to draw it off.
		if (!recipeOf(brew.recipe).strained)
			refuse('drawn', 'nothing-to-strain', { code: brew.code, recipe: recipeOf(brew.recipe).name });
		if (brew.strainedAt_ms !== null) refuse('drawn', 'already-strained', { code: brew.code });
		const lot = lotOrRefuse(books, brew.code, 'drawn', envelope.happenedAt_ms);
		const held = books.ledger.heldAt(lot.id, envelope.happenedAt_ms);
		const drawn_ul = microlitres(input.drawn);
		if (drawn_ul > held.volume_ul)
			refuse('drawn', 'drawn-more', { code: brew.code, held_l: inLitres(held.volume_ul) });
		const liquid = dissolvedOf(held.contents, recipeOf(brew.recipe).dissolves);
		const lees = {
			volume_ul: held.volume_ul - drawn_ul,
			// A litre of the liquid weighs a kilogram, near enough.
			mass_mg: Math.max(0, held.mass_mg - drawn_ul),
			contents: minus(held.contents, liquid)
		};
		return {
			path: pathOf('brew', brew.code),
			write: (stamp) => {
				postOrRefuse(
					books,
					stamp,
					[moves('out', { lotId: lot.id }, lees), moves('in', { account: 'lees' }, lees)],
					'drawn'
				);
				books.findings.insert({ actId: stamp.actId, thingId: lot.id, what: 'strained' });
			}
		};
	});
}

/** A brew is fed: what goes in is part of it, and what it keeps is counted from then. */
export function feedBrew(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: FeedInput
): Outcome {
	return perform(books, now_ms, 'feed', envelope, { ...input }, () => {
		const at_ms = envelope.happenedAt_ms;
		const brew = brewOrRefuse(books, input.code, 'feed', at_ms);
		const lot = lotOrRefuse(books, brew.code, 'feed', at_ms);
		refuseHeld(books, lot, 'feed');
		if (lot.volume_ul <= 0) refuse('feed', 'empty', { code: brew.code });
		const recipe = recipeOf(brew.recipe);
		const takes = [
			...recipe.parts.filter(({ inBag }) => !inBag).flatMap(({ from }) => from),
			...(recipe.base.of === 'water' ? [] : recipe.base.of)
		];
		if (!takes.includes(input.with.stuff)) refuse('feed', 'wrong-part', { recipe: recipe.name });
		const at = { choice: 'feed', amount: 'feedAmount', at_ms };
		const part = stuffFor(books, input.with, input.measure, at);
		refuseOverfull(
			books,
			brew,
			litres(inLitres(lot.volume_ul + part.amount.volume_ul)),
			'feedAmount',
			at_ms
		);
		return {
			path: pathOf('brew', brew.code),
			cautions: judge(starterRules, { starters: startersOf(books, input.with, at_ms) }),
			write: (stamp) => {
				const { fromLotId, lines } = part.take(stamp);
				postOrRefuse(
					books,
					stamp,
					[...lines, moves('in', { lotId: lot.id }, part.amount)],
					'feedAmount'
				);
				const { actId } = stamp;
				books.findings.insert({ actId, thingId: lot.id, what: 'fed' });
				books.batches.insertIngredient({
					actId,
					batchLotId: lot.id,
					fromLotId,
					material: part.material,
					volume_ul: part.amount.volume_ul,
					planned_ul: null
				});
			}
		};
	});
}

function startersOf(books: Books, { lot: code }: StuffIn, at_ms: number): readonly Starter[] {
	const starter = code === undefined ? undefined : lotThere(books, code, at_ms)?.starter;
	return starter && code !== undefined ? [{ code, ...starter }] : [];
}
