import type { HeapCase } from './rules';
import { groundUnder, type HeapSize } from './sinking';
import { judgeFeeding } from './worms';

/** Something that goes on a heap, as its rules look at it. */
export interface LaidOn {
	readonly litres: number;
	readonly kg: number;
	/** Poured on: it fills pores. */
	readonly isLiquid: boolean;
	readonly isAsh: boolean;
	/** It brings nitrogen that ash drives off. */
	readonly isRich: boolean;
	/** Litres of it that are char. */
	readonly char_l: number;
}

/** A heap before this act: of one that is begun nothing. */
export interface HeapBefore extends Pick<
	HeapCase,
	'name' | 'way' | 'forAcidLovers' | 'isStreet' | 'urine' | 'refused'
> {
	readonly size: HeapSize | undefined;
	readonly laid_l: number;
	readonly ash_l: number;
	readonly char_l: number;
	/** As it was last read. */
	readonly temperature_c?: number | undefined;
}

/** A bed of worms whose ground nobody measured: as large as a common bin. */
const usualBin_m2 = 0.5;
/** Of one that nobody read. */
const usualBed_c = 20;

/** A heap as it would be with what is going on it. */
export function heapCaseOf(before: HeapBefore, laid: readonly LaidOn[]): HeapCase {
	const { size, laid_l, ash_l, char_l, temperature_c, ...of } = before;
	const all = (how: (one: LaidOn) => number) => laid.reduce((sum, one) => sum + how(one), 0);
	const litres = all((one) => (one.isLiquid ? 0 : one.litres));
	const { deep_m } = judgeFeeding({
		...{ kg: all(({ kg }) => kg), litres, area_m2: size ? groundUnder(size) : usualBin_m2 },
		temperature_c: temperature_c ?? usualBed_c
	});
	return {
		...of,
		laid_l: laid_l + litres,
		ash_l: ash_l + all((one) => (one.isAsh ? one.litres : 0)),
		char_l: char_l + all((one) => one.char_l),
		addsAsh: of.way !== 'ash-soak' && laid.some(({ isAsh }) => isAsh),
		addsAmmonium: laid.some(({ isRich }) => isRich),
		// The bed itself is laid deep; what is fed to it later is not.
		...(of.way === 'worms' && laid_l > 0 ? { feeding: { deep_m, temperature_c } } : {}),
		addsHarm: laid_l > 0 && laid.some(({ isRich, isAsh }) => isRich || isAsh)
	};
}
