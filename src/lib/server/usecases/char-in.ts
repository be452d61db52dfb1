import type { CharFoundInput, CharInInput, RiddleInput } from '../../input/char-in';
import {
	carriedQuality,
	charWater,
	densityOfWet,
	usualCrushed,
	waterGuessed,
	withAsh
} from '../../core/char';
import { changeTo, contentsOf, nothing } from '../../core/ledger';
import {
	kgDry,
	known,
	litres,
	reckon,
	type Estimate,
	type KgDryPerLitre,
	microlitres
} from '../../core/units';
import type { StackMeasure } from '../../core/woodyard';
import type { Envelope } from '../../input/act';
import type { Books } from '../db/books';
import { amountOfDry, moves } from '../db/movements';
import { foundOfChar } from '../questions/found';
import { usualDensity } from '../questions/own';
import type { CharLot } from '../db/char';
import type { Stamp } from '../db/ledger';
import type { Lot } from '../db/lot-row';
import { perform, postOrRefuse, refuse, type Outcome } from './act';
import { postChange, weighAnew, weighedSince } from './weigh-anew';
import {
	lotOrRefuse,
	partOf,
	refuseHeld,
	refuseOddDensity,
	refuseUnproven,
	takenOf
} from './gates';

/** Char that no fire here made comes into the books: cold, and raw until it is charged. */
export function takeInChar(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: CharInInput
): Outcome {
	return perform(books, now_ms, 'char-in', envelope, { ...input }, () => {
		const char = charBrought(books, input, 'volume');
		return { path: `/char/${char.code}`, write: char.write };
	});
}

/** A char lot that comes from outside, ready to be written; refused where it weighs what no char weighs. */
export function charBrought(
	books: Books,
	input: CharInInput,
	field: string
): { readonly code: string; readonly write: (stamp: Stamp) => void } {
	const water = input.water ?? charWater[input.wetness];
	const dry_kg = input.kg === undefined ? undefined : input.kg * (1 - water);
	if (input.litres !== undefined && dry_kg !== undefined)
		refuseOddDensity({ litres: input.litres, kg: dry_kg }, field);
	const density = densityOf(books, input);
	const volume = input.litres ?? litres((dry_kg ?? 0) / density.value);
	const dry = dry_kg ?? volume * density.value;
	if (microlitres(volume) <= 0 || !(dry > 0)) refuse(field, 'nothing');
	const code = books.ledger.nextCode('char');
	const name = input.name || `char, ${input.origin.from ?? 'given'}`;
	return {
		code,
		write: (stamp) => {
			const { actId } = stamp;
			const lotId = books.ledger.insertLot({ code, kind: 'char', name, actId });
			const { state, wood, wetness, origin } = input;
			books.char.insert({ lotId, actId, burnId: null, state, wood, wetness, density, origin });
			const told = amountOfDry('char', microlitres(volume), dry, water);
			const amount =
				origin.ash === undefined ? told : { ...told, contents: withAsh(told.contents, origin.ash) };
			postOrRefuse(
				books,
				stamp,
				[moves('out', { account: 'gathered' }, amount), moves('in', { lotId }, amount)],
				field
			);
		}
	};
}

/** Of both measures its own; of one of them the usual of its wood, denser where it is crushed. */
function densityOf(
	books: Books,
	{ litres: volume, kg, water, wetness, wood, state }: CharInInput
): Estimate<KgDryPerLitre> {
	if (volume !== undefined && kg !== undefined)
		return densityOfWet(
			volume,
			kg,
			water === undefined ? { looks: wetness } : { read: water },
			state
		);
	const whole = usualDensity(books, wood);
	return state === 'whole' ? whole : usualCrushed(whole);
}

/** Dried, rinsed, tried or sieved: a finding, which moves nothing. */
export function findOfChar(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: CharFoundInput
): Outcome {
	return perform(books, now_ms, 'find-of-char', envelope, { ...input }, () => {
		const field = fieldOf[input.found.kind];
		const lot = lotOrRefuse(books, input.code, field, envelope.happenedAt_ms);
		const char = books.char.maybeOne(lot.code) ?? refuse(field, 'no-char', { code: lot.code });
		// Dry fresh char can heat itself: it is called dry only when its fire is long proven out.
		const gates =
			input.found.kind === 'wetness' && input.found.wetness === 'dry'
				? refuseUnproven(books, char.burnId, envelope.happenedAt_ms, field, 'stored')
				: [];
		return {
			path: `/char/${lot.code}`,
			gates,
			write: (stamp) => {
				const { actId } = stamp;
				const { kind, ...found } = input.found;
				books.findings.insert({ actId, thingId: lot.id, what: kind, found });
				if (input.found.kind === 'quality') tellAsh(books, stamp, lot, input.found.ash);
				if (input.found.kind === 'wetness') replaceGuess(books, stamp, char, input.found.water);
			}
		};
	});
}

/** What was tried of a char so far, in one finding for what is made of it. */
export const triedOf = (books: Books, { lotId, origin }: CharLot) =>
	carriedQuality(
		foundOfChar(books.findings, lotId).map((one) => one.found),
		origin.ph
	);

/** Kept with what is made of it. */
export function insertQuality(
	books: Books,
	actId: string,
	thingId: number,
	tried: ReturnType<typeof triedOf>
): void {
	if (!tried) return;
	const { kind, ...found } = tried;
	books.findings.insert({ actId, thingId, what: kind, found });
}

/** Its ash found, so much of its dry mass is ash from then on, with its lime: it reaches beds as such. */
function tellAsh(books: Books, stamp: Stamp, lot: Lot, share: number | undefined): void {
	const held = books.ledger.heldAt(lot.id, stamp.happenedAt_ms);
	if (share === undefined || held.volume_ul <= 0) return;
	const wanted = { ...held, contents: withAsh(held.contents, share) };
	postChange(books, stamp, lot.id, changeTo(held, wanted), 'ash');
}

/** Its water read takes the place of the one it was guessed by, for it and for what came of it, all of it gone or not. */
function replaceGuess(books: Books, stamp: Stamp, char: CharLot, water: number | undefined): void {
	const guessed = char.density.from.find(({ name }) => name === waterGuessed)?.value;
	if (water === undefined || guessed === undefined) return;
	const density = weighedSince(char.density, (1 - water) / (1 - guessed), char.code);
	weighAnew(books, stamp, char, density, 'wetness');
}

const fieldOf = { wetness: 'wetness', rinsed: 'rinsed', quality: 'ring', sieved: 'to10' } as const;

/** Brands picked out of a char lot: they go back to a stack, as so much wood. */
export function riddleBrands(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: RiddleInput
): Outcome {
	return perform(books, now_ms, 'riddle', envelope, { ...input }, () => {
		const lot = lotOrRefuse(books, input.code, 'brands', envelope.happenedAt_ms);
		const char = books.char.maybeOne(lot.code) ?? refuse('brands', 'no-char', { code: lot.code });
		refuseHeld(books, lot, 'brands');
		const gates = refuseUnproven(books, char.burnId, envelope.happenedAt_ms, 'brands', 'once');
		const taken = takenOf(
			books,
			lot,
			partOf(books, lot, input.brands, 'brands'),
			envelope.happenedAt_ms
		);
		const code = books.ledger.nextCode('stack');
		// They lie about as bundled rods do, and are told by what the heap lost.
		const measure: StackMeasure = {
			size: { by: 'measures', litres: input.brands, typed: `brands out of ${lot.code}` },
			form: 'rods',
			wood: char.wood,
			seasoned: true
		};
		const wood = { ...taken, contents: contentsOf({ wood: (taken.contents.char ?? 0) / 1e6 }) };
		return {
			path: `/woodyard/${code}`,
			gates,
			write: (stamp) => {
				const { actId } = stamp;
				const name = `brands out of ${lot.code}`;
				const lotId = books.ledger.insertLot({ code, kind: 'stack', name, actId });
				books.woodyard.insert(lotId, measure, {
					actId,
					suspicion: 'none',
					isBrands: true,
					dry: reckon(
						kgDry,
						known(
							'dry, out of the heap',
							(taken.contents.char ?? 0) / 1e6,
							'kg',
							'computed',
							`what ${lot.code} lost by it`
						),
						{ unit: 'kg', basis: 'oven-dry, charred in part' }
					)
				});
				postOrRefuse(
					books,
					stamp,
					[moves('out', { lotId: lot.id }, taken), moves('in', { lotId }, { ...nothing, ...wood })],
					'brands'
				);
			}
		};
	});
}
