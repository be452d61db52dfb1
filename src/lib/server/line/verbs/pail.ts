import { pailSchema } from '../../../input/after-burn';
import { say } from '../../../format/figure';
import { quenchPail } from '../../usecases/quench-pail';
import { leadingName, namesOfKind } from '../names';
import { sending, trouble, type LogVerb } from '../sending';

/** `quench Ember pail`: what was skimmed into it since it was quenched last becomes one fire. */
export const quenchVerb: LogVerb = {
	word: 'quench',
	about: 'a pail of embers',
	examples: [
		{
			line: 'quench Ember pail',
			does: 'what was skimmed into it is one fire from then on, to be checked as one'
		}
	],
	fits: ({ kind }) => kind === 'vessel',
	read: ({ rest }, names) => {
		const vessel = leadingName(rest, namesOfKind(names, 'vessel'));
		if (!vessel) return trouble('line-which-pail');
		return sending(
			{},
			() => pailSchema(vessel.name),
			quenchPail,
			(books) =>
				(path) =>
				({ system }) => {
					const burn = books.burns.maybeOne(path.split('/').at(-1) ?? '');
					return {
						head: `${burn?.code ?? 'A fire'} in ${vessel.name}, ${say(burn?.record?.charLitres ?? 0, 'L', system)} of char`,
						text: `It counts as hot until three places pass: check ${burn?.code ?? ''}.`
					};
				}
		);
	}
};
