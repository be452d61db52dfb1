import { feedsHeap } from '../heaps/verbs';
import { inLitres } from '../../../core/units';
import { recipeOf, verdictOf, type Smell } from '../../../core/brews';
import { smellWords, whatToDo } from '../../../format/brew-words';
import { say } from '../../../format/figure';
import { list } from '../../../format/words';
import { feedSchema, strainSchema } from '../../../input/brew-care';
import { drenchLineSchema } from '../../../input/drench';
import { takeAwaySchema } from '../../../input/ledger';
import { smallSchema } from '../../../input/small';
import { doSmall } from '../../usecases/small-act';
import { leadingBeds, namesOfKind, thingNamed, type Names } from '../../line/names';
import { sending, trouble, type LogVerb } from '../../line/sending';
import type { OntoBed } from '../../line/verbs/onto-bed';
import { drenchBeds } from '../../usecases/brews/drench-beds';
import { feedBrew, strainBrew } from '../../usecases/brews/strain-feed';
import { takeAway } from '../../usecases/count-lot';
import { stuffWord } from './brew-verb';

const codeIn = (text: string) => {
	const [, code = '', rest = ''] = /^(\p{L}\d+)[,:]?\s*(.*)$/su.exec(text.trim()) ?? [];
	return { code: code.toUpperCase(), rest: rest.trim() };
};

const recipeIn = (names: Names, code: string) => {
	const id = thingNamed(names, code)?.facts?.recipe;
	return id === undefined ? undefined : recipeOf(id);
};

/** `smell B7 earthy`: what is asked for depends on its kind, and "stinks" of a shut ferment is as it should be. */
export const smellVerb: LogVerb = {
	word: 'smell',
	about: 'what a brew smells or looks of',
	examples: [{ line: 'smell B3 earthy', does: 'what a nose or an eye finds, by the kind of brew' }],
	fits: ({ kind }) => kind === 'brew',
	ways: (after, names) => {
		const { code, rest } = codeIn(after);
		const recipe = recipeIn(names, code);
		if (!recipe || !after.includes(' ')) return undefined;
		return recipe.senses
			.filter(([smell]) => smell.startsWith(rest.toLowerCase()))
			.map(([smell, verdict]) => ({
				line: `${code} ${smell}`,
				shows: smellWords[smell].name,
				about: whatToDo(recipe.id, smell, verdict)
			}));
	},
	read: ({ rest }, names) => {
		const { code, rest: typed } = codeIn(rest);
		if (code === '') return trouble('line-which-lot');
		const recipe = recipeIn(names, code);
		if (!recipe) return trouble('line-no-brew', { code });
		const word = typed.toLowerCase();
		const senses = recipe.senses.map(([smell]) => smell);
		const smell =
			senses.find((one) => one === word) ?? senses.find((one) => smellWords[one].signs.test(word));
		if (!smell)
			return trouble('line-smell', {
				code,
				options: list(senses.map((one) => smellWords[one].name))
			});
		return sending(
			{ smell },
			(reading) => smallSchema(reading, 'smell', 'lot', code),
			doSmall,
			(books) => () => () => {
				const brew = books.brews.maybeOne(code);
				return {
					head: `${code}: ${smellWords[smell].name}`,
					text: brew ? `${toldOf(brew.recipe, smell)}.` : ''
				};
			}
		);
	}
};

const toldOf = (recipe: Parameters<typeof verdictOf>[0], smell: Smell) =>
	whatToDo(recipe, smell, verdictOf(recipe, smell));

/** `drench Mere 1-3 B7 1:10 5 L/m2`: litres as they are poured, diluted; `neat` after them makes them the brew itself. */
export const drenchVerb: LogVerb = {
	word: 'drench',
	about: 'beds with a brew',
	examples: [
		{
			line: 'drench Mere 1-3 B3 1:4 3 L/m2',
			does: 'poured on beds: litres of the diluted liquid in all, or to the m²; "leaves" sprays it'
		}
	],
	fits: ({ kind }) => kind === 'bed',
	read: ({ rest, reason }, names) => {
		const found = leadingBeds(rest.replace(/,\s*/g, ', '), namesOfKind(names, 'bed'));
		if (!found) return trouble('line-which-bed');
		const { code, rest: said } = codeIn(found.rest);
		const [, parts = '', poured = ''] = /^1 ?: ?(\S+)\s+(.+)$/.exec(said) ?? [];
		if (code === '') return trouble('line-which-lot');
		if (poured === '') return trouble('line-drench', { code });
		const onto = /\b(leaves|leaf|foliar|sprayed?)\b/i.test(poured) ? 'leaves' : 'soil';
		const basis = /\b(neat|concentrate|of brew)\b/i.test(poured) ? 'brew' : 'diluted';
		const diluted = poured
			.replace(
				/\b(on )?(leaves|leaf|foliar|sprayed?|neat|concentrate|of brew|diluted|as poured)\b/gi,
				''
			)
			.trim();
		return sending(
			{ parts, diluted, onto, basis, reason },
			(reading) => drenchLineSchema(reading, code, found.beds),
			drenchBeds,
			(books) => {
				const before_ul = books.ledger.maybeLot(code)?.volume_ul ?? 0;
				return () =>
					({ system }) => {
						const left_ul = books.ledger.lot(code).volume_ul;
						const volume = (ul: number) => say(inLitres(ul), 'L', system);
						const taken = before_ul - left_ul;
						return {
							head: `Water ${list(found.beds)} with ${code} at 1 : ${parts}`,
							text: `${volume(taken)} of the brew in ${volume(taken * (1 + Number(parts)))} poured; ${code} keeps ${volume(left_ul)}.`
						};
					};
			}
		);
	}
};

/** `feed B2 sugar 200 g` */
export const feedVerb: LogVerb = {
	word: 'feed',
	about: 'a culture or brew',
	examples: [
		{ line: 'feed B3 sugar 200 g', does: 'more of what it lives on' },
		{ line: 'feed worms 4 L scraps', does: 'a worm bed by its name: so much on it' }
	],
	fits: ({ kind, facts }) => kind === 'brew' || facts?.way === 'worms',
	read: ({ rest }, names) => {
		const onHeap = feedsHeap(rest, names);
		if (onHeap) return onHeap;
		const { code, rest: said } = codeIn(rest);
		if (code === '') return trouble('line-which-lot');
		const [word = '', ...amount] = said.split(/\s+/);
		const stuff = stuffWord(word, names);
		if (!stuff || amount.length === 0) return trouble('line-feed', { code });
		return sending(
			{ feed: stuff, feedAmount: amount.join(' ') },
			(reading) => feedSchema(reading, code),
			feedBrew,
			(books) =>
				() =>
				({ system }) => ({
					head: `${code} fed`,
					text: `It holds ${say(inLitres(books.ledger.lot(code).volume_ul), 'L', system)} now.`
				})
		);
	}
};

/** `strain B5 16 L` */
export const strainVerb: LogVerb = {
	word: 'strain',
	about: 'a brew',
	examples: [{ line: 'strain B3 16 L', does: 'so much liquid was drawn; the rest goes on a heap' }],
	fits: ({ kind }) => kind === 'brew',
	read: ({ rest }) => {
		const { code, rest: drawn } = codeIn(rest);
		if (code === '') return trouble('line-which-lot');
		if (drawn === '') return trouble('line-strain', { code });
		return sending(
			{ drawn },
			(reading) => strainSchema(reading, code),
			strainBrew,
			(books) =>
				() =>
				({ system }) => ({
					head: `${code} strained`,
					text: `${say(inLitres(books.ledger.lot(code).volume_ul), 'L', system)} of liquid; what stayed on the cloth goes on a heap.`
				})
		);
	}
};

/** `pour B7 all; gone off` */
export const pourVerb: LogVerb = {
	word: 'pour',
	about: 'a brew out',
	examples: [{ line: 'pour B3 all; gone off', does: 'the rest poured out, and why' }],
	fits: ({ kind }) => kind === 'brew',
	read: ({ rest, reason }) => {
		const { code, rest: said } = codeIn(rest);
		if (code === '') return trouble('line-which-lot');
		if (reason === '') return trouble('line-pour-why', { code });
		const taken = said.replace(/\s*\bout$/i, '');
		return sending(
			{ how: 'dispose', taken, takenReason: reason },
			(reading) => takeAwaySchema(reading, code),
			takeAway,
			(books) => {
				const before_ul = books.ledger.maybeLot(code)?.volume_ul ?? 0;
				return () =>
					({ system }) => {
						const left_ul = books.ledger.lot(code).volume_ul;
						return {
							head: `Pour out ${say(inLitres(before_ul - left_ul), 'L', system)} of ${code}`,
							text:
								left_ul > 0
									? `It keeps ${say(inLitres(left_ul), 'L', system)}.`
									: 'Nothing is left.'
						};
					};
			}
		);
	}
};

/** A brew goes on diluted, and a line must say how: the commonest mistake is not made silently. */
export const brewOnto: OntoBed = ({ lot }) => trouble('line-drench', { code: lot });
