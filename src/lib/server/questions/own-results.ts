import { hasChar, type Outcome } from '../../core/trials';
import { evidenceWords } from '../../format/evidence-words';
import { capital } from '../../format/counted';
import { stripsAnswer, trialAnswer } from '../../format/trial-words';
import type { Books } from '../db/books';
import { rememberingAlways } from './remember';
import { stripsOf } from './strips';
import { outcomesOf, trialGround, trialLines, type TrialLine } from './trials';

/** Something the grower found out, to stand beside what others say. */
export interface OwnResult {
	readonly says: string;
	readonly kind: string;
	readonly href: string;
}

/** Newest trials of char that were judged, as many as stand beside a table. */
const mostTrials = 3;
const mostHeard = 2;

const isJudged = (outcome: Outcome | undefined): outcome is Outcome =>
	outcome?.raw.status === 'judged';

function ofTrial(books: Books, line: TrialLine): OwnResult[] {
	const { trial } = line;
	const last = outcomesOf(books, line)[0]?.last;
	if (!trial.arms.some(hasChar) || !isJudged(last)) return [];
	return [
		{
			says: `${trial.code}: ${trialAnswer(trial.arms, last)}`,
			kind: evidenceWords[trialGround(trial)],
			href: `/trials/${trial.code}`
		}
	];
}

/** What the grower's own trials and strips say of char: it stands beside every rate of a school. */
export const ownResults = rememberingAlways((books): readonly OwnResult[] => {
	const trials = trialLines(books)
		.flatMap((line) => ofTrial(books, line))
		.slice(0, mostTrials);
	const strips = stripsOf(books);
	const heard = books.advices
		.all()
		.filter(({ stuff, perM2 }) => stuff === 'char' && perM2 !== undefined)
		.slice(-mostHeard)
		.map(({ text, ground }) => ({
			says: `Heard: “${text}”`,
			kind: evidenceWords[ground],
			href: '/advice'
		}));
	return strips.n === 0
		? [...trials, ...heard]
		: [
				...trials,
				...heard,
				{
					says: capital(`strips: ${stripsAnswer(strips)}`),
					kind: evidenceWords['own-pairs'],
					href: '/trials'
				}
			];
});
