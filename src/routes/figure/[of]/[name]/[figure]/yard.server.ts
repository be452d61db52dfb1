import { added, known, litres, reckon, type Estimate, type Litres } from '$lib/core/units';
import { chargeLines } from '$lib/server/questions/charging';
import { rawWaiting } from '$lib/server/questions/beds';
import { pictureOfLot, recallOf } from '$lib/server/questions/ledger';
import { stackLines } from '$lib/server/questions/woodyard';
import { dryToBurn } from '../../../../woodyard/answer';
import type { Question } from './told.server';

interface Part {
	readonly code: string;
	readonly litres: number;
}

/** Litres of many lots together, each by what its books hold. */
const together = (parts: readonly Part[], basis: string): Estimate<Litres> =>
	reckon(
		litres,
		parts.length > 0
			? added(
					...parts.map((part) =>
						known(part.code, part.litres, 'L', 'computed', 'what its books hold')
					)
				)
			: known('nothing', 0, 'L', 'computed', 'no lot of that kind'),
		{ unit: 'L', basis }
	);

/** Sums over many lots: what may burn, raw char, what is ripe, and what is left of a lot's making. */
export const yardTold: Question = (books, name, wanted, { now_ms }) => {
	if (wanted === 'left') return leftOf(books, name);
	if (name !== 'all') return undefined;
	if (wanted === 'dry')
		return {
			label: 'Dry wood that may burn',
			figure: dryToBurn(stackLines(books)),
			of: 'Woodyard',
			href: '/woodyard'
		};
	const inCharging = { of: 'Charging', href: '/charging' };
	if (wanted === 'raw') {
		const raw = rawWaiting(books, now_ms).map((lot) => ({
			code: lot.code,
			litres: lot.charLitresLeft
		}));
		return {
			label: 'Raw char that waits',
			figure: together(raw, 'proven out, not charged'),
			...inCharging
		};
	}
	if (wanted !== 'ripe') return undefined;
	const ripe = chargeLines(books, now_ms)
		.filter((line) => line.state === 'ripe')
		.map(({ charge }) => ({ code: charge.code, litres: charge.volume_ml / 1000 }));
	return { label: 'Ripe in all', figure: together(ripe, 'charges that are ripe'), ...inCharging };
};

/** What of a lot and of everything made of it still lies in the yard. */
const leftOf = (books: Parameters<Question>[0], code: string) => {
	const lot = books.ledger.maybeLotEver(code);
	if (!lot) return undefined;
	const { inStock } = recallOf(books, pictureOfLot(books, lot.id, lot.code));
	return {
		label: `Still in the yard of ${code} and what was made of it`,
		figure: together(inStock, 'as it lies; not all of it came of this lot'),
		of: code,
		href: `/trace/lot/${encodeURIComponent(code)}`
	};
};
