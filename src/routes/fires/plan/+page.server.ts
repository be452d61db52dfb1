import { burnSchema, planSchema } from '$lib/server/input/fires';
import { act, asked, deskOf, newActId, type Desk } from '$lib/server/page';
import { ownResults } from '$lib/server/questions/own';
import { stackLines } from '$lib/server/questions/woodyard';
import { planBurn } from '$lib/server/usecases/plan-burn';
import { recordBurn } from '$lib/server/usecases/record-burn';
import type { Actions, PageServerLoad } from './$types';
import type { PlanStack, PlanVessel } from './reckoning';

export const load: PageServerLoad = (event) => {
	const { books } = deskOf(event);
	return {
		actId: newActId(),
		asked: asked(event.url),
		vessels: planVessels(books),
		stacks: planStacks(books)
	};
};

function planVessels(books: Desk['books']): PlanVessel[] {
	const ownOf = {
		'open-kiln': ownResults(books, 'open-kiln'),
		trench: ownResults(books, 'trench')
	};
	return books.vessels.all().flatMap((vessel) => {
		if (vessel.usedFor === 'tub') return [];
		const own = ownOf[vessel.usedFor];
		const { name, shape, usedFor: way, emptyMass } = vessel;
		return [
			{
				name,
				way,
				shape,
				ownYields: own.yields,
				ownWater: own.waterPerLitre,
				...(emptyMass === undefined ? {} : { emptyMass })
			}
		];
	});
}

function planStacks(books: Desk['books']): PlanStack[] {
	return stackLines(books)
		.filter((line) => line.held === undefined)
		.map(({ stack, left, reading }) => ({
			code: stack.code,
			name: stack.name,
			wood: stack.measure.wood,
			volume_ml: stack.volume_ml,
			dry_g: stack.dry_g,
			left,
			verdict: reading?.state.verdict ?? 'unread'
		}));
}

export const actions: Actions = {
	plan: (event) => act(event, 'plan', planSchema, planBurn),
	record: (event) => act(event, 'record', burnSchema, recordBurn)
};
