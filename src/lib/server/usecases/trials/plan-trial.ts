import { isRound } from '../../../core/beds';
import { metres } from '../../../core/units';
import { alikeArms, armLetter, unitOn } from '../../../core/trials';
import type { Envelope } from '../../../input/act';
import type { PlanTrialInput } from '../../../input/trials';
import type { Bed } from '../../db/beds';
import type { Books } from '../../db/books';
import type { Trial } from '../../db/trials';
import { trialLife } from '../../questions/trial-life';
import { perform, refuse, type Outcome } from '../act';
import { namedAlike } from '../gates';

/** A trial is laid out as it was planned; on a target of the books each of its arms is a part of that. */
export function planTrial(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: PlanTrialInput
): Outcome {
	return perform(books, now_ms, 'plan-trial', envelope, { ...input }, () => {
		const alike = alikeArms(input.arms);
		if (alike) {
			const [arm, as] = [alike[1], alike[0]].map(armLetter);
			refuse(`arm${alike[1] + 1}`, 'arms-alike', { arm: arm ?? '', as: as ?? '' });
		}
		const bed = books.beds.maybeOne(input.bed ?? '');
		if (input.bed !== undefined && !bed) refuse('bed', 'unknown-bed', { name: input.bed });
		const code = books.trials.nextCode();
		const arms = bed ? armsOn(books, bed, input, code) : [];
		return {
			path: `/trials/${code}`,
			write: ({ actId }) => {
				books.trials.insert(actId, code, { ...input, ...(bed ? { bed: bed.name } : {}) });
				for (const arm of arms) books.beds.insertVersion({ ...arm, actId });
			}
		};
	});
}

/** Each arm as a part that lies scattered over a target; pots that only stand on a bed are no part of it. */
function armsOn(books: Books, bed: Bed, { unit, arms, blocks }: PlanTrialInput, code: string) {
	if (unit === 'pot' && !isRound(bed.target)) return [];
	if (unit === 'plot' && isRound(bed.target)) refuse('unit', 'plots-in-pots', { name: bed.name });
	refuseTakenUp(books, bed);
	const each = unitOn(bed, arms.length * blocks);
	if (each.status === 'too-many')
		return refuse('blocks', 'units-outside', { name: bed.name, most: each.most });
	return arms.map((_, i) => {
		const name = `${code} ${armLetter(i)}`;
		const taken = namedAlike(books.things.all('bed'), name);
		if (taken) refuse('bed', 'name-taken', { name: taken.name });
		return {
			name,
			target: bed.target,
			pieces: blocks,
			length_m: metres(each.length_m),
			width_m: metres(each.width_m),
			depth_m: bed.ground.depth,
			within: { bedId: bed.id, place: { scattered: blocks } }
		};
	});
}

/** A trial has its ground alone: no part that lies there, and no trial that still runs there. */
function refuseTakenUp(books: Books, bed: Bed): void {
	const trials = books.trials.all();
	const armOf = (id: number) => trials.find((one) => books.trials.armBeds(one.id).includes(id));
	for (const part of bed.parts) {
		const trial = armOf(part.id);
		if (!trial) refuse('bed', 'part-overlaps', { name: part.name });
		if (trialLife(books, trial).ended_ms === undefined)
			refuse('bed', 'trial-stands-there', { name: bed.name, code: trial.code });
	}
}

export const trialOrRefuse = (books: Books, code: string, field: string): Trial =>
	books.trials.maybeOne(code) ?? refuse(field, 'no-trial', { code });
