import { giftsOf, type Gift } from '../../../core/trials';
import { soilVolume } from '../../../core/beds';
import type { Envelope, Issue } from '../../../input/act';
import type { GiftInput, TreatTrialInput } from '../../../input/treatings';
import type { Bed } from '../../db/beds';
import type { Books } from '../../db/books';
import { spreadable } from '../../questions/beds';
import { bedById } from '../../questions/kept-beds';
import { refuse, type Outcome } from '../act';
import { putOwn } from '../mark-part';
import { putOnBed } from '../put-on-bed';
import { inRound } from '../round';
import { spreadLot } from '../spread-lot';
import { trialOrRefuse } from './plan-trial';

/**
 * What the arms of a trial are given: of each an act of its own on the part that the arm is, out of a lot or
 * with water, as at the bed's own page; all of them or none.
 */
export function treatTrial(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	{ trial: code, gifts }: TreatTrialInput
): Outcome {
	const stops = gifts.map((gift) => ({ ...gift, field: `per${gift.n + 1}` }));
	return inRound(books, envelope, { stops, path: `/trials/${code}` }, (one, gift) => {
		const trial = trialOrRefuse(books, code, gift.field);
		const meant = giftsOf(trial.arms)[gift.n];
		const id = meant && books.trials.armBeds(trial.id)[meant.arm];
		const bed = id === undefined ? null : bedById(books, id);
		if (!meant || !bed) return refuse(gift.field, 'arm-nowhere', { code });
		return atGift(give(books, now_ms, one, { gift, meant, bed }), gift.n);
	});
}

function give(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	{
		gift: { n, lot, each_l },
		meant,
		bed
	}: { readonly gift: GiftInput; readonly meant: Gift; readonly bed: Bed }
): Outcome {
	const { share } = meant;
	if (each_l === undefined && share === undefined) return refuse(`per${n + 1}`, 'bad-empty');
	const all_l = each_l === undefined ? undefined : each_l * bed.pieces;
	if (meant.stuff === 'water')
		return putOwn(books, now_ms, envelope, {
			bed: bed.name,
			material: 'water',
			litres: all_l ?? 0
		});
	if (lot === undefined) return refuse(`lot${n + 1}`, 'bad-empty');
	if (meant.stuff === 'char' || spreadable(books, lot, envelope.happenedAt_ms))
		return spreadLot(books, now_ms, envelope, {
			bed: bed.name,
			lot,
			ask:
				all_l === undefined
					? { by: 'rate', form: 'percent', amount: share ?? 0 }
					: { by: 'carried', litres: all_l }
		});
	return putOnBed(books, now_ms, envelope, {
		bed: bed.name,
		lot,
		part: all_l ?? ((share ?? 0) / 100) * soilVolume(bed.ground),
		way: 'dug-in'
	});
}

/** What is wrong with a gift stands at its own two fields. */
function atGift(outcome: Outcome, n: number): Outcome {
	if (outcome.status === 'done') return outcome;
	const at = (issue: Issue): Issue => {
		if (['lot', 'putLot'].includes(issue.field)) return { ...issue, field: `lot${n + 1}` };
		const isAmount = ['amount', 'part', 'ownAmount', 'bed', 'moisture'].includes(issue.field);
		return isAmount ? { ...issue, field: `per${n + 1}` } : issue;
	};
	return { status: 'refused', issues: outcome.issues.map(at) };
}
