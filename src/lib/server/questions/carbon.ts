import {
	carbonModel,
	carbonPartOf,
	charFates,
	elsewhere,
	grouped,
	type CarbonPart,
	type CharAct,
	type CharFates,
	type CharLine,
	type Elsewise,
	type Kept
} from '../../core/carbon';
import { localDay } from '../../core/time';
import type { BurnFacts } from '../db/burn-facts';
import type { Books } from '../db/books';
import type { Moved } from '../db/moved';
import { burnFacts, moved, yearRestsOn } from './burn-facts';
import { rememberingEachAlways, rememberingWhile } from './remember';
import { settingsOf } from './settings';

/** Lines of acts that carry char, act by act in the order of time. */
function charActs(rows: readonly Moved[], burns: readonly BurnFacts[]): readonly CharAct[] {
	const burnOf = new Map(burns.map(({ actId, code }) => [actId, code]));
	const acts = new Map<string, { at_ms: number; burn?: string; lines: CharLine[] }>();
	for (const { actId, at_ms, lotId, bedId, account, direction, char } of rows) {
		if (char <= 0) continue;
		const burn = burnOf.get(actId);
		const act = acts.get(actId) ?? { at_ms, ...(burn ? { burn } : {}), lines: [] };
		acts.set(actId, act);
		const is = lotId !== null ? 'lot' : bedId !== null ? 'bed' : 'account';
		act.lines.push({ is, node: String(lotId ?? bedId ?? account), direction, kg: char });
	}
	return [...acts.values()];
}

/** Where the char of every fire went, as the ledger has it. */
export const fatesOfChar = rememberingWhile(
	(books): CharFates => charFates(charActs(moved(books), burnFacts(books))),
	yearRestsOn
);

/** Ash of the char of fires, as it was weighed last. */
const ashOf = rememberingWhile(
	(books): ReadonlyMap<number, number> => {
		const read = new Map<number, number>();
		for (const { thingId, found } of books.findings.everywhere('char-ash'))
			if (!read.has(thingId)) read.set(thingId, found.share);
		return read;
	},
	['finding']
);

/** Water of the wood of a burn by mass, where any was read. */
export function waterOf({ stacks }: BurnFacts): number | undefined {
	const read = stacks.filter(({ water }) => water !== undefined);
	const kg = read.reduce((sum, one) => sum + one.kg, 0);
	return kg > 0 ? read.reduce((sum, one) => sum + one.kg * (one.water ?? 0), 0) / kg : undefined;
}

type PartOf = (code: string, kg: number) => readonly CarbonPart[];

/** What so much char of a burn counts as; of char from elsewhere nothing is known, and nothing is counted. */
function partsBy(books: Books, counts: Elsewise | undefined): PartOf {
	const burns = new Map(burnFacts(books).map((burn) => [burn.code, burn]));
	const ash = ashOf(books);
	return (code, kg) => {
		const burn = burns.get(code);
		if (!burn || !(burn.charKg.value > 0)) return [];
		const share = kg / burn.charKg.value;
		const end = (value: number) => value * share;
		const { low, high } = burn.charKg;
		const part = carbonPartOf({
			way: burn.way,
			wood: burn.charWood,
			char_kg: { value: kg, low: end(low), high: end(high) },
			hottest_c: burn.told.hottest?.c,
			water: waterOf(burn),
			smoke_min: burn.smoke_min,
			ash: ash.get(burn.charLotId),
			...(counts ? { else: { kg: (burn.wood.value - burn.brandsKg) * share, is: counts } } : {})
		});
		return part ? [part] : [];
	};
}

export interface KeptRow extends Kept {
	readonly name: string;
	readonly char_kg: number;
}

export interface CarbonTold {
	/** In soil, for good. */
	readonly soil: KeptRow;
	/** Lies in stock, and counts once it is in soil. */
	readonly stock: KeptRow;
	readonly away: KeptRow;
	/** In pots that stand in no books: nobody knows which soil it comes to. */
	readonly potted: KeptRow;
	/** Lost, thrown away or burnt again: its fire gave off methane all the same, kg CO₂e. */
	readonly lost: { readonly char_kg: number; readonly methane: number };
	readonly elsewhere_kg: number;
	/** Beds with char of own fires in them, the most of it first: how much is kept there is asked bed by bed. */
	readonly beds: readonly { readonly name: string; readonly char_kg: number }[];
	readonly byYear: readonly KeptRow[];
	readonly halved: ReturnType<ReturnType<typeof carbonModel>['halved']>;
	/** Of how many fires, and of how many of them each was the grower's own. */
	readonly grounds: Readonly<Record<'fires' | 'weighed' | 'ash' | 'heat' | 'methane', number>>;
	/** Burns, the newest first, with what of the char of each is in soil. */
	readonly burns: readonly { readonly code: string; readonly kg: number }[];
}

type Portions = ReadonlyMap<string, number>;

function summed<T extends { readonly origin: string; readonly kg: number }>(
	rows: readonly T[]
): Portions {
	const sums = new Map<string, number>();
	for (const { origin, kg } of rows) sums.set(origin, (sums.get(origin) ?? 0) + kg);
	return sums;
}

const kgOf = (portions: Portions) => [...portions.values()].reduce((sum, kg) => sum + kg, 0);

const partsIn = (portions: Portions, partOf: PartOf) =>
	[...portions].flatMap(([origin, kg]) => partOf(origin, kg));

/** One model for all that is told, so that what rows share is drawn alike. */
const model = carbonModel();

const rowOf = (name: string, portions: Portions, partOf: PartOf): KeptRow => ({
	...{ name, char_kg: kgOf(portions) },
	...model.of(partsIn(portions, partOf))
});

/** @param counts what the wood would else have become, where that is to be counted; empty for none */
/** Of char that no fire here made nothing is known. */
const own = (portions: Portions) => new Map([...portions].filter(([of]) => of !== elsewhere));

/** By bed, what of which fire lies there. */
const bedPortions = rememberingWhile((books): ReadonlyMap<string, Portions> => {
	const names = new Map(books.things.all('bed').map(({ id, name }) => [String(id), name]));
	const nameOf = (bed: string) => names.get(bed) ?? books.things.byId(Number(bed))?.name ?? bed;
	const rows = grouped(fatesOfChar(books).onBeds, ({ bed }) => nameOf(bed));
	return new Map([...rows].map(([name, reached]) => [name, own(summed(reached))]));
}, yearRestsOn);

/** What was read of how many fires: the rest is as published or judged. */
function groundsOf(books: Books): CarbonTold['grounds'] {
	const burns = burnFacts(books);
	const ash = ashOf(books);
	const count = (holds: (burn: BurnFacts) => boolean) => burns.filter(holds).length;
	return {
		fires: burns.length,
		weighed: count(({ isWeighed }) => isWeighed),
		ash: count(({ charLotId }) => ash.has(charLotId)),
		heat: count(({ told }) => told.hottest !== undefined),
		methane: count((burn) => burn.smoke_min !== null && waterOf(burn) !== undefined)
	};
}

/** What is kept in some beds, by their names. */
export const carbonOfBeds = rememberingEachAlways(
	(
		books: Books,
		{ names, counts }: { readonly names: readonly string[]; readonly counts: Elsewise | '' }
	): readonly KeptRow[] => {
		const partOf = partsBy(books, counts === '' ? undefined : counts);
		return names.flatMap((name) => {
			const portions = bedPortions(books).get(name);
			return portions ? [rowOf(name, portions, partOf)] : [];
		});
	},
	({ names, counts }) => [counts, ...names].join('|'),
	yearRestsOn
);

export const carbonOf = rememberingEachAlways(
	(books, counts: Elsewise | ''): CarbonTold => {
		const partOf = partsBy(books, counts === '' ? undefined : counts);
		const { onBeds, gone, inLots } = fatesOfChar(books);
		const soil = summed(onBeds);
		const goneTo = (account: string) => own(summed(gone.filter(({ to }) => to === account)));
		const apart = new Set(['given-away', 'potted']);
		const lost = summed(gone.filter(({ to }) => !apart.has(to)));
		const { timeZone } = settingsOf(books);
		const rowsBy = (keyOf: (row: (typeof onBeds)[number]) => string) =>
			[...grouped(onBeds, keyOf)].map(([key, rows]) => rowOf(key, own(summed(rows)), partOf));
		const mine = own(soil);
		return {
			soil: rowOf('in soil', mine, partOf),
			stock: rowOf('in stock', own(inLots), partOf),
			away: rowOf('given away', goneTo('given-away'), partOf),
			potted: rowOf('potted up', goneTo('potted'), partOf),
			lost: { char_kg: kgOf(lost), methane: model.of(partsIn(own(lost), partOf)).methane.value },
			elsewhere_kg: soil.get(elsewhere) ?? 0,
			beds: [...bedPortions(books)]
				.map(([name, portions]) => ({ name, char_kg: kgOf(portions) }))
				.sort((a, b) => b.char_kg - a.char_kg),
			byYear: rowsBy(({ at_ms }) => localDay(timeZone, at_ms).slice(0, 4)).sort((a, b) =>
				b.name.localeCompare(a.name)
			),
			halved: model.halved(partsIn(mine, partOf)),
			grounds: groundsOf(books),
			burns: burnFacts(books)
				.toReversed()
				.map(({ code }) => ({ code, kg: mine.get(code) ?? 0 }))
		};
	},
	String,
	yearRestsOn
);

const burnsKept = rememberingEachAlways(
	(
		books: Books,
		{ codes, counts }: { readonly codes: readonly string[]; readonly counts: Elsewise | '' }
	): readonly KeptRow[] => {
		const partOf = partsBy(books, counts === '' ? undefined : counts);
		const burns = new Map(burnFacts(books).map((burn) => [burn.code, burn]));
		return codes.map((code) =>
			rowOf(code, new Map([[code, burns.get(code)?.charKg.value ?? 0]]), partOf)
		);
	},
	({ codes, counts }) => [counts, ...codes].join('|'),
	yearRestsOn
);

/** All the char of some burns, as if it were in soil: what each fire kept. */
export const carbonOfBurns = (
	books: Books,
	codes: readonly string[],
	counts: Elsewise | ''
): readonly KeptRow[] => burnsKept(books, { codes, counts });
