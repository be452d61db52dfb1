import { elementOfOxide } from '../../core/materials';
import { localDay } from '../../core/time';
import { wayOf } from '../../core/fires';
import {
	byStage,
	eachOf,
	effortBy,
	feedStages,
	firesTold,
	headMinutes,
	litresOf,
	perLitreOf,
	sparedBy,
	stuffsOf,
	type EachOf,
	type Judged,
	type Made,
	type Spared
} from '../../core/worth';
import { inLitres, type Range } from '../../core/units';
import type { Books } from '../db/books';
import { boughtBySeason } from './bought';
import { burnFacts, moved, yearRestsOn } from './burn-facts';
import { rememberingEachAlways, rememberingWhile } from './remember';
import { settingsOf } from './settings';

/** Hours, cash and what came of them, of one year of the place or of all. */
export interface WorthTold {
	readonly years: readonly number[];
	readonly stages: ReturnType<typeof byStage>;
	readonly all: Range;
	readonly cash: number;
	readonly made: Made;
	readonly spared: readonly Spared[];
	/** Of one litre of char, one bed, one kilogram of nitrogen. */
	readonly perLitre: EachOf | undefined;
	readonly perBed: EachOf | undefined;
	readonly perKgN: EachOf | undefined;
	readonly beds: number;
	readonly byStuff: readonly Judged[];
	readonly byWay: readonly Judged[];
	/** Fires of which hours were told, of how many. */
	readonly toldOf: { readonly fires: number; readonly of: number };
	/** A share of a day was guessed somewhere. */
	readonly isGuessed: boolean;
}

const yearIn = (timeZone: string) => (at_ms: number) =>
	Number(localDay(timeZone, at_ms).slice(0, 4));

/** What hours and worth rest on. */
const rests = [...yearRestsOn, 'work_done', 'cash_paid', 'price_told'];

/** @param year of the place; 0 for all years */
export const worthOf = rememberingEachAlways(
	(books, year: number): WorthTold => {
		const yearOf = yearIn(settingsOf(books).timeZone);
		const isIn = ({ at_ms }: { readonly at_ms: number }) => year === 0 || yearOf(at_ms) === year;
		const worked = books.effort.worked();
		const paid = books.effort.paid();
		const burns = burnFacts(books).filter(({ quenched_ms }) => isIn({ at_ms: quenched_ms }));
		const [work, cash] = [worked.filter(isIn), paid.filter(isIn)];
		const prices = books.effort.prices();
		const ways = new Map(burns.map(({ id, way }) => [id, wayOf(way).name]));
		const put = putIn(books, isIn);
		const made: Made = { ...put.made, char_l: litresOf(burns) };
		const of = (stages: ReadonlySet<string>) =>
			headMinutes(work.filter(({ stage }) => stages.has(stage)));
		const spent = cash.reduce((sum, one) => sum + one.paid, 0);
		const told = new Set([...worked, ...paid].map(({ at_ms }) => yearOf(at_ms)));
		return {
			years: [...told].sort((a, b) => b - a),
			stages: byStage(work),
			all: headMinutes(work),
			cash: spent,
			made,
			spared: sparedBy(made, prices),
			perLitre: perLitreOf(work, burns, spent),
			perBed: eachOf(of(new Set(['spread'])), 0, put.beds),
			perKgN: eachOf(of(feedStages), 0, made.nitrogen_kg),
			beds: put.beds,
			byStuff: effortBy({ work, cash, burns, prices }, stuffsOf),
			byWay: effortBy({ work, cash, burns, prices }, ({ id }) => [
				{ name: ways.get(id) ?? '', share: 1 }
			]),
			toldOf: { fires: firesTold(work, burns).length, of: burns.length },
			isGuessed: work.some(({ minutes }) => minutes.high > minutes.low)
		};
	},
	String,
	rests
);

/** What went on beds, and how many beds that were. */
function putIn(books: Books, isIn: (row: { readonly at_ms: number }) => boolean) {
	const all = moved(books).filter(isIn);
	const rows = all.filter(({ bedId, direction }) => bedId !== null && direction === 'in');
	const kg = (of: 'lime' | 'nitrogen' | 'potassium') => rows.reduce((sum, row) => sum + row[of], 0);
	const lifted = all.filter(
		({ verb, kind, direction }) => verb === 'lift-heap' && kind === 'stock' && direction === 'in'
	);
	return {
		beds: new Set(rows.map(({ bedId }) => bedId)).size,
		made: {
			compost_l: lifted.reduce((sum, { volume_ul }) => sum + inLitres(volume_ul), 0),
			lime_kg: kg('lime'),
			nitrogen_kg: kg('nitrogen'),
			potash_kg: kg('potassium') / elementOfOxide.potassium
		}
	};
}

/** What was spared by the year, prices as they stand; with what mixes stood in for. */
export const sparedByYear = rememberingWhile((books) => {
	const { timeZone } = settingsOf(books);
	const mixes = new Map(boughtBySeason(books, timeZone).map((one) => [one.year, one]));
	const years = new Set([
		...worthOf(books, 0).years,
		...burnFacts(books).map(({ quenched_ms }) => yearIn(timeZone)(quenched_ms)),
		...mixes.keys()
	]);
	return [...years]
		.sort((a, b) => b - a)
		.map((year) => {
			const { spared, all, cash } = worthOf(books, year);
			const own = spared.reduce((sum, one) => sum + one.spared, 0);
			const inMixes = mixes.get(year);
			return {
				year,
				hours: { value: all.value / 60, low: all.low / 60, high: all.high / 60 },
				cash: cash + (inMixes?.spent ?? 0),
				spared: own + (inMixes?.spared ?? 0)
			};
		});
}, rests);

/** What was told last, so many of each, a day that was shared out in its parts. */
export const newestTold = rememberingEachAlways(
	(books, most: number) => ({
		worked: books.effort.worked(3 * most),
		paid: books.effort.paid(most)
	}),
	String,
	['work_done', 'cash_paid']
);

/** What each costs to buy, as it was last told. */
export const pricesTold = rememberingWhile((books) => books.effort.prices(), ['price_told']);
