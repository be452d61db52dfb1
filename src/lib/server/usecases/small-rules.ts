import { schoolOf } from '../../core/charging';
import { dueDays, recipeOf, type Smell } from '../../core/brews';
import type { Place } from '../../core/kinds';
import type { Books } from '../db/books';
import type { Brew } from '../db/brews';
import type { Stamp } from '../db/ledger';
import type { Lot } from '../db/lot-row';
import { isBurning, openFires } from '../questions/fires';
import { refuse } from './act';
import { batchOrRefuse } from './gates';

/** The thing a small act is done with. */
export interface SmallThing {
	readonly id: number;
	readonly kind: Place;
	/** Its code or name. */
	readonly name: string;
	readonly lot?: Lot;
}

/** What of a small act its declaration can't say: whether it fits this thing, and what is written with it. */
export type SmallRule = (
	books: Books,
	thing: SmallThing,
	found: Readonly<Record<string, unknown>>,
	at_ms: number
) => ((stamp: Stamp) => void) | void;

const brewOf = (books: Books, { name }: SmallThing): Brew =>
	books.brews.maybeOne(name) ?? refuse('code', 'no-brew', { code: name });

const isBatch: SmallRule = (books, { name, kind }, _found, at_ms) => {
	if (kind === 'charge') batchOrRefuse(books, name, 'code', at_ms);
};

/** By the verb of the act. */
export const smallRules: Readonly<Record<string, SmallRule>> = {
	stir: isBatch,
	turn: isBatch,
	moisten: isBatch,
	'muck-out': (books, { name, id }, _found, at_ms) => {
		const { batch } = batchOrRefuse(books, name, 'code', at_ms);
		if (!schoolOf(batch.school).tending.some(({ does }) => does === 'muck-out'))
			refuse('code', 'no-bedding', { code: name });
		if (books.findings.of(id, 'mucked-out').length > 0)
			refuse('code', 'mucked-out', { code: name });
		// Litter that was mucked out begins to compost that day.
		return ({ actId, happenedAt_ms }) =>
			books.batches.insertState(actId, id, { ...batch, startedAt_ms: happenedAt_ms });
	},
	'stop-pump': (books, thing) => {
		const { recipe, stoppedAt_ms, code } = brewOf(books, thing);
		if (recipeOf(recipe).air !== 'pump') refuse('code', 'no-pump', { code });
		if (stoppedAt_ms !== null) refuse('code', 'already-stopped', { code });
	},
	'start-pump': (books, thing) => {
		const { recipe, stoppedAt_ms, code } = brewOf(books, thing);
		if (recipeOf(recipe).air !== 'pump') refuse('code', 'no-pump', { code });
		if (stoppedAt_ms === null) refuse('code', 'already-runs', { code });
	},
	smell: (books, thing, found) => {
		const { recipe, code } = brewOf(books, thing);
		const { senses, name } = recipeOf(recipe);
		if (!senses.some(([smell]) => smell === (found.smell as Smell)))
			refuse('smell', 'not-asked', { code, recipe: name });
	},
	skim: (books, { id, name }, _found, at_ms) => {
		const lit = openFires(books, at_ms).find((line) => isBurning(line) && line.vessel.id === id);
		if (lit) refuse('skimmed', 'pail-tended', { name, code: lit.burn.code });
	},
	'skip-round': (books, { name }, found) => {
		const programme = books.programmes.maybeOne(name);
		const due = String(found.due);
		if (!programme || !dueDays(programme.phases).includes(due))
			refuse('due', 'no-such-round', { name, due });
		if (books.programmes.rounds(name).some((round) => round.due === due))
			refuse('due', 'round-walked', { name, due });
	},
	'bean-test': (books, { id, name }, found) => {
		if (found.verdict !== 'curled' || books.woodyard.held().has(id)) return;
		// Weed killer goes on with all that is made of it: held from that moment on.
		return ({ actId }) =>
			books.woodyard.insertHold({
				actId,
				lotId: id,
				held: true,
				reason: `beans curled in ${name}: weed killer`
			});
	},
	'leave-untreated': (books, { name }) => {
		const bed = books.beds.maybeOne(name);
		if (!bed?.within) refuse('firstDay', 'no-part', { name });
	}
};
