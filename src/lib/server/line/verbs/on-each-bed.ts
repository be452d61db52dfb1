import { said } from '../../../format/sentence';
import { list } from '../../../format/words';
import { asOne } from '../../db/revision';
import { Refusal } from '../../usecases/act';
import { leadingBeds, namesOfKind } from '../names';
import type { ReadVerb, Sending } from '../sending';

/**
 * A verb for one bed, said of several (`note Mere 1-3 weeded`, `ph Mere 1, Mere 2 6.2 strip`): an act for
 * each of them, all together or none, under one number with their place in the line.
 */
export const onEachBed =
	(read: ReadVerb): ReadVerb =>
	(words, names) => {
		const many = leadingBeds(words.rest, namesOfKind(names, 'bed'));
		if (!many || many.beds.length < 2) return read(words, names);
		const each = many.beds.map((bed) => read({ ...words, rest: `${bed} ${many.rest}` }, names));
		const sendings: Sending[] = [];
		for (const one of each) {
			if (one.status !== 'ok') return one;
			sendings.push(one.sending);
		}
		return { status: 'ok', sending: together(sendings, many.beds) };
	};

function together(sendings: readonly Sending[], beds: readonly string[]): Sending {
	const [first] = sendings as readonly [Sending, ...Sending[]];
	return {
		values: {},
		send: (books, reading, given, written) => {
			try {
				return asOne(books.db, () => {
					const outcomes = sendings.map(({ values, send }, i) => {
						const outcome = send(
							books,
							reading,
							{ ...given, ...values, actId: `${given.actId}.${i + 1}` },
							written
						);
						if (outcome.status === 'refused') throw new Refusal(outcome.issues);
						return outcome;
					});
					return outcomes[0]!;
				});
			} catch (error) {
				if (error instanceof Refusal) return { status: 'refused', issues: error.issues };
				throw error;
			}
		},
		watch: (books, now_ms) => {
			const after = first.watch(books, now_ms);
			return (path) => (saying) => {
				const { head, text } = after(path)(saying);
				return { head: said`${head}; the same at ${list(beds.slice(1))}`, text };
			};
		}
	};
}
