import type { Bearing, Kind, NextBetter } from '../core/yields';
import type { System } from '../core/units';
import { plain, say } from './figure';
import { capital } from './words';

type MeasureOf = 'water' | 'pace' | 'wind' | 'smoke';

export const measureWords: Readonly<Record<MeasureOf, string>> = {
	water: 'water in the wood',
	pace: 'minutes between layers',
	wind: 'wind',
	smoke: 'minutes of smoke'
};
export const kindWords: Readonly<Record<'wood' | 'way' | 'vessel' | 'person', string>> = {
	wood: 'wood',
	way: 'way',
	vessel: 'vessel',
	person: 'who burnt it'
};

/** What was measured, in the grower's units. */
export function sayMeasure(of: MeasureOf, value: number, system: System | undefined): string {
	if (of === 'water') return `${plain(value * 100, 0)} %`;
	if (of === 'wind')
		return system === 'us' ? `${plain(value / 1.609, 0)} mph` : `${plain(value, 0)} km/h`;
	return `${plain(value, 0)} min`;
}

export const percent = (share: number): string => plain(share * 100, 1);

/** One step of each measure by which a trend is told. */
const steps: Readonly<Record<MeasureOf, readonly [number, string]>> = {
	water: [0.05, '5 points more water'],
	pace: [5, '5 minutes more between layers'],
	wind: [10, '10 km/h more wind'],
	smoke: [10, '10 minutes more smoke']
};

/** How the yield went with something measured, and on how many it rests. */
export function bearingWords(of: MeasureOf, bearing: Bearing): string {
	if (bearing.status === 'too-few')
		return `told of ${bearing.n} ${bearing.n === 1 ? 'burn' : 'burns'}: below five no trend is drawn`;
	if (bearing.status === 'alike') return `the same in all ${bearing.n}: nothing can be seen`;
	const [step, words] = steps[of];
	const ends = [bearing.low * step, bearing.high * step].map((one) => signed(one * 100));
	const found = `${words} went with ${ends[0]} to ${ends[1]} points of yield, ${bearing.n} burns`;
	return bearing.status === 'goes-along' ? found : `nothing shown: ${found}`;
}

const signed = (value: number): string =>
	value < 0 ? `−${plain(-value, 1)}` : `+${plain(value, 1)}`;

/** Of one word, how many there are and where their mean may lie. */
export const kindRow = ({ n, mean, low, high }: Kind): string =>
	low === undefined || high === undefined
		? `${percent(mean)} %, one burn`
		: `${percent(mean)} %, ${percent(Math.max(0, low))} to ${percent(high)}, ${n} burns`;

const does: Readonly<Record<MeasureOf, string>> = {
	water: 'Drier wood',
	pace: 'Layers closer together',
	wind: 'A stiller day',
	smoke: 'Less smoke'
};
const tells: Readonly<Record<MeasureOf, string>> = {
	water: 'Read the wood’s moisture before each fire',
	pace: 'Tell when it was lit and how many layers went on',
	wind: 'Tell the wind',
	smoke: 'Tell the minutes of smoke'
};

/** What would make the next burn better, in a sentence with its doubt. */
export function nextWords(next: NextBetter, system: System | undefined): string {
	if (next.by === 'nothing')
		return next.tell
			? `Nothing stands out that would better the next burn. ${tells[next.tell]}: it is known of too few`
			: 'Nothing stands out that would better the next burn';
	if (next.by === 'way')
		return `${capital(next.best.name)} gave more than ${next.worst.name}: ${percent(next.best.mean)} against ${percent(next.worst.mean)} %`;
	const { by, gain, reach, usual, n } = next;
	return `${does[by]} may give ${percent(Math.max(0, gain.low))} to ${percent(gain.high)} points more: ${sayMeasure(by, reach, system)} instead of ${sayMeasure(by, usual, system)}, by ${n} burns`;
}

/** On what ground a point stands, and the measure that would narrow it most. */
export function groundWords({
	wood,
	char
}: {
	readonly wood: number;
	readonly char: number;
}): string {
	const ends = `Own burns. A point is known by its wood to ± ${plain(wood * 100, 0)} % and by its char to ± ${plain(char * 100, 0)} %`;
	return wood >= char
		? `${ends}: most of its doubt is how a stack is packed, which is published. Weigh the load, or one bundle for many.`
		: `${ends}: most of its doubt is the density of the char. Dry and weigh a sample.`;
}

export const standsWords = {
	'as-usual': 'as usual',
	above: 'above what was expected',
	below: 'below what was expected'
} as const;

/** Litres, and the yield. */
export const sayGave = (litres: number, share: number, system: System | undefined): string =>
	`${say(litres, 'L', system)}, ${percent(share)} %`;
