import { schoolOf, type SchoolId } from '$lib/core/charging';
import { materialOf, type MaterialId } from '$lib/core/materials';
import { kgDry, known, litres, reckon, type Estimate } from '$lib/core/units';

interface Charged {
	readonly school: SchoolId;
	readonly partner: MaterialId;
	readonly partner_l: number;
	readonly water_l: number;
	readonly charShare: Estimate;
	readonly mineralN: Estimate;
	readonly volume_ml: number;
	/** Of the char in it, g dry. */
	readonly char_g: number;
}

/** The figures of a charge: what is in it now, and what went in; what was kept is told as it was reckoned then. */
export const chargeFigures = (charge: Charged): readonly (readonly [string, Estimate])[] => [
	['In it', holds(charge)],
	['Dry char inside', dryInside(charge)],
	['Char share', charge.charShare],
	['Mineral N offered', charge.mineralN],
	[materialOf(charge.partner).name, added(charge.partner_l, 'as it went in')],
	['Rain water', added(charge.water_l, schoolOf(charge.school).source)]
];

const holds = ({ volume_ml }: Charged): Estimate =>
	reckon(
		litres,
		known('its books', volume_ml / 1000, 'L', 'computed', 'what came in less what went out'),
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
