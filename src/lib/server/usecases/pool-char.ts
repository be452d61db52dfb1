import type { Envelope } from '../../input/act';
import type { PoolInput } from '../../input/char';
import { pooledQuality, type CharOrigin } from '../../core/char';
import { reaches } from '../../core/fires';
import { addAmounts, dryKg, nothing, type Amount } from '../../core/ledger';
import {
	earlier,
	added,
	known,
	kgDryPerLitre,
	over,
	reckon,
	times,
	inLitres
} from '../../core/units';
import type { Books } from '../db/books';
import type { CharLot } from '../db/char';
import { moves } from '../db/movements';
import { proofOf } from '../questions/standing';
import { insertQuality, triedOf } from './char-in';
import { perform, postOrRefuse, refuse, type Outcome } from './act';
import { lotOrRefuse, refuseHeld, takenOf } from './gates';

const wettest = ['dry', 'drained', 'quench-wet'] as const;

/**
 * Several lots tipped onto one heap: one lot of several fires. The youngest of them rules its proof; where
 * any was not proven yet, hot char lies on cold and the proof of the whole heap begins anew.
 */
export function poolChar(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	{ codes }: PoolInput
): Outcome {
	return perform(books, now_ms, 'pool-char', envelope, { codes }, () => {
		const at_ms = envelope.happenedAt_ms;
		if (new Set(codes).size < 2) refuse('others', 'choose');
		const parts = [...new Set(codes)].map((code) => partOfHeap(books, code, at_ms));
		const [first] = parts;
		if (parts.some(({ char }) => char.state !== first!.char.state)) refuse('others', 'pool-states');
		const quenched = ({ char }: Part) =>
			char.burnId === null ? 0 : (books.burns.quenchedAt(char.burnId) ?? 0);
		const youngest = [...parts].sort((a, b) => quenched(b) - quenched(a))[0]!;
		const isHot = parts.some(({ char }) => !reaches(proofOf(books, char.burnId, at_ms), 'series'));
		const whole = parts.map(({ taken }) => taken).reduce<Amount>(addAmounts, nothing);
		const code = books.ledger.nextCode('char');
		return {
			path: `/char/${code}`,
			write: (stamp) => {
				const { actId } = stamp;
				const fires = [...new Set(parts.map(({ char }) => char.burnCode))].join(', ');
				const lotId = books.ledger.insertLot({
					code,
					kind: 'char',
					name: `heap of ${fires}`,
					actId
				});
				books.char.insert({
					lotId,
					actId,
					burnId: youngest.char.burnId,
					state: youngest.char.state,
					wood: [...parts].sort((a, b) => dryKg(b.taken.contents) - dryKg(a.taken.contents))[0]!
						.char.wood,
					wetness:
						wettest.findLast((wet) => parts.some(({ char }) => char.wetness === wet)) ?? 'drained',
					density: densityOf(parts),
					origin: originOf(parts)
				});
				const tried = parts.map(({ char }) => triedOf(books, char));
				insertQuality(books, actId, lotId, pooledQuality(tried));
				const lines = parts.map(({ lot, taken }) => moves('out', { lotId: lot.id }, taken));
				postOrRefuse(books, stamp, [...lines, moves('in', { lotId }, whole)], 'others');
				if (isHot && youngest.char.burnId !== null)
					books.checks.insert({
						actId,
						burnId: youngest.char.burnId,
						lotId,
						drained: false,
						places: [{ heatFelt: true }],
						smoke: false,
						whiteSpots: false
					});
			}
		};
	});
}

function partOfHeap(books: Books, code: string, at_ms: number) {
	const lot = lotOrRefuse(books, code, 'others', at_ms);
	const char = books.char.maybeOne(lot.code);
	if (!char) return refuse('others', 'no-char', { code: lot.code });
	refuseHeld(books, lot, 'others');
	if (lot.volume_ul <= 0) refuse('others', 'empty', { code: lot.code });
	return { lot, char, taken: takenOf(books, lot, lot.volume_ul, at_ms) };
}

type Part = ReturnType<typeof partOfHeap>;

/** Where they are of one origin, that is the heap's; of several, what they share. */
function originOf(parts: readonly Part[]): CharOrigin {
	const [first, ...others] = parts.map(({ char }) => char.origin);
	const isShared = (key: keyof CharOrigin) => others.every((one) => one[key] === first?.[key]);
	return Object.fromEntries(
		Object.entries(first ?? {}).filter(([key]) => isShared(key as keyof CharOrigin))
	);
}

/** The dry weight of all by the volume of all. */
function densityOf(parts: readonly { readonly char: CharLot; readonly taken: Amount }[]) {
	const volume = ({ char, taken }: (typeof parts)[number]) =>
		known(`${char.code}, volume`, inLitres(taken.volume_ul), 'L', 'computed', 'its books');
	return reckon(
		kgDryPerLitre,
		over(
			added(
				...parts.map((part) =>
					times(volume(part), earlier(`density of ${part.char.code}`, part.char.density))
				)
			),
			added(...parts.map(volume))
		),
		{ unit: 'kg/L', basis: `dry, loose, ${parts[0]!.char.state}` }
	);
}
