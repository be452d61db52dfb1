import { accountsOf, type PutOn, type TakenOff } from '../../core/accounts';
import { cropNamed, harvestWeight, weightOfUnknown, type TakeClass } from '../../core/crops';
import { isMaterial, materialOf, type Measure } from '../../core/materials';
import { localDay } from '../../core/time';
import { kilograms, known, reckon, type Estimate } from '../../core/units';
import type { GivenRow } from '../db/applications';
import type { Bed } from '../db/beds';
import type { Books } from '../db/books';
import { rememberingEach } from './remember';
import { settingsOf } from './settings';
import { ownCrops, traitsOf } from './stands';
import { givenAround, toTreat } from './targets';
import { bedById } from './kept-beds';

function putBy(
	books: Books,
	{ code, kind, at_ms, contents, material }: GivenRow,
	timeZone: string
): PutOn {
	const isManure =
		code !== '' &&
		(material && isMaterial(material)
			? ['raw-manure', 'aged'].includes(materialOf(material).germs)
			: traitsOf(books, { code, kind }).isManure);
	return {
		day: localDay(timeZone, at_ms),
		name: code === '' ? 'own leaves or water' : code,
		contents,
		...(material && isMaterial(material) ? { material } : {}),
		isBrew: kind === 'brew',
		isManure
	};
}

/** Kilograms of a harvest, as it was weighed or by the measure it was told in. */
function weightOf(measure: Measure, takes: TakeClass | undefined): Estimate {
	if ('kg' in measure)
		return reckon(kilograms, known('harvest', measure.kg, 'kg', 'measured', 'as weighed'), {
			unit: 'kg',
			basis: 'as harvested'
		});
	return takes ? harvestWeight(takes, measure.litres) : weightOfUnknown(measure.litres);
}

function takenOff(books: Books, bed: Bed, timeZone: string): readonly TakenOff[] {
	const ids = [bed.id, ...bed.parts.map(({ id }) => id)];
	return ids.flatMap((id) =>
		books.findings.of(id, 'harvested').map(({ found, at_ms }) => {
			const day = localDay(timeZone, at_ms);
			const name = found.name ?? cropsThen(books, id, day) ?? '';
			const takes = cropNamed(name, ownCrops(books))?.takes;
			return { day, name, kg: weightOf(found.measure, takes), ...(takes ? { takes } : {}) };
		})
	);
}

const cropsThen = (books: Books, id: number, day: string): string | undefined =>
	bedById(books, id, day)?.crops.find(({ when }) => when === 'now')?.name;

/** What a bed had and gave, by season and for ever, and each of it with its day, newest first. */
export const accountsOn = rememberingEach(
	(books: Books, bed: Bed, at_ms: number) => {
		const { timeZone } = settingsOf(books);
		const whole = toTreat(books, bed, localDay(timeZone, at_ms));
		const put = givenAround(books, whole, 0, at_ms).map((row) => putBy(books, row, timeZone));
		const off = takenOff(books, bed, timeZone);
		return { ...accountsOf(put, off), put, off };
	},
	({ id }) => id
);
