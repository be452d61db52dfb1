import { lotKinds } from '../../core/kinds';
import { kitEvents } from '../../core/vessels';
import { covers } from '../../core/woodyard';
import { limits } from '../limits';
import { smallAct, type SmallAct } from './declare';

/** What is seen of things of every kind, and how wood and vessels are kept. */
export const ofTheYard: readonly SmallAct[] = [
	smallAct({
		verb: 'remark',
		what: 'remark',
		on: [...lotKinds.map(({ id }) => id), 'burn', 'bed', 'vessel', 'place', 'device', 'programme'],
		fields: [{ name: 'words', key: 'words', label: 'What you saw', said: 'words', longest: 1000 }],
		did: 'noted',
		asks: 'Note what you saw',
		button: 'Keep the note',
		sheet: 'remarks'
	}),
	smallAct({
		verb: 'cover-stack',
		what: 'cover',
		on: ['stack'],
		fields: [
			{
				name: 'cover',
				key: 'cover',
				label: 'From now on it is',
				said: 'kept',
				oneOf: covers.map(({ id }) => ({ value: id, label: id }))
			}
		],
		did: 'kept otherwise',
		asks: 'Keep it otherwise',
		button: 'It is kept so',
		sheet: 'covers'
	}),
	smallAct({
		verb: 'read-char-ash',
		what: 'char-ash',
		on: ['char'],
		fields: [
			{
				name: 'charAsh',
				key: 'share',
				label: 'Ash left of a dried sample, % of its weight',
				said: 'ash, %',
				hint: 'Weigh it dry, burn it off to grey in a dish, weigh what is left',
				inPercent: true,
				reads: limits.worth.ash
			}
		],
		did: 'ash of it weighed',
		asks: 'Burn a sample off and weigh its ash',
		button: 'Keep its ash',
		line: {
			word: 'charash',
			about: 'char',
			example: 'charash K10 8',
			does: 'ash that was left of a dried sample of char, per cent'
		},
		sheet: 'char-ash'
	}),
	smallAct({
		verb: 'log-kit',
		what: 'kit',
		on: ['vessel'],
		fields: [
			{
				name: 'what',
				key: 'what',
				label: 'It was',
				said: 'it was',
				oneOf: kitEvents.map((value) => ({ value, label: value }))
			},
			{ name: 'words', key: 'words', label: 'What happened', said: 'words', longest: 300 }
		],
		did: 'noted',
		asks: 'Note what became of it',
		button: 'Keep it',
		sheet: 'kit'
	}),
	smallAct({
		verb: 'skim',
		what: 'skimmed',
		on: ['vessel'],
		fields: [
			{
				name: 'skimmed',
				key: 'litres',
				label: 'Embers skimmed into it',
				said: 'how much',
				hint: 'Each time; quenched, they are one fire',
				reads: limits.skim
			}
		],
		did: 'embers skimmed into it',
		asks: 'Skim embers into it',
		button: 'They are in',
		line: {
			word: 'skim',
			about: 'embers into a pail',
			example: 'skim Ember pail 2 L',
			does: 'embers skimmed into a running pail; quench it to make them a fire'
		},
		sheet: 'skimmings'
	}),
	smallAct({
		verb: 'skip-round',
		what: 'round-skipped',
		on: ['programme'],
		fields: [
			{ name: 'due', key: 'due', label: 'The round of', said: 'the round of', longest: 10 },
			{ name: 'why', key: 'why', label: 'Why', said: 'why', isOptional: true, longest: 200 }
		],
		did: 'round let go by',
		asks: 'Let a round go by',
		button: 'It is let go by',
		sheet: 'rounds-skipped'
	})
];
