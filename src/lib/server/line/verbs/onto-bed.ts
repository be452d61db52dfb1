import { inLitres } from '../../../core/units';
import { charShareOf, waysOfPutting, type WayOfPutting } from '../../../core/beds';
import { say, sayOfSoil } from '../../../format/figure';
import { capital, list } from '../../../format/words';
import { putSchema, roundSchema, spreadSchema } from '../../../input/beds';
import { putOnBed } from '../../usecases/put-on-bed';
import { spreadRound } from '../../usecases/spread-round';
import { spreadLot } from '../../usecases/spread-lot';
import type { Names } from '../names';
import { sending, type Understood } from '../sending';

/** How lots of a kind go on a bed by a line: `38 L C4 > Mere 2`. */
export type OntoBed = (
	typed: {
		readonly lot: string;
		readonly amount: string;
		readonly bed: string;
		readonly reason: string;
	},
	names: Names
) => Understood;

/** Char and charges: by an amount carried, or by a rate. */
export const spreadOnto: OntoBed = ({ lot, amount, bed, reason }) =>
	sending(
		{ lot, form: 'carried', amount, moisture: '', reason },
		(reading) => spreadSchema(reading, bed),
		spreadLot,
		(books) => {
			const before = books.beds.maybeOne(bed);
			const held = books.ledger.maybeLot(lot)?.volume_ul ?? 0;
			const share = (at: typeof before) => (at ? charShareOf(at.char_l, at.ground) : 0);
			return () =>
				({ system }) => {
					const after = books.beds.maybeOne(bed);
					const left_ul = books.ledger.lot(lot).volume_ul;
					const volume = (value: number) => say(value, 'L', system);
					const char_l = (after?.char_l ?? 0) - (before?.char_l ?? 0);
					return {
						head: `Spread ${volume(inLitres(held - left_ul))} of ${lot} on ${bed}`,
						text: `That is ${volume(char_l)} of char; ${bed} goes from ${sayOfSoil(share(before))} to ${sayOfSoil(share(after))}, and ${lot} keeps ${volume(inLitres(left_ul))}.`
					};
				};
		}
	);

/** The same on several beds at once: by a rate, or so much on each. */
export const spreadOnMany = ({
	lot,
	amount,
	beds,
	reason
}: {
	readonly lot: string;
	readonly amount: string;
	readonly beds: readonly string[];
	readonly reason: string;
}): Understood =>
	sending(
		{
			lot,
			form: 'carried',
			moisture: '',
			reason,
			...Object.fromEntries(beds.map((bed) => [`amount:${bed}`, amount]))
		},
		roundSchema,
		spreadRound,
		(books) => {
			const held = books.ledger.maybeLot(lot)?.volume_ul ?? 0;
			return () =>
				({ system }) => {
					const left_ul = books.ledger.lot(lot).volume_ul;
					const volume = (value: number) => say(value, 'L', system);
					return {
						head: `Spread ${volume(inLitres(held - left_ul))} of ${lot} on ${list(beds)}`,
						text: `One act for each bed, to be taken back one by one or together; ${lot} keeps ${volume(inLitres(left_ul))}.`
					};
				};
		}
	);

/** What else is in stock, in one of the ways things go on a bed. */
export const putBy =
	(way: WayOfPutting, putAs: 'carried' | 'depth' = 'carried'): OntoBed =>
	({ lot, amount, bed, reason }) =>
		sending(
			{ putLot: lot, part: amount, putAs, way, reason },
			(reading, values) => putSchema(reading, bed, values),
			putOnBed,
			(books) => {
				const held = books.ledger.maybeLot(lot)?.volume_ul ?? 0;
				return () =>
					({ system }) => {
						const { name, volume_ul } = books.ledger.lot(lot);
						const volume = (value: number) => say(value, 'L', system);
						const how = capital(waysOfPutting.find(({ id }) => id === way)?.name ?? '');
						return {
							head: `Put ${volume(inLitres(held - volume_ul))} of ${lot} ${name} on ${bed}`,
							text: `${how}, with all that it brings; ${lot} keeps ${volume(inLitres(volume_ul))}.`
						};
					};
			}
		);

/** The same, laid on top. */
export const putOnto: OntoBed = putBy('top-dressed');
