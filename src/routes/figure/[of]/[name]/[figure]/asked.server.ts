import { judgeCrush } from '$lib/core/char';
import { known, less, litres, over, reckon, share, type Unit } from '$lib/core/units';
import { booksPath } from '$lib/format/paths';
import { moistureFigures } from '$lib/core/woodyard';
import type { Books } from '$lib/server/db/books';
import { readPieces } from '../../../../woodyard/[lot]/reckoning';
import type { FigureOf, Question } from './told.server';

/** A figure of a lot that a line being written would make: nothing of it is in the books yet. */
export const askedTold: Question = (books, code, wanted) => {
	const lot = books.ledger.maybeLot(code);
	const [what = '', ...rest] = wanted.split(':');
	const figure = lot && Object.hasOwn(kinds, what) ? kinds[what]?.(lot, rest) : undefined;
	return figure && { ...figure, of: code, href: booksPath('lot', code) };
};

type Lot = NonNullable<ReturnType<Books['ledger']['maybeLot']>>;
type Kind = (lot: Lot, said: readonly string[]) => Pick<FigureOf, 'label' | 'figure'> | undefined;

const typed = (name: string, value: number, unit: Unit) =>
	known(name, value, unit, 'typed', 'in the line that is being written');

const numbers = (said: readonly string[]) => {
	const read = said.map(Number);
	return read.every((value) => Number.isFinite(value) && value >= 0 && value <= 1e7) ? read : [];
};

const kinds: Readonly<Record<string, Kind>> = {
	counted: ({ code, volume_ml }, said) => {
		const [found] = numbers(said);
		if (found === undefined) return undefined;
		const figure = reckon<number>(
			(v) => v,
			less(
				typed('found', found, 'L'),
				known(
					'the books hold',
					volume_ml / 1000,
					'L',
					'computed',
					'sum of every movement that stands'
				)
			),
			{ unit: 'L', basis: 'as it lies' }
		);
		return { label: `${code} counted again`, figure };
	},
	packed: ({ code }, said) => {
		const [before, after] = numbers(said);
		if (before === undefined || after === undefined || before === 0) return undefined;
		const { packedAway } = judgeCrush(litres(before), litres(after));
		if (packedAway < 0) return undefined;
		const figure = reckon(
			share,
			less(1, over(typed('after', after, 'L'), typed('before', before, 'L'))),
			{ unit: 'share', basis: 'of the litres of whole char', within: [0, 1] }
		);
		return { label: `Packed away by crushing ${code}`, figure };
	},
	reading: ({ code }, [method = '', pieces = '']) => {
		const set = readPieces(method === 'oven' ? 'oven' : 'pin', pieces);
		const figure = set && moistureFigures(set)?.mean;
		return figure && { label: `Water in ${code}, mean`, figure };
	}
};
