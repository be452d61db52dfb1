import { inLitres } from '../../core/units';
import type { LotKind } from '../../core/kinds';
import type { Thing } from '../line/names';

/** Lots of a kind as things that a line may name. */
export const lotsAs = <T extends { code: string; name: string; volume_ul: number }>(
	kind: LotKind,
	lots: readonly T[],
	more: (lot: T) => Partial<Thing> = () => ({})
): readonly Thing[] =>
	lots.map((lot) => ({
		code: lot.code,
		kind,
		name: lot.name,
		litres: inLitres(lot.volume_ul),
		...more(lot)
	}));
