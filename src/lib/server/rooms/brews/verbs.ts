import { planBrew, recipeOf, recipes, verdictOf, type Smell } from '../../../core/brews';
import { litres } from '../../../core/units';
import { sayMoment } from '../../../format/dates';
import { say } from '../../../format/figure';
import { smellWords, verdictWords } from '../../../format/rooms/brews';
import { brewSchema, drenchOneSchema, smellSchema } from '../../../input/brews';
import { takeAwaySchema } from '../../../input/ledger';
import { leadingName, namesOfKind } from '../../line/names';
import { sending, trouble, type LogVerb } from '../../line/sending';
import type { OntoBed } from '../../line/verbs/onto-bed';
import { brewLine } from '../../questions/brews';
import { drenchBeds } from '../../usecases/brews/drench-beds';
import { startBrew } from '../../usecases/brews/start-brew';
import { smellBrew } from '../../usecases/brews/tend-brew';
import { takeAway } from '../../usecases/count-lot';

/** Where nobody measured: a shed in the season of brewing. */
const usualTemperature = '18 C';

const codeIn = (text: string) => {
	const [, code = '', rest = ''] = /^(\p{L}\d+)[,:]?\s*(.*)$/su.exec(text.trim()) ?? [];
	return { code: code.toUpperCase(), rest: rest.trim() };
};

/** `brew Pail 18 L M30 1 L`, `brew Pail 18 L castings M30 1 L at 16 C` */
export const brewVerb: LogVerb = {
	word: 'brew',
	about: 'set a tea going',
	examples: [
		{
			line: 'brew White pail 20 L M30 1.5 L at 17 C',
			does: 'water and a bag of castings set bubbling'
		}
	],
	fits: ({ kind }) => kind === 'vessel',
	read: ({ rest }, names) => {
		const vessel = leadingName(rest, namesOfKind(names, 'vessel'));
		const [, water = '', code = '', amount = '', at = ''] =
			/^(.+?)\s+(?:of\s+)?(?:castings\s+|compost\s+)?(m\d+)\s+(.+?)(?:\s+at\s+(.+))?$/i.exec(
				vessel?.rest ?? ''
			) ?? [];
		if (!vessel || code === '') return trouble('line-brew');
		const recipe = recipes[0]?.id ?? '';
		return sending(
			{
				recipe,
				vessel: vessel.name,
				water: water.replace(/\s+water$/i, ''),
				partnerLot: code.toUpperCase(),
				partner: amount,
				temperature: at === '' ? usualTemperature : at
			},
			brewSchema,
			startBrew,
			(books, now_ms) =>
				(path) =>
				({ almanac, system }) => {
					const brew = books.brews.maybeOne(path.split('/').at(-1) ?? '');
					if (!brew) return { head: 'A brew', text: '' };
					const { window } = brewLine(books, brew, now_ms);
					const asked = planBrew(brew.recipe, litres(brew.water_l / recipeOf(brew.recipe).fill));
					const ripe =
						window.usable_ms === null
							? 'Too cold or hot to come to anything.'
							: `Ripe from ${sayMoment(window.usable_ms, almanac)}.`;
					return {
						head: `${brew.code} ${brew.name} in ${vessel.name}`,
						text: `${at === '' ? 'Taken to stand at' : 'At'} ${say(brew.temperature_c, '°C', system)}. ${say(brew.water_l, 'L', system)} of water with ${say(brew.partner_l, 'L', system)} in the bag, where the recipe asks for ${say(asked.partnerLow, 'L', system)} to ${say(asked.partnerHigh, 'L', system)}. ${ripe}`
					};
				}
		);
	}
};

/** `smell B7 earthy` */
export const smellVerb: LogVerb = {
	word: 'smell',
	about: 'what a brew smells of',
	examples: [{ line: 'smell B3 earthy', does: 'earthy, sweet, sour or stink: is the tea ripe?' }],
	fits: ({ kind }) => kind === 'brew',
	ways: (after) => {
		const { code, rest } = codeIn(after);
		if (code === '' || !after.includes(' ')) return undefined;
		return Object.entries(smellWords)
			.filter(([smell]) => smell.startsWith(rest.toLowerCase()))
			.map(([smell, { means }]) => ({ line: `${code} ${smell}`, shows: smell, about: means }));
	},
	read: ({ rest }) => {
		const { code, rest: said } = codeIn(rest);
		if (code === '') return trouble('line-which-lot');
		const smell = Object.keys(smellWords).find((one) =>
			said.toLowerCase().startsWith(one.slice(0, 4))
		);
		if (!smell) return trouble('line-smell', { code });
		return sending(
			{ smell },
			(reading) => smellSchema(reading, code),
			smellBrew,
			(books) => () => () => {
				const brew = books.brews.maybeOne(code);
				return {
					head: `${code} smells ${smellWords[smell as Smell].name}`,
					text: brew ? `${verdictWords[verdictOf(brew.recipe, smell as Smell)]}.` : ''
				};
			}
		);
	}
};

/** `drench Mere 2 B7 1:4 24 L`: litres as they are poured, diluted. */
export const drenchVerb: LogVerb = {
	word: 'drench',
	about: 'a bed with a brew',
	examples: [
		{ line: 'drench Mere 2 B3 1:4 24 L', does: 'poured on a bed: 24 L in all, one part in five' }
	],
	fits: ({ kind }) => kind === 'bed',
	read: ({ rest, reason }, names) => {
		const bed = leadingName(rest, namesOfKind(names, 'bed'));
		if (!bed) return trouble('line-which-bed');
		const { code, rest: said } = codeIn(bed.rest);
		const [, parts = '', diluted = ''] = /^1 ?: ?(\S+)\s+(.+)$/.exec(said) ?? [];
		if (code === '') return trouble('line-which-lot');
		if (diluted === '') return trouble('line-drench', { code });
		return sending(
			{ parts, diluted, reason },
			(reading) => drenchOneSchema(reading, code, bed.name),
			drenchBeds,
			(books) => {
				const before_ml = books.ledger.maybeLot(code)?.volume_ml ?? 0;
				return () =>
					({ system }) => {
						const left_ml = books.ledger.lot(code).volume_ml;
						const volume = (ml: number) => say(ml / 1000, 'L', system);
						return {
							head: `Water ${bed.name} with ${code} at 1 : ${parts}`,
							text: `${volume(before_ml - left_ml)} of the brew in it; ${code} keeps ${volume(left_ml)}.`
						};
					};
			}
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
				const before_ml = books.ledger.maybeLot(code)?.volume_ml ?? 0;
				return () =>
					({ system }) => {
						const left_ml = books.ledger.lot(code).volume_ml;
						return {
							head: `Pour out ${say((before_ml - left_ml) / 1000, 'L', system)} of ${code}`,
							text:
								left_ml > 0 ? `It keeps ${say(left_ml / 1000, 'L', system)}.` : 'Nothing is left.'
						};
					};
			}
		);
	}
};

/** A brew goes on diluted, and a line must say how: the commonest mistake is not made silently. */
export const brewOnto: OntoBed = ({ lot }) => trouble('line-drench', { code: lot });
