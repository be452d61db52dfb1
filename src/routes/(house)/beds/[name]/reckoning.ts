import { judgeApplying, type Putting, type PutThing, type TargetStands } from '$lib/core/applying';
import type { Caution } from '$lib/core/cautions';
import { part, type Contents } from '$lib/core/ledger';
import {
	askForms,
	readAsk,
	readMoisture,
	suggestRate,
	translateRate,
	workOutDose,
	type AskForm,
	type Dose,
	type DoseAsk,
	type DoseLot,
	type DoseWorked,
	type CharSoFar,
	type Ground,
	type RateTerms
} from '$lib/core/beds';
import {
	atLeast,
	earlier,
	kgDryPerLitre,
	known,
	less,
	litres,
	reckon,
	type Estimate,
	type Litres,
	type LitresPerM2,
	type ParseContext,
	type System
} from '$lib/core/units';

/** A lot as the dose sees it. */
export interface BedLot extends DoseLot {
	readonly code: string;
	readonly charLitresLeft: number;
	readonly isReady: boolean;
	readonly thing: PutThing;
	/** As it lies, mg. */
	readonly contents: Contents;
}

export interface DoseEntry {
	lot: string;
	form: string;
	/** May carry a unit of its own, which wins over `form`. */
	amount: string;
	/** Water in the char, % of its weight, for the as-sold forms. */
	moisture: string;
}

interface DosedBed extends CharSoFar {
	readonly ground: Ground;
}

/** What a dose is judged by beside its figures. */
export interface JudgedBed extends DosedBed {
	readonly stands: TargetStands;
}

export function freshDose(
	values: Readonly<Record<string, string>>,
	bed: DosedBed,
	lots: readonly BedLot[],
	system: System | undefined,
	/** Just after an act nothing stands where its button was: the next dose is asked for. */
	isAfterAct = false
): DoseEntry {
	const lot = lots.find(({ code }) => code === values.lot) ?? lots[0];
	const form =
		askForms.find((known) => known === values.form) ?? (system === 'us' ? 'cup/ft2' : 'L/m2');
	const moisture = values.moisture ?? '';
	const offered =
		lot && !isAfterAct
			? amountOf(suggestRate(bed.ground, bed, lot.charLitresLeft), form, bed, lot, moisture)
			: 0;
	return {
		lot: lot?.code ?? '',
		form,
		amount: values.amount ?? (offered > 0 ? String(offered) : ''),
		moisture
	};
}

/** What turns rates into each other for this lot on this bed. */
function termsOf(bed: DosedBed, lot: BedLot, moisture = ''): RateTerms {
	const water = readMoisture(moisture);
	return {
		density: kgDryPerLitre(lot.density.value),
		depth: bed.ground.depth,
		...(water === undefined ? {} : { moisture: water })
	};
}

/** A rate in a form, rounded down so that it stays inside its limit. */
export function amountOf(
	rate: LitresPerM2,
	form: AskForm,
	bed: DosedBed,
	lot: BedLot,
	moisture = ''
): number {
	const amount =
		form === 'carried'
			? (rate * bed.ground.area) / lot.charShare.value
			: (translateRate(rate, termsOf(bed, lot, moisture))[form] ?? 0);
	return Math.floor(amount * 100 + 1e-6) / 100;
}

export interface ReckonedDose extends Omit<Extract<DoseWorked, { status: 'ok' }>, 'status'> {
	readonly lot: BedLot;
	/** The form that was typed: the unit in the text, or the one chosen beside it. */
	readonly form: AskForm;
	readonly ask: DoseAsk;
	/** More than the lot holds. */
	readonly isShort: boolean;
	readonly cautions: readonly Caution[];
}

/** What the typed amount means for this bed and lot; undefined while it can't be read. */
export function reckonDose(
	entry: DoseEntry,
	bed: JudgedBed,
	lots: readonly BedLot[],
	at_ms: number,
	context: ParseContext = {}
): ReckonedDose | undefined {
	const lot = lots.find(({ code }) => code === entry.lot);
	const chosen = askForms.find((known) => known === entry.form);
	if (!lot || !chosen) return undefined;
	const read = readAsk(entry.amount, chosen, context, readMoisture(entry.moisture));
	if (read.status !== 'ok') return undefined;
	const { status, ...worked } = workOutDose(read.ask, bed, lot, readMoisture(entry.moisture));
	if (status !== 'ok' || !('dose' in worked)) return undefined;
	return {
		...worked,
		lot,
		form: read.form,
		ask: read.ask,
		isShort: worked.dose.over.includes('stock'),
		cautions: judgeDose(lot, bed, worked.dose.mixLitres.value, worked.dose, at_ms)
	};
}

/** What speaks against so many litres of a lot on a bed. */
export const judgeDose = (
	lot: BedLot,
	{ stands }: Pick<JudgedBed, 'stands'>,
	mix_l: number,
	dose: NonNullable<Putting['dose']>,
	at_ms: number
): readonly Caution[] =>
	judgeApplying({
		thing: lot.thing,
		target: stands,
		way: 'dug-in',
		at_ms,
		litres: mix_l,
		gives: part(lot.contents, lot.litresLeft > 0 ? Math.min(1, mix_l / lot.litresLeft) : 0),
		dose
	});

/** Litres of the lot that stay when the dose is carried off. */
export function leftOf(lot: BedLot, dose: Dose): Estimate<Litres> {
	return reckon(
		litres,
		atLeast(
			0,
			less(
				known(`${lot.code} holds`, lot.litresLeft, 'L', 'computed', 'its books'),
				earlier('to carry', {
					...dose.mixLitres,
					low: dose.mixLitres.value,
					high: dose.mixLitres.value
				})
			)
		),
		{ unit: 'L', basis: `of ${lot.code}, as it lies`, within: [0, Infinity] }
	);
}
