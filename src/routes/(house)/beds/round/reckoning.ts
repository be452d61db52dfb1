import type { TargetStands } from '$lib/core/applying';
import { onceEach, type Caution } from '$lib/core/cautions';
import {
	askForms,
	carryRound,
	ownLot,
	readAsk,
	readMoisture,
	suggestRound,
	workOutDose,
	type AskForm,
	type RoundBed as ServedBed,
	type RoundStop,
	type RoundWish
} from '$lib/core/beds';
import {
	added,
	atLeast,
	known,
	less,
	litres,
	litresPerM2,
	reckon,
	type Estimate,
	type Litres,
	type ParseContext,
	type System
} from '$lib/core/units';
import { amountOf, judgeDose, type BedLot } from '../[name]/reckoning';

export interface RoundBed extends ServedBed {
	readonly name: string;
	readonly want: string;
	readonly stands: TargetStands;
}

export interface RoundEntry {
	lot: string;
	form: string;
	moisture: string;
	/** What is typed for each bed, by the name of its field; empty passes the bed by. */
	amounts: Record<string, string>;
}

/** A bed’s field in the form: a bed may go by any name, and no field of a form does. */
export const fieldOf = ({ name }: { readonly name: string }): string => `amount:${name}`;

/** The entry as it was sent, or with nothing for any bed. */
export function freshRound(
	values: Readonly<Record<string, string>>,
	beds: readonly RoundBed[],
	lots: readonly BedLot[],
	system: System | undefined
): RoundEntry {
	const lot = lots.find(({ code }) => code === values.lot) ?? lots[0];
	const entry: RoundEntry = {
		lot: lot?.code ?? '',
		form: values.form ?? (system === 'us' ? 'cup/ft2' : 'L/m2'),
		moisture: values.moisture ?? '',
		amounts: Object.fromEntries(beds.map((bed) => [fieldOf(bed), values[fieldOf(bed)] ?? '']))
	};
	const isAsked = Object.values(entry.amounts).some(Boolean);
	return isAsked || !lot ? entry : filled(entry, beds, lot, 'to-the-target');
}

/** Beds that a round may serve unasked: those that gain without a caution. */
const gains = (bed: RoundBed) => bed.want === 'much' || bed.want === 'some';

/** The entry with every bed that gains filled in, in their order, until the lot is used up. */
export function filled(
	entry: RoundEntry,
	beds: readonly RoundBed[],
	lot: BedLot,
	wish: 'to-the-target' | 'thin'
): RoundEntry {
	const form: AskForm = askForms.find((known) => known === entry.form) ?? 'L/m2';
	const thin: RoundWish = wish === 'thin' ? { thin: litresPerM2(2) } : wish;
	const served = beds.filter(gains);
	const rates = suggestRound(served, lot, thin);
	const amounts: Record<string, string> = {};
	for (const bed of beds) amounts[fieldOf(bed)] = '';
	served.forEach((bed, i) => {
		const amount = amountOf(rates[i] ?? litresPerM2(0), form, bed, lot, entry.moisture);
		if (amount > 0) amounts[fieldOf(bed)] = String(amount);
	});
	return { ...entry, amounts };
}

export interface ReckonedRound {
	readonly lot: BedLot;
	readonly stops: ReadonlyMap<string, RoundStop<RoundBed>>;
	/** Beds that are given another lot by name. */
	readonly others: ReadonlyMap<string, string>;
	/** Beds whose amount can't be read yet, or is more than the bed has soil. */
	readonly unread: readonly string[];
	readonly carried_l: number;
	readonly left_l: number;
	readonly cautions: readonly Caution[];
	/** What speaks against a bed alone, by its name. */
	readonly against: ReadonlyMap<string, readonly Caution[]>;
}

/** The whole round as typed, with its running balance; undefined without a lot. */
export function reckonRound(
	entry: RoundEntry,
	beds: readonly RoundBed[],
	lots: readonly BedLot[],
	at_ms: number,
	context: ParseContext
): ReckonedRound | undefined {
	const lot = lots.find(({ code }) => code === entry.lot);
	const form = askForms.find((known) => known === entry.form);
	if (!lot || !form) return undefined;
	const unread: string[] = [];
	const others = new Map<string, string>();
	const asked = beds.flatMap((bed) => {
		const { lot: named, text: said } = ownLot(entry.amounts[fieldOf(bed)]?.trim() ?? '');
		const text = said.trim();
		if (text === '') return [];
		const given = named === undefined ? lot : lots.find(({ code }) => code === named);
		if (!given) {
			unread.push(bed.name);
			return [];
		}
		if (given !== lot) others.set(bed.name, given.code);
		const read = readAsk(text, form, context, readMoisture(entry.moisture));
		const worked = read.status === 'ok' ? workOutDose(read.ask, bed, given) : read;
		if (worked.status === 'ok' && 'rate' in worked) return [{ bed, rate: worked.rate, given }];
		unread.push(bed.name);
		return [];
	});
	const carriedOf = (given: BedLot) =>
		carryRound(
			asked.filter((one) => one.given === given),
			given
		);
	const stops = carriedOf(lot);
	const besides = [...new Set(asked.map((one) => one.given))]
		.filter((given) => given !== lot)
		.flatMap(carriedOf);
	const givenTo = new Map(asked.map(({ bed, given }) => [bed.name, given]));
	const judged = [...stops, ...besides].map(({ bed, dose }) => ({
		bed,
		found: judgeDose(givenTo.get(bed.name) ?? lot, bed, dose.mix_l, dose, at_ms)
	}));
	return {
		lot,
		unread,
		cautions: onceEach(judged.flatMap(({ found }) => found)),
		against: new Map(
			judged.map(({ bed, found }) => [bed.name, found.filter(({ of }) => of === bed.name)])
		),
		others,
		stops: new Map([...stops, ...besides].map((stop) => [stop.bed.name, stop])),
		carried_l: stops.reduce((sum, stop) => sum + stop.dose.mix_l, 0),
		left_l: stops.at(-1)?.after ?? lot.litresLeft
	};
}

/** What the whole round carries, what it leaves of the lot or how far it goes beyond. */
export function roundFigures({ lot, stops, others }: ReckonedRound): {
	readonly carried: Estimate<Litres>;
	readonly left: Estimate<Litres>;
	readonly beyond: Estimate<Litres>;
} {
	const ofIt = [...stops.values()].filter((stop) => !others.has(stop.bed.name));
	const each = ofIt.map((stop) =>
		known(stop.bed.name, stop.dose.mix_l, 'L', 'typed', 'its rate × its area ÷ char share')
	);
	const holds = known(`${lot.code} holds`, lot.litresLeft, 'L', 'computed', 'its books');
	const facts = { unit: 'L', basis: `of ${lot.code}, as it lies` } as const;
	const all = each.length > 0 ? added(...each) : known('no bed', 0, 'L', 'typed', 'none yet');
	return {
		carried: reckon(litres, all, facts),
		left: reckon(litres, atLeast(0, less(holds, ...each)), facts),
		beyond: reckon(litres, atLeast(0, less(all, holds)), facts)
	};
}
