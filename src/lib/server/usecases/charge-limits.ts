import { isFarFrom, schoolOf, type ReckonedCharge, type School } from '../../core/charging';
import { materialOf, type MaterialId } from '../../core/materials';
import type { Litres } from '../../core/units';
import type { ChargeInput } from '../../input/charging';
import type { Books } from '../db/books';
import type { Vessel } from '../db/vessels';
import { soakIn } from '../questions/vessels';
import { refuse, type Unusual } from './act';
import type { ExtraPart } from './charge-parts';

/** The tub a charge is set going in, free at that moment; a soak wants one. */
export function tubOf(
	books: Books,
	{ school, tub: name }: ChargeInput,
	at_ms: number
): Vessel | undefined {
	const tub =
		name === undefined
			? undefined
			: (books.vessels.maybeOne(name) ?? refuse('tub', 'no-vessel', { name }));
	if (schoolOf(school).kind === 'soak' && !tub) refuse('tub', 'tub-wanted');
	// One entered late stood there until the next was set going.
	const held = tub && soakIn(books, tub.id, at_ms);
	if (held) refuse('tub', 'tub-busy', { name: tub.name, code: held.of });
	return tub;
}

/** Parts that lie far from what the school takes: of its partner where it goes by parts, and of what else goes in. */
export function unusualParts(
	{ name, partnerBy, partnerPerChar, extras: known }: School,
	material: MaterialId,
	{ partner }: ReckonedCharge,
	extras: readonly ExtraPart[],
	char_l: Litres
): readonly Unusual[] {
	const perChar = (volume: number) => volume / Math.max(char_l, 1e-9);
	const given = [
		...(partnerBy === 'ratio'
			? [{ of: 'partner', part: material, is: perChar(partner.value), usual: partnerPerChar }]
			: []),
		...extras.flatMap(({ id, stuff, litres: volume }) => {
			const usual = known.find((extra) => extra.id === id)?.perChar;
			return usual ? [{ of: id, part: stuff.material, is: perChar(volume), usual }] : [];
		})
	];
	return given
		.filter(({ is, usual }) => isFarFrom(is, usual))
		.map(({ of, part, is, usual: { low, high } }) => ({
			code: 'far-ratio',
			of,
			facts: { part: materialOf(part).name, school: name, perChar: is, low, high }
		}));
}

/** What runs over, or is more partner than liquid. */
export function refuseOverflow(
	{ soak, partner, mostChar }: ReckonedCharge,
	tub: Vessel | undefined,
	input: ChargeInput
): void {
	if (!soak) return;
	if (!soak.fits)
		refuse('tub', 'overflows', {
			name: tub?.name ?? '',
			capacity_l: soak.tubCapacity,
			most_l: mostChar ?? 0
		});
	if (partner.value > soak.liquid.value)
		refuse(
			input.really?.partner === undefined ? 'wantedN' : 'reallyPartner',
			'more-partner-than-liquid',
			{
				partner_l: partner.value,
				liquid_l: soak.liquid.value
			}
		);
}
