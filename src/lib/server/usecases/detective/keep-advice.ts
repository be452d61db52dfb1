import type { JudgeAdviceInput, KeepAdviceInput } from '../../../input/advice';
import type { Envelope } from '../../../input/act';
import type { Books } from '../../db/books';
import { readHeard } from '../../questions/advice';
import { perform, refuse, type Outcome } from '../act';

/** What was heard is kept as a school of one's own, with who says so and on what ground. */
export function keepAdvice(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: KeepAdviceInput
): Outcome {
	return perform(books, now_ms, 'keep-advice', envelope, { ...input }, () => {
		const { advice, readings } = readHeard(books, input, envelope.happenedAt_ms);
		const reading = readings[input.taken] ?? readings[0];
		if (!reading && !advice.forbids && !advice.stuff) refuse('heard', 'nothing-heard');
		const name = books.advices.nextName();
		return {
			path: '/advice',
			write: ({ actId }) =>
				books.advices.insert(actId, name, {
					text: input.text,
					ground: input.ground,
					...(advice.stuff ? { stuff: advice.stuff } : {}),
					...(input.who === '' ? {} : { who: input.who }),
					...(reading ? { perM2: { ...reading.perM2 } } : {}),
					...(advice.often ? { often: advice.often } : {})
				})
		};
	});
}

/** What came of it, once somebody did as it says. */
export function judgeAdvice(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	{ name, ...found }: JudgeAdviceInput
): Outcome {
	return perform(books, now_ms, 'judge-advice', envelope, { name, ...found }, () => {
		const advice = books.advices.maybeOne(name) ?? refuse('advice', 'no-advice', { name });
		return {
			path: '/advice',
			write: ({ actId }) =>
				books.findings.insert({ actId, thingId: advice.id, what: 'advice-judged', found })
		};
	});
}
