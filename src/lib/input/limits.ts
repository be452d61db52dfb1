/** How a field is read, and between what it must lie: in L, m, kg, °C, or as the bare number. */
export interface Limit {
	readonly reads: 'volume' | 'length' | 'mass' | 'temperature' | 'number' | 'ratio' | 'part';
	readonly low: number;
	readonly high: number;
}

const of =
	(reads: Limit['reads']) =>
	(low: number, high: number): Limit => ({ reads, low, high });
const volume = of('volume');
const length = of('length');
const mass = of('mass');
const temperature = of('temperature');
const number = of('number');
const ratio = of('ratio');
/** A part of a lot, at least a drop and at most what any lot holds. */
const part = (most: number): Limit => ({ reads: 'part', low: 0.1, high: most });

/** A filled, struck off, dried and weighed measure of char. */
const sample = { sampleVolume: volume(0.1, 500), sampleMass: mass(0.01, 200) };
const probe = temperature(-30, 1200);

/** The limits of every field that is read, by the form it stands in: page and act know them from here. */
export const limits = {
	stack: {
		length: length(0.05, 100),
		height: length(0.05, 10),
		width: length(0.05, 30),
		filled: volume(1, 500_000)
	},
	bed: {
		pieces: number(1, 10_000),
		length: length(0.05, 300),
		width: length(0.05, 30),
		depth: length(0.02, 1),
		ph: number(3, 10)
	},
	vessel: {
		rimWidth: length(0.05, 20),
		floorWidth: length(0.05, 20),
		rimLength: length(0.05, 20),
		floorLength: length(0.05, 20),
		depth: length(0.05, 5),
		emptyMass: mass(0.5, 5000),
		/** Asked about: how high so many litres stand, and back. */
		at: length(0.001, 20),
		litres: volume(0.01, 10_000_000)
	},
	burn: {
		depth: length(0.01, 5),
		char: volume(0.5, 100_000),
		...sample,
		charWeighed: mass(0.05, 50_000),
		brands: volume(0.1, 50_000),
		water: volume(0, 100_000),
		smoke: number(0, 6000)
	},
	load: { part: part(500_000) },
	/** Asked of the page alone: what stands by. */
	plan: { waterOnSite: volume(0, 1_000_000) },
	check: {
		place1: probe,
		place2: probe,
		place3: probe,
		place4: probe,
		air: temperature(-50, 60)
	},
	temperature: { temperature: temperature(-30, 1300) },
	crush: { before: part(100_000), after: volume(0.1, 100_000) },
	sample,
	charge: {
		part: part(100_000),
		ratio: ratio(0.1, 10),
		wantedN: number(0.5, 30),
		reallyWater: volume(0, 10_000),
		temperature: temperature(-20, 60)
	},
	cress: number(0, 1000),
	batch: { part: part(100_000) },
	stock: {
		sampleVolume: volume(0.05, 500),
		sampleMass: mass(0.01, 500),
		water: number(0, 99),
		nitrogen: number(0, 500),
		phosphorus: number(0, 500),
		potassium: number(0, 500),
		lime: number(0, 120),
		ph: number(2, 14)
	},
	put: { part: part(100_000) },
	recount: { found: volume(0, 500_000) },
	takeAway: { taken: part(500_000) },
	measure: { holds: volume(0.05, 10_000) },
	brew: { water: volume(0.5, 5000), partner: part(1000), temperature: temperature(-10, 60) },
	drench: { parts: ratio(0, 1000), diluted: volume(0.1, 10_000) }
} as const;
