import { judge, type Caution } from '../cautions';
import type { CharWetness } from '../char';
import { litresOf, type Composition, type MaterialId, type Measure } from '../materials';
import { litres, type Estimate, type KgDryPerLitre, type Litres } from '../units';
import type { Shape } from '../vessels';
import { chargingRules, type Charging } from './cautions';
import type { SchoolId } from './data/school';
import { schoolOf } from './data/schools';
import { reckonCharge, type ExtraIn, type ReckonedCharge } from './reckon';

/** Something that goes in besides, as it was chosen and measured. */
export interface ExtraAsked {
	readonly id: string;
	readonly composition: Composition;
	/** None: as much as the school usually has. */
	readonly measure?: Measure | undefined;
}

/** A charge as it was asked for, of what is there. */
export interface ChargeAsked {
	readonly school: SchoolId;
	readonly partner: MaterialId;
	/** What the partner brings, as its lot or the stuff is known. */
	readonly composition: Composition;
	readonly char: Charging['char'] & {
		readonly density: Estimate<KgDryPerLitre>;
		readonly wetness: CharWetness;
	};
	readonly volume: Litres;
	/** Litres of partner to one of char. */
	readonly ratio: number;
	/** g mineral N wanted per kg dry char (nitrogen soaks). */
	readonly wantedN: number;
	readonly extras: readonly ExtraAsked[];
	/** What covers it in place of rain water. */
	readonly liquid?: Composition | undefined;
	/** What really went in, where it was not what is asked for. */
	readonly really?:
		{ readonly partner?: Measure | undefined; readonly water?: Litres | undefined } | undefined;
	readonly tub?:
		| { readonly name: string; readonly shape: Shape; readonly holds?: string | undefined }
		| undefined;
	/** By a recipe of one's own. */
	readonly isOwn: boolean;
}

export interface ExtraWorked extends ExtraIn {
	readonly measure: Measure;
	/** As the school usually has it, for so much char. */
	readonly planned_l: Litres;
}

export interface ChargeWorked {
	readonly extras: readonly ExtraWorked[];
	/** What the recipe asks for, and with what really went in. */
	readonly asked: ReckonedCharge;
	readonly charge: ReckonedCharge;
	readonly cautions: readonly Caution[];
}

/** Amounts, nitrogen and what speaks against it: for the page as one types, and for the act. */
export function workOutCharge(told: ChargeAsked): ChargeWorked {
	const school = schoolOf(told.school);
	const { char, volume, composition, partner, tub } = told;
	const extras = told.extras.map((extra) => extraWorked(extra, told));
	const plan = {
		school: told.school,
		partner,
		composition,
		volume,
		density: char.density,
		wetness: char.wetness,
		ratio: told.ratio,
		wantedN: told.wantedN,
		liquid: told.liquid,
		tub: tub?.shape
	};
	const asked = reckonCharge({
		...plan,
		extras: extras.map((extra) => ({ ...extra, litres: extra.planned_l }))
	});
	const really = {
		water: told.really?.water,
		partner: told.really?.partner && litresOf(composition, told.really.partner)
	};
	const charge = reckonCharge({ ...plan, extras, really });
	const charging: Charging = {
		char,
		school,
		partner,
		char_l: volume,
		reckoned: charge,
		extras: extras.map(({ id, composition: { material }, litres: much }) => ({
			id,
			material,
			litres: much
		})),
		isOwn: told.isOwn,
		...(tub ? { tub } : {})
	};
	return { extras, asked, charge, cautions: judge(chargingRules, charging) };
}

/** As it was measured, else as its school usually has it for so much char. */
function extraWorked(
	{ id, composition, measure }: ExtraAsked,
	{ school, volume }: ChargeAsked
): ExtraWorked {
	const usual = schoolOf(school).extras.find((extra) => extra.id === id)?.perChar.usual ?? 0;
	const planned_l = litres(volume * usual);
	const given = measure ?? { litres: planned_l };
	return { id, composition, measure: given, planned_l, litres: litresOf(composition, given) };
}
