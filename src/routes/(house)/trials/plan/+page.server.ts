import {
	armKinds,
	groundDrawn,
	isControl,
	layOut,
	measures,
	type MeasureId
} from '$lib/core/trials';
import { armName, armWords, measureWords } from '$lib/format/trial-words';
import { armNumbers, planTrialSchema, type PlanTrialInput } from '$lib/input/trials';
import { act, asked, deskOf, newActId } from '$lib/server/page';
import { isRound } from '$lib/core/beds';
import type { Books } from '$lib/server/db/books';
import { bedNamed, bedsInOrder } from '$lib/server/questions/kept-beds';
import { planTrial } from '$lib/server/usecases/trials/plan-trial';
import type { Actions, PageServerLoad } from './$types';

/** What a plan begins with: bare soil, raw and charged char, six of each. */
const usual = Object.freeze({
	...{ question: 'Does charged char help?', unit: 'pot', blocks: '6', order: 'drawn' },
	...{ arm1: 'nothing', arm2: 'raw', share2: '5', arm3: 'charged', share3: '5' },
	...{ measure: 'harvest', differs: 'sun to shade' }
});

export const load: PageServerLoad = (event) => {
	const { books, reading } = deskOf(event);
	const actId = newActId();
	const typed = asked(event.url);
	// Drawn by the id of the act, which nobody chose; it stays with what was asked.
	const seed = /^\d{1,9}$/.test(typed.seed ?? '')
		? (typed.seed ?? '')
		: String(parseInt(actId.slice(0, 6), 16));
	const known: Readonly<Record<string, string>> =
		Object.keys(typed).length > 0 ? { ...typed, seed } : { ...usual, seed };
	const read = planTrialSchema(reading).safeParse({
		...known,
		measure: known.measure ?? 'harvest'
	});
	return {
		actId,
		known,
		plan: read.success ? shownOf(books, read.data) : undefined,
		beds: bedsInOrder(books).map(({ name }) => name),
		kinds: armKinds.map((kind) => ({ value: kind, label: armWords[kind] })),
		measures: measures.map(({ id }) => ({ value: id, label: measureWords[id as MeasureId] })),
		armNumbers
	};
};

/** Where each would stand, and what speaks against it so far. */
function shownOf(books: Books, plan: PlanTrialInput) {
	const bed = bedNamed(books, plan.bed ?? '');
	const isThere = bed && isRound(bed.target) === (plan.unit === 'pot');
	return {
		ground: isThere ? groundDrawn(bed, plan.arms.length * plan.blocks) : undefined,
		unit: plan.unit,
		blocks: plan.blocks,
		isBlocked: plan.differs !== undefined,
		differs: plan.differs,
		arms: plan.arms.map(armName),
		units: layOut(plan).map(({ n, arm }) => ({ n, arm })),
		hasControl: plan.arms.some(isControl),
		isWalked: plan.order === 'walked'
	};
}

export const actions: Actions = {
	plan: (event) => act(event, 'plan', planTrialSchema, planTrial)
};
