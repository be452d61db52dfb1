import { isMaterial, materialOf, type MaterialId } from '../materials';
import { inDays, type Warmth } from '../time';
import { celsius, kgDry, known, litres, reckon, type Estimate, inLitres } from '../units';
import { cureDays, cureStages, drainedDays, type CureStage } from './cure';
import type { SchoolId } from './data/school';
import { schoolOf } from './data/schools';

interface Warmed {
	readonly school: SchoolId;
	readonly temperature_c: number;
	/** What it was read to stand at since, where it was. */
	readonly warmth?: readonly Warmth[] | undefined;
	readonly startedAt_ms?: number;
	/** When it was drained, where it was. */
	readonly drainedAt_ms?: number | null;
}

interface Charged {
	readonly school: SchoolId;
	/** What went in, one by one. */
	readonly ingredients: readonly { readonly material: string; readonly volume_ul: number }[];
	readonly charShare: Estimate;
	readonly mineralN: Estimate;
	readonly volume_ul: number;
	/** Of the char in it, g dry. */
	readonly char_g: number;
}

/** The figures of a charge: what is in it now, and what went in; what was kept is told as it was reckoned then. */
export const chargeFigures = (charge: Charged): readonly (readonly [string, Estimate])[] => [
	['In it', holds(charge)],
	['Dry char inside', dryInside(charge)],
	['Char share', charge.charShare],
	['Mineral N in it', charge.mineralN],
	...wentIn(charge)
];

/** Each material by all that went in of it; char and joined batches are told by their own lots. */
function wentIn({ ingredients, school }: Charged): readonly (readonly [string, Estimate])[] {
	const byMaterial = new Map<string, number>();
	for (const { material, volume_ul } of ingredients)
		if (isMaterial(material))
			byMaterial.set(material, (byMaterial.get(material) ?? 0) + inLitres(volume_ul));
	return [...byMaterial].map(([material, volume]) => [
		materialOf(material as MaterialId).name,
		added(volume, material === 'rain-water' ? schoolOf(school).source : 'as it went in')
	]);
}

/** The days from its start to each stage it reaches where it stands. */
export const stageFigures = ({
	school,
	temperature_c,
	warmth,
	startedAt_ms = 0,
	drainedAt_ms = null
}: Warmed): Readonly<Partial<Record<CureStage, Estimate>>> => {
	const stages = cureStages.map((stage) => [
		stage,
		drainedAt_ms !== null && (stage === 'fading' || stage === 'past')
			? drainedDays(inDays(drainedAt_ms - startedAt_ms), stage)
			: cureDays(school, warmth && warmth.length > 1 ? warmth : celsius(temperature_c), stage)
	]);
	return Object.fromEntries(stages.filter(([, days]) => days !== undefined));
};

const holds = ({ volume_ul }: Charged): Estimate =>
	reckon(
		litres,
		known('its books', inLitres(volume_ul), 'L', 'computed', 'what came in less what went out'),
		{ unit: 'L', basis: 'as it lies' }
	);

const dryInside = ({ char_g }: Charged): Estimate =>
	reckon(
		kgDry,
		known('its books', char_g / 1000, 'kg', 'computed', 'char in less char out, to the milligram'),
		{ unit: 'kg', basis: 'the char alone, oven-dry' }
	);

const added = (amount: number, source: string): Estimate =>
	reckon(litres, known('went in', amount, 'L', 'measured', source), {
		unit: 'L',
		basis: 'as used'
	});
