import { drop_l, length, mass, number, part, ratio, temperature, volume } from './limit';
import { fireLimits } from './limits-of-fires';
import { mixLimits } from './limits-of-mixes';

export type { Limit } from './limit';

/** A filled, struck off, dried and weighed measure of char. */
const sample = {
	sampleVolume: volume(0.1, 500, '10 L', '2 gal'),
	sampleMass: mass(0.01, 200, '1.6 kg', '3.5 lb')
};
const probe = temperature(-30, 1200);

/** The limits of every field that is read, by the form it stands in: page and act know them from here. */
export const limits = {
	stack: {
		length: length(0.05, 100, '2.4 m', '8 ft'),
		height: length(0.05, 10, '1.1 m', '44 in'),
		width: length(0.05, 30, '1 m', '39 in'),
		filled: volume(1, 500_000, '400 L', '20 cu ft'),
		/** Bundles alike, one of them weighed. */
		count: number(1, 5000, '14'),
		oneWeight: mass(0.05, 2000, '9 kg', '20 lb'),
		oneHolds: volume(0.5, 20_000, '40 L', '1.4 cu ft'),
		oneWater: number(0, 90, '18')
	},
	bed: {
		pieces: number(1, 10_000),
		length: length(0.05, 300, '8 m', '26 ft'),
		width: length(0.05, 30, '1.2 m', '40 in'),
		depth: length(0.02, 1, '15 cm', '6 in'),
		ph: number(3, 10)
	},
	/** Where a part lies in its whole. */
	part: {
		along: length(0, 300, '2 m', '6 ft'),
		across: length(0, 30, '40 cm', '16 in'),
		piecesBefore: number(0, 10_000, '6')
	},
	/** What has no lot: water, own leaves. */
	own: { amount: volume(drop_l, 100_000, '20 L', '5 gal') },
	vessel: {
		rimWidth: length(0.05, 20, '1.30 m', '51 in'),
		/** A cone pit runs out to a point. */
		floorWidth: length(0, 20, '45 cm', '18 in'),
		rimLength: length(0.05, 20),
		floorLength: length(0, 20),
		depth: length(0.05, 5, '62 cm', '2 ft 1/2 in'),
		emptyMass: mass(0.5, 5000, '48 kg', '105 lb'),
		holes: number(1, 2000, '96'),
		holeWidth: length(0.001, 0.1, '10 mm', '3/8 in'),
		chimney: length(0.1, 5, '1.2 m', '4 ft'),
		panels: number(2, 60, '6'),
		/** Asked about: how high so many litres stand, and back. */
		at: length(0.001, 20, '46 cm', '18 in'),
		litres: volume(0.01, 10_000_000, '180 L', '48 gal')
	},
	burn: {
		depth: fireLimits.depth,
		char: volume(0.5, 100_000, '180 L', '48 gal'),
		...sample,
		charWeighed: mass(0.05, 50_000, '29 kg', '64 lb'),
		brandsWeight: mass(0.05, 20_000, '3 kg', '6 lb'),
		brands: volume(0.1, 50_000, '5 L', '1 gal'),
		water: volume(0, 100_000, '220 L', '58 gal'),
		smoke: number(0, 6000),
		charWeight: mass(0.1, 100_000, '40 kg', '90 lb'),
		woodWeight: mass(0.1, 100_000, '55 kg', '120 lb'),
		woodWater: number(0, 70, '17')
	},
	/** What people note of a fire beside its measures. */
	told: {
		layers: number(1, 200, '12'),
		hottest: temperature(50, 1300, '640 °C', '1180 °F'),
		hoseMinutes: number(0.1, 600, '12'),
		hoseRate: volume(0.5, 1000, '11 L', '3 gal'),
		/** Wood and gas that a retort was heated with. */
		outerFuel: mass(0.1, 20_000, '12 kg', '26 lb'),
		gasMinutes: number(1, 2000, '50'),
		fills: number(0.1, 20, '2'),
		bones: number(0, 100, '5')
	},
	fire: fireLimits,
	load: { part: part(500_000) },
	/** What a fire left that burnt again. */
	relit: { left: volume(0, 100_000, '120 L', '32 gal') },
	/** Asked of the page alone: what stands by. */
	plan: {
		/** A kiln and a pile that are in no books. */
		spotWide: length(0.05, 20, '1.2 m', '4 ft'),
		spotDeep: length(0.05, 5, '0.6 m', '2 ft'),
		spotWood: volume(1, 500_000, '1 m3', '35 cu ft'),
		waterOnSite: volume(0, 1_000_000, '1000 L', '260 gal'),
		standbyRate: volume(0.5, 1000, '11 L', '3 gal'),
		standbyMinutes: number(0, 600, '20'),
		away: length(0, 5000, '60 m', '200 ft'),
		carries: volume(1, 20_000, '78 L', '20 gal'),
		wanted: volume(1, 100_000, '60 L', '16 gal'),
		/** Long pieces: cut to the vessel, or a pit dug to the pieces. */
		longest: length(0.2, 30, '3 m', '10 ft'),
		thick: length(0.003, 0.6, '3 cm', '1 1/4 in'),
		cutSeconds: number(1, 1800, '20'),
		/** km/h, or mph in US customary. */
		windSpeed: number(0, 200, '12'),
		gustSpeed: number(0, 250, '20')
	},
	/** A day of barrels: minutes of each stage, and how many of what. */
	day: {
		rounds: number(1, 12, '2'),
		ownRounds: number(0, 12, '3'),
		hands: number(1, 12, '2'),
		burners: number(1, 24, '3'),
		hoses: number(1, 6, '1'),
		/** Minutes that a barrel still burns, cools or is away. */
		until: number(0, 600),
		fill: number(1, 120, '12'),
		light: number(1, 60, '6'),
		burn: number(5, 600, '60'),
		cap: number(1, 60, '5'),
		cool: number(1, 600, '40'),
		tip: number(1, 120, '10')
	},
	/** Hours, money and what char is made of. */
	worth: {
		dayHours: number(0.25, 24, '7'),
		heads: number(1, 40, '2'),
		share: number(0, 1000, '2'),
		paid: number(0.01, 1_000_000, '3.20'),
		price: number(0, 100_000, '1.20'),
		ash: number(0.2, 60, '8')
	},
	check: {
		place1: probe,
		place2: probe,
		place3: probe,
		place4: probe,
		air: temperature(-50, 60)
	},
	temperature: { temperature: fireLimits.temperature },
	crush: { before: part(100_000), after: volume(0.1, 100_000, '120 L', '32 gal') },
	sample,
	charge: {
		part: part(100_000),
		ratio: ratio(0.02, 30),
		wantedN: number(0.5, 30),
		reallyWater: volume(0, 10_000),
		temperature: temperature(-20, 60),
		/** Char that is in no books. */
		spotChar: volume(0.1, 100_000, '20 L', '5 gal')
	},
	cress: number(0, 1000),
	batch: { part: part(100_000, '30 L', '8 gal') },
	stock: {
		sampleVolume: volume(0.05, 500, '10 L', '2 gal'),
		charTold: number(0.1, 60, '8'),
		bags: number(1, 1000, '3'),
		bagPrice: number(0, 10_000, '7.50'),
		bagN: number(0, 50, '3'),
		bagP: number(0, 60, '15'),
		bagK: number(0, 65, '2'),
		sampleMass: mass(0.01, 500, '5.4 kg', '11 lb'),
		water: number(0, 99),
		nitrogen: number(0, 500),
		phosphorus: number(0, 500),
		potassium: number(0, 500),
		lime: number(0, 120),
		k2o: number(0, 40),
		ph: number(2, 14)
	},
	put: {
		part: part(100_000, '20 L', '5 gal'),
		perArea: volume(0.01, 500, '5 L', '1 qt'),
		depth: length(0.001, 1, '3 cm', '1 in')
	},
	recount: { found: volume(0, 500_000, '120 L', '32 gal') },
	takeAway: { taken: part(500_000) },
	measure: { holds: volume(0.05, 10_000, '78 L', '20 gal') },
	heap: {
		across: length(0.2, 10, '1.1 m', '4 ft'),
		heapLength: length(0.2, 200, '1.5 m', '5 ft'),
		heapWidth: length(0.1, 20, '1.2 m', '4 ft'),
		heapDepth: length(0.05, 3, '1 m', '3 ft'),
		lifted: volume(0.1, 100_000, '120 L', '30 gal'),
		coarse: volume(0.1, 100_000, '20 L', '5 gal'),
		liftedWeight: mass(0.05, 100_000, '60 kg', '130 lb'),
		/** Square metres, or square feet where those are used. */
		mulchArea: number(0.1, 100_000, '12', '130'),
		sunk: length(0, 3, '40 cm', '16 in'),
		heat: temperature(-20, 95, '62 C', '143 F'),
		pots: number(1, 40, '3'),
		walk: number(1, 99, '2'),
		stretch: length(0.1, 200, '3 m', '10 ft')
	},
	...mixLimits,
	brew: {
		/** A pail that is in no books, to its rim. */
		spotVessel: volume(0.2, 5000, '20 L', '5 gal'),
		base: volume(0.05, 5000, '20 L', '5 gal'),
		temperature: temperature(-10, 60, '18 C', '64 F'),
		stood: number(0, 240, '24'),
		bubbled: number(0, 48, '2'),
		strength: number(0, 10, '2'),
		house: length(0, 5000, '20 m', '60 ft'),
		boundary: length(0, 5000, '8 m', '25 ft'),
		openWater: length(0, 5000, '30 m', '100 ft')
	},
	/** What is drawn off when a brew is strained. */
	strain: { drawn: volume(0.01, 5000, '18 L', '4 gal') },
	/** Embers, each time. */
	skim: volume(0.1, 200, '2 L', '2 qt'),
	/** Conductivity, dS/m (mS/cm). */
	salt: { salt: number(0, 200, '1.8') },
	/** Of the ground, in percent. */
	/** Nitrogen of manures in a season that a bed is held to, g/m². */
	nitrogenLimit: number(1, 100),
	cropShare: number(1, 100, '40'),
	programme: { every: number(1, 365, '7'), thenEvery: number(1, 365, '28') },
	/** Char with no fire here, and what is found of any. */
	charIn: {
		volume: volume(0.1, 100_000, '40 L', '1.4 cu ft'),
		weight: mass(0.005, 100_000, '10 kg', '22 lb'),
		water: number(0, 90, '30'),
		price: number(0, 100_000, '18'),
		grain: number(0.1, 200, '10'),
		sheetAsh: number(0, 100, '6'),
		sheetPh: number(2, 14, '8.5'),
		fraction: mass(0, 10_000, '120 g', '4 oz')
	},
	/** Liquor caught from a drained soak. */
	liquor: volume(drop_l, 20_000, '12 L', '3 gal'),
	/** Read in a soak or a slurry. */
	testPh: number(2, 14, '7.8'),
	drench: {
		parts: ratio(0, 2000),
		diluted: volume(drop_l, 10_000),
		can: volume(0.2, 1000, '9 L', '2 1/2 gal'),
		salt: number(0, 200, '1.8')
	}
} as const;
