import { infiltration, isOverAshCap } from '../../core/beds';
import type { BeanVerdict } from '../../core/heaps';
import { hungers } from '../../core/crops';
import { cluesOf, type BooksOfBed, type ClueId } from '../../core/detective';
import { kgOf, plus, type Contents } from '../../core/ledger';
import { inDays, days, localDay } from '../../core/time';
import type { GivenRow } from '../db/applications';
import type { Books } from '../db/books';
import { isCovered } from './mulch-beds';
import { growingOn, phOf } from './verdict';
import { ownCrops, saltRead, traitsOf } from './stands';
import { ashLately, givenAround, type ToTreat } from './targets';
import { cropNamed } from '../../core/crops';
import { settingsOf } from './settings';

const year_ms = days(365);
const halfYear_ms = days(182);
/** A reading of the ground tells of it so long. */
const readingLasts_ms = days(180);
/** Stuffs of a field of which nobody knows what was sprayed there. */
const ofFields = new Set<string>([
	...['straw', 'stable-manure', 'cattle-manure', 'cattle-manure-aged', 'used-litter'],
	...['small-stock-manure', 'finished-compost']
]);

/** Days since the last of some rows. */
const daysSince = (rows: readonly GivenRow[], now_ms: number): number | undefined =>
	rows.length === 0 ? undefined : inDays(now_ms - Math.max(...rows.map(({ at_ms }) => at_ms)));

const gramsIn = (rows: readonly GivenRow[], of: 'mineral-nitrogen' | 'potassium'): number =>
	kgOf(
		rows.reduce((sum: Contents, { contents }) => plus(sum, contents), {}),
		of
	) * 1000;

/** What the books hold of a bed that bears on what may ail it. */
export function booksOf(books: Books, bed: ToTreat, now_ms: number): BooksOfBed {
	const given = givenAround(books, bed, now_ms - year_ms, now_ms);
	const lately = given.filter(({ at_ms }) => at_ms > now_ms - halfYear_ms);
	const per_m2 = (grams: number) => grams / bed.ground.area;
	const { now } = growingOn(books, bed);
	const wanted = now.flatMap(({ row }) => (row ? hungers[row.hunger][0] : []));
	const [ph] = phOf(books, bed).filter(({ at_ms }) => at_ms > now_ms - year_ms);
	return {
		isCovered: isCovered(books, bed, now_ms),
		rawChar_d: daysSince(
			given.filter(({ kind }) => kind === 'char'),
			now_ms
		),
		chips_d: daysSince(
			given.filter(({ material }) => material === 'wood-chips'),
			now_ms
		),
		nitrogen_g_m2: per_m2(gramsIn(lately, 'mineral-nitrogen')),
		...(wanted.length > 0 ? { wanted_g_m2: Math.max(...wanted) } : {}),
		isHeavyFeeder: now.some(({ row }) => row?.hunger === 'heavy'),
		isLight: bed.texture === 'sand' || bed.texture === 'sandy-silt',
		staysWet: bed.drainage === 'stays-wet',
		ash_g_m2: ashLately(books, bed, now_ms).value,
		isOverCap: isOverAshCap(
			given.reduce((sum: Contents, { contents }) => plus(sum, contents), {}),
			{},
			bed.wholeGround
		),
		potassium_g_m2: per_m2(gramsIn(lately, 'potassium')),
		ph: ph?.mean.ph,
		strong_d: daysSince(
			given.filter(({ code, kind }) => {
				const traits = code === '' ? undefined : traitsOf(books, { code, kind });
				return traits?.isManure === true || traits?.isLiquid === true;
			}),
			now_ms
		),
		...groundOf(books, bed, now_ms),
		hadSuspect: given.some(
			({ code, material }) => ofFields.has(material ?? '') && beansOf(books, code) !== 'straight'
		),
		failedBeans: given.some(({ code }) => beansOf(books, code) === 'curled'),
		...grownOf(books, bed, now_ms)
	};
}

/** What beans said of a lot, where they were asked. */
function beansOf(books: Books, code: string): BeanVerdict | undefined {
	const lot = code === '' ? null : books.ledger.lot(code);
	return lot ? books.findings.of(lot.id, 'bean-test')[0]?.found.verdict : undefined;
}

/** Readings of its ground that still tell of it. */
function groundOf(books: Books, bed: ToTreat, now_ms: number) {
	const seep = books.findings
		.of(bed.id, 'seep')
		.find(({ at_ms }) => at_ms > now_ms - readingLasts_ms)?.found;
	return {
		...saltRead(books, bed, now_ms),
		...(seep ? { infiltration_mm_h: infiltration(seep.water_l, seep.minutes, seep.ring_m) } : {})
	};
}

/** Families of last year and this, and whether what was sown last was sown in its months. */
function grownOf(books: Books, bed: ToTreat, now_ms: number) {
	const { timeZone, latitude } = settingsOf(books);
	const own = ownCrops(books);
	const year = Number(localDay(timeZone, now_ms).slice(0, 4));
	const familyOf = (name: string) => cropNamed(name, own)?.family;
	const sown = books.findings.of(bed.id, 'sown');
	const of = (wanted: number) =>
		sown.flatMap(({ at_ms, found }) =>
			Number(localDay(timeZone, at_ms).slice(0, 4)) === wanted ? (familyOf(found.name) ?? []) : []
		);
	const last = new Set(of(year - 1));
	const now = [...of(year), ...bed.crops.flatMap(({ name }) => familyOf(name) ?? [])];
	const [newest] = sown.filter(({ at_ms }) => at_ms > now_ms - halfYear_ms);
	const months = newest && cropNamed(newest.found.name, own)?.months;
	const month = newest ? Number(localDay(timeZone, newest.at_ms).slice(5, 7)) : 0;
	// In the south half a year on.
	const north = latitude !== null && latitude < 0 ? ((month + 5) % 12) + 1 : month;
	return {
		isSameFamily: now.some((family) => last.has(family)),
		isOutOfWindow: months !== undefined && !months.includes(north)
	};
}

/** What the books say of a bed as clues. */
export const cluesOn = (books: Books, bed: ToTreat, now_ms: number): readonly ClueId[] =>
	cluesOf(booksOf(books, bed, now_ms));
