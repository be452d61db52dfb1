import { judge } from '../../../core/cautions';
import { charWithin } from '../../../core/char';
import type { Amount } from '../../../core/ledger';
import { germClasses, materialOf, type GermClass } from '../../../core/materials';
import {
	mixedComposition,
	mixMaterial,
	mixRules,
	partTraits,
	pottingPart,
	shrink,
	type MixedOf,
	type MixedPart
} from '../../../core/mixes';
import { inLitres, litres, microlitres } from '../../../core/units';
import { pathOf } from '../../../format/paths';
import type { Envelope } from '../../../input/act';
import type { MixInput } from '../../../input/mixes';
import type { Books } from '../../db/books';
import { moves } from '../../db/movements';
import { refusedLots } from '../../questions/applying';
import { germsOf } from '../../questions/germs';
import { soakOf } from '../../questions/mixes';
import { perform, postOrRefuse, refuse, type Outcome } from '../act';
import { stuffsFor, together, type LaidStuff } from '../laid-stuffs';

/** Parts are mixed into a lot: its contents are theirs, its litres what was measured, or what such parts come to. */
export function mixUp(books: Books, now_ms: number, envelope: Envelope, input: MixInput): Outcome {
	return perform(books, now_ms, 'mix', envelope, { ...input }, () => {
		const stuffs = stuffsFor(books, input.parts, envelope.happenedAt_ms);
		const liquid = stuffs.findIndex(({ isLiquid }) => isLiquid);
		if (liquid >= 0) refuse(`stuff${input.parts[liquid]?.row ?? 1}`, 'mix-liquid');
		const all = together(stuffs);
		const volume_ul = microlitres(litres(input.litres ?? inLitres(all.volume_ul) * shrink));
		if (!(volume_ul > 0)) refuse('part1', 'nothing');
		if (volume_ul > all.volume_ul * mostFluffed)
			refuse('mixed', 'mix-more', { litres: inLitres(all.volume_ul) });
		const amount: Amount = { ...all, volume_ul };
		const code = books.ledger.nextCode('mix');
		return {
			path: pathOf('mix', code),
			gates: stuffs.flatMap(({ gates }) => gates),
			cautions: judge(mixRules, {
				...{ name: input.name, use: input.use },
				parts: partsOf(books, stuffs, inLitres(all.volume_ul))
			}),
			fieldOf: () => 'part1',
			write: (stamp) => {
				const went = stuffs.map((stuff) => ({ stuff, ...stuff.take(stamp) }));
				const { actId } = stamp;
				const lotId = books.ledger.insertLot({ code, kind: 'mix', name: input.name, actId });
				const material = mixMaterial[input.use];
				const parts = stuffs.map(partOf);
				const composition = mixedComposition(input.use, amount, parts, worstGerms(books, stuffs));
				books.stock.insert({ lotId, actId, material, composition });
				books.findings.insert({
					...{ actId, thingId: lotId, what: 'mixed' },
					found: { use: input.use }
				});
				const lines = went.flatMap((one) => one.lines);
				postOrRefuse(books, stamp, [...lines, moves('in', { lotId }, amount)], 'part1');
				// What holds or frees a part holds or frees the mix.
				for (const { stuff, fromLotId } of went)
					books.batches.insertIngredient({
						...{ actId, batchLotId: lotId, fromLotId, material: stuff.material },
						...{ volume_ul: stuff.amount.volume_ul, planned_ul: null }
					});
			}
		};
	});
}

/** Mixed and fluffed it may stand a little higher; more was never there. A judgement. */
const mostFluffed = 1.15;

const partOf = ({ composition, amount, from, material }: LaidStuff): MixedOf => ({
	...{ id: from?.code ?? material, litres: inLitres(amount.volume_ul), composition }
});

/** As the rules of mixes look at what goes in. */
function partsOf(books: Books, stuffs: readonly LaidStuff[], all_l: number): readonly MixedPart[] {
	const refused = refusedLots(books);
	return stuffs.map(({ material, amount, from, composition, isAsh, isRich }) => {
		const soak = from && soakOf(books, from.id);
		const char_l = charWithin(amount.contents).value;
		return {
			...(composition ? partTraits(composition, soak) : { isAsh, isRich }),
			name: from?.code ?? (composition ? materialOf(composition.material).name : material),
			refused: from && refused.get(from.id),
			share: (material === 'batch' ? char_l : inLitres(amount.volume_ul)) / all_l,
			most: pottingPart(material === 'batch' ? 'char' : material)?.most
		};
	});
}

/** The worst of what its parts carry. */
function worstGerms(books: Books, stuffs: readonly LaidStuff[]): GermClass {
	const all = stuffs.map(({ from, composition }) =>
		from ? germsOf(books, from.code) : (composition?.germs ?? 'none')
	);
	return germClasses.findLast((one) => all.includes(one)) ?? 'none';
}
