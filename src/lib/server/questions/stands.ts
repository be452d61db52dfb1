import { around, year_ms, type Given, type TargetStands } from '../../core/applying';
import { cropNamed, wantsOf } from '../../core/crops';
import { dryKg, kgOf } from '../../core/ledger';
import { isGoods, materialOf } from '../../core/materials';
import type { GivenRow } from '../db/applications';
import type { Books } from '../db/books';
import { days } from '../../core/time';
import { germsIn } from './germs';
import { rememberingAlways, rememberingEach, rememberingEachAlways } from './remember';
import { givenAround, type ToTreat } from './targets';

/** A target as all that stands in the books lets it be judged at a moment. */
export const standsOn = rememberingEach(
	(books: Books, bed: ToTreat, at_ms: number): TargetStands => {
		const area_m2 = bed.ground.area;
		const given = givenAround(books, bed, at_ms - year_ms, at_ms + year_ms);
		return {
			name: bed.name,
			area_m2,
			...grownOn(books, bed, at_ms),
			...(bed.ph === null ? {} : { ph: bed.ph }),
			isPhFresh: bed.ph !== null && isRead(books, bed, at_ms),
			...saltRead(books, bed, at_ms),
			around: around(
				given.map((row) => givenBy(books, row)),
				at_ms,
				area_m2
			)
		};
	},
	({ id }) => id
);

/** A reading of salt tells of the ground so long. */
const saltLasts_ms = days(182);

/** What a slurry said of its salt, or of that of what it is a part of. */
export function saltRead(
	books: Books,
	bed: Pick<ToTreat, 'id' | 'within'>,
	at_ms: number
): { readonly salt_dS_m?: number } {
	const ids = [bed.id, ...(bed.within ? [bed.within.bedId] : [])];
	const [read] = ids
		.flatMap((id) => books.findings.of(id, 'bed-salt'))
		.filter((one) => one.at_ms <= at_ms && one.at_ms > at_ms - saltLasts_ms);
	return read ? { salt_dS_m: read.found.dS_m } : {};
}

/** Rows of the grower's own, which go before the table. */
export const ownCrops = rememberingAlways((books) => books.crops.own());

/** What of its crops speaks against lime: potatoes now, next or within a year, and what is young. */
function grownOn(
	books: Books,
	bed: ToTreat,
	at_ms: number
): Pick<TargetStands, 'acidLover' | 'eatenRaw' | 'scab' | 'sown_ms'> {
	const own = ownCrops(books);
	const wants = (when?: 'now') =>
		wantsOf(
			bed.crops
				.filter((crop) => when === undefined || crop.when === when)
				.map(({ name, share }) => ({ name, share, row: cropNamed(name, own) }))
		);
	const ids = [bed.id, ...(bed.within ? [bed.within.bedId] : [])];
	const told = ids.flatMap((id) => books.findings.of(id, 'crop', 'sown'));
	const lately = told.filter((one) => one.at_ms <= at_ms && one.at_ms > at_ms - year_ms);
	const sown = lately.filter(({ what }) => what === 'sown').map((one) => one.at_ms);
	const names = [...bed.crops.map(({ name }) => name), ...lately.map(({ found }) => found.name)];
	return {
		acidLover: bed.acidLover || wants().acidLover,
		eatenRaw: bed.eatenRaw || wants('now').raw !== 'none',
		scab: names.some((name) => cropNamed(name, own)?.scab),
		...(sown.length > 0 ? { sown_ms: Math.max(...sown) } : {})
	};
}

/** Whether its pH, or that of what it is a part of, was read within a year. */
function isRead(books: Books, bed: ToTreat, at_ms: number): boolean {
	const ids = [bed.id, ...(bed.within ? [bed.within.bedId] : [])];
	return ids.some((id) =>
		books.findings
			.of(id, 'ph')
			.some((one) => one.found.ph !== null && one.at_ms <= at_ms && one.at_ms > at_ms - year_ms)
	);
}

function givenBy(books: Books, { code, kind, at_ms, contents }: GivenRow): Given {
	const { isStone, ...traits } = code === '' ? plain : traitsOf(books, { code, kind });
	return {
		code,
		at_ms,
		ash_g: kgOf(contents, 'ash') * 1000,
		stone_g: isStone ? dryKg(contents) * 1000 : 0,
		nitrogen_g: kgOf(contents, 'nitrogen') * 1000,
		mineralN_g: kgOf(contents, 'mineral-nitrogen') * 1000,
		...traits
	};
}

/** Of what has no lot: water, own leaves. */
const plain = Object.freeze({ isStone: false, isManure: false, givesOff: false, isLiquid: false });

/** What of a lot stays as it is: asked for one time, since many beds had some of it. */
export const traitsOf = rememberingEachAlways(
	(
		books,
		{ code, kind }: Pick<GivenRow, 'code' | 'kind'>
	): Pick<Given, 'isManure' | 'givesOff' | 'isLiquid'> & { readonly isStone: boolean } => {
		const germs = germsIn(books, code);
		const isStock = kind !== null && isGoods(kind);
		const stock = isStock ? books.stock.maybeOne(code) : null;
		const isLiquid =
			kind === 'brew' || (stock !== null && materialOf(stock.material).state === 'liquid');
		const hasGerms = [...germs].some((one) => one !== 'none');
		return {
			isStone: stock?.material === 'ground-limestone',
			isManure: germs.has('raw-manure') || germs.has('aged'),
			givesOff: kind === 'charge' || isLiquid || (isStock && hasGerms),
			isLiquid
		};
	},
	({ code }) => code,
	['ingredient', 'stock']
);
