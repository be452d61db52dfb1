import {
	planDose,
	rateForms,
	rateInLitres,
	suggestRate,
	translateRate,
	type Dose,
	type DoseLot,
	type Ground,
	type RateForm
} from '$lib/core/beds';
import {
	asInput,
	estimate,
	exactly,
	kgDryPerLitre,
	litres,
	parseNumber,
	type Estimate,
	type Litres,
	type LitresPerM2,
	type System
} from '$lib/core/units';

/** A lot as the dose sees it. */
export interface BedLot extends DoseLot {
	readonly code: string;
	readonly charLitresLeft: number;
	readonly warnings: readonly string[];
}

export interface DoseEntry {
	lot: string;
	form: string;
	amount: string;
	reason: string;
}

interface DosedBed {
	readonly ground: Ground;
	readonly char_l: number;
}

export function freshDose(
	values: Readonly<Record<string, string>>,
	bed: DosedBed,
	lots: readonly BedLot[],
	system: System | undefined
): DoseEntry {
	const lot = lots.find(({ code }) => code === values.lot) ?? lots[0];
	const form =
		rateForms.find((known) => known === values.form) ?? (system === 'us' ? 'cup/ft2' : 'L/m2');
	const offered = lot
		? amountOf(suggestRate(bed.ground, bed.char_l, lot.charLitresLeft), form, bed, lot)
		: 0;
	return {
		lot: lot?.code ?? '',
		form,
		amount: values.amount ?? (offered > 0 ? String(offered) : ''),
		reason: values.reason ?? ''
	};
}

/** A rate in a form, rounded down so that it stays inside its limit. */
function amountOf(rate: LitresPerM2, form: RateForm, bed: DosedBed, lot: BedLot): number {
	return (
		Math.floor(
			translateRate(rate, kgDryPerLitre(lot.density.value), bed.ground.depth)[form] * 100
		) / 100
	);
}

export interface ReckonedDose {
	readonly lot: BedLot;
	readonly form: RateForm;
	readonly rate: LitresPerM2;
	readonly inForms: Readonly<Record<RateForm, number>>;
	readonly dose: Dose;
	readonly warnings: readonly string[];
}

/** What the typed rate means for this bed and lot; undefined while it can't be read. */
export function reckonDose(
	entry: DoseEntry,
	bed: DosedBed,
	lots: readonly BedLot[]
): ReckonedDose | undefined {
	const lot = lots.find(({ code }) => code === entry.lot);
	const form = rateForms.find((known) => known === entry.form);
	const amount = parseNumber(entry.amount);
	if (!lot || !form || amount.status !== 'ok' || amount.value <= 0) return undefined;
	const density = kgDryPerLitre(lot.density.value);
	const typed = rateInLitres(form, amount.value, density, bed.ground.depth);
	if (typed.status !== 'rate') return undefined;
	const { rate } = typed;
	const dose = planDose(rate, bed.ground, bed.char_l, lot);
	return {
		lot,
		form,
		rate,
		dose,
		inForms: translateRate(rate, density, bed.ground.depth),
		warnings: [...lot.warnings, ...dose.over]
	};
}

/** Litres of the lot that stay when the dose is carried off. */
export function leftOf(lot: BedLot, dose: Dose): Estimate<Litres> {
	const left = Math.max(0, lot.litresLeft - dose.mixLitres.value);
	return estimate(litres, exactly(left), {
		unit: 'L',
		basis: `of ${lot.code}, as it lies`,
		formula: 'what it holds − what is carried',
		from: [
			{
				name: `${lot.code} holds`,
				value: lot.litresLeft,
				unit: 'L',
				origin: 'computed',
				source: 'its books'
			},
			asInput('to carry', dose.mixLitres)
		]
	});
}
