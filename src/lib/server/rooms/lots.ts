import type { LotKind } from '../../core/kinds';
import type { Thing } from '../line/names';

/** Lots of a kind as things that a line may name. */
export const lotsAs = <T extends { code: string; name: string; volume_ml: number }>(
	kind: LotKind,
	lots: readonly T[],
	more: (lot: T) => Partial<Thing> = () => ({})
): readonly Thing[] =>
	lots.map((lot) => ({
		code: lot.code,
		kind,
		name: lot.name,
		litres: lot.volume_ml / 1000,
		...more(lot)
	}));
