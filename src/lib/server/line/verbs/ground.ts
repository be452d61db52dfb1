import { layAgainSchema } from '../../../input/beds';
import { layAgain } from '../../usecases/lay-again';
import { isGoods, isMaterial, materialOf } from '../../../core/materials';
import { ringRound } from '../../../core/applying';
import type { Names, Thing } from '../names';
import { findName, namesOfKind, thingNamed } from '../names';
import { sending, trouble, type LogVerb, type Understood } from '../sending';
import { putBy, type OntoBed } from './onto-bed';
import { byVolume } from './spread';
import { spreadParts } from './spread-parts';

const materialIs = (thing: Thing | undefined): string => thing?.facts?.material ?? '';
const isAsh = (thing: Thing): boolean => {
	const material = materialIs(thing);
	return isMaterial(material) && materialOf(material).sort === 'ash';
};
const isGood = ({ kind }: Thing) => isGoods(kind);

/** A lot, an amount and a bed; a lot of another sort is told so. */
function onto(
	put: OntoBed,
	fits: (thing: Thing) => boolean,
	otherwise: string
): (rest: string, reason: string, names: Names) => Understood {
	return (rest, reason, names) => {
		const parts = spreadParts(rest, names, fits);
		if ('status' in parts) return parts;
		const { lot, bed, beds } = parts;
		if (beds) return trouble('line-two-beds', { name: beds.slice(1).join(', ') });
		const thing = thingNamed(names, lot);
		if (thing && !fits(thing)) return trouble(otherwise, { code: lot });
		return put({ lot, amount: byVolume(parts.amount, lot, names), bed, reason }, names);
	};
}

const ashOn = onto(putBy('scratched-in'), isAsh, 'line-no-ash');
const ringOn = onto(putBy('ringed'), isAsh, 'line-no-ash');
const mulchOn = onto(putBy('top-dressed', 'depth'), isGood, 'line-no-spread');
const byDepth = /\b(?:cm|mm|m|in|inch(?:es)?|ft)\b/i;
const mulchCarried = onto(putBy('top-dressed'), isGood, 'line-no-spread');
const limeOn = onto(
	putBy('scratched-in'),
	(thing) => materialIs(thing) === 'ground-limestone',
	'line-no-spread'
);

/** "6 plants" as so much of an ash lot: what a ring takes is weighed nowhere. */
function ringed(rest: string, names: Names): string | undefined {
	const said = /(\d+)\s*(?:plants?|rings?)\b/i.exec(rest);
	const code = /\b(\p{L}\d+)\b/u.exec(rest)?.[1]?.toUpperCase();
	const { litres = 0, kg = 0 } = (code ? thingNamed(names, code) : undefined) ?? {};
	if (!said || !(kg > 0)) return undefined;
	const grams = ringRound(Number(said[1]));
	return rest.replace(said[0], `${Number((((grams / 1000) * litres) / kg).toPrecision(3))} L`);
}

/** "again > Mere 2": the ring that the rain washed in. */
function ringAgain(rest: string, names: Names): Understood {
	const typed = rest.replace(/^again\s*(?:>|on|round)?\s*/i, '');
	const bed = findName(typed, namesOfKind(names, 'bed'));
	if (bed.status !== 'found') return trouble('line-which-bed');
	return sending(
		{},
		() => layAgainSchema(bed.name),
		layAgain,
		() => () => () => ({
			head: `The ring on ${bed.name} is laid again`,
			text: 'As much of the same as before; it counts towards its year.'
		})
	);
}

/** What goes on the ground by other words than spreading: ash, rings of it, lime, mulch. */
export const groundVerbs: readonly LogVerb[] = [
	{
		word: 'ash',
		about: 'ash on a bed',
		examples: [
			{
				line: 'ash M33 1 L > Mere 2',
				does: 'ash on a bed, scratched in; what speaks against it is asked'
			}
		],
		fits: isAsh,
		read: ({ rest, reason }, names) => ashOn(rest, reason, names)
	},
	{
		word: 'ring',
		about: 'ash round plants',
		examples: [
			{
				line: 'ring M33 6 plants > Mere 2',
				does: 'ash round so many plants against slugs; it counts'
			},
			{ line: 'ring again Mere 2', does: 'the same once more, after rain' }
		],
		fits: isAsh,
		read: ({ rest, reason }, names) => {
			if (/^again\b/i.test(rest)) return ringAgain(rest, names);
			const asked = ringed(rest, names);
			return asked === undefined ? trouble('line-plants') : ringOn(asked, reason, names);
		}
	},
	{
		word: 'lime',
		about: 'lime on a bed',
		examples: [{ line: 'lime 2 kg > Mere 2', does: 'ground limestone from stock, scratched in' }],
		fits: (thing) => materialIs(thing) === 'ground-limestone',
		read: ({ rest, reason }, names) => {
			const bag = names.things.find((thing) => materialIs(thing) === 'ground-limestone');
			if (!bag) return trouble('line-no-lime');
			const isNamed = new RegExp(`\\b${bag.code}\\b`, 'i').test(rest);
			return limeOn(isNamed ? rest : `${bag.code} ${rest}`, reason, names);
		}
	},
	{
		word: 'mulch',
		about: 'mulch on a bed',
		examples: [
			{ line: 'mulch M31 4 cm > Mere 2', does: 'so deep on all of the bed, or an amount carried' }
		],
		fits: isGood,
		read: ({ rest, reason }, names) =>
			(byDepth.test(rest) ? mulchOn : mulchCarried)(rest, reason, names)
	}
];
